// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "base/error.h"

#include <string>
#include <vector>

namespace pulsepin {

struct CheckRequest {
    std::string project;
    std::vector<std::string> only;   ///< checks; all unless given
    std::vector<std::string> limits; ///< "cuts=20ms"
    std::string json, csv, pdf;      ///< files to write; "-" is the standard output
    bool replace = false;
    bool quiet = false;
};

/// Tells what is found. Gives how many findings there are that are not accepted; fails where the project
/// could not be checked.
[[nodiscard]] Result<std::size_t> check_project(const CheckRequest& request);

/// The ids of all checks, by commas.
[[nodiscard]] std::string check_ids();

} // namespace pulsepin
