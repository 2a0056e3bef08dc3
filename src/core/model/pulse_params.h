// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/pulse.h"
#include "params/bound_param.h"

namespace pulsepin {

/// What the shape of a hit is made of.
[[nodiscard]] std::span<const BoundParam<Pulse>> pulse_params();
/// The same, as the rows of a form.
[[nodiscard]] ParamSpecs pulse_param_specs();

} // namespace pulsepin
