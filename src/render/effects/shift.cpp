// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/effects/effect_painter.h"
#include "render/pixel_lanes.h"

#include <cmath>

namespace pulsepin {
namespace {

/// Red lies so far one way, blue the other.
PULSEPIN_WIDE void take_colours(cv::Mat& image, const cv::Mat& red, const cv::Mat& blue) {
    change_pixels<true>(image, [&](PixelLanes& p, int x, int y) PULSEPIN_WITHIN {
        PixelLanes r, b;
        read_pixels(red.ptr<unsigned char>(y), x, image.cols, r);
        read_pixels(blue.ptr<unsigned char>(y), x, image.cols, b);
        p.red = r.red;
        p.blue = b.blue;
        p.alpha = p.alpha < r.alpha ? r.alpha : p.alpha;
        p.alpha = p.alpha < b.alpha ? b.alpha : p.alpha;
    });
}

void paint(cv::Mat& image, const EffectContext& context) {
    const double far = context.values.of("shift") * context.pixel,
                 angle = context.values.of("shift-angle") * CV_PI / 180;
    const cv::Point2d by(far * std::cos(angle), far * std::sin(angle));
    cv::Mat red = image, blue = image;
    lay_moved_over(red, by, 1);
    lay_moved_over(blue, -by, 1);
    take_colours(image, red, blue);
}

double reach(const EffectValues& values) {
    return std::abs(values.of("shift")) + 1;
}

} // namespace

const EffectPainter shift_painter{"shift", paint, reach};

} // namespace pulsepin
