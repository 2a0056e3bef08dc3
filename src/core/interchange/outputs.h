// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/project.h"

#include <filesystem>
#include <string>
#include <vector>

namespace pulsepin {

/// What a command reads; none of it may be written over.
using Inputs = std::vector<std::filesystem::path>;

/// The project's own file, its song and its clips.
[[nodiscard]] Inputs inputs_of(const std::filesystem::path& project_file, const Project& project);

/// Fails when the output is one of the inputs (also by another name, or through a link), and when there is
/// such a file already unless `replace`.
[[nodiscard]] Result<void> may_write(const std::filesystem::path& output, const Inputs& inputs, bool replace);

} // namespace pulsepin
