// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/effects/effect.h"

#include <array>

namespace pulsepin {
namespace {

constexpr std::array<Parameter, 1> own{{{"blur", "blur", "px", 0, 0, 400, 0, 12}}};

/// Gaussian; the number is its standard deviation.
void paint(cv::Mat& image, const EffectContext& context) {
    blur_in_place(image, context.values.of("blur") * context.pixel);
}

} // namespace

const EffectRow blur_effect{"blur", "Blur", own, "2 to 3 frames for eased moves", nullptr, paint};

} // namespace pulsepin
