// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "kinds/layer_kinds.h"
#include "model/stage.h"

#include <optional>
#include <span>

namespace pulsepin {

/// All kinds of layers, in the order in which they are offered. A new kind is a file in kinds/layers, a file
/// in render/content, and a line in either table.
[[nodiscard]] std::span<const LayerKind> layer_kinds();
/// None when there is none of that id.
[[nodiscard]] std::optional<LayerKind> layer_kind_by_id(std::string_view id);
/// As one is when it is added, before anybody changes it.
[[nodiscard]] Layer new_layer(LayerKind kind);

namespace layers {
extern const LayerKind title, shape, line, bars, wave, sparks, lamps;
} // namespace layers

} // namespace pulsepin
