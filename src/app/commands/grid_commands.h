// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "check/grid_trust.h"
#include "commands/commands.h"
#include "session/devices/midi_keys.h"

namespace pulsepin {

class GridPanel;
class PlayCommands;
class TapPanel;

/// The beat grid: holding, tapping, doubtful places, snapping.
class GridCommands : public Commands {
    Q_OBJECT
public:
    GridCommands(const Workplace& at, GridPanel& grid, TapPanel& taps, PlayCommands& play)
        : Commands(at), grid_(grid), taps_(taps), play_(play) {}
    void add_to(QMenu* menu);
    void add_snapping_to(QMenu* menu);
    void load_settings();
    void beats_dialog();
    void open_beats(const QString& path); ///< items keep their time
    void go_to_doubtful();
    void go_to_doubtful(const std::vector<DoubtfulPlace>& places);
    void tap(bool first_of_bar, float strength = 1);
    /// What is struck on them taps, as hard as it is struck.
    void tap_by_keys(std::unique_ptr<MidiKeys> keys);
    /// Loops the chosen beat, or the one nearest to the playhead, with its neighbours at half speed, large; a
    /// second time all is as it was.
    void listen_closely();

private:
    void choose_next_beat(int by);
    void leave_closely();
    /// The chosen beat lies so much later; the grid bends around it.
    void move_chosen_beat(Seconds by);
    void move_chosen_beat_to_onset();
    struct Before {
        std::optional<TimeRange> range;
        bool looping = false;
        double speed = 1;
        SongLook look;
    };
    std::vector<std::unique_ptr<MidiKeys>> keys_;
    std::optional<Before> before_; ///< while a beat is listened to closely
    GridPanel& grid_;
    TapPanel& taps_;
    PlayCommands& play_;
};

} // namespace pulsepin
