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

/// A card that stands for a shot which is still to come: its number, and a cross from corner to corner.
void draw_slate(QPainter& painter, int number, QSize picture) {
    const QRectF card(-picture.width() / 2.0, -picture.height() / 2.0, picture.width(), picture.height());
    painter.fillRect(card, QColor(0x34, 0x36, 0x3a));
    const double unit = std::min(picture.width(), picture.height());
    painter.setPen(QPen(QColor(0x5a, 0x5d, 0x63), unit / 180));
    painter.drawLine(card.topLeft(), card.bottomRight());
    painter.drawLine(card.topRight(), card.bottomLeft());
    painter.setBrush(QColor(0x34, 0x36, 0x3a));
    painter.drawEllipse(QPointF(0, 0), unit * 0.27, unit * 0.27);
    QPainterPath words = title_path(std::to_string(number), static_cast<int>(unit));
    const QRectF box = words.boundingRect();
    const double size = unit * 0.24 / std::max(1.0, box.height());
    painter.save();
    painter.scale(size, size);
    painter.translate(-box.center());
    painter.fillPath(words, QColor(0xe8, 0xe6, 0xe1));
    painter.restore();
}

void draw_shot(QPainter& painter, const LayerPicture::Shot& shot, QSize picture) {
    if (shot.slate > 0)
        return draw_slate(painter, shot.slate, picture);
    if (shot.image.isNull())
        return;
    const QRectF frame(-picture.width() / 2.0, -picture.height() / 2.0, picture.width(), picture.height());
    const QRectF place = framed(shot, picture);
    const bool beyond = !frame.adjusted(-1, -1, 1, 1).contains(place);
    if (beyond) { // what a shot shows ends where the picture ends
        painter.save();
        painter.setClipRect(frame, Qt::IntersectClip);
    }
    painter.drawImage(place, shot.image);
    if (beyond)
        painter.restore();
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
        draw_shot(painter, shown.shot, picture);
        if (shown.incoming.there()) {
            const double before = painter.opacity();
            painter.setOpacity(before * shown.share);
            draw_shot(painter, shown.incoming, picture);
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
    place.translate(at.x + at.pivot_x, at.y + at.pivot_y);
    place.rotate(at.rotation);
    place.scale(at.scale, at.scale);
    place.translate(-at.pivot_x, -at.pivot_y);
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

QRectF framed(const LayerPicture::Shot& shot, QSize picture) {
    QSizeF size = shot.image.size();
    size.scale(picture, shot.framing.base == ShotFraming::Base::Fill ? Qt::KeepAspectRatioByExpanding
                                                                     : Qt::KeepAspectRatio);
    size *= shot.framing.scale / 100;
    return {shot.framing.x - size.width() / 2, shot.framing.y - size.height() / 2, size.width(),
            size.height()};
}

QTransform camera_view(const StagedFrame& staged) {
    const Placement camera = placement_of(staged.camera, staged.seconds);
    QTransform view;
    view.translate(camera.pivot_x, camera.pivot_y);
    view.scale(camera.scale, camera.scale);
    view.rotate(-camera.rotation);
    view.translate(-camera.x - camera.pivot_x, -camera.y - camera.pivot_y);
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
        if (found == pictures.end() || !found->second.shot.there())
            return {};
        const QRectF frame(-picture.width() / 2.0, -picture.height() / 2.0, picture.width(),
                           picture.height());
        const auto& shot = found->second.shot;
        return shot.slate > 0 ? frame : framed(shot, picture).intersected(frame);
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
