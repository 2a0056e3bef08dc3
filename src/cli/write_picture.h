// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "base/error.h"

#include <cstdint>
#include <filesystem>
#include <string>

namespace pulsepin {

struct WritePictureRequest {
    std::string project;
    std::string out;
    std::int64_t frame = 0;
    std::string size;       ///< "1920x1080"; empty: as the project has it
    bool all_shots = false; ///< the first frame of each, as one picture
    int thumbnail = 0;      ///< a frame a third into the piece, at most so many pixels wide and high; 0: not
    bool replace = false;
};

/// One frame as it is composed, as a PNG. Fails as the project, its song and its clips do.
[[nodiscard]] Result<void> write_picture(const WritePictureRequest& request);

} // namespace pulsepin
