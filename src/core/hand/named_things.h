// SPDX-License-Identifier: GPL-3.0-or-later
//
// What edits find by the names that a script tells; not for use outside of this layer.
#pragma once

#include "hand/hand_edits.h"

namespace pulsepin::edit_tables {

/// "a, b, c".
[[nodiscard]] std::string listed(const auto& rows, auto id) {
    std::string all;
    for (const auto& row : rows)
        all += (all.empty() ? "" : ", ") + std::string(std::invoke(id, row));
    return all;
}

[[nodiscard]] Result<HandEdited> edited_as(Result<Project> next);
/// The lane that the value "lane" names. Fails, telling which there are.
[[nodiscard]] Result<LaneId> lane_told(const HandEditRequest& request);
/// A feed to what the values "layer" and "parameter" name, between "rest" and "peak" where they are told.
[[nodiscard]] Result<Feed> feed_told(const HandEditRequest& request);

} // namespace pulsepin::edit_tables
