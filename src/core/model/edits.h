// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/lane_edits.h"
#include "model/pin_edits.h"
#include "model/project.h"

#include <span>

namespace pulsepin {

// Every edit is a function from a project to the next one. None changes what it is given.

[[nodiscard]] Project with_settings(const Project& project, Settings settings);

/// Another song: the old one's grid and detection go, since they belong to it; pins stay as they are
/// anchored.
[[nodiscard]] Project with_song(const Project& project, Song song);

/// Where the sound is found from now on; nothing else changes.
[[nodiscard]] Project with_song_path(const Project& project, std::filesystem::path path);

/// Keeps what was found beside the grid. The grid becomes the found one when there is none yet or
/// `take_grid`. When a grid is replaced items keep their time, since the beats got other names.
[[nodiscard]] Project with_detection(const Project& project, Detection detection, bool take_grid);

/// A row of onsets changed, or added when `index` is one past the last. Fails without a detection.
[[nodiscard]] Result<Project> with_onset_row(const Project& project, std::size_t index, OnsetRow row);
/// Fails for the first row, which stays.
[[nodiscard]] Result<Project> without_onset_row(const Project& project, std::size_t index);

/// The beats moved and kept their names: pinned items follow their beat.
[[nodiscard]] Project retimed(const Project& project, BeatGrid grid);

/// The beats stayed and got other names: pinned items keep their time, to the last bit where their place in
/// the new names is a whole tick, by an offset otherwise.
[[nodiscard]] Project relabelled(const Project& project, BeatGrid grid);

/// A stretch in which no beats are looked for, or in which they are again. Stretches that touch become one.
[[nodiscard]] Project with_excluded(const Project& project, TimeSpan span, bool excluded);

[[nodiscard]] Project with_clips(const Project& project, std::vector<Clip> added);
/// Fails when cuts or sounds still use the clip.
[[nodiscard]] Result<Project> without_clip(const Project& project, ClipId clip);

/// A sound cut in two at that time; both halves play on as before. Fails when the time is not inside of it.
[[nodiscard]] Result<Project> with_sound_split(const Project& project, PinId sound, Seconds at);

/// Keeps only [from, until) of the song; `from` becomes time 0. Before 0 lies what was trimmed off, and
/// before that silence: a song may be made to begin later. Beats keep their names and all items their place
/// in the music or, when loose, under the same moment of the song; cameras keep theirs. Items that then lie
/// outside of the song stay: pins_outside_song() names them.
[[nodiscard]] Result<Project> with_song_trimmed(const Project& project, Seconds from, Seconds until);

} // namespace pulsepin
