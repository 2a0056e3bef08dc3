// SPDX-License-Identifier: GPL-3.0-or-later
//
// What the mouse does in the lanes: pins, shots, triggers and sounds are dragged.
#include "kinds/cut_look.h"
#include "kinds/trigger_look.h"
#include "model/edits.h"
#include "kinds/kinds.h"
#include "model/shot_edits.h"
#include "time/musical_text.h"
#include "timeline/curve_lanes.h"
#include "kinds/kind_look.h"
#include "timeline/lane_views.h"
#include "timeline/timeline_view.h"

#include <algorithm>
#include <cmath>

namespace pulsepin {
namespace {

constexpr double head_reach = 8;

std::vector<PinId> as_list(const std::set<PinId>& pins) {
    return {pins.begin(), pins.end()};
}

} // namespace

void TimelineView::show_drag(Project project) {
    drag_.moved = true;
    drag_.shown = Schedule(std::move(project), document_.schedule());
    invalidate();
}

std::optional<std::size_t> TimelineView::lane_index_at(QPointF at) const {
    for (std::size_t i = 0; i < lanes_.size() && i < document_.project().lanes.size(); ++i)
        if (lanes_[i].rect.contains(at) && lanes_area_.contains(at) && at.x() >= names_width)
            return i;
    return std::nullopt;
}

std::optional<PinId> TimelineView::trigger_end_at(QPointF at) const {
    const auto lane = lane_index_at(at);
    if (!lane || !document_.project().lanes[*lane]->kind->triggers)
        return std::nullopt;
    const Scene s = scene();
    return trigger_end_under(lane_scene(s, *lane), at);
}

std::optional<PinId> TimelineView::shot_at_point(QPointF at) const {
    const auto lane = lane_index_at(at);
    if (!lane || !document_.project().lanes[*lane]->kind->cuts)
        return std::nullopt;
    const Scene s = scene();
    return shot_under(lane_scene(s, *lane), at);
}

TimelineView::Drag::Kind TimelineView::kind_of_press(PinId pin, QPointF at,
                                                     Qt::KeyboardModifiers keys) const {
    if (!document_.project().lane_of(pin)->kind->cuts)
        return Drag::Kind::Pins;
    const bool on_head = std::abs(head_position(pin).x() - at.x()) <= head_reach;
    if (!on_head)
        return keys & Qt::AltModifier ? Drag::Kind::Slip : Drag::Kind::Shot;
    if (!(keys & Qt::AltModifier))
        return Drag::Kind::Pins;
    return keys & Qt::ControlModifier ? Drag::Kind::Ripple : Drag::Kind::Roll;
}

QString TimelineView::lane_hint(QPointF at) const {
    if (trigger_end_at(at))
        return tr("Drag the end to make it last longer or shorter · Shift counts frames");
    const auto pin = pin_at(at);
    if (!pin)
        return tr("Double click to add a pin · click to go there · Shift and drag selects what it touches");
    const auto kind = document_.project().lane_of(*pin)->kind;
    if (kind->triggers)
        return tr("Drag along the beats, or up and down into another row · Shift leaves the grid");
    if (!kind->cuts)
        return tr("Drag a pin to move it along the beats · hold Shift to leave the grid · Delete removes it");
    if (std::abs(head_position(*pin).x() - at.x()) <= head_reach)
        return tr(
            "Drag the cut along the beats · Alt: pictures stay in place · Alt+Ctrl: all later cuts too");
    return tr("Drag onto another shot to swap them, with Ctrl to replace it · Alt: another part of the shot");
}

// -- pins

void TimelineView::drag_pins_to(QPointF at, bool off_grid) {
    const auto& project = document_.project();
    if (!project.grid) {
        emit hint(tr("Pins are dragged along the beats: detect the beats first"));
        return;
    }
    const auto grabbed = anchored_time(project.pin(drag_.pin)->anchor, project);
    if (!grabbed)
        return;
    const Seconds wanted = *grabbed + (scale_.time(at.x()) - drag_.from_time);
    const bool sideways = std::abs(at.x() - drag_.from.x()) >= 4;
    const Ticks target = project.grid->nearest_tick(sideways ? snapped(wanted, off_grid) : *grabbed);
    const Ticks by = sideways ? target - project.grid->nearest_tick(*grabbed) : Ticks(0);
    const int rows = rows_dragged(at);
    const double value = value_dragged(at);
    if (drag_.moved && by == drag_.by && rows == drag_.rows && value == drag_.value)
        return;
    drag_.by = by;
    drag_.rows = rows;
    drag_.value = value;
    const QString place = QString::fromStdString(format_position(project.grid->position_of(target)));
    if (drag_.kind == Drag::Kind::Pins) {
        const auto pins = as_list(view_.selection());
        Project next = moved_by(project, pins, by);
        if (rows != 0)
            next = with_rows_moved(next, pins, rows);
        if (value != 0)
            next = with_bodies(next, pins, [value](PinBody& body) {
                if (auto* key = std::get_if<KeyBody>(&body))
                    key->value += value;
            });
        show_drag(std::move(next));
        if (const auto* key = std::get_if<KeyBody>(&drag_.shown.project().pin(drag_.pin)->body))
            return emit hint(tr("To %1 · value %2").arg(place).arg(key->value, 0, 'g', 5));
        const auto locked = locked_among(project, pins);
        emit hint(locked == 0
                      ? tr("To %1").arg(place)
                      : tr("To %1 · %n locked, left alone", nullptr, static_cast<int>(locked)).arg(place));
        return;
    }
    auto next =
        drag_.kind == Drag::Kind::Roll ? rolled(project, drag_.pin, by) : rippled(project, drag_.pin, by);
    if (!next) {
        emit hint(QString::fromStdString(next.error().message()));
        return;
    }
    show_drag(*std::move(next));
    emit hint(drag_.kind == Drag::Kind::Roll
                  ? tr("To %1 · the pictures after it stay where they are").arg(place)
                  : tr("To %1 · with all later cuts").arg(place));
}

/// Into how many rows further down of a lane of triggers.
int TimelineView::rows_dragged(QPointF at) const {
    const auto& project = document_.project();
    for (std::size_t i = 0; i < lanes_.size() && i < project.lanes.size(); ++i) {
        const Lane& lane = *project.lanes[i];
        if (!lane.kind->triggers || !lanes_[i].rect.contains(drag_.from))
            continue;
        const double row = lanes_[i].rect.height() / document_.spans(lane.id).rows;
        return static_cast<int>(std::lround((at.y() - drag_.from.y()) / std::min(row, 24.0)));
    }
    return 0;
}

/// How much higher a key is dragged, in its lane's values; to about three figures of its range.
double TimelineView::value_dragged(QPointF at) const {
    const auto& project = document_.project();
    for (std::size_t i = 0; i < lanes_.size() && i < project.lanes.size(); ++i) {
        const Lane& lane = *project.lanes[i];
        if ((!lane.kind->keyed && !lane.kind->follows) || !lanes_[i].rect.contains(drag_.from) ||
            std::abs(at.y() - drag_.from.y()) < 4)
            continue;
        const double per_pixel =
            curve_scale(lane, document_.spans(lane.id), lanes_[i].rect.height()).per_pixel();
        const double exact = (drag_.from.y() - at.y()) * per_pixel;
        const double step = std::pow(10.0, std::floor(std::log10(std::max(per_pixel, 1e-9))));
        return std::round(exact / step) * step;
    }
    return 0;
}

void TimelineView::finish_lane_drag() {
    const auto kind = drag_.kind;
    const bool moved = drag_.moved && (kind != Drag::Kind::Shot || drag_.target.value != 0);
    const bool replacing = drag_.replacing;
    Project next = drag_.shown.project();
    cancel_drag();
    if (!moved)
        return;
    switch (kind) {
    case Drag::Kind::Roll:
        return document_.apply(std::move(next), tr("roll cut"));
    case Drag::Kind::Ripple:
        return document_.apply(std::move(next), tr("move cut and all later ones"));
    case Drag::Kind::Slip:
        return document_.apply(std::move(next), tr("slip shot"));
    case Drag::Kind::Shot:
        return document_.apply(std::move(next), replacing ? tr("replace shot") : tr("swap shots"));
    case Drag::Kind::Stretch:
        return document_.apply(std::move(next), tr("stretch trigger"));
    default:
        return document_.apply(std::move(next),
                               view_.selection().size() > 1 ? tr("move pins") : tr("move pin"));
    }
}

// -- shots

void TimelineView::slip_to(QPointF at) {
    const auto& project = document_.project();
    const auto rate = project.settings->frame_rate;
    // Dragged to the right an earlier part of the shot comes to lie here, as if the film were pushed along.
    const Seconds by = drag_.from_time - scale_.time(at.x());
    auto next =
        slipped(project, drag_.pin, rate.start_of(Frames(std::llround(by.value * rate.per_second()))));
    if (!next) {
        emit hint(QString::fromStdString(next.error().message()));
        return;
    }
    const auto in_point = std::get<CutBody>(next->pin(drag_.pin)->body).in_point;
    show_drag(*std::move(next));
    emit hint(tr("From %1 s of the shot on").arg(in_point.value, 0, 'f', 2));
}

void TimelineView::drag_shot_to(QPointF at, bool replace) {
    const auto target = shot_at_point(at);
    const PinId onto = target && *target != drag_.pin ? *target : PinId{};
    if (drag_.moved && onto == drag_.target && replace == drag_.replacing)
        return;
    drag_.target = onto;
    drag_.replacing = replace;
    const auto& project = document_.project();
    if (onto.value == 0) {
        show_drag(project);
        emit hint(tr("Drop it on another shot: they swap, with Ctrl it is replaced"));
        return;
    }
    auto next = replace ? replaced(project, onto, std::get<CutBody>(project.pin(drag_.pin)->body).shot)
                        : swapped(project, drag_.pin, onto);
    if (!next) {
        drag_.target = {};
        emit hint(QString::fromStdString(next.error().message()));
        return;
    }
    show_drag(*std::move(next));
    emit hint(replace ? tr("Replaces this shot") : tr("The two shots swap"));
}

// -- triggers

void TimelineView::stretch_to(QPointF at, bool in_frames) {
    const auto& project = document_.project();
    const auto rate = project.settings->frame_rate;
    const auto start = anchored_time(project.pin(drag_.pin)->anchor, project);
    if (!start)
        return;
    const Seconds end = std::max(snapped(scale_.time(at.x()), in_frames), *start + rate.frame_length());
    Length length{Length::Unit::InFrames,
                  std::max(1.0, std::round((end - *start).value * rate.per_second()))};
    if (!in_frames && project.grid && view_.snap() != Snap::Off)
        length = {Length::Unit::InBeats,
                  std::round((project.grid->beats_at(end).value - project.grid->beats_at(*start).value) *
                             static_cast<double>(ticks_per_beat)) /
                      static_cast<double>(ticks_per_beat)};
    show_drag(with_bodies(project, as_list(view_.selection()), [&](PinBody& body) {
        if (auto* trigger = std::get_if<TriggerBody>(&body))
            trigger->length = length;
    }));
    emit hint(tr("Lasts %1").arg(QString::fromStdString(length_text(length))));
}

// -- selecting

void TimelineView::band_to(QPointF at) {
    drag_.moved = true;
    drag_.to = at;
    const QRectF band = QRectF(drag_.from, at).normalized();
    auto selected = drag_.selected_before;
    const auto& project = document_.project();
    for (std::size_t i = 0; i < lanes_.size() && i < project.lanes.size(); ++i) {
        if (!band.intersects(lanes_[i].rect))
            continue;
        const Lane& lane = *project.lanes[i];
        for (const auto& pin : document_.schedule()[i].pins) {
            const double x = scale_.x(pin.time);
            const double y = lanes_[i].rect.top() + look_of_kind(lane.kind).head_y(
                                                        lane, document_.spans(lane.id),
                                                        lane.pins[pin.index].body, lanes_[i].rect.height());
            if (x >= band.left() && x <= band.right() && y >= band.top() - 6 && y <= band.bottom() + 6)
                selected.insert(pin.id);
        }
    }
    view_.select(std::move(selected));
    emit hint(tr("%n pins selected", nullptr, static_cast<int>(view_.selection().size())));
    invalidate();
}

void TimelineView::paint_drag(QPainter& painter) const {
    if (!drag_.moved)
        return;
    painter.setClipRect(QRectF(names_width, 0, scale_.width, height()));
    if (drag_.kind == Drag::Kind::Band) {
        QColor ground = palette_->selection;
        ground.setAlphaF(0.12f);
        painter.setPen(QPen(palette_->selection, 1, Qt::DashLine));
        painter.setBrush(ground);
        painter.drawRect(QRectF(drag_.from, drag_.to).normalized());
    }
    if (drag_.kind == Drag::Kind::Shot && drag_.target.value != 0) {
        const Scene s = scene();
        for (std::size_t i = 0; i < lanes_.size() && i < s.project.lanes.size(); ++i)
            if (s.project.lanes[i]->kind->cuts) {
                painter.setPen(QPen(palette_->selection, 3));
                painter.setBrush(Qt::NoBrush);
                for (const PinId pin : {drag_.target, drag_.pin})
                    if (const QRectF bar = bar_of_shot(lane_scene(s, i), pin); bar.isValid())
                        painter.drawRect(bar.adjusted(1, 1, -2, -1));
            }
    }
}

// -- switches beside the names

std::vector<TimelineView::Switch> TimelineView::switches_of(const Lane& lane, const QRectF& row) const {
    const double y = row.center().y() - 9;
    std::vector<Switch> switches{{Switch::Mute, tr("M"), lane.muted, {}}};
    if (lane.kind->sounds)
        switches.push_back({Switch::Solo, tr("S"), lane.solo, {}});
    switches.push_back({Switch::Lock, tr("L"), lane.locked, {}});
    double x = names_width - 3;
    for (auto s = switches.rbegin(); s != switches.rend(); ++s) {
        x -= 17;
        s->rect = QRectF(x, y, 15, 18);
    }
    return switches;
}

QPointF TimelineView::switch_position(LaneId id, QChar letter) const {
    const Lane* lane = document_.project().lane(id);
    for (const auto& row : lanes_)
        if (lane && row.lane == id)
            for (const auto& s : switches_of(*lane, row.rect))
                if (s.letter == letter)
                    return s.rect.center();
    return {-1, -1};
}

bool TimelineView::press_switch(QPointF at) {
    const auto* row = lane_at(at);
    const Lane* lane = row && at.x() < names_width ? document_.project().lane(row->lane) : nullptr;
    if (!lane)
        return false;
    const auto& project = document_.project();
    for (const auto& s : switches_of(*lane, row->rect)) {
        if (!s.rect.contains(at))
            continue;
        if (s.what == Switch::Lock)
            document_.apply(with_lane_locked(project, lane->id, !lane->locked),
                            lane->locked ? tr("unlock lane") : tr("lock lane"));
        else
            document_.apply(with_mute_and_solo(project, lane->id, lane->muted != (s.what == Switch::Mute),
                                               lane->solo != (s.what == Switch::Solo)),
                            s.what == Switch::Mute ? tr("mute lane") : tr("solo lane"));
        return true;
    }
    return false;
}

// -- sounds

std::optional<GrippedSound> TimelineView::sound_at(QPointF at) const {
    const Scene s = scene();
    for (std::size_t i = 0; i < lanes_.size() && i < s.project.lanes.size(); ++i)
        if (s.project.lanes[i]->kind->sounds && lanes_[i].rect.contains(at) && at.x() >= names_width)
            return sound_under(lane_scene(s, i), at);
    return std::nullopt;
}

/// Edges and fades of a sound. Edges snap to beats unless Shift is held, as pins do; fades run free.
void TimelineView::drag_sound_to(QPointF at, bool off_grid) {
    const auto& project = document_.project();
    const Pin* pin = project.pin(drag_.pin);
    const auto* body = pin ? std::get_if<SoundBody>(&pin->body) : nullptr;
    const auto start = pin ? anchored_time(pin->anchor, project) : std::nullopt;
    if (!body || !start)
        return;
    Seconds by = scale_.time(at.x()) - drag_.from_time;
    if (drag_.grip == SoundGrip::LeftEdge)
        by = snapped(*start + by, off_grid) - *start;
    else if (drag_.grip == SoundGrip::RightEdge)
        by = snapped(*start + body->length + by, off_grid) - *start - body->length;
    const auto* source = document_.source(body->sound);
    const auto changed =
        dragged(*body, drag_.grip, by, source ? std::optional(source->samples->duration()) : std::nullopt);
    auto next = with_body(project, drag_.pin, changed.body);
    if (next && changed.start_moved != Seconds(0)) {
        const Seconds moved_to = *start + changed.start_moved;
        Anchor anchor = TimeAnchor{moved_to};
        if (std::holds_alternative<MusicalAnchor>(pin->anchor) && project.grid) {
            const Ticks tick = project.grid->nearest_tick(moved_to);
            anchor = MusicalAnchor{tick, moved_to - project.grid->time_at(tick)};
        }
        next = with_anchor(*next, drag_.pin, anchor);
    }
    if (!next)
        return;
    show_drag(*std::move(next));
    emit hint(tr("%1 s long, fades %2 s and %3 s")
                  .arg(changed.body.length.value, 0, 'f', 2)
                  .arg(changed.body.fade_in.value, 0, 'f', 2)
                  .arg(changed.body.fade_out.value, 0, 'f', 2));
}

} // namespace pulsepin
