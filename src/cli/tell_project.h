// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/project.h"

#include <string>

namespace pulsepin {

struct InfoRequest {
    std::string project;
    bool json = false;
};
/// What is in a project: settings, song, beats, lanes, layers, clips, and which files are missing; as text or
/// as JSON.
[[nodiscard]] Result<void> tell_project(const InfoRequest& request);

/// "song, 1:04.7, 118.00 BPM, 4/4, 31 bars; 6 clips".
[[nodiscard]] std::string in_a_line(const Project& project);

} // namespace pulsepin
