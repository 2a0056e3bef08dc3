// SPDX-License-Identifier: GPL-3.0-or-later
#include "base/private_folder.h"

#include <sys/stat.h>

namespace pulsepin {

void make_private_folder(const std::filesystem::path& folder) {
    std::error_code ignored;
    if (folder.has_parent_path())
        std::filesystem::create_directories(folder.parent_path(), ignored);
    constexpr mode_t owner_alone = 0700;
    struct stat now {};
    if (::mkdir(folder.c_str(), owner_alone) != 0 && ::lstat(folder.c_str(), &now) == 0 &&
        S_ISDIR(now.st_mode) && (now.st_mode & 0077) != 0)
        ::chmod(folder.c_str(), owner_alone);
}

} // namespace pulsepin
