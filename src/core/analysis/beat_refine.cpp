// SPDX-License-Identifier: GPL-3.0-or-later
#include "analysis/beat_refine.h"

#include "dsp/smoothing.h"

#include <algorithm>
#include <cmath>
#include <optional>

namespace pulsepin {
namespace {

struct Attack {
    double time = 0;
    double weight = 0;
};

/// The attack within 40 ms that is strong and close.
Attack attack_near(const Features& f, double time, double strong) {
    const auto& n = f.flux;
    const double centre = time * Features::fast_rate;
    Attack best{time, 0};
    double most = 0;
    for (auto i = static_cast<std::ptrdiff_t>(std::ceil(centre - 8));
         i <= static_cast<std::ptrdiff_t>(centre + 8); ++i) {
        if (i < 1 || i + 1 >= static_cast<std::ptrdiff_t>(n.size()))
            continue;
        const double before = static_cast<double>(n[static_cast<std::size_t>(i - 1)]);
        const double here = static_cast<double>(n[static_cast<std::size_t>(i)]);
        const double after = static_cast<double>(n[static_cast<std::size_t>(i + 1)]);
        if (here < before || here <= after)
            continue;
        const double distance = (static_cast<double>(i) - centre) / (0.018 * Features::fast_rate);
        const double value = here * std::exp(-0.5 * distance * distance);
        if (value > most) {
            most = value;
            best.time = Features::fast_time(static_cast<double>(i) + parabola_peak(before, here, after));
        }
    }
    if (most > 0)
        best.time = attack_start(f, Seconds(best.time)).value;
    best.weight = std::min(1.0, most / std::max(0.5 * strong, 1e-9));
    return best;
}

struct Line {
    double offset, slope;
    [[nodiscard]] double at(double x) const { return offset + slope * x; }
};

std::optional<Line> weighted_line(std::span<const Attack> attacks, std::size_t first,
                                  std::span<const double> weights) {
    double w = 0, x = 0, y = 0;
    for (std::size_t i = 0; i < attacks.size(); ++i) {
        w += weights[i];
        x += weights[i] * static_cast<double>(first + i);
        y += weights[i] * attacks[i].time;
    }
    if (w < 1e-6)
        return std::nullopt;
    x /= w;
    y /= w;
    double xx = 0, xy = 0;
    for (std::size_t i = 0; i < attacks.size(); ++i) {
        const double dx = static_cast<double>(first + i) - x;
        xx += weights[i] * dx * dx;
        xy += weights[i] * dx * (attacks[i].time - y);
    }
    if (xx < 1e-6)
        return std::nullopt;
    return Line{y - xy / xx * x, xy / xx};
}

/// A line through the attacks that outliers hardly pull (Cauchy weights, reweighted), each attack's own
/// weight multiplied by `taper`.
std::optional<Line> robust_line(std::span<const Attack> attacks, std::size_t first,
                                std::span<const double> taper, int rounds) {
    constexpr double scale = 0.008; // seconds; about how exactly players play
    std::vector<double> weights(attacks.size());
    for (std::size_t i = 0; i < attacks.size(); ++i)
        weights[i] = taper[i] * (attacks[i].weight + 0.02);
    auto line = weighted_line(attacks, first, weights);
    for (int round = 0; round < rounds && line; ++round) {
        for (std::size_t i = 0; i < attacks.size(); ++i) {
            const double residual = (attacks[i].time - line->at(static_cast<double>(first + i))) / scale;
            weights[i] = taper[i] * (attacks[i].weight + 0.02) / (1 + residual * residual);
        }
        line = weighted_line(attacks, first, weights);
    }
    return line;
}

/// The value at `i` of a line fitted over +-reach beats with tricube weights.
std::optional<double> local_fit(std::span<const Attack> attacks, std::size_t i, std::size_t reach) {
    const std::size_t first = i >= reach ? i - reach : 0;
    const std::size_t last = std::min(i + reach + 1, attacks.size());
    std::vector<double> taper(last - first);
    for (std::size_t k = first; k < last; ++k) {
        const double d =
            std::abs(static_cast<double>(k) - static_cast<double>(i)) / (static_cast<double>(reach) + 1);
        const double cube = 1 - d * d * d;
        taper[k - first] = cube * cube * cube;
    }
    const auto line = robust_line(attacks.subspan(first, last - first), first, taper, 3);
    if (!line)
        return std::nullopt;
    return line->at(static_cast<double>(i));
}

/// The widest window that agrees with all narrower ones: wide where the tempo is even, narrow where it bends.
double evened(std::span<const Attack> attacks, std::size_t i) {
    std::vector<double> agreed;
    for (const std::size_t reach : {2u, 4u, 8u, 16u}) {
        const auto value = local_fit(attacks, i, reach);
        if (!value)
            break;
        bool agrees = true;
        for (std::size_t k = 0; k < agreed.size(); ++k)
            agrees = agrees && std::abs(*value - agreed[k]) < (k == 0 ? 0.009 : 0.006);
        if (!agrees)
            break;
        agreed.push_back(*value);
    }
    return agreed.empty() ? attacks[i].time : agreed.back();
}

/// Where a song runs at one tempo, its beats go onto one line through the whole song, so that it comes out
/// exactly steady. A run of beats that leaves the line for good, such as a slowing end, keeps its own times.
void straighten(std::span<const Attack> attacks, std::vector<Seconds>& times) {
    constexpr double close = 0.010;
    constexpr std::size_t too_many_to_be_chance = 4;
    const std::vector<double> flat(attacks.size(), 1.0);
    const auto line = robust_line(attacks, 0, flat, 12);
    if (!line)
        return;
    const auto off = [&](std::size_t i) {
        return std::abs(times[i].value - line->at(static_cast<double>(i))) >= close;
    };
    std::size_t on_line = 0;
    for (std::size_t i = 0; i < times.size(); ++i)
        on_line += !off(i);
    if (static_cast<double>(on_line) < 0.85 * static_cast<double>(times.size()))
        return;
    for (std::size_t i = 0; i < times.size();) {
        std::size_t end = i;
        while (end < times.size() && off(end))
            ++end;
        if (end - i < too_many_to_be_chance) {
            end = std::max(end, i + 1);
            for (std::size_t k = i; k < end; ++k)
                times[k] = Seconds(line->at(static_cast<double>(k)));
        }
        i = end;
    }
}

} // namespace

RefinedBeats refine_beats(const Features& features, const BeatTrack& track) {
    const double strong = static_cast<double>(percentile(features.flux, 0.98));
    std::vector<Attack> attacks;
    for (const double beat : track)
        attacks.push_back(attack_near(features, Features::slow_time(beat), strong));

    RefinedBeats refined;
    for (std::size_t i = 0; i < attacks.size(); ++i)
        refined.times.emplace_back(evened(attacks, i));

    if (attacks.size() >= 8)
        straighten(attacks, refined.times);
    // Noise may have two beats meet; beats keep a distance.
    for (std::size_t i = 1; i < refined.times.size(); ++i)
        refined.times[i] = std::max(refined.times[i], refined.times[i - 1] + Seconds(0.02));

    std::vector<float> clear;
    for (std::size_t i = 0; i < attacks.size(); ++i) {
        const double off = (attacks[i].time - refined.times[i].value) / 0.025;
        clear.push_back(static_cast<float>(attacks[i].weight * std::exp(-0.5 * off * off)));
    }
    refined.confidence = gaussian_smoothed(clear, 1.5);
    return refined;
}

} // namespace pulsepin
