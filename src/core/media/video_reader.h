// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "base/error.h"
#include "base/quantity.h"
#include "media/padded_pixels.h"

#include <filesystem>
#include <memory>
#include <string>

namespace pulsepin {

/// One picture as it is seen: upright, of square pixels, in the colours of BT.709 in full range, with 4 bytes
/// a pixel in the order blue, green, red, alpha.
struct Picture {
    PaddedPixels pixels;
    bool transparent = false; ///< some pixels are not opaque; all are multiplied by their alpha
    Seconds from;             ///< it is the one to show for times from here,
    Seconds until; ///< up to there, from the clip's first picture on; see VideoReader::picture_at()
};

struct VideoInfo {
    int width = 0; ///< as it is seen
    int height = 0;
    double frames_per_second = 0;
    Seconds duration;         ///< 0 where the file does not say
    bool still = false;       ///< a photograph or drawing: one picture, which never ends
    bool turned = false;      ///< seen otherwise than it is stored: by its file's own word or by hand
    bool wide_pixels = false; ///< stored with pixels that are not square
    bool interlaced = false;
    bool high_dynamic_range = false;
    std::string timecode; ///< of its first picture, as its file says: "01:00:00:00"; empty: it says none
    std::string reel;     ///< the name of the tape or card that it is from; empty: it says none
};

/// A file, and how its pictures are turned by hand: so many quarters clockwise from how it says itself that
/// they lie.
struct PictureFile {
    std::filesystem::path path;
    int turned = 0;
    friend auto operator<=>(const PictureFile&, const PictureFile&) = default;
};

/// Pictures of a video file or an image file, in any order; quickest forwards.
///
///     auto reader = VideoReader::open({"kite.mp4"});
///     auto picture = reader->picture_at(Seconds(1.5), 640, 360);
///
/// Of which time is which picture: files write times to the ticks of a clock, which in many are whole
/// milliseconds, so that a picture meant for 41.67 ms says 42. A picture is the one to show from a tick
/// before its time on (at most 2 ms), up to where that holds for the next one. At equal rates of clip and
/// piece each frame of the piece then shows its own picture, once; at others the picture that is on screen at
/// the frame's time, as a player would show it.
class VideoReader {
public:
    /// Fails with the file's name and what to do where it is missing or cannot be decoded, and for pictures
    /// of more than 134 million pixels.
    [[nodiscard]] static Result<VideoReader> open(const PictureFile& file);
    ~VideoReader();
    VideoReader(VideoReader&&) noexcept;
    VideoReader& operator=(VideoReader&&) noexcept;

    /// From here on decoders may leave out what smooths the edges of blocks: quicker, for those who look at
    /// pictures small and from far.
    void decode_roughly();

    [[nodiscard]] const VideoInfo& info() const;

    /// The picture to show at that time, scaled down to fit the box with its proportions kept. Before the
    /// first it is the first, after the last it is the last, whose `until` is then not after `time`.
    [[nodiscard]] Result<Picture> picture_at(Seconds time, int fit_width, int fit_height);

private:
    struct State;
    explicit VideoReader(std::unique_ptr<State> state);
    std::unique_ptr<State> state_;
};

} // namespace pulsepin
