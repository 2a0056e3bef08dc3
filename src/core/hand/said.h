// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/project.h"
#include "schedule/place.h"

#include <string>
#include <string_view>
#include <variant>
#include <vector>

namespace pulsepin {

// What is to happen, said in a line:
//
//     camera zoom 100 -> 112 for 2 frames falling 4 frames on every 2nd kick, bars 9-24
//     flash 60 % on kick or snare for 1 frame
//     cut on downbeats, bars 9-24
//
// A property of a layer goes from its first value to the second and back; a trigger's effect, a cut or a
// marker is put. Where: rows of onsets, or what pickers pick ("beats", "quarters of beats", "starts of
// sections"), each or every n-th. Without bars it is the whole song.

/// A property that goes there and back.
struct SaidHit {
    Target target;
    double rest = 0, peak = 0;
    Length up, held, down;
};
struct SaidTrigger {
    TriggerBody body;
};
struct SaidCut {};
struct SaidMarker {
    std::string name;
};

struct Said {
    std::variant<SaidHit, SaidTrigger, SaidCut, SaidMarker> what;
    Picker picker;
    std::string told; ///< how it was understood, in words
};

/// What the line says. Fails, with what could be said there instead, on what is not understood.
[[nodiscard]] Result<Said> understood(const Project& project, std::string_view line);

/// The places at which it would act, rising. Fails where there are none.
[[nodiscard]] Result<std::vector<Seconds>> places_of(const Project& project, const Said& said);

struct Done {
    Project project;
    LaneId lane;
    std::size_t count = 0;
};
/// Does it: a property gets a lane of pulses of its own; others go to the first lane of their kind, or to one
/// that is made. One planting, that can be run again.
[[nodiscard]] Result<Done> done_as_said(const Project& project, const Said& said);

/// Lines that go on as this one does so far, the likeliest first; a dozen at most.
[[nodiscard]] std::vector<std::string> lines_that_go_on(const Project& project, std::string_view line);

} // namespace pulsepin
