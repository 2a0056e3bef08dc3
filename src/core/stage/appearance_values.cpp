// SPDX-License-Identifier: GPL-3.0-or-later
#include "stage/appearance_values.h"

#include "stage/layer_parameters.h"
#include "stage/trigger_acts.h"

#include <algorithm>
#include <cmath>

namespace pulsepin {

void put(LayerValues& values, const AppearanceBody& body, const Moved& moved) {
    values.raise("position-x", body.x + moved.x);
    values.raise("position-y", body.y + moved.y);
    values.raise("rotation", body.turn + moved.rotation);
    values.scale("scale", body.scale / 100 * moved.scale);
    values.scale("opacity", moved.opacity);
}

void act_over(const AppearanceSpan& span, const std::vector<TriggerAct>& acts, double frame,
              LayerValues& values) {
    const double first = static_cast<double>(span.comes.value);
    const double passed = (frame - first) / std::max(1.0, static_cast<double>((span.end - span.comes).value));
    for (const auto& act : acts) {
        const auto* spec = layer_parameter(act.parameter);
        if (!spec)
            continue;
        if (spec->type == ParamType::Colour) {
            if (const auto colour = keyed_colour_at(act, passed))
                values.set_colour(act.parameter, *colour);
        } else
            values.raise(act.parameter, act.low - spec->initial + (act.high - act.low) * way_at(act, passed));
    }
}

Behind behind_the_one_before(const Lane& lane, const std::vector<AppearanceSpan>& spans,
                             const AppearanceSpan& span, double share) {
    const AppearanceSpan* before = nullptr;
    for (const auto& one : spans)
        if (one.beat < span.beat && !one.muted && (!before || one.beat >= before->beat))
            before = &one;
    if (!before)
        return {.x = -share};
    const auto& there = body_of<AppearanceBody>(lane.pins[before->index].body);
    const auto& here = body_of<AppearanceBody>(lane.pins[span.index].body);
    const double x = there.x - here.x, y = there.y - here.y;
    return std::abs(x) >= std::abs(y) ? Behind{.x = x > 0 ? share : -share}
                                      : Behind{.y = y > 0 ? share : -share};
}

} // namespace pulsepin
