// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/project.h"

#include <filesystem>
#include <vector>

namespace pulsepin {

/// A file that a project names and that does not lie in the project's folder or below it.
struct FileOutside {
    std::filesystem::path named; ///< as the project says
    std::filesystem::path
        leads_to; ///< where it lies in truth, links followed; the same where none leads there
    friend bool operator==(const FileOutside&, const FileOutside&) = default;
};

/// What opening the project would read besides what lies beside it: song and clips, each once, in the order
/// in which the project names them.
[[nodiscard]] std::vector<FileOutside> files_outside(const Project& project,
                                                     const std::filesystem::path& project_file);

} // namespace pulsepin
