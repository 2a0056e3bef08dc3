// SPDX-License-Identifier: GPL-3.0-or-later
#include "hand/poses.h"

#include "follow/feeds.h"
#include "kinds/kinds.h"
#include "model/edits.h"
#include "model/lane_edits.h"
#include "model/pin_edits.h"
#include "schedule/add_pin.h"

#include <algorithm>

namespace pulsepin {
namespace {

const ResolvedPin* pin_on(const ResolvedLane& resolved, Frames frame) {
    const auto found = std::find_if(resolved.pins.begin(), resolved.pins.end(),
                                    [frame](const ResolvedPin& pin) { return pin.frame == frame; });
    return found == resolved.pins.end() ? nullptr : &*found;
}

/// As the pose before it is reached; the usual way for the first one.
Easing easing_near(const Lane& lane, const ResolvedLane& resolved, Frames frame) {
    Easing easing = PoseBody{}.easing;
    for (const auto& pin : resolved.pins)
        if (pin.frame <= frame)
            easing = body_of<PoseBody>(lane.pins[pin.index].body).easing;
    return easing;
}

bool driven_by_others(const Project& project, const Target& target) {
    return std::any_of(project.lanes.begin(), project.lanes.end(), [&](const auto& lane) {
        if (!lane->kind->drives() || holds<PoseBody>(lane->kind) || lane->muted)
            return false;
        const auto feeds = feeds_of(*lane);
        return std::any_of(feeds.begin(), feeds.end(),
                           [&](const Feed& feed) { return feed.target == target; });
    });
}

} // namespace

const Lane* pose_lane_of(const Project& project, LayerId layer) {
    const Lane* locked = nullptr;
    for (const auto& lane : project.lanes)
        if (holds<PoseBody>(lane->kind) && part_of<Motion>(*lane)->own.target.layer == layer) {
            if (!lane->locked)
                return lane.get();
            locked = lane.get();
        }
    return locked;
}

Motion pose_motion(LayerId layer) {
    Motion motion;
    for (const auto& row : pose_parameters()) {
        // Its values are counted from the initial one, so that what other lanes add comes on top.
        Feed feed{std::string(row.label),
                  std::string(row.unit),
                  row.initial,
                  row.initial + 1,
                  {layer, std::string(row.id)}};
        if (&row == &pose_parameters().front())
            motion.own = feed;
        else
            motion.feeds.push_back(feed);
    }
    return motion;
}

PoseBody pose_at(const Schedule& schedule, const Layer& layer, Frames frame) {
    PoseBody pose;
    const auto rows = pose_parameters();
    for (std::size_t i = 0; i < pose_size; ++i) {
        const Target target{layer.id, std::string(rows[i].id)};
        // What others drive is theirs already: a pose of what changes nothing leaves it as it is seen.
        if (const auto own = layer.values.find(target.parameter);
            own != layer.values.end() && !driven_by_others(schedule.project(), target))
            pose.values[i] = own->second;
    }
    const Lane* lane = pose_lane_of(schedule.project(), layer.id);
    if (!lane || lane->pins.empty())
        return pose;
    const auto& spans = schedule.spans(lane->id);
    for (std::size_t i = 0; i < pose_size; ++i)
        if (!spans.poses[i].empty())
            pose.values[i] = spans.poses[i].value_at(static_cast<double>(frame.value));
    pose.easing = easing_near(*lane, schedule.pins(lane->id), frame);
    return pose;
}

Result<Posed> with_pose(const Schedule& schedule, LayerId id, Seconds now, std::span<const PinId> at) {
    const Layer* layer = schedule.project().stage->layer(id);
    if (!layer)
        return fail("No layer is chosen.", {}, "Choose one in the picture or in the list of layers.");
    Posed posed{schedule.project(), {}, {}};
    const PoseBody pose = pose_at(schedule, *layer, schedule.project().settings->frame_rate.frame_at(now));
    const Lane* lane = pose_lane_of(posed.project, id);
    if (lane && lane->locked)
        return fail("\"" + lane->name + "\" is locked.", {}, "Unlock the lane first.");
    if (!lane) {
        posed.project = with_lane(posed.project, kind_of(body_type<PoseBody>), layer->name + " poses");
        auto driven = with_motion(posed.project, posed.project.lanes.back()->id, pose_motion(id));
        if (!driven)
            return tl::unexpected(driven.error());
        posed.project = *std::move(driven);
        lane = posed.project.lanes.back().get();
    }
    posed.lane = lane->id;
    std::vector<Anchor> places;
    for (const PinId pin : at)
        places.push_back(MarkerAnchor{pin, Seconds(0)});
    if (at.empty())
        places.push_back(anchor_near(posed.project, *lane, now));
    std::vector<Pin> made;
    const auto resolved = resolve(posed.project, *lane);
    for (const auto& place : places) {
        const auto time = anchored_time(place, posed.project);
        if (!time)
            return fail("That marker is no longer there.");
        const auto& settings = *posed.project.settings;
        const Frames acts = round_to_frame(*time - time_of(lane->lead, settings.frame_rate),
                                           settings.frame_rate, settings.rounding)
                                .frame;
        if (const auto* there = pin_on(resolved, acts)) {
            PoseBody body = body_of<PoseBody>(lane->pins[there->index].body);
            body.values = pose.values;
            auto changed = with_body(posed.project, there->id, body);
            if (!changed)
                return tl::unexpected(changed.error());
            posed.project = *std::move(changed);
            posed.poses.insert(there->id);
            continue;
        }
        made.push_back({{}, place, pose, {}});
    }
    const auto first = posed.project.next_id;
    for (std::size_t i = 0; i < made.size(); ++i)
        posed.poses.insert(PinId{first + i});
    auto with = with_pins(posed.project, posed.lane, std::move(made));
    if (!with)
        return tl::unexpected(with.error());
    posed.project = *std::move(with);
    return posed;
}

Result<Project> with_pose_value(const Schedule& schedule, const Project& project, const Lane& lane,
                                Frames frame, std::size_t index, double value) {
    const auto resolved = resolve(project, lane);
    if (const auto* there = pin_on(resolved, frame)) {
        PoseBody body = body_of<PoseBody>(lane.pins[there->index].body);
        body.values[index] = value;
        return with_body(project, there->id, body);
    }
    PoseBody body;
    const auto& spans = schedule.spans(lane.id);
    for (std::size_t i = 0; i < pose_size; ++i)
        if (!spans.poses[i].empty())
            body.values[i] = spans.poses[i].value_at(static_cast<double>(frame.value));
    body.values[index] = value;
    body.easing = easing_near(lane, resolved, frame);
    return with_pins(project, lane.id, {{{}, anchor_on_frame(project, lane, frame), body, {}}});
}

} // namespace pulsepin
