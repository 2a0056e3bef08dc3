// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/composed.h"

#include "render/band.h"
#include "render/effects/effect_painter.h"
#include "render/layer_image.h"
#include "render/staged_places.h"

namespace pulsepin {
namespace {

QTransform view_through(const Placement& camera) {
    QTransform view;
    view.translate(camera.pivot_x, camera.pivot_y);
    view.scale(camera.scale * camera.scale_x, camera.scale * camera.scale_y);
    view.rotate(-camera.rotation);
    view.translate(-camera.x - camera.pivot_x, -camera.y - camera.pivot_y);
    return view;
}

/// The layers as one place of the camera sees them.
void paint_seen(QImage& image, const Placement& camera, const Canvas& canvas) {
    QPainter painter(&image);
    prepare(painter);
    const QTransform view = view_through(camera) * canvas.seen;
    if (camera.opacity >= 1)
        return paint_layers(painter, canvas.staged.layers, view, 1, canvas);
    QImage layers = empty_image(image.size()); // all of them grow darker as one
    {
        QPainter on(&layers);
        prepare(on);
        paint_layers(on, canvas.staged.layers, view, 1, canvas);
    }
    painter.setOpacity(camera.opacity);
    painter.drawImage(0, 0, layers);
}

cv::Mat pixels_of(QImage& image) {
    return {image.height(), image.width(), CV_8UC4, image.bits(),
            static_cast<std::size_t>(image.bytesPerLine())};
}

/// The mean of what the camera sees while the shutter is open.
void paint_blurred(QImage& image, const Canvas& canvas) {
    cv::Mat sum(image.height(), image.width(), CV_32SC4, cv::Scalar::all(0));
    Canvas moving = canvas;
    moving.kept = nullptr; // each place of the camera has images of its own
    for (const auto& camera : canvas.staged.camera_path) {
        QImage one = image_of_size(image.size());
        cv::Mat pixels = pixels_of(one);
        pixels_of(image).copyTo(pixels);
        paint_seen(one, camera, moving);
        cv::add(sum, pixels_of(one), sum, cv::noArray(), CV_32S);
    }
    cv::Mat pixels = pixels_of(image);
    sum.convertTo(pixels, CV_8U, 1.0 / static_cast<double>(canvas.staged.camera_path.size()));
}

void paint_frame(QImage& image, const Canvas& canvas);

/// Frames that have been, over the picture: each as light as it still is.
void add_echo(QImage& image, const Canvas& canvas) {
    const auto& camera = canvas.staged.camera;
    for (const auto& [row, number] : acting_effects(camera)) {
        if (!row->of_earlier_frames)
            continue;
        const EffectValues values(camera, number);
        double strength = values.of("echo") / 100;
        QPainter painter(&image);
        painter.setCompositionMode(QPainter::CompositionMode_Lighten);
        for (const auto& before : canvas.staged.before) {
            QImage earlier = image_of_size(image.size());
            earlier.fill(Qt::black);
            paint_frame(earlier, {before, canvas.pictures, canvas.pixel, canvas.seen, canvas.size});
            painter.setOpacity(strength);
            painter.drawImage(0, 0, earlier);
            strength *= 1 - values.of("echo-falls") / 100;
        }
    }
}

void paint_frame(QImage& image, const Canvas& canvas) {
    const auto& staged = canvas.staged;
    if (staged.camera_path.empty())
        paint_seen(image, placement_of(staged.camera, staged.seconds), canvas);
    else
        paint_blurred(image, canvas);
    add_echo(image, canvas);
    if (painted_over(staged.camera))
        paint_effects(image, staged.camera, {}, staged.seconds, canvas);
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
    return view_through(placement_of(staged.camera, staged.seconds));
}

QTransform seen_place(const StagedFrame& staged, const StagedLayer& layer,
                      const std::vector<const StagedLayer*>& around) {
    const auto seconds = [&](const StagedLayer& one) { return one.turning.value_or(staged.seconds); };
    QTransform place = place_in_picture(layer, placement_of(layer.values, seconds(layer)));
    for (auto group = around.rbegin(); group != around.rend(); ++group)
        place *= place_in_picture(**group, placement_of((*group)->values, seconds(**group)));
    return place * camera_view(staged);
}

StagedPlace staged_place(const StagedFrame& staged, LayerId id) {
    StagedPlace found;
    for_staged(staged.layers, [&](const StagedLayer& layer, const std::vector<const StagedLayer*>& around) {
        if (layer.id == id)
            found = {&layer, around};
    });
    return found;
}

namespace {

void collect(const std::vector<StagedLayer>& layers, const std::vector<const StagedLayer*>& around,
             std::vector<StagedPlace>& all) {
    for (const auto& layer : layers) {
        auto inside = around;
        inside.push_back(&layer);
        collect(layer.inner, inside, all);
        all.push_back({&layer, around});
    }
}

} // namespace

std::vector<StagedPlace> staged_places(const StagedFrame& staged) {
    std::vector<StagedPlace> all;
    collect(staged.layers, {}, all);
    return all;
}

QTransform seen_ground(const StagedFrame& staged, const StagedPlace& place) {
    QTransform ground;
    for (const auto& parent : place.layer->hung)
        ground *= place_of(parent);
    for (auto group = place.around.rbegin(); group != place.around.rend(); ++group)
        ground *= place_in_picture(
            **group, placement_of((*group)->values, (*group)->turning.value_or(staged.seconds)));
    return ground * camera_view(staged);
}

QRectF content_box(const StagedLayer& layer, const LayerPictures& pictures, QSize picture) {
    return layer_box(layer, {pictures, picture});
}

namespace {

/// `from`: the picture's pixel at the image's upper left corner, counted from that of the frame.
void paint_band_over(QImage& image, const StagedFrame& staged, double pixel, QPointF from) {
    if (!staged.band)
        return;
    QPainter painter(&image);
    painter.scale(pixel, pixel);
    painter.translate(-from);
    paint_band(painter, *staged.band, QSizeF(staged.width, staged.height));
}

} // namespace

QImage composed(const StagedFrame& staged, QSize size, const LayerPictures& pictures, KeptLayers* kept) {
    QImage canvas = image_of_size(size);
    compose_into(canvas, staged, pictures, kept);
    return canvas;
}

void compose_into(QImage& canvas, const StagedFrame& staged, const LayerPictures& pictures,
                  KeptLayers* kept) {
    const QSize size = canvas.size();
    canvas.fill(Qt::black);
    const double pixel = static_cast<double>(size.width()) / std::max(1, staged.width);
    QTransform seen;
    seen.translate(size.width() / 2.0, size.height() / 2.0);
    seen.scale(pixel, pixel);
    paint_frame(canvas, {staged, pictures, pixel, seen, size, kept});
    paint_band_over(canvas, staged, pixel, {});
}

QImage composed_part(const StagedFrame& staged, const QRectF& part, QSize size, const LayerPictures& pictures,
                     Ground ground, KeptLayers* kept) {
    QImage canvas = empty_image(size);
    const double pixel = size.width() / std::max(1.0, part.width());
    QTransform seen;
    seen.scale(pixel, pixel);
    seen.translate(-part.left(), -part.top());
    if (ground == Ground::Black)
        QPainter(&canvas).fillRect(
            seen.mapRect(QRectF(-staged.width / 2.0, -staged.height / 2.0, staged.width, staged.height)),
            Qt::black);
    paint_frame(canvas, {staged, pictures, pixel, seen, size, kept});
    paint_band_over(canvas, staged, pixel, part.topLeft() + QPointF(staged.width / 2.0, staged.height / 2.0));
    return canvas;
}

} // namespace pulsepin
