// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "extent.h"
#include "model/project.h"

#include <string>
#include <vector>

namespace pulsepin {

struct InfoRequest {
    std::vector<std::string> projects;
    bool json = false;
};
/// What is in projects: settings, song, beats, lanes, layers, clips, and which files are missing; as text or
/// as JSON, of several in a line each. Those that cannot be read are told.
[[nodiscard]] Result<Extent> tell_projects(const InfoRequest& request);

/// "song, 1:04.7, 118.00 BPM, 4/4, 31 bars; 6 clips".
[[nodiscard]] std::string in_a_line(const Project& project);

} // namespace pulsepin
