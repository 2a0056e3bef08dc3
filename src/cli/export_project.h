// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "base/error.h"
#include "extent.h"

#include <string>
#include <vector>

namespace pulsepin {

struct ExportRequest {
    std::string project;
    std::vector<std::string> formats;
    std::string out;                   ///< of one format
    std::vector<std::string> settings; ///< "lane=Cuts"
    std::string folder;                ///< for several formats, or all of them
    bool replace = false;              ///< a file that is there already
};

/// Some of several formats may have nothing to write.
[[nodiscard]] Result<Extent> export_file(const ExportRequest& request);
/// "edl|csv|...".
[[nodiscard]] std::string exporter_ids();

} // namespace pulsepin
