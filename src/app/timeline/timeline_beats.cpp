// SPDX-License-Identifier: GPL-3.0-or-later
//
// Beats under the mouse: dragged, added.
#include "model/edits.h"
#include "time/grid_bend.h"
#include "time/musical_text.h"
#include "timeline/timeline_view.h"

#include <algorithm>
#include <cmath>

namespace pulsepin {
namespace {

constexpr double reach = 7; // pixels

} // namespace

std::optional<std::int64_t> TimelineView::beat_at(QPointF at) const {
    const auto& grid = document_.project().grid;
    if (!grid)
        return std::nullopt;
    const auto beat = std::clamp(grid->nearest_beat(scale_.time(at.x())).value / ticks_per_beat,
                                 grid->first_beat(), grid->last_beat());
    const double x = scale_.x(grid->time_at(Ticks(beat * ticks_per_beat)));
    return std::abs(x - at.x()) <= reach ? std::optional(beat) : std::nullopt;
}

/// Pulled to the onset that is nearest by, unless the person wants to be free of it.
Seconds TimelineView::near_onset(Seconds time, bool free) const {
    const auto& detection = document_.project().detection;
    if (free || !detection || view_.snap() == Snap::Off)
        return time;
    const Seconds within(reach / scale_.pixels_per_second);
    const auto& onsets = detection->onsets();
    auto onset = std::lower_bound(onsets.begin(), onsets.end(), time - within,
                                  [](const FoundOnset& o, Seconds t) { return o.time < t; });
    Seconds best = time;
    double strongest = 0;
    for (; onset != onsets.end() && onset->time <= time + within; ++onset)
        if (static_cast<double>(onset->strength) > strongest) {
            strongest = static_cast<double>(onset->strength);
            best = onset->time;
        }
    return best;
}

void TimelineView::drag_beat_to(QPointF at, Qt::KeyboardModifiers modifiers) {
    const auto& project = document_.project();
    const Seconds to = near_onset(drag_.from_time + scale_.time(at.x()) - scale_.time(drag_.from.x()),
                                  modifiers & Qt::ShiftModifier);
    const auto bend = modifiers & Qt::ControlModifier ? BendReach::Held
                      : modifiers & Qt::AltModifier   ? BendReach::OnlyThis
                                                      : BendReach::Bar;
    auto grid = with_beat_moved(*project.grid, drag_.beat, to, bend);
    if (!grid)
        return;
    const Seconds by = grid->time_at(Ticks(drag_.beat * ticks_per_beat)) - drag_.from_time;
    drag_.moved = true;
    show_drag(retimed(project, *std::move(grid)));
    emit hint(tr("Beat %1 moved by %2 ms · what is pinned goes along")
                  .arg(QString::fromStdString(
                      format_position(project.grid->position_of(Ticks(drag_.beat * ticks_per_beat)))))
                  .arg(by.value * 1000, 0, 'f', 1));
    invalidate();
}

void TimelineView::finish_beat_drag() {
    const bool moved = drag_.moved;
    Project next = drag_.shown.project();
    drag_ = {};
    setCursor(Qt::ArrowCursor);
    if (moved)
        document_.apply(std::move(next), tr("move beat"));
    invalidate();
}

void TimelineView::add_beat_at(QPointF at, bool free) {
    const auto& project = document_.project();
    if (!project.grid || beat_at(at))
        return;
    const Seconds time = near_onset(scale_.time(at.x()), free);
    auto grid = with_beat_added(*project.grid, time);
    if (!grid)
        return document_.say(QString::fromStdString(grid.error().message()));
    const auto beat = grid->nearest_beat(time).value / ticks_per_beat;
    document_.apply(relabelled(project, *std::move(grid)), tr("add beat"));
    view_.choose_beat(beat);
}

} // namespace pulsepin
