// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/effects/effect_painter.h"
#include "render/pixel_lanes.h"

#include <algorithm>
#include <cmath>

namespace pulsepin {
namespace {

/// Brightness and the two differences of colour, ITU-R BT.709-6, 3.2 and 3.3, from red, green and blue up
/// to 1.
constexpr float blue_reach = 1.8556f, red_reach = 1.5748f;

/// What is near the key's colour grows transparent, and of what stays the part of its colour that points the
/// key's way is taken away: none where the colour points more than 60 degrees away from the key's, all of it
/// where it points the same way. Brightness stays.
struct Key {
    float amount, range, soft, spill;
    float cb = 0, cr = 0, strength = 0; ///< of its colour

    explicit Key(const EffectValues& values)
        : amount(static_cast<float>(values.of("key-out") / 100)),
          range(static_cast<float>(values.of("key-out-range") / 200)),
          soft(std::max(1e-4f, static_cast<float>(values.of("key-out-soft") / 200))),
          spill(amount * static_cast<float>(values.of("key-out-spill") / 100)) {
        const cv::Vec4f key(channels_of(values.colour("key-out-colour")));
        const float y = luma[2] * key[2] + luma[1] * key[1] + luma[0] * key[0];
        cb = (key[0] - y) / blue_reach;
        cr = (key[2] - y) / red_reach;
        strength = std::hypot(cb, cr);
    }
};

PULSEPIN_WIDE void paint(cv::Mat& image, const EffectContext& context) {
    const Key key(context.values);
    const float spill = key.strength < 1e-3f ? 0.0f : key.spill / (key.strength * key.strength);
    change_pixels(image, [&](PixelLanes& p, int, int) PULSEPIN_WITHIN {
        Lanes opaque = p.alpha;
        keep_within(opaque, 1, 255);
        opaque = 1 / opaque;
        Lanes blue = p.blue * opaque, red = p.red * opaque;
        const Lanes y = luma[2] * red + luma[1] * (p.green * opaque) + luma[0] * blue;
        Lanes cb = (blue - y) / blue_reach, cr = (red - y) / red_reach;
        Lanes far = (cb - key.cb) * (cb - key.cb) + (cr - key.cr) * (cr - key.cr), own = cb * cb + cr * cr;
        take_root(far);
        take_root(own);
        keep_within(own, 1e-4f, 4);
        Lanes stays = (far - key.range) / key.soft;
        keep_within(stays, 0, 1);
        const Lanes along = cb * key.cb + cr * key.cr;
        Lanes alike = along / (own * std::max(1e-3f, key.strength)) * 2 - 1;
        keep_within(alike, 0, 1);
        const Lanes taken = alike * along * spill;
        cb -= taken * key.cb;
        cr -= taken * key.cr;
        p.alpha *= 1 - key.amount * (1 - stays);
        red = y + red_reach * cr;
        blue = y + blue_reach * cb;
        p.green = (y - luma[2] * red - luma[0] * blue) / luma[1] * p.alpha;
        p.red = red * p.alpha;
        p.blue = blue * p.alpha;
    });
}

} // namespace

const EffectPainter colour_key_painter{"key-out", paint};

} // namespace pulsepin
