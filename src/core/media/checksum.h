// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "base/error.h"
#include "base/progress.h"

#include <filesystem>
#include <string>

namespace pulsepin {

/// The SHA-256 of a file's bytes (FIPS 180-4) in hexadecimal, as `sha256sum` tells it. Fails where the file
/// cannot be read, and when cancelled.
[[nodiscard]] Result<std::string> sha256_of(const std::filesystem::path& file, const Progress& progress = {});

/// Copies a file to a name that nothing has yet, and tells its SHA-256. What was begun is removed when it
/// fails or is cancelled.
[[nodiscard]] Result<std::string> copied_with_sha256(const std::filesystem::path& from,
                                                     const std::filesystem::path& to,
                                                     const Progress& progress = {});

} // namespace pulsepin
