// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "analysis/features.h"

#include <array>
#include <span>
#include <vector>

namespace pulsepin {

/// A stretch of a magnitude spectrogram, frames x bins, taken apart into the drums that are known to be
/// struck in it and what goes on beside them.
struct DrumStretch {
    struct Stroke {
        std::ptrdiff_t frame; ///< where its shape begins, counted from the stretch; may lie outside
        float gain = 1;
    };
    std::size_t bins = 0;
    std::vector<float> magnitudes;
    std::array<std::vector<Stroke>, drum_count> strokes;
    std::vector<float> drums, going_on; ///< what was found: like the magnitudes
    [[nodiscard]] std::size_t frames() const { return bins == 0 ? 0 : magnitudes.size() / bins; }
};

/// How each drum of one song sounds: a shape over time and frequency for every stroke, louder or softer. Both
/// are found by turns so that drums and what goes on add up to what is heard (non-negative matrix factor
/// deconvolution with Kullback-Leibler divergence: Smaragdis 2004; with strokes that are known: Battenberg
/// 2012, and Dittmar and Mueller 2016). What goes on is the median in time of what the drums leave.
class DrumShapes {
public:
    /// frames_per_second: of the spectrograms; low_bins: so many of the lowest hold bass and kick, where
    /// tones last longer.
    DrumShapes(double frames_per_second, std::size_t low_bins);

    /// From stretches of a song that have magnitudes and strokes. A drum that is struck but once is none.
    void learn(std::span<DrumStretch> stretches);
    /// Whether there is any drum.
    [[nodiscard]] bool any() const;
    /// Fills in drums and going_on; the shapes stay.
    void explain(DrumStretch& stretch) const;

    /// Frames that the longest shape lasts, and that medians look at beyond an end.
    [[nodiscard]] std::size_t reach() const;
    /// A stroke's shape begins so many frames before it.
    static constexpr std::ptrdiff_t lead = 2;

private:
    struct Shape {
        std::size_t frames = 0;
        std::vector<float> values; ///< frames x bins; empty: no such drum
    };
    void begin(std::span<DrumStretch> stretches);
    void add_up(DrumStretch& stretch) const;
    void find_what_goes_on(DrumStretch& stretch, std::size_t width) const;
    void improve(std::span<DrumStretch> stretches);
    void improve_gains(DrumStretch& stretch) const;

    std::array<Shape, drum_count> shapes_;
    std::size_t first_width_, width_, low_width_, low_bins_;
};

} // namespace pulsepin
