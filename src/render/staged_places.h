// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "render/composed.h"

#include <QRectF>
#include <QTransform>

namespace pulsepin {

// Where what is staged is seen, in the picture's pixels, counted from its middle.

/// From where things are put to where the camera shows them.
[[nodiscard]] QTransform camera_view(const StagedFrame& staged);
/// From a layer's own pixels, around its own middle, to where they are seen.
[[nodiscard]] QTransform seen_place(const StagedFrame& staged, const StagedLayer& layer);
/// Where a shot lies in the picture, counted from its middle; it is seen as far as the picture goes.
[[nodiscard]] QRectF framed(const LayerPicture::Shot& shot, QSize picture);
/// What a layer fills, in its own pixels. Empty where it shows nothing.
[[nodiscard]] QRectF content_box(const StagedLayer& layer, const LayerPictures& pictures, QSize picture);

} // namespace pulsepin
