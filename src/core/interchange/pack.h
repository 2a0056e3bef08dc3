// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "base/progress.h"
#include "model/project.h"
#include "params/param.h"

#include <cstdint>
#include <filesystem>
#include <string>
#include <vector>

namespace pulsepin {

struct Packed {
    std::filesystem::path project;      ///< the file that is to be opened; of a ZIP file, that
    std::size_t files = 0;              ///< besides it and the lists
    std::uintmax_t bytes = 0;           ///< of them
    std::size_t shortened = 0;          ///< films of which only a part was taken
    std::vector<std::string> missing{}; ///< song or clips whose files are not there: they are left out
};

/// What goes along: "only-used" clips, films with "handles" of so many frames around what is used of them
/// (below 0: whole), and "formats" that are handed on, in a folder of their own.
[[nodiscard]] ParamSpecs pack_parameters();

/// All that a piece needs, in one folder that can be moved: the project, its song and the files of its bin
/// below `media/`, `about.txt` for people, and `contents.txt`, which `sha256sum -c` proves. Where the name
/// ends in .zip, all of that as one file. The piece itself is not changed. Fails where the folder is there
/// and not empty, or the file is there, where something cannot be read or written, for values that are none
/// of those above, and when cancelled: then what was written is removed again.
[[nodiscard]] Result<Packed> pack(const Project& project, const std::string& name,
                                  const std::filesystem::path& into, const ParamValues& values = {},
                                  const Progress& progress = {});

} // namespace pulsepin
