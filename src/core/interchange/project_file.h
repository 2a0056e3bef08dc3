// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/project.h"

namespace pulsepin {

/// Writes the project as a whole or not at all. Paths below the project's folder are kept relative to it.
[[nodiscard]] Result<void> save_project(const Project& project, const std::filesystem::path& path);

/// Reads a project; nothing is changed when it fails.
[[nodiscard]] Result<Project> load_project(const std::filesystem::path& path);

/// A copy for recovery, in a place that is not the project's own: paths are kept absolute.
[[nodiscard]] Result<void> save_recovery_copy(const Project& project, const std::filesystem::path& path);

} // namespace pulsepin
