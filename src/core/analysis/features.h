// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "base/progress.h"
#include "dsp/stft.h"
#include "media/sample_store.h"

#include <array>
#include <vector>

namespace pulsepin {

/// The bands whose rises are watched one by one.
enum class Band { Bass, LowMid, Mid, Snare, High };
inline constexpr std::size_t band_count = 5;

/// What later steps look at, computed in one pass over the samples. Curves on the slow clock have `slow_rate`
/// values a second, value j at slow_time(j); those on the fast clock twice as many.
struct Features {
    static constexpr double slow_rate = 100;
    static constexpr double fast_rate = 200;

    Seconds duration;
    bool silent = false; ///< nothing above -70 dBFS; all curves are then flat

    std::vector<float> flux;   ///< fast: mean rise of the log spectrum, vibrato suppressed; for onsets
    std::vector<float> attack; ///< fast: the same with short windows mixed in; for the exact moment of a beat
    std::vector<float>
        sharpness; ///< per millisecond: energy of the sample-to-sample difference, loudness evened
    std::array<std::vector<float>, band_count> bands; ///< slow: rise by band, each divided by its RMS
    std::vector<float> raw;                           ///< slow: weighted sum of the bands
    std::vector<float> novelty;                       ///< slow: raw, smoothed, evened out over the song
    std::vector<float> bass_change;                   ///< slow: change of harmony, 40 to 260 Hz
    std::vector<float> mid_change;                    ///< slow: change of harmony, 260 to 2400 Hz
    BandFrames harmony;                               ///< slow: log spectrum with long windows, 30 to 2500 Hz
    std::vector<float> harmony_hz;                    ///< centre of each band of `harmony`

    [[nodiscard]] static double slow_time(double index) { return index / slow_rate + 0.0025; }
    [[nodiscard]] static double fast_time(double index) { return index / fast_rate; }
    [[nodiscard]] static double slow_index(Seconds time) { return (time.value - 0.0025) * slow_rate; }
};

/// Where a sound that was seen in the spectrum near `time` begins, to the millisecond: the steepest rise
/// within 18 ms, if there is one of 8 dB or more; otherwise `time`.
[[nodiscard]] Seconds attack_start(const Features& features, Seconds time);

/// Log-filtered spectral flux (Dixon 2006; Boeck and Widmer 2013) at three window lengths.
/// Fails only when cancelled.
[[nodiscard]] Result<Features> compute_features(const SampleStore& sound, const Progress& progress = {});

} // namespace pulsepin
