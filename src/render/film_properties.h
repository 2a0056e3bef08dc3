// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "params/bound_param.h"
#include "render/film_plan.h"

#include <utility>

namespace pulsepin {

/// What can be chosen of a film besides its kind, size and range: the page, the command line and the page of
/// parameters have it from here.
[[nodiscard]] std::span<const BoundParam<FilmOptions>> film_properties();
/// Those that are drawn into each picture, a switch each.
[[nodiscard]] std::span<const BoundParam<FilmOptions>> film_burns();

/// Width and height, as in "1920x1080" or "1920 × 1080". Fails for what is no size.
[[nodiscard]] Result<std::pair<int, int>> film_size(std::string_view text);

} // namespace pulsepin
