// SPDX-License-Identifier: GPL-3.0-or-later
#include "dsp/biquad.h"

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

} // namespace pulsepin
