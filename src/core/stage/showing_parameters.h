// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/showing.h"
#include "params/bound_param.h"

#include <span>

namespace pulsepin {

/// What can be told of how something comes, what it does meanwhile, and how it goes: each of them the rows of
/// a form; all together the parameters of an edit.
enum class AppearancePart { Comes, Stays, Goes };
[[nodiscard]] std::span<const BoundParam<Showing>> showing_parameters(AppearancePart part);
[[nodiscard]] std::span<const BoundParam<Showing>> showing_parameters();
[[nodiscard]] ParamSpecs showing_param_specs();

} // namespace pulsepin
