// SPDX-License-Identifier: GPL-3.0-or-later
#include "analysis/voice.h"

#include "dsp/real_fft.h"
#include "dsp/smoothing.h"
#include "dsp/stft.h"

#include <algorithm>
#include <cmath>
#include <complex>
#include <map>
#include <numbers>

namespace pulsepin {
namespace {

constexpr double frames_per_second = 100;
constexpr double lowest_hz = 200, highest_hz = 5000;
constexpr float sides_count = 2; ///< how strongly what differs between the channels is taken off
constexpr float background_counts = 1.3f;
constexpr int most_bars = 40; ///< looked at on either side
constexpr std::size_t most_similar = 7;
constexpr double reach_without_grid = 20, apart_without_grid = 0.5; ///< seconds
constexpr double dynamic_db = 24;                                   ///< from the loudest voice down to none
constexpr double before_and_after = 0.25;
constexpr float silent = 0.06f;    ///< of how far a voice is there
constexpr Seconds one_start{0.05}; ///< so near together they are one

/// What lies in the middle, frame by frame, computed when it is first asked for.
class MiddleSpectra {
public:
    explicit MiddleSpectra(const SampleStore& sound)
        : samples_(sound.interleaved()), channels_(static_cast<std::size_t>(sound.format().channels)),
          length_(sound.length().value), rate_(static_cast<double>(sound.format().sample_rate)),
          left_(window_for_rate(2048, rate_)), right_(left_.length()), window_(left_.length()) {
        for (std::size_t i = 0; i < window_.size(); ++i)
            window_[i] = static_cast<float>(
                0.5 - 0.5 * std::cos(2 * std::numbers::pi * (static_cast<double>(i) + 0.5) /
                                     static_cast<double>(window_.size())));
        const double bin = rate_ / static_cast<double>(window_.size());
        first_ = static_cast<std::size_t>(lowest_hz / bin);
        count_ = std::min(left_.bins(), static_cast<std::size_t>(highest_hz / bin)) - first_;
    }
    [[nodiscard]] std::size_t bins() const { return count_; }
    [[nodiscard]] std::int64_t frames() const {
        return static_cast<std::int64_t>(static_cast<double>(length_) / rate_ * frames_per_second);
    }
    const std::vector<float>& at(std::int64_t frame) {
        auto& spectrum = made_[frame];
        if (spectrum.empty())
            spectrum = make(frame);
        return spectrum;
    }

    void forget_before(std::int64_t frame) { made_.erase(made_.begin(), made_.lower_bound(frame)); }

private:
    std::vector<float> make(std::int64_t frame) {
        const auto centre =
            static_cast<std::int64_t>(std::llround(static_cast<double>(frame) * rate_ / frames_per_second));
        const auto half = static_cast<std::int64_t>(window_.size() / 2);
        for (std::size_t i = 0; i < window_.size(); ++i) {
            const std::int64_t at = centre - half + static_cast<std::int64_t>(i);
            float l = 0, r = 0;
            if (at >= 0 && at < length_) {
                l = samples_[static_cast<std::size_t>(at) * channels_];
                r = samples_[static_cast<std::size_t>(at) * channels_ + (channels_ > 1 ? 1 : 0)];
            }
            left_.input()[i] = l * window_[i];
            right_.input()[i] = r * window_[i];
        }
        const auto left = left_.transform(), right = right_.transform();
        const float scale = 2 / static_cast<float>(window_.size());
        std::vector<float> middle(count_);
        for (std::size_t b = 0; b < count_; ++b) {
            const auto l = left[first_ + b], r = right[first_ + b];
            middle[b] = std::max(0.0f, (std::abs(l + r) - sides_count * std::abs(l - r)) * scale);
        }
        return middle;
    }

