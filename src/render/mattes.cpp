// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/effects/effect_painter.h"
#include "render/layer_image.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace pulsepin {
namespace {

/// How much of each pixel is seen, 0 to 1.
template <class Seen>
void let_through(QImage& image, Seen seen) {
    for (int y = 0; y < image.height(); ++y) {
        auto* pixel = image.scanLine(y);
        for (int x = 0; x < image.width(); ++x, pixel += 4) {
            if (pixel[3] == 0)
                continue;
            const double share = std::clamp(seen(x, y, pixel), 0.0, 1.0);
            if (share >= 1)
                continue;
            for (int c = 0; c < 4; ++c)
                pixel[c] = static_cast<uchar>(pixel[c] * share + 0.5);
        }
    }
}

/// Of what is there, freed of its alpha.
double brightness(const uchar* pixel) {
    if (pixel[3] == 0)
        return 0;
    return (static_cast<double>(luma[0]) * pixel[0] + static_cast<double>(luma[1]) * pixel[1] +
            static_cast<double>(luma[2]) * pixel[2]) /
           pixel[3];
}

/// From 0 where the wipe has not come to 1 where it has passed; it takes in all of the way at 1, whatever its
/// softness.
double passed(double place, double amount, double soft) {
    if (amount <= 0 || amount >= 1) // what smooths its edges lies a little beyond the way
        return amount <= 0 ? 0 : 1;
    const double edge = amount * (1 + soft);
    return soft <= 1e-6 ? (place < amount ? 1 : 0) : std::clamp((edge - place) / soft, 0.0, 1.0);
}

} // namespace

void apply_wipe(QImage& image, double amount, double angle, double soft, bool inverted,
                const QTransform& local, const QRectF& box) {
    const double turn = angle * std::numbers::pi / 180, across = std::cos(turn), down = std::sin(turn);
    const double half =
        std::max(1e-6, std::abs(across) * box.width() / 2 + std::abs(down) * box.height() / 2);
    const QPointF middle = box.center();
    let_through(image, [&](int x, int y, const uchar*) {
        const QPointF at = local.map(QPointF(x + 0.5, y + 0.5)) - middle;
        const double seen = passed(((at.x() * across + at.y() * down) / half + 1) / 2, amount, soft);
        return inverted ? 1 - seen : seen;
    });
}

void apply_matte(QImage& image, const StagedLayer& layer, const QTransform& local, const QRectF& box,
                 QPoint corner, const QTransform& view, const Canvas& canvas) {
    const auto& values = layer.values;
    const double amount = values.of("matte-amount") / 100, soft = values.of("matte-soft") / 100;
    const bool inverted = layer.matte.inverted;
    const auto held = [&](double seen) { return 1 - amount * (1 - (inverted ? 1 - seen : seen)); };
    switch (layer.matte.kind) {
    case Matte::Kind::None:
        return;
    case Matte::Kind::OwnLight:
        return let_through(image, [&](int, int, const uchar* pixel) { return held(brightness(pixel)); });
    case Matte::Kind::LayerAlpha:
    case Matte::Kind::LayerLight: {
        QImage other = empty_image(image.size());
        {
            QPainter on(&other);
            prepare(on);
            Canvas part = canvas;
            part.size = image.size();
            QTransform moved = view;
            moved *= QTransform::fromTranslate(-corner.x(), -corner.y());
            part.seen = canvas.seen * QTransform::fromTranslate(-corner.x(), -corner.y());
            paint_layers(on, layer.matte_of, moved, 1, part);
        }
        const bool light = layer.matte.kind == Matte::Kind::LayerLight;
        return let_through(image, [&](int x, int y, const uchar*) {
            const uchar* pixel = other.constScanLine(y) + 4 * x;
            return held(light ? brightness(pixel) * pixel[3] / 255.0 : pixel[3] / 255.0);
        });
    }
    case Matte::Kind::Straight:
        return apply_wipe(image, amount, values.of("matte-angle"), soft, inverted, local, box);
    case Matte::Kind::Round: {
        const QPointF middle(values.of("matte-x"), values.of("matte-y"));
        double farthest = 1e-6;
        for (const QPointF& edge : {box.topLeft(), box.topRight(), box.bottomLeft(), box.bottomRight()})
            farthest = std::max(farthest, std::hypot(edge.x() - middle.x(), edge.y() - middle.y()));
        return let_through(image, [&](int x, int y, const uchar*) {
            const QPointF at = local.map(QPointF(x + 0.5, y + 0.5)) - middle;
            const double seen = passed(std::hypot(at.x(), at.y()) / farthest, amount, soft);
            return inverted ? 1 - seen : seen;
        });
    }
    }
}

} // namespace pulsepin
