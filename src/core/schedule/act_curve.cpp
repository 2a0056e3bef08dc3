// SPDX-License-Identifier: GPL-3.0-or-later
#include "schedule/act_curve.h"

#include "params/easings.h"

#include <algorithm>

namespace pulsepin {
namespace {

using Curve = std::vector<TriggerAct::Point>;

struct BetweenKeys {
    const TriggerAct::Point* before;
    const TriggerAct::Point* after;
    double share; ///< of the way from one to the other, eased
};

/// Of a curve that has keys: where it is when that share of its length has passed.
BetweenKeys between_keys(const Curve& curve, double passed) {
    const double at = passed * 100;
    const auto next = std::upper_bound(curve.begin(), curve.end(), at,
                                       [](double a, const TriggerAct::Point& point) { return a < point.at; });
    if (next == curve.begin())
        return {&*next, &*next, 0};
    const auto before = next - 1;
    if (next == curve.end() || next->at <= before->at)
        return {&*before, &*before, 0};
    return {&*before, &*next, eased(before->easing, (at - before->at) / (next->at - before->at))};
}

} // namespace

double way_at(const Curve& curve, double passed) {
    if (curve.empty())
        return 1;
    const auto [before, after, share] = between_keys(curve, passed);
    return (before->way + (after->way - before->way) * share) / 100;
}

double way_at(const TriggerAct& act, double passed) {
    return way_at(act.curve, passed);
}

std::optional<Colour> keyed_colour_at(const TriggerAct& act, double passed) {
    if (std::ranges::none_of(act.curve, [](const auto& point) { return point.colour.has_value(); }))
        return std::nullopt;
    const auto [before, after, share] = between_keys(act.curve, passed);
    // A key without one has that of the key before it, the first ones that of the first that has one.
    const auto of = [&](const TriggerAct::Point* key) {
        const auto* first = act.curve.data();
        for (const auto* at = key; at >= first; --at)
            if (at->colour)
                return *at->colour;
        while (!first->colour)
            ++first;
        return *first->colour;
    };
    return mixed(of(before), of(after), std::clamp(share, 0.0, 1.0));
}

} // namespace pulsepin
