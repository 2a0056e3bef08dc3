// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <cstdint>
#include <optional>
#include <vector>

namespace pulsepin::mtc {

// MIDI Time Code (MIDI Manufacturers Association, MMA0001 / RP004; from memory).

enum class Rate { Fps24 = 0, Fps25 = 1, Fps2997Drop = 2, Fps30 = 3 };

struct Time {
    int hours = 0, minutes = 0, seconds = 0, frames = 0;
    Rate rate = Rate::Fps24;
    friend bool operator==(const Time&, const Time&) = default;
};

/// The data byte of one of the eight quarter frames of a time, 0 to 7; all eight take two frames.
[[nodiscard]] int quarter_frame(const Time& time, int piece);
/// The message of a whole time, which sets the place where nothing runs.
[[nodiscard]] std::vector<std::uint8_t> full_frame(const Time& time);
/// Nominal frames a second.
[[nodiscard]] int frames_a_second(Rate rate);

} // namespace pulsepin::mtc
