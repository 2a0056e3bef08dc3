// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "base/error.h"
#include "base/progress.h"
#include "model/project.h"

#include <filesystem>
#include <string>
#include <utility>
#include <vector>

namespace pulsepin {

/// The song and the clips of a piece whose files are not where it says, by their names.
[[nodiscard]] std::vector<std::string> missing_files(const Project& project);

struct FilesFound {
    Project project;
    std::vector<std::pair<std::string, std::filesystem::path>> found; ///< what, and where it is
    std::vector<std::string> missing;                                 ///< what is still not there
};
/// Looks for them in a folder and in those below it: by the names of their files first, for all of them, then
/// by what is in them. A clip has to be as long as it was (to a tenth of a second) and as large; the song has
/// to be the same recording, to the sample. By what is in it a clip is taken to be one only where none of the
/// files that are left could be it as well. Links to folders are not followed. Fails where the folder cannot
/// be read, and when cancelled.
[[nodiscard]] Result<FilesFound> with_files_found(const Project& project, const std::filesystem::path& folder,
                                                  const Progress& progress = {});

} // namespace pulsepin
