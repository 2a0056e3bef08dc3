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
};

/// Gain of a fade at `share` of its length, 0 to 1. Equal power: two that cross keep the power of unrelated
/// sounds.
[[nodiscard]] float fade_gain(FadeShape shape, double share);

/// Adds the part of the sum from `from` on to the stereo samples.
void add_part(const MixPart& part, Samples from, std::span<float> stereo);

/// The sum of the parts as a sound of its own, `length` long. Fails when cancelled or the disk is full.
[[nodiscard]] Result<LoadedSound> mix_down(const std::vector<MixPart>& parts, std::int64_t sample_rate,
                                           Samples length, const Progress& progress = {});

} // namespace pulsepin
