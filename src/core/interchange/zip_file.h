// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "base/error.h"
#include "base/progress.h"

#include <filesystem>
#include <string>
#include <string_view>

namespace pulsepin {

/// All that lies in a folder as one ZIP file (ISO/IEC 21320-1, stored as it is), below that name. Written as
/// a whole or not at all.
[[nodiscard]] Result<void> zip_folder(const std::filesystem::path& folder, const std::string& below,
                                      const std::filesystem::path& zip, const Progress& progress = {});

/// Whether bytes begin as those of such a file do.
[[nodiscard]] bool is_zip(std::string_view bytes);

} // namespace pulsepin
