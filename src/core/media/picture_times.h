// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "base/error.h"

#include <filesystem>

namespace pulsepin {

/// How the pictures of a video file follow each other.
struct PictureTimes {
    double per_second = 0; ///< by the median of their distances, or as the file says where those agree
    bool variable = false; ///< more than one in a hundred lasts a quarter longer or shorter than is usual
};

/// Looks at the times of the first pictures, without decoding them. Fails where the file cannot be read or
/// has no pictures.
[[nodiscard]] Result<PictureTimes> picture_times(const std::filesystem::path& path);

} // namespace pulsepin
