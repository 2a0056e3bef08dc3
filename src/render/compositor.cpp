// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/effects/effect.h"
#include "render/staged_frame.h"

#include <QPainter>
#include <QPainterPath>
#include <array>
#include <cmath>
#include <numbers>

namespace pulsepin {
namespace {

constexpr std::array<std::string_view, 6> shape_names{"disc", "square", "kite", "triangle", "star", "bar"};

QPolygonF star(double radius) {
    QPolygonF points;
    for (int i = 0; i < 10; ++i) {
        const double angle = std::numbers::pi * (i / 5.0 - 0.5), r = i % 2 == 0 ? radius : radius * 0.45;
        points << QPointF(r * std::cos(angle), r * std::sin(angle));
    }
    return points;
}

QPainterPath shape_path(const std::string& shape, double radius) {
    QPainterPath path;
    if (shape == "square")
        path.addRect(-radius, -radius, 2 * radius, 2 * radius);
    else if (shape == "kite")
        path.addPolygon(QPolygonF{
            QPointF(0, -radius), {0.7 * radius, -0.1 * radius}, {0, radius}, {-0.7 * radius, -0.1 * radius}});
    else if (shape == "triangle")
        path.addPolygon(
            QPolygonF{QPointF(0, -radius), {0.87 * radius, 0.5 * radius}, {-0.87 * radius, 0.5 * radius}});
    else if (shape == "star")
        path.addPolygon(star(radius));
    else if (shape == "bar")
        path.addRect(-4 * radius, -radius / 3, 8 * radius, radius / 1.5);
    else
        path.addEllipse(QPointF(0, 0), radius, radius);
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
        painter.fillPath(shape_path(layer.shape, picture.height() / 8.0),
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

bool painted_over(const ParameterValues& values) {
    return std::any_of(effects().begin(), effects().end(),
                       [&](const EffectRow& effect) { return effect.paint && acts(effect, values); });
}

void paint_effects(QImage& image, const EffectContext& context) {
    cv::Mat pixels(image.height(), image.width(), CV_8UC4, image.bits(),
                   static_cast<std::size_t>(image.bytesPerLine()));
    for (const auto& effect : effects())
        if (effect.paint && acts(effect, context.values))
            effect.paint(pixels, context);
}

QImage empty_image(QSize size) {
    QImage image(size, QImage::Format_ARGB32_Premultiplied);
    image.fill(Qt::transparent);
    return image;
}

} // namespace

std::span<const std::string_view> shapes() {
    return shape_names;
}

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
