// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <string>

namespace pulsepin {

/// How the keys of a property are written as one line of text.
struct ScheduleText {
    /// {frame}, {time}, {value}, {easing} and {property} are replaced.
    std::string pattern = "{frame}: {value}";
    std::string separator = ", ";
    int decimals = 2; ///< of values
    enum class Keys {
        AsTheyAre, ///< with easings between
        Straight,  ///< as few as say the same to a reader that goes straight from each to the next
        EachFrame
    } keys = Keys::Straight;
    friend bool operator==(const ScheduleText&, const ScheduleText&) = default;
};

} // namespace pulsepin
