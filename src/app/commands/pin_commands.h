// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "commands/commands.h"
#include "model/copies.h"
#include "schedule/find_pins.h"

#include <functional>

namespace pulsepin {

class FileCommands;
class GridPanel;
class PlacePanel;
class PlayCommands;

/// What is done to pins: adding, moving, copying, locking, selecting alike.
class PinCommands : public Commands {
    Q_OBJECT
public:
    PinCommands(const Workplace& at, GridPanel& grid, PlacePanel& place, FileCommands& files,
                PlayCommands& play)
        : Commands(at), grid_(grid), place_(place), files_(files), play_(play) {}
    void add_to(QMenu* menu);
    void add_selecting_to(QMenu* menu);

    /// At `place`; undone once it lies where it was meant.
    void add_pin(LaneId lane, Seconds meant, Seconds place,
                 const std::function<PinBody(PinBody)>& begin = {});
    void add_pin_of(LaneKind kind);
    void select_found(const PinQuery& query);
    void show_context_menu(QPoint at, std::optional<PinId> pin, Seconds time);

private:
    [[nodiscard]] std::vector<PinId> selected_pins() const;
    /// To `project`, which may have a lane more than the document has yet: all of it is one step for undo.
    void add_pin_lasting(const Project& project, LaneId lane, Seconds meant, Seconds place,
                         std::optional<TimeSpan> lasting, const std::function<PinBody(PinBody)>& begin = {});
    void copy_pins();
    void paste_pins();
    void paste_on_chosen();
    void take_copies(const Result<Copied>& copied, const QString& what);
    void ask_for_repetition();
    void ask_for_adoption();

    Clipping clipping_; ///< what was copied last
    GridPanel& grid_;
    PlacePanel& place_;
    FileCommands& files_;
    PlayCommands& play_;
};

} // namespace pulsepin
