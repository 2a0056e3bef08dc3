// SPDX-License-Identifier: GPL-3.0-or-later
#include "kinds/kinds.h"
#include "kinds/sound_fields.h"

namespace pulsepin {
namespace {

void fields(Fields& f, PinBody& body) {
    auto& sound = body_of<SoundBody>(body);
    f.id("sound", sound.sound.value);
    heard_fields(f, sound);
}

std::string name_of(const PinBody& body, const Project& project) {
    const Clip* clip = project.clip(body_of<SoundBody>(body).sound);
    return clip ? clip->name : std::string();
}

} // namespace

const LaneKindRow kinds::sound_row{
    .id = "sounds",
    .plural = "Sound",
    .singular = "sound",
    .counted = "sounds",
    .from_the_start = false,
    .pin_body = body_type<SoundBody>,
    .empty_body = [] { return PinBody(SoundBody{}); },
    .name_of = name_of,
    .more_fields = fields,
};

} // namespace pulsepin
