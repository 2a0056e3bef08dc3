// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "base/error.h"
#include "base/quantity.h"

#include <cstdint>
#include <filesystem>
#include <memory>
#include <vector>

namespace pulsepin {

/// One picture: 4 bytes a pixel in the order blue, green, red, unused; rows without gaps.
struct Picture {
    int width = 0;
    int height = 0;
    std::vector<std::uint8_t> pixels;
    Seconds from;  ///< when it comes on screen, from the clip's first picture
    Seconds until; ///< when the next one does
};

struct VideoInfo {
    int width = 0;
    int height = 0;
    double frames_per_second = 0;
    Seconds duration; ///< 0 where the file does not say
};

/// Pictures of a video file, in any order; quickest forwards.
class VideoReader {
public:
    [[nodiscard]] static Result<VideoReader> open(const std::filesystem::path& path);
    ~VideoReader();
    VideoReader(VideoReader&&) noexcept;
    VideoReader& operator=(VideoReader&&) noexcept;

    [[nodiscard]] const VideoInfo& info() const;

    /// The picture on screen at that time, scaled down to fit the box with its proportions kept. Before the
    /// first it is the first, after the last it is the last.
    [[nodiscard]] Result<Picture> picture_at(Seconds time, int fit_width, int fit_height);

private:
    struct State;
    explicit VideoReader(std::unique_ptr<State> state);
    std::unique_ptr<State> state_;
};

} // namespace pulsepin
