// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "base/error.h"

#include <string>

namespace pulsepin {

struct WriteSoundRequest {
    std::string project, out;
    std::string sound = "song"; ///< "song", "sum", "click", or a lane of sounds by its name
    std::string part = "whole", side = "both";
    double from_hz = 0, until_hz = 0;
    bool replace = false;
};

/// Writes what is heard of a project, or a part of it, as a WAV or FLAC file.
[[nodiscard]] Result<void> write_sound(const WriteSoundRequest& request);

} // namespace pulsepin
