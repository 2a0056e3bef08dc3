// SPDX-License-Identifier: GPL-3.0-or-later
//
// The score as a sheet of cells: places are switched on and off by clicking and painting.
#include "model/planting_edits.h"
#include "schedule/forms.h"
#include "score/paint_score.h"
#include "score/score_view.h"
#include "time/musical_text.h"

#include <algorithm>
#include <cmath>

namespace pulsepin {

void ScoreView::set_painting(bool painting) {
    if (painting == painting_)
        return;
    painting_ = painting;
    invalidate();
    emit painting_changed();
}

void ScoreView::set_cells_a_beat(int cells) {
    cells_a_beat_ = std::clamp(cells, 1, 8);
    invalidate();
    emit painting_changed();
}

/// A cell reaches half its width to either side of its place, as its head does.
Ticks ScoreView::cell_at(QPointF at) const {
    const double beats = layout_.place(at.x(), at.y() - head_height + scrolled()).value;
    const std::int64_t step = ticks_per_beat / cells_a_beat_;
    return Ticks(std::llround(beats * cells_a_beat_) * step);
}

QPointF ScoreView::cell_position(LaneId id, Ticks at) const {
    const auto& project = document_.project();
    for (const auto& track : score_tracks(document_))
        if (project.lanes[track.lane]->id == id) {
            const QPointF middle = position_of(project.grid->time_at(at));
            return {middle.x(), middle.y() - layout_.row_height() / 2 + track.top + track.height / 2};
        }
    return {-1, -1};
}

void ScoreView::switch_cell(LaneId lane, Ticks at) {
    drag_ = {};
    if (!press_cell(cell_position(lane, at)))
        return;
    Project next = drag_.shown.project();
    const bool on = drag_.on;
    cancel_drag();
    document_.apply(std::move(next), on ? tr("paint cells") : tr("clear cells"));
}

bool ScoreView::press_cell(QPointF at) {
    const auto lane = lane_at(at);
    if (!lane || document_.project().lanes[*lane]->kind->sounds)
        return false;
    drag_.kind = Drag::Kind::Cells;
    drag_.lane = *lane;
    const Ticks cell = cell_at(at);
    const std::int64_t reach = ticks_per_beat / cells_a_beat_ / 2;
    const auto& pins = document_.project().lanes[*lane]->pins;
    drag_.on = std::none_of(pins.begin(), pins.end(), [&](const Pin& pin) {
        const auto* musical = std::get_if<MusicalAnchor>(&pin.anchor);
        return musical && std::abs((musical->at - cell).value) < reach;
    });
    paint_cell_at(at);
    return true;
}

void ScoreView::paint_cell_at(QPointF at) {
    const auto& project = drag_.moved ? drag_.shown.project() : document_.project();
    const Lane& lane = *project.lanes[drag_.lane];
    const Ticks cell = cell_at(at);
    const std::int64_t reach = ticks_per_beat / cells_a_beat_ / 2 - 1;
    const bool there = std::any_of(lane.pins.begin(), lane.pins.end(), [&](const Pin& pin) {
        const auto* musical = std::get_if<MusicalAnchor>(&pin.anchor);
        return musical && std::abs((musical->at - cell).value) <= reach;
    });
    if (there == drag_.on) {
        if (!drag_.moved)
            show_drag(project);
        return;
    }
    const PlantingId into = planting_around(project, lane.id, cell);
    const auto body = body_at(project, lane, cell, into);
    auto next = body ? with_place_switched(project, lane.id, cell, drag_.on, Ticks(reach), into, *body)
                     : Result<Project>(tl::unexpected(body.error()));
    if (!next) {
        document_.say(QString::fromStdString(next.error().message()));
        return cancel_drag();
    }
    show_drag(*std::move(next));
    emit hint((drag_.on ? tr("%1 switched on") : tr("%1 switched off"))
                  .arg(QString::fromStdString(format_position(document_.project().grid->position_of(cell)))));
}

void ScoreView::band_to(QPointF at) {
    drag_.moved = true;
    drag_.to = at;
    const QRectF band = QRectF(drag_.from, at).normalized();
    const auto& project = document_.project();
    std::set<PinId> selected;
    for (const auto& track : score_tracks(document_))
        for (const auto& pin : document_.schedule()[track.lane].pins) {
            const Lane& lane = *project.lanes[track.lane];
            const Beats place = project.grid->beats_at(pin.time);
            for (std::size_t i = 0; i < layout_.rows().size(); ++i) {
                const auto& row = layout_.rows()[i];
                if (!ScoreLayout::holds(row, place))
                    continue;
                const QPointF head(layout_.x(row, place),
                                   row_rect(i).top() + score_head_y(lane, lane.pins[pin.index].body, track));
                if (band.adjusted(-4, -6, 4, 6).contains(head))
                    selected.insert(pin.id);
            }
        }
    view_.select(std::move(selected));
    emit hint(tr("%n pins selected", nullptr, static_cast<int>(view_.selection().size())));
    invalidate();
}

} // namespace pulsepin