    std::span<const float> samples_;
    std::size_t channels_;
    std::int64_t length_;
    double rate_;
    RealFft left_, right_;
    std::vector<float> window_;
    std::size_t first_ = 0, count_ = 0;
    std::map<std::int64_t, std::vector<float>> made_;
};

/// Frames at which the same may sound again.
std::vector<std::int64_t> like_places(const BeatGrid* grid, std::int64_t frame, std::int64_t frames) {
    std::vector<std::int64_t> places;
    const auto add = [&](std::int64_t at) {
        if (at >= 0 && at < frames)
            places.push_back(at);
    };
    if (!grid) {
        const auto reach = static_cast<std::int64_t>(reach_without_grid * frames_per_second);
        const auto apart = static_cast<std::int64_t>(apart_without_grid * frames_per_second);
        for (std::int64_t by = apart; by <= reach; ++by) {
            add(frame - by);
            add(frame + by);
        }
        return places;
    }
    const Seconds time(static_cast<double>(frame) / frames_per_second);
    const Beats beat = grid->beats_at(time);
    const double bar = grid->metre_at(grid->nearest_beat(time)).beats_per_bar;
    for (int by = -most_bars; by <= most_bars; ++by) {
        if (by == 0)
            continue;
        const double there = grid->time_at(beat + Beats(bar * by)).value * frames_per_second;
        for (const int beside : {-1, 0, 1})
            add(std::llround(there) + beside);
    }
    return places;
}

/// What of a frame does not sound where the same may sound again.
std::vector<float> without_background(MiddleSpectra& spectra, const BeatGrid* grid, std::int64_t frame) {
    const std::vector<float> own = spectra.at(frame);
    double own_energy = 0;
    for (const float x : own)
        own_energy += x * x;
    std::vector<std::pair<double, std::int64_t>> similar;
    for (const auto place : like_places(grid, frame, spectra.frames())) {
        const auto& other = spectra.at(place);
        double product = 0, energy = 0;
        for (std::size_t b = 0; b < own.size(); ++b) {
            product += own[b] * other[b];
            energy += other[b] * other[b];
        }
        similar.emplace_back(-product / std::sqrt(own_energy * energy + 1e-12), place);
    }
    const std::size_t count = std::min(similar.size(), most_similar);
    std::partial_sort(similar.begin(), similar.begin() + static_cast<std::ptrdiff_t>(count), similar.end());
    std::vector<float> rest(own.size());
    std::vector<float> values;
    for (std::size_t b = 0; b < own.size(); ++b) {
        values.assign(1, own[b]);
        for (std::size_t i = 0; i < count; ++i)
            values.push_back(spectra.at(similar[i].second)[b]);
        const auto middle = values.begin() + static_cast<std::ptrdiff_t>(values.size() / 2);
        std::nth_element(values.begin(), middle, values.end());
        const float background = count < 2 ? 0 : *middle;
        rest[b] = std::max(0.0f, own[b] - background_counts * background);
    }
    return rest;
}

struct VoiceCurves {
    std::vector<float> there; ///< 0 to 1
    std::vector<float> rises; ///< of what sounds newly, 0 to 1
};

VoiceCurves curves_of(const std::vector<std::vector<float>>& rest) {
    const std::size_t n = rest.size();
    VoiceCurves curves{std::vector<float>(n), std::vector<float>(n)};
    std::vector<float> level(n);
    for (std::size_t i = 0; i < n; ++i) {
        double energy = 0;
        for (const float x : rest[i])
            energy += x * x;
        level[i] = static_cast<float>(energy);
    }
    level = gaussian_smoothed(level, 1.5);
    for (auto& x : level)
        x = 10 * std::log10(x + 1e-12f);
    auto sorted = level;
    const auto loud = sorted.begin() + static_cast<std::ptrdiff_t>(n - 1 - n / 20);
    std::nth_element(sorted.begin(), loud, sorted.end());
    const double floor = *loud - dynamic_db;
    for (std::size_t i = 0; i < n; ++i)
        curves.there[i] = static_cast<float>(std::clamp((level[i] - floor) / dynamic_db, 0.0, 1.0));
    float highest = 1e-9f;
    for (std::size_t i = 3; i < n; ++i) {
        float sum = 0;
        for (std::size_t b = 0; b < rest[i].size(); ++b) {
            const float before = std::max(rest[i - 2][b], rest[i - 3][b]);
            sum += std::max(0.0f, std::log10(1 + 1000 * rest[i][b]) - std::log10(1 + 1000 * before));
        }
        curves.rises[i] = sum;
        highest = std::max(highest, sum);
    }
    for (auto& x : curves.rises)
        x /= highest;
    return curves;
}

/// A word often begins with a quiet sound before its vowel: back to where the rise began.
std::ptrdiff_t begun(const std::vector<float>& there, std::ptrdiff_t top) {
    constexpr std::ptrdiff_t farthest = 17;
    constexpr float dip = 0.1f, rising = 0.15f;
    std::ptrdiff_t at = top, lowest = top;
    while (at > 0 && top - at < farthest) {
        const float here = there[static_cast<std::size_t>(at)];
        if (here < there[static_cast<std::size_t>(lowest)])
            lowest = at;
        if (here < silent || here > there[static_cast<std::size_t>(lowest)] + dip)
            break;
        --at;
    }
    const float low = there[static_cast<std::size_t>(lowest)];
    const float high =
        *std::max_element(there.begin() + lowest, there.begin() + std::min(top + 8, std::ssize(there)));
    while (lowest < top && there[static_cast<std::size_t>(lowest)] < low + rising * (high - low))
        ++lowest;
    return lowest;
}

/// Within running speech a word is heard a little before its level rises.
Seconds start_time(const std::vector<float>& there, std::int64_t first, std::ptrdiff_t top) {
    constexpr Seconds earlier{0.01};
    const std::ptrdiff_t at = begun(there, top);
    const bool speech_before = at >= 3 && there[static_cast<std::size_t>(at - 3)] >= silent;
    return Seconds(static_cast<double>(first + at) / frames_per_second) -
           (speech_before ? earlier : Seconds(0));
}

float mean_of(const std::vector<float>& curve, std::ptrdiff_t from, std::ptrdiff_t until) {
    float sum = 0;
    for (std::ptrdiff_t i = from; i < until; ++i)
        sum += i < 0 || i >= std::ssize(curve) ? 0 : curve[static_cast<std::size_t>(i)];
    return sum / static_cast<float>(until - from);
}

} // namespace

Result<std::vector<VoiceStart>> voice_starts(const SampleStore& sound, const BeatGrid* grid, Seconds from,
                                             Seconds until, const Progress& progress) {
    MiddleSpectra spectra(sound);
    const auto frame_of = [](Seconds time) {
        return static_cast<std::int64_t>(std::floor(time.value * frames_per_second));
    };
    const auto first = std::max<std::int64_t>(0, frame_of(from - Seconds(before_and_after)));
    const auto last = std::min(spectra.frames(), frame_of(until + Seconds(before_and_after)));
    std::vector<VoiceStart> starts;
    if (last - first < 20)
        return starts;
    std::vector<std::vector<float>> rest;
    for (auto frame = first; frame < last; ++frame) {
        if (progress.cancelled())
            return fail_cancelled();
        rest.push_back(without_background(spectra, grid, frame));
        // In long stretches what is too far behind is not looked at any more.
        constexpr std::int64_t reach = 15'000;
        if (frame % 1000 == 0)
            spectra.forget_before(frame - reach);
        progress.report(static_cast<double>(frame - first) / static_cast<double>(last - first));
    }
    const VoiceCurves curves = curves_of(rest);
    const auto n = std::ssize(curves.there);
    std::vector<float> strength(static_cast<std::size_t>(n));
    for (std::ptrdiff_t i = 0; i < n; ++i) {
        const float after = mean_of(curves.there, i + 1, i + 13), before = mean_of(curves.there, i - 9, i);
        strength[static_cast<std::size_t>(i)] =
            std::max(0.0f, after - before) + after * curves.rises[static_cast<std::size_t>(i)];
    }
    strength = gaussian_smoothed(strength, 1);
    const float highest = std::max(1e-6f, *std::max_element(strength.begin(), strength.end()));
    constexpr std::ptrdiff_t beside = 5;
    for (std::ptrdiff_t i = 0; i < n; ++i) {
        const float here = strength[static_cast<std::size_t>(i)];
        bool top = here > 0.08f * highest;
        for (std::ptrdiff_t by = -beside; by <= beside && top; ++by)
            if (i + by >= 0 && i + by < n)
                top = strength[static_cast<std::size_t>(i + by)] <= here;
        if (!top)
            continue;
        const VoiceStart start{start_time(curves.there, first, i), here / highest};
        if (!starts.empty() && start.time - starts.back().time < one_start)
            starts.back().strength = std::max(starts.back().strength, start.strength);
        else
            starts.push_back(start);
    }
    return starts;
}

} // namespace pulsepin
