// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "schedule/schedule.h"

#include <vector>

namespace pulsepin {

// Whether lines of words can be read in the time that they are there (LaneText: what is asked of them).

enum class ReadingFault { TooFast, TooShort, NoGap };

struct ReadingFinding {
    ReadingFault fault;
    std::size_t line = 0; ///< of word_lines()
    Seconds at;           ///< where it begins
    double is = 0;        ///< letters a second, or frames
    double limit = 0;
};
/// By the starts of the lines.
[[nodiscard]] std::vector<ReadingFinding> reading_findings(const Schedule& schedule, LaneId words);

struct ReadingMended {
    Project project;
    std::size_t mended = 0;
    std::size_t left = 0; ///< where the next line leaves no room
};
/// Lines that are too fast or too short stay longer, as long as the next one leaves room; those without a gap
/// end earlier. Only the ends of last words change. Fails where nothing is to be mended.
[[nodiscard]] Result<ReadingMended> with_reading_mended(const Schedule& schedule, LaneId words,
                                                        const std::vector<ReadingFault>& faults);

} // namespace pulsepin
