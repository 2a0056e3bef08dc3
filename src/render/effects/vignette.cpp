// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/effects/effect_painter.h"
#include "render/pixel_lanes.h"

#include <cmath>

namespace pulsepin {
namespace {

/// Towards the edges of the picture it takes on a colour.
PULSEPIN_WIDE void paint(cv::Mat& image, const EffectContext& context) {
    const auto of = [&](const char* id) { return static_cast<float>(context.values.of(id) / 100); };
    const float from = of("vignette-size"), soft = of("vignette-soft"), share = of("vignette");
    const cv::Vec4f to(channels_of(context.values.colour("vignette-colour")));
    // 1 in the corners of the picture; counted from the middle of each pixel.
    const auto middle = cv::Point2f(context.middle) - cv::Point2f(0.5f, 0.5f);
    const float across = std::sqrt(2.0f) / static_cast<float>(context.picture.width),
                down = std::sqrt(2.0f) / static_cast<float>(context.picture.height);
    change_pixels(image, [&](PixelLanes& p, int x, int y) PULSEPIN_WITHIN {
        const float below = (static_cast<float>(y) - middle.y) * down;
        Lanes far;
        counted_from(x, far);
        far = (far - middle.x) * across;
        far = far * far + below * below;
        take_root(far);
        Lanes much = (far - from) / soft + 0.5f;
        keep_within(much, 0, 1);
        much = much * much * (3 - 2 * much) * share;
        const Lanes rest = 1 - much;
        much *= p.alpha;
        p.blue = p.blue * rest + to[0] * much;
        p.green = p.green * rest + to[1] * much;
        p.red = p.red * rest + to[2] * much;
    });
}

} // namespace

const EffectPainter vignette_painter{"vignette", paint};

} // namespace pulsepin
