// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/effects/effect_painter.h"

#include <opencv2/imgproc.hpp>

namespace pulsepin {
namespace {

/// The share that each pixel keeps: nothing at an edge, all of it as far inside as the edge is wide. What
/// goes on beyond the frame has no edge there.
cv::Mat kept(const cv::Mat& alpha, double choke, double wide) {
    cv::Mat solid, distance;
    cv::threshold(alpha, solid, 127, 255, cv::THRESH_BINARY);
    cv::distanceTransform(solid, distance, cv::DIST_L2, cv::DIST_MASK_5); // pixels to the nearest edge
    cv::Mat share = (distance - (choke + 0.5)) / std::max(0.5, wide);
    cv::min(share, 1.0, share);
    cv::max(share, 0.0, share);
    return share;
}

void paint(cv::Mat& image, const EffectContext& context) {
    cv::Mat alpha;
    cv::extractChannel(image, alpha, 3);
    const cv::Mat share = kept(alpha, context.values.of("soft-edge-choke") * context.pixel,
                               context.values.of("soft-edge") * context.pixel);
    for (int y = 0; y < image.rows; ++y) {
        auto* pixel = image.ptr<cv::Vec4b>(y);
        const auto* part = share.ptr<float>(y);
        for (int x = 0; x < image.cols; ++x)
            for (int channel = 0; channel < 4; ++channel)
                pixel[x][channel] = cv::saturate_cast<uchar>(static_cast<float>(pixel[x][channel]) * part[x]);
    }
}

} // namespace

const EffectPainter soft_edge_painter{"soft-edge", paint};

} // namespace pulsepin
