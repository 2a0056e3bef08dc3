// SPDX-License-Identifier: GPL-3.0-or-later
#include "media/peaks.h"

#include <algorithm>
#include <cmath>

namespace pulsepin {
namespace {

struct Sum {
    float low = 0, high = 0;
    double squares = 0;
    std::int64_t buckets = 0;

    void add(const Peak& peak, std::int64_t weight) {
        low = buckets == 0 ? peak.low : std::min(low, peak.low);
        high = buckets == 0 ? peak.high : std::max(high, peak.high);
        squares +=
            static_cast<double>(peak.rms) * static_cast<double>(peak.rms) * static_cast<double>(weight);
        buckets += weight;
    }
    [[nodiscard]] Peak peak() const {
        if (buckets == 0)
            return {};
        return {low, high, static_cast<float>(std::sqrt(squares / static_cast<double>(buckets)))};
    }
};

constexpr float steps = 8192;

std::int16_t in_steps(float value) {
    return static_cast<std::int16_t>(std::clamp(value, -32768.0f, 32767.0f));
}

} // namespace

Peaks::Bucket Peaks::packed(const Peak& peak) {
    return {in_steps(std::floor(peak.low * steps)), in_steps(std::ceil(peak.high * steps)),
            in_steps(std::round(peak.rms * steps))};
}

Peak Peaks::unpacked(const Bucket& bucket) {
    return {static_cast<float>(bucket.low) / steps, static_cast<float>(bucket.high) / steps,
            static_cast<float>(bucket.rms) / steps};
}

Peak Peaks::over(Samples from, Samples until) const {
    auto first = std::max<std::int64_t>(from.value, 0) / finest;
    auto last = (std::min(until.value, length_.value) + finest - 1) / finest;
    Sum sum;
    // Climb: odd buckets at both ends are taken at this level, the rest from the coarser one.
    std::int64_t weight = 1;
    if (levels_.empty() || levels_.front().size() < static_cast<std::size_t>(std::max<std::int64_t>(last, 0)))
        return {}; // never built, or kept by a damaged file
    for (std::size_t level = 0; first < last; ++level, weight *= step) {
        const auto& buckets = levels_[level];
        const bool top = level + 1 == levels_.size();
        while (first < last && (top || first % step != 0))
            sum.add(unpacked(buckets[static_cast<std::size_t>(first++)]), weight);
        while (first < last && (top || last % step != 0)) {
            // The last bucket of a level may be a partial group with no full one above.
            sum.add(unpacked(buckets[static_cast<std::size_t>(--last)]), weight);
        }
        first /= step;
        last /= step;
    }
    return sum.peak();
}

void PeaksBuilder::append(std::span<const float> mono) {
    for (const float sample : mono) {
        low_ = in_bucket_ == 0 ? sample : std::min(low_, sample);
        high_ = in_bucket_ == 0 ? sample : std::max(high_, sample);
        squares_ += static_cast<double>(sample) * static_cast<double>(sample);
        if (++in_bucket_ == Peaks::finest)
            close_bucket();
    }
    peaks_.length_ += Samples(static_cast<std::int64_t>(mono.size()));
}

void PeaksBuilder::close_bucket() {
    finest_.push_back(Peaks::packed(
        {low_, high_, static_cast<float>(std::sqrt(squares_ / static_cast<double>(in_bucket_)))}));
    squares_ = 0;
    in_bucket_ = 0;
}

void Peaks::build_levels() {
    while (levels_.back().size() > static_cast<std::size_t>(step)) {
        const auto& below = levels_.back();
        std::vector<Bucket> level;
        level.reserve(below.size() / static_cast<std::size_t>(step) + 1);
        for (std::size_t i = 0; i < below.size(); i += static_cast<std::size_t>(step)) {
            Sum sum;
            for (std::size_t k = i; k < std::min(i + static_cast<std::size_t>(step), below.size()); ++k)
                sum.add(unpacked(below[k]), 1);
            level.push_back(packed(sum.peak()));
        }
        levels_.push_back(std::move(level));
    }
}

Peaks PeaksBuilder::finish() && {
    if (in_bucket_ > 0)
        close_bucket();
    peaks_.levels_.push_back(std::move(finest_));
    peaks_.build_levels();
    return std::move(peaks_);
}

} // namespace pulsepin
