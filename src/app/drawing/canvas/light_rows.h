// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "drawing/canvas/scene.h"
#include "model/rig.h"

#include <optional>
#include <vector>

namespace pulsepin {

/// A lamp's row, or that of a group that shares one, where it is drawn.
struct LightRow {
    RigRow row;
    QRectF rect;
};

/// The rows of a lane of lights from the top; groups lie a little apart.
[[nodiscard]] std::vector<LightRow> light_rows(const Rig& rig, const QRectF& lane, bool condensed);
[[nodiscard]] std::optional<std::size_t> light_row_at(const std::vector<LightRow>& rows, double y);
/// Pixels that a lane needs.
[[nodiscard]] double height_of_light_rows(const Rig& rig);

} // namespace pulsepin
