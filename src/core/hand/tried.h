// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "schedule/schedule.h"
#include "stage/showing_parameters.h"

namespace pulsepin {

// What is looked at while something is tried that is not chosen yet: a few beats of the piece, again and
// again, with each thing that could be chosen. None of it is kept.

struct TriedLoop {
    Frames first;
    Frames length; ///< at least one
};

/// Two beats, from the beat on that a moment lies on or after; a second where there is no grid.
[[nodiscard]] TriedLoop two_beats_at(const Project& project, Seconds at);

/// An appearance to try something of its lane on.
struct TriedAppearance {
    Project project;
    AppearanceSpan span;
};
/// One that is selected, else the one that is there at the moment or comes next, else the first. Where the
/// lane has none, the project gets one at the moment, four beats long. Fails where the lane shows nothing.
[[nodiscard]] Result<TriedAppearance> tried_appearance(const Schedule& schedule, LaneId lane,
                                                       const PinSet& selected, Seconds at);

/// As long as two beats there, around that part of it.
[[nodiscard]] TriedLoop loop_on(const Project& project, const AppearanceSpan& span, AppearancePart part);

/// The layer with a further effect that acts on each beat of the loop: what drives it goes from what is usual
/// for it at rest to what is usual at its peak. One with nothing to drive is simply there.
[[nodiscard]] Result<Project> with_effect_on_beats(const Project& project, LayerId layer,
                                                   std::string_view effect, const TriedLoop& loop);

} // namespace pulsepin
