// SPDX-License-Identifier: GPL-3.0-or-later
#include "analysis/grid_candidates.h"

#include "dsp/real_fft.h"
#include "dsp/smoothing.h"

#include <algorithm>
#include <bit>
#include <cmath>

namespace pulsepin {
namespace {

constexpr int straight_at_most = 20 * 60 * 100; // frames; a longer recording keeps no tempo

constexpr double kept_slowest = 38, kept_fastest = 255; // BPM, unless a person asks for others

BeatTrack every_second(const BeatTrack& track, std::size_t from) {
    BeatTrack out;
    for (std::size_t i = from; i < track.size(); i += 2)
        out.push_back(track[i]);
    return out;
}

BeatTrack moved(const BeatTrack& track, double share) {
    BeatTrack out;
    if (track.size() > 1)
        out.push_back(track[0] - (1 - share) * (track[1] - track[0]));
    for (std::size_t i = 0; i + 1 < track.size(); ++i)
        out.push_back(track[i] + share * (track[i + 1] - track[i]));
    return out;
}

BeatTrack doubled(const BeatTrack& track) {
    BeatTrack out;
    for (std::size_t i = 0; i < track.size(); ++i) {
        out.push_back(track[i]);
        if (i + 1 < track.size())
            out.push_back(0.5 * (track[i] + track[i + 1]));
    }
    return out;
}

/// The spectrum of a curve over the whole song, fine enough to tell tempi apart by less than a frame at its
/// end.
class TempoSpectrum {
public:
    explicit TempoSpectrum(std::span<const float> curve) {
        RealFft fft(std::bit_ceil(8 * curve.size()));
        const auto input = fft.input();
        std::fill(input.begin(), input.end(), 0.0f);
        double mean = 0;
        for (const float v : curve)
            mean += static_cast<double>(v) / static_cast<double>(curve.size());
        for (std::size_t i = 0; i < curve.size(); ++i)
            input[i] = curve[i] - static_cast<float>(mean);
        bin_ = 1.0 / static_cast<double>(fft.length());
        for (const auto& value : fft.transform())
            size_.push_back(std::abs(value));
    }
    [[nodiscard]] double step() const { return bin_; }
    [[nodiscard]] double at(double frequency) const {
        const auto i = static_cast<std::size_t>(frequency / bin_ + 0.5);
        return i < size_.size() ? static_cast<double>(size_[i]) : 0.0;
    }

private:
    std::vector<float> size_;
    double bin_ = 1;
};

/// Steady grids at the tempo near `period` that fits the whole song best, at four phases.
void add_straight_grids(const std::vector<float>& curve, const TempoSpectrum& spectrum, double period,
                        std::vector<BeatTrack>& out) {
    double best = -1, frequency = 1 / period;
    for (double f = 0.97 / period; f <= 1.03 / period; f += spectrum.step()) {
        const double value = spectrum.at(f) + spectrum.at(2 * f) + 0.7 * spectrum.at(4 * f);
        if (value > best) {
            best = value;
            frequency = f;
        }
    }
    constexpr std::size_t bins = 48;
    std::vector<float> fold(3 * bins, 0.0f);
    for (std::size_t i = 0; i < curve.size(); ++i) {
        const double turns = static_cast<double>(i) * frequency;
        const auto bin = static_cast<std::size_t>((turns - std::floor(turns)) * bins) % bins;
        for (std::size_t k = 0; k < 3; ++k)
            fold[bin + k * bins] += curve[i];
    }
    fold = gaussian_smoothed(fold, 1.2);
    const auto top = std::max_element(fold.begin() + bins, fold.begin() + 2 * bins) - (fold.begin() + bins);
    for (const double quarter : {0.0, 0.25, 0.5, 0.75}) {
        double phase = (static_cast<double>(top) + 0.5) / bins + quarter;
        phase -= std::floor(phase);
        BeatTrack track;
        for (double at = phase / frequency; at < static_cast<double>(curve.size()); at += 1 / frequency)
            track.push_back(at);
        out.push_back(std::move(track));
    }
}

/// Cut to where something sounds: from just before the first clear rise to just after the last.
class SoundingSpan {
public:
    explicit SoundingSpan(const Features& f) {
        const float clear = 0.1f * percentile(f.raw, 0.99);
        const auto first = std::find_if(f.raw.begin(), f.raw.end(), [&](float v) { return v > clear; });
        const auto last = std::find_if(f.raw.rbegin(), f.raw.rend(), [&](float v) { return v > clear; });
        if (first == f.raw.end())
            return;
        from_ = static_cast<double>(first - f.raw.begin()) - 10;
        until_ = static_cast<double>(f.raw.rend() - last) - 1 + 10;
    }
    void cut(BeatTrack& track) const {
        std::erase_if(track, [&](double beat) { return beat < from_ || beat > until_ || beat < -0.5; });
    }

private:
    double from_ = 0, until_ = -1;
};

bool nearly_same(const BeatTrack& a, double a_period, const BeatTrack& b, double b_period) {
    if (std::abs(a_period / b_period - 1) > 0.04)
        return false;
    std::size_t hits = 0, k = 0;
    for (const double beat : a) {
        while (k < b.size() && b[k] < beat - 3)
            ++k;
        if (k < b.size() && b[k] <= beat + 3)
            ++hits;
    }
    return static_cast<double>(2 * hits) > 0.97 * static_cast<double>(a.size() + b.size());
}

bool has_held_beats(const BeatTrack& track, const GridConditions& c) {
    const double tolerance = 0.15 * period_of(track);
    return std::all_of(c.held.begin(), c.held.end(), [&](Seconds held) {
        const double at = Features::slow_index(held);
        const auto near = std::lower_bound(track.begin(), track.end(), at - tolerance);
        return near != track.end() && *near <= at + tolerance;
    });
}

std::vector<double> range_centres(const GridConditions& c) {
    std::vector<double> centres;
    if (c.tempo_range) {
        // Ranges of a third of an octave side by side, from a little below to a little above what was asked
        // for.
        for (double bpm = c.tempo_range->first.value; bpm < c.tempo_range->second.value * 1.12; bpm *= 1.26)
            centres.push_back(bpm);
        return centres;
    }
    for (int k = 0; k < 7; ++k) // 50 to 288 BPM; slower ones are every second beat of these
        centres.push_back(60 * std::exp2(k / 3.0));
    return centres;
}

/// Those that keep to the conditions, where something sounds; of nearly the same ones the first.
std::vector<BeatTrack> distinct_tracks(std::vector<BeatTrack> found, const Features& f,
                                       const GridConditions& conditions) {
    const SoundingSpan span(f);
    std::vector<BeatTrack> kept;
    std::vector<double> kept_periods;
    for (auto& track : found) {
        span.cut(track);
        const double period = period_of(track);
        if (track.size() < 4 || !keeps_to(track, conditions))
            continue;
        bool known = false;
        for (std::size_t i = 0; i < kept.size() && !known; ++i)
            known = nearly_same(track, period, kept[i], kept_periods[i]);
        if (known)
            continue;
        kept.push_back(std::move(track));
        kept_periods.push_back(period);
    }
    return kept;
}

} // namespace

bool stays_at_one_level(const BeatTrack& track) {
    const double period = period_of(track);
    std::size_t others = 0;
    for (std::size_t i = 1; i < track.size(); ++i) {
        const double ratio = (track[i] - track[i - 1]) / period;
        others += ratio > 1.4 || ratio < 1 / 1.4;
    }
    return 20 * others <= track.size();
}

bool at_wanted_tempo(const BeatTrack& track, const GridConditions& conditions) {
    const double bpm = bpm_of_period(period_of(track));
    const auto& range = conditions.tempo_range;
    return range ? bpm >= range->first.value * 0.99 && bpm <= range->second.value * 1.01
                 : bpm >= kept_slowest && bpm <= kept_fastest;
}

bool keeps_to(const BeatTrack& track, const GridConditions& conditions) {
    return at_wanted_tempo(track, conditions) && has_held_beats(track, conditions);
}

std::array<BeatTrack, 3> at_other_levels(const BeatTrack& track) {
    return {doubled(track), every_second(track, 0), every_second(track, 1)};
}

std::vector<float> beat_reward(const Features& features, const GridConditions& conditions,
                               float share_of_network) {
    std::vector<float> reward = features.novelty;
    if (share_of_network > 0 && !features.activations[Activation::Beat].empty()) {
        for (std::size_t i = 0; i < reward.size(); ++i) {
            const float odds = features.activations[Activation::Beat][i];
            reward[i] = (1 - share_of_network) * reward[i] + share_of_network * 4 / (1 + std::exp(-odds));
        }
    }
    for (const auto& [from, until] : conditions.excluded) {
        const auto first = static_cast<std::ptrdiff_t>(std::max(0.0, Features::slow_index(from)));
        const auto last = std::min(static_cast<std::ptrdiff_t>(std::max(0.0, Features::slow_index(until))),
                                   static_cast<std::ptrdiff_t>(reward.size()));
        if (first < last)
            std::fill(reward.begin() + first, reward.begin() + last, 0.0f);
    }
    double mean = 0;
    for (const float v : reward)
        mean += static_cast<double>(v) / static_cast<double>(std::max<std::size_t>(reward.size(), 1));
    for (float& v : reward)
        v -= static_cast<float>(mean);
    for (const Seconds held : conditions.held) {
        const auto at = static_cast<std::ptrdiff_t>(std::llround(Features::slow_index(held)));
        for (std::ptrdiff_t d = -30; d <= 30; ++d)
            if (at + d >= 0 && at + d < static_cast<std::ptrdiff_t>(reward.size())) {
                float& v = reward[static_cast<std::size_t>(at + d)];
                v = std::abs(d) <= 1 ? 60.0f : std::abs(d) < 10 ? -20.0f : v;
            }
    }
    return reward;
}

std::vector<BeatTrack> grid_candidates(const Features& f, const GridConditions& conditions,
                                       const Progress& progress) {
    const auto frames = static_cast<int>(f.novelty.size());
    if (f.silent || frames < 300)
        return {};
    std::vector<BeatTrack> found;
    const auto centres = range_centres(conditions);
    const bool listened = !f.activations[Activation::Beat].empty();
    for (const float network : {0.0f, 0.7f}) {
        if (network > 0 && !listened)
            break;
        const auto reward = beat_reward(f, conditions, network);
        for (std::size_t k = 0; k < centres.size(); ++k) {
            if (progress.cancelled())
                return {};
            if (network > 0 && k == 0 && !conditions.tempo_range)
                continue; // every second beat of the others will do
            progress.report(0.5 * (network > 0 ? 1 : 0) +
                            0.5 * static_cast<double>(k) / static_cast<double>(centres.size()));
            PathModel model;
            model.reach = 0.12;
            model.shortest = std::max(4, static_cast<int>(std::lround(period_of_bpm(centres[k] * 1.2))));
            model.longest =
                std::min(static_cast<int>(std::lround(period_of_bpm(centres[k] / 1.2))), frames - 1);
            if (model.longest <= model.shortest)
                continue;
            const BeatTrack path = best_path(model, reward);
            if (path.size() < 3)
                continue;
            found.push_back(path);
            found.push_back(moved(path, 0.5));
            for (auto& track : at_other_levels(path))
                found.push_back(std::move(track));
            if (network == 0) {
                found.push_back(moved(path, 1.0 / 3));
                found.push_back(moved(path, 2.0 / 3));
            }
        }
    }
    if (frames < straight_at_most) {
        const auto curve = beat_reward(f, conditions, 0);
        const TempoSpectrum spectrum(curve);
        std::vector<double> periods;
        const std::size_t bent = found.size();
        for (std::size_t i = 0; i < bent; ++i) {
            const double period = period_of(found[i]);
            const bool known = std::any_of(periods.begin(), periods.end(),
                                           [&](double p) { return std::abs(p / period - 1) < 0.02; });
            if (period > 0 && !known && bpm_of_period(period) > slowest_beat &&
                bpm_of_period(period) < fastest_beat) {
                periods.push_back(period);
                add_straight_grids(curve, spectrum, period, found);
            }
        }
    }
    return distinct_tracks(std::move(found), f, conditions);
}

BeatTrack retracked(const Features& f, const BeatTrack& track, const GridConditions& conditions) {
    const auto frames = static_cast<std::ptrdiff_t>(f.novelty.size());
    const double period = period_of(track);
    if (track.size() < 4 || period < 4)
        return track;
    auto reward = beat_reward(f, conditions, 0.4f);
    std::vector<float> expected(f.novelty.size(), static_cast<float>(period));
    std::vector<float> bump(f.novelty.size(), 0.0f);
    for (std::size_t i = 0; i < track.size(); ++i) {
        const auto centre = static_cast<std::ptrdiff_t>(std::llround(track[i]));
        for (std::ptrdiff_t d = -8; d <= 8; ++d)
            if (centre + d >= 0 && centre + d < frames)
                bump[static_cast<std::size_t>(centre + d)] =
                    std::max(bump[static_cast<std::size_t>(centre + d)],
                             static_cast<float>(std::exp(-0.125 * static_cast<double>(d * d))));
        const double next = i + 1 < track.size() ? track[i + 1] : static_cast<double>(frames);
        const double local = i + 1 < track.size() ? track[i + 1] - track[i] : track[i] - track[i - 1];
        for (auto t = std::max<std::ptrdiff_t>(centre, 0);
             t < std::min(std::llround(next), static_cast<long long>(frames)); ++t)
            expected[static_cast<std::size_t>(t)] = static_cast<float>(local);
    }
    for (std::size_t i = 0; i < reward.size(); ++i)
        reward[i] += 2 * bump[i];
    PathModel model;
    // The way back takes a byte for each period at each frame: over hours a narrower range has to do.
    const double free = frames < straight_at_most ? 1.6 : 1.2;
    model.shortest = std::max(4, static_cast<int>(period / free));
    model.longest =
        static_cast<int>(std::min<std::ptrdiff_t>(static_cast<std::ptrdiff_t>(period * free), frames - 1));
    if (model.longest <= model.shortest)
        return track;
    model.stiffness = 40;
    model.reach = 0.12;
    model.slack = 2;
    model.expected = expected;
    BeatTrack again = best_path(model, reward);
    SoundingSpan(f).cut(again);
    if (again.size() < 4)
        return track;
    // With the tempo free around it a grid may leave what was asked for.
    const bool asked = conditions.tempo_range || !conditions.held.empty();
    if (asked && !keeps_to(again, conditions))
        return track;
    if (conditions.tempo_range && !stays_at_one_level(again))
        return track;
    return again;
}

} // namespace pulsepin
