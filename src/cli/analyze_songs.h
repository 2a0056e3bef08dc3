// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "analysis/analyze.h"
#include "extent.h"

#include <string>
#include <vector>

namespace pulsepin {

struct AnalyzeRequest {
    std::vector<std::string> songs;
    std::string out = "-";           ///< a file, or "-" for the standard output; a folder for several songs
    std::vector<std::string> wanted; ///< of analysis_features(); empty for all
    std::string tempo_range;         ///< "90-120"; empty for any
    int beats_per_bar = 0;           ///< 0 to find out
    bool without_network = false;
    bool replace = false; ///< files that are there already
    std::string part;     ///< "2/8": every eighth song, from the second on; what is there already stays
    int threads = 0;      ///< songs at once; 0 for as many as there are processor cores
};

/// Writes one JSON file a song. A song that fails does not keep the others; all failures are told together.
[[nodiscard]] Result<Extent> analyze_songs(const AnalyzeRequest& request);

} // namespace pulsepin
