// SPDX-License-Identifier: GPL-3.0-or-later
#include "base/text_file.h"

#include <cerrno>
#include <cstdio>
#include <cstring>
#include <fcntl.h>
#include <fstream>
#include <memory>
#include <sys/stat.h>
#include <unistd.h>

namespace pulsepin {
namespace {

std::string reason(int code) {
    switch (code) {
    case ENOSPC:
    case EDQUOT:
        return "the disk is full";
    case EACCES:
    case EPERM:
    case EROFS:
        return "you are not allowed to write there";
    case ENOENT:
    case ENOTDIR:
        return "the folder does not exist";
    default:
        return std::generic_category().message(code);
    }
}

bool write_all(int descriptor, std::string_view text) {
    while (!text.empty()) {
        const ssize_t written = ::write(descriptor, text.data(), text.size());
        if (written < 0) {
            if (errno == EINTR)
                continue;
            return false;
        }
        text.remove_prefix(static_cast<std::size_t>(written));
    }
    return true;
}

/// Makes the rename itself last through a power cut.
void flush_folder(const std::filesystem::path& folder) {
    const int descriptor = ::open(folder.c_str(), O_RDONLY | O_DIRECTORY | O_CLOEXEC);
    if (descriptor >= 0) {
        ::fsync(descriptor);
        ::close(descriptor);
    }
}

} // namespace

Result<std::string> read_text_file(const std::filesystem::path& path, std::uintmax_t limit) {
    std::error_code code;
    const auto size = std::filesystem::file_size(path, code);
    if (code)
        return fail("The file cannot be opened: it does not exist or is not a plain file.", path.string(),
                    "Check the name.");
    if (size > limit)
        return fail("The file is far too large to be what it is taken for.", path.string());
    std::ifstream in(path, std::ios::binary);
    std::string text(static_cast<std::size_t>(size), '\0');
    if (!in || !in.read(text.data(), static_cast<std::streamsize>(size)))
        return fail("The file cannot be read.", path.string(), "Check that you are allowed to read it.");
    return text;
}

Result<void> write_text_file(const std::filesystem::path& path, std::string_view text) {
    // A link is followed, so that saving through one does not replace the link by a file.
    std::error_code code;
    auto target = std::filesystem::weakly_canonical(path, code);
    if (code || target.empty())
        target = std::filesystem::absolute(path);

    const auto refuse = [&](int error) {
        return fail("The file could not be saved: " + reason(error) + ". The old file, if any, is unchanged.",
                    path.string(), "Free some space or choose another place.");
    };

    // A device or a pipe would be replaced by a file, not written to.
    if (std::filesystem::exists(target, code) && !std::filesystem::is_regular_file(target, code) &&
        !std::filesystem::is_directory(target, code))
        return fail("This is no plain file that could be replaced.", path.string(), "Choose another name.");

    std::string draft = target.string() + ".XXXXXX";
    const int descriptor = ::mkstemp(draft.data());
    if (descriptor < 0)
        return refuse(errno);

    struct stat old {};
    const mode_t mask = ::umask(0);
    ::umask(mask);
    const mode_t mode = ::stat(target.c_str(), &old) == 0 ? (old.st_mode & 0777) : (0666 & ~mask);

    const bool written =
        write_all(descriptor, text) && ::fchmod(descriptor, mode) == 0 && ::fsync(descriptor) == 0;
    int error = written ? 0 : errno;
    if (::close(descriptor) != 0 && error == 0)
        error = errno;
    if (error == 0 && std::rename(draft.c_str(), target.c_str()) != 0)
        error = errno;
    if (error != 0) {
        ::unlink(draft.c_str());
        return refuse(error);
    }
    flush_folder(target.parent_path());
    return {};
}

} // namespace pulsepin
