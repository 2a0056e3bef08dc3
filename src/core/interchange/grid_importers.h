// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/project.h"

#include <span>
#include <string_view>

namespace pulsepin {

/// A row per way for a grid to come in.
struct GridImporterRow {
    std::string_view id;
    std::string_view label;      ///< "Beat list"
    std::string_view extensions; ///< without dots, by blanks
    Result<BeatGrid> (*read)(std::string_view bytes);
};

[[nodiscard]] std::span<const GridImporterRow> grid_importers();

/// The grid of a file, by what its name ends in. Fails with the file's name.
[[nodiscard]] Result<BeatGrid> import_grid(const std::filesystem::path& path);

} // namespace pulsepin
