// SPDX-License-Identifier: GPL-3.0-or-later
#include "interchange/outputs.h"

#include <algorithm>

namespace pulsepin {
namespace {

bool same_file(const std::filesystem::path& a, const std::filesystem::path& b) {
    std::error_code code;
    if (std::filesystem::equivalent(a, b, code) && !code)
        return true;
    // Neither need be there: a song may be missing just now.
    const auto full = [](const std::filesystem::path& path) {
        std::error_code ignored;
        return std::filesystem::weakly_canonical(std::filesystem::absolute(path, ignored), ignored);
    };
    return !a.empty() && !b.empty() && full(a) == full(b);
}

} // namespace

Inputs inputs_of(const std::filesystem::path& project_file, const Project& project) {
    Inputs inputs{project_file};
    if (project.song)
        inputs.push_back(project.song->path);
    for (const auto& clip : *project.bin)
        inputs.push_back(clip.path);
    return inputs;
}

Result<void> may_write(const std::filesystem::path& output, const Inputs& inputs, bool replace) {
    if (std::any_of(inputs.begin(), inputs.end(),
                    [&](const auto& input) { return same_file(output, input); }))
        return fail("This file is read by the command and is not written over.", output.string(),
                    "Name another output.");
    std::error_code code;
    if (!replace && std::filesystem::is_regular_file(output, code))
        return fail("There is a file of that name already.", output.string(),
                    "Name another output, or replace it with --force.");
    return {};
}

} // namespace pulsepin
