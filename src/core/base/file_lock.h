// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <filesystem>
#include <optional>
#include <utility>

namespace pulsepin {

/// A lock on a file of its own, held by one process at a time. The system gives it back when the process
/// ends, however it ends. Two locks of one process exclude each other as those of two do.
class FileLock {
public:
    /// Makes the file if need be. None when someone else holds it, or when it cannot be made.
    [[nodiscard]] static std::optional<FileLock> try_take(const std::filesystem::path& path);

    FileLock(FileLock&& other) noexcept : descriptor_(std::exchange(other.descriptor_, -1)) {}
    FileLock& operator=(FileLock&& other) noexcept {
        std::swap(descriptor_, other.descriptor_);
        return *this;
    }
    ~FileLock();

private:
    explicit FileLock(int descriptor) : descriptor_(descriptor) {}
    int descriptor_ = -1;
};

} // namespace pulsepin
