// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/project.h"

#include <string>
#include <vector>

namespace pulsepin {

/// One filter of a picker, by its row in the table, with its parameters in the row's order.
struct FilterUse {
    std::string id;
    std::vector<double> parameters;
    friend bool operator==(const FilterUse&, const FilterUse&) = default;
};

/// The rule that says which positions: a source, a range, and filters one after the other.
/// The range runs from `from` up to, not including, `until`.
struct Picker {
    std::string source = "beats";
    Ticks from;
    Ticks until;
    std::vector<FilterUse> filters;
    std::string argument = {};    ///< which row of onsets, which markers; as the source takes it
    double swing = 1;             ///< of subdivisions: the first half of a pair against the second
    std::vector<Ticks> list = {}; ///< of the source "list", rising
    friend bool operator==(const Picker&, const Picker&) = default;
};

struct Picked {
    Ticks at;
    float strength = 1;
    friend bool operator==(const Picked&, const Picked&) = default;
};

/// The positions, in rising order. Fails without a grid, on unknown sources or filters, on parameters out of
/// their range, and when the range holds more than 100 000 positions. Picking nothing is no failure.
[[nodiscard]] Result<std::vector<Picked>> pick(const Picker& picker, const Project& project);

/// "beats, every 2nd, 19.1 until 23.1".
[[nodiscard]] std::string describe(const Picker& picker, const BeatGrid& grid);

/// "1st", "2nd", "3rd", "4th".
[[nodiscard]] std::string ordinal(std::int64_t number);

} // namespace pulsepin
