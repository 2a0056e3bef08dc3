// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "base/quantity.h"

#include <cstdint>
#include <span>
#include <vector>

namespace pulsepin {

struct Peak {
    float low = 0;
    float high = 0;
    float rms = 0;
    friend bool operator==(const Peak&, const Peak&) = default;
};

/// Lowest and highest sample and root mean square over stretches of a mono curve, at several resolutions, so
/// that any stretch at any zoom is summed up from a few numbers. Immutable once built.
class Peaks {
public:
    static constexpr std::int64_t finest = 128; ///< samples in a bucket of the finest level
    static constexpr std::int64_t step = 4;     ///< buckets of one level in a bucket of the next

    [[nodiscard]] Samples length() const { return length_; }

    /// Sums up the samples [from, until). Ends are rounded outwards to buckets of the finest level; use
    /// samples for stretches shorter than that. An empty or outside stretch gives zeros.
    [[nodiscard]] Peak over(Samples from, Samples until) const;

private:
    friend class PeaksBuilder;
    template <class Archive, class P>
    friend void each_field_of_peaks(Archive& archive, P& peaks);

    /// A peak in steps of 1/8192, the extremes rounded outwards: hours of sound are kept in memory.
    struct Bucket {
        std::int16_t low = 0, high = 0, rms = 0;
    };
    static Bucket packed(const Peak& peak);
    static Peak unpacked(const Bucket& bucket);
    void build_levels();
    std::vector<std::vector<Bucket>> levels_; ///< each sums up the one before
    Samples length_;
};

/// For keeping and reading peaks again (base/kept_file.h): the finest level is kept, the others follow from
/// it.
template <class Archive, class P>
void each_field_of_peaks(Archive& archive, P& peaks) {
    archive(peaks.length_.value);
    if constexpr (requires { peaks.build_levels(); }) {
        peaks.levels_.assign(1, {});
        archive(peaks.levels_.front());
        peaks.build_levels();
    } else {
        archive(peaks.levels_.front());
    }
}

class PeaksBuilder {
public:
    void append(std::span<const float> mono);
    [[nodiscard]] Peaks finish() &&;

private:
    void close_bucket();
    Peaks peaks_;
    std::vector<Peaks::Bucket> finest_;
    float low_ = 0, high_ = 0;
    double squares_ = 0;
    std::int64_t in_bucket_ = 0;
};

} // namespace pulsepin
