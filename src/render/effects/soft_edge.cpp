// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/effects/effect_painter.h"
#include "render/pixel_lanes.h"

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

PULSEPIN_WIDE void keep_share(cv::Mat& image, const cv::Mat& share) {
    change_pixels(image, [&](PixelLanes& p, int x, int y) PULSEPIN_WITHIN {
        Lanes part{};
        read_lanes(share.ptr<float>(y), x, image.cols, part);
        p.blue *= part;
        p.green *= part;
        p.red *= part;
        p.alpha *= part;
    });
}

void paint(cv::Mat& image, const EffectContext& context) {
    cv::Mat alpha;
    cv::extractChannel(image, alpha, 3);
    const cv::Mat share = kept(alpha, context.values.of("soft-edge-choke") * context.pixel,
                               context.values.of("soft-edge") * context.pixel);
    keep_share(image, share);
}

} // namespace

const EffectPainter soft_edge_painter{"soft-edge", paint};

} // namespace pulsepin
