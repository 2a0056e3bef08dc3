// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "base/progress.h"
#include "media/film_formats.h"
#include "media/video_reader.h"
#include "time/frame_rate.h"

namespace pulsepin {

/// The kind of film that a copy of the clip is: H.264, or ProRes 4444 where the clip has holes. Fails as
/// VideoReader does.
[[nodiscard]] Result<const FilmFormat*> format_of_copy(const PictureFile& clip);

/// The common rate that the clip's own is, or else the next one that leaves no picture out.
[[nodiscard]] FrameRate rate_of_copy(double frames_per_second, FrameRate usual);

/// The clip again as any program reads it: upright, of square pixels, in the colours of standard dynamic
/// range (BT.709), every picture whole and at an even rate; with its sound, as it lies to the pictures. Its
/// sides are those of the clip, less a pixel where they are odd. Under its name only when it is whole. Fails
/// where the clip cannot be read or the file not be written, and when it is cancelled.
[[nodiscard]] Result<void> make_readable_copy(const PictureFile& clip, const std::filesystem::path& to,
                                              FrameRate rate, const Progress& progress = {});

} // namespace pulsepin
