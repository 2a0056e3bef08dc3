// SPDX-License-Identifier: GPL-3.0-or-later
#include "hand/event_keys.h"

#include "model/edits.h"
#include "stage/trigger_acts.h"

#include <algorithm>
#include <cmath>

namespace pulsepin {
namespace {

using Points = std::vector<TriggerAct::Point>;

/// What a change of the keys of one act makes of the project; what the trigger did so far goes on.
template <class Change>
Result<Project> with_keys(const Project& project, PinId pin, std::size_t act, Change change) {
    const Pin* found = project.pin(pin);
    if (!found || !has_acts(found->body))
        return fail("That is neither a trigger nor something that appears.", {}, "Select one.");
    if (found->locked || project.lane_of(pin)->locked)
        return fail("It is locked.", {}, "Unlock it first.");
    auto acts = acts_of(found->body);
    if (act >= acts.size())
        return fail("It drives nothing there.", {}, "Say what it drives first.");
    Points points = keys_of(acts[act]);
    if (Result<void> changed = change(points); !changed)
        return tl::unexpected(changed.error());
    acts[act].curve = std::move(points);
    const PinId pins[] = {pin};
    return with_bodies(project, pins, [&](PinBody& body) { set_acts(body, acts); });
}

} // namespace

std::vector<TriggerAct::Point> keys_of(const TriggerAct& act) {
    return act.curve.empty() ? Points{{0, 100}, {100, 100}} : act.curve;
}

Result<WithEventKey> with_event_key(const Project& project, PinId trigger, std::size_t act,
                                    TriggerAct::Point point) {
    constexpr double apart = 0.5; // percent
    point.at = std::clamp(point.at, 0.0, 100.0);
    EventKey key{act, 0};
    auto next = with_keys(project, trigger, act, [&](Points& points) -> Result<void> {
        const auto taken = std::ranges::find_if(
            points, [&](const auto& one) { return std::abs(one.at - point.at) < apart; });
        if (taken != points.end()) {
            taken->way = point.way;
            key.key = static_cast<std::size_t>(taken - points.begin());
            return {};
        }
        if (points.size() >= limits::few)
            return fail("There are too many keys.", {}, "Take some away first.");
        const auto after = std::ranges::find_if(points, [&](const auto& one) { return one.at > point.at; });
        if (after != points.begin())
            point.easing = (after - 1)->easing;
        key.key = static_cast<std::size_t>(after - points.begin());
        points.insert(after, point);
        return {};
    });
    if (!next)
        return tl::unexpected(next.error());
    return WithEventKey{*std::move(next), key};
}

Result<Project> with_event_key_moved(const Project& project, PinId trigger, EventKey key, double at,
                                     double way) {
    return with_keys(project, trigger, key.act, [&](Points& points) -> Result<void> {
        if (key.key >= points.size())
            return fail("There is no such key.");
        const double least = key.key == 0 ? 0 : points[key.key - 1].at;
        const double most = key.key + 1 == points.size() ? 100 : points[key.key + 1].at;
        points[key.key].at = std::clamp(at, std::min(least, most), std::max(least, most));
        points[key.key].way = way;
        return {};
    });
}

Result<Project> with_event_key_eased(const Project& project, PinId trigger, EventKey key,
                                     const Easing& easing) {
    return with_keys(project, trigger, key.act, [&](Points& points) -> Result<void> {
        if (key.key >= points.size())
            return fail("There is no such key.");
        points[key.key].easing = easing;
        return {};
    });
}

Result<Project> with_event_key_coloured(const Project& project, PinId trigger, EventKey key, Colour colour) {
    return with_keys(project, trigger, key.act, [&](Points& points) -> Result<void> {
        if (key.key >= points.size())
            return fail("There is no such key.");
        for (auto& point : points) // those that had none so far
            if (!point.colour)
                point.colour = colour;
        points[key.key].colour = colour;
        return {};
    });
}

Result<Project> without_event_key(const Project& project, PinId trigger, EventKey key) {
    return with_keys(project, trigger, key.act, [&](Points& points) -> Result<void> {
        if (key.key >= points.size())
            return fail("There is no such key.");
        if (points.size() == 1)
            return fail("The last key stays.", {}, "Take away what it drives instead.");
        points.erase(points.begin() + static_cast<std::ptrdiff_t>(key.key));
        return {};
    });
}

double value_of_way(const TriggerAct& act, double way) {
    return act.low + (act.high - act.low) * way / 100;
}

double way_of_value(const TriggerAct& act, double value) {
    return act.high == act.low ? 100 : 100 * (value - act.low) / (act.high - act.low);
}

} // namespace pulsepin
