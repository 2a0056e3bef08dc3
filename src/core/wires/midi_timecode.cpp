// SPDX-License-Identifier: GPL-3.0-or-later
#include "wires/midi_timecode.h"

namespace pulsepin::mtc {

int quarter_frame(const Time& time, int piece) {
    const int hours = time.hours % 24 | static_cast<int>(time.rate) << 5;
    const int whole[] = {time.frames, time.seconds, time.minutes, hours};
    const int value = whole[piece / 2];
    return piece << 4 | (piece % 2 == 0 ? value & 0xf : value >> 4 & 0xf);
}

std::vector<std::uint8_t> full_frame(const Time& time) {
    const auto byte = [](int value) { return static_cast<std::uint8_t>(value & 0x7f); };
    return {0xf0,
            0x7f, // real time
            0x7f, // for all
            0x01,
            0x01,
            byte(time.hours % 24 | static_cast<int>(time.rate) << 5),
            byte(time.minutes),
            byte(time.seconds),
            byte(time.frames),
            0xf7};
}

int frames_a_second(Rate rate) {
    return rate == Rate::Fps24 ? 24 : rate == Rate::Fps25 ? 25 : 30;
}

} // namespace pulsepin::mtc
