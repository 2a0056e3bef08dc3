// SPDX-License-Identifier: GPL-3.0-or-later
#include "analysis/beat_tracker.h"

#include "analysis/downbeats.h"
#include "dsp/smoothing.h"

#include <algorithm>
#include <cmath>
#include <complex>
#include <functional>
#include <limits>
#include <numbers>

namespace pulsepin {
namespace {

struct PathModel {
    int shortest = 1; ///< periods in slow frames
    int longest = 1;
    double stiffness = 60; ///< cost of a change of period
    double reach = 0.2;    ///< largest change, as a share of the period
    double slack = 1;
    std::function<double(int frame)> reward;
    std::function<double(int frame, int period)> period_cost; ///< may be empty
};

/// The path of beats with the largest sum of rewards less the cost of its changes of period.
BeatTrack best_path(const PathModel& model, int frames) {
    const int periods = model.longest - model.shortest + 1;
    const int ring = model.longest + 1;
    constexpr float never = -1e30f;
    // Scores of the last `longest` frames are enough to go on; the way back needs all.
    std::vector<float> score(static_cast<std::size_t>(ring) * static_cast<std::size_t>(periods), never);
    std::vector<std::int16_t> from(static_cast<std::size_t>(frames) * static_cast<std::size_t>(periods), -1);
    const auto row = [&](int frame) {
        return score.data() + static_cast<std::ptrdiff_t>(frame % ring) * periods;
    };

    std::vector<std::vector<float>> cost(static_cast<std::size_t>(periods));
    std::vector<int> lowest(static_cast<std::size_t>(periods));
    for (int p = 0; p < periods; ++p) {
        const int period = model.shortest + p;
        const int reach = static_cast<int>(model.reach * period + model.slack);
        lowest[static_cast<std::size_t>(p)] = std::max(0, p - reach);
        const int highest = std::min(periods - 1, p + reach);
        for (int q = lowest[static_cast<std::size_t>(p)]; q <= highest; ++q)
            cost[static_cast<std::size_t>(p)].push_back(static_cast<float>(
                model.stiffness * std::max(0, std::abs(p - q) - 1) / (model.shortest + q)));
    }

    float best = never;
    int best_frame = -1;
    int best_period = 0;
    for (int t = 0; t < frames; ++t) {
        float* now = row(t);
        const auto reward = static_cast<float>(model.reward(t));
        for (int p = 0; p < periods; ++p) {
            const int period = model.shortest + p;
            float value = 0;
            int origin = -1;
            if (t >= period) {
                const float* then = row(t - period);
                const auto& costs = cost[static_cast<std::size_t>(p)];
                const int low = lowest[static_cast<std::size_t>(p)];
                value = never;
                for (std::size_t k = 0; k < costs.size(); ++k) {
                    const float candidate = then[low + static_cast<int>(k)] - costs[k];
                    if (candidate > value) {
                        value = candidate;
                        origin = low + static_cast<int>(k);
                    }
                }
            }
            now[p] = value + reward -
                     (model.period_cost ? static_cast<float>(model.period_cost(t, period)) : 0.0f);
            from[static_cast<std::size_t>(t) * static_cast<std::size_t>(periods) +
                 static_cast<std::size_t>(p)] = static_cast<std::int16_t>(origin);
            if (t + period >= frames && now[p] > best) {
                best = now[p];
                best_frame = t;
                best_period = p;
            }
        }
    }
    BeatTrack beats;
    while (best_frame >= 0) {
        beats.push_back(best_frame);
        const int origin = from[static_cast<std::size_t>(best_frame) * static_cast<std::size_t>(periods) +
                                static_cast<std::size_t>(best_period)];
        if (origin < 0)
            break;
        best_frame -= model.shortest + best_period;
        best_period = origin;
    }
    std::reverse(beats.begin(), beats.end());
    return beats;
}

double mean_of(std::span<const float> curve) {
    double sum = 0;
    for (const float v : curve)
        sum += static_cast<double>(v);
    return curve.empty() ? 0 : sum / static_cast<double>(curve.size());
}

BeatTrack every_second(const BeatTrack& track, std::size_t from) {
    BeatTrack out;
    for (std::size_t i = from; i < track.size(); i += 2)
        out.push_back(track[i]);
    return out;
}

BeatTrack moved(const BeatTrack& track, double share) {
    BeatTrack out;
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

double period_of(const BeatTrack& track) {
    if (track.size() < 2)
        return 0;
    std::vector<float> periods;
    for (std::size_t i = 1; i < track.size(); ++i)
        periods.push_back(static_cast<float>(track[i] - track[i - 1]));
    return static_cast<double>(percentile(periods, 0.5));
}

double bpm_of(double period) {
    return 60 * Features::slow_rate / period;
}

/// Steady grids at tempi near `period` that fit the whole song best, at four phases.
void add_straight_grids(const Features& f, double period, std::vector<BeatTrack>& out) {
    const auto& o = f.novelty;
    const double mean = mean_of(o);
    const auto n = static_cast<double>(o.size());
    const double step = 0.15 / n;
    const auto strength = [&](double frequency) {
        std::complex<double> sum = 0;
        const auto turn = std::polar(1.0, -2 * std::numbers::pi * frequency);
        std::complex<double> phase = 1;
        for (const float v : o) {
            sum += (static_cast<double>(v) - mean) * phase;
            phase *= turn;
        }
        return std::abs(sum);
    };
    double best = -1, best_frequency = 1 / period;
    for (double frequency = 0.97 / period; frequency <= 1.03 / period; frequency += step) {
        const double value = strength(frequency) + strength(2 * frequency) + 0.7 * strength(4 * frequency);
        if (value > best) {
            best = value;
            best_frequency = frequency;
        }
    }
    constexpr std::size_t bins = 48;
    std::vector<float> fold(3 * bins, 0.0f);
    for (std::size_t i = 0; i < o.size(); ++i) {
        const double turns = static_cast<double>(i) * best_frequency;
        const auto bin = static_cast<std::size_t>((turns - std::floor(turns)) * bins) % bins;
        for (std::size_t k = 0; k < 3; ++k)
            fold[bin + k * bins] += o[i];
    }
    fold = gaussian_smoothed(fold, 1.2);
    const auto top = std::max_element(fold.begin() + bins, fold.begin() + 2 * bins) - (fold.begin() + bins);
    for (const double quarter : {0.0, 0.25, 0.5, 0.75}) {
        double phase = (static_cast<double>(top) + 0.5) / bins + quarter;
        phase -= std::floor(phase);
        BeatTrack track;
        for (double at = phase / best_frequency; at < n; at += 1 / best_frequency)
            track.push_back(at);
        out.push_back(std::move(track));
    }
}

/// Cut to where something sounds: from just before the first clear rise to just after the last.
void cut_to_sound(const Features& f, BeatTrack& track) {
    const float clear = 0.1f * percentile(f.raw, 0.99);
    const auto first = std::find_if(f.raw.begin(), f.raw.end(), [&](float v) { return v > clear; });
    const auto last = std::find_if(f.raw.rbegin(), f.raw.rend(), [&](float v) { return v > clear; });
    if (first == f.raw.end())
        return track.clear();
    const double from = static_cast<double>(first - f.raw.begin()) - 10;
    const double until = static_cast<double>(f.raw.rend() - last) - 1 + 10;
    std::erase_if(track, [&](double beat) { return beat < from || beat > until; });
}

bool nearly_same(const BeatTrack& a, const BeatTrack& b) {
    if (std::abs(period_of(a) / period_of(b) - 1) > 0.04)
        return false;
    std::size_t hits = 0;
    for (const double beat : a) {
        const auto near = std::lower_bound(b.begin(), b.end(), beat - 3.0);
        if (near != b.end() && *near <= beat + 3.0)
            ++hits;
    }
    return static_cast<double>(2 * hits) > 0.97 * static_cast<double>(a.size() + b.size());
}

/// A curve read with some tolerance: the largest of five frames around, the outer two taken for less.
class AccentReader {
public:
    explicit AccentReader(const std::vector<float>& curve) : curve_(gaussian_smoothed(curve, 1.0)) {}
    [[nodiscard]] double at(double place) const {
        const auto centre = static_cast<std::ptrdiff_t>(std::llround(place));
        double most = 0;
        for (std::ptrdiff_t d = -2; d <= 2; ++d) {
            const auto i = centre + d;
            if (i >= 0 && i < static_cast<std::ptrdiff_t>(curve_.size()))
                most = std::max(most, (std::abs(d) == 2 ? 0.8 : 1.0) *
                                          static_cast<double>(curve_[static_cast<std::size_t>(i)]));
        }
        return most;
    }

private:
    std::vector<float> curve_;
};

/// Scores a track by what musicians expect of beats: sounds on them, low and snare by turns, harmony that
/// changes with bars, a usual tempo. The weights are few and set by hand.
class TrackJudge {
public:
    explicit TrackJudge(const Features& f) : features_(f), bass_harmony_(f.bass_change) {
        for (const auto& band : f.bands)
            bands_.emplace_back(band);
        onset_gap_ = median_onset_gap();
    }

    [[nodiscard]] double score(const BeatTrack& track) const {
        constexpr std::size_t parts = 12;
        const double period = period_of(track);
        const std::size_t beats = track.size() - 1;
        std::array<std::array<double, band_count>, parts> mean{};
        std::vector<std::array<double, band_count>> on_beat(beats);
        std::size_t sounding = 0;
        for (std::size_t i = 0; i < beats; ++i) {
            std::array<double, parts> total{};
            for (std::size_t k = 0; k < parts; ++k)
                for (std::size_t b = 0; b < band_count; ++b) {
                    const double share = static_cast<double>(k) / parts;
                    const double value = bands_[b].at(track[i] + share * (track[i + 1] - track[i]));
                    mean[k][b] += value / static_cast<double>(beats);
                    total[k] += value;
                    if (k == 0)
                        on_beat[i][b] = value;
                }
            if (total[0] > 0.3 * *std::max_element(total.begin(), total.end()) && total[0] > 0.05)
                ++sounding;
        }
        std::array<double, parts> total{};
        std::array<double, band_count> level{};
        for (std::size_t k = 0; k < parts; ++k)
            for (std::size_t b = 0; b < band_count; ++b) {
                mean[k][b] += 0.05;
                total[k] += mean[k][b] / band_count;
                level[b] += mean[k][b] / parts;
            }
        const auto clipped = [](double value) { return std::clamp(value, -6.0, 6.0); };
        constexpr std::size_t low = 0, low_mid = 1, snare = 3;
        double sum = 0;
        const double octaves = std::log2(bpm_of(period) / 115);
        sum += 1.3 * octaves - 2.4 * octaves * octaves;
        sum += 8.0 * static_cast<double>(sounding) / static_cast<double>(beats);
        sum += 1.2 * clipped(std::log(total[8] / total[4]));
        if (onset_gap_ > 0) {
            const double gap = std::log2(onset_gap_ / period) + 1;
            sum -= 0.95 * clipped(gap * gap);
        }
        sum += 1.2 * clipped(std::log(mean[0][snare] / level[snare]));
        sum += 1.6 * clipped(std::log(mean[0][low] / level[low]));
        const auto half_contrast = [&](std::size_t b) {
            return (mean[0][b] - mean[6][b]) / (mean[0][b] + mean[6][b]);
        };
        sum -= 20 * std::max(0.0, half_contrast(low)) * std::max(0.0, -half_contrast(snare));
        // Between the beats the very same sounds as on them: the pulse is twice as fast.
        double difference = 0;
        for (std::size_t b = 0; b < band_count; ++b)
            difference += std::abs(half_contrast(b)) / band_count;
        sum -= 4 * std::exp(-(difference / 0.04) * (difference / 0.04));
        sum += -3.2 * alternation(on_beat, low_mid) * alternation(on_beat, snare);
        sum += 2.0 * clipped(bar_contrast(track));
        sum += 7.0 * downbeat_contrast(features_, track, 4);
        sum -= 20 * tempo_wander(track);
        return sum;
    }

private:
    [[nodiscard]] double median_onset_gap() const {
        const auto raw = gaussian_smoothed(features_.raw, 1.0);
        const float clear = 0.1f * percentile(raw, 0.97);
        std::vector<float> gaps;
        std::ptrdiff_t last = -1;
        for (std::size_t i = 1; i + 1 < raw.size(); ++i)
            if (raw[i] > clear && raw[i] >= raw[i - 1] && raw[i] > raw[i + 1]) {
                if (last >= 0)
                    gaps.push_back(static_cast<float>(static_cast<std::ptrdiff_t>(i) - last));
                last = static_cast<std::ptrdiff_t>(i);
            }
        return static_cast<double>(percentile(gaps, 0.5));
    }

    static double alternation(const std::vector<std::array<double, band_count>>& on_beat, std::size_t band) {
        double even = 0, odd = 0;
        for (std::size_t i = 0; i < on_beat.size(); ++i)
            (i % 2 == 0 ? even : odd) += on_beat[i][band] / static_cast<double>(on_beat.size());
        return (even - odd) / (even + odd + 0.1);
    }

    [[nodiscard]] double bar_contrast(const BeatTrack& track) const {
        std::array<double, 4> sums{};
        for (std::size_t i = 0; i < track.size(); ++i)
            sums[i % 4] += bass_harmony_.at(track[i]) / static_cast<double>(track.size());
        double mean = 0;
        for (double& s : sums)
            mean += (s += 0.05) / 4;
        return std::log(*std::max_element(sums.begin(), sums.end()) / mean);
    }

    static double tempo_wander(const BeatTrack& track) {
        double squares = 0;
        int count = 0;
        for (std::size_t i = 2; i < track.size(); ++i) {
            const double change = std::log((track[i] - track[i - 1]) / (track[i - 1] - track[i - 2]));
            squares += change * change;
            ++count;
        }
        return count == 0 ? 0 : std::sqrt(squares / count);
    }

    const Features& features_;
    std::vector<AccentReader> bands_;
    AccentReader bass_harmony_;
    double onset_gap_ = 0;
};

/// 0 to 1 per beat: how much sounds on the beats around it, compared with the song's usual beat. A steady
/// grid that a slowing end has left behind gets none there.
std::vector<float> local_support(const Features& f, const BeatTrack& track) {
    const AccentReader accent(f.novelty);
    std::vector<float> heard;
    for (const double beat : track)
        heard.push_back(static_cast<float>(std::min(accent.at(beat), 3.0)));
    const float usual = std::max(percentile(heard, 0.5), 1e-6f);
    auto support = gaussian_smoothed(heard, 1.5);
    for (float& s : support)
        s = std::pow(std::min(s / usual, 1.0f), 3.0f);
    return support;
}

} // namespace

double TrackedBeats::median_period() const {
    return period_of(beats);
}

std::vector<TrackedBeats> track_beats(const Features& features, const Progress& progress) {
    const int frames = static_cast<int>(features.novelty.size());
    if (features.silent || frames < 50)
        return {};
    const double mean = mean_of(features.novelty);
    std::vector<BeatTrack> candidates;
    constexpr int ranges = 7;
    for (int k = 0; k < ranges; ++k) {
        if (progress.cancelled())
            return {};
        progress.report(static_cast<double>(k) / ranges);
        const double centre = 60 * std::exp2(k / 3.0);
        PathModel model;
        model.shortest = static_cast<int>(std::lround(bpm_of(centre * 1.2)));
        model.longest = std::min(static_cast<int>(std::lround(bpm_of(centre / 1.2))), frames - 1);
        model.reward = [&](int t) {
            return static_cast<double>(features.novelty[static_cast<std::size_t>(t)]) - mean;
        };
        if (model.longest <= model.shortest)
            continue;
        const BeatTrack path = best_path(model, frames);
        if (path.size() < 3)
            continue;
        candidates.push_back(path);
        candidates.push_back(moved(path, 0.5));
        candidates.push_back(doubled(path));
        candidates.push_back(every_second(path, 0));
        candidates.push_back(every_second(path, 1));
        candidates.push_back(moved(path, 1.0 / 3));
        candidates.push_back(moved(path, 2.0 / 3));
    }
    const std::size_t bent = candidates.size();
    std::vector<double> periods;
    for (std::size_t i = 0; i < bent; ++i) {
        const double period = period_of(candidates[i]);
        const bool known = std::any_of(periods.begin(), periods.end(),
                                       [&](double p) { return std::abs(p / period - 1) < 0.02; });
        if (period > 0 && !known && bpm_of(period) >= 48 && bpm_of(period) <= 255) {
            periods.push_back(period);
            add_straight_grids(features, period, candidates);
        }
    }

    const TrackJudge judge(features);
    std::vector<TrackedBeats> tracks;
    for (auto& track : candidates) {
        cut_to_sound(features, track);
        const double period = period_of(track);
        if (track.size() < 4 || bpm_of(period) < 48 || bpm_of(period) > 255)
            continue;
        if (std::any_of(tracks.begin(), tracks.end(),
                        [&](const TrackedBeats& kept) { return nearly_same(track, kept.beats); }))
            continue;
        const double score = judge.score(track);
        tracks.push_back({std::move(track), score});
    }
    std::stable_sort(tracks.begin(), tracks.end(),
                     [](const auto& a, const auto& b) { return a.score > b.score; });
    return tracks;
}

BeatTrack retrack_around(const Features& features, const BeatTrack& track) {
    const int frames = static_cast<int>(features.novelty.size());
    const double period = period_of(track);
    if (track.size() < 4 || period < 4)
        return track;
    const double mean = mean_of(features.novelty);
    std::vector<float> pull(features.novelty.size(), 0.0f);
    std::vector<double> local(features.novelty.size(), period);
    const auto support = local_support(features, track);
    for (std::size_t i = 0; i < track.size(); ++i) {
        const auto centre = static_cast<std::ptrdiff_t>(std::llround(track[i]));
        for (std::ptrdiff_t d = -8; d <= 8; ++d)
            if (centre + d >= 0 && centre + d < frames)
                pull[static_cast<std::size_t>(centre + d)] =
                    std::max(pull[static_cast<std::size_t>(centre + d)],
                             support[i] * static_cast<float>(std::exp(-0.125 * static_cast<double>(d * d))));
        if (i + 1 < track.size())
            for (auto t = centre; t < std::min<std::ptrdiff_t>(std::llround(track[i + 1]), frames); ++t)
                if (t >= 0)
                    local[static_cast<std::size_t>(t)] = track[i + 1] - track[i];
    }
    for (auto t = static_cast<std::ptrdiff_t>(std::llround(track.back())); t < frames; ++t)
        local[static_cast<std::size_t>(std::max<std::ptrdiff_t>(t, 0))] =
            track.back() - track[track.size() - 2];
    PathModel model;
    model.shortest = std::max(4, static_cast<int>(period / 1.6));
    model.longest = std::min(static_cast<int>(period * 1.6), frames - 1);
    if (model.longest <= model.shortest)
        return track;
    model.stiffness = 40;
    model.reach = 0.12;
    model.slack = 2;
    model.reward = [&](int t) {
        const auto i = static_cast<std::size_t>(t);
        return static_cast<double>(features.novelty[i]) - mean + 2 * static_cast<double>(pull[i]);
    };
    model.period_cost = [&](int t, int candidate) {
        const double ratio = std::log(candidate / local[static_cast<std::size_t>(t)]);
        return 2 * ratio * ratio;
    };
    BeatTrack again = best_path(model, frames);
    cut_to_sound(features, again);
    return again.size() >= 4 ? again : track;
}

} // namespace pulsepin
