// SPDX-License-Identifier: GPL-3.0-or-later
//
// From what a decoder gives to pixels as they are seen; not for use outside of this layer.
#pragma once

#include "base/error.h"
#include "media/av_handles.h"
#include "media/colour_profile.h"
#include "media/padded_pixels.h"
#include "media/picture_turn.h"
#include "media/tone_map.h"

#include <optional>

namespace pulsepin {

/// How a decoded picture is to be seen.
struct SeenAs {
    int width = 0, height = 0; ///< upright, of square pixels
    PictureTurn turn;
    bool interlaced = false; ///< two moments, in every other line
};
/// Its size, turned by the display matrix or orientation of the frame, or else of the stream, and widened or
/// narrowed where pixels are not square.
[[nodiscard]] SeenAs seen_as(const AVFrame& frame, const AVFormatContext& container, AVStream& stream);

[[nodiscard]] SeenAs turned_on(const SeenAs& seen, int quarters);

/// What is done to pictures on their way, besides scaling.
struct PictureChanges {
    bool transparent = false; ///< it can have holes
    Transfer transfer = Transfer::Sdr;
    Primaries primaries = Primaries::Bt709;
    [[nodiscard]] bool changes_light() const {
        return transfer != Transfer::Sdr || primaries != Primaries::Bt709;
    }
};
[[nodiscard]] PictureChanges changes_of(const AVFrame& frame);

/// Makes pixels of frames, as they are seen, to fit a box: blue, green, red, alpha of 8 bits in the full
/// range of BT.709's primaries; what a picture's own profile (ICC) says of its colours is brought to sRGB.
/// The matrix and range are the frame's; a frame that does not say its matrix has BT.601 up to 576 lines and
/// BT.709 above (common practice). Pixels with alpha are multiplied by it here, once, before they are scaled,
/// so that no hidden colour is seen at their edges. Of interlaced frames the moment of the
/// first field is shown.
class PictureScaler {
public:
    struct Scaled {
        PaddedPixels pixels;
        bool transparent = false;
    };
    [[nodiscard]] Result<Scaled> scaled(const AVFrame& frame, const SeenAs& seen, int fit_width,
                                        int fit_height);

private:
    [[nodiscard]] bool convert(av::Handle<SwsContext>& scaler, const AVFrame& frame, AVPixelFormat to,
                               int width, int height, std::uint8_t* out, std::size_t stride);
    av::Handle<SwsContext> whole_, last_;
    std::optional<ToneMap> tones_;
    PictureChanges toned_;
    double toned_peak_ = 0;
    ColourProfile profile_;
};

} // namespace pulsepin
