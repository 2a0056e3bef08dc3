// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "base/error.h"

#include <filesystem>
#include <string>
#include <vector>

namespace pulsepin {

/// Films and pictures in the order in which they are named; those of a folder by their names, numbered ones
/// as a sequence.
[[nodiscard]] Result<std::vector<std::filesystem::path>>
files_of_shots(const std::vector<std::string>& named);

} // namespace pulsepin
