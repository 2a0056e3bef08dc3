// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "analysis/features.h"

#include <optional>
#include <span>
#include <string>
#include <string_view>
#include <utility>

namespace pulsepin {

struct Onset {
    Seconds time;
    float strength = 0; ///< 0 to 1, relative to the strongest of the song
    friend bool operator==(const Onset&, const Onset&) = default;
};

/// A curve whose peaks are onsets.
struct DetectionCurve {
    std::vector<float> values;
    double rate = Features::fast_rate; ///< values a second; the first lies at `first`
    Seconds first{0};
    float least = 0;                ///< what a peak must reach at the middle of the slider
    float per_sensitivity = 0;      ///< how far the slider moves that, from end to end; 0: by a factor of 16
    bool above_surroundings = true; ///< the peak counts from the mean of 100 ms before to 50 ms after
    /// A peak must be so many times the mean of half a second to either side, so that the ups and downs of
    /// noise are none; 0: it need not.
    float times_surroundings = 0;
    bool to_the_attack = true; ///< times move to where the sound begins
    Seconds reach{0.015};      ///< a peak is the largest this far to either side
    /// Listened to where this curve has nothing to tell for a while, as in speech: one, or none.
    std::vector<DetectionCurve> elsewhere = {};
};

/// The detection function of each Drum.
inline constexpr std::array<std::string_view, drum_count> drum_names{"kick", "snare", "hat", "tom",
                                                                     "ride", "crash", "clap"};

/// A way of hearing onsets. No single one suits all music.
struct OnsetFunction {
    std::string_view id;    ///< as stored in projects and asked for on the command line
    std::string_view title; ///< as shown
    DetectionCurve (*curve)(const Features&);
    std::vector<float> (*strength)(const Features&); ///< on the slow clock
};

/// All of them; "full" is the one for whatever starts, and the first.
[[nodiscard]] std::span<const OnsetFunction> onset_functions();
/// Null when there is none of that name.
[[nodiscard]] const OnsetFunction* onset_function(std::string_view id);

struct OnsetSettings {
    std::string function = "full";
    double sensitivity = 0.5;  ///< 0 finds only the clearest, 1 nearly anything that rises
    double least_strength = 0; ///< weaker ones are left out
    Seconds smallest_gap{0.03};
    std::optional<std::pair<double, double>> own_band; ///< Hz; looks at the rise between these instead
    friend bool operator==(const OnsetSettings&, const OnsetSettings&) = default;
};

/// Peaks of one detection function, in rising order, refined between frames.
class OnsetFinder {
public:
    /// Computes the curve once; the settings may then be moved freely. An unknown function finds as "full"
    /// does.
    OnsetFinder(const Features& features, std::string_view function,
                std::optional<std::pair<double, double>> own_band = std::nullopt);
    [[nodiscard]] std::vector<Onset> find(const OnsetSettings& settings) const;
    [[nodiscard]] const DetectionCurve& curve() const { return curve_; }

private:
    struct Peak {
        Seconds time;
        float height, strength; ///< height: above the surroundings where that counts
    };
    [[nodiscard]] static std::vector<Peak> peaks_of(const Features& features, const DetectionCurve& curve,
                                                    const std::vector<float>& strength);
    DetectionCurve curve_;
    std::vector<Peak> peaks_;
};

/// The same in one step.
[[nodiscard]] std::vector<Onset> find_onsets(const Features& features, const OnsetSettings& settings = {});

} // namespace pulsepin
