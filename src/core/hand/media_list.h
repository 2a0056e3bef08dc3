// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "base/error.h"
#include "base/progress.h"
#include "media/moments_in_file.h"
#include "model/brought_in.h"

#include <filesystem>

namespace pulsepin {

/// Whether a file of that name is one of sound or pictures, from which a list can be made.
[[nodiscard]] bool is_media(const std::filesystem::path& path);

/// What such a file says of itself: the cuts of a film (found in its pictures), and its chapters or cue
/// points as markers. Takes as long as decoding all of its pictures. Fails for what cannot be read, for sound
/// without chapters or cue points, and when cancelled.
[[nodiscard]] Result<BroughtIn> list_of_media(const std::filesystem::path& path,
                                              const Progress& progress = {});

} // namespace pulsepin
