// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "hand/seen_values.h"
#include "render/staged_places.h"

#include <QPointF>
#include <QString>
#include <memory>
#include <vector>

namespace pulsepin {

/// A line that something lies on: of the frame, or of another layer.
struct GuideLine {
    Qt::Orientation along = Qt::Vertical;
    double at = 0; ///< in the picture's pixels, from its middle
    QString name;  ///< "third", "middle", "edge", or the layer's
};

/// Middle, thirds and edges of the frame, and the middles of the layers but one.
[[nodiscard]] std::vector<GuideLine> guide_lines(const StagedFrame& staged, const Project& project,
                                                 LayerId without);

/// What the mouse does to a layer from a press to its release. Points are in the picture's pixels from its
/// middle, as the camera shows them; it knows neither window nor project.
class PictureGesture {
public:
    virtual ~PictureGesture() = default;
    struct Draft {
        SeenValues values;
        std::vector<GuideLine> guides; ///< on which it lies now
    };
    /// `steps`: along one axis, in tens, by 15 degrees. `reach`: pixels within which lines pull; 0: none do.
    [[nodiscard]] virtual Draft at(QPointF pixel, bool steps, double reach) const = 0;
};

enum class PictureGrip { Body, Corner, Arm, Pivot };

/// What a press on a layer, or on the camera, begins.
[[nodiscard]] std::unique_ptr<PictureGesture> picture_gesture(const StagedFrame& staged, LayerId layer,
                                                              bool camera, const QRectF& content,
                                                              PictureGrip grip, QPointF pressed,
                                                              std::vector<GuideLine> lines);

/// The shot that a layer shows is moved or scaled in the picture: values "framing-x", "framing-y" and
/// "framing-scale". Its sides lie on those of the picture, or its middle on the middle.
[[nodiscard]] std::unique_ptr<PictureGesture> framing_gesture(const QTransform& seen,
                                                              const LayerPicture::Shot& shot, QSize picture,
                                                              PictureGrip grip, QPointF pressed);

/// The values that put the camera so that it shows just that box, in the pixels that things are put in.
[[nodiscard]] SeenValues camera_on(const QRectF& box, int width, int height);

} // namespace pulsepin
