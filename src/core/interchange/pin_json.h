// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/project.h"

#include <nlohmann/json.hpp>

namespace pulsepin {

// Parts of a project file. Reading throws BadField or what the JSON library throws; project_json catches
// both.

[[nodiscard]] nlohmann::json pin_json(const Pin& pin, LaneKind kind);
[[nodiscard]] Pin read_pin(const nlohmann::json& json, LaneKind kind);

/// The body is of that kind.
void write_body(nlohmann::json& json, PinBody body, LaneKind kind);
[[nodiscard]] PinBody read_body(const nlohmann::json& json, LaneKind kind);

/// "#rrggbb".
[[nodiscard]] std::string colour_text(Colour colour);
[[nodiscard]] Colour read_colour(const nlohmann::json& json);

[[nodiscard]] nlohmann::json picker_json(const Picker& picker);
[[nodiscard]] Picker read_picker(const nlohmann::json& json);
[[nodiscard]] nlohmann::json planting_json(const Planting& planting);
[[nodiscard]] Planting read_planting(const nlohmann::json& json);

} // namespace pulsepin
