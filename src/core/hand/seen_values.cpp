// SPDX-License-Identifier: GPL-3.0-or-later
#include "hand/seen_values.h"

#include "hand/poses.h"
#include "model/edits.h"
#include "model/lane_edits.h"
#include "model/stage_edits.h"
#include "schedule/add_pin.h"

#include <algorithm>

namespace pulsepin {
namespace {

struct Driver {
    const Lane* lane = nullptr;
    std::size_t feed = 0; ///< of feeds_of(): 0 is its own property
};

std::vector<Driver> drivers_of(const Project& project, const Target& target) {
    std::vector<Driver> drivers;
    for (const auto& lane : project.lanes) {
        if (!lane->kind->drives())
            continue;
        const auto feeds = feeds_of(*lane);
        for (std::size_t i = 0; i < feeds.size(); ++i)
            if (feeds[i].target == target)
                drivers.push_back({lane.get(), i});
    }
    return drivers;
}

/// The key on that frame gets the value, or a new one does.
Result<Project> with_key(const Project& project, const Lane& lane, Frames frame, double value) {
    const auto resolved = resolve(project, lane);
    for (const auto& pin : resolved.pins)
        if (pin.frame == frame) {
            KeyBody key = body_of<KeyBody>(lane.pins[pin.index].body);
            key.value = value;
            return with_body(project, pin.id, key);
        }
    // It goes on as the keys around it do.
    KeyBody key{value};
    const ResolvedPin* next = nullptr;
    for (const auto& pin : resolved.pins)
        if (pin.frame > frame && (!next || pin.frame < next->frame))
            next = &pin;
    if (next)
        key.easing = body_of<KeyBody>(lane.pins[next->index].body).easing;
    return with_pins(project, lane.id, {{{}, anchor_on_frame(project, lane, frame), key, {}}});
}

/// The ends of the feed's range as much higher.
Result<Project> with_range_moved(const Project& project, const Lane& lane, std::size_t feed, double by) {
    Motion motion = *part_of<Motion>(lane);
    Feed& moved = feed == 0 ? motion.own : motion.feeds[feed - 1];
    moved.low += by;
    moved.high += by;
    if (moved.limits)
        moved.limits = Feed::Limits{moved.limits->least + by, moved.limits->most + by};
    return with_motion(project, lane.id, std::move(motion));
}

Result<Project> with_driven_value(const Curves& curves, const Project& project, const Target& target,
                                  double wanted, Frames frame, std::vector<Driver> drivers) {
    std::erase_if(drivers, [](const Driver& one) { return one.lane->locked; });
    if (drivers.empty())
        return fail("All lanes that drive “" + target.parameter + "” are locked.", {},
                    "Unlock one of them first.");
    const auto at = static_cast<double>(frame.value);
    const auto held = std::find_if(drivers.begin(), drivers.end(), [](const Driver& one) {
        return is_keyed(one.lane->kind) || holds<PoseBody>(one.lane->kind);
    });
    const Driver& driver = held != drivers.end() ? *held : drivers.front();
    const Feed feed = feeds_of(*driver.lane)[driver.feed];
    const auto seen = driven_value(curves, target, at);
    if (held == drivers.end())
        return with_range_moved(project, *project.lane(driver.lane->id), driver.feed,
                                wanted - seen.value_or(wanted));
    const auto now = fed_at(curves, *driver.lane, feed, at);
    const double value = now && seen ? *now + wanted - *seen : wanted;
    const auto rate = project.settings->frame_rate;
    const Frames acts = frame + Frames(std::llround(time_of(feed.lead, rate).value * rate.per_second()));
    if (holds<PoseBody>(driver.lane->kind))
        return with_pose_value(curves.schedule, project, *project.lane(driver.lane->id), acts,
                               pose_index(target.parameter), value);
    Feed own = part_of<Motion>(*driver.lane)->own;
    own.limits.reset();
    return with_key(project, *project.lane(driver.lane->id), acts,
                    driver.feed == 0 ? value : fed(own, share_of(feed, value)));
}

} // namespace

Result<Project> with_seen_values(const Curves& curves, LayerId id, const SeenValues& wanted, Frames frame) {
    const Project& before = curves.project();
    const Layer* layer = before.stage->layer(id);
    if (!layer)
        return fail("That layer is not there.");
    Layer changed = *layer;
    Project next = before;
    for (const auto& [parameter, value] : wanted) {
        const Target target{id, parameter};
        auto drivers = drivers_of(before, target);
        if (drivers.empty()) {
            changed.values[parameter] = value;
            continue;
        }
        auto driven = with_driven_value(curves, next, target, value, frame, std::move(drivers));
        if (!driven)
            return driven;
        next = *std::move(driven);
    }
    return changed == *layer ? Result<Project>(std::move(next))
                             : with_changed_layer(next, std::move(changed));
}

Frames keyed_frame(const Curves& curves, LayerId layer, Frames frame) {
    const auto rate = curves.project().settings->frame_rate;
    Frames found = frame;
    for (const auto& lane : curves.project().lanes) {
        if (!(is_keyed(lane->kind) || holds<PoseBody>(lane->kind)))
            continue;
        const auto feeds = feeds_of(*lane);
        if (std::none_of(feeds.begin(), feeds.end(),
                         [&](const Feed& feed) { return feed.target.layer == layer; }))
            continue;
        for (const auto& pin : curves.schedule.pins(lane->id).pins) {
            if (pin.frame == frame)
                return frame;
            if (pin.frame == frame + Frames(1) && rate.frame_at(pin.acts_at) == frame)
                found = pin.frame;
        }
    }
    return found;
}

} // namespace pulsepin
