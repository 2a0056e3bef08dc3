// SPDX-License-Identifier: GPL-3.0-or-later
#include "model/duplicate_edits.h"

#include "model/lane_edits.h"
#include "model/stage_edits.h"

#include <algorithm>
#include <cmath>
#include <map>

namespace pulsepin {
namespace {

/// "Kite 2", "Kite 3": the next that is not taken.
template <class Taken>
std::string next_name(std::string name, Taken taken) {
    const auto space = name.find_last_of(' ');
    if (space != std::string::npos && space + 1 < name.size() &&
        name.find_first_not_of("0123456789", space + 1) == std::string::npos)
        name.resize(space);
    for (int number = 2;; ++number)
        if (std::string candidate = name + " " + std::to_string(number); !taken(candidate))
            return candidate;
}

Offset earlier_lead(const Offset& lead, Frames later, FrameRate rate) {
    if (const auto* frames = std::get_if<Frames>(&lead))
        return *frames - later;
    return std::get<Seconds>(lead) - rate.start_of(later);
}

/// With ids of its own.
Lane copied(const Lane& lane, Project& next, bool pins, Frames later) {
    Lane copy = lane;
    copy.id = LaneId{next.next_id++};
    copy.locked = false;
    copy.lead = earlier_lead(lane.lead, later, next.settings->frame_rate);
    copy.name = next_name(lane.name, [&](const std::string& name) {
        return std::any_of(next.lanes.begin(), next.lanes.end(),
                           [&](const auto& one) { return one->name == name; });
    });
    if (!pins)
        copy.pins.clear();
    std::map<PinId, PinId> renamed;
    for (auto& pin : copy.pins) {
        const PinId id{next.next_id++};
        renamed[pin.id] = id;
        pin.id = id;
        pin.planting = {};
        pin.home.reset();
        pin.moved = pin.altered = false;
    }
    for (auto& pin : copy.pins) // what was tied to a pin of its lane is tied to that one's copy
        if (auto* tied = std::get_if<MarkerAnchor>(&pin.anchor))
            if (const auto found = renamed.find(tied->marker); found != renamed.end())
                tied->marker = found->second;
    return copy;
}

bool drives(const Lane& lane, LayerId layer) {
    return lane.motion && (lane.motion->own.target.layer == layer ||
                           std::any_of(lane.motion->feeds.begin(), lane.motion->feeds.end(),
                                       [&](const Feed& feed) { return feed.target.layer == layer; }));
}

} // namespace

Result<Project> with_lane_duplicated(const Project& project, LaneId id, bool pins, Frames later) {
    const auto found = std::find_if(project.lanes.begin(), project.lanes.end(),
                                    [id](const auto& lane) { return lane->id == id; });
    if (found == project.lanes.end())
        return fail("That lane is no longer there.");
    Project next = project;
    auto copy = std::make_shared<const Lane>(copied(**found, next, pins, later));
    next.lanes.insert(next.lanes.begin() + (found - project.lanes.begin()) + 1, std::move(copy));
    return next;
}

Result<Project> with_layer_duplicated(const Project& project, LayerId id, Frames later) {
    const Layer* layer = project.stage->layer(id);
    if (!layer)
        return fail("That layer is no longer there.");
    Layer copy = *layer;
    copy.name = next_name(layer->name, [&](const std::string& name) {
        return std::any_of(project.stage->layers.begin(), project.stage->layers.end(),
                           [&](const Layer& one) { return one.name == name; });
    });
    auto added = with_layer(project, std::move(copy));
    if (!added)
        return added;
    const auto& layers = added->stage->layers;
    const LayerId made = layers[layers.size() - 2].id;
    const auto place =
        std::find_if(layers.begin(), layers.end(), [id](const Layer& one) { return one.id == id; });
    const auto down = static_cast<int>(layers.end() - place) - 3; // from just below the camera
    auto next = down > 0 ? with_layer_raised(*added, made, -down) : std::move(added);
    if (!next)
        return next;
    for (const auto& lane : project.lanes) {
        if (!drives(*lane, id))
            continue;
        Lane twin = copied(*lane, *next, true, later);
        Motion& motion = *twin.motion;
        const auto follow = [&](Feed& feed) {
            feed.target.layer = feed.target.layer == id ? made : LayerId{};
        };
        follow(motion.own);
        std::erase_if(motion.feeds, [&](const Feed& feed) { return feed.target.layer != id; });
        for (auto& feed : motion.feeds)
            follow(feed);
        const auto after = std::find_if(next->lanes.begin(), next->lanes.end(),
                                        [&](const auto& one) { return one->id == lane->id; });
        next->lanes.insert(after + 1, std::make_shared<const Lane>(std::move(twin)));
    }
    return next;
}

Result<Project> with_values_of(const Project& project, LayerId id, LayerId from) {
    const Layer* layer = project.stage->layer(id);
    const Layer* other = project.stage->layer(from);
    if (!layer || !other)
        return fail("That layer is no longer there.");
    Layer changed = *layer;
    changed.values = other->values;
    return with_changed_layer(project, std::move(changed));
}

Result<Project> with_shape_of(const Project& project, LaneId id, LaneId from) {
    const Lane* lane = project.lane(id);
    const Lane* other = project.lane(from);
    if (!lane || !other)
        return fail("That lane is no longer there.");
    if (lane->kind != other->kind || !(lane->kind->pulses || lane->kind->follows))
        return fail("\"" + other->name + "\" has no shape for \"" + lane->name + "\".", {},
                    "Choose another lane of pulses, or of a follower.");
    Motion motion = *lane->motion;
    motion.pulse = other->motion->pulse;
    motion.follower = other->motion->follower;
    return with_motion(project, id, std::move(motion));
}

} // namespace pulsepin
