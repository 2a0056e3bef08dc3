// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <span>
#include <vector>

namespace pulsepin {

/// A second-order section; a0 is 1.
struct Biquad {
    double b0 = 1, b1 = 0, b2 = 0, a1 = 0, a2 = 0;

    /// After R. Bristow-Johnson's cookbook of equaliser formulae.
    [[nodiscard]] static Biquad low_pass(double hz, double q, double sample_rate);
    [[nodiscard]] static Biquad high_pass(double hz, double q, double sample_rate);
};

/// Butterworth of fourth order as two sections; both limits may be left out (0).
[[nodiscard]] std::vector<Biquad> band_pass_sections(double from_hz, double until_hz, double sample_rate);

/// The two stages of K-weighting (ITU-R BS.1770-4, annex 1), for any sample rate.
[[nodiscard]] std::vector<Biquad> k_weighting(double sample_rate);

/// In place, from rest.
void run_forward(std::span<const Biquad> sections, std::span<double> signal);
/// The same from the end to the start; after run_forward() the delays of both cancel and the limits lie at
/// -6 dB.
void run_backward(std::span<const Biquad> sections, std::span<double> signal);

/// Four signals that are filtered side by side, which takes hardly longer than one: sample i of lane l lies
/// at 4 i + l. As run_forward() and run_backward() of each, but for roundings.
inline constexpr std::size_t filter_lanes = 4;
void run_forward_in_lanes(std::span<const Biquad> sections, std::span<double> lanes);
void run_backward_in_lanes(std::span<const Biquad> sections, std::span<double> lanes);

} // namespace pulsepin
