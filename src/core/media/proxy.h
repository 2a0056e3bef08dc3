// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "base/error.h"
#include "base/progress.h"
#include "base/quantity.h"

#include <filesystem>

namespace pulsepin {

/// What makes it slow to show any picture of a clip.
struct ClipWeight {
    int width = 0, height = 0;
    int longest_group =
        0; ///< pictures that may have to be decoded to show one: from one key picture to the next
    bool uneven = false;        ///< its pictures do not follow each other evenly, as phones write them
    bool without_index = false; ///< a stream as it is sent: places in it have to be searched for
    bool transparent = false;

    /// Larger than full HD, or more than some sixty full HD pictures to decode for one, uneven or
    /// without an index; none that is transparent.
    [[nodiscard]] bool wants_proxy() const;
};

/// Of the clip's first minute, from its index and packets; nothing is decoded. Fails as VideoReader does.
[[nodiscard]] Result<ClipWeight> weigh_clip(const std::filesystem::path& clip);

/// The clip again, at most 960 by 960, each picture by itself (Motion JPEG in QuickTime), with the times of
/// its pictures as they were. Written beside `to` and renamed when it is whole. Fails where the clip cannot
/// be read or the file not be written, and when it is cancelled; nothing is left behind then.
[[nodiscard]] Result<void> make_proxy(const std::filesystem::path& clip, const std::filesystem::path& to,
                                      const Progress& progress = {});

} // namespace pulsepin
