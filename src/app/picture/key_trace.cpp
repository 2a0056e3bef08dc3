// SPDX-License-Identifier: GPL-3.0-or-later
#include "picture/key_trace.h"

#include "base/whole.h"
#include "time/musical_text.h"

#include <algorithm>

namespace pulsepin {
namespace {

bool places(const Feed& feed, LayerId layer) {
    static constexpr std::string_view parameters[] = {"position-x", "position-y", "scale", "rotation"};
    return feed.target.layer == layer && std::find(std::begin(parameters), std::end(parameters),
                                                   feed.target.parameter) != std::end(parameters);
}

/// The beat, or quarter of one, that the frame stands for, if there is one.
QString place_text(const BeatGrid& grid, FrameRate rate, Frames frame) {
    const Seconds time = rate.start_of(frame);
    Ticks tick = grid.nearest_tick(time);
    constexpr std::int64_t quarter = ticks_per_beat / 4;
    const Ticks near(nearest_whole(static_cast<double>(tick.value) / quarter) * quarter);
    if (std::abs((grid.time_at(near) - time).value) < rate.frame_length().value)
        tick = near;
    return QString::fromStdString(format_position(grid.position_of(tick)));
}

} // namespace

StagedFrame placed_at(const Curves& curves, LayerId id, Frames frame) {
    const Project& project = curves.project();
    StagedFrame staged;
    staged.width = project.settings->picture_width;
    staged.height = project.settings->picture_height;
    const auto driven = driven_at(curves, static_cast<double>(frame.value));
    const auto place = [&](const Layer& layer) {
        LayerValues values;
        for (const auto& row : place_parameters()) {
            const std::string parameter(row.id);
            if (const auto own = layer.values.find(parameter); own != layer.values.end())
                values.set(parameter, own->second);
            for (const auto& one : driven)
                if (one.target.layer == layer.id && one.target.parameter == parameter)
                    values.set(parameter, one.value);
        }
        return values;
    };
    for (const auto& layer : project.stage->layers)
        if (layer.kind == layers::camera)
            staged.camera = place(layer);
        else if (layer.id == id)
            staged.layers.push_back(
                {layer.kind, layer.id, layer.text, layer.shape, layer.colour, place(layer)});
    return staged;
}

KeyTrace key_trace(const Curves& curves, LayerId layer, Frames frame) {
    const Project& project = curves.project();
    std::optional<Frames> before, after;
    for (const auto& lane : project.lanes) {
        const auto feeds = feeds_of(*lane);
        if (!(is_keyed(lane->kind) || holds<PoseBody>(lane->kind)) || lane->muted ||
            std::none_of(feeds.begin(), feeds.end(), [&](const Feed& feed) { return places(feed, layer); }))
            continue;
        for (const auto& key : curves.schedule.spans(lane->id).keys.keys()) {
            if (key.frame < frame && (!before || key.frame > *before))
                before = key.frame;
            if (key.frame > frame && (!after || key.frame < *after))
                after = key.frame;
        }
    }
    KeyTrace trace;
    for (const auto& key : {before, after})
        if (key) {
            trace.keys.push_back(*key);
            trace.places.push_back(project.grid
                                       ? place_text(*project.grid, project.settings->frame_rate, *key)
                                       : QString::number(key->value));
        }
    const Frames from = before.value_or(frame), until = after.value_or(frame);
    constexpr int pieces = 24;
    for (int i = 0; i <= pieces && from < until; ++i)
        trace.between.push_back(from + Frames((until - from).value * i / pieces));
    return trace;
}

} // namespace pulsepin
