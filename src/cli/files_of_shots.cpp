// SPDX-License-Identifier: GPL-3.0-or-later
#include "files_of_shots.h"

#include "media/media_endings.h"
#include "media/picture_sequence.h"

#include <algorithm>

namespace pulsepin {

Result<std::vector<std::filesystem::path>> files_of_shots(const std::vector<std::string>& named) {
    std::vector<std::filesystem::path> files;
    for (const auto& one : named) {
        const std::filesystem::path path = one;
        std::error_code code;
        if (!std::filesystem::is_directory(path, code)) {
            files.push_back(path);
            continue;
        }
        std::vector<std::filesystem::path> inside;
        for (std::filesystem::directory_iterator at(path, code), end; !code && at != end; at.increment(code))
            if (ends_as(at->path(), film_endings()) || ends_as(at->path(), picture_endings()))
                inside.push_back(at->path());
        if (code)
            return fail("This folder cannot be read.", path.string(), "Choose another one.");
        std::ranges::sort(inside);
        for (auto& file : with_sequences(inside))
            files.push_back(std::move(file));
    }
    return files;
}

} // namespace pulsepin
