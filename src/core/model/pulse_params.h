// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/property.h"
#include "model/pulse.h"

namespace pulsepin {

/// What the shape of a hit is made of.
[[nodiscard]] std::span<const Property<Pulse>> pulse_properties();
/// The same, as the rows of a form.
[[nodiscard]] ParamSpecs pulse_param_specs();

} // namespace pulsepin
