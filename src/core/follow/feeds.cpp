// SPDX-License-Identifier: GPL-3.0-or-later
#include "follow/feeds.h"

#include "schedule/triggers.h"

#include <algorithm>

namespace pulsepin {

double age_begins(const Schedule& schedule, const Lane& lane) {
    if (!lane.kind->follows)
        for (const auto& pin : schedule.pins(lane.id).pins)
            if (!lane.pins[pin.index].muted)
                return static_cast<double>(pin.frame.value);
    return 0;
}

namespace {

/// The frame at which a feed's curve is looked at.
double curve_frame(const Curves& curves, const Lane& lane, const Feed& feed, const CurveMoment& at) {
    const auto rate = curves.project().settings->frame_rate;
    const double ahead = time_of(feed.lead, rate).value * rate.per_second();
    if (!feed.by_age)
        return at.frame + ahead;
    return age_begins(curves.schedule, lane) + at.age.value_or(at.frame) + ahead;
}

std::optional<double> share_at(const Curves& curves, const Lane& lane, const Feed& feed, double frame) {
    return lane_share(curves.project(), lane, curves.schedule.spans(lane.id), *curves.followers, frame, feed);
}

} // namespace

std::optional<double> fed_at(const Curves& curves, const Lane& lane, const Feed& feed, CurveMoment at) {
    const auto share = share_at(curves, lane, feed, curve_frame(curves, lane, feed, at));
    return share ? std::optional(fed(feed, *share)) : std::nullopt;
}

std::optional<Colour> fed_colour_at(const Curves& curves, const Lane& lane, const Feed& feed,
                                    CurveMoment at) {
    const double frame = curve_frame(curves, lane, feed, at);
    if (feed.palette.empty()) {
        const auto share = share_at(curves, lane, feed, frame);
        return share ? std::optional(mixed(feed.low_colour, feed.high_colour, *share)) : std::nullopt;
    }
    if (lane.muted)
        return std::nullopt;
    std::size_t picks = 0;
    for (const auto& pin : curves.schedule.pins(lane.id).pins)
        if (!lane.pins[pin.index].muted && static_cast<double>(pin.frame.value) <= frame)
            ++picks;
    return picks == 0 ? feed.palette.front() : feed.palette[(picks - 1) % feed.palette.size()];
}

std::vector<double> fed_bands_at(const Curves& curves, const Lane& lane, const Feed& feed, CurveMoment at) {
    const auto found = curves.followers->find(lane.id);
    if (lane.muted)
        return {};
    if (found == curves.followers->end() || !found->second || found->second->bands.empty()) {
        const auto one = fed_at(curves, lane, feed, at);
        return one ? std::vector<double>{*one} : std::vector<double>();
    }
    const auto rate = curves.project().settings->frame_rate;
    const double frame =
        curve_frame(curves, lane, feed, at) + time_of(lane.lead, rate).value * rate.per_second();
    std::vector<double> values;
    for (const auto& band : found->second->bands)
        values.push_back(fed(feed, value_between(*band, frame * found->second->per_frame)));
    return values;
}

std::vector<Feed> feeds_of(const Lane& lane) {
    if (!part_of<Motion>(lane))
        return {};
    std::vector<Feed> feeds{part_of<Motion>(lane)->own};
    feeds.insert(feeds.end(), part_of<Motion>(lane)->feeds.begin(), part_of<Motion>(lane)->feeds.end());
    return feeds;
}

void Meeting::take(const Feed& feed, double fed) {
    switch (feed.meets) {
    case Meets::Instead:
        value_ = fed;
        break;
    case Meets::Added:
        value_ += fed;
        break;
    case Meets::Times:
        times_ *= feed.unit == "%" ? fed / 100 : fed;
        break;
    case Meets::Usual:
        value_ = first_ ? fed : value_ + fed - feed.low;
        first_ = false;
        break;
    }
}

double own_value(const Project& project, const Target& target) {
    const Layer* layer = project.stage->layer(target.layer);
    if (const auto set = layer ? layer->values.find(target.parameter) : decltype(layer->values.end()){};
        layer && set != layer->values.end())
        return set->second;
    const auto* row = find_param(place_parameters(), target.parameter);
    return row ? row->initial : 0;
}

std::optional<double> driven_value(const Curves& curves, const Target& target, CurveMoment at,
                                   std::optional<double> own) {
    std::optional<Meeting> meeting;
    for_feeds(curves.project(), [&](const Lane& lane, const Feed& feed) {
        if (!(feed.target == target))
            return;
        if (const auto value = fed_at(curves, lane, feed, at)) {
            if (!meeting)
                meeting.emplace(own ? *own : own_value(curves.project(), target));
            meeting->take(feed, *value);
        }
    });
    return meeting ? std::optional(meeting->value()) : std::nullopt;
}

std::vector<Driven> driven_at(const Curves& curves, CurveMoment at) {
    std::vector<std::pair<Target, Meeting>> met;
    for_feeds(curves.project(), [&](const Lane& lane, const Feed& feed) {
        const auto value = fed_at(curves, lane, feed, at);
        if (!value)
            return;
        auto there =
            std::find_if(met.begin(), met.end(), [&](const auto& one) { return one.first == feed.target; });
        if (there == met.end())
            there = met.insert(met.end(), {feed.target, Meeting(own_value(curves.project(), feed.target))});
        there->second.take(feed, *value);
    });
    std::vector<Driven> driven;
    for (const auto& [target, meeting] : met)
        driven.push_back({target, meeting.value()});
    return driven;
}

} // namespace pulsepin
