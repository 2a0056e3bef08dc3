// SPDX-License-Identifier: GPL-3.0-or-later
#include "base/wide.h"
#include "render/effects/effect_painter.h"
#include "render/resampling.h"

#include <cmath>
#include <vector>

namespace pulsepin {
namespace {

PULSEPIN_WIDE void lay_half_over(const std::uint8_t* row, const std::uint8_t* other, std::size_t bytes,
                                 std::uint16_t rounding, std::uint8_t* out) {
    for (std::size_t i = 0; i < bytes; ++i)
        out[i] = static_cast<std::uint8_t>((row[i] + other[i] + rounding) >> 1);
}

/// Half of it is the image, half the image enlarged about a point; beyond it lies nothing.
void lay_larger_over(cv::Mat& image, double scale, cv::Point2d about, bool round_down) {
    std::vector<Between> across, down;
    for (int x = 0; x < image.cols; ++x)
        across.push_back(Between::bounded((x - about.x) / scale + about.x, image.cols, image.cols));
    for (int y = 0; y < image.rows; ++y)
        down.push_back(Between::bounded((y - about.y) / scale + about.y, image.rows, -1));
    const auto cols = static_cast<std::size_t>(image.cols);
    const std::vector<std::uint8_t> nothing(cols * 4);
    std::vector<std::uint32_t> mixed(cols + 1), larger(cols); // the last one of `mixed` is nothing
    auto* bytes = reinterpret_cast<std::uint8_t*>(mixed.data());
    cv::Mat out(image.size(), image.type());
    for (int y = 0; y < image.rows; ++y) {
        const Between& rows = down[static_cast<std::size_t>(y)];
        const auto row_at = [&](int at) { return at < 0 ? nothing.data() : image.ptr<std::uint8_t>(at); };
        mix_rows(row_at(rows.first), row_at(rows.second), rows.share, cols * 4, bytes);
        mix_across(mixed.data(), across, larger.data());
        lay_half_over(image.ptr<std::uint8_t>(y), reinterpret_cast<const std::uint8_t*>(larger.data()),
                      cols * 4, round_down ? 0 : 1, out.ptr<std::uint8_t>(y));
    }
    out.copyTo(image);
}

/// The mean of sixteen pictures, each a little larger than the one before, around a point: each pass lays two
/// over each other, and halves how far they are apart.
void paint(cv::Mat& image, const EffectContext& context) {
    const double most = 1 + context.values.of("rush") / 100;
    const double x = context.middle.x + context.values.of("rush-x") * context.pixel,
                 y = context.middle.y + context.values.of("rush-y") * context.pixel;
    double power = 0.5;
    for (int pass = 0; pass < 4; ++pass, power /= 2)
        lay_larger_over(image, std::pow(most, power), {x, y}, pass % 2 == 0);
}

double reach(const EffectValues& values) {
    return values.of("rush") * 30; // as far as the picture goes
}

} // namespace

const EffectPainter rush_painter{"rush", paint, reach};

} // namespace pulsepin
