// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "check/grid_trust.h"
#include "commands/context.h"

namespace pulsepin {

/// The beat grid: holding, tapping, doubtful places, snapping.
class GridCommands : public Commands {
    Q_OBJECT
public:
    explicit GridCommands(CommandContext& context) : Commands(context) {}
    void hang_up(QMenu* menu);
    void hang_up_snapping(QMenu* menu);
    void beats_dialog();
    void open_beats(const QString& path); ///< items keep their time
    void go_to_doubtful();
    void go_to_doubtful(const std::vector<DoubtfulPlace>& places);
    void tap(bool first_of_bar);
};

} // namespace pulsepin
