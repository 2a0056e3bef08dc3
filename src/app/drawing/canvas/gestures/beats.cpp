// SPDX-License-Identifier: GPL-3.0-or-later
#include "drawing/canvas/gestures/beats.h"

#include "model/edits.h"
#include "session/number_text.h"
#include "time/grid_bend.h"

#include <algorithm>

namespace pulsepin {
namespace {

constexpr double reach = 7; // pixels

Seconds time_of(const BeatGrid& grid, std::int64_t beat) {
    return grid.time_at(Ticks(beat * ticks_per_beat));
}

} // namespace

std::optional<std::int64_t> beat_under(const GestureContext& context, QPointF at) {
    const auto& grid = context.project().grid;
    if (!grid)
        return std::nullopt;
    const Seconds here = context.placement.time_at(at);
    const auto beat =
        std::clamp(grid->nearest_beat(here).value / ticks_per_beat, grid->first_beat(), grid->last_beat());
    return context.placement.distance(time_of(*grid, beat), here) <= reach ? std::optional(beat)
                                                                           : std::nullopt;
}

Seconds near_onset(const GestureContext& context, Seconds time, bool free) {
    const auto& detection = context.project().detection;
    if (free || !detection || context.view.snap() == Snap::Off)
        return time;
    // No pixel is longer than this; what is too far for the eye is left out below.
    constexpr Seconds widest(0.5);
    const auto& onsets = detection->onsets();
    auto onset = std::lower_bound(onsets.begin(), onsets.end(), time - widest,
                                  [](const FoundOnset& o, Seconds t) { return o.time < t; });
    Seconds best = time;
    double strongest = 0;
    for (; onset != onsets.end() && onset->time <= time + widest; ++onset)
        if (context.placement.distance(onset->time, time) <= reach &&
            static_cast<double>(onset->strength) > strongest) {
            strongest = static_cast<double>(onset->strength);
            best = onset->time;
        }
    return best;
}

void BendBeat::drag_to(QPointF at, Qt::KeyboardModifiers keys) {
    const Seconds was = time_of(*project().grid, beat_);
    const Seconds to = near_onset(context(), placement().carried(was, from(), at), keys & Qt::ShiftModifier);
    const auto bend = keys & Qt::ControlModifier ? BendReach::Held
                      : keys & Qt::AltModifier   ? BendReach::OnlyThis
                                                 : BendReach::Bar;
    auto grid = with_beat_moved(*project().grid, beat_, to, bend);
    if (!grid)
        return;
    const Seconds by = time_of(*grid, beat_) - was;
    show(retimed(project(), *std::move(grid)));
    tell(tr("Beat %1 moved by %2 ms · what is pinned goes along")
             .arg(place_text(Ticks(beat_ * ticks_per_beat)))
             .arg(number_text(by.value * 1000, 1)));
}

std::optional<Gesture::Edit> BendBeat::end(Qt::KeyboardModifiers) {
    return edit(tr("move beat"));
}

} // namespace pulsepin
