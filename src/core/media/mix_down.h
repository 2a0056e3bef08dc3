// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "media/load_sound.h"

#include <vector>

namespace pulsepin {

enum class FadeShape { Linear, EqualPower };

/// One stretch of sound at its place in the sum. All samples at the sum's rate.
struct MixPart {
    std::shared_ptr<const SampleStore> samples;
    Samples start;  ///< in the sum; may lie before its beginning
    Samples in;     ///< first sample that is used
    Samples length; ///< what the sound cannot fill is silent
    float gain = 1;
    Samples fade_in, fade_out;
    FadeShape shape_in = FadeShape::Linear, shape_out = FadeShape::Linear;
    struct LinePoint {
        Samples at; ///< in the sound that is used
        float db = 0;
        friend bool operator==(const LinePoint&, const LinePoint&) = default;
    };
    std::vector<LinePoint> line =
        {}; ///< besides gain; rising; in a straight line of decibels from one to the next
    friend bool operator==(const MixPart&, const MixPart&) = default;
};

/// All that is heard. A value; it may be read from any thread.
struct MixPlan {
    std::int64_t sample_rate = 0;
    Samples length; ///< of the sum
    std::vector<MixPart> parts;

    /// Adds the sum from `from` on to the stereo samples. Never waits, allocates or frees, but for samples
    /// that are not in memory.
    void add_to(std::span<float> stereo, Samples from) const;
    /// Holds what sounds in [from, until) in memory (SampleStore::hold).
    void hold(Samples from, Samples until) const;
    [[nodiscard]] Seconds duration() const;
    friend bool operator==(const MixPlan&, const MixPlan&) = default;
};

/// One sound from its first sample to its last.
[[nodiscard]] MixPlan plan_of(std::shared_ptr<const SampleStore> sound);

/// Gain of a fade at `share` of its length, 0 to 1. Equal power: two that cross keep the power of unrelated
/// sounds.
[[nodiscard]] float fade_gain(FadeShape shape, double share);

/// Decibels of a line of gain at a place in its sound: level beyond its ends.
[[nodiscard]] float line_db(std::span<const MixPart::LinePoint> line, Samples at);

/// Adds the part of the sum from `from` on to the stereo samples.
void add_part(const MixPart& part, Samples from, std::span<float> stereo);

/// The sum as a sound of its own. Fails when cancelled or the disk is full.
[[nodiscard]] Result<LoadedSound> mix_down(const MixPlan& plan, const Progress& progress = {});

} // namespace pulsepin
