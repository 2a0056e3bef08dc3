// SPDX-License-Identifier: GPL-3.0-or-later
#include "model/duplicate_edits.h"

#include "model/lane_edits.h"
#include "model/stage_edits.h"

#include <algorithm>
#include <cmath>
#include <map>
#include <set>

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
    if (part_of<Motion>(copy) &&
        part_of<Motion>(copy)->own.property == lane.name) // it was called after its lane
        part_of<Motion>(copy)->own.property = copy.name;
    if (!pins)
        copy.pins.clear();
    std::map<PinId, PinId> renamed;
    std::map<PlantingId, PlantingId> planted;
    auto plantings = *next.plantings;
    for (auto& pin : copy.pins) {
        const PinId id{next.next_id++};
        renamed[pin.id] = id;
        pin.id = id;
        if (pin.planting.value == 0)
            continue;
        auto& twin = planted[pin.planting]; // the copy can be run again as the other can
        if (const auto found = std::find_if(plantings.begin(), plantings.end(),
                                            [&](const Planting& one) { return one.id == pin.planting; });
            twin.value == 0 && found != plantings.end()) {
            Planting rule = *found;
            twin = rule.id = PlantingId{next.next_id++};
            rule.lane = copy.id;
            plantings.push_back(std::move(rule));
        }
        pin.planting = twin;
    }
    next.plantings = std::make_shared<const std::vector<Planting>>(std::move(plantings));
    for (auto& pin : copy.pins) // what was tied to a pin of its lane is tied to that one's copy
        if (auto* tied = std::get_if<MarkerAnchor>(&pin.anchor))
            if (const auto found = renamed.find(tied->marker); found != renamed.end())
                tied->marker = found->second;
    return copy;
}

std::set<std::uint64_t> layer_ids(const Stage& stage) {
    std::set<std::uint64_t> ids;
    for (const auto& layer : stage.layers)
        ids.insert(layer.id.value);
    return ids;
}

bool drives(const Lane& lane, LayerId layer) {
    if (part_of<Showing>(lane) && part_of<Showing>(lane)->layer == layer)
        return true;
    return part_of<Motion>(lane) &&
           (part_of<Motion>(lane)->own.target.layer == layer ||
            std::any_of(part_of<Motion>(lane)->feeds.begin(), part_of<Motion>(lane)->feeds.end(),
                        [&](const Feed& feed) { return feed.target.layer == layer; }));
}

std::string name_of(const Project& project, LayerId id) {
    const Layer* layer = project.stage->layer(id);
    return layer ? layer->name : std::string();
}

/// Tables call a property after its layer: "Kite: opacity".
void rename_property(Feed& feed, const std::string& layer, const std::string& other) {
    if (!layer.empty() && feed.property.starts_with(layer))
        feed.property.replace(0, layer.size(), other);
}

/// Copies of the lanes of `from` that drive the layer instead, and nothing else.
Project with_lanes_for(Project next, const Project& project, LayerId from, LayerId layer, Frames later) {
    for (const auto& lane : project.lanes) {
        if (!drives(*lane, from))
            continue;
        Lane twin = copied(*lane, next, true, later);
        if (part_of<Showing>(twin))
            part_of<Showing>(twin)->layer = layer;
        Motion none;
        Motion& motion = part_of<Motion>(twin) ? *part_of<Motion>(twin) : none;
        const auto follow = [&](Feed& feed) {
            if (feed.target.layer != from) {
                feed.target = {};
                return;
            }
            rename_property(feed, name_of(project, from), name_of(next, layer));
            feed.target.layer = layer;
        };
        follow(motion.own);
        std::erase_if(motion.feeds, [&](const Feed& feed) { return feed.target.layer != from; });
        for (auto& feed : motion.feeds)
            follow(feed);
        const auto after = std::find_if(next.lanes.begin(), next.lanes.end(),
                                        [&](const auto& one) { return one->id == lane->id; });
        next.lanes.insert(after + 1, std::make_shared<const Lane>(std::move(twin)));
    }
    return next;
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
    next = with_lanes_for(*std::move(next), project, id, made, later);
    // What lies in a group lies in its copy as well.
    for (const auto& inner : project.stage->layers) {
        if (inner.group != id)
            continue;
        const std::set<std::uint64_t> before = layer_ids(*next->stage);
        next = with_layer_duplicated(*next, inner.id, later);
        if (!next)
            return next;
        for (const auto& other : next->stage->layers)
            if (!before.contains(other.id.value) && other.group == id) {
                Layer moved = other;
                moved.group = made;
                next = with_changed_layer(*next, std::move(moved));
                break;
            }
    }
    return next;
}

Result<Project> with_lanes_of(const Project& project, LayerId id, LayerId from) {
    if (!project.stage->layer(id) || !project.stage->layer(from))
        return fail("That layer is no longer there.");
    return with_lanes_for(project, project, from, id, Frames(0));
}

Result<Project> with_layer_repeated(const Project& project, LayerId id, const LayerStep& step, int times) {
    const std::uint64_t first = std::max<std::uint64_t>(project.next_id, 3);
    Result<Project> next = project;
    LayerId last = id;
    for (int i = 1; i <= times && next; ++i) {
        const std::set<std::uint64_t> before = layer_ids(*next->stage);
        next = with_layer_duplicated(*next, last, step.later);
        if (!next)
            return next;
        for (const auto& layer : next->stage->layers)
            if (layer.id.value >= first && !before.contains(layer.id.value))
                last = layer.id;
        Layer moved = *next->stage->layer(last);
        const auto by = [&](const char* parameter, double much, double initial) {
            if (much == 0)
                return;
            const auto found = moved.values.find(parameter);
            moved.values[parameter] = (found == moved.values.end() ? initial : found->second) + much;
        };
        by("position-x", step.x, 0);
        by("position-y", step.y, 0);
        by("rotation", step.turn, 0);
        by("scale", step.scale, 100);
        next = with_changed_layer(*next, std::move(moved));
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
    changed.colours = other->colours;
    changed.options = other->options;
    changed.effects = other->effects;
    return with_changed_layer(project, std::move(changed));
}

Result<Project> with_shape_of(const Project& project, LaneId id, LaneId from) {
    const Lane* lane = project.lane(id);
    const Lane* other = project.lane(from);
    if (!lane || !other)
        return fail("That lane is no longer there.");
    if (lane->kind != other->kind || !(holds<PulseBody>(lane->kind) || lane->kind->follows))
        return fail("\"" + other->name + "\" has no shape for \"" + lane->name + "\".", {},
                    "Choose another lane of pulses, or of a follower.");
    Motion motion = *part_of<Motion>(*lane);
    motion.pulse = part_of<Motion>(*other)->pulse;
    motion.follower = part_of<Motion>(*other)->follower;
    return with_motion(project, id, std::move(motion));
}

} // namespace pulsepin
