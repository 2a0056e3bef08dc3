// SPDX-License-Identifier: GPL-3.0-or-later
#include "kinds/kinds.h"
#include "model/fields.h"

#include <array>

namespace pulsepin {
namespace {

void fade_fields(Fields& f, Seconds& length, FadeCurve& curve) {
    static constexpr std::array<std::string_view, 2> curves{"linear", "equal-power"};
    f.seconds("seconds", length, limits::duration);
    f.choice_of("curve", curve, curves);
}

void fields(Fields& f, PinBody& body) {
    auto& sound = std::get<SoundBody>(body);
    f.id("sound", sound.sound.value);
    f.seconds("in_point", sound.in_point, limits::seconds);
    f.seconds("length", sound.length, limits::duration);
    f.number("gain_db", sound.gain_db, limits::gain_db);
    f.group("fade_in", "fade", [&](Fields& fade) { fade_fields(fade, sound.fade_in, sound.curve_in); });
    f.group("fade_out", "fade", [&](Fields& fade) { fade_fields(fade, sound.fade_out, sound.curve_out); });
}

std::string name_of(const PinBody& body, const Project& project) {
    const Clip* clip = project.clip(std::get<SoundBody>(body).sound);
    return clip ? clip->name : std::string();
}

} // namespace

const LaneKindRow kinds::sound_row{
    .id = "sounds",
    .plural = "Sound",
    .singular = "sound",
    .counted = "sounds",
    .from_the_start = false,
    .sounds = true,
    .empty_body = [] { return PinBody(SoundBody{}); },
    .fields = fields,
    .name_of = name_of,
};

} // namespace pulsepin
