// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/sound_edits.h"

#include <vector>

namespace pulsepin {

// The song as a sound among others, lines of gain, stems, and where the piece begins and ends.

[[nodiscard]] Project with_song_track(const Project& project, SongTrack track);
/// An edge or a fade of the song is dragged: what is not heard of it stays where it is. Fails without a song.
[[nodiscard]] Result<Project> with_song_edge(const Project& project, SoundEdge edge, Seconds by);
/// The stretch of the song that is heard.
[[nodiscard]] SoundBody heard_song(const Project& project);

/// The song begins that much later or, below 0, earlier than it does, and all that is tied to its music with
/// it. Fails where less than nothing would be left of what lies before it.
[[nodiscard]] Result<Project> with_song_moved(const Project& project, Seconds by);

/// A sound on a lane, or the song where no pin is named.
using SoundChoice = std::optional<PinId>;
/// None where it is no sound.
[[nodiscard]] std::optional<SoundBody> sound_body(const Project& project, SoundChoice sound);
/// Its line of gain; points are put in order, and none lies outside of what files may hold.
[[nodiscard]] Result<Project> with_gain_line(const Project& project, SoundChoice sound,
                                             std::vector<GainPoint> line);
/// Decibels of the line at a place in the sound.
[[nodiscard]] double line_db_at(const std::vector<GainPoint>& line, Seconds at);

/// Where the piece begins and ends; none: with the song, with what is heard longest. Fails where it would end
/// before it begins.
[[nodiscard]] Result<Project> with_piece(const Project& project, std::optional<Seconds> begins,
                                         std::optional<Seconds> ends);

/// A sound that holds a part of the song.
struct Stem {
    Clip clip;
    Seconds later; ///< than the song it starts; below 0: so much of it lies before
};
/// Each on a lane of its own, named after it, right under the song.
[[nodiscard]] Project with_stems(const Project& project, std::vector<Stem> stems, LaneKind sounds);

/// What a person keeps of the song, as with_song_trimmed() has it, and tidy: what is left of a section is
/// half a bar at least, else its neighbour has it, and bar 1 is the first that begins in it.
[[nodiscard]] Result<Project> with_only_range(const Project& project, Seconds from, Seconds until);

} // namespace pulsepin
