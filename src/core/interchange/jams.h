// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/project.h"

#include <string_view>

namespace pulsepin {

/// Beats, beat positions, tempo, onsets and sections as JAMS (Humphrey et al. 2014, JSON Annotated Music
/// Specification), namespaces `beat`, `beat_position`, `tempo`, `onset`, `segment_open`.
[[nodiscard]] Result<std::string> write_jams(const Project& project);

/// The first annotation of `beat_position`, or else of `beat`. Fails when there is none.
[[nodiscard]] Result<BeatGrid> read_jams(std::string_view text);

} // namespace pulsepin
