// SPDX-License-Identifier: GPL-3.0-or-later
#include "show/level_wire.h"

#include "lights/lit.h"

#include <algorithm>

namespace pulsepin {

void LevelWire::take(std::shared_ptr<const Curves> piece) {
    piece_ = std::move(piece);
    changes_.clear();
    levels_.clear();
    if (!piece_)
        return;
    const auto rate = piece_->project().settings->frame_rate;
    for (const Frames frame : light_changes(piece_->schedule))
        changes_.push_back(rate.start_of(frame).value);
}

std::optional<double> LevelWire::until_change(double heard, double speed) const {
    constexpr double on_it = 1e-4; // what lies nearer was sent
    const auto next = std::ranges::upper_bound(changes_, heard + on_it);
    return next == changes_.end() || speed <= 0 ? std::nullopt : std::optional((*next - heard) / speed);
}

double LevelWire::since_change(double heard) const {
    constexpr double on_it = 1e-4;
    const auto next = std::ranges::upper_bound(changes_, heard + on_it);
    return next == changes_.begin() ? 1e9 : heard - *(next - 1);
}

Result<ShowTime> LevelWire::run(const ShowMoment& moment) {
    if (!piece_)
        return later(moment.now, level_period);
    const double heard = moment.heard + (moment.playing ? output_.earlier / 1000 * moment.speed : 0);
    const auto change = moment.playing ? until_change(heard, moment.speed) : std::nullopt;
    if (last_) {
        const double since = std::chrono::duration<double>(moment.now - *last_).count();
        if (since < level_period - 1e-4)
            return later(*last_, level_period);
        // Held back: the next one belongs to the change. Where changes follow each other closely, only for
        // half a period, so that packets go on; then a change's own leaves less than half a period late.
        const bool sparse = since_change(heard) > 2 * level_period * moment.speed;
        if (change && *change < (sparse ? level_period : level_period / 2))
            return later(moment.now, *change);
    }
    const Project& project = piece_->project();
    const double frame = (heard + 1e-6) * project.settings->frame_rate.per_second();
    const auto lit = moment.dark ? std::vector<Lit>(project.rig->fixtures.size()) : lit_at(*piece_, frame);
    put_levels(*project.rig, lit, levels_);
    last_ = moment.now;
    if (auto sent = send(levels_, heard); !sent)
        return tl::unexpected(sent.error());
    return later(moment.now,
                 change && *change > level_period ? std::min(*change, level_period) : level_period);
}

} // namespace pulsepin
