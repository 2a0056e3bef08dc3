// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <cstdint>
#include <filesystem>
#include <string_view>

namespace pulsepin {

/// What a file was like when it was read or written: enough to notice that someone else changed it since.
struct FileState {
    std::uint64_t device = 0, inode = 0;
    std::int64_t size = -1; ///< -1: there is no such file
    std::int64_t changed_ns = 0;
    std::uint64_t content = 0; ///< a fingerprint of the bytes
    friend bool operator==(const FileState&, const FileState&) = default;

    [[nodiscard]] bool exists() const { return size >= 0; }
};

/// 64-bit FNV-1a (Fowler, Noll, Vo).
[[nodiscard]] std::uint64_t content_fingerprint(std::string_view bytes);

/// Of a file whose bytes the caller has just read or written.
[[nodiscard]] FileState file_state(const std::filesystem::path& path, std::string_view bytes);

enum class FileChange { Same, Changed, Gone };

/// Whether the file holds other bytes than then. A file that was only touched, copied or renamed over with
/// the same bytes is the same; its bytes are read only where its dates or size differ.
[[nodiscard]] FileChange change_since(const std::filesystem::path& path, const FileState& then);

} // namespace pulsepin
