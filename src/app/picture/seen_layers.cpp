// SPDX-License-Identifier: GPL-3.0-or-later
#include "picture/seen_layers.h"

#include <QLineF>
#include <algorithm>
#include <cmath>
#include <utility>

namespace pulsepin {
namespace {

constexpr double grip_reach = 8, arm_length = 34; // points

/// The layer by itself, within its groups: whether any of it is seen within a few points of there.
bool draws_at(const StagedFrame& staged, const StagedPlace& place, const PreviewView& preview, QPointF at) {
    constexpr double reach = 6;
    constexpr int least_alpha = 8;
    if (place.layer->kind == layers::shots)
        return true;
    StagedFrame alone = staged;
    alone.before.clear();
    alone.band.reset();
    std::vector<StagedLayer> layers{*place.layer};
    for (auto group = place.around.rbegin(); group != place.around.rend(); ++group) {
        StagedLayer around = **group;
        around.inner = std::exchange(layers, {});
        layers.push_back(std::move(around));
    }
    alone.layers = std::move(layers);
    const QPointF corner(reach, reach);
    const QRectF part(preview.scale().to_picture(at - corner), preview.scale().to_picture(at + corner));
    const QImage seen = composed_part(alone, part, {12, 12}, preview.pictures(), Ground::None);
    for (int y = 0; y < seen.height(); ++y)
        for (int x = 0; x < seen.width(); ++x)
            if (qAlpha(seen.pixel(x, y)) >= least_alpha)
                return true;
    return false;
}

} // namespace

QPolygonF ShownLayer::corners() const {
    return place.map(
        QPolygonF({content.topLeft(), content.topRight(), content.bottomRight(), content.bottomLeft()}));
}

const Layer* SeenLayers::chosen() const {
    return document_.project().stage->layer(view_.layer());
}

bool SeenLayers::camera_chosen() const {
    const Layer* layer = chosen();
    return layer && layer->kind == layers::camera;
}

std::optional<FramedShot> SeenLayers::framed_shot(const StagedFrame& staged) const {
    const Layer* layer = chosen();
    if (!framing || !layer || layer->kind != layers::shots)
        return std::nullopt;
    const auto& project = document_.project();
    const Lane* lane =
        layer->cuts.value != 0 ? project.lane(layer->cuts) : project.first_lane(body_type<CutBody>);
    const auto* span = lane ? shot_at(document_.shots(lane->id), preview_.frame_now()) : nullptr;
    const auto picture = preview_.pictures().find(layer->id);
    if (!span || picture == preview_.pictures().end() || picture->second.shot.image.isNull())
        return std::nullopt;
    if (const auto place = staged_place(staged, layer->id); place.layer) {
        FramedShot framed{span->cut, picture->second.shot, seen_place(staged, *place.layer, place.around)};
        framed.shot.framing = span->framing;
        for (const auto& [id, value] : draft)
            (id == "framing-x"   ? framed.shot.framing.x
             : id == "framing-y" ? framed.shot.framing.y
                                 : framed.shot.framing.scale) = value;
        return framed;
    }
    return std::nullopt;
}

std::optional<ShownLayer> SeenLayers::shown_of(const StagedFrame& staged, LayerId id) const {
    const auto place = staged_place(staged, id);
    return place.layer ? std::optional(shown_of(staged, place)) : std::nullopt;
}

ShownLayer SeenLayers::shown_of(const StagedFrame& staged, const StagedPlace& place) const {
    QRectF content = content_box(*place.layer, preview_.pictures(), {staged.width, staged.height});
    if (content.isEmpty()) // nothing to see: as large as a picture would be
        content = QRectF(-staged.width / 2.0, -staged.height / 2.0, staged.width, staged.height);
    return {seen_place(staged, *place.layer, place.around) * preview_.scale().transform(), content};
}

std::optional<ShownLayer> SeenLayers::shown_chosen(const StagedFrame& staged) const {
    if (camera_chosen()) {
        QRectF frame(-staged.width / 2.0, -staged.height / 2.0, staged.width, staged.height);
        // Its grips stand within the frame, where they can be reached.
        return ShownLayer{preview_.scale().transform(),
                          frame.adjusted(staged.width * 0.03, staged.height * 0.03, -staged.width * 0.03,
                                         -staged.height * 0.03)};
    }
    if (const auto framed_one = framed_shot(staged))
        return ShownLayer{framed_one->seen * preview_.scale().transform(),
                          framed(framed_one->shot, {staged.width, staged.height})};
    return shown_of(staged, view_.layer());
}

QPointF SeenLayers::pivot_position(const StagedFrame& staged, const ShownLayer& shown) const {
    if (const auto* one = staged_place(staged, view_.layer()).layer)
        return shown.place.map(QPointF(one->values.of("pivot-x"), one->values.of("pivot-y")));
    return shown.place.map(QPointF());
}

/// Above the upper edge; within it, where it would lie beyond the widget.
QPointF SeenLayers::arm_end(const ShownLayer& shown) const {
    const QPointF middle = shown.place.map(QPointF());
    const QPointF top = shown.place.map(QPointF(shown.content.center().x(), shown.content.top()));
    const QLineF up(middle, top);
    const double length = std::max(1.0, up.length());
    const QPointF outside = middle + (top - middle) * ((length + arm_length) / length);
    return preview_.rect().contains(outside.toPoint())
               ? outside
               : middle + (top - middle) * (std::max(length / 2, length - arm_length) / length);
}

std::optional<QPointF> SeenLayers::grip_position(PictureGrip grip) const {
    const auto shown = shown_chosen(preview_.staged());
    if (!shown)
        return std::nullopt;
    switch (grip) {
    case PictureGrip::Corner:
        return shown->place.map(shown->content.bottomRight());
    case PictureGrip::Arm:
        return arm_end(*shown);
    case PictureGrip::Pivot:
        return pivot_position(preview_.staged(), *shown);
    case PictureGrip::Body:
        break;
    }
    return framed_shot(preview_.staged()) ? shown->place.map(shown->content.center())
                                          : shown->place.map(QPointF());
}

std::optional<PictureGrip> SeenLayers::grip_at(const StagedFrame& staged, QPointF at) const {
    const auto shown = shown_chosen(staged);
    if (!shown)
        return std::nullopt;
    const bool shot = framed_shot(staged).has_value();
    if (pivots && !shot && !camera_chosen() &&
        QLineF(pivot_position(staged, *shown), at).length() <= grip_reach)
        return PictureGrip::Pivot;
    if (!shot && QLineF(arm_end(*shown), at).length() <= grip_reach)
        return PictureGrip::Arm;
    const auto box = shown->corners();
    for (const auto& corner : box)
        if (QLineF(corner, at).length() <= grip_reach)
            return PictureGrip::Corner;
    return box.containsPoint(at, Qt::OddEvenFill) ? std::optional(PictureGrip::Body) : std::nullopt;
}

std::vector<LayerId> SeenLayers::layers_at(const StagedFrame& staged, QPointF at) const {
    std::vector<LayerId> found;
    const auto places = staged_places(staged);
    for (auto place = places.rbegin(); place != places.rend(); ++place) {
        if (place->layer->locked)
            continue;
        const auto shown = shown_of(staged, *place);
        if (shown.corners().containsPoint(at, Qt::OddEvenFill) &&
            std::find(found.begin(), found.end(), place->layer->id) == found.end() &&
            draws_at(staged, *place, preview_, at))
            found.push_back(place->layer->id);
    }
    return found;
}

LayerValues values_seen(const StagedFrame& staged, const Layer& layer) {
    if (layer.kind == layers::camera)
        return staged.camera;
    const auto* seen = staged_place(staged, layer.id).layer;
    return seen ? seen->values : LayerValues(layer);
}

} // namespace pulsepin
