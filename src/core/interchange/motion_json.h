// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/project.h"

#include <nlohmann/json.hpp>

namespace pulsepin {

// Parts of a project file that drive properties, and the picture that they are seen in. Reading throws
// BadField or what the JSON library throws.

void write_length(nlohmann::json& json, const char* name, const Length& length);
[[nodiscard]] Length read_length(const nlohmann::json& json, const char* name);

[[nodiscard]] nlohmann::json easing_json(const Easing& easing);
[[nodiscard]] Easing read_easing(const nlohmann::json& json);
[[nodiscard]] nlohmann::json pulse_json(const Pulse& pulse);
[[nodiscard]] Pulse read_pulse(const nlohmann::json& json);
[[nodiscard]] nlohmann::json motion_json(const Motion& motion);
[[nodiscard]] Motion read_motion(const nlohmann::json& json);
[[nodiscard]] nlohmann::json stage_json(const Stage& stage);
[[nodiscard]] Stage read_stage(const nlohmann::json& json);

/// As "lead_frames" or "lead_seconds".
void write_lead(nlohmann::json& json, const Offset& lead);
[[nodiscard]] Offset read_lead(const nlohmann::json& json);

} // namespace pulsepin
