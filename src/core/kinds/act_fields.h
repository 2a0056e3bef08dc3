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
    bool coloured = point.colour.has_value();
    f.about("of what has a colour and no value").maybe("colour", "coloured-point", coloured, [&](Fields& g) {
        Colour colour = point.colour.value_or(Colour{});
        g.colour("is", colour);
        point.colour = colour;
    });
    if (f.reads() && !coloured)
        point.colour = {};
}

/// Rising points of something that goes over the length of an event.
inline void points_of(Fields& f, const char* name, std::vector<TriggerAct::Point>& points) {
    f.items<TriggerAct::Point>(
        name, "act-point", points, [](Fields& g, TriggerAct::Point& point) { fields_of(g, point); },
        limits::few, Fields::optional);
}

inline void fields_of(Fields& f, TriggerAct& act) {
    f.text("parameter", act.parameter);
    f.number("low", act.low, limits::value);
    f.number("high", act.high, limits::value);
    points_of(f, "curve", act.curve);
}

} // namespace pulsepin
