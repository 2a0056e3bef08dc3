// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "commands/commands.h"
#include "model/lane_kind.h"

namespace pulsepin {

class TransportBar;

/// Playing, and where the playhead goes.
class PlayCommands : public Commands {
    Q_OBJECT
public:
    PlayCommands(const Workplace& at, TransportBar& transport) : Commands(at), transport_(transport) {}
    void add_to(QMenu* menu);
    void load_settings();

    void toggle_play();
    void play_few_seconds();
    void play_from(Seconds from);
    /// From one moment to another; the playhead comes back to `back` then.
    void play_part(Seconds from, Seconds until, Seconds back);
    [[nodiscard]] Seconds piece_start() const;
    void type_range();
    void set_playhead(Seconds time);
    /// The frame that a pin at that place uses is seen.
    void go_to_place(Seconds place);
    void playing_stopped();

private:
    void change_speed(int steps);
    void set_few_bars(int bars);
    void set_range_end(bool end);
    void step_frames(int by);
    void step_beats(int by);
    [[nodiscard]] bool stands_at(Seconds place) const;
    void step_bars(int by);
    void step_pins(int by);
    void step_pins_of(LaneKind kind, int by);
    void go_to_selected();
    void ask_for_delay();

    std::optional<Seconds> return_to_; ///< where the playhead goes back to when playing stops
    int few_bars_ = 2;
    bool bar_before_ = false;   ///< heard before the few bars
    bool stop_returns_ = false; ///< else it stays where it stopped
    TransportBar& transport_;
};

} // namespace pulsepin
