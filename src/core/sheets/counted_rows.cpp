// SPDX-License-Identifier: GPL-3.0-or-later
#include "sheets/counted_rows.h"

#include "sheets/film_gauges.h"
#include "time/timecode.h"

#include <array>

namespace pulsepin {
namespace {

/// The frame on screen at that rate when this one of the piece begins.
template <int rate>
std::string at_rate(Frames frame, const Settings& settings) {
    return std::to_string(FrameRate::make(rate, 1)->frame_at(settings.frame_rate.start_of(frame)).value);
}

template <std::size_t gauge>
std::string at_gauge(Frames frame, const Settings&) {
    return feet_and_frames(frame, film_gauges()[gauge]);
}

} // namespace

std::span<const CountedRow> counted_rows() {
    static constexpr std::array all{
        CountedRow{"frames", "frames", "frame", true,
                   [](Frames frame, const Settings&) { return std::to_string(frame.value); }, "888888"},
        CountedRow{"timecode", "timecode", "timecode", false,
                   [](Frames frame, const Settings& settings) {
                       return format_timecode(frame, settings.frame_rate,
                                              drop_frame_exists(settings.frame_rate)
                                                  ? TimecodeCount::Drop
                                                  : TimecodeCount::NonDrop);
                   },
                   "00:00:00:00"},
        CountedRow{"clock", "clock time", "time", false,
                   [](Frames frame, const Settings& settings) {
                       return format_clock(settings.frame_rate.start_of(frame));
                   },
                   "00:00.000"},
        CountedRow{"feet-35", "feet of 35 mm", "35 mm", false, at_gauge<0>, "8888+88"},
        CountedRow{"feet-16", "feet of 16 mm", "16 mm", false, at_gauge<1>, "8888+88"},
        CountedRow{"frames-24", "frames at 24", "at 24", false, at_rate<24>, "888888"},
        CountedRow{"frames-25", "frames at 25", "at 25", false, at_rate<25>, "888888"},
        CountedRow{"frames-30", "frames at 30", "at 30", false, at_rate<30>, "888888"},
    };
    return all;
}

} // namespace pulsepin
