// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/effects/effect_painter.h"

#include <opencv2/imgproc.hpp>

namespace pulsepin {
namespace {

/// Where brightness changes a line is seen, on the dark of what was there (Sobel's operator).
void paint(cv::Mat& image, const EffectContext& context) {
    cv::Mat grey(image.size(), CV_32F), across, down, steep;
    for (int y = 0; y < image.rows; ++y) {
        const auto* pixel = image.ptr<cv::Vec4b>(y);
        auto* out = grey.ptr<float>(y);
        for (int x = 0; x < image.cols; ++x)
            out[x] = (luma[0] * pixel[x][0] + luma[1] * pixel[x][1] + luma[2] * pixel[x][2]) / 255;
    }
    cv::Sobel(grey, across, CV_32F, 1, 0, 3, 0.25, 0, cv::BORDER_REPLICATE);
    cv::Sobel(grey, down, CV_32F, 0, 1, 3, 0.25, 0, cv::BORDER_REPLICATE);
    cv::magnitude(across, down, steep);
    const auto gain = static_cast<float>(context.values.of("edges-gain") / 100);
    cv::min(steep * gain, 1, steep);
    const double share = context.values.of("edges") / 100;
    constexpr double dark = 0.12; // of the picture stays behind its lines: a choice of ours
    const auto rest = static_cast<float>(1 - share * (1 - dark));
    mix_colours(image, cv::Matx44f::diag({rest, rest, rest, 1}));
    add_light(image, steep, context.values.light_or("edges", "edges-colour"), share);
}

} // namespace

const EffectPainter edges_painter{"edges", paint};

} // namespace pulsepin
