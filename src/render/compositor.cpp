// SPDX-License-Identifier: GPL-3.0-or-later
#include "model/shape_outline.h"
#include "render/composed.h"
#include "render/effects/effect_painter.h"
#include "render/fonts.h"
#include "stage/title.h"

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
void draw_content(QPainter& painter, const StagedLayer& layer, const LayerPictures& pictures, QSize picture) {
    switch (layer.kind) {
    case LayerKind::Shots:
    case LayerKind::Picture: {
        const auto found = pictures.find(layer.id);
        if (found == pictures.end())
            break;
        const auto& shown = found->second;
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
        register_fonts();
        QFont font(title::family);
        font.setPixelSize(title::size(picture.height()));
        font.setWeight(static_cast<QFont::Weight>(title::weight));
        QPainterPath path;
        const QString text = QString::fromStdString(layer.text);
        path.addText(0, 0, font, text);
        const QRectF box = path.boundingRect();
        path.translate(-box.center().x(), title::baseline(picture.height()));
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

/// What acts on the place paints only the colour of its light.
const EffectPainter* painter_at(const EffectRow& effect, const LayerValues& values) {
    return acts(effect, values) && (!effect.place || values.light(effect.id)) ? painter_of(effect.id)
                                                                              : nullptr;
}

bool painted_over(const LayerValues& values) {
    return std::any_of(effects().begin(), effects().end(),
                       [&](const EffectRow& effect) { return painter_at(effect, values) != nullptr; });
}

void paint_effects(QImage& image, const EffectContext& context) {
    cv::Mat pixels(image.height(), image.width(), CV_8UC4, image.bits(),
                   static_cast<std::size_t>(image.bytesPerLine()));
    for (const auto& effect : effects())
        if (const auto* painter = painter_at(effect, context.values))
            painter->paint(pixels, context);
}

QImage empty_image(QSize size) {
    QImage image(size, QImage::Format_ARGB32_Premultiplied);
    image.fill(Qt::transparent);
    return image;
}

} // namespace

QImage composed(const StagedFrame& staged, QSize size, const LayerPictures& pictures) {
    const QSize whole(staged.width, staged.height);
    QImage canvas(size, QImage::Format_ARGB32_Premultiplied);
    canvas.fill(Qt::black);
    const double pixel = static_cast<double>(size.width()) / std::max(1, staged.width);
    const EffectContext seen{staged.camera, pixel};
    const Placement camera = placement_of(staged.camera, staged.seconds);

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
        const EffectContext context{layer.values, pixel};
        const Placement at = placement_of(layer.values, staged.seconds);
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
            draw_content(painter, layer, pictures, whole);
            continue;
        }
        QImage own = empty_image(size);
        {
            QPainter on(&own);
            prepare(on);
            on.setTransform(placed);
            draw_content(on, layer, pictures, whole);
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
