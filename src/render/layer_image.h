// SPDX-License-Identifier: GPL-3.0-or-later
//
// How a layer becomes pixels on a canvas; not for use outside of this layer.
#pragma once

#include "render/composed.h"
#include "render/content/content_painter.h"

#include <QTransform>

namespace pulsepin {

/// What all layers of a frame are painted with.
struct Canvas {
    const StagedFrame& staged;
    const LayerPictures& pictures;
    double pixel;               ///< of the picture, in pixels of the image at hand
    QTransform seen;            ///< from the picture's pixels around its middle to those of the image
    QSize size;                 ///< of the image
    KeptLayers* kept = nullptr; ///< of the frame before
    [[nodiscard]] ContentContext content() const {
        return {pictures, {staged.width, staged.height}, staged.seconds};
    }
};

[[nodiscard]] QTransform place_of(const Placement& at);
/// With what it hangs on.
[[nodiscard]] QTransform place_in_picture(const StagedLayer& layer, const Placement& own);
/// Its pixels are anything. Throws std::bad_alloc where there is no memory for it.
[[nodiscard]] QImage image_of_size(QSize size);
[[nodiscard]] QImage empty_image(QSize size);
void prepare(QPainter& painter);
[[nodiscard]] QRectF layer_box(const StagedLayer& layer, const ContentContext& context);

/// The layers, the lowest first, through `view`: from where they are put to the image's pixels.
void paint_layers(QPainter& painter, const std::vector<StagedLayer>& layers, const QTransform& view,
                  double opacity, const Canvas& canvas);
/// The effects on an image whose top left pixel lies at `corner` of the canvas.
void paint_effects(QImage& image, const LayerValues& values, QPointF corner, double seconds,
                   const Canvas& canvas);
[[nodiscard]] bool painted_over(const LayerValues& values);

/// Lets the image of a layer be seen only where its matte says. `local` brings the image's pixels to the
/// layer's own, `box` is what it fills there.
void apply_matte(QImage& image, const StagedLayer& layer, const QTransform& local, const QRectF& box,
                 QPoint corner, const QTransform& view, const Canvas& canvas);
void apply_wipe(QImage& image, double amount, double angle, double soft, bool inverted,
                const QTransform& local, const QRectF& box);

} // namespace pulsepin
