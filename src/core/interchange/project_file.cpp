// SPDX-License-Identifier: GPL-3.0-or-later
#include "interchange/project_file.h"

#include "base/draft.h"
#include "base/text_file.h"
#include "interchange/project_json.h"
#include "interchange/zip_file.h"

namespace pulsepin {
namespace {

std::filesystem::path folder_of(const std::filesystem::path& path) {
    return std::filesystem::absolute(path).parent_path();
}

tl::unexpected<Error> about(Error error, const std::filesystem::path& path) {
    error.file = path.string();
    return tl::unexpected(std::move(error));
}

/// A kill while a file with several names was written leaves the whole of it beside it.
std::string advice_for_damaged(const std::filesystem::path& path, const std::string& advice) {
    std::error_code code;
    for (std::filesystem::directory_iterator entry(folder_of(path), code), end; !code && entry != end;
         entry.increment(code))
        if (is_draft(entry->path()))
            return advice + " Or look at " + entry->path().string() +
                   ", which a save that was cut off left behind.";
    return advice;
}

} // namespace

Result<FileState> save_project(const Project& project, const std::filesystem::path& path) {
    const std::string text = project_to_json(project, folder_of(path));
    if (const auto again = project_from_json(text, folder_of(path)); !again)
        return fail("The project was not saved, since it could not be opened again: " + again.error().what,
                    path.string(), "Undo the last step, or correct what is named here.", ErrorKind::Broken);
    if (auto written = write_text_file(path, text); !written)
        return tl::unexpected(written.error());
    return file_state(path, text);
}

Result<LoadedProject> load_project_file(const std::filesystem::path& path) {
    const auto text = read_text_file(path);
    if (!text)
        return tl::unexpected(text.error());
    if (is_zip(*text))
        return fail("This is a packed piece.", path.string(),
                    "Unpack it, and open the file in it that ends in .pulsepin.");
    const auto state = file_state(path, *text);
    auto project = project_from_json(*text, folder_of(path));
    if (!project) {
        Error error = project.error();
        error.remedy = advice_for_damaged(path, error.remedy);
        return about(std::move(error), path);
    }
    return LoadedProject{*std::move(project), state};
}

Result<Project> load_project(const std::filesystem::path& path) {
    auto loaded = load_project_file(path);
    if (!loaded)
        return tl::unexpected(loaded.error());
    return std::move(loaded->project);
}

Result<void> save_recovery_copy(const Project& project, const std::filesystem::path& path) {
    // Not read again: something that is hard to open is better than nothing.
    return write_text_file(path, project_to_json(project, {}), Access::OwnerOnly);
}

} // namespace pulsepin
