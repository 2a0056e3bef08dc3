// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "drawing/canvas/scene.h"

#include <optional>

namespace pulsepin {

/// The cut whose shot's bar, below the heads, lies under the mouse.
[[nodiscard]] std::optional<PinId> shot_under(const LaneScene& lane, QPointF at);
/// The bar of a cut's shot; null when it has none.
[[nodiscard]] QRectF bar_of_shot(const LaneScene& lane, PinId cut);

} // namespace pulsepin
