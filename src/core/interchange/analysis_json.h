// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "analysis/analyze.h"

#include <string>

namespace pulsepin {

/// What was found as a JSON object: duration, tempo, tempo_candidates, metre, beats, beats_confidence,
/// downbeats, onsets, onsets_strength. Times are seconds from the first decoded sample; tempo and metre are
/// null where no pulse was found.
[[nodiscard]] std::string analysis_to_json(const Analysis& analysis);

} // namespace pulsepin
