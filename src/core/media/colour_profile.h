// SPDX-License-Identifier: GPL-3.0-or-later
//
// Not for use outside of this layer.
#pragma once

#include "media/av_handles.h"
#include "media/padded_pixels.h"

#include <cstdint>
#include <memory>
#include <vector>

namespace pulsepin {

/// The profile that a picture brings along of its own colours (ISO 15076-1, ICC), and the way from there to
/// sRGB (IEC 61966-2-1) by relative colorimetry with black point compensation, as is common practice for
/// photographs on screens. A picture without one is taken as sRGB.
class ColourProfile {
public:
    ColourProfile();
    ~ColourProfile();
    ColourProfile(ColourProfile&&) noexcept;
    ColourProfile& operator=(ColourProfile&&) noexcept;

    /// Whether the frame has a profile of red, green and blue that can be followed. Profiles of grey and of
    /// printing inks are not: the decoder has made red, green and blue of them.
    [[nodiscard]] bool take(const AVFrame& frame);
    /// Of the frame that was taken last. Pixels of blue, green, red, alpha, not multiplied by alpha.
    void to_srgb(PaddedPixels& pixels) const;

private:
    struct Way;
    std::vector<std::uint8_t> known_; ///< that `way_` is made of; pictures of a film share theirs
    std::unique_ptr<Way> way_;
};

} // namespace pulsepin
