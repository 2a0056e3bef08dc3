// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "picture/picture_gestures.h"
#include "picture/preview_view.h"

#include <QPolygonF>
#include <QTransform>

namespace pulsepin {

/// A layer as it lies in the widget.
struct ShownLayer {
    QTransform place; ///< from its own pixels to the widget
    QRectF content;
    [[nodiscard]] QPolygonF corners() const;
};

/// The cut whose shot is framed, at the frame that is seen.
struct FramedShot {
    PinId cut;
    LayerPicture::Shot shot;
    QTransform seen; ///< from the layer's pixels to those that are seen
};

/// Where layers, the camera and shots are seen in the preview, and what of them lies under a point.
class SeenLayers {
public:
    SeenLayers(Document& document, ViewState& view, PreviewView& preview)
        : document_(document), view_(view), preview_(preview) {}

    bool framing = false;  ///< it is about the shot in a layer of shots, not about the layer
    bool pivots = false;   ///< the chosen layer's pivot can be taken hold of
    SeenValues draft = {}; ///< of the framed shot, while it is dragged

    [[nodiscard]] const Layer* chosen() const;
    [[nodiscard]] bool camera_chosen() const;
    /// That of the chosen layer at this frame. None: a layer is placed.
    [[nodiscard]] std::optional<FramedShot> framed_shot(const StagedFrame& staged) const;
    [[nodiscard]] std::optional<ShownLayer> shown_of(const StagedFrame& staged, LayerId layer) const;
    [[nodiscard]] ShownLayer shown_of(const StagedFrame& staged, const StagedPlace& place) const;
    [[nodiscard]] std::optional<ShownLayer> shown_chosen(const StagedFrame& staged) const;
    [[nodiscard]] QPointF pivot_position(const StagedFrame& staged, const ShownLayer& shown) const;
    [[nodiscard]] QPointF arm_end(const ShownLayer& shown) const;
    /// Where the chosen layer can be taken hold of, in the widget.
    [[nodiscard]] std::optional<QPointF> grip_position(PictureGrip grip) const;
    [[nodiscard]] std::optional<PictureGrip> grip_at(const StagedFrame& staged, QPointF at) const;
    /// The topmost first; without those that are locked.
    [[nodiscard]] std::vector<LayerId> layers_at(const StagedFrame& staged, QPointF at) const;

private:
    Document& document_;
    ViewState& view_;
    PreviewView& preview_;
};

/// As the layer is seen; by itself where it is not.
[[nodiscard]] LayerValues values_seen(const StagedFrame& staged, const Layer& layer);

} // namespace pulsepin
