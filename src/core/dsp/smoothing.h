// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <span>
#include <vector>

namespace pulsepin {

/// Convolution with a normalised Gaussian of that standard deviation (in samples of the curve), edges held.
[[nodiscard]] std::vector<float> gaussian_smoothed(std::span<const float> curve, double sigma);

/// Root of the Gaussian-weighted mean square around each point.
[[nodiscard]] std::vector<float> local_rms(std::span<const float> curve, double sigma);

/// The value below which that share of the numbers lies (nearest rank); 0 for no numbers.
[[nodiscard]] float percentile(std::span<const float> numbers, double share);

/// The offset, in -0.5..0.5, of the top of the parabola through three neighbouring values, the middle one
/// largest.
[[nodiscard]] double parabola_peak(double before, double at, double after);

} // namespace pulsepin
