// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/effects/effect_painter.h"
#include "render/resampling.h"

#include <algorithm>
#include <cmath>
#include <opencv2/imgproc.hpp>
#include <vector>

namespace pulsepin {
namespace {

/// Small pixels around a small image, so that what enlarging does at its edges is not seen.
constexpr int margin = 4;

/// The means of shrink by shrink pixels, with a margin of what is beyond the edges: the outer pixels that go
/// on.
cv::Mat made_small(const cv::Mat& image, int shrink) {
    const auto missing = [&](int length) { return (shrink - length % shrink) % shrink; };
    cv::Mat whole = image;
    if (missing(image.cols) > 0 || missing(image.rows) > 0)
        cv::copyMakeBorder(image, whole, 0, missing(image.rows), 0, missing(image.cols),
                           cv::BORDER_REPLICATE);
    const int cols = whole.cols / shrink, rows = whole.rows / shrink;
    cv::Mat small(rows + 2, cols + 2, image.type());
    const auto put = [&](const cv::Mat& from, const cv::Rect& place) {
        cv::Mat part = small(place);
        cv::resize(from, part, part.size(), 0, 0, cv::INTER_AREA);
    };
    put(whole, {1, 1, cols, rows});
    for (const bool far : {false, true}) {
        const int x = far ? whole.cols - 1 : 0, y = far ? whole.rows - 1 : 0;
        put(whole.col(x), {far ? cols + 1 : 0, 1, 1, rows});
        put(whole.row(y), {1, far ? rows + 1 : 0, cols, 1});
        for (const bool right : {false, true})
            whole(cv::Rect(right ? whole.cols - 1 : 0, y, 1, 1))
                .copyTo(small(cv::Rect(right ? cols + 1 : 0, far ? rows + 1 : 0, 1, 1)));
    }
    cv::Mat with_margin;
    cv::copyMakeBorder(small, with_margin, margin - 1, margin - 1, margin - 1, margin - 1,
                       cv::BORDER_REPLICATE);
    return with_margin;
}

/// Of four channels: what made_small() gave, as large as it was.
void enlarge(const cv::Mat& small, int shrink, cv::Mat& image) {
    const auto at = [&](int place, int count) {
        return Between::held((place + 0.5) / shrink - 0.5 + margin, count);
    };
    std::vector<Between> across;
    for (int x = 0; x < image.cols; ++x)
        across.push_back(at(x, small.cols));
    const auto cols = static_cast<std::size_t>(image.cols);
    std::vector<std::uint32_t> above(cols), below(cols);
    const auto widen = [&](int row, std::vector<std::uint32_t>& wide) {
        mix_across(small.ptr<std::uint32_t>(row), across, wide.data());
    };
    for (int y = 0, there = -1; y < image.rows; ++y) {
        const Between rows = at(y, small.rows);
        if (rows.first != there) {
            if (rows.first == there + 1 && there >= 0)
                above.swap(below);
            else
                widen(rows.first, above);
            widen(rows.second, below);
            there = rows.first;
        }
        mix_rows(reinterpret_cast<const std::uint8_t*>(above.data()),
                 reinterpret_cast<const std::uint8_t*>(below.data()), rows.share, cols * 4,
                 image.ptr<std::uint8_t>(y));
    }
}

/// Gaussian at 1/shrink of the size. Making small and large spread what they work on as well, and what is
/// left of the variance is the blur's.
void blur_small(cv::Mat& image, double sigma, int shrink) {
    cv::Mat small = made_small(image, shrink);
    const double square = shrink * shrink, of_means = (square - 1) / 12, of_lines = square / 6;
    const double left = std::max(0.01, sigma * sigma - of_means - of_lines);
    cv::GaussianBlur(small, small, {}, std::sqrt(left) / shrink, 0, cv::BORDER_REPLICATE);
    if (image.channels() == 4)
        return enlarge(small, shrink, image);
    cv::Mat large;
    cv::resize(small, large, small.size() * shrink, 0, 0, cv::INTER_LINEAR);
    large(cv::Rect(margin * shrink, margin * shrink, image.cols, image.rows)).copyTo(image);
}

} // namespace

void blur_in_place(cv::Mat& image, double sigma) {
    if (sigma < 0.1)
        return;
    constexpr double widest = 4; // more than that loses three levels (test_pixels)
    int shrink = 1;
    while (sigma / shrink > widest && image.cols / shrink > 8 && image.rows / shrink > 8)
        shrink *= 2;
    if (shrink > 1)
        return blur_small(image, sigma, shrink);
    cv::Mat blurred;
    cv::GaussianBlur(image, blurred, {}, sigma, 0, cv::BORDER_REPLICATE);
    blurred.copyTo(image);
}

} // namespace pulsepin
