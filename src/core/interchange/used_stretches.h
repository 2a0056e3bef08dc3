// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "schedule/schedule.h"

#include <map>
#include <set>

namespace pulsepin {

/// Clips that a pin or a layer shows, or that are heard.
[[nodiscard]] std::set<ClipId> used_clips(const Project& project);

/// What cuts and sounds use of each clip, from its first picture on, with so many frames of the piece before
/// and behind. Clips that are used otherwise, too, are not among them: nobody knows what of them.
[[nodiscard]] std::map<ClipId, TimeSpan> used_stretches(const Schedule& schedule, Frames handles);

/// The project where that clip is a copy that begins at `start` of what it was: cuts and sounds show and play
/// the same.
[[nodiscard]] Project with_clip_begun_later(const Project& project, ClipId clip, Seconds start,
                                            const std::filesystem::path& file, Seconds duration);

} // namespace pulsepin
