// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "params/param.h"

#include <nlohmann/json.hpp>

namespace pulsepin {

/// Values by the ids of their parameters: numbers and texts as they are, {"lane": 7}, {"colour": "#rrggbb"},
/// {"steps": "x..x"}. A file says by itself what kind each value is, so that those which only a newer version
/// knows are kept.
[[nodiscard]] nlohmann::json values_json(const ParamValues& values);
/// Throws BadField.
[[nodiscard]] ParamValues read_values(const nlohmann::json& object, const char* name);

} // namespace pulsepin
