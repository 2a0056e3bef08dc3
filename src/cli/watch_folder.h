// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "base/error.h"
#include "extent.h"

#include <string>
#include <vector>

namespace pulsepin {

struct WatchRequest {
    std::string folder, out;
    std::string pattern;              ///< a project that is the template of all
    std::vector<std::string> formats; ///< that are handed on of each piece
    bool once = false;                ///< what is there, and no more
};
/// A piece of the template for each song that lies in a folder or comes into it, with what is handed on of
/// it, each in a folder of its own below `out`. A song whose folder is there was done before. Goes on until
/// it is ended (Ctrl+C), which leaves no piece half done.
[[nodiscard]] Result<Extent> watch_folder(const WatchRequest& request);

} // namespace pulsepin
