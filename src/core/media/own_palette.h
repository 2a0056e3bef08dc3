// SPDX-License-Identifier: GPL-3.0-or-later
//
// Not for use outside of this layer.
#pragma once

#include "media/av_handles.h"

#include <cstdint>

namespace pulsepin::av {

/// A picture of 4 bytes a pixel (blue first) in 256 colours of its own, mixed by an ordered pattern, which
/// stands still where the picture does. The same pixels give the same bytes.
[[nodiscard]] Result<Handle<AVFrame>> with_own_palette(const std::uint8_t* pixels, std::int64_t stride,
                                                       int width, int height);

} // namespace pulsepin::av
