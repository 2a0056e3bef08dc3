// SPDX-License-Identifier: GPL-3.0-or-later
#include "check/flash_causes.h"

#include "model/pin_edits.h"
#include "model/stage_edits.h"
#include "stage/effects.h"
#include "stage/trigger_acts.h"

#include <algorithm>
#include <cmath>
#include <set>

namespace pulsepin {
namespace {

constexpr double most_turns = 3; // a second

bool acts_on_light(const TriggerBody& body) {
    const auto acts = acts_of(body);
    return std::any_of(acts.begin(), acts.end(),
                       [](const TriggerAct& act) { return changes_light(act.parameter); });
}

bool strobes(const TriggerBody& body) {
    const auto acts = acts_of(body);
    return std::any_of(acts.begin(), acts.end(),
                       [](const TriggerAct& act) { return base_parameter(act.parameter) == "strobe"; });
}

bool drives_light(const Lane& lane) {
    const auto feeds = feeds_of(lane);
    return std::any_of(feeds.begin(), feeds.end(), [](const Feed& feed) {
        return feed.target.layer.value != 0 && changes_light(feed.target.parameter);
    });
}

/// The strobes of a layer by their parameters' ids.
std::vector<std::string> strobes_of(const Layer& layer) {
    std::vector<std::string> ids;
    for (const auto& [id, value] : layer.values)
        if (base_parameter(id) == "strobe" && value > 0)
            ids.push_back(id);
    return ids;
}

template <class Change>
Project with_lanes_changed(const Project& project, Change change) {
    Project next = project;
    for (auto& lane : next.lanes) {
        Lane changed = *lane;
        if (change(changed))
            lane = std::make_shared<const Lane>(std::move(changed));
    }
    return next;
}

template <class Change>
Project with_layers_changed(const Project& project, const std::vector<LayerId>& layers, Change change) {
    Project next = project;
    Stage stage = *project.stage;
    for (auto& layer : stage.layers)
        if (std::find(layers.begin(), layers.end(), layer.id) != layers.end())
            change(layer);
    next.stage = std::make_shared<const Stage>(std::move(stage));
    return next;
}

std::vector<PinId> pins_of(const FlashCauses& causes) {
    std::vector<PinId> pins;
    for (const auto& one : causes.pins)
        pins.push_back(one.pin);
    return pins;
}

/// The layers that triggers and pulses act on; none where one of them is the camera or holds shots.
std::optional<std::vector<LayerId>> layers_acted_on(const Project& project, const FlashCauses& causes) {
    std::set<std::uint64_t> ids;
    for (const auto& layer : causes.layers)
        ids.insert(layer.value);
    for (const auto& one : causes.pins) {
        const Lane* lane = project.lane(one.lane);
        const Pin* pin = project.pin(one.pin);
        if (const auto* trigger = pin ? body_if<TriggerBody>(&pin->body) : nullptr) {
            if (trigger->on.empty())
                return std::nullopt;
            for (const auto& layer : trigger->on)
                ids.insert(layer.value);
        } else if (lane)
            for (const auto& feed : feeds_of(*lane))
                if (feed.target.layer.value != 0 && changes_light(feed.target.parameter))
                    ids.insert(feed.target.layer.value);
    }
    for (const auto& id : causes.lanes)
        if (const Lane* lane = project.lane(id))
            for (const auto& feed : feeds_of(*lane))
                if (feed.target.layer.value != 0 && changes_light(feed.target.parameter))
                    ids.insert(feed.target.layer.value);
    std::vector<LayerId> layers;
    for (const auto id : ids) {
        const Layer* layer = project.stage->layer(LayerId{id});
        if (!layer || layer->kind == layers::camera)
            return std::nullopt;
        layers.push_back(layer->id);
    }
    return layers;
}

} // namespace

bool changes_light(std::string_view parameter) {
    const auto base = base_parameter(parameter);
    if (base == "opacity")
        return true;
    const auto* row = effect_of_parameter(base);
    return row && row->changes_pixels;
}

FlashCauses flash_causes(const CheckMaterial& material, Frames from, Frames until) {
    FlashCauses causes;
    const Project& project = material.project();
    for (const auto& lane : project.lanes) {
        if (lane->muted || lane->locked)
            continue;
        const auto& spans = material.schedule().spans(lane->id);
        for (const auto& span : spans.triggers) {
            const Pin& pin = lane->pins[span.index];
            if (!span.muted && !span.hidden && !pin.locked && span.start < until && span.end > from &&
                acts_on_light(body_of<TriggerBody>(pin.body)))
                causes.pins.push_back({lane->id, pin.id, span.start});
        }
        if (!lane->kind->drives() || !part_of<Motion>(*lane) || !drives_light(*lane))
            continue;
        for (const auto& pulse : spans.motion.pulses())
            if (const Pin& pin = lane->pins[pulse.index]; !pin.locked &&
                                                          pulse.start < static_cast<double>(until.value) &&
                                                          pulse.end > static_cast<double>(from.value))
                causes.pins.push_back({lane->id, pin.id, Frames(std::llround(pulse.start))});
        if (!holds<PulseBody>(lane->kind))
            causes.lanes.push_back(lane->id);
    }
    for (const auto& layer : project.stage->layers)
        if (!layer.hidden && !strobes_of(layer).empty())
            causes.layers.push_back(layer.id);
    return causes;
}

namespace {

template <class Is>
FlashCauses those_of(const Project& project, const FlashCauses& causes, Is is) {
    FlashCauses some;
    some.layers = causes.layers;
    for (const auto& one : causes.pins)
        if (const Pin* pin = project.pin(one.pin))
            if (const auto* trigger = body_if<TriggerBody>(&pin->body); trigger && is(*trigger))
                some.pins.push_back(one);
    return some;
}

} // namespace

FlashCauses strobes_of(const Project& project, const FlashCauses& causes) {
    return those_of(project, causes, strobes);
}

FlashCauses triggers_of(const Project& project, const FlashCauses& causes) {
    return those_of(project, causes, [](const TriggerBody&) { return true; });
}

Project with_softer(const Project& project, const FlashCauses& causes, double share) {
    const auto pins = pins_of(causes);
    Project next = with_bodies(project, pins, [share](PinBody& body) {
        if (auto* trigger = body_if<TriggerBody>(&body))
            trigger->strength *= share;
        else if (auto* pulse = body_if<PulseBody>(&body))
            pulse->strength *= share;
    });
    next = with_lanes_changed(next, [&](Lane& lane) {
        if (std::find(causes.lanes.begin(), causes.lanes.end(), lane.id) == causes.lanes.end())
            return false;
        const auto softer = [share](Feed& feed) {
            if (feed.target.layer.value != 0 && changes_light(feed.target.parameter))
                feed.high = feed.low + (feed.high - feed.low) * share;
        };
        softer(part_of<Motion>(lane)->own);
        for (auto& feed : part_of<Motion>(lane)->feeds)
            softer(feed);
        return true;
    });
    return with_layers_changed(next, causes.layers, [share](Layer& layer) {
        for (const auto& id : strobes_of(layer))
            layer.values[id] *= share;
    });
}

std::vector<PinId> every_other(const FlashCauses& causes) {
    std::vector<PinId> pins;
    std::size_t place = 0;
    for (std::size_t i = 0; i < causes.pins.size(); ++i) {
        place = i > 0 && causes.pins[i].lane == causes.pins[i - 1].lane ? place + 1 : 0;
        if (place % 2 == 1)
            pins.push_back(causes.pins[i].pin);
    }
    return pins;
}

Result<Project> with_slower(const Project& project, const FlashCauses& causes) {
    std::vector<PinId> strobing;
    std::vector<LayerId> layers = causes.layers;
    bool by_rate = false;
    for (const auto& one : causes.pins)
        if (const Pin* pin = project.pin(one.pin))
            if (const auto* trigger = body_if<TriggerBody>(&pin->body); trigger && strobes(*trigger)) {
                strobing.push_back(pin->id);
                if (trigger->strobe_beats > 0 && project.grid)
                    continue;
                by_rate = true;
                for (const auto& layer : project.stage->layers)
                    if (trigger->on.empty() ? layer.kind == layers::camera
                                            : std::find(trigger->on.begin(), trigger->on.end(), layer.id) !=
                                                  trigger->on.end())
                        layers.push_back(layer.id);
            }
    if (strobing.empty() && layers.empty())
        return fail("There is no strobe there that could turn slower.", {},
                    "Leave out every other one instead.");
    bool driven = false;
    for_feeds(project, [&](const Lane& lane, const Feed& feed) {
        driven = driven || (!lane.muted && base_parameter(feed.target.parameter) == "strobe-rate" &&
                            std::find(layers.begin(), layers.end(), feed.target.layer) != layers.end());
    });
    if (driven && (by_rate || !causes.layers.empty()))
        return fail("A lane drives how fast the strobe turns.", {}, "Lower the lane's range to 3 a second.");
    Project next = project;
    for (const auto id : strobing) {
        const auto at = anchored_time(project.pin(id)->anchor, project).value_or(Seconds(0));
        const double beat = project.grid ? 60 / project.grid->tempo_at(at).value : 0.5;
        const PinId only[] = {id};
        next = with_bodies(next, only, [&](PinBody& body) {
            auto& turns = body_of<TriggerBody>(body).strobe_beats;
            if (turns <= 0 || !project.grid)
                return;
            while (turns * beat < 1 / most_turns - 1e-9)
                turns *= 2;
        });
    }
    return with_layers_changed(next, layers, [](Layer& layer) {
        std::vector<std::string> rates{"strobe-rate"};
        for (const auto& id : strobes_of(layer))
            rates.push_back(parameter_id("strobe-rate", number_of_parameter(id)));
        for (const auto& id : rates) {
            const double now = LayerValues(layer).of(id);
            if (now > most_turns)
                layer.values[id] = most_turns;
        }
    });
}

bool can_be_smaller(const Project& project, const FlashCauses& causes) {
    const auto layers = layers_acted_on(project, causes);
    return layers && !layers->empty();
}

Project with_smaller(const Project& project, const FlashCauses& causes, double share) {
    const auto layers = layers_acted_on(project, causes);
    return with_layers_changed(project, layers.value_or(std::vector<LayerId>{}), [share](Layer& layer) {
        layer.values["scale"] = LayerValues(layer).of("scale") * share;
    });
}

} // namespace pulsepin
