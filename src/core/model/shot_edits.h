// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/project.h"

namespace pulsepin {

// What is done to a cut in a sequence of shots. Each fails on what is no cut and on locked ones.

/// Another part of the same clip in the same place: `by` later in the clip, as far as it goes. Markers on the
/// shot stay with their pictures.
[[nodiscard]] Result<Project> slipped(const Project& project, PinId cut, Seconds by);
/// The cut moved along the beats while the pictures after it stay where they are.
[[nodiscard]] Result<Project> rolled(const Project& project, PinId cut, Ticks by);
/// The cut and all later ones of its lane moved along the beats.
[[nodiscard]] Result<Project> rippled(const Project& project, PinId cut, Ticks by);
/// Each shows what the other showed.
[[nodiscard]] Result<Project> swapped(const Project& project, PinId a, PinId b);
/// Shows another clip, from its beginning.
[[nodiscard]] Result<Project> replaced(const Project& project, PinId cut, ClipId clip);

/// A camera that ran while the song played, its first frame at that time of it; or, with nothing, none.
[[nodiscard]] Result<Project> with_camera(const Project& project, ClipId clip,
                                          std::optional<Seconds> begins_at);

/// The timecode of its first picture, in frames of that rate; 0 where its file says none, or none that can
/// be.
[[nodiscard]] Frames first_timecode(const Clip& clip, FrameRate rate);

/// Turned by hand: so many quarters clockwise on top of how it is turned. For files that say wrongly, or not
/// at all, how they lie.
[[nodiscard]] Result<Project> with_clip_turned(const Project& project, ClipId clip, int quarters);

/// Another file in the place of a clip's: cuts and sounds that use the clip show that one from now on, at the
/// same places. `file` says what is in it; the clip keeps its number, its name and where it begins as a
/// camera, and is seen as that file lies. Fails where the clip is seen or heard somewhere and the file has no
/// picture or no sound.
[[nodiscard]] Result<Project> with_clip_file(const Project& project, ClipId clip, const Clip& file);

/// What lies on a clip by markers that travel with it: name and place in the clip.
struct ClipMark {
    std::string name;
    Seconds at;
};
[[nodiscard]] std::vector<ClipMark> marks_on(const Project& project, ClipId clip);

/// The clips lie before the one that is at `to` now, in the order in which they were; at the end for a place
/// beyond it. Shots are taken from the bin in its order.
[[nodiscard]] Project with_clips_moved(const Project& project, const std::vector<ClipId>& clips,
                                       std::size_t to);

} // namespace pulsepin
