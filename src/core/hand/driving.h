// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/project.h"
#include "params/param.h"

namespace pulsepin {

/// What a parameter is called on that layer: the camera's size is its zoom.
[[nodiscard]] std::string_view label_of(const Layer& layer, const ParamSpec& spec);
/// "Kite · scale", as the property is called where its keys go; empty for no target.
[[nodiscard]] std::string target_name(const Project& project, const Target& target);
/// A feed that drives that parameter over its usual range, within its limits. What says how much of an effect
/// there is rests at nothing; what the layer has by itself is where others begin.
[[nodiscard]] Feed new_feed(const Project& project, const Target& target);

} // namespace pulsepin
