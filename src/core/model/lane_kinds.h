// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/pin.h"

#include <span>
#include <string_view>

namespace pulsepin {

/// A row per kind of lane: what the rest of the program needs to know of it.
struct LaneKindRow {
    LaneKind kind;
    std::string_view id;       ///< in files and on the command line
    std::string_view plural;   ///< "Cuts": the name of a new lane
    std::string_view singular; ///< "cut"
    std::string_view counted;  ///< "cuts": several of its pins
    bool from_the_start;       ///< every new project has a lane of it
    PinBody (*empty_body)();
};

[[nodiscard]] std::span<const LaneKindRow> lane_kinds();
[[nodiscard]] const LaneKindRow& lane_kind(LaneKind kind);
/// Null when there is no such kind.
[[nodiscard]] const LaneKindRow* lane_kind_by_id(std::string_view id);

/// "3 cuts", "1 marker".
[[nodiscard]] std::string count_text(std::size_t count, LaneKind kind);

} // namespace pulsepin
