// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "analysis/section_moments.h"
#include "analysis/sections.h"

namespace pulsepin {

/// A stretch of whole bars, as moments.
struct BarStretch {
    std::size_t from = 0, until = 0;
};

/// Where kick and bass stay away for one to four bars, between bars that have them.
[[nodiscard]] std::vector<BarStretch> short_breaks(const std::vector<Moment>& moments);

/// Says of sections that begin at `starts` which is an intro, a break or an ending, where that is clear, and
/// which begins with the drop: the kick comes back after a break, or the level rises most after a thin
/// stretch; never before eight bars of music.
void name_roles(std::vector<Section>& sections, const std::vector<std::size_t>& starts,
                const std::vector<Moment>& moments);

} // namespace pulsepin
