// SPDX-License-Identifier: GPL-3.0-or-later
#include "model/shape_outline.h"
#include "render/effects/effect.h"
#include "render/staged_frame.h"

#include <QPainter>
#include <QPainterPath>
#include <cmath>

namespace pulsepin {
namespace {

QPainterPath shape_path(const std::string& id, double radius) {
    QPainterPath path;
    const auto& outline = shape_outline(id);
    if (outline.round) {
        path.addEllipse(QPointF(0, 0), radius, radius);
        return path;
    }
    QPolygonF points;
    for (const auto& [x, y] : outline.points)
        points << QPointF(x * radius, y * radius);
    path.addPolygon(points);
    path.closeSubpath();
    return path;
}

QRectF fitted(const QImage& image, QSize picture) {
    QSizeF size = image.size();
    size.scale(picture, Qt::KeepAspectRatio);
    return {-size.width() / 2, -size.height() / 2, size.width(), size.height()};
}

/// The layer's content around the middle of the picture, in the picture's pixels.
void draw_content(QPainter& painter, const StagedLayer& layer, QSize picture) {
    switch (layer.kind) {
    case LayerKind::Shots:
    case LayerKind::Picture: {
        const auto& shown = layer.picture;
        if (!shown.image.isNull())
            painter.drawImage(fitted(shown.image, picture), shown.image);
        if (!shown.incoming.isNull()) {
            const double before = painter.opacity();
            painter.setOpacity(before * shown.share);
            painter.drawImage(fitted(shown.incoming, picture), shown.incoming);
            painter.setOpacity(before);
        }
        break;
    }
    case LayerKind::Title: {
        QFont font("Inter");
        font.setPixelSize(std::max(1, picture.height() / 9));
        font.setWeight(QFont::Bold);
        QPainterPath path;
        const QString text = QString::fromStdString(layer.text);
        path.addText(0, 0, font, text);
        const QRectF box = path.boundingRect();
        path.translate(-box.center().x(), font.pixelSize() * 0.36);
        painter.fillPath(path, QColor::fromRgb(static_cast<QRgb>(layer.colour.rgb)));
        break;
    }
    case LayerKind::Shape:
        painter.fillPath(shape_path(layer.shape, shape_radius(picture.height())),
                         QColor::fromRgb(static_cast<QRgb>(layer.colour.rgb)));
        break;
    case LayerKind::Camera:
        break;
    }
}

Placement placement_of(const EffectContext& context) {
    const auto& values = context.values;
    Placement placement{values.of("position-x"), values.of("position-y"), values.of("scale") / 100,
                        values.of("rotation"), values.of("opacity") / 100};
    for (const auto& effect : effects())
        if (effect.place && acts(effect, values))
            effect.place(placement, context);
    return placement;
}

/// What acts on the place paints only the colour of its light.
bool paints(const EffectRow& effect, const ParameterValues& values) {
    return effect.paint && acts(effect, values) && (!effect.place || values.light(effect.id));
}

bool painted_over(const ParameterValues& values) {
    return std::any_of(effects().begin(), effects().end(),
                       [&](const EffectRow& effect) { return paints(effect, values); });
}

void paint_effects(QImage& image, const EffectContext& context) {
    cv::Mat pixels(image.height(), image.width(), CV_8UC4, image.bits(),
                   static_cast<std::size_t>(image.bytesPerLine()));
    for (const auto& effect : effects())
        if (paints(effect, context.values))
            effect.paint(pixels, context);
}

QImage empty_image(QSize size) {
    QImage image(size, QImage::Format_ARGB32_Premultiplied);
    image.fill(Qt::transparent);
    return image;
}

} // namespace

QImage composed(const StagedFrame& staged, QSize size) {
    QImage canvas(size, QImage::Format_ARGB32_Premultiplied);
    canvas.fill(Qt::black);
    const double pixel = static_cast<double>(size.width()) / std::max(1, staged.picture.width());
    const EffectContext seen{staged.camera, staged.seconds, pixel};
    const Placement camera = placement_of(seen);

    // From the picture's pixels around its middle to those of the canvas, as the camera sees it.
    QTransform view;
    view.translate(size.width() / 2.0, size.height() / 2.0);
    view.scale(pixel * camera.scale, pixel * camera.scale);
    view.rotate(-camera.rotation);
    view.translate(-camera.x, -camera.y);

    QPainter painter(&canvas);
    const auto prepare = [](QPainter& on) {
        on.setRenderHints(QPainter::Antialiasing | QPainter::SmoothPixmapTransform);
    };
    prepare(painter);
    for (const auto& layer : staged.layers) {
        const EffectContext context{layer.values, staged.seconds, pixel};
        const Placement at = placement_of(context);
        if (at.opacity <= 0 || at.scale <= 0)
            continue;
        QTransform placed = view;
        placed.translate(at.x, at.y);
        placed.rotate(at.rotation);
        placed.scale(at.scale, at.scale);
        painter.resetTransform();
        painter.setOpacity(at.opacity * camera.opacity);
        if (!painted_over(layer.values)) {
            painter.setTransform(placed);
            draw_content(painter, layer, staged.picture);
            continue;
        }
        QImage own = empty_image(size);
        {
            QPainter on(&own);
            prepare(on);
            on.setTransform(placed);
            draw_content(on, layer, staged.picture);
        }
        paint_effects(own, context);
        painter.drawImage(0, 0, own);
    }
    painter.end();
    if (painted_over(staged.camera))
        paint_effects(canvas, seen);
    return canvas;
}

} // namespace pulsepin
