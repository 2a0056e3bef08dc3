// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "stage/staged_frame.h"

#include <QImage>
#include <QRectF>
#include <QSize>
#include <map>
#include <optional>

namespace pulsepin {

/// What a layer shows at a frame: a picture, or one that fades into another.
struct LayerPicture {
    struct Shot {
        QImage image;
        ShotFraming framing = {};
        int slate = 0; ///< its number, where a card stands for the picture
        [[nodiscard]] bool there() const { return slate > 0 || !image.isNull(); }
    };
    Shot shot;
    Shot incoming; ///< drawn over the other by its share
    double share = 0;
    CutBody::Change change = CutBody::Change::Fade;
};
/// Of layers of shots and pictures; those that are missing show nothing.
using LayerPictures = std::map<LayerId, LayerPicture>;

class KeptLayers;

/// The frame at that size, with what is kept of the frame before (render/kept_layers.h), if anything is; 640
/// x 360 of a 1280 x 720 picture is the same at half its pixels.
[[nodiscard]] QImage composed(const StagedFrame& staged, QSize size, const LayerPictures& pictures = {},
                              KeptLayers* kept = nullptr);
/// The same into an image of premultiplied pixels that is there already, over whatever it held.
void compose_into(QImage& canvas, const StagedFrame& staged, const LayerPictures& pictures,
                  KeptLayers* kept = nullptr);

/// What is seen where no layer is: black in the frame, or nothing at all.
enum class Ground { Black, None };
/// A part of what lies in and around the frame, in the picture's pixels from its middle; what no layer covers
/// is transparent outside of the frame, and in it without a ground.
[[nodiscard]] QImage composed_part(const StagedFrame& staged, const QRectF& part, QSize size,
                                   const LayerPictures& pictures = {}, Ground ground = Ground::Black,
                                   KeptLayers* kept = nullptr);

} // namespace pulsepin
