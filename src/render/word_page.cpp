// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/word_page.h"

#include "render/content/content_painter.h"
#include "render/layer_image.h"

#include <algorithm>
#include <map>

namespace pulsepin {
namespace {

const Layer* layer_of(const Project& project, LaneId titles) {
    const Lane* lane = project.lane(titles);
    return lane && part_of<Showing>(*lane) ? project.stage->layer(part_of<Showing>(*lane)->layer) : nullptr;
}

} // namespace

std::vector<PlacedWord> placed_words(const Schedule& schedule, LaneId titles) {
    std::vector<PlacedWord> placed;
    const Project& project = schedule.project();
    const Layer* layer = layer_of(project, titles);
    if (!layer)
        return placed;
    const auto& settings = *project.settings;
    const LayerPictures none;
    const ContentContext context{none, {settings.picture_width, settings.picture_height}, 0};
    std::map<PinId, Seconds> times;
    for (const auto& pin : schedule.pins(titles).pins)
        times[pin.id] = pin.time;
    for (const auto& span : schedule.spans(titles).appearances) {
        const auto& body = body_of<AppearanceBody>(project.lane(titles)->pins[span.index].body);
        StagedLayer staged{layer->kind,
                           layer->id,
                           span.text.empty() ? layer->text : span.text,
                           layer->shape,
                           body.coloured ? body.colour : layer->colour,
                           LayerValues(*layer)};
        auto& values = staged.values;
        if (!body.font.empty())
            values.set_option("font", body.font);
        if (body.weight > 0)
            values.set("font-weight", body.weight);
        values.raise("position-x", body.x);
        values.raise("position-y", body.y);
        values.raise("rotation", body.turn);
        values.scale("scale", body.scale / 100);
        placed.push_back({span.pin, times[span.pin], place_of(placement_of(values, 0)),
                          content_painter(layer->kind).box(staged, context),
                          title_path(staged, settings.picture_height), shown(staged.colour)});
    }
    return placed;
}

QTransform ground_of_words(const Project& project, const StagedFrame& seen, LaneId titles) {
    QTransform ground;
    const Layer* layer = layer_of(project, titles);
    const auto places = staged_places(seen);
    const Stage& stage = *project.stage;
    const Layer* group = layer ? stage.layer(layer->group) : nullptr;
    for (std::size_t deep = 0; group && deep < stage.layers.size(); ++deep) {
        const auto staged = std::ranges::find_if(
            places, [&](const StagedPlace& place) { return place.layer->id == group->id; });
        ground *= staged == places.end() // by itself where it is not seen
                      ? place_of(placement_of(LayerValues(*group), seen.seconds))
                      : place_in_picture(*staged->layer, placement_of(staged->layer->values, seen.seconds));
        group = stage.layer(group->group);
    }
    return ground * camera_view(seen);
}

PinSet appearing_at(const StagedFrame& seen) {
    PinSet there;
    for_staged(seen.layers, [&](const StagedLayer& one, const auto&) { there.insert(one.appearance); });
    return there;
}

} // namespace pulsepin
