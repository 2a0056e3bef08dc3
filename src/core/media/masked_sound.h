// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "dsp/harmonic_percussive.h"
#include "media/load_sound.h"

#include <functional>

namespace pulsepin {

using Channels = std::vector<std::vector<float>>; ///< each as long as the others

/// The wanted side of a sound ("both", "left", "right", "middle", "sides"), channel by channel; silence
/// beyond its ends.
class SoundSide {
public:
    SoundSide(const SampleStore& sound, std::string side)
        : sound_(sound), side_(std::move(side)), in_(static_cast<std::size_t>(sound.format().channels)) {}
    [[nodiscard]] std::size_t channels() const { return side_ == "both" ? in_ : 1; }
    void read(std::int64_t from, std::int64_t until, Channels& out) const;

private:
    const SampleStore& sound_;
    std::string side_;
    std::size_t in_;
};

/// Frames [first, last) of the magnitudes of the short-time spectrum, frames x bins: frame f begins at sample
/// f * hop. The powers of the channels are added up, so that all are shared out alike.
[[nodiscard]] std::vector<float> magnitudes_of(const SoundSide& side, const SeparationShape& shape,
                                               std::int64_t first, std::int64_t last);

/// How much of each bin stays, 0 to 1: of frames [first, last), frames x bins. `magnitudes` has `around`
/// frames more at either end.
struct SpectralMask {
    std::size_t around = 0;
    std::function<std::vector<float>(std::span<const float> magnitudes, std::size_t bins, std::int64_t first,
                                     std::int64_t last)>
        weights;
};

/// What a mask leaves of a sound, as long as the whole, with nothing moved in time; the phases stay. Works on
/// all cores, from some four seconds to the next. Fails when cancelled or the disk is full.
[[nodiscard]] Result<LoadedSound> masked_sound(const SampleStore& sound, const std::string& side,
                                               const SeparationShape& shape, const SpectralMask& mask,
                                               const Progress& progress = {});

} // namespace pulsepin
