// SPDX-License-Identifier: GPL-3.0-or-later
#include "analysis/accents.h"

#include "dsp/smoothing.h"

#include <algorithm>
#include <cmath>

namespace pulsepin {
namespace {

/// The largest of five frames, the outer two counting for less.
std::vector<float> widened(const std::vector<float>& curve) {
    std::vector<float> out(curve.size());
    const std::size_t n = curve.size();
    const auto value = [&](std::size_t i, std::size_t back, std::size_t on) {
        return i < back || i - back + on >= n ? 0.0f : curve[i - back + on];
    };
    for (std::size_t i = 0; i < n; ++i)
        out[i] = std::max(
            {value(i, 0, 0), value(i, 1, 0), value(i, 0, 1), 0.8f * value(i, 2, 0), 0.8f * value(i, 0, 2)});
    return out;
}

std::vector<float> probabilities(const std::vector<float>& log_odds, std::size_t frames) {
    std::vector<float> out(frames, 0.0f);
    for (std::size_t i = 0; i < std::min(frames, log_odds.size()); ++i)
        out[i] = 1 / (1 + std::exp(-log_odds[i]));
    return out;
}

/// At each tone of the middle range its length, up to 1.2 s, until the next one at least half as strong.
std::vector<float> lengths_of_tones(const Features& f) {
    const std::size_t n = f.raw.size();
    std::vector<float> mid(n);
    for (std::size_t i = 0; i < n; ++i)
        mid[i] = f.bands[2][i] + 0.5f * f.bands[3][i];
    mid = gaussian_smoothed(mid, 1);
    const float clear = 0.25f * percentile(mid, 0.97);
    std::vector<double> sums(n + 1, 0.0);
    for (std::size_t i = 0; i < n; ++i)
        sums[i + 1] = sums[i] + static_cast<double>(mid[i]);
    std::vector<std::size_t> peaks;
    for (std::size_t i = 0; i < n; ++i) {
        if (mid[i] <= clear)
            continue;
        const std::size_t from = i < 3 ? 0 : i - 3, until = std::min(n, i + 4);
        if (*std::max_element(mid.begin() + static_cast<std::ptrdiff_t>(from),
                              mid.begin() + static_cast<std::ptrdiff_t>(until)) > mid[i])
            continue;
        const std::size_t low = i < 30 ? 0 : i - 30, high = std::min(n, i + 31);
        if (static_cast<double>(mid[i]) < 1.5 * (sums[high] - sums[low]) / static_cast<double>(high - low))
            continue;
        if (peaks.empty() || i - peaks.back() > 3)
            peaks.push_back(i);
    }
    std::vector<float> out(n, 0.0f);
    for (std::size_t k = 0; k < peaks.size(); ++k) {
        std::size_t length = 120;
        for (std::size_t next = k + 1; next < peaks.size() && peaks[next] - peaks[k] < length; ++next)
            if (mid[peaks[next]] >= 0.5f * mid[peaks[k]])
                length = peaks[next] - peaks[k];
        out[peaks[k]] = 5 * static_cast<float>(length) / static_cast<float>(Features::slow_rate);
    }
    return gaussian_smoothed(out, 1.5);
}

} // namespace

Accents::Accents(const Features& f) {
    const std::size_t n = f.raw.size();
    for (std::size_t b = 0; b < band_count; ++b)
        curves_[b] = widened(gaussian_smoothed(f.bands[b], 1));
    curves_[static_cast<std::size_t>(Accent::BassChange)] = widened(f.bass_change);
    curves_[static_cast<std::size_t>(Accent::MidChange)] = widened(f.mid_change);
    curves_[static_cast<std::size_t>(Accent::Agogic)] = widened(lengths_of_tones(f));
    with_network_ = !f.activations[Activation::Beat].empty();
    constexpr std::pair<Accent, Activation> heard[] = {{Accent::Kick, Activation::Kick},
                                                       {Accent::Snare, Activation::Snare},
                                                       {Accent::Hat, Activation::Hat},
                                                       {Accent::Beat, Activation::Beat},
                                                       {Accent::Downbeat, Activation::Downbeat}};
    for (const auto& [accent, kind] : heard) {
        const auto p = probabilities(f.activations[kind], n);
        if (kind == Activation::Beat) {
            for (std::size_t i = 1; i + 1 < n; ++i)
                if (p[i] > p[i - 1] && p[i] >= p[i + 1])
                    beats_expected_ += static_cast<double>(p[i]);
        }
        curves_[static_cast<std::size_t>(accent)] = widened(p);
    }
    const auto smooth = gaussian_smoothed(f.raw, 1.5);
    const float clear = 0.1f * percentile(smooth, 0.97);
    for (std::size_t i = 1; i + 1 < n; ++i)
        if (smooth[i] > clear && smooth[i] >= smooth[i - 1] && smooth[i] > smooth[i + 1])
            starts_.push_back(static_cast<double>(i));
}

} // namespace pulsepin
