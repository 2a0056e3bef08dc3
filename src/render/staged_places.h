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
/// `around`: the groups that it lies in, the outermost first (for_staged()).
[[nodiscard]] QTransform seen_place(const StagedFrame& staged, const StagedLayer& layer,
                                    const std::vector<const StagedLayer*>& around = {});
/// A layer that is staged, with the groups that it lies in.
struct StagedPlace {
    const StagedLayer* layer = nullptr; ///< null: it is not seen at that frame
    std::vector<const StagedLayer*> around;
};
/// Of what appears several times the one that came last, which lies on top.
[[nodiscard]] StagedPlace staged_place(const StagedFrame& staged, LayerId layer);
/// All of them, the lowest first, those in groups before their group.
[[nodiscard]] std::vector<StagedPlace> staged_places(const StagedFrame& staged);
/// From where the layer's position is counted to where it is seen: what it hangs on, its groups and the
/// camera.
[[nodiscard]] QTransform seen_ground(const StagedFrame& staged, const StagedPlace& place);

/// Where a shot lies in the picture, counted from its middle; it is seen as far as the picture goes.
[[nodiscard]] QRectF framed(const LayerPicture::Shot& shot, QSize picture);
/// What a layer fills, in its own pixels. Empty where it shows nothing.
[[nodiscard]] QRectF content_box(const StagedLayer& layer, const LayerPictures& pictures, QSize picture);

} // namespace pulsepin
