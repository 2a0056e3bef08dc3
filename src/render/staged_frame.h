// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "follow/feeds.h"
#include "model/stage.h"
#include "render/parameters.h"

#include <QImage>
#include <QSize>
#include <functional>
#include <vector>

namespace pulsepin {

/// What a layer shows at a frame: a picture, or one that fades into another.
struct LayerPicture {
    QImage image;
    QImage incoming; ///< drawn over the other by its share
    double share = 0;
};

struct StagedLayer {
    LayerKind kind = LayerKind::Shots;
    LayerPicture picture;
    std::string text, shape;
    Colour colour;
    ParameterValues values;
};

/// All that a frame's picture is made of: what is the same gives the same picture.
struct StagedFrame {
    QSize picture{1280, 720}; ///< the whole, in whose pixels lengths are counted
    double seconds = 0;
    std::vector<StagedLayer> layers; ///< the lowest first; without those that are hidden
    ParameterValues camera;
};

/// The pictures of layers of shots and pictures are asked for. Triggers whose effect is known act on the
/// camera.
[[nodiscard]] StagedFrame staged_at(const Curves& curves, Frames frame,
                                    const std::function<LayerPicture(const Layer&)>& picture_of);

/// Whether a frame is more than one layer of shots as they are.
[[nodiscard]] bool needs_composing(const Curves& curves, Frames frame);

/// The frame at that size; 640 x 360 of a 1280 x 720 picture is the same at half its pixels.
[[nodiscard]] QImage composed(const StagedFrame& staged, QSize size);

} // namespace pulsepin
