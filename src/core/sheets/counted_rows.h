// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/project.h"

#include <span>

namespace pulsepin {

/// A way to count along the piece: beside each beat of a bar sheet, beside each frame of an exposure sheet.
struct CountedRow {
    std::string_view id;    ///< of its switch
    std::string_view label; ///< beside its switch
    std::string_view head;  ///< over its column
    bool usual;             ///< shown unless it is switched off
    std::string (*text)(Frames frame, const Settings& settings);
    std::string_view widest; ///< what a column of it has room for
};
[[nodiscard]] std::span<const CountedRow> counted_rows();

} // namespace pulsepin
