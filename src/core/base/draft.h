// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <filesystem>
#include <optional>
#include <string_view>
#include <sys/types.h>

namespace pulsepin {

/// A file that is being written and has its target's name only when it is whole.
///
///     auto draft = Draft::beside(target);        // in the target's folder, so that a rename is enough
///     ... write to draft->descriptor(), or to the file that draft->opened_as() names ...
///     draft->take_place();                       // or nothing: then it is gone
///
/// Where the file system can (O_TMPFILE), it has no name until then, so that nobody meets it and a process
/// that is killed leaves nothing behind. Elsewhere it has a random name that was free, is locked (flock)
/// while it is written, and bears an extended attribute by which it is known later, whatever it is called.
/// Neither follows a link. Functions that fail leave the reason in errno.
class Draft {
public:
    /// `mode` as for open(); of a file that holds something private it is 0600 from the beginning.
    [[nodiscard]] static std::optional<Draft> beside(const std::filesystem::path& target, mode_t mode = 0666);
    Draft(Draft&& other) noexcept;
    Draft& operator=(Draft&& other) noexcept;
    ~Draft();

    [[nodiscard]] int descriptor() const { return file_; }
    /// A name under which this process can open it while it is written.
    [[nodiscard]] std::filesystem::path opened_as() const;
    /// Gives it a random name beside its target, if it has none: it then survives this process.
    [[nodiscard]] bool show();
    /// The random name; empty while it has none.
    [[nodiscard]] const std::filesystem::path& shown_as() const { return name_; }
    /// It replaces what has that name, as a whole, and is no draft any more.
    [[nodiscard]] bool take_place_of(const std::filesystem::path& target);
    [[nodiscard]] bool take_place() { return take_place_of(target_); }
    /// Takes its name only where nothing has it; errno is EEXIST otherwise.
    [[nodiscard]] bool take_free_place();

private:
    Draft(int file, std::filesystem::path target, std::filesystem::path name);
    int file_ = -1;
    std::filesystem::path target_, name_;
};

/// How the random names begin.
inline constexpr std::string_view draft_prefix = ".pulsepin-draft-";

/// Whether a file is a draft of this program: told by its attribute, not by its name.
[[nodiscard]] bool is_draft(const std::filesystem::path& path);

/// Removes drafts that nobody writes any more, which processes that were killed left in a folder.
void remove_forgotten_drafts(const std::filesystem::path& folder);

} // namespace pulsepin
