// SPDX-License-Identifier: GPL-3.0-or-later
#include "analysis/downbeats.h"

#include <algorithm>
#include <array>
#include <cmath>

namespace pulsepin {
namespace {

constexpr std::size_t channels = 6;
using Channels =
    std::array<double, channels>; // bass, low-mid, snare band, bass change, mid change, level rise

// A logistic model over this beat, the one before and the one after; fitted by regression on songs with known
// bars.
constexpr double bias = -2.05;
constexpr Channels weight_here{2.0, 0.0, 0.3, 0.9, 2.75, 0.0};
constexpr Channels weight_before{-0.1, 0.1, 0.0, 0.2, -1.0, 0.5};
constexpr Channels weight_after{-1.6, -0.2, -0.1, -0.5, -1.0, -0.4};

double largest_near(const std::vector<float>& curve, double place) {
    const auto centre = static_cast<std::ptrdiff_t>(std::llround(place));
    double most = 0;
    for (auto i = centre - 2; i <= centre + 2; ++i)
        if (i >= 0 && i < static_cast<std::ptrdiff_t>(curve.size()))
            most = std::max(most, static_cast<double>(curve[static_cast<std::size_t>(i)]));
    return most;
}

struct BeatSpectrum {
    std::vector<double> bands;
    double level = 0;
};

std::vector<BeatSpectrum> spectra_by_beat(const Features& f, const BeatTrack& beats) {
    std::vector<BeatSpectrum> spectra(beats.size());
    const auto frames = static_cast<std::ptrdiff_t>(f.harmony.frames());
    for (std::size_t i = 0; i < beats.size(); ++i) {
        auto& s = spectra[i];
        s.bands.assign(f.harmony.bands, 0.0);
        const double end =
            i + 1 < beats.size() ? beats[i + 1] : beats[i] + (i > 0 ? beats[i] - beats[i - 1] : 50.0);
        const auto from = std::clamp<std::ptrdiff_t>(std::llround(beats[i]) + 2, 0, frames - 1);
        const auto until = std::clamp<std::ptrdiff_t>(std::llround(end), from + 1, frames);
        for (auto t = from; t < until; ++t) {
            const auto frame = f.harmony.frame(static_cast<std::size_t>(t));
            for (std::size_t b = 0; b < frame.size(); ++b)
                s.bands[b] += static_cast<double>(frame[b]) / static_cast<double>(until - from);
        }
        for (const double v : s.bands)
            s.level += v / static_cast<double>(s.bands.size());
    }
    return spectra;
}

/// 1 - cosine of the spectra in that range, each with its own mean over bands taken off.
double change(const Features& f, const BeatSpectrum& a, const BeatSpectrum& b, float from_hz,
              float until_hz) {
    double mean_a = 0, mean_b = 0;
    int count = 0;
    for (std::size_t k = 0; k < a.bands.size(); ++k)
        if (f.harmony_hz[k] >= from_hz && f.harmony_hz[k] < until_hz) {
            mean_a += a.bands[k];
            mean_b += b.bands[k];
            ++count;
        }
    if (count == 0)
        return 0;
    mean_a /= count;
    mean_b /= count;
    double dot = 0, aa = 1e-9, bb = 1e-9;
    for (std::size_t k = 0; k < a.bands.size(); ++k)
        if (f.harmony_hz[k] >= from_hz && f.harmony_hz[k] < until_hz) {
            const double x = a.bands[k] - mean_a, y = b.bands[k] - mean_b;
            dot += x * y;
            aa += x * x;
            bb += y * y;
        }
    return 1 - dot / std::sqrt(aa * bb);
}

std::vector<Channels> measure(const Features& f, const BeatTrack& beats) {
    const auto spectra = spectra_by_beat(f, beats);
    std::vector<Channels> rows(beats.size());
    for (std::size_t i = 0; i < beats.size(); ++i) {
        rows[i][0] = largest_near(f.bands[static_cast<std::size_t>(Band::Bass)], beats[i]);
        rows[i][1] = largest_near(f.bands[static_cast<std::size_t>(Band::LowMid)], beats[i]);
        rows[i][2] = largest_near(f.bands[static_cast<std::size_t>(Band::Snare)], beats[i]);
        if (i > 0) {
            rows[i][3] = change(f, spectra[i], spectra[i - 1], 40, 260);
            rows[i][4] = change(f, spectra[i], spectra[i - 1], 260, 2400);
            rows[i][5] = std::max(0.0, spectra[i].level - spectra[i - 1].level);
        }
    }
    return rows;
}

/// v -> ln(1 + 2v/mean), then minus the mean over 13 beats around: loud and quiet songs look alike.
void even_out(std::vector<Channels>& rows) {
    const auto n = static_cast<std::ptrdiff_t>(rows.size());
    for (std::size_t c = 0; c < channels; ++c) {
        double mean = 1e-9;
        for (const auto& row : rows)
            mean += row[c] / static_cast<double>(n);
        std::vector<double> logs(rows.size());
        for (std::size_t i = 0; i < rows.size(); ++i)
            logs[i] = std::log(1 + 2 * rows[i][c] / mean);
        for (std::ptrdiff_t i = 0; i < n; ++i) {
            const auto from = std::max<std::ptrdiff_t>(i - 6, 0), until = std::min<std::ptrdiff_t>(i + 7, n);
            double local = 0;
            for (auto k = from; k < until; ++k)
                local += logs[static_cast<std::size_t>(k)] / static_cast<double>(until - from);
            rows[static_cast<std::size_t>(i)][c] = logs[static_cast<std::size_t>(i)] - local;
        }
    }
}

} // namespace

std::vector<double> downbeat_log_odds(const Features& features, const BeatTrack& beats) {
    auto rows = measure(features, beats);
    even_out(rows);
    std::vector<double> odds(rows.size());
    for (std::size_t i = 0; i < rows.size(); ++i) {
        double sum = bias;
        for (std::size_t c = 0; c < channels; ++c) {
            sum += weight_here[c] * rows[i][c];
            if (i > 0)
                sum += weight_before[c] * rows[i - 1][c];
            if (i + 1 < rows.size())
                sum += weight_after[c] * rows[i + 1][c];
        }
        odds[i] = std::clamp(sum, -4.6, 4.6);
    }
    return odds;
}

int first_downbeat(std::span<const double> log_odds, int beats_per_bar) {
    int best = 0;
    double most = -1e300;
    for (int phase = 0; phase < beats_per_bar; ++phase) {
        double sum = 0;
        for (auto i = static_cast<std::size_t>(phase); i < log_odds.size();
             i += static_cast<std::size_t>(beats_per_bar))
            sum += log_odds[i];
        if (sum > most) {
            most = sum;
            best = phase;
        }
    }
    return best;
}

double downbeat_contrast(const Features& features, const BeatTrack& beats, int beats_per_bar) {
    const auto odds = downbeat_log_odds(features, beats);
    const auto phase = static_cast<std::size_t>(first_downbeat(odds, beats_per_bar));
    double on = 0, off = 0;
    int on_count = 0, off_count = 0;
    for (std::size_t i = 0; i < odds.size(); ++i) {
        const double p = 1 / (1 + std::exp(-odds[i]));
        if (i % static_cast<std::size_t>(beats_per_bar) == phase) {
            on += p;
            ++on_count;
        } else {
            off += p;
            ++off_count;
        }
    }
    return on_count == 0 || off_count == 0 ? 0 : on / on_count - off / off_count;
}

} // namespace pulsepin
