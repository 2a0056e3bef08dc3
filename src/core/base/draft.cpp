// SPDX-License-Identifier: GPL-3.0-or-later
#include "base/draft.h"

#include <cerrno>
#include <cstdio>
#include <fcntl.h>
#include <random>
#include <string>
#include <sys/file.h>
#include <sys/stat.h>
#include <sys/xattr.h>
#include <unistd.h>
#include <utility>

namespace pulsepin {
namespace {

constexpr const char* attribute = "user.pulsepin.draft";

std::filesystem::path folder_of(const std::filesystem::path& target) {
    return target.has_parent_path() ? target.parent_path() : std::filesystem::path(".");
}

std::filesystem::path random_name(const std::filesystem::path& folder) {
    std::random_device chance;
    char name[32];
    std::snprintf(name, sizeof name, "%08x%08x", chance(), chance());
    return folder / (std::string(draft_prefix) + name);
}

std::string by_descriptor(int file) {
    return "/proc/self/fd/" + std::to_string(file);
}

bool same_file(int file, const std::filesystem::path& path) {
    struct stat one {
    }, other{};
    return ::fstat(file, &one) == 0 && ::lstat(path.c_str(), &other) == 0 && one.st_dev == other.st_dev &&
           one.st_ino == other.st_ino;
}

bool bears_attribute(int file) {
    return ::fgetxattr(file, attribute, nullptr, 0) >= 0;
}

bool is_empty(int file) {
    struct stat now {};
    return ::fstat(file, &now) == 0 && S_ISREG(now.st_mode) && now.st_size == 0;
}

/// A draft of a process that was killed between making it and marking it: empty, and named by nothing but the
/// prefix and sixteen digits. There is nothing in it that could be anyone's.
bool is_just_begun(const std::filesystem::path& path, const std::string& name) {
    struct stat now {};
    constexpr std::size_t digits = 16;
    return name.size() == draft_prefix.size() + digits &&
           name.find_first_not_of("0123456789abcdef", draft_prefix.size()) == std::string::npos &&
           ::lstat(path.c_str(), &now) == 0 && S_ISREG(now.st_mode) && now.st_size == 0;
}

/// What a file system or kernel answers that knows no files without a name.
bool nameless_unknown(int error) {
    return error == EOPNOTSUPP || error == EISDIR || error == EINVAL || error == ENOENT;
}

} // namespace

Draft::Draft(int file, std::filesystem::path target, std::filesystem::path name)
    : file_(file), target_(std::move(target)), name_(std::move(name)) {}

Draft::Draft(Draft&& other) noexcept
    : file_(std::exchange(other.file_, -1)), target_(std::move(other.target_)),
      name_(std::exchange(other.name_, {})) {}

Draft& Draft::operator=(Draft&& other) noexcept {
    std::swap(file_, other.file_);
    std::swap(target_, other.target_);
    std::swap(name_, other.name_);
    return *this;
}

Draft::~Draft() {
    if (file_ < 0)
        return;
    if (!name_.empty() && same_file(file_, name_))
        ::unlink(name_.c_str());
    ::close(file_);
}

std::optional<Draft> Draft::beside(const std::filesystem::path& target, mode_t mode) {
    const auto folder = folder_of(target);
    if (::access("/proc/self/fd", X_OK) == 0) { // by which it gets its name
        const int file = ::open(folder.c_str(), O_RDWR | O_TMPFILE | O_CLOEXEC, mode);
        if (file >= 0) {
            ::flock(file, LOCK_EX);
            return Draft(file, target, {});
        }
        if (!nameless_unknown(errno))
            return std::nullopt;
    }
    for (int attempt = 0; attempt < 100; ++attempt) {
        auto name = random_name(folder);
        const int file = ::open(name.c_str(), O_RDWR | O_CREAT | O_EXCL | O_NOFOLLOW | O_CLOEXEC, mode);
        if (file < 0) {
            if (errno == EEXIST)
                continue;
            return std::nullopt;
        }
        Draft draft(file, target, std::move(name));
        ::flock(file, LOCK_EX); // where locks are unknown nobody takes a draft for a forgotten one
        ::fsetxattr(file, attribute, "1", 1, 0);
        if (same_file(file, draft.name_)) // or someone took it for forgotten between the calls
            return draft;
        draft.name_.clear();
    }
    errno = EEXIST;
    return std::nullopt;
}

std::filesystem::path Draft::opened_as() const {
    const auto name = by_descriptor(file_);
    return name_.empty() || ::access(name.c_str(), R_OK | W_OK) == 0 ? std::filesystem::path(name) : name_;
}

bool Draft::show() {
    if (!name_.empty())
        return true;
    ::fsetxattr(file_, attribute, "1", 1, 0);
    for (int attempt = 0; attempt < 100; ++attempt) {
        auto name = random_name(folder_of(target_));
        if (::linkat(AT_FDCWD, by_descriptor(file_).c_str(), AT_FDCWD, name.c_str(), AT_SYMLINK_FOLLOW) ==
            0) {
            name_ = std::move(name);
            return true;
        }
        if (errno != EEXIST)
            return false;
    }
    return false;
}

bool Draft::take_place_of(const std::filesystem::path& target) {
    const bool nameless = name_.empty();
    if (nameless &&
        ::linkat(AT_FDCWD, by_descriptor(file_).c_str(), AT_FDCWD, target.c_str(), AT_SYMLINK_FOLLOW) == 0)
        return true;
    if (nameless && (errno != EEXIST || !show()))
        return false;
    if (std::rename(name_.c_str(), target.c_str()) != 0)
        return false;
    name_.clear();
    ::fremovexattr(file_, attribute);
    return true;
}

bool Draft::take_free_place() {
    if (name_.empty())
        return ::linkat(AT_FDCWD, by_descriptor(file_).c_str(), AT_FDCWD, target_.c_str(),
                        AT_SYMLINK_FOLLOW) == 0;
    // Not every file system knows how to rename only to what is free: then it is asked before.
    if (::renameat2(AT_FDCWD, name_.c_str(), AT_FDCWD, target_.c_str(), RENAME_NOREPLACE) != 0) {
        if (errno != EINVAL && errno != ENOSYS)
            return false;
        struct stat there {};
        if (::lstat(target_.c_str(), &there) == 0) {
            errno = EEXIST;
            return false;
        }
        return take_place();
    }
    name_.clear();
    ::fremovexattr(file_, attribute);
    return true;
}

bool is_draft(const std::filesystem::path& path) {
    struct stat now {};
    return ::lstat(path.c_str(), &now) == 0 && S_ISREG(now.st_mode) &&
           ::lgetxattr(path.c_str(), attribute, nullptr, 0) >= 0;
}

void remove_forgotten_drafts(const std::filesystem::path& folder) {
    std::error_code code;
    for (std::filesystem::directory_iterator entry(folder.empty() ? "." : folder, code), end;
         !code && entry != end; entry.increment(code)) {
        const auto name = entry->path().filename().string();
        if (!name.starts_with(draft_prefix) ||
            !(is_draft(entry->path()) || is_just_begun(entry->path(), name)))
            continue;
        const int file = ::open(entry->path().c_str(), O_RDWR | O_CLOEXEC | O_NOFOLLOW | O_NONBLOCK);
        if (file < 0)
            continue;
        if (::flock(file, LOCK_EX | LOCK_NB) == 0 && (bears_attribute(file) || is_empty(file)) &&
            same_file(file, entry->path()))
            ::unlink(entry->path().c_str());
        ::close(file);
    }
}

} // namespace pulsepin
