// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "analysis/bars.h"

namespace pulsepin {

using GridTerms = std::array<double, grid_term_count>;

/// What speaks for or against a grid being the beats, each term within -6..6.
class GridTermModel {
public:
    GridTermModel(const Features& features, const Accents& accents);
    [[nodiscard]] GridTerms terms(const BeatTrack& track, const BarFit& bars) const;
    /// The names of the terms, in order.
    [[nodiscard]] static std::array<const char*, grid_term_count> names();

private:
    const Features& features_;
    const Accents& accents_;
    double between_starts_ = 0; ///< the median distance of neighbouring starts, in slow frames
    double sounding_ = 1;       ///< from the first to the last start
};

} // namespace pulsepin
