// SPDX-License-Identifier: GPL-3.0-or-later
#include "base/text_file.h"

#include <cerrno>
#include <cstdio>
#include <fcntl.h>
#include <fstream>
#include <optional>
#include <random>
#include <sys/file.h>
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

/// A file of its own beside the target, locked while it is written so that others know it is not forgotten.
struct Draft {
    Descriptor file;
    std::filesystem::path path;
};

/// errno tells why there is none.
std::optional<Draft> make_draft(const std::filesystem::path& folder) {
    std::random_device chance;
    for (int attempt = 0; attempt < 100; ++attempt) {
        char name[32];
        std::snprintf(name, sizeof name, "%08x%08x", chance(), chance());
        auto path = folder / (std::string(draft_prefix) + name);
        Descriptor file(::open(path.c_str(), O_RDWR | O_CREAT | O_EXCL | O_CLOEXEC, 0666));
        if (file.number() < 0) {
            if (errno == EEXIST)
                continue;
            return std::nullopt;
        }
        ::flock(file.number(), LOCK_EX); // where locks are unknown drafts are never taken for forgotten ones
        struct stat now {};
        if (::fstat(file.number(), &now) == 0 && now.st_nlink == 1)
            return Draft{std::move(file), std::move(path)};
        // Someone took it for forgotten between the two calls: another one.
    }
    errno = EEXIST;
    return std::nullopt;
}

void remove_forgotten_drafts(const std::filesystem::path& folder) {
    std::error_code code;
    for (std::filesystem::directory_iterator entry(folder, code), end; !code && entry != end;
         entry.increment(code)) {
        if (!entry->path().filename().string().starts_with(draft_prefix))
            continue;
        const Descriptor file(::open(entry->path().c_str(), O_RDWR | O_CLOEXEC | O_NOFOLLOW));
        if (file.number() >= 0 && ::flock(file.number(), LOCK_EX | LOCK_NB) == 0)
            ::unlink(entry->path().c_str());
    }
}

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

    struct stat old {};
    const bool there = ::stat(target.c_str(), &old) == 0;
    // A device or a pipe would be replaced by a file, not written to.
    if (there && !S_ISREG(old.st_mode) && !S_ISDIR(old.st_mode))
        return fail("This is no plain file that could be replaced.", path.string(), "Choose another name.");
    if (there && S_ISREG(old.st_mode) && write_protected(target, old.st_mode))
        return fail("The file is write-protected and was left as it is.", path.string(),
                    "Allow writing to it, or choose another name.");

    remove_forgotten_drafts(target.parent_path());
    auto draft = make_draft(target.parent_path());
    if (!draft)
        return refuse(errno);
    const int file = draft->file.number();
    const auto give_up = [&](int error) {
        ::unlink(draft->path.c_str());
        return refuse(error);
    };
    if (there && ::fchown(file, old.st_uid, old.st_gid) != 0) {
        // It then belongs to whoever saves it, as a new file would.
    }
    if (!write_all(file, text) || (there && ::fchmod(file, old.st_mode & 0777) != 0) || ::fsync(file) != 0 ||
        !reads_back(file, text))
        return give_up(errno);

    if (there && old.st_nlink > 1) {
        if (!write_in_place(target, text)) {
            const int error = errno;
            const auto rescued = std::filesystem::path(target.string() + ".whole-copy");
            if (std::rename(draft->path.c_str(), rescued.c_str()) != 0)
                return give_up(error);
            return fail("The file could not be written in its place: " + reason(error) + ".", path.string(),
                        "What was to be saved is whole in " + rescued.string() + ".");
        }
        ::unlink(draft->path.c_str());
        return {};
    }
    // The lock goes with the descriptor, so the name is taken first.
    if (std::rename(draft->path.c_str(), target.c_str()) != 0)
        return give_up(errno);
    flush_folder(target.parent_path());
    return {};
}

} // namespace pulsepin
