// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "commands/commands.h"
#include "model/lane_kind.h"

namespace pulsepin {

class PinCommands;

/// Lanes: adding, naming, moving, their leads.
class LaneCommands : public Commands {
    Q_OBJECT
public:
    LaneCommands(const Workplace& at, PinCommands& pins) : Commands(at), pins_(pins) {}
    void add_to(QMenu* menu);
    void add_lane(LaneKind kind);
    void name_lane(LaneId lane);
    void show_lane_menu(QPoint at, LaneId lane);

private:
    void ask_for_lead(LaneId lane);
    void add_stretches(QMenu& menu, LaneId lane);
    PinCommands& pins_;
};

} // namespace pulsepin
