// SPDX-License-Identifier: GPL-3.0-or-later
#include "drawing/canvas/gestures/paint_cells.h"

#include "model/planting_edits.h"
#include "schedule/forms.h"
#include "session/core_words.h"

#include <algorithm>
#include <cmath>

namespace pulsepin {

PaintCells::PaintCells(GestureContext context, LaneId lane, int cells_a_beat, QPointF from)
    : Gesture(std::move(context), from), lane_(lane), cells_(cells_a_beat) {
    const Ticks cell = cell_at(from);
    on_ = !taken(project(), cell, ticks_per_beat / cells_ / 2 - 1);
    paint_cell(cell);
}

/// A cell reaches half its width to either side of its place, as its head does.
Ticks PaintCells::cell_at(QPointF at) const {
    const double beats = project().grid->beats_at(placement().time_at(at)).value;
    return Ticks(std::llround(beats * static_cast<double>(cells_)) * (ticks_per_beat / cells_));
}

bool PaintCells::taken(const Project& project, Ticks cell, std::int64_t within) const {
    const auto& pins = project.lane(lane_)->pins;
    return std::any_of(pins.begin(), pins.end(), [&](const Pin& pin) {
        const auto* musical = std::get_if<MusicalAnchor>(&pin.anchor);
        return musical && std::abs((musical->at - cell).value) <= within;
    });
}

void PaintCells::paint_cell(Ticks cell) {
    const Project& now = draft() ? draft()->project() : project();
    const std::int64_t reach = ticks_per_beat / cells_ / 2 - 1;
    if (taken(now, cell, reach) == on_) {
        if (!draft())
            show(now);
        return;
    }
    const PlantingId into = planting_around(now, lane_, cell);
    const auto body = body_at(now, *now.lane(lane_), cell, into);
    auto next = body ? with_place_switched(now, lane_, cell, on_, Ticks(reach), into, *body)
                     : Result<Project>(tl::unexpected(body.error()));
    if (!next)
        return refuse(spoken(next.error()));
    show(*std::move(next));
    tell((on_ ? tr("%1 switched on") : tr("%1 switched off")).arg(place_text(cell)));
}

void PaintCells::drag_to(QPointF at, Qt::KeyboardModifiers) {
    paint_cell(cell_at(at));
}

std::optional<Gesture::Edit> PaintCells::end(Qt::KeyboardModifiers) {
    return draft() ? std::optional(Edit{draft()->project(), on_ ? tr("paint cells") : tr("clear cells")})
                   : std::nullopt;
}

} // namespace pulsepin
