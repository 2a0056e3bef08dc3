// SPDX-License-Identifier: GPL-3.0-or-later
#include "analysis/half_beat_slips.h"

#include <algorithm>
#include <cmath>
#include <complex>
#include <numbers>
#include <span>

namespace pulsepin {
namespace {

constexpr double steady = 0.75;           // concentration
constexpr double steady_elsewhere = 0.85; // of those that are moved alone
constexpr double too_many = 0.03;         // share of beats on the other half
constexpr std::size_t shortest = 24;      // beats; in fewer a lattice fits anything
constexpr double another_tempo = 0.06;
constexpr std::size_t around_change = 8; // beats

struct Lattice {
    double step = 0, phase = 0, concentration = 0;
    [[nodiscard]] std::int64_t nearest(double at) const { return std::llround((at - phase) / step); }
    [[nodiscard]] double at(std::int64_t k) const { return phase + static_cast<double>(k) * step; }
    /// Of the beats on even or odd places.
    [[nodiscard]] double concentration_of(std::span<const double> beats, std::int64_t parity) const {
        std::complex<double> sum;
        double count = 0;
        for (const double beat : beats)
            if (((nearest(beat) % 2) + 2) % 2 == parity) {
                sum += std::polar(1.0, 2 * std::numbers::pi * (beat - phase) / step);
                ++count;
            }
        return count > 0 ? std::abs(sum) / count : 0;
    }
};

/// The lattice near half the period that the beats lie on best.
Lattice lattice_of(std::span<const double> beats, double period) {
    Lattice best;
    const double length = beats.back() - beats.front();
    const double frequency = 2 / period;
    const double fine = 1 / (6 * length);
    for (double f = 0.97 * frequency; f <= 1.03 * frequency; f += fine) {
        std::complex<double> sum;
        for (const double beat : beats)
            sum += std::polar(1.0, 2 * std::numbers::pi * f * (beat - beats.front()));
        const double concentration = std::abs(sum) / static_cast<double>(beats.size());
        if (concentration > best.concentration)
            best = {1 / f, beats.front() + std::arg(sum) / (2 * std::numbers::pi * f), concentration};
    }
    return best;
}

double median_interval(std::span<const double> beats) {
    std::vector<double> intervals;
    for (std::size_t i = 1; i < beats.size(); ++i)
        intervals.push_back(beats[i] - beats[i - 1]);
    const auto middle = intervals.begin() + static_cast<std::ptrdiff_t>(intervals.size() / 2);
    std::nth_element(intervals.begin(), middle, intervals.end());
    return *middle;
}

/// All beats where most of them are, if they lie on one lattice of half beats. False: they were left alone.
bool mended(std::span<const double> beats, SteadyTrack& out) {
    if (beats.size() < shortest)
        return false;
    const double period = median_interval(beats);
    std::size_t usual = 0;
    for (std::size_t i = 1; i < beats.size(); ++i)
        usual += std::abs((beats[i] - beats[i - 1]) / period - 1) < 0.15;
    if (static_cast<double>(usual) < 0.9 * static_cast<double>(beats.size() - 1))
        return false; // some of it at another level
    const Lattice lattice = lattice_of(beats, period);
    if (lattice.concentration < steady)
        return false;
    std::size_t odd = 0;
    for (const double beat : beats)
        odd += lattice.nearest(beat) % 2 != 0;
    const std::size_t fewer = std::min(odd, beats.size() - odd);
    if (static_cast<double>(fewer) < too_many * static_cast<double>(beats.size()))
        return false;
    const std::int64_t parity = 2 * odd > beats.size() ? 1 : 0;
    if (lattice.concentration_of(beats, 1 - parity) < steady_elsewhere)
        return false; // they do not lie on the other half, they drift across it, as a slowing end does
    const std::int64_t first = lattice.nearest(beats.front()), last = lattice.nearest(beats.back());
    std::size_t i = 0;
    for (std::int64_t k = first; k <= last; ++k) {
        while (i + 1 < beats.size() && lattice.nearest(beats[i]) < k)
            ++i;
        if (((k % 2) + 2) % 2 != parity)
            continue;
        const bool there = lattice.nearest(beats[i]) == k;
        out.beats.push_back(there ? beats[i] : lattice.at(k));
        out.moved.push_back(!there);
    }
    return true;
}

/// Where the tempo of the eight beats before is another than that of the eight beats behind.
std::vector<std::size_t> tempo_changes(std::span<const double> beats) {
    constexpr std::size_t around = around_change;
    std::vector<std::size_t> changes;
    for (std::size_t i = around; i + around < beats.size(); ++i) {
        const double before = median_interval(beats.subspan(i - around, around + 1));
        const double behind = median_interval(beats.subspan(i, around + 1));
        if (std::abs(behind / before - 1) > another_tempo &&
            (changes.empty() || i - changes.back() >= around))
            changes.push_back(i);
    }
    return changes;
}

} // namespace

SteadyTrack without_half_beat_slips(const BeatTrack& track) {
    SteadyTrack out;
    const std::span<const double> all(track);
    if (mended(all, out))
        return out;
    const auto changes = tempo_changes(all);
    if (changes.empty())
        return {track, std::vector<bool>(track.size(), false)};
    const auto copy = [&](std::size_t from, std::size_t until) {
        out.beats.insert(out.beats.end(), track.begin() + static_cast<std::ptrdiff_t>(from),
                         track.begin() + static_cast<std::ptrdiff_t>(until));
        out.moved.resize(out.beats.size(), false);
    };
    // Around a change beats belong to either side.
    std::size_t from = 0;
    for (std::size_t c = 0; c <= changes.size(); ++c) {
        const bool last = c == changes.size();
        const std::size_t until = last ? track.size() : changes[c] - std::min(changes[c], around_change);
        if (until > from && !mended(all.subspan(from, until - from), out))
            copy(from, until);
        from = std::max(from, until);
        if (!last) {
            const std::size_t next = std::min(track.size(), changes[c] + around_change);
            copy(from, std::max(from, next));
            from = std::max(from, next);
        }
    }
    return out;
}

} // namespace pulsepin
