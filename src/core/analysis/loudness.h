// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "base/progress.h"
#include "media/sample_store.h"

#include <memory>
#include <vector>

namespace pulsepin {

/// Loudness after ITU-R BS.1770 and EBU R 128, in LUFS; `Loudness::silence` where there is nothing to
/// measure.
struct Loudness {
    static constexpr float silence = -100;
    static constexpr double step = 0.5; ///< seconds between short-term values
    float integrated = silence;
    std::vector<float> short_term; ///< of the three seconds around i * step
    std::vector<float> tenths;     ///< of each tenth of a second by itself
    friend bool operator==(const Loudness&, const Loudness&) = default;
};

/// Measures a sound block by block, as it is read.
class LoudnessMeter {
public:
    explicit LoudnessMeter(SoundFormat format);
    ~LoudnessMeter();
    void add(std::span<const float> interleaved);
    /// frames: of the whole sound.
    [[nodiscard]] Loudness finish();

private:
    struct State;
    std::unique_ptr<State> state_;
};

/// Fails only when cancelled.
[[nodiscard]] Result<Loudness> measure_loudness(const SampleStore& sound, const Progress& progress = {});

} // namespace pulsepin
