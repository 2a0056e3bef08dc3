// SPDX-License-Identifier: GPL-3.0-or-later
#include "follow/feeds.h"

#include <algorithm>

namespace pulsepin {

std::optional<double> fed_at(const Curves& curves, const Lane& lane, const Feed& feed, double frame) {
    const auto rate = curves.project().settings->frame_rate;
    const double ahead = time_of(feed.lead, rate).value * rate.per_second();
    const auto share = lane_share(curves.project(), lane, curves.schedule.spans(lane.id), *curves.followers,
                                  frame + ahead, feed);
    return share ? std::optional(fed(feed, *share)) : std::nullopt;
}

std::vector<Feed> feeds_of(const Lane& lane) {
    if (!lane.motion)
        return {};
    std::vector<Feed> feeds{lane.motion->own};
    feeds.insert(feeds.end(), lane.motion->feeds.begin(), lane.motion->feeds.end());
    return feeds;
}

namespace {

/// Calls `drive` with each lane and feed that drives a layer.
template <class Drive>
void for_feeds(const Project& project, Drive drive) {
    for (const auto& lane : project.lanes) {
        if (!lane->kind->drives())
            continue;
        if (lane->motion->own.target.layer.value != 0)
            drive(*lane, lane->motion->own);
        for (const auto& feed : lane->motion->feeds)
            if (feed.target.layer.value != 0)
                drive(*lane, feed);
    }
}

} // namespace

std::optional<double> driven_value(const Curves& curves, const Target& target, double frame) {
    std::optional<double> sum;
    for_feeds(curves.project(), [&](const Lane& lane, const Feed& feed) {
        if (!(feed.target == target))
            return;
        if (const auto value = fed_at(curves, lane, feed, frame))
            sum = sum ? *sum + (*value - feed.low) : *value;
    });
    return sum;
}

std::vector<Driven> driven_at(const Curves& curves, double frame) {
    std::vector<Driven> driven;
    for_feeds(curves.project(), [&](const Lane& lane, const Feed& feed) {
        const auto value = fed_at(curves, lane, feed, frame);
        if (!value)
            return;
        const auto there = std::find_if(driven.begin(), driven.end(),
                                        [&](const Driven& one) { return one.target == feed.target; });
        if (there == driven.end())
            driven.push_back({feed.target, *value});
        else
            there->value += *value - feed.low;
    });
    return driven;
}

} // namespace pulsepin
