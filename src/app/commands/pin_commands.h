// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "commands/context.h"
#include "model/copies.h"
#include "schedule/find_pins.h"

namespace pulsepin {

/// What is done to pins: adding, moving, copying, locking, selecting alike.
class PinCommands : public Commands {
    Q_OBJECT
public:
    explicit PinCommands(CommandContext& context) : Commands(context) {}
    void hang_up(QMenu* menu);
    void hang_up_selecting(QMenu* menu);

    void add_pin(LaneId lane, Seconds time);
    void add_pin_of(LaneKind kind);
    void select_found(const PinQuery& query);
    void show_context_menu(QPoint at, std::optional<PinId> pin, Seconds time);

private:
    [[nodiscard]] std::vector<PinId> selected_pins() const;
    void add_pin_lasting(LaneId lane, Seconds time, std::optional<TimeSpan> lasting);
    void copy_pins();
    void paste_pins();
    void paste_on_chosen();
    void take_copies(const Result<Copied>& copied, const QString& what);
    void ask_for_repetition();
    void ask_for_adoption();

    Clipping clipping_; ///< what was copied last
};

} // namespace pulsepin
