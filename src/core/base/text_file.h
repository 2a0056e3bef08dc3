// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "base/error.h"

#include <filesystem>
#include <string>
#include <string_view>

namespace pulsepin {

/// The whole file as bytes. Fails when it cannot be opened or read, or is larger than `limit` bytes.
[[nodiscard]] Result<std::string> read_text_file(const std::filesystem::path& path,
                                                 std::uintmax_t limit = 256u << 20);

/// Replaces the file as a whole or not at all: the text is written to a neighbour, flushed to the disk, and
/// renamed over the old file. On failure the old file is untouched and the neighbour is removed.
[[nodiscard]] Result<void> write_text_file(const std::filesystem::path& path, std::string_view text);

} // namespace pulsepin
