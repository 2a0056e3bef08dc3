// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "schedule/schedule.h"

#include <optional>
#include <string>
#include <vector>

namespace pulsepin {

/// How near a pin comes to the place in the music that it is meant for.
struct SyncRow {
    LaneId lane;
    PinId pin;
    std::size_t index = 0; ///< into the lane's pins
    Seconds anchor;        ///< where it is anchored
    Seconds lead;          ///< of its lane: it acts so much earlier
    Frames frame;          ///< that acts
    Seconds rounding;      ///< start of that frame less the moment at which it should act
    Seconds off;           ///< its anchor less the place that it is meant for: positive is late
    bool loose = false;    ///< not tied to the grid: meant for the nearest beat or half beat
    bool meant = false;    ///< a place is known that it is meant for
    Frames seen;           ///< the frame at which it is seen most: lead, length and envelope included
    std::optional<Seconds> from_onset; ///< that frame's start less the nearest onset's time
    [[nodiscard]] Seconds error() const { return off + rounding; }
};

/// Every pin that acts, and every peak of a pulse; without what is muted and without sounds. By lanes, in
/// them by time. A pin of a planting that lies where that put it is meant as it is, and so is one that is
/// tied to another; a loose one that begins with the piece, or lies a beat before or behind the grid, is
/// meant for no place.
[[nodiscard]] std::vector<SyncRow> sync_report(const Schedule& schedule);

/// What an error may be where nothing is said: half a frame, or a frame where none may be late.
[[nodiscard]] Seconds usual_error(const Settings& settings);

/// How many of the pins of a kind come near enough.
struct SyncVerdict {
    std::size_t within = 0, all = 0;
    std::optional<SyncRow> worst; ///< of those that do not
};
[[nodiscard]] SyncVerdict verdict_of(const std::vector<SyncRow>& rows, const Project& project, Seconds limit,
                                     BodyType kind);
/// "43 of 44 cuts within half a frame; 1 is 61 ms late". Of cuts, or where there are none of all that acts.
[[nodiscard]] std::string verdict_text(const std::vector<SyncRow>& rows, const Project& project,
                                       Seconds limit);

/// "15.3", "15.3.240" in the grid; the time where there is none.
[[nodiscard]] std::string place_name(const Project& project, Seconds time);
/// "61 ms late", "4 ms early", "on time".
[[nodiscard]] std::string lateness(Seconds error);

/// As comma-separated values, a line each, with a line of names.
[[nodiscard]] std::string sync_csv(const std::vector<SyncRow>& rows, const Project& project);

} // namespace pulsepin
