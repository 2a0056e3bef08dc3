// SPDX-License-Identifier: GPL-3.0-or-later
#include "interchange/project_file.h"

#include "base/text_file.h"
#include "interchange/project_json.h"

namespace pulsepin {

Result<void> save_project(const Project& project, const std::filesystem::path& path) {
    return write_text_file(path, project_to_json(project, std::filesystem::absolute(path).parent_path()));
}

Result<Project> load_project(const std::filesystem::path& path) {
    const auto text = read_text_file(path);
    if (!text)
        return tl::unexpected(text.error());
    auto project = project_from_json(*text, std::filesystem::absolute(path).parent_path());
    if (!project) {
        Error error = project.error();
        error.file = path.string();
        return tl::unexpected(error);
    }
    return project;
}

Result<void> save_recovery_copy(const Project& project, const std::filesystem::path& path) {
    return write_text_file(path, project_to_json(project, {}));
}

} // namespace pulsepin
