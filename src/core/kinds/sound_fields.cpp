// SPDX-License-Identifier: GPL-3.0-or-later
#include "kinds/sound_fields.h"

#include <algorithm>
#include <array>

namespace pulsepin {
namespace {

void fade_fields(Fields& f, Seconds& length, FadeCurve& curve) {
    static constexpr std::array<std::string_view, 2> curves{"linear", "equal-power"};
    f.seconds("seconds", length, limits::duration);
    f.choice_of("curve", curve, curves);
}

void gain_line_fields(Fields& f, std::vector<GainPoint>& line) {
    f.about("points of a line of gain, by their place in the sound's samples")
        .items<GainPoint>(
            "gain_line", "gain-point", line,
            [](Fields& g, GainPoint& point) {
                g.seconds("at", point.at, limits::seconds);
                g.number("db", point.db, limits::gain_db);
            },
            limits::many, Fields::optional);
    if (f.reads()) // whoever wrote it
        std::stable_sort(line.begin(), line.end(),
                         [](const GainPoint& a, const GainPoint& b) { return a.at < b.at; });
}

} // namespace

void heard_fields(Fields& f, SoundBody& sound) {
    f.seconds("in_point", sound.in_point, limits::seconds);
    f.seconds("length", sound.length, limits::duration);
    f.number("gain_db", sound.gain_db, limits::gain_db);
    f.group("fade_in", "fade", [&](Fields& fade) { fade_fields(fade, sound.fade_in, sound.curve_in); });
    f.group("fade_out", "fade", [&](Fields& fade) { fade_fields(fade, sound.fade_out, sound.curve_out); });
    gain_line_fields(f, sound.gain_line);
}

} // namespace pulsepin
