// SPDX-License-Identifier: GPL-3.0-or-later
#include "dsp/biquad.h"

#include "base/wide.h"

#include <cmath>
#include <numbers>

namespace pulsepin {
namespace {

// Of a Butterworth filter of fourth order.
constexpr double first_q = 0.54119610, second_q = 1.30656296;

struct Angle {
    double cosine, alpha;
    Angle(double hz, double q, double sample_rate) {
        const double w = 2 * std::numbers::pi * hz / sample_rate;
        cosine = std::cos(w);
        alpha = std::sin(w) / (2 * q);
    }
};

template <class Signal>
void run(const Biquad& s, Signal first, Signal last) {
    double z1 = 0, z2 = 0; // transposed direct form II
    for (; first != last; ++first) {
        const double in = *first;
        const double out = s.b0 * in + z1;
        z1 = s.b1 * in - s.a1 * out + z2;
        z2 = s.b2 * in - s.a2 * out;
        *first = out;
    }
}

} // namespace

Biquad Biquad::low_pass(double hz, double q, double sample_rate) {
    const Angle w(hz, q, sample_rate);
    const double a0 = 1 + w.alpha, b1 = 1 - w.cosine;
    return {b1 / 2 / a0, b1 / a0, b1 / 2 / a0, -2 * w.cosine / a0, (1 - w.alpha) / a0};
}

Biquad Biquad::high_pass(double hz, double q, double sample_rate) {
    const Angle w(hz, q, sample_rate);
    const double a0 = 1 + w.alpha, b1 = 1 + w.cosine;
    return {b1 / 2 / a0, -b1 / a0, b1 / 2 / a0, -2 * w.cosine / a0, (1 - w.alpha) / a0};
}

std::vector<Biquad> band_pass_sections(double from_hz, double until_hz, double sample_rate) {
    std::vector<Biquad> sections;
    if (from_hz > 0)
        for (const double q : {first_q, second_q})
            sections.push_back(Biquad::high_pass(std::min(from_hz, 0.49 * sample_rate), q, sample_rate));
    if (until_hz > 0 && until_hz < 0.49 * sample_rate)
        for (const double q : {first_q, second_q})
            sections.push_back(Biquad::low_pass(until_hz, q, sample_rate));
    return sections;
}

std::vector<Biquad> k_weighting(double sample_rate) {
    // The standard lists coefficients for 48 kHz; these are the analogue values they come from, as libebur128
    // and others use them.
    Biquad shelf;
    {
        constexpr double hz = 1681.974450955533, gain_db = 3.999843853973347, q = 0.7071752369554196;
        const double k = std::tan(std::numbers::pi * hz / sample_rate);
        const double vh = std::pow(10.0, gain_db / 20), vb = std::pow(vh, 0.4996667741545416);
        const double a0 = 1 + k / q + k * k;
        shelf = {(vh + vb * k / q + k * k) / a0, 2 * (k * k - vh) / a0, (vh - vb * k / q + k * k) / a0,
                 2 * (k * k - 1) / a0, (1 - k / q + k * k) / a0};
    }
    Biquad rumble;
    {
        constexpr double hz = 38.13547087602444, q = 0.5003270373238773;
        const double k = std::tan(std::numbers::pi * hz / sample_rate);
        const double a0 = 1 + k / q + k * k;
        rumble = {1, -2, 1, 2 * (k * k - 1) / a0, (1 - k / q + k * k) / a0};
    }
    return {shelf, rumble};
}

void run_forward(std::span<const Biquad> sections, std::span<double> signal) {
    for (const auto& section : sections)
        run(section, signal.begin(), signal.end());
}

void run_backward(std::span<const Biquad> sections, std::span<double> signal) {
    for (const auto& section : sections)
        run(section, signal.rbegin(), signal.rend());
}

namespace {

/// All sections in one pass, so that each waits for none but itself; their states stay in registers.
template <std::size_t Count>
[[gnu::always_inline]] inline void cascade(const Biquad* sections, double* signal, std::size_t frames,
                                           bool backward) {
    double z1[Count][filter_lanes] = {}, z2[Count][filter_lanes] = {};
    for (std::size_t n = 0; n < frames; ++n) {
        double* at = signal + filter_lanes * (backward ? frames - 1 - n : n);
        double value[filter_lanes];
        for (std::size_t l = 0; l < filter_lanes; ++l)
            value[l] = at[l];
        for (std::size_t s = 0; s < Count; ++s) {
            const Biquad& b = sections[s];
            for (std::size_t l = 0; l < filter_lanes; ++l) {
                const double y = b.b0 * value[l] + z1[s][l];
                z1[s][l] = b.b1 * value[l] - b.a1 * y + z2[s][l];
                z2[s][l] = b.b2 * value[l] - b.a2 * y;
                value[l] = y;
            }
        }
        for (std::size_t l = 0; l < filter_lanes; ++l)
            at[l] = value[l];
    }
}

PULSEPIN_WIDE void cascade_of_1(const Biquad* sections, double* signal, std::size_t frames, bool backward) {
    cascade<1>(sections, signal, frames, backward);
}
PULSEPIN_WIDE void cascade_of_2(const Biquad* sections, double* signal, std::size_t frames, bool backward) {
    cascade<2>(sections, signal, frames, backward);
}
PULSEPIN_WIDE void cascade_of_4(const Biquad* sections, double* signal, std::size_t frames, bool backward) {
    cascade<4>(sections, signal, frames, backward);
}

void run_in_lanes(std::span<const Biquad> sections, std::span<double> lanes, bool backward) {
    const std::size_t frames = lanes.size() / filter_lanes;
    while (!sections.empty()) {
        const std::size_t now = sections.size() >= 4 ? 4 : sections.size() >= 2 ? 2 : 1;
        (now == 4   ? cascade_of_4
         : now == 2 ? cascade_of_2
                    : cascade_of_1)(sections.data(), lanes.data(), frames, backward);
        sections = sections.subspan(now);
    }
}

} // namespace

void run_forward_in_lanes(std::span<const Biquad> sections, std::span<double> lanes) {
    run_in_lanes(sections, lanes, false);
}

void run_backward_in_lanes(std::span<const Biquad> sections, std::span<double> lanes) {
    run_in_lanes(sections, lanes, true);
}

} // namespace pulsepin
