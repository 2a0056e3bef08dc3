// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/layer_image.h"

#include "render/blending.h"
#include "render/effects/effect_painter.h"
#include "render/kept_layers.h"

#include <algorithm>
#include <cmath>
#include <new>

namespace pulsepin {

QTransform place_of(const Placement& at) {
    QTransform place;
    place.translate(at.x + at.pivot_x, at.y + at.pivot_y);
    place.rotate(at.rotation);
    place.scale(at.scale * at.scale_x, at.scale * at.scale_y);
    if (at.skew != 0)
        place.shear(-std::tan(at.skew * 3.14159265358979323846 / 180), 0);
    place.translate(-at.pivot_x, -at.pivot_y);
    return place;
}

QTransform place_in_picture(const StagedLayer& layer, const Placement& own) {
    QTransform place = place_of(own);
    for (const auto& parent : layer.hung)
        place *= place_of(parent);
    return place;
}

QImage image_of_size(QSize size) {
    QImage image(size, QImage::Format_ARGB32_Premultiplied);
    if (image.isNull() && !size.isEmpty()) // the toolkit's word for a lack of memory
        throw std::bad_alloc();
    return image;
}

QImage empty_image(QSize size) {
    QImage image = image_of_size(size);
    image.fill(Qt::transparent);
    return image;
}

void prepare(QPainter& painter) {
    painter.setRenderHints(QPainter::Antialiasing | QPainter::SmoothPixmapTransform);
}

QRectF layer_box(const StagedLayer& layer, const ContentContext& context) {
    if (layer.kind != layers::group)
        return content_painter(layer.kind).box(layer, context);
    QRectF all;
    for (const auto& inner : layer.inner)
        all |= place_in_picture(inner, placement_of(inner.values, inner.turning.value_or(context.seconds)))
                   .mapRect(layer_box(inner, context));
    return all;
}

namespace {

/// What acts on the place paints only the colour of its light.
const EffectPainter* painter_at(const ActingEffect& effect) {
    return effect.row->changes_pixels ? painter_of(effect.row->id) : nullptr;
}

/// How far its effects reach from what it fills, in pixels of the picture.
double reach_of(const LayerValues& values) {
    double reach = 0;
    for (const auto& acting : acting_effects(values))
        if (const auto* painter = painter_at(acting); painter && painter->reach)
            reach += painter->reach(EffectValues(values, acting.number));
    return reach;
}

/// Paints one layer.
class LayerPainter {
public:
    LayerPainter(QPainter& painter, const StagedLayer& layer, const QTransform& view, double opacity,
                 const Canvas& canvas)
        : painter_(painter), layer_(layer), view_(view), canvas_(canvas),
          turning_(layer.turning.value_or(canvas.staged.seconds)), at_(placement_of(layer.values, turning_)),
          opacity_(opacity * at_.opacity), placed_(place_in_picture(layer, at_) * view) {
        if (layer.behind) {
            const QRectF box = layer_box(layer, canvas.content());
            placed_ =
                QTransform::fromTranslate(layer.behind->x * box.width(), layer.behind->y * box.height()) *
                placed_;
        }
    }

    void paint() {
        Canvas once = canvas_;
        once.kept = nullptr; // an echo is as the layer was at another time
        for (auto echo = layer_.echoes.rbegin(); echo != layer_.echoes.rend(); ++echo)
            LayerPainter(painter_, *echo, view_, opacity_share(), once).paint();
        if (opacity_ <= 0 || at_.scale <= 0 || !placed_.isInvertible())
            return;
        if (!is_simple())
            return paint_apart();
        painter_.setCompositionMode(composition_mode(blend_of(layer_.blend)));
        painter_.setOpacity(opacity_);
        draw(painter_, placed_, opacity_, canvas_);
        painter_.setCompositionMode(QPainter::CompositionMode_SourceOver);
        painter_.setOpacity(1);
    }

private:
    [[nodiscard]] double opacity_share() const { return at_.opacity > 0 ? opacity_ / at_.opacity : 0; }

