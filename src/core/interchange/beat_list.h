// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/project.h"

#include <string_view>

namespace pulsepin {

/// One line a beat: `seconds,bar,beat,metre,tempo,confidence,held` with a heading (RFC 4180).
[[nodiscard]] Result<std::string> write_beat_csv(const Project& project);
/// One line a beat: its time in seconds, a tab, its number in the bar: as lists of annotated beats are
/// common.
[[nodiscard]] Result<std::string> write_beat_text(const Project& project);

/// A grid from lines that begin with a time in seconds. A second column may be the beat's number in the bar,
/// or, with a heading that names them, `bar` and `beat`. Separators: comma, semicolon, tab, blanks; lines
/// that begin with # and headings are left out. Fails with the line's number.
[[nodiscard]] Result<BeatGrid> read_beat_list(std::string_view text);

/// A grid from times and the beats' numbers in their bars (0 where unknown; as many, or none). Bar 1 begins
/// at the first beat that is number 1.
[[nodiscard]] Result<BeatGrid> grid_from_beats(const std::vector<Seconds>& times,
                                               const std::vector<int>& in_bar);

} // namespace pulsepin
