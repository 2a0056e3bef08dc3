// SPDX-License-Identifier: GPL-3.0-or-later
//
// Not for use outside of this layer.
#pragma once

#include "media/av_handles.h"

namespace pulsepin {

/// An interlaced frame as one moment, in full height. The lines of its first field stay. Those of the second
/// stay where they fit between them, so that what stands still keeps all its lines; where they show another
/// moment they are made anew from the lines above and below, along the edge that goes through (as is common
/// practice for what has no frames beside it to look at). Null for pixels that are not in planes of their
/// own.
[[nodiscard]] av::Handle<AVFrame> deinterlaced(const AVFrame& frame);

} // namespace pulsepin
