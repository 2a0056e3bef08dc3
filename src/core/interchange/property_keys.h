// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "follow/freeze.h"
#include "model/schedule_text.h"

#include <optional>
#include <string>
#include <vector>

namespace pulsepin {

/// A property that a lane drives, with its keys.
struct PropertyKeys {
    std::string lane, property, unit;
    std::string layer = {}, parameter = {}; ///< what it drives; empty: nothing of the picture
    std::optional<double> base = {};        ///< what that is where nothing drives it
    std::vector<CurveKey> keys = {};
};

/// Every property of every lane that is not muted. Followers have a key each frame; where a curve overshoots
/// its limits, each frame is a key too, since no easing says so.
[[nodiscard]] std::vector<PropertyKeys> keys_of_properties(const Curves& curves);
/// The same with a key each frame of the piece.
[[nodiscard]] std::vector<PropertyKeys> frames_of_properties(const Curves& curves);

/// "hold", "steps(4)", "cubic-bezier(0.25 0.1 0.25 1)", "back-out(1.7)", or the easing's id.
[[nodiscard]] std::string easing_text(const Easing& easing);

/// One line of text. Fails on a placeholder that is not known.
[[nodiscard]] Result<std::string> schedule_text(const Curves& curves, const Lane& lane, const Feed& feed,
                                                const ScheduleText& how);

} // namespace pulsepin
