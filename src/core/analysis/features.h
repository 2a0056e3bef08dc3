// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "analysis/activation_network.h"
#include "analysis/loudness.h"
#include "base/progress.h"
#include "base/quantity.h"
#include "media/sample_store.h"

#include <array>
#include <cstdint>
#include <vector>

namespace pulsepin {

/// The bands whose rises are watched one by one.
enum class Band { Bass, LowMid, Mid, Snare, High };
inline constexpr std::size_t band_count = 5;

/// A table of bytes, frame after frame: what is looked at coarsely is kept small, so that hours fit into
/// memory.
struct ByteFrames {
    std::size_t bands = 0;
    double frames_per_second = 0;
    float step = 1; ///< value of one count
    std::vector<std::uint8_t> values;

    [[nodiscard]] std::size_t frames() const { return bands == 0 ? 0 : values.size() / bands; }
    [[nodiscard]] std::span<const std::uint8_t> frame(std::size_t i) const {
        return {values.data() + i * bands, bands};
    }
    [[nodiscard]] static std::uint8_t byte_of(float value, float step);
    friend bool operator==(const ByteFrames&, const ByteFrames&) = default;
};

/// What later steps look at, computed in one pass over the samples. Curves on the slow clock have `slow_rate`
/// values a second, value j at slow_time(j); those on the fast clock twice as many, value j at fast_time(j).
struct Features {
    static constexpr double slow_rate = 100;
    static constexpr double fast_rate = 200;

    Seconds duration;
    bool silent = false; ///< nothing above -70 dBFS; all curves are then flat
    /// Slow frames, both even: what lies before and behind is silence, and is no part of any norm.
    std::size_t sounds_from = 0, sounds_until = 0;

    // Rises, on the fast clock.
    std::vector<float> flux;        ///< mean rise of the log spectrum, vibrato suppressed
    std::vector<float> energy_rise; ///< rise of the energy in dB, per 10 ms
    std::vector<float> high_rise;   ///< rise of the high-frequency content in dB, per 10 ms

    // On the slow clock.
    std::vector<float> surprise;                      ///< complex-domain deviation
    std::array<std::vector<float>, band_count> bands; ///< rise by band, each divided by its RMS
    std::vector<float> raw;                           ///< weighted sum of the bands
    std::vector<float> novelty;                       ///< raw, smoothed, evened out over the song
    std::vector<float> bass_change, mid_change;       ///< change of harmony, 40 to 260 and 260 to 2400 Hz
    std::vector<float> rms, peak;                     ///< linear, full scale = 1
    std::vector<float> percussive, harmonic;          ///< level of either part, by median filtering
    Activations activations;                          ///< empty where the network was not asked
    DrumActivations drums;                            ///< likewise

    std::vector<std::uint8_t>
        sharpness;      ///< per millisecond: decibels of the sample difference; see attack_start
    ByteFrames rises;   ///< slow clock: rise of each of `rise_bands` bands, low to high
    ByteFrames harmony; ///< 50 a second: log spectrum with long windows, 30 Hz to 4.2 kHz

    static constexpr std::size_t rise_bands = 36; ///< nine below 150 Hz, 27 above
    [[nodiscard]] static double rise_band_hz(std::size_t band);
    [[nodiscard]] static double harmony_hz(std::size_t band);
    [[nodiscard]] static double slow_time(double index) { return index / slow_rate + 0.0025; }
    [[nodiscard]] static double fast_time(double index) { return index / fast_rate; }
    [[nodiscard]] static double slow_index(Seconds time) { return (time.value - 0.0025) * slow_rate; }
    /// The network's frames are centred on whole hundredths.
    [[nodiscard]] static double activation_time(double index) { return index / slow_rate; }
};

/// What sounds of a song, with so many slow frames of silence before it, wherever in its file that lies: what
/// begins rises from something.
inline constexpr std::size_t silence_before_part = 4;
[[nodiscard]] Features sounding_part(Features features);

/// Where a sound that was seen in the spectrum near `time` begins, to the millisecond: the steepest rise
/// within 18 ms, if there is one of 8 dB or more; otherwise `time`.
[[nodiscard]] Seconds attack_start(const Features& features, Seconds time);

/// Networks that listen along, where there are some.
struct Listeners {
    const ActivationNetwork* rhythm = nullptr;
    const ActivationNetwork* drums = nullptr;
};

/// Log-filtered spectral flux (Dixon 2006; Boeck and Widmer 2013), energy and high-frequency content (Masri
/// 1996), complex-domain deviation (Bello et al. 2004), separation by median filtering (Fitzgerald 2010), and
/// what the networks hear; all but that without them. What is read is given to `meter` as well, if
/// there is one, so that one pass is enough. Fails only when cancelled.
[[nodiscard]] Result<Features> compute_features(const SampleStore& sound, const Listeners& listeners,
                                                LoudnessMeter* meter = nullptr,
                                                const Progress& progress = {});

} // namespace pulsepin
