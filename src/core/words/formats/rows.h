// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "words/lyric_formats.h"

/// The rows of the table of formats, each in a file of its own.
namespace pulsepin::lyric {

[[nodiscard]] LyricFormatRow web_vtt();
[[nodiscard]] LyricFormatRow subrip();
[[nodiscard]] LyricFormatRow ass();
[[nodiscard]] LyricFormatRow ttml();
[[nodiscard]] LyricFormatRow timed_lines();
[[nodiscard]] LyricFormatRow plain();

} // namespace pulsepin::lyric
