// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "params/param.h"
#include "time/anchor.h"

#include <string>
#include <vector>

namespace pulsepin {

/// One filter of a picker, by its row in the table.
struct FilterUse {
    std::string id;
    ParamValues values;
    friend bool operator==(const FilterUse&, const FilterUse&) = default;
};

/// The rule that says which positions: a source, a range, and filters one after the other.
/// The range runs from `from` up to, not including, `until`.
struct Picker {
    std::string source = "beats";
    Ticks from;
    Ticks until;
    std::vector<FilterUse> filters;
    ParamValues values = {};      ///< of the source
    std::vector<Ticks> list = {}; ///< of the source "list", rising
    bool whole = false;           ///< all of the grid's beats, whatever from and until say
    /// In plain time, without beats: its ticks, from and until are those of the clock (time/clock_grid.h).
    bool by_clock = false;
    friend bool operator==(const Picker&, const Picker&) = default;
};

/// A picker that was given a name, so that it can be used again.
struct NamedPicker {
    std::string name;
    Picker picker;
    friend bool operator==(const NamedPicker&, const NamedPicker&) = default;
};

} // namespace pulsepin
