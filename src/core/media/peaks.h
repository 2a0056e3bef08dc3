// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "base/quantity.h"

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
    std::vector<std::vector<Peak>> levels_;
    Samples length_;
};

class PeaksBuilder {
public:
    void append(std::span<const float> mono);
    [[nodiscard]] Peaks finish() &&;

private:
    void close_bucket();
    Peaks peaks_;
    std::vector<Peak> finest_;
    float low_ = 0, high_ = 0;
    double squares_ = 0;
    std::int64_t in_bucket_ = 0;
};

} // namespace pulsepin
