// SPDX-License-Identifier: GPL-3.0-or-later
#include "show/event_wire.h"

#include <algorithm>
#include <cmath>

namespace pulsepin {
namespace {

constexpr double jump = 0.25; ///< seconds: farther from where it should be than this, playing went elsewhere
constexpr double at_rest = 0.02, longest_rest = 0.5;

} // namespace

void EventWire::take(std::shared_ptr<const Curves> piece) {
    piece_ = std::move(piece);
    events_ = piece_ ? show_events(piece_->schedule) : std::vector<ShowEvent>{};
    last_heard_.reset(); // found anew, without telling again what was told
}

Result<void> EventWire::end_what_began() {
    auto open = std::exchange(open_, {});
    for (auto& event : open) {
        event.begins = false;
        if (auto told = tell(event); !told)
            return told;
    }
    return {};
}

void EventWire::end() {
    (void)end_what_began();
}

Result<double> EventWire::run_besides(double, double) {
    return longest_rest;
}

Result<ShowTime> EventWire::run(const ShowMoment& moment) {
    const double heard = moment.heard + output_.earlier / 1000 * moment.speed;
    if (!moment.playing) {
        last_heard_.reset();
        if (auto ended = end_what_began(); !ended)
            return tl::unexpected(ended.error());
        return later(moment.now, at_rest);
    }
    const double passed =
        last_run_ ? std::chrono::duration<double>(moment.now - *last_run_).count() * moment.speed : 0;
    const bool jumped = last_heard_ && std::abs(heard - *last_heard_ - passed) > jump;
    if (!last_heard_ || jumped) {
        if (jumped)
            if (auto ended = end_what_began(); !ended)
                return tl::unexpected(ended.error());
        constexpr double just_now = 0.03; // where it begins to play something may begin, too
        next_ = static_cast<std::size_t>(
            std::ranges::lower_bound(events_, heard - just_now, {}, &ShowEvent::at) - events_.begin());
    }
    last_heard_ = heard;
    last_run_ = moment.now;
    for (; next_ < events_.size() && events_[next_].at <= heard + 1e-4; ++next_) {
        const ShowEvent& event = events_[next_];
        const auto began = std::ranges::find_if(
            open_, [&](const ShowEvent& one) { return one.lane == event.lane && one.name == event.name; });
        if (!event.begins && began == open_.end())
            continue;
        if (auto told = tell(event); !told)
            return tl::unexpected(told.error());
        ++sent_;
        if (!event.begins)
            open_.erase(began);
        else if (began == open_.end())
            open_.push_back(event);
    }
    auto besides = run_besides(heard, moment.speed);
    if (!besides)
        return tl::unexpected(besides.error());
    const double next =
        next_ < events_.size() ? (events_[next_].at - heard) / std::max(moment.speed, 1e-3) : 1;
    return later(moment.now, std::clamp(std::min(next, *besides), 0.0002, longest_rest));
}

} // namespace pulsepin
