// SPDX-License-Identifier: GPL-3.0-or-later
#include "follow/freeze.h"

#include "model/lane_edits.h"
#include "model/pin_edits.h"

#include <cmath>

namespace pulsepin {

std::vector<CurveKey> keys_per_frame(const Curves& curves, const Lane& lane, const Feed& feed, Frames from,
                                     Frames until) {
    std::vector<CurveKey> keys;
    for (Frames frame = from; frame < until; frame += Frames(1))
        if (const auto value = fed_at(curves, lane, feed, static_cast<double>(frame.value)))
            keys.push_back({frame, *value, {}});
    return keys;
}

SimplifiedKeys simplified(const std::vector<CurveKey>& keys, double tolerance) {
    if (keys.size() < 3)
        return {keys, 0};
    std::vector<char> kept(keys.size(), 0);
    kept.front() = kept.back() = 1;
    SimplifiedKeys out;
    std::vector<std::pair<std::size_t, std::size_t>> open{{0, keys.size() - 1}};
    while (!open.empty()) {
        const auto [first, last] = open.back();
        open.pop_back();
        const auto &a = keys[first], &b = keys[last];
        double worst = 0;
        std::size_t at = first;
        for (std::size_t i = first + 1; i < last; ++i) {
            const double way = static_cast<double>((keys[i].frame - a.frame).value) /
                               static_cast<double>((b.frame - a.frame).value);
            const double off = std::abs(keys[i].value - (a.value + (b.value - a.value) * way));
            if (off > worst) {
                worst = off;
                at = i;
            }
        }
        if (worst > tolerance) {
            kept[at] = 1;
            open.emplace_back(first, at);
            open.emplace_back(at, last);
        } else
            out.worst = std::max(out.worst, worst);
    }
    for (std::size_t i = 0; i < keys.size(); ++i)
        if (kept[i])
            out.keys.push_back(keys[i]);
    return out;
}

Result<Project> frozen(const Project& project, LaneId id, std::size_t index,
                       const std::vector<CurveKey>& keys, LaneKind kind) {
    const Lane* lane = project.lane(id);
    if (!lane || !lane->kind->drives() || index > part_of<Motion>(*lane)->feeds.size())
        return fail("That lane drives nothing.");
    if (keys.empty())
        return fail("There is nothing to freeze.", {}, "Unmute the lane, or wait until its curve is there.");
    Motion motion = *part_of<Motion>(*lane);
    Feed feed = index == 0 ? motion.own : motion.feeds[index - 1];
    feed.lead = Frames(0); // it is in the keys already
    Project next = with_lane(project, kind, feed.property + " keys");
    const LaneId made = next.lanes.back()->id;
    if (index == 0)
        motion.own.target = {};
    else
        motion.feeds.erase(motion.feeds.begin() + static_cast<std::ptrdiff_t>(index - 1));
    auto without = with_motion(next, id, std::move(motion));
    if (!without)
        return without;
    Motion driven;
    driven.own = feed;
    auto with = with_motion(*without, made, std::move(driven));
    if (!with)
        return with;
    std::vector<Pin> pins;
    const auto rate = project.settings->frame_rate;
    for (const auto& key : keys) {
        const Seconds at = rate.start_of(key.frame);
        Pin pin{{}, TimeAnchor{at}, KeyBody{key.value, key.easing}, {}};
        if (project.grid) {
            const Ticks tick = project.grid->nearest_tick(at);
            pin.anchor = MusicalAnchor{tick, at - project.grid->time_at(tick)};
        }
        pins.push_back(std::move(pin));
    }
    return with_pins(*with, made, std::move(pins));
}

} // namespace pulsepin
