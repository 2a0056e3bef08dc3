// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "base/error.h"

#include <string>
#include <vector>

namespace pulsepin {

struct SheetsRequest {
    std::string project, out;
    std::string kind = "bars";
    std::string from, until; ///< bar.beat, or times where there is no grid; empty: from the start, to the end
    std::vector<std::string> settings;
    bool replace = false;
};

/// The ids of all kinds, to choose from.
[[nodiscard]] std::string sheet_kind_ids();

/// Writes sheets to print as PDF, SVG or PNG, as the file's name ends. Fails as the project does, and for
/// files that are there.
[[nodiscard]] Result<void> print_sheets(const SheetsRequest& request);

} // namespace pulsepin
