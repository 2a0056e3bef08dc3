// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/effects/effect_painter.h"

#include "base/chance.h"
#include "schedule/picker.h"

#include <algorithm>
#include <cmath>
#include <opencv2/imgproc.hpp>

namespace pulsepin {
namespace {

constexpr int side = 256;

/// Another one for each turn.
cv::Mat noise(std::uint64_t seed) {
    cv::Mat tile(side, side, CV_32F);
    for (int y = 0; y < side; ++y)
        for (int x = 0; x < side; ++x) {
            const auto place = static_cast<std::uint64_t>(y * side + x);
            tile.at<float>(y, x) =
                static_cast<float>(chance_of(place, seed) + chance_of(place, seed + 77) - 1);
        }
    return tile;
}

void paint(cv::Mat& image, const EffectContext& context) {
    const double turn = std::floor(context.values.turns("grain-rate", context.seconds) + 1e-9);
    const auto seed = static_cast<std::uint64_t>(context.values.of("grain-seed")) * 100'003 +
                      static_cast<std::uint64_t>(static_cast<std::int64_t>(turn));
    cv::Mat tile = noise(seed);
    const int large =
        std::max(side, static_cast<int>(std::lround(side * context.values.of("grain-size") * context.pixel)));
    cv::resize(tile, tile, {large, large}, 0, 0, cv::INTER_LINEAR);
    const auto strength = static_cast<float>(context.values.of("grain") / 100 * 0.5);
    // Counted from the picture's middle, so that a part of it has the grain of the whole.
    const auto x0 = static_cast<int>(std::lround(context.middle.x)),
               y0 = static_cast<int>(std::lround(context.middle.y));
    const auto wrapped = [large](int i) { return (i % large + large) % large; };
    for (int y = 0; y < image.rows; ++y) {
        auto* pixel = image.ptr<cv::Vec4b>(y);
        const auto* row = tile.ptr<float>(wrapped(y - y0));
        for (int x = 0; x < image.cols; ++x) {
            const float alpha = pixel[x][3], add = row[wrapped(x - x0)] * strength * alpha;
            for (int c = 0; c < 3; ++c)
                pixel[x][c] =
                    static_cast<uchar>(std::clamp(static_cast<float>(pixel[x][c]) + add + 0.5f, 0.0f, alpha));
        }
    }
}

} // namespace

const EffectPainter grain_painter{"grain", paint};

} // namespace pulsepin
