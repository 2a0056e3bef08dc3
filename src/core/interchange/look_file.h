// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "base/error.h"
#include "model/stage.h"

#include <filesystem>
#include <span>
#include <vector>

namespace pulsepin {

/// Looks as JSON, to be shared: {"format": "pulsepin-looks", "looks": [...]}, each as a project's file has it
/// (docs/project.schema.json, "look"). Fails as files do.
[[nodiscard]] Result<void> write_looks(std::span<const Look> looks, const std::filesystem::path& path);
/// Fails, naming the file, where it is something else or holds what a project may not.
[[nodiscard]] Result<std::vector<Look>> read_looks(const std::filesystem::path& path);

} // namespace pulsepin
