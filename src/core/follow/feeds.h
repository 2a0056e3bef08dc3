// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "follow/follow.h"
#include "follow/rate_sums.h"
#include "schedule/schedule.h"

namespace pulsepin {

/// All that is needed to know where curves are at a frame. A value: copies share what is large.
struct Curves {
    Schedule schedule;
    std::shared_ptr<const FollowerCurves> followers =
        std::make_shared<const FollowerCurves>();                  ///< never null
    std::shared_ptr<RateSums> sums = std::make_shared<RateSums>(); ///< what was summed up already

    [[nodiscard]] const Project& project() const { return schedule.project(); }
    /// The same for another thread: what is summed up there is its own.
    [[nodiscard]] Curves for_another_thread() const {
        Curves next = *this;
        next.sums = std::make_shared<RateSums>();
        return next;
    }
};

/// When a curve is asked for: a frame of the piece, and of what appears how many frames ago it came.
struct CurveMoment {
    double frame = 0;
    std::optional<double> age = {}; ///< none: there all the time
    CurveMoment(double at) : frame(at) {}
    CurveMoment(double at, std::optional<double> since) : frame(at), age(since) {}
};

/// The frame of a lane that is seen where an appearance begins, for what counts by age: its first pin's.
[[nodiscard]] double age_begins(const Schedule& schedule, const Lane& lane);

/// The property's value at a frame, the leads of its lane and its own included. Nothing where the lane
/// drives nothing there (muted, without keys, not computed yet). A feed that counts by age runs its curve
/// from the lane's first pin on at each appearance; for what is there all the time, from the piece's start.
[[nodiscard]] std::optional<double> fed_at(const Curves& curves, const Lane& lane, const Feed& feed,
                                           CurveMoment at);
/// The same for a colour.
[[nodiscard]] std::optional<Colour> fed_colour_at(const Curves& curves, const Lane& lane, const Feed& feed,
                                                  CurveMoment at);
/// How far each band of a spectrum's lane lets the feed go; a lane without bands has one.
[[nodiscard]] std::vector<double> fed_bands_at(const Curves& curves, const Lane& lane, const Feed& feed,
                                               CurveMoment at);

/// Each feed of a lane, its own property first.
[[nodiscard]] std::vector<Feed> feeds_of(const Lane& lane);

/// Calls `drive` with each lane and feed that drives a layer.
template <class Drive>
void for_feeds(const Project& project, Drive drive) {
    for (const auto& lane : project.lanes) {
        if (!lane->kind->drives())
            continue;
        if (part_of<Motion>(*lane)->own.target.layer.value != 0)
            drive(*lane, part_of<Motion>(*lane)->own);
        for (const auto& feed : part_of<Motion>(*lane)->feeds)
            if (feed.target.layer.value != 0)
                drive(*lane, feed);
    }
}

/// One value after another, as they meet what is there already.
class Meeting {
public:
    explicit Meeting(double own) : value_(own) {}
    void take(const Feed& feed, double fed);
    /// Whatever multiplies does so last.
    [[nodiscard]] double value() const { return value_ * times_; }

private:
    double value_, times_ = 1;
    bool first_ = true;
};

struct Driven {
    Target target;
    double value = 0;
};

/// What a parameter is by itself, where nothing drives it; as far as the model knows.
[[nodiscard]] double own_value(const Project& project, const Target& target);

/// One parameter's value at a frame, as driven_at() has it. Nothing where nothing drives it.
[[nodiscard]] std::optional<double> driven_value(const Curves& curves, const Target& target, CurveMoment at,
                                                 std::optional<double> own = {});

/// The parameters of the picture that are driven at a frame, each once, in the order of their lanes (Meets
/// says how several go together).
[[nodiscard]] std::vector<Driven> driven_at(const Curves& curves, CurveMoment at);

} // namespace pulsepin
