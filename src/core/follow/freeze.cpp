// SPDX-License-Identifier: GPL-3.0-or-later
#include "follow/freeze.h"

#include "model/lane_edits.h"
#include "model/pin_edits.h"

#include <algorithm>
#include <cmath>
#include <utility>

namespace pulsepin {

std::vector<CurveKey> keys_per_frame(const Curves& curves, const Lane& lane, const Feed& feed, Frames from,
                                     Frames until) {
    std::vector<CurveKey> keys;
    for (Frames frame = from; frame < until; frame += Frames(1))
        if (const auto value = fed_at(curves, lane, feed, static_cast<double>(frame.value)))
            keys.push_back({frame, *value, {}});
    return keys;
}

namespace {

/// Which of so many keys stay, by the method below; `frame` and `value` are asked by their number.
template <class FrameOf, class ValueOf>
std::vector<std::size_t> staying(std::size_t count, FrameOf frame, ValueOf value, double tolerance,
                                 double& worst_left) {
    std::vector<char> kept(count, 0);
    kept.front() = kept.back() = 1;
    std::vector<std::pair<std::size_t, std::size_t>> open{{0, count - 1}};
    while (!open.empty()) {
        const auto [first, last] = open.back();
        open.pop_back();
        const double begins = frame(first), lasts = frame(last) - begins, from = value(first),
                     rises = value(last) - from;
        const auto off = [&](std::size_t i) {
            return std::abs(value(i) - (from + rises * ((frame(i) - begins) / lasts)));
        };
        double worst = 0;
        for (std::size_t i = first + 1; i < last; ++i)
            worst = std::max(worst, off(i));
        if (worst <= tolerance) {
            worst_left = std::max(worst_left, worst);
            continue;
        }
        // Of those that are as far off, as the peaks of a rhythm are, the one in the middle: halves are
        // quick.
        constexpr double as_far = 1 - 1e-6;
        const std::size_t middle = first + (last - first) / 2;
        std::size_t at = middle;
        for (std::size_t step = 0;; ++step) {
            if (middle + step < last && off(middle + step) >= worst * as_far) {
                at = middle + step;
                break;
            }
            if (middle > first + step && off(middle - step) >= worst * as_far) {
                at = middle - step;
                break;
            }
        }
        kept[at] = 1;
        open.emplace_back(first, at);
        open.emplace_back(at, last);
    }
    std::vector<std::size_t> staying;
    for (std::size_t i = 0; i < count; ++i)
        if (kept[i])
            staying.push_back(i);
    return staying;
}

} // namespace

SimplifiedKeys simplified(const std::vector<CurveKey>& keys, double tolerance) {
    if (keys.size() < 3)
        return {keys, 0};
    SimplifiedKeys out;
    for (const auto i : staying(
             keys.size(), [&](std::size_t k) { return static_cast<double>(keys[k].frame.value); },
             [&](std::size_t k) { return keys[k].value; }, tolerance, out.worst))
        out.keys.push_back(keys[i]);
    return out;
}

std::vector<std::size_t> simplified_frames(std::span<const double> values, double tolerance) {
    if (values.empty())
        return {};
    double worst = 0;
    return values.size() < 2 ? std::vector<std::size_t>{0}
                             : staying(
                                   values.size(), [](std::size_t k) { return static_cast<double>(k); },
                                   [&](std::size_t k) { return values[k]; }, tolerance, worst);
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
