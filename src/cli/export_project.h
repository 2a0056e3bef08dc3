// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "base/error.h"

#include <string>
#include <vector>

namespace pulsepin {

struct ExportRequest {
    std::string project, format, out;
    std::vector<std::string> settings; ///< "lane=Cuts"
    std::string folder;                ///< for all formats at once
    bool replace = false;              ///< a file that is there already
};

[[nodiscard]] Result<void> export_file(const ExportRequest& request);
/// "edl|csv|...".
[[nodiscard]] std::string exporter_ids();

} // namespace pulsepin
