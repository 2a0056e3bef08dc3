// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/project.h"

#include <nlohmann/json.hpp>

namespace pulsepin {

// Parts of a project file. Reading throws BadField or what the JSON library throws; project_json catches
// both.

[[nodiscard]] nlohmann::json grid_json(const BeatGrid& grid);
[[nodiscard]] BeatGrid read_grid(const nlohmann::json& json);
[[nodiscard]] nlohmann::json detection_json(const Detection& found);
[[nodiscard]] Detection read_detection(const nlohmann::json& json);

} // namespace pulsepin
