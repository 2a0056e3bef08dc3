// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/pin.h"

#include <optional>

namespace pulsepin {

/// How far along its way a trigger's act is, 0 to 1, when that share of its length has passed.
[[nodiscard]] double way_at(const TriggerAct& act, double passed);
/// The same of the points of a curve; 1 without any.
[[nodiscard]] double way_at(const std::vector<TriggerAct::Point>& curve, double passed);

/// The colour of an act by its keys, mixed in between; none where they have none.
[[nodiscard]] std::optional<Colour> keyed_colour_at(const TriggerAct& act, double passed);

} // namespace pulsepin
