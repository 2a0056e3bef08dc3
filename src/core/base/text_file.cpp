// SPDX-License-Identifier: GPL-3.0-or-later
#include "base/text_file.h"

#include "base/draft.h"

#include <cerrno>
#include <cstdio>
#include <fcntl.h>
#include <fstream>
#include <sys/stat.h>
#include <unistd.h>
#include <utility>

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
    case ENAMETOOLONG:
        return "the name is too long";
    case EISDIR:
        return "there is a folder of that name";
    case EIO:
        return "the disk does not answer as it should";
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

/// What was written is read from the file again.
bool reads_back(int descriptor, std::string_view text) {
    char buffer[1 << 16];
    off_t at = 0;
    while (true) {
        const ssize_t got = ::pread(descriptor, buffer, sizeof buffer, at);
        if (got < 0 && errno == EINTR)
            continue;
        if (got < 0)
            return false;
        const auto size = static_cast<std::size_t>(got);
        if (size == 0)
            return text.empty();
        if (text.substr(0, size) != std::string_view(buffer, size)) {
            errno = EIO;
            return false;
        }
        text.remove_prefix(size);
        at += got;
    }
}

/// A file that is open; closed at the end at the latest.
class Descriptor {
public:
    explicit Descriptor(int number) : number_(number) {}
    Descriptor(Descriptor&& other) noexcept : number_(std::exchange(other.number_, -1)) {}
    Descriptor& operator=(Descriptor&&) = delete;
    ~Descriptor() {
        if (number_ >= 0)
            ::close(number_);
    }
    [[nodiscard]] int number() const { return number_; }
    [[nodiscard]] bool close() { return ::close(std::exchange(number_, -1)) == 0; }

private:
    int number_;
};

/// For a file with several names. The room is asked for before anything is overwritten.
bool write_in_place(const std::filesystem::path& target, std::string_view text) {
    Descriptor file(::open(target.c_str(), O_RDWR | O_CLOEXEC));
    if (file.number() < 0)
        return false;
    if (const int error =
            text.empty() ? 0 : ::posix_fallocate(file.number(), 0, static_cast<off_t>(text.size()));
        error != 0 && error != EOPNOTSUPP && error != EINVAL) {
        errno = error;
        return false;
    }
    return write_all(file.number(), text) &&
           ::ftruncate(file.number(), static_cast<off_t>(text.size())) == 0 && ::fsync(file.number()) == 0 &&
           reads_back(file.number(), text) && file.close();
}

/// That name, or with a number where something has it.
std::filesystem::path free_name(const std::string& wanted) {
    std::filesystem::path name = wanted;
    std::error_code code;
    for (int i = 2; std::filesystem::exists(std::filesystem::symlink_status(name, code)); ++i)
        name = wanted + "-" + std::to_string(i);
    return name;
}

bool write_protected(const std::filesystem::path& path, mode_t mode) {
    // The administrator may write everywhere: what counts is what the file says.
    return (mode & 0222) == 0 || ::faccessat(AT_FDCWD, path.c_str(), W_OK, AT_EACCESS) != 0;
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
                    "Check the name.", ErrorKind::NotFound);
    if (size > limit)
        return fail("The file is far too large to be what it is taken for.", path.string());
    std::ifstream in(path, std::ios::binary);
    std::string text(static_cast<std::size_t>(size), '\0');
    if (!in || !in.read(text.data(), static_cast<std::streamsize>(size)))
        return fail("The file cannot be read.", path.string(), "Check that you are allowed to read it.");
    return text;
}

Result<void> write_text_file(const std::filesystem::path& path, std::string_view text, Access access) {
    // A link is followed, so that saving through one does not replace the link by a file.
    std::error_code code;
    auto target = std::filesystem::weakly_canonical(path, code);
    if (code || target.empty())
        target = std::filesystem::absolute(path);

    const auto refuse = [&](int error) {
        return fail("The file could not be saved: " + reason(error) + ". The old file, if any, is unchanged.",
                    path.string(), "Free some space or choose another place.");
    };

    struct stat old {};
    const bool there = ::stat(target.c_str(), &old) == 0;
    // A device or a pipe would be replaced by a file, not written to.
    if (there && !S_ISREG(old.st_mode) && !S_ISDIR(old.st_mode))
        return fail("This is no plain file that could be replaced.", path.string(), "Choose another name.");
    if (there && S_ISREG(old.st_mode) && write_protected(target, old.st_mode))
        return fail("The file is write-protected and was left as it is.", path.string(),
                    "Allow writing to it, or choose another name.");

    remove_forgotten_drafts(target.parent_path());
    // What only its owner may read is so from the first byte on.
    const bool own = access == Access::OwnerOnly || there;
    auto draft = Draft::beside(target, own ? 0600 : 0666);
    if (!draft)
        return refuse(errno);
    const int file = draft->descriptor();
    if (there && ::fchown(file, old.st_uid, old.st_gid) != 0) {
        // It then belongs to whoever saves it, as a new file would.
    }
    if (!write_all(file, text) || (there && ::fchmod(file, old.st_mode & 0777) != 0) || ::fsync(file) != 0 ||
        !reads_back(file, text))
        return refuse(errno);

    if (there && old.st_nlink > 1) {
        if (!draft->show()) // so that it outlives a process that is killed while it overwrites
            return refuse(errno);
        if (!write_in_place(target, text)) {
            const int error = errno;
            const auto rescued = free_name(target.string() + ".whole-copy");
            if (!draft->take_place_of(rescued))
                return refuse(error);
            return fail("The file could not be written in its place: " + reason(error) + ".", path.string(),
                        "What was to be saved is whole in " + rescued.string() + ".");
        }
        return {};
    }
    if (!draft->take_place())
        return refuse(errno);
    flush_folder(target.parent_path());
    return {};
}

} // namespace pulsepin
