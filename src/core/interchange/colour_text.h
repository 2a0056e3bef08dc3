// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "params/length.h"

#include <nlohmann/json_fwd.hpp>
#include <string>

namespace pulsepin {

/// "#rrggbb".
[[nodiscard]] std::string colour_text(Colour colour);
/// The reverse. Throws BadField.
[[nodiscard]] Colour read_colour(const nlohmann::json& json);

} // namespace pulsepin
