// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/word_page.h"

#include "render/content/content_painter.h"
#include "render/layer_image.h"

#include <algorithm>
#include <map>
#include <set>

namespace pulsepin {
namespace {

/// The groups that a layer lies in, the innermost first, as they are seen; by themselves where they are not.
QTransform ground_of(const Stage& stage, const StagedFrame& seen, const Layer& layer) {
    QTransform ground;
    const auto places = staged_places(seen);
    const Layer* group = stage.layer(layer.group);
    for (std::size_t deep = 0; group && deep < stage.layers.size(); ++deep) {
        const auto staged = std::ranges::find_if(
            places, [&](const StagedPlace& place) { return place.layer->id == group->id; });
        ground *= staged == places.end()
                      ? place_of(placement_of(LayerValues(*group), seen.seconds))
                      : place_in_picture(*staged->layer, placement_of(staged->layer->values, seen.seconds));
        group = stage.layer(group->group);
    }
    return ground * camera_view(seen);
}

} // namespace

std::vector<PlacedWord> placed_words(const Schedule& schedule, const StagedFrame& seen, LaneId titles) {
    std::vector<PlacedWord> placed;
    const Project& project = schedule.project();
    const Lane* lane = project.lane(titles);
    const Layer* layer = lane && lane->showing ? project.stage->layer(lane->showing->layer) : nullptr;
    if (!layer)
        return placed;
    std::set<PinId> there;
    for_staged(seen.layers, [&](const StagedLayer& one, const auto&) { there.insert(one.appearance); });
    const QTransform ground = ground_of(*project.stage, seen, *layer);
    const LayerPictures none;
    const ContentContext context{none, {seen.width, seen.height}, seen.seconds};
    const LayerValues own(*layer);
    std::map<PinId, Seconds> times;
    for (const auto& pin : schedule.pins(titles).pins)
        times[pin.id] = pin.time;
    for (const auto& span : schedule.spans(titles).appearances) {
        const auto& body = body_of<AppearanceBody>(lane->pins[span.index].body);
        PlacedWord one;
        one.pin = span.pin;
        one.sung = times[span.pin];
        one.staged = {layer->kind,
                      layer->id,
                      span.text.empty() ? layer->text : span.text,
                      layer->shape,
                      body.coloured ? body.colour : layer->colour,
                      own};
        auto& values = one.staged.values;
        if (!body.font.empty())
            values.set_option("font", body.font);
        if (body.weight > 0)
            values.set("font-weight", body.weight);
        values.raise("position-x", body.x);
        values.raise("position-y", body.y);
        values.raise("rotation", body.turn);
        values.scale("scale", body.scale / 100);
        one.place = place_of(placement_of(values, seen.seconds)) * ground;
        one.ground = ground;
        one.box = content_painter(layer->kind).box(one.staged, context);
        one.there = there.contains(span.pin);
        placed.push_back(std::move(one));
    }
    return placed;
}

void draw_word(QPainter& painter, const PlacedWord& word, const QTransform& view, const StagedFrame& seen) {
    painter.save();
    painter.setTransform(word.place * view, true);
    const LayerPictures none;
    content_painter(word.staged.kind)
        .draw(painter, word.staged, {none, {seen.width, seen.height}, seen.seconds});
    painter.restore();
}

} // namespace pulsepin