    /// It can be drawn onto the canvas as it is.
    [[nodiscard]] bool is_simple() const {
        const bool whole = layer_.kind != layers::group || (opacity_ >= 1 && layer_.blend == "normal");
        return whole && !painted_over(layer_.values) && layer_.matte.kind == Matte::Kind::None &&
               !layer_.wipe && !layer_.behind && layer_.path.empty() && draws_once();
    }

    /// What lies over itself would be seen twice where it is transparent or blended.
    [[nodiscard]] bool draws_once() const {
        if (opacity_ >= 1 && layer_.blend == "normal")
            return true;
        const auto lies_over_itself = content_painter(layer_.kind).lies_over_itself;
        return lies_over_itself && !lies_over_itself(layer_);
    }

    void draw(QPainter& painter, const QTransform& placed, double opacity, const Canvas& canvas) const {
        if (layer_.kind == layers::group)
            return paint_layers(painter, layer_.inner, placed, opacity, canvas);
        painter.setTransform(placed);
        content_painter(layer_.kind).draw(painter, layer_, canvas.content());
        painter.resetTransform();
    }

    /// On an image of its own, as large as what it fills and what its effects reach.
    void paint_apart() {
        const QRectF box = layer_box(layer_, canvas_.content());
        if (box.isEmpty())
            return;
        const double reach = reach_of(layer_.values) * canvas_.pixel + 2;
        QRectF filled = placed_.mapRect(box);
        for (const auto& at : layer_.path)
            filled |= (place_in_picture(layer_, at) * view_).mapRect(box);
        const QRect area =
            filled.adjusted(-reach, -reach, reach, reach).toAlignedRect() & QRect(QPoint(), canvas_.size);
        if (area.isEmpty())
            return;
        if (!canvas_.kept)
            return lay_down(made_apart(box, area), area.topLeft());
        auto made_of = this->made_of(area);
        QImage own = canvas_.kept->find(made_of);
        if (own.isNull()) {
            own = made_apart(box, area);
            canvas_.kept->keep(std::move(made_of), own);
        }
        lay_down(own, area.topLeft());
    }

    [[nodiscard]] QImage made_apart(const QRectF& box, const QRect& area) const {
        const QTransform to_area = QTransform::fromTranslate(-area.left(), -area.top());
        QImage own = layer_.path.empty() ? drawn(area.size(), placed_ * to_area, to_area)
                                         : blurred(area.size(), to_area);
        paint_effects(own, layer_.values, area.topLeft(), turning_, canvas_);
        const QTransform local = (placed_ * to_area).inverted();
        if (layer_.matte.kind != Matte::Kind::None)
            apply_matte(own, layer_, local, box, area.topLeft(), view_, canvas_);
        if (layer_.wipe)
            apply_wipe(own, layer_.wipe->wiped, layer_.wipe->wipe_angle, 0.05, false, local, box);
        if (layer_.behind)
            cut_off(own, local, box);
        return own;
    }

    /// What an image of it in that place is made of.
    [[nodiscard]] KeptLayers::MadeOf made_of(const QRect& area) const {
        KeptLayers::MadeOf made{layer_,       {},      {},
                                {},           placed_, view_,
                                canvas_.seen, area,    {canvas_.staged.width, canvas_.staged.height}};
        made.layer.echoes.clear();
        made.layer.values.set("opacity", 100);
        forget_time(made.layer);
        add_to(made, layer_);
        return made;
    }
    /// It counts where something turns by it, and that is told besides.
    static void forget_time(StagedLayer& layer) {
        layer.turning.reset();
        for (auto* all : {&layer.inner, &layer.matte_of})
            for (auto& inner : *all)
                forget_time(inner);
    }
    void add_to(KeptLayers::MadeOf& made, const StagedLayer& layer) const {
        const double seconds = layer.turning.value_or(canvas_.staged.seconds);
        for (const auto& acting : acting_effects(layer.values))
            if (const auto* painter = painter_at(acting); painter && painter->depends_on_time)
                made.seconds.push_back(seconds);
        if (const auto shown = canvas_.pictures.find(layer.id); shown != canvas_.pictures.end()) {
            const auto& [shot, incoming, share, change] = shown->second;
            made.pictures.push_back({shot.image.cacheKey(), incoming.image.cacheKey(), shot.framing,
                                     incoming.framing, shot.slate, incoming.slate, share, change});
        }
        for (const auto* all : {&layer.inner, &layer.matte_of})
            for (const auto& inner : *all) {
                made.inner.push_back(
                    placement_of(inner.values, inner.turning.value_or(canvas_.staged.seconds)));
                add_to(made, inner);
            }
    }

