// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "analysis/analyze.h"
#include "model/project.h"

namespace pulsepin {

/// What was found in a song, as a project keeps it: with the usual rows of onsets.
[[nodiscard]] Detection detection_of(const Analysis& analysis);
[[nodiscard]] std::vector<FoundOnset> onsets_of(const std::vector<Onset>& onsets);

/// A row of onsets that were found by one of the detection functions.
[[nodiscard]] OnsetRow onset_row(const char* name, const char* function, const std::vector<Onset>& onsets,
                                 bool shown);

} // namespace pulsepin
