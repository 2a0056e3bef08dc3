// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/composition.h"

#include <filesystem>

namespace pulsepin {

/// A composition as JSON, to be shared: {"format": "pulsepin-composition", "name", "told", "beats", "piece"},
/// the piece as a project's file has it (docs/project.schema.json), its paths relative to the file where they
/// lie below its folder. It holds values only, nothing that runs. Fails as files do.
[[nodiscard]] Result<void> write_composition(const Composition& composition,
                                             const std::filesystem::path& path);
/// Fails, naming the file, where it is something else or holds what a project may not.
[[nodiscard]] Result<Composition> read_composition(const std::filesystem::path& path);

} // namespace pulsepin
