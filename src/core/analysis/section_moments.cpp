// SPDX-License-Identifier: GPL-3.0-or-later
#include "analysis/section_moments.h"

#include <algorithm>
#include <cmath>

namespace pulsepin {
namespace {

constexpr double step_without_grid = 0.5; // seconds

std::vector<Moment> empty_moments(const Features& f, const BeatGrid* grid) {
    std::vector<Moment> moments;
    if (!grid) {
        for (double t = 0; t < f.duration.value; t += step_without_grid)
            moments.push_back({.start = Seconds(t)});
        return moments;
    }
    const auto& beats = grid->beats();
    // What lies before the first beat and after the last is told in beats of the same length.
    const double first_step = beats[1].time.value - beats[0].time.value;
    for (auto k = static_cast<std::int64_t>(beats.front().time.value / first_step); k > 0; --k)
        moments.push_back(
            {.start = beats.front().time - Seconds(static_cast<double>(k) * first_step), .may_begin = false});
    auto number = grid->first_beat();
    for (const auto& beat : beats)
        moments.push_back({.start = beat.time, .may_begin = grid->is_downbeat(number++)});
    const double last_step = beats.back().time.value - beats[beats.size() - 2].time.value;
    for (double t = beats.back().time.value + last_step; t < f.duration.value; t += last_step)
        moments.push_back({.start = Seconds(t), .may_begin = grid->is_downbeat(number++)});
    return moments;
}

/// Peaks of what the network hears, each as much as it is likely.
float expected_hits(const DrumActivations& drums, Drum drum, std::size_t from, std::size_t until) {
    float sum = 0;
    for (std::size_t t = std::max<std::size_t>(from, 1); t < until && t + 1 < drums.frames(); ++t) {
        const float here = drums.log_odds(drum, t);
        if (here > -1 && here >= drums.log_odds(drum, t - 1) && here > drums.log_odds(drum, t + 1))
            sum += 1 / (1 + std::exp(-here));
    }
    return sum;
}

/// Harmony, rises, drums and level of what sounds until `end`.
void listen(const Features& f, Moment& m, Seconds end) {
    const auto span_of = [&](double rate, std::size_t frames) {
        const auto from = static_cast<std::size_t>(std::max(0.0, m.start.value * rate));
        const auto until = static_cast<std::size_t>(std::max(0.0, end.value * rate));
        return std::pair{std::min(from, frames), std::min(std::max(until, from + 1), frames)};
    };
    const auto [h_from, h_until] = span_of(f.harmony.frames_per_second, f.harmony.frames());
    for (auto t = h_from; t < h_until; ++t)
        for (std::size_t b = 0; b < Moment::harmony_parts; ++b)
            m.sound[b] += static_cast<float>(f.harmony.frame(t)[b]) * f.harmony.step /
                          static_cast<float>(h_until - h_from);
    std::size_t low_bands = 0;
    while (low_bands < Moment::harmony_parts && Features::harmony_hz(low_bands) < 150)
        m.low += static_cast<double>(m.sound[low_bands++]);
    const auto [r_from, r_until] = span_of(f.rises.frames_per_second, f.rises.frames());
    for (auto t = r_from; t < r_until; ++t)
        for (std::size_t b = 0; b < Features::rise_bands; ++b)
            m.sound[Moment::harmony_parts + b / 2] += 10 * static_cast<float>(f.rises.frame(t)[b]) *
                                                      f.rises.step / static_cast<float>(r_until - r_from);
    const auto [d_from, d_until] = span_of(Features::slow_rate, f.drums.frames());
    for (std::size_t drum = 0; drum < drum_count && d_from < d_until; ++drum) {
        m.hits[drum] = expected_hits(f.drums, static_cast<Drum>(drum), d_from, d_until);
        m.sound[Moment::harmony_parts + Moment::rise_parts + drum] = 2 * m.hits[drum];
    }
    const auto [l_from, l_until] = span_of(Features::slow_rate, f.rms.size());
    double squares = 0;
    for (auto t = l_from; t < l_until; ++t)
        squares += static_cast<double>(f.rms[t]) * static_cast<double>(f.rms[t]);
    m.level_db = 10 * std::log10(squares / std::max<double>(1, static_cast<double>(l_until - l_from)) + 1e-9);
}

/// Each dimension as its deviation from the song's mean; smoothed over a bar, since sections are not made of
/// beats.
std::vector<Moment> smoothed(const std::vector<Moment>& moments) {
    std::array<float, Moment::dimensions> mean{}, spread{};
    const auto n = static_cast<float>(moments.size());
    for (const auto& m : moments)
        for (std::size_t d = 0; d < Moment::dimensions; ++d)
            mean[d] += m.sound[d] / n;
    for (const auto& m : moments)
        for (std::size_t d = 0; d < Moment::dimensions; ++d)
            spread[d] += (m.sound[d] - mean[d]) * (m.sound[d] - mean[d]) / n;
    float typical = 0;
    for (const float s : spread)
        typical += s / static_cast<float>(Moment::dimensions);
    std::vector<Moment> smooth = moments;
    for (std::size_t i = 0; i < moments.size(); ++i) {
        const std::size_t from = i < 2 ? 0 : i - 2, until = std::min(moments.size(), i + 3);
        for (std::size_t d = 0; d < Moment::dimensions; ++d) {
            float sum = 0;
            for (std::size_t k = from; k < until; ++k)
                sum += moments[k].sound[d] - mean[d];
            smooth[i].sound[d] =
                sum / static_cast<float>(until - from) / std::sqrt(spread[d] + 0.25f * typical + 1e-9f);
        }
    }
    return smooth;
}

} // namespace

std::vector<Moment> moments_of(const Features& f, const BeatGrid* grid) {
    auto moments = empty_moments(f, grid);
    for (std::size_t i = 0; i < moments.size(); ++i)
        listen(f, moments[i], i + 1 < moments.size() ? moments[i + 1].start : f.duration);
    return smoothed(moments);
}

double likeness(const std::array<float, Moment::dimensions>& a,
                const std::array<float, Moment::dimensions>& b) {
    float dot = 0, aa = 1e-6f, bb = 1e-6f;
    for (std::size_t d = 0; d < Moment::dimensions; ++d) {
        dot += a[d] * b[d];
        aa += a[d] * a[d];
        bb += b[d] * b[d];
    }
    return static_cast<double>(dot / std::sqrt(aa * bb));
}

/// Per moment: how much more alike the stretches before and after are within themselves than with each other.
std::vector<float> corner_novelty(const std::vector<Moment>& moments, int widest) {
    const auto n = static_cast<int>(moments.size());
    const auto reach = std::min(widest, n / 4);
    std::vector<float> novelty(moments.size(), 0.0f);
    if (reach < 2)
        return novelty;
    // A band of the similarity matrix: [i][lag], lag below 2 * reach.
    const auto lags = static_cast<std::size_t>(2 * reach);
    std::vector<float> similar(moments.size() * lags, 0.0f);
    for (std::size_t i = 0; i < moments.size(); ++i)
        for (std::size_t lag = 0; lag < lags && i + lag < moments.size(); ++lag)
            similar[i * lags + lag] = static_cast<float>(likeness(moments[i].sound, moments[i + lag].sound));
    std::vector<float> taper(static_cast<std::size_t>(reach));
    for (int k = 0; k < reach; ++k)
        taper[static_cast<std::size_t>(k)] =
            std::exp(-2.0f * static_cast<float>(k * k) / static_cast<float>(reach * reach));
    for (int t = 1; t < n; ++t) {
        struct Mean {
            float sum = 0, weight = 0;
            [[nodiscard]] float value() const { return weight > 0 ? sum / weight : 0; }
        } before, after, across;
        for (int a = -reach; a < reach; ++a)
            for (int b = a + 1; b < reach; ++b) {
                const int i = t + a, j = t + b;
                if (i < 0 || j >= n)
                    continue;
                const auto k = [](int x) { return static_cast<std::size_t>(x < 0 ? -x - 1 : x); };
                const float w = taper[k(a)] * taper[k(b)];
                Mean& mean = b < 0 ? before : a >= 0 ? after : across;
                mean.sum += w * similar[static_cast<std::size_t>(i) * lags + static_cast<std::size_t>(j - i)];
                mean.weight += w;
            }
        // Near an end there is little to compare with.
        const float there =
            std::min(1.0f, static_cast<float>(2 * std::min(t, n - t)) / static_cast<float>(reach));
        novelty[static_cast<std::size_t>(t)] =
            there * std::max(0.0f, (before.value() + after.value()) / 2 - across.value());
    }
    return novelty;
}

} // namespace pulsepin
