// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "analysis/accents.h"
#include "analysis/beat_path.h"
#include "analysis/fitted.h"

#include <optional>

namespace pulsepin {

/// How the beats of a grid group into bars.
struct BarFit {
    std::vector<float> downbeat_probability; ///< per beat, from what is heard around it
    std::vector<int> place;                  ///< per beat: which of its bar, from 0
    std::vector<int> beats_in_bar;           ///< per beat: how many its bar has
    double contrast = 0; ///< mean probability on the downbeats less that on the other beats
    double fit = 0;      ///< log likelihood of the best grouping, per beat
};

/// Bars from bass, harmony, level, drums and what the network takes for downbeats: a logistic model over each
/// beat and its neighbours gives the evidence, a hidden Markov model over metre and place in the bar the
/// grouping.
class BarModel {
public:
    BarModel(const Features& features, const Accents& accents);

    using Row = std::array<float, bar_channels>;
    /// What is measured on each beat, evened out over 13 beats.
    [[nodiscard]] std::vector<Row> measure(const BeatTrack& beats) const;
    /// beats_per_bar: as a person has set it, or open.
    [[nodiscard]] BarFit fit(const BeatTrack& beats, std::optional<int> beats_per_bar) const;
    /// The same, but where one metre goes through the whole song its place is chosen over all of it at once:
    /// what speaks for a place says the same in each bar again, so that it is weighed by its mean and not by
    /// its sum against that songs mostly begin with a bar.
    [[nodiscard]] BarFit settled(const BeatTrack& beats, std::optional<int> beats_per_bar) const;

private:
    const Features& features_;
    const Accents& accents_;
};

} // namespace pulsepin
