// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "base/file_state.h"
#include "model/project.h"

namespace pulsepin {

/// Writes the project as a whole or not at all. Paths below the project's folder are kept relative to it.
/// What will be written is read as a project before it takes the file's place: what could not be opened again
/// is refused by name. Returns what the file is now like. May be called from any thread.
Result<FileState> save_project(const Project& project, const std::filesystem::path& path);

struct LoadedProject {
    Project project;
    FileState file; ///< as it was read
};

/// Reads a project; nothing is changed when it fails.
[[nodiscard]] Result<LoadedProject> load_project_file(const std::filesystem::path& path);
[[nodiscard]] Result<Project> load_project(const std::filesystem::path& path);

/// A copy for recovery, in a place that is not the project's own: paths are kept absolute.
[[nodiscard]] Result<void> save_recovery_copy(const Project& project, const std::filesystem::path& path);

} // namespace pulsepin
