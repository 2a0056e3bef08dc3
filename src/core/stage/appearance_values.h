// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "schedule/appearances.h"
#include "stage/staged_frame.h"

namespace pulsepin {

// What an appearance makes of the values of its layer.

/// Of its place: its own, and how far it has come.
void put(LayerValues& values, const AppearanceBody& body, const Moved& moved);

/// Of all that its own course drives, at a frame.
void act_over(const AppearanceSpan& span, const std::vector<TriggerAct>& acts, double frame,
              LayerValues& values);

/// Where it still is when that share of it is behind the one before it on its lane: towards that one, or to
/// the left where there is none.
[[nodiscard]] Behind behind_the_one_before(const Lane& lane, const std::vector<AppearanceSpan>& spans,
                                           const AppearanceSpan& span, double share);

} // namespace pulsepin
