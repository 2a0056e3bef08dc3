// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "analysis/analyze.h"

#include <span>
#include <string>
#include <string_view>

namespace pulsepin {

/// What analysis_to_json can tell, in its order: "duration", "tempo", "beats" ...
[[nodiscard]] std::span<const std::string_view> analysis_features();

/// An analysis as a JSON object (RFC 8259). Times are numbers in seconds from the first decoded sample; lists
/// named KEY_confidence, KEY_strength and the like run beside KEY. `wanted`: some of analysis_features();
/// empty means all.
[[nodiscard]] std::string analysis_to_json(const Analysis& analysis,
                                           std::span<const std::string> wanted = {});

} // namespace pulsepin
