// SPDX-License-Identifier: GPL-3.0-or-later
#include "interchange/files_outside.h"

#include "interchange/outputs.h"

#include <algorithm>

namespace pulsepin {
namespace {

std::filesystem::path in_truth(const std::filesystem::path& path) {
    std::error_code code;
    auto full = std::filesystem::weakly_canonical(std::filesystem::absolute(path, code), code);
    return code ? path : full;
}

bool lies_in(const std::filesystem::path& file, const std::filesystem::path& folder) {
    return std::mismatch(folder.begin(), folder.end(), file.begin(), file.end()).first == folder.end();
}

} // namespace

std::vector<FileOutside> files_outside(const Project& project, const std::filesystem::path& project_file) {
    const auto folder = in_truth(project_file).parent_path();
    std::vector<FileOutside> outside;
    for (const auto& named : inputs_of(project_file, project)) {
        FileOutside file{named, in_truth(named)};
        if (!lies_in(file.leads_to, folder) &&
            std::find(outside.begin(), outside.end(), file) == outside.end())
            outside.push_back(std::move(file));
    }
    return outside;
}

} // namespace pulsepin
