// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "analysis/fitted.h"
#include "analysis/section_moments.h"

namespace pulsepin {

/// A bar at which a section may begin, and what speaks for it.
struct SectionStart {
    std::size_t moment = 0;
    std::array<double, section_sign_count> signs{};
    [[nodiscard]] double log_odds() const;
};

/// Every bar but the first: novelty at two scales, change of level and of each group of drums, a crash, a
/// fill before it, its place in phrases of 8, 4 and 2 bars from the first bar on.
[[nodiscard]] std::vector<SectionStart> possible_starts(const std::vector<Moment>& moments);

/// Those that are likeliest together, where sections of 8 and 4 bars are likelier than others (dynamic
/// programming over bars). In order of time.
[[nodiscard]] std::vector<SectionStart> likeliest_starts(const std::vector<SectionStart>& possible,
                                                         const std::vector<Moment>& moments);

} // namespace pulsepin
