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

/// Who may read a file that is new; one that is replaced keeps its rights.
enum class Access { AsUsual, OwnerOnly };

/// Replaces the file as a whole or not at all: the text is written to a draft (base/draft.h), flushed to the
/// disk, read back, and put in the old file's place. On failure the old file is untouched and nothing stays
/// of the draft.
///
/// A link is followed. A file with several names (hard links) keeps them: it is written in its place, while
/// the draft stands by as a whole copy. Drafts that a killed process left in the folder are removed. Fails
/// for a file that is write-protected and for what is not a plain file. May be called from any thread.
[[nodiscard]] Result<void> write_text_file(const std::filesystem::path& path, std::string_view text,
                                           Access access = Access::AsUsual);

} // namespace pulsepin