    void lay_down(const QImage& own, QPoint corner) {
        const Blend blend = blend_of(layer_.blend);
        if (blend == Blend::Normal) { // which the painter is quickest at
            painter_.setOpacity(opacity_);
            painter_.drawImage(corner, own);
            painter_.setOpacity(1);
        } else // All is painted on images, and nothing waits in the painter.
            lay_over(*static_cast<QImage*>(painter_.device()), corner, own, blend, opacity_);
    }

    /// What lies beyond its place's edge is behind what stands there.
    void cut_off(QImage& image, const QTransform& local, const QRectF& box) const {
        const double x = layer_.behind->x, y = layer_.behind->y;
        const double angle = x != 0 ? (x < 0 ? 180 : 0) : (y < 0 ? -90 : 90);
        apply_wipe(image, 1 - std::abs(x != 0 ? x : y), angle, 0, false, local, box);
    }

    [[nodiscard]] QImage drawn(QSize size, const QTransform& placed, const QTransform& to_area) const {
        QImage image = empty_image(size);
        QPainter on(&image);
        prepare(on);
        draw(on, placed, 1,
             {canvas_.staged, canvas_.pictures, canvas_.pixel, canvas_.seen * to_area, size,
              layer_.path.empty() ? canvas_.kept : nullptr});
        return image;
    }

    /// The mean of the places that it passes while the shutter is open.
    [[nodiscard]] QImage blurred(QSize size, const QTransform& to_area) const {
        cv::Mat sum(size.height(), size.width(), CV_32SC4, cv::Scalar::all(0));
        for (const auto& at : layer_.path) {
            const QImage one = drawn(size, place_in_picture(layer_, at) * view_ * to_area, to_area);
            const cv::Mat pixels(one.height(), one.width(), CV_8UC4, const_cast<uchar*>(one.constBits()),
                                 static_cast<std::size_t>(one.bytesPerLine()));
            cv::add(sum, pixels, sum, cv::noArray(), CV_32S);
        }
        QImage mean = empty_image(size);
        cv::Mat pixels(mean.height(), mean.width(), CV_8UC4, mean.bits(),
                       static_cast<std::size_t>(mean.bytesPerLine()));
        sum.convertTo(pixels, CV_8U, 1.0 / static_cast<double>(layer_.path.size()));
        return mean;
    }

    QPainter& painter_;
    const StagedLayer& layer_;
    const QTransform& view_;
    const Canvas& canvas_;
    double turning_;
    Placement at_;
    double opacity_;
    QTransform placed_;
};

} // namespace

bool painted_over(const LayerValues& values) {
    const auto acting = acting_effects(values);
    return std::any_of(acting.begin(), acting.end(),
                       [](const ActingEffect& effect) { return painter_at(effect) != nullptr; });
}

void paint_effects(QImage& image, const LayerValues& values, QPointF corner, double seconds,
                   const Canvas& canvas) {
    cv::Mat pixels(image.height(), image.width(), CV_8UC4, image.bits(),
                   static_cast<std::size_t>(image.bytesPerLine()));
    const QPointF middle = canvas.seen.map(QPointF(0, 0)) - corner;
    for (const auto& acting : acting_effects(values))
        if (const auto* painter = painter_at(acting))
            painter->paint(pixels, {EffectValues(values, acting.number),
                                    canvas.pixel,
                                    {middle.x(), middle.y()},
                                    {canvas.staged.width * canvas.pixel, canvas.staged.height * canvas.pixel},
                                    seconds});
}

void paint_layers(QPainter& painter, const std::vector<StagedLayer>& layers, const QTransform& view,
                  double opacity, const Canvas& canvas) {
    for (const auto& layer : layers)
        LayerPainter(painter, layer, view, opacity, canvas).paint();
}

} // namespace pulsepin
