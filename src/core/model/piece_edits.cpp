// SPDX-License-Identifier: GPL-3.0-or-later
#include "model/piece_edits.h"

#include "model/edits.h"
#include "model/limits.h"

#include <algorithm>

namespace pulsepin {
namespace {

/// How much a position grows; 1 for what is no position.
double growth_of(const Target& target, double across, double down) {
    if (target.layer.value == 0)
        return 1;
    return target.parameter == "position-x" ? across : target.parameter == "position-y" ? down : 1;
}

void grow(Feed& feed, double by) {
    feed.low *= by;
    feed.high *= by;
}

Lane with_framings_moved(Lane lane, double across, double down) {
    for (auto& pin : lane.pins) {
        auto& framing = body_of<CutBody>(pin.body).framing;
        framing.x *= across;
        framing.y *= down;
    }
    return lane;
}

Lane with_appearances_moved(Lane lane, double across, double down) {
    for (auto& pin : lane.pins) {
        auto& appearance = body_of<AppearanceBody>(pin.body);
        appearance.x *= across;
        appearance.y *= down;
    }
    return lane;
}

} // namespace

Result<Project> with_picture_size(const Project& project, int width, int height) {
    if (width < limits::picture_side.least || width > limits::picture_side.most ||
        height < limits::picture_side.least || height > limits::picture_side.most)
        return fail("A picture is between 1 and 16384 pixels wide and high.");
    Settings settings = *project.settings;
    const double across = static_cast<double>(width) / settings.picture_width,
                 down = static_cast<double>(height) / settings.picture_height;
    settings.picture_width = width;
    settings.picture_height = height;
    Project next = with_settings(project, settings);
    Stage stage = *next.stage;
    for (auto& layer : stage.layers) {
        for (auto& point : layer.points) {
            point.x *= across;
            point.y *= down;
        }
        for (const auto& [id, by] : {std::pair("position-x", across), std::pair("position-y", down)})
            if (const auto found = layer.values.find(id); found != layer.values.end())
                found->second *= by;
    }
    next.stage = std::make_shared<const Stage>(std::move(stage));
    for (auto& shared : next.lanes) {
        if (holds<AppearanceBody>(shared->kind))
            shared = std::make_shared<const Lane>(with_appearances_moved(*shared, across, down));
        if (holds<CutBody>(shared->kind))
            shared = std::make_shared<const Lane>(with_framings_moved(*shared, across, down));
        if (!part_of<Motion>(*shared))
            continue;
        Lane lane = *shared;
        if (holds<PoseBody>(lane.kind))
            for (auto& pin : lane.pins) {
                auto& values = body_of<PoseBody>(pin.body).values;
                values[pose_index("position-x")] *= across;
                values[pose_index("position-y")] *= down;
            }
        const double own = growth_of(part_of<Motion>(lane)->own.target, across, down);
        grow(part_of<Motion>(lane)->own, own);
        for (auto& feed : part_of<Motion>(lane)->feeds)
            grow(feed, growth_of(feed.target, across, down));
        if (is_keyed(lane.kind)) // the values of keys are those of its own property
            for (auto& pin : lane.pins)
                if (auto* key = body_if<KeyBody>(&pin.body))
                    key->value *= own;
        if (!(lane == *shared))
            shared = std::make_shared<const Lane>(std::move(lane));
    }
    return next;
}

Project with_piece_named(const Project& project, std::string title, std::string author, std::string remarks) {
    Settings settings = *project.settings;
    settings.title = std::move(title);
    settings.author = std::move(author);
    settings.remarks = std::move(remarks);
    return with_settings(project, settings);
}

} // namespace pulsepin
