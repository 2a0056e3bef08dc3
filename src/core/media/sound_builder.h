// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "media/load_sound.h"

#include <optional>

namespace pulsepin {

/// Puts a LoadedSound together from blocks of samples, front to back.
class SoundBuilder {
public:
    [[nodiscard]] static Result<SoundBuilder> create(SoundFormat format, bool with_peaks = true);
    /// Into a file that the caller has open, as SampleStoreWriter::create_in().
    [[nodiscard]] static Result<SoundBuilder> create_in(int descriptor, SoundFormat format, bool with_peaks);
    [[nodiscard]] Result<void> append(std::span<const float> interleaved);
    [[nodiscard]] Result<LoadedSound> finish() &&;

private:
    SoundBuilder(SoundFormat format, SampleStoreWriter store, bool with_peaks) : store_(std::move(store)) {
        if (with_peaks)
            outline_.emplace(format);
    }
    SampleStoreWriter store_;
    std::optional<OutlineBuilder> outline_;
    std::uint64_t fingerprint_ =
        0xcbf29ce484222325ULL; ///< FNV-1a, 64 bit, over the bit patterns of the samples
};

} // namespace pulsepin
