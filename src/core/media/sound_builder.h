// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "media/load_sound.h"

#include <array>
#include <vector>

namespace pulsepin {

/// Puts a LoadedSound together from blocks of samples, front to back.
class SoundBuilder {
public:
    [[nodiscard]] static Result<SoundBuilder> create(SoundFormat format, bool with_peaks = true);
    [[nodiscard]] Result<void> append(std::span<const float> interleaved);
    [[nodiscard]] Result<LoadedSound> finish() &&;

private:
    SoundBuilder(SoundFormat format, SampleStoreWriter store, bool with_peaks)
        : format_(format), store_(std::move(store)), with_peaks_(with_peaks) {}
    void add_peaks(std::span<const float> interleaved);

    SoundFormat format_;
    SampleStoreWriter store_;
    bool with_peaks_ = true;
    PeaksBuilder mean_;
    std::array<PeaksBuilder, 2> each_;
    std::uint64_t fingerprint_ =
        0xcbf29ce484222325ULL; ///< FNV-1a, 64 bit, over the bit patterns of the samples
    std::vector<float> work_;
};

} // namespace pulsepin
