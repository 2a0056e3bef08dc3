// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "base/quantity.h"
#include "stage/effects.h"

#include <cstdint>
#include <functional>
#include <vector>

namespace pulsepin {

/// A spark as it is seen, in the layer's own pixels from its middle.
struct Spark {
    double x = 0, y = 0, size = 0, turn = 0, opacity = 1;
    Colour colour;
    friend bool operator==(const Spark&, const Spark&) = default;
};

/// Where sparks come from. Everything is asked by the frame, so that a frame's sparks are the same however it
/// was reached: nothing is carried on from the frame before.
struct SparkSource {
    double frames_per_second = 24;
    double begins = 0;  ///< no spark was born before that frame; may lie long before the piece
    double longest = 1; ///< no spark lives longer, in seconds
    std::uint64_t seed = 1;
    /// Sparks born by the rate up to a whole frame: the integral of the rate.
    std::function<double(std::int64_t)> born_until;
    /// The layer's values at a frame: a spark is as they were when it was born.
    std::function<LayerValues(double)> values_at;
    bool values_change = false;
    struct Burst {
        double frame = 0;
        std::int64_t count = 0;
        std::uint64_t seed = 0;
    };
    std::vector<Burst> bursts;
};

/// How long sparks of a mean speed rise until gravity turns them round: speed by gravity, less by what they
/// lose on the way. 0 for those that never turn, which do not rise or do not fall.
[[nodiscard]] Seconds time_to_the_top(const LayerValues& values);

[[nodiscard]] std::vector<Spark> sparks_at(const SparkSource& source, double frame);

} // namespace pulsepin
