// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/effects/effect_painter.h"
#include "render/pixel_lanes.h"

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

PULSEPIN_WIDE void add_grain(cv::Mat& row, const cv::Mat& grain, float strength) {
    change_pixels(row, [&](PixelLanes& p, int x, int) PULSEPIN_WITHIN {
        Lanes add{};
        read_lanes(grain.ptr<float>(), x, row.cols, add);
        add *= strength * p.alpha;
        p.blue += add;
        p.green += add;
        p.red += add;
    });
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
    cv::Mat row(1, image.cols, CV_32F);
    for (int y = 0; y < image.rows; ++y) {
        const auto* from = tile.ptr<float>(wrapped(y - y0));
        for (int x = 0, at = wrapped(-x0); x < image.cols; at = 0) {
            const int count = std::min(large - at, image.cols - x);
            std::copy_n(from + at, count, row.ptr<float>() + x);
            x += count;
        }
        cv::Mat pixels = image.row(y);
        add_grain(pixels, row, strength);
    }
}

} // namespace

const EffectPainter grain_painter{"grain", paint, nullptr, true};

} // namespace pulsepin
