// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "schedule/schedule.h"

#include <functional>
#include <string>
#include <string_view>

namespace pulsepin {

/// The grid as the tempo map of a Standard MIDI File (format 0, 960 ticks a quarter note): a tempo for each
/// beat, the metres, and the markers. Tick 0 is the first sample; whole beats lead in to the first beat of
/// the grid. Tempi are whole microseconds, each chosen so that the next beat falls where it should: errors do
/// not add up.
[[nodiscard]] Result<std::string> write_midi_tempo_map(const Schedule& schedule);

/// The same as a track, with what places anything else in it.
struct MidiTempoMap {
    std::string track;
    std::function<std::int64_t(Seconds)> tick_at; ///< rising with time
};
[[nodiscard]] Result<MidiTempoMap> midi_tempo_map(const Schedule& schedule);

/// The tempo map of a Standard MIDI File of any format that counts in beats: its beats up to the last event.
/// Fails for other files, for those that count in timecode, and for those that end too early.
[[nodiscard]] Result<BeatGrid> read_midi_tempo_map(std::string_view bytes);

} // namespace pulsepin
