// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <filesystem>
#include <optional>
#include <string>
#include <vector>

namespace pulsepin {

/// A folder of files that is being written, and takes its name when all of them are whole. It has a random
/// name that was free, is its owner's alone, and holds a note of what it is and of the files that were
/// written into it: nothing is ever removed that is not noted there. Functions that fail leave the reason in
/// errno.
class DraftFolder {
public:
    [[nodiscard]] static std::optional<DraftFolder> beside(const std::filesystem::path& target);
    DraftFolder(DraftFolder&& other) noexcept;
    DraftFolder& operator=(DraftFolder&&) = delete;
    /// What was written into it goes, and so does the folder.
    ~DraftFolder();

    /// Where to write a file of that name; noted before it is there.
    [[nodiscard]] std::optional<std::filesystem::path> file(const std::string& name);

    /// Becomes the target where there is none or an empty folder. Where there are other files, its own are
    /// moved to them one by one, and replace only files of the very same names.
    [[nodiscard]] bool take_place();

private:
    DraftFolder(std::filesystem::path path, std::filesystem::path target, int note);
    std::filesystem::path path_, target_;
    int note_ = -1; ///< the note, open and locked
    std::vector<std::string> names_;
};

/// Removes folders that processes left which were killed while they wrote into them.
void remove_forgotten_draft_folders(const std::filesystem::path& folder);

} // namespace pulsepin
