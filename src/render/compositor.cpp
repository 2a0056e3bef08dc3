// SPDX-License-Identifier: GPL-3.0-or-later
#include "model/shape_outline.h"
#include "render/composed.h"
#include "render/effects/effect_painter.h"
#include "render/fonts.h"
#include "render/staged_places.h"
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

QPainterPath title_path(const std::string& words, int picture_height) {
    register_fonts();
    QFont font(title::family);
    font.setPixelSize(title::size(picture_height));
    font.setWeight(static_cast<QFont::Weight>(title::weight));
    QPainterPath path;
    path.addText(0, 0, font, QString::fromStdString(words));
    path.translate(-path.boundingRect().center().x(), title::baseline(picture_height));
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
    case LayerKind::Title:
        painter.fillPath(title_path(layer.text, picture.height()),
                         QColor::fromRgb(static_cast<QRgb>(layer.colour.rgb)));
        break;
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

QTransform place_of(const Placement& at) {
    QTransform place;
    place.translate(at.x, at.y);
    place.rotate(at.rotation);
    place.scale(at.scale, at.scale);
    return place;
}

void prepare(QPainter& painter) {
    painter.setRenderHints(QPainter::Antialiasing | QPainter::SmoothPixmapTransform);
}

QImage empty_image(QSize size) {
    QImage image(size, QImage::Format_ARGB32_Premultiplied);
    image.fill(Qt::transparent);
    return image;
}

/// Through `seen`, which brings the picture's pixels around its middle to those of the canvas.
void paint_layers(QImage& canvas, const StagedFrame& staged, const QTransform& seen, double pixel,
                  const LayerPictures& pictures) {
    const QSize whole(staged.width, staged.height);
    const double light = placement_of(staged.camera, staged.seconds).opacity;
    const QTransform view = camera_view(staged) * seen;
    QPainter painter(&canvas);
    prepare(painter);
    for (const auto& layer : staged.layers) {
        const EffectContext context{layer.values, pixel};
        const Placement at = placement_of(layer.values, staged.seconds);
        if (at.opacity <= 0 || at.scale <= 0)
            continue;
        const QTransform placed = place_of(at) * view;
        painter.resetTransform();
        painter.setOpacity(at.opacity * light);
        if (!painted_over(layer.values)) {
            painter.setTransform(placed);
            draw_content(painter, layer, pictures, whole);
            continue;
        }
        QImage own = empty_image(canvas.size());
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
        paint_effects(canvas, {staged.camera, pixel});
}

} // namespace

QTransform camera_view(const StagedFrame& staged) {
    const Placement camera = placement_of(staged.camera, staged.seconds);
    QTransform view;
    view.scale(camera.scale, camera.scale);
    view.rotate(-camera.rotation);
    view.translate(-camera.x, -camera.y);
    return view;
}

QTransform seen_place(const StagedFrame& staged, const StagedLayer& layer) {
    return place_of(placement_of(layer.values, staged.seconds)) * camera_view(staged);
}

QRectF content_box(const StagedLayer& layer, const LayerPictures& pictures, QSize picture) {
    switch (layer.kind) {
    case LayerKind::Shots:
    case LayerKind::Picture: {
        const auto found = pictures.find(layer.id);
        const bool there = found != pictures.end() && !found->second.image.isNull();
        return there ? fitted(found->second.image, picture) : QRectF();
    }
    case LayerKind::Title:
        return title_path(layer.text, picture.height()).boundingRect();
    case LayerKind::Shape:
        return shape_path(layer.shape, shape_radius(picture.height())).boundingRect();
    case LayerKind::Camera:
        break;
    }
    return {};
}

QImage composed(const StagedFrame& staged, QSize size, const LayerPictures& pictures) {
    QImage canvas(size, QImage::Format_ARGB32_Premultiplied);
    canvas.fill(Qt::black);
    const double pixel = static_cast<double>(size.width()) / std::max(1, staged.width);
    QTransform seen;
    seen.translate(size.width() / 2.0, size.height() / 2.0);
    seen.scale(pixel, pixel);
    paint_layers(canvas, staged, seen, pixel, pictures);
    return canvas;
}

QImage composed_part(const StagedFrame& staged, const QRectF& part, QSize size,
                     const LayerPictures& pictures) {
    QImage canvas = empty_image(size);
    const double pixel = size.width() / std::max(1.0, part.width());
    QTransform seen;
    seen.scale(pixel, pixel);
    seen.translate(-part.left(), -part.top());
    QPainter(&canvas).fillRect(
        seen.mapRect(QRectF(-staged.width / 2.0, -staged.height / 2.0, staged.width, staged.height)),
        Qt::black);
    paint_layers(canvas, staged, seen, pixel, pictures);
    return canvas;
}

} // namespace pulsepin
