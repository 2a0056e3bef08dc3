// SPDX-License-Identifier: GPL-3.0-or-later
#include "time/timecode.h"

#include <cmath>
#include <cstdio>
#include <fmt/core.h>

namespace pulsepin {
namespace {

std::int64_t dropped_each_minute(FrameRate rate) {
    return rate.nominal() / 15;
}

} // namespace

bool drop_frame_exists(FrameRate rate) {
    return rate.denominator() == 1001 && rate.nominal() % 30 == 0;
}

std::string format_timecode(Frames frame, FrameRate rate, TimecodeCount count) {
    const bool drop = count == TimecodeCount::Drop && drop_frame_exists(rate);
    const auto nominal = rate.nominal();
    const bool negative = frame.value < 0;
    auto number = negative ? -frame.value : frame.value;
    if (drop) {
        const auto lost = dropped_each_minute(rate);
        const auto in_minute = nominal * 60 - lost;
        const auto in_ten_minutes = in_minute * 10 + lost;
        const auto tens = number / in_ten_minutes;
        const auto rest = number % in_ten_minutes;
        // The first minute of each ten is a full one.
        const auto short_minutes = rest < nominal * 60 ? 0 : (rest - nominal * 60) / in_minute + 1;
        number += lost * (tens * 9 + short_minutes);
    }
    const auto frames = number % nominal;
    const auto seconds = number / nominal;
    return fmt::format("{}{:02}:{:02}:{:02}{}{:02}", negative ? "-" : "", seconds / 3600, seconds / 60 % 60,
                       seconds % 60, drop ? ';' : ':', frames);
}

Result<Frames> parse_timecode(std::string_view text, FrameRate rate) {
    const std::string copy(text);
    const auto refuse = [&] {
        return fail("\"" + copy + "\" is not a timecode at " + rate.text() + " frames a second.", {},
                    "Write hours:minutes:seconds:frames.");
    };
    int hours = 0, minutes = 0, seconds = 0, frames = 0, used = 0;
    char mark = 0;
    if (std::sscanf(copy.c_str(), "%2d:%2d:%2d%c%3d%n", &hours, &minutes, &seconds, &mark, &frames, &used) !=
            5 ||
        static_cast<std::size_t>(used) != copy.size() || (mark != ':' && mark != ';'))
        return refuse();
    const bool drop = mark == ';';
    if (hours < 0 || minutes < 0 || minutes > 59 || seconds < 0 || seconds > 59 || frames < 0 ||
        frames >= rate.nominal() || (drop && !drop_frame_exists(rate)))
        return refuse();
    const std::int64_t all_minutes = hours * 60LL + minutes;
    auto number = (all_minutes * 60 + seconds) * rate.nominal() + frames;
    if (drop) {
        const auto lost = dropped_each_minute(rate);
        if (seconds == 0 && frames < lost && minutes % 10 != 0)
            return refuse();
        number -= lost * (all_minutes - all_minutes / 10);
    }
    return Frames(number);
}

std::string format_clock(Seconds time) {
    const bool negative = time.value < 0;
    const auto milliseconds = static_cast<std::int64_t>(std::llround(std::abs(time.value) * 1000.0));
    const auto seconds = milliseconds / 1000;
    const char* sign = negative && milliseconds > 0 ? "-" : "";
    if (seconds >= 3600)
        return fmt::format("{}{}:{:02}:{:02}.{:03}", sign, seconds / 3600, seconds / 60 % 60, seconds % 60,
                           milliseconds % 1000);
    return fmt::format("{}{}:{:02}.{:03}", sign, seconds / 60, seconds % 60, milliseconds % 1000);
}

} // namespace pulsepin
