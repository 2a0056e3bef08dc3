// SPDX-License-Identifier: GPL-3.0-or-later
#include "sheets/film_gauges.h"

#include <array>
#include <cstdlib>
#include <fmt/core.h>

namespace pulsepin {

std::span<const FilmGauge> film_gauges() {
    static constexpr std::array all{FilmGauge{"35", "35 mm", 16}, FilmGauge{"16", "16 mm", 40}};
    return all;
}

std::string feet_and_frames(Frames frame, const FilmGauge& gauge) {
    const std::int64_t count = std::abs(frame.value);
    return fmt::format("{}{}+{:02}", frame < Frames(0) ? "-" : "", count / gauge.frames_a_foot,
                       count % gauge.frames_a_foot);
}

} // namespace pulsepin
