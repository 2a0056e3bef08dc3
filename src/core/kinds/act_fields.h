// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/fields.h"
#include "model/pin.h"

namespace pulsepin {

inline void fields_of(Fields& f, TriggerAct::Point& point) {
    f.number("at", point.at, limits::value);
    f.number("way", point.way, limits::value);
    bool eased = point.easing != Easing{};
    f.about("how the next one is reached; none: straight")
        .maybe("eased", "eased-point", eased, [&](Fields& g) { g.easing("by", point.easing); });
    if (f.reads() && !eased)
        point.easing = {};
}

/// Rising points of something that goes over the length of an event.
inline void points_of(Fields& f, const char* name, std::vector<TriggerAct::Point>& points) {
    f.items<TriggerAct::Point>(
        name, "act-point", points, [](Fields& g, TriggerAct::Point& point) { fields_of(g, point); },
        limits::few, Fields::optional);
}

} // namespace pulsepin
