// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/effects/effect_painter.h"

#include <algorithm>
#include <cmath>

namespace pulsepin {
namespace {

/// Brightness and the two differences of colour, ITU-R BT.709-6, 3.2 and 3.3, from red, green and blue up
/// to 1.
struct Colours {
    float y, cb, cr;
};

Colours of_pixel(float red, float green, float blue) {
    const float y = luma[2] * red + luma[1] * green + luma[0] * blue;
    return {y, (blue - y) / 1.8556f, (red - y) / 1.5748f};
}

/// What is near the key's colour grows transparent, and of what stays the part of its colour that points the
/// key's way is taken away. Brightness stays.
class Key {
public:
    explicit Key(const EffectValues& values)
        : amount_(static_cast<float>(values.of("key-out") / 100)),
          range_(static_cast<float>(values.of("key-out-range") / 200)),
          soft_(std::max(1e-4f, static_cast<float>(values.of("key-out-soft") / 200))),
          spill_(amount_ * static_cast<float>(values.of("key-out-spill") / 100)) {
        const auto rgb = values.colour("key-out-colour").rgb;
        const auto part = [rgb](int shift) { return static_cast<float>((rgb >> shift) & 255u) / 255; };
        const Colours key = of_pixel(part(16), part(8), part(0));
        cb_ = key.cb;
        cr_ = key.cr;
        strength_ = std::hypot(cb_, cr_);
    }

    void paint(unsigned char* pixel) const {
        const float alpha = pixel[3];
        if (alpha == 0)
            return;
        Colours colours = of_pixel(pixel[2] / alpha, pixel[1] / alpha, pixel[0] / alpha);
        const float far = std::hypot(colours.cb - cb_, colours.cr - cr_);
        const float stays = std::clamp((far - range_) / soft_, 0.0f, 1.0f);
        const float left = alpha * (1 - amount_ * (1 - stays));
        take_spill_from(colours);
        const float red = colours.y + 1.5748f * colours.cr, blue = colours.y + 1.8556f * colours.cb;
        const float green = (colours.y - luma[2] * red - luma[0] * blue) / luma[1];
        const auto channel = [left](float value) {
            return static_cast<unsigned char>(std::lround(std::clamp(value, 0.0f, 1.0f) * left));
        };
        pixel[0] = channel(blue);
        pixel[1] = channel(green);
        pixel[2] = channel(red);
        pixel[3] = static_cast<unsigned char>(std::lround(left));
    }

private:
    /// None where the colour points more than 60 degrees away from the key's, all of it where it points the
    /// same way.
    void take_spill_from(Colours& colours) const {
        const float own = std::hypot(colours.cb, colours.cr);
        if (strength_ < 1e-3f || own < 1e-4f)
            return;
        const float along = (colours.cb * cb_ + colours.cr * cr_) / strength_;
        const float alike = std::clamp((along / own - 0.5f) / 0.5f, 0.0f, 1.0f);
        const float taken = spill_ * alike * along / strength_;
        colours.cb -= taken * cb_;
        colours.cr -= taken * cr_;
    }

    float amount_, range_, soft_, spill_;
    float cb_ = 0, cr_ = 0, strength_ = 0;
};

void paint(cv::Mat& image, const EffectContext& context) {
    const Key key(context.values);
    for (int y = 0; y < image.rows; ++y) {
        auto* row = image.ptr<unsigned char>(y);
        for (int x = 0; x < image.cols; ++x)
            key.paint(row + 4 * static_cast<std::ptrdiff_t>(x));
    }
}

} // namespace

const EffectPainter colour_key_painter{"key-out", paint};

} // namespace pulsepin
