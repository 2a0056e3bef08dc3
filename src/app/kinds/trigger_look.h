// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "timeline/scene.h"

#include <optional>

namespace pulsepin {

/// Where a row of triggers lies in the lane's row.
[[nodiscard]] QRectF trigger_row_rect(const QRectF& row, int number, int rows);
/// The trigger whose end lies under the mouse.
[[nodiscard]] std::optional<PinId> trigger_end_under(const LaneScene& lane, QPointF at);

} // namespace pulsepin
