// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "base/progress.h"
#include "model/project.h"

#include <cstdint>
#include <filesystem>
#include <string>
#include <vector>

namespace pulsepin {

struct Packed {
    std::filesystem::path project;    ///< the file that is to be opened
    std::size_t files = 0;            ///< besides it and the list
    std::uintmax_t bytes = 0;         ///< of them
    std::vector<std::string> missing; ///< song or clips whose files are not there: they are left out
};
/// All that a piece needs, in one folder that can be moved: the project, its song and the files of its bin
/// below `media/` (those that nothing shows are left out where `only_used`), and `contents.txt`, which
/// `sha256sum -c` proves. The piece itself is not changed. Fails where the folder is there and not empty,
/// where something cannot be read or written, and when cancelled: then what was written is removed again.
[[nodiscard]] Result<Packed> pack(const Project& project, const std::string& name,
                                  const std::filesystem::path& folder, bool only_used,
                                  const Progress& progress = {});

} // namespace pulsepin
