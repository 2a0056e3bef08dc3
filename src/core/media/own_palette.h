// SPDX-License-Identifier: GPL-3.0-or-later
//
// Not for use outside of this layer.
#pragma once

#include "media/av_handles.h"

#include <array>
#include <bitset>
#include <cstdint>
#include <vector>

namespace pulsepin::av {

/// Pictures of 4 bytes a pixel (blue first) in 256 colours, mixed by an ordered pattern, which stands still
/// where the picture does. The colours are chosen for a picture (FFmpeg's palettegen) and kept for those
/// after it as long as no more than one in two hundred of their pixels has a colour that was not near one of
/// that picture's. The same pictures in the same order give the same bytes.
class OwnPalette {
public:
    [[nodiscard]] Result<Handle<AVFrame>> reduced(const std::uint8_t* pixels, std::int64_t stride, int width,
                                                  int height);

private:
    static constexpr std::size_t coarse = 1u << 15, fine = 1u << 21; // 5 and 7 bits a colour
    [[nodiscard]] Result<void> choose(const std::uint8_t* pixels, std::int64_t stride, int width, int height);
    [[nodiscard]] bool suits(const std::uint8_t* pixels, std::int64_t stride, int width, int height) const;
    [[nodiscard]] std::uint8_t nearest(std::size_t colour);

    bool chosen_ = false;
    std::array<std::uint32_t, 256> colours_{};
    std::bitset<coarse> near_; ///< colours of the picture that they were chosen for, and around them
    std::vector<std::int16_t>
        nearest_; ///< of each fine colour: its number, or -1 where it was not looked for
};

} // namespace pulsepin::av
