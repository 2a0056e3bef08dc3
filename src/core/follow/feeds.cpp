// SPDX-License-Identifier: GPL-3.0-or-later
#include "follow/feeds.h"

#include <algorithm>

namespace pulsepin {

std::optional<double> fed_at(const Curves& curves, const Lane& lane, const Feed& feed, double frame) {
    static const LaneSpans none;
    const auto found = curves.spans.find(lane.id);
    const double ahead = time_of(feed.lead, curves.project.settings->frame_rate).value *
                         curves.project.settings->frame_rate.per_second();
    const auto share = lane_share(curves.project, lane, found == curves.spans.end() ? none : found->second,
                                  curves.followers, frame + ahead);
    return share ? std::optional(fed(feed, *share)) : std::nullopt;
}

std::vector<Feed> feeds_of(const Lane& lane) {
    std::vector<Feed> feeds{lane.motion.own};
    feeds.insert(feeds.end(), lane.motion.feeds.begin(), lane.motion.feeds.end());
    return feeds;
}

std::vector<Driven> driven_at(const Curves& curves, double frame) {
    std::vector<Driven> driven;
    const auto drive = [&](const Lane& lane, const Feed& feed) {
        if (feed.target.layer.value == 0)
            return;
        const auto value = fed_at(curves, lane, feed, frame);
        if (!value)
            return;
        const auto there = std::find_if(driven.begin(), driven.end(),
                                        [&](const Driven& one) { return one.target == feed.target; });
        if (there == driven.end())
            driven.push_back({feed.target, *value});
        else
            there->value += *value - feed.low;
    };
    for (const auto& lane : curves.project.lanes) {
        if (!drives(lane->kind))
            continue;
        drive(*lane, lane->motion.own);
        for (const auto& feed : lane->motion.feeds)
            drive(*lane, feed);
    }
    return driven;
}

} // namespace pulsepin
