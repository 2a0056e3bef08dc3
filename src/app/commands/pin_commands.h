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
    void add_marker_on_shot();
    void delete_selection();
    void select_found(const PinQuery& query);
    void show_context_menu(QPoint at, std::optional<PinId> pin, Seconds time);

    /// As what is dragged in the drawing that is seen.
    [[nodiscard]] Seconds snapped(Seconds time) const;
    /// What is heard at this moment, while it plays; else where the playhead stands.
    [[nodiscard]] Seconds heard_now() const;

private:
    [[nodiscard]] std::vector<PinId> selected_pins() const;
    void add_pin_lasting(LaneId lane, Seconds time, std::optional<TimeSpan> lasting);
    void change_selection(const std::function<Project(std::span<const PinId>)>& how, const QString& what);
    void lock_selection();
    void mute_selection();
    void copy_pins();
    void paste_pins();
    void paste_on_chosen();
    void take_copies(const Result<Copied>& copied, const QString& what);
    void ask_for_repetition();
    [[nodiscard]] std::optional<PinId> clip_at(Seconds time) const;

    Clipping clipping_; ///< what was copied last
};

} // namespace pulsepin
