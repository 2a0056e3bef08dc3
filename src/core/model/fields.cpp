// SPDX-License-Identifier: GPL-3.0-or-later
#include "model/fields.h"

#include "model/pulse_params.h"

#include <array>

namespace pulsepin {

void Fields::length(const char* name, Length& value) {
    static constexpr std::array<std::string_view, 8> units{"until-next",  "beats", "frames", "ms",
                                                           "section-end", "end",   "word",   "line-end"};
    bool there = value.unit != Length::Unit::None;
    Length held = there ? value : Length{Length::Unit::UntilNext, 0};
    maybe(name, "length", there, [&](Fields& f) {
        int unit = static_cast<int>(held.unit) - 1; // none is told by leaving it out
        f.choice("unit", unit, units);
        held.unit = static_cast<Length::Unit>(unit + 1);
        f.number("amount", held.amount, limits::length_amount);
    });
    if (reads())
        value = there ? held : Length{};
}

void Fields::easing(const char* name, Easing& value) {
    group(name, "easing", [&](Fields& f) {
        std::vector<double> handles(value.handles.begin(), value.handles.end());
        f.text("id", value.id);
        f.about("x1, y1, x2, y2 as in CSS").numbers("handles", handles, limits::value, handles.size());
        f.about("overshoot, or number of steps").number("amount", value.amount, limits::value);
        if (f.reads())
            std::copy_n(handles.begin(), value.handles.size(), value.handles.begin());
    });
}

namespace {

void fields_of(Fields& f, Pulse& pulse) {
    f.text("name", pulse.name);
    visit_properties(f, pulse_properties(), pulse);
}

} // namespace

void Fields::pulse(const char* name, Pulse& value) {
    group(name, "pulse", [&](Fields& f) { fields_of(f, value); });
}

void Fields::pulses(const char* name, std::vector<Pulse>& values) {
    items<Pulse>(name, "pulse", values, fields_of);
}

void Fields::maybe_pulse(const char* name, std::shared_ptr<const Pulse>& value) {
    maybe_shared<Pulse>(name, "pulse", value, fields_of);
}

} // namespace pulsepin
