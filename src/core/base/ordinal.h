// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <cstdint>
#include <string>

namespace pulsepin {

/// "1st", "2nd", "3rd", "4th".
[[nodiscard]] inline std::string ordinal(std::int64_t number) {
    const auto tens = number % 100;
    const char* ending = "th";
    if (tens < 11 || tens > 13)
        ending = number % 10 == 1 ? "st" : number % 10 == 2 ? "nd" : number % 10 == 3 ? "rd" : "th";
    return std::to_string(number) + ending;
}

} // namespace pulsepin
