// SPDX-License-Identifier: GPL-3.0-or-later
#include "dsp/smoothing.h"

#include <algorithm>
#include <cmath>

namespace pulsepin {
namespace {

/// A moving average with edges held. Three of them come close to a Gaussian and cost the same for any width.
void box_blur(std::vector<double>& curve, std::ptrdiff_t radius) {
    const auto n = static_cast<std::ptrdiff_t>(curve.size());
    std::vector<double> sums(curve.size() + 1, 0.0);
    for (std::size_t i = 0; i < curve.size(); ++i)
        sums[i + 1] = sums[i] + curve[i];
    const double first = curve.front();
    const double last = curve.back();
    std::vector<double> out(curve.size());
    for (std::ptrdiff_t i = 0; i < n; ++i) {
        const auto low = i - radius;
        const auto high = i + radius + 1;
        double sum = sums[static_cast<std::size_t>(std::min(high, n))] -
                     sums[static_cast<std::size_t>(std::max<std::ptrdiff_t>(low, 0))];
        sum += first * static_cast<double>(std::max<std::ptrdiff_t>(-low, 0));
        sum += last * static_cast<double>(std::max<std::ptrdiff_t>(high - n, 0));
        out[static_cast<std::size_t>(i)] = sum / static_cast<double>(2 * radius + 1);
    }
    curve.swap(out);
}

std::vector<float> direct_gaussian(std::span<const float> curve, double sigma) {
    const auto radius = static_cast<std::ptrdiff_t>(std::ceil(4 * sigma));
    std::vector<double> kernel(static_cast<std::size_t>(2 * radius + 1));
    double total = 0;
    for (std::ptrdiff_t k = -radius; k <= radius; ++k) {
        const double d = static_cast<double>(k) / sigma;
        total += kernel[static_cast<std::size_t>(k + radius)] = std::exp(-0.5 * d * d);
    }
    const auto last = static_cast<std::ptrdiff_t>(curve.size()) - 1;
    std::vector<float> out(curve.size());
    for (std::ptrdiff_t i = 0; i <= last; ++i) {
        double sum = 0;
        for (std::ptrdiff_t k = -radius; k <= radius; ++k)
            sum += kernel[static_cast<std::size_t>(k + radius)] *
                   static_cast<double>(
                       curve[static_cast<std::size_t>(std::clamp<std::ptrdiff_t>(i + k, 0, last))]);
        out[static_cast<std::size_t>(i)] = static_cast<float>(sum / total);
    }
    return out;
}

} // namespace

std::vector<float> gaussian_smoothed(std::span<const float> curve, double sigma) {
    if (curve.empty() || sigma <= 0)
        return {curve.begin(), curve.end()};
    if (sigma < 8)
        return direct_gaussian(curve, sigma);
    // Three box blurs of equal width have the variance 3 * ((2r+1)^2 - 1) / 12.
    const auto radius = static_cast<std::ptrdiff_t>(std::lround((std::sqrt(4 * sigma * sigma + 1) - 1) / 2));
    std::vector<double> work(curve.begin(), curve.end());
    for (int pass = 0; pass < 3; ++pass)
        box_blur(work, radius);
    return {work.begin(), work.end()};
}

std::vector<float> local_rms(std::span<const float> curve, double sigma) {
    std::vector<float> squares(curve.begin(), curve.end());
    for (float& v : squares)
        v *= v;
    squares = gaussian_smoothed(squares, sigma);
    for (float& v : squares)
        v = std::sqrt(std::max(v, 0.0f));
    return squares;
}

float percentile(std::span<const float> numbers, double share) {
    if (numbers.empty())
        return 0;
    std::vector<float> sorted(numbers.begin(), numbers.end());
    const auto rank = static_cast<std::ptrdiff_t>(share * static_cast<double>(sorted.size() - 1) + 0.5);
    std::nth_element(sorted.begin(), sorted.begin() + rank, sorted.end());
    return sorted[static_cast<std::size_t>(rank)];
}

double parabola_peak(double before, double at, double after) {
    const double curvature = before - 2 * at + after;
    if (curvature >= 0)
        return 0;
    return std::clamp(0.5 * (before - after) / curvature, -0.5, 0.5);
}

} // namespace pulsepin
