// SPDX-License-Identifier: GPL-3.0-or-later
#include "base/wide.h"
#include "render/effects/effect_painter.h"
#include "render/resampling.h"

#include <algorithm>
#include <cmath>
#include <opencv2/imgproc.hpp>
#include <vector>

namespace pulsepin {
namespace {

/// How far something is moved: whole pixels, and 128ths of one.
struct Move {
    int whole;
    std::uint16_t part;
};

Move moved_by(double by) {
    constexpr double farthest = 1e6; // beyond any picture
    const double place = std::clamp(by, -farthest, farthest), whole = std::floor(place + 1.0 / 256);
    return {static_cast<int>(whole), static_cast<std::uint16_t>(std::floor((place - whole) * 128 + 0.5))};
}

/// A row moved to the right, with one pixel more, since each is mixed of two; beyond its ends the outer
/// pixels go on.
void write_moved(const std::uint32_t* row, int count, int by, std::uint32_t* out) {
    const int left = std::clamp(by + 1, 0, count + 1), right = std::clamp(count + by + 1, left, count + 1);
    std::fill_n(out, left, row[0]);
    if (right > left)
        std::copy_n(row + (left - by - 1), right - left, out + left);
    std::fill_n(out + right, count + 1 - right, row[count - 1]);
}

/// out = (own * row + the rest of what was moved), 256ths.
PULSEPIN_WIDE void mix_moved(const std::uint8_t* row, const std::uint8_t* moved, std::size_t bytes,
                             std::uint16_t own, std::uint16_t part, std::uint16_t rounding,
                             std::uint8_t* out) {
    const auto first = static_cast<std::uint16_t>((256 - own) * part / 128),
               second = static_cast<std::uint16_t>(256 - own - first);
    for (std::size_t i = 0; i < bytes; ++i)
        out[i] = static_cast<std::uint8_t>(
            static_cast<std::uint16_t>(row[i] * own + moved[i] * first + moved[i + 4] * second + rounding) >>
            8);
}

} // namespace

void lay_moved_over(cv::Mat& image, cv::Point2d by, double share, bool round_down) {
    const Move across = moved_by(by.x), down = moved_by(by.y);
    const int cols = image.cols, rows = image.rows;
    const auto bytes = static_cast<std::size_t>(cols) * 4;
    const auto own = static_cast<std::uint16_t>(cvRound((1 - share) * 256));
    cv::Mat out(image.size(), image.type());
    std::vector<std::uint32_t> mixed(static_cast<std::size_t>(cols)),
        moved(static_cast<std::size_t>(cols) + 1);
    for (int y = 0; y < rows; ++y) {
        const auto row_at = [&](int at) { return image.ptr<std::uint8_t>(std::clamp(at, 0, rows - 1)); };
        const std::uint8_t* source = row_at(y - down.whole);
        if (down.part > 0) {
            auto* between = reinterpret_cast<std::uint8_t*>(mixed.data());
            mix_rows(source, row_at(y - down.whole - 1), 2u * down.part, bytes, between);
            source = between;
        }
        write_moved(reinterpret_cast<const std::uint32_t*>(source), cols, across.whole, moved.data());
        mix_moved(image.ptr<std::uint8_t>(y), reinterpret_cast<const std::uint8_t*>(moved.data()), bytes, own,
                  across.part, round_down ? 127 : 128, out.ptr<std::uint8_t>(y));
    }
    image = out;
}

namespace {

/// Places of a picture in 32nds of a pixel, as cv::remap() wants them: whole pixels, and which of 32 by 32
/// shares.
constexpr int shares = cv::INTER_TAB_SIZE;

/// Between two rows of coarse places, each `step` pixels from the next, the places of one row of pixels.
template <int step>
void write_places(const cv::Vec2f* above, const cv::Vec2f* below, float down, int count, cv::Vec2s* whole,
                  std::uint16_t* share) {
    for (int x = 0, i = 0; x < count; ++i) {
        const cv::Vec2f first = above[i] * (1 - down) + below[i] * down;
        const cv::Vec2f each = (above[i + 1] * (1 - down) + below[i + 1] * down - first) * (1.0f / step);
        for (int k = 0; k < step && x < count; ++k, ++x) {
            const int across = cvRound(first[0] + each[0] * static_cast<float>(k)),
                      along = cvRound(first[1] + each[1] * static_cast<float>(k));
            whole[x] = {static_cast<short>(across >> cv::INTER_BITS),
                        static_cast<short>(along >> cv::INTER_BITS)};
            share[x] = static_cast<std::uint16_t>((along & (shares - 1)) * shares + (across & (shares - 1)));
        }
    }
}

} // namespace

void bend(cv::Mat& image, const std::function<cv::Point2d(cv::Point2d)>& from) {
    // Worked out at every fourth pixel: what bends does so smoothly.
    constexpr int step = 4;
    constexpr float farthest = 30000; // that sixteen bits can tell
    cv::Mat coarse((image.rows + step - 1) / step + 1, (image.cols + step - 1) / step + 1, CV_32FC2);
    for (int y = 0; y < coarse.rows; ++y)
        for (int x = 0; x < coarse.cols; ++x) {
            const cv::Point2d place = from(cv::Point2d(x * step, y * step));
            for (int axis = 0; axis < 2; ++axis)
                coarse.at<cv::Vec2f>(y, x)[axis] =
                    std::clamp(static_cast<float>(axis == 0 ? place.x : place.y), -farthest, farthest) *
                    shares;
        }
    cv::Mat whole(image.size(), CV_16SC2), share(image.size(), CV_16UC1), bent;
    for (int y = 0; y < image.rows; ++y)
        write_places<step>(coarse.ptr<cv::Vec2f>(y / step), coarse.ptr<cv::Vec2f>(y / step + 1),
                           static_cast<float>(y % step) / step, image.cols, whole.ptr<cv::Vec2s>(y),
                           share.ptr<std::uint16_t>(y));
    cv::remap(image, bent, whole, share, cv::INTER_LINEAR, cv::BORDER_REFLECT_101);
    bent.copyTo(image);
}

} // namespace pulsepin
