// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "base/error.h"
#include "base/quantity.h"

#include <filesystem>

namespace pulsepin {

/// Copies what a film file has of [from, until), counted from its first picture, as it is coded: picture and
/// sound, from the last key picture before it on. Tells where in the original the first picture of the copy
/// lies; all its pictures keep their distances from that one. `to` is a file that is not there yet; its
/// ending says the container. Fails where the stretch cannot be copied so that its pictures are proved to be
/// those of the original: then nothing stays of it, and the whole file should be taken.
[[nodiscard]] Result<Seconds> copy_clip_part(const std::filesystem::path& file,
                                             const std::filesystem::path& to, Seconds from, Seconds until);

} // namespace pulsepin
