// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "follow/follow.h"
#include "schedule/schedule.h"

namespace pulsepin {

/// All that is needed to know where curves are at a frame. A value: copies share what is large.
struct Curves {
    Schedule schedule;
    std::shared_ptr<const FollowerCurves> followers =
        std::make_shared<const FollowerCurves>(); ///< never null

    [[nodiscard]] const Project& project() const { return schedule.project(); }
};

/// The property's value at a frame, the leads of its lane and its own included. Nothing where the lane
/// drives nothing there (muted, without keys, not computed yet).
[[nodiscard]] std::optional<double> fed_at(const Curves& curves, const Lane& lane, const Feed& feed,
                                           double frame);

/// Each feed of a lane, its own property first.
[[nodiscard]] std::vector<Feed> feeds_of(const Lane& lane);

struct Driven {
    Target target;
    double value = 0;
};

/// One parameter's value at a frame, as driven_at() has it. Nothing where nothing drives it.
[[nodiscard]] std::optional<double> driven_value(const Curves& curves, const Target& target, double frame);

/// The parameters of the picture that are driven at a frame, each once. Where several feeds drive one, the
/// first sets it and the others add how far they are from their low end.
[[nodiscard]] std::vector<Driven> driven_at(const Curves& curves, double frame);

} // namespace pulsepin
