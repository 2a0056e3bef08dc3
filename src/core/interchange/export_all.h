// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "interchange/exporters.h"
#include "interchange/outputs.h"

#include <vector>

namespace pulsepin {

/// What came of one way out.
struct HandedOn {
    const ExporterRow* row;
    std::filesystem::path file; ///< that was written; empty: none
    std::string told = {};      ///< what did not go along, or why nothing was written
};

/// How each file is called: after the project, after the way out where several have one ending, and which of
/// several files it is.
[[nodiscard]] std::string export_name(const std::string& stem, const ExporterRow& row,
                                      const std::string& name_ends = {});

/// All ways out of a piece (or those of `rows`) into one folder, which is made where it is not there; those
/// that have nothing to say are left out and told. What follows the music is computed unless it is there
/// (`followed`). Fails before anything is written where a file of these names is there (unless `replace`) or
/// is an input, where none has anything to say, and when cancelled.
[[nodiscard]] Result<std::vector<HandedOn>> export_all(Curves curves, bool followed, const Inputs& inputs,
                                                       const std::filesystem::path& folder,
                                                       const std::string& stem, bool replace,
                                                       const Progress& progress = {},
                                                       std::vector<const ExporterRow*> rows = {});

} // namespace pulsepin
