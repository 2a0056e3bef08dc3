// SPDX-License-Identifier: GPL-3.0-or-later
#include "model/shape_outline.h"
#include "render/content/content_painter.h"

#include <cmath>
#include <numbers>

namespace pulsepin {
namespace {

QPainterPath path_of(const StagedLayer& layer, QSize picture) {
    return shape_path(layer.shape, shape_radius(picture.height()), layer.values.of("corners"));
}

QBrush brush_of(const StagedLayer& layer, const QRectF& box, double opacity) {
    const auto& values = layer.values;
    const std::string gradient = values.option("gradient");
    const QColor from = shown(layer.colour, opacity), to = shown(values.colour("gradient-colour"), opacity);
    if (gradient == "straight") {
        const double angle = values.of("gradient-angle") * std::numbers::pi / 180;
        const QPointF way(std::cos(angle) * box.width() / 2, std::sin(angle) * box.height() / 2);
        QLinearGradient ramp(box.center() - way, box.center() + way);
        ramp.setColorAt(0, from);
        ramp.setColorAt(1, to);
        return ramp;
    }
    if (gradient == "round") {
        QRadialGradient ramp(box.center(), std::max(box.width(), box.height()) / 2);
        ramp.setColorAt(0, from);
        ramp.setColorAt(1, to);
        return ramp;
    }
    return from;
}

void draw(QPainter& painter, const StagedLayer& layer, const ContentContext& context) {
    const QPainterPath path = path_of(layer, context.picture);
    const auto& values = layer.values;
    if (const double fill = values.of("fill"); fill > 0)
        painter.fillPath(path, brush_of(layer, path.boundingRect(), fill / 100));
    const double width = values.of("line-width");
    if (width <= 0)
        return;
    // What is not filled is a line of the layer's own colour.
    const QColor colour = shown(values.of("fill") > 0 ? values.colour("line-colour") : layer.colour);
    painter.strokePath(part_of_path(path, values.of("drawn") / 100), line_pen(values, colour, width));
}

QRectF box(const StagedLayer& layer, const ContentContext& context) {
    const double edge = layer.values.of("line-width") / 2;
    return path_of(layer, context.picture).boundingRect().adjusted(-edge, -edge, edge, edge);
}

} // namespace

const ContentPainter shape_content{draw, box, filled_and_lined};

} // namespace pulsepin
