// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "project_arguments.h"

#include <string>
#include <vector>

namespace pulsepin {

struct RelinkRequest {
    ChangeRequest change;
    std::string folder; ///< in which, and below which, missing files are looked for
};
/// Looks for the song and the clips that are not where the project says, and says what was found and what was
/// not. Fails where something is missing and nothing of it was found: then nothing is written.
[[nodiscard]] Result<void> find_files(const RelinkRequest& request);

struct PackRequest {
    std::string project, into;
    std::vector<std::string> settings; ///< "handles=24"
};
/// Puts the project and all its files into one folder or ZIP file, and says what is in it and what was
/// missing.
[[nodiscard]] Result<void> pack_piece(const PackRequest& request);

} // namespace pulsepin
