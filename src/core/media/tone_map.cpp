// SPDX-License-Identifier: GPL-3.0-or-later
#include "media/tone_map.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <vector>

namespace pulsepin {
namespace {

constexpr double reference_white = 203; // cd/m2, Report ITU-R BT.2408
constexpr std::size_t input_steps = 1u << 12, output_steps = 1u << 12;

// Rec. ITU-R BT.2100, table 4.
constexpr double m1 = 2610.0 / 16384, m2 = 2523.0 / 4096 * 128, c1 = 3424.0 / 4096, c2 = 2413.0 / 4096 * 32,
                 c3 = 2392.0 / 4096 * 32;

/// Report ITU-R BT.2390-10, 5.4.1: what lies below the knee stays, above it a Hermite spline leads to the
/// peak of the display. Light in cd/m2.
double eetf(double light, double source_peak, double target_peak) {
    const double whole = light_to_pq(source_peak), most = light_to_pq(target_peak) / whole;
    if (most >= 1)
        return light;
    const double in = std::min(light_to_pq(light) / whole, 1.0), knee = 1.5 * most - 0.5;
    if (in <= knee)
        return light;
    const double t = (in - knee) / (1 - knee), t2 = t * t, t3 = t2 * t;
    const double out =
        (2 * t3 - 3 * t2 + 1) * knee + (t3 - 2 * t2 + t) * (1 - knee) + (-2 * t3 + 3 * t2) * most;
    return pq_to_light(out * whole);
}

/// To linear light of BT.709's primaries; computed from the chromaticities of Rec. ITU-R BT.2020 and of
/// SMPTE RP 431-2 with the white D65 (Rec. ITU-R BT.2087 has the first).
std::array<std::array<double, 3>, 3> to_bt709(Primaries primaries) {
    switch (primaries) {
    case Primaries::Bt2020:
        return {{{1.660491, -0.587641, -0.072850},
                 {-0.124550, 1.132900, -0.008349},
                 {-0.018151, -0.100579, 1.118730}}};
    case Primaries::P3:
        return {{{1.224940, -0.224940, 0.0}, {-0.042057, 1.042057, 0.0}, {-0.019638, -0.078636, 1.098274}}};
    case Primaries::Bt709:
        break;
    }
    return {{{1, 0, 0}, {0, 1, 0}, {0, 0, 1}}};
}

} // namespace

double pq_to_light(double signal) {
    const double p = std::pow(std::clamp(signal, 0.0, 1.0), 1 / m2);
    return 10'000 * std::pow(std::max(p - c1, 0.0) / (c2 - c3 * p), 1 / m1);
}

double light_to_pq(double light) {
    const double y = std::pow(std::clamp(light / 10'000, 0.0, 1.0), m1);
    return std::pow((c1 + c2 * y) / (1 + c3 * y), m2);
}

double hlg_to_scene(double signal) {
    constexpr double a = 0.17883277, b = 1 - 4 * a;
    const double c = 0.5 - a * std::log(4 * a);
    const double e = std::clamp(signal, 0.0, 1.0);
    return e <= 0.5 ? e * e / 3 : (std::exp((e - c) / a) + b) / 12;
}

struct ToneMap::Tables {
    Transfer transfer;
    std::vector<float> light;       ///< of a signal: cd/m2, for HLG the scene's, for SDR 0 to 1
    std::vector<float> mapped;      ///< factor of the brightest colour, by the root of its light
    std::vector<std::uint8_t> code; ///< of the root of light from 0 to 1
    std::array<std::array<float, 3>, 3> matrix{};
    float peak = 1000;
};

ToneMap::ToneMap(Transfer transfer, Primaries primaries, double peak) : tables_(std::make_unique<Tables>()) {
    Tables& t = *tables_;
    t.transfer = transfer;
    t.peak = static_cast<float>(std::clamp(peak, reference_white, 10'000.0));
    t.light.resize(input_steps + 1);
    for (std::size_t i = 0; i <= input_steps; ++i) {
        const double signal = static_cast<double>(i) / input_steps;
        t.light[i] = static_cast<float>(transfer == Transfer::Pq    ? pq_to_light(signal)
                                        : transfer == Transfer::Hlg ? hlg_to_scene(signal)
                                                                    : std::pow(signal, 2.4));
    }
    if (transfer != Transfer::Sdr) {
        t.mapped.resize(input_steps + 1);
        for (std::size_t i = 1; i <= input_steps; ++i) {
            const double share = static_cast<double>(i) / input_steps, light = share * share * t.peak;
            t.mapped[i] = static_cast<float>(eetf(light, static_cast<double>(t.peak), reference_white) /
                                             (light * reference_white));
        }
        t.mapped[0] = static_cast<float>(1 / reference_white);
    }
    t.code.resize(output_steps + 1);
    for (std::size_t i = 0; i <= output_steps; ++i) { // the root of light: fine where the eye is
        const double root = static_cast<double>(i) / output_steps;
        t.code[i] = static_cast<std::uint8_t>(std::lround(255 * std::pow(root * root, 1 / 2.4)));
    }
    const auto matrix = to_bt709(primaries);
    for (std::size_t row = 0; row < 3; ++row)
        for (std::size_t column = 0; column < 3; ++column)
            t.matrix[row][column] = static_cast<float>(matrix[row][column]);
}

ToneMap::~ToneMap() = default;
ToneMap::ToneMap(ToneMap&&) noexcept = default;
ToneMap& ToneMap::operator=(ToneMap&&) noexcept = default;

void ToneMap::row(const std::uint16_t* rgba, std::uint8_t* bgra, std::size_t pixels) const {
    const Tables& t = *tables_;
    for (std::size_t i = 0; i < pixels; ++i, rgba += 4, bgra += 4) {
        float light[3];
        for (std::size_t c = 0; c < 3; ++c) {
            const float place = static_cast<float>(rgba[c]) * (static_cast<float>(input_steps) / 65535.0f);
            const auto at = std::min(static_cast<std::size_t>(place), input_steps - 1);
            const float share = place - static_cast<float>(at);
            light[c] = t.light[at] * (1 - share) + t.light[at + 1] * share;
        }
        if (t.transfer ==
            Transfer::Hlg) { // the display's light, at 1000 cd/m2 with its gamma of 1.2 (table 5)
            const float scene = 0.2627f * light[0] + 0.6780f * light[1] + 0.0593f * light[2];
            const float factor = t.peak * std::pow(std::max(scene, 1e-6f), 0.2f);
            for (float& one : light)
                one *= factor;
        }
        if (t.transfer != Transfer::Sdr) {
            const float most = std::max({light[0], light[1], light[2]});
            const float place = std::sqrt(std::min(most / t.peak, 1.0f)) * static_cast<float>(input_steps);
            const auto at = std::min(static_cast<std::size_t>(place), input_steps);
            for (float& one : light)
                one *= t.mapped[at];
        }
        for (std::size_t c = 0; c < 3; ++c) {
            const float seen =
                t.matrix[c][0] * light[0] + t.matrix[c][1] * light[1] + t.matrix[c][2] * light[2];
            const float root = std::sqrt(std::clamp(seen, 0.0f, 1.0f));
            bgra[2 - c] = t.code[static_cast<std::size_t>(root * static_cast<float>(output_steps) + 0.5f)];
        }
        bgra[3] = static_cast<std::uint8_t>(rgba[3] >> 8);
    }
}

} // namespace pulsepin
