// SPDX-License-Identifier: GPL-3.0-or-later
//
// What is dragged from lists onto a drawing, and what is told there.
#include "drawing/canvas/canvas.h"
#include "parts/targets.h"
#include "session/core_words.h"
#include "session/number_text.h"
#include "time/musical_text.h"
#include "time/timecode.h"

#include <QDropEvent>
#include <algorithm>
#include <cmath>

namespace pulsepin {

/// Beside what was just added, how far from where it was meant it lies.
void Canvas::draw_pulled(QPainter& painter) const {
    const auto& pulled = view_.pulled();
    const QPointF head = pulled ? head_position(pulled->pin) : QPointF(-1, -1);
    if (head.x() < names_width())
        return;
    const double ms = pulled->by.value * 1000;
    draw_tag(painter, head + QPointF(0, 8),
             (ms > 0 ? tr("%1 ms later · Ctrl+Z: stay") : tr("%1 ms earlier · Ctrl+Z: stay"))
                 .arg(number_text(std::abs(ms), 0)));
}

void Canvas::draw_tag(QPainter& painter, QPointF beside, const QString& text) const {
    constexpr double away = 10;
    painter.setClipping(false);
    painter.setRenderHint(QPainter::Antialiasing);
    const QSizeF size = painter.fontMetrics().size(Qt::TextSingleLine, text).toSizeF() + QSizeF(14, 6);
    QRectF tag(beside + QPointF(away, 0), size);
    if (tag.right() > width())
        tag.moveRight(beside.x() - away);
    tag.moveBottom(std::min(tag.bottom(), height() - 2.0));
    painter.setPen(Qt::NoPen);
    painter.setBrush(palette_->selection);
    painter.drawRoundedRect(tag, 4, 4);
    painter.setPen(palette_->paper);
    painter.drawText(tag, Qt::AlignCenter, text);
}

void Canvas::dragEnterEvent(QDragEnterEvent* event) {
    if (is_dragged(event->mimeData()))
        event->acceptProposedAction(); // files go to the window
}

void Canvas::dragMoveEvent(QDragMoveEvent* event) {
    const auto item = dragged_in(event->mimeData(), document_.project());
    drop_ = item ? drop_seen(*item, event->position(), event->modifiers()) : std::nullopt;
    event->setAccepted(drop_.has_value());
    update();
}

void Canvas::dragLeaveEvent(QDragLeaveEvent*) {
    drop_.reset();
    update();
}

CompositionPlace Canvas::composition_place(QPointF at) const {
    const auto& project = document_.project();
    CompositionPlace place{.at = placement().time_at(at)};
    if (const auto row = row_of_onsets_at(at))
        place.row = project.detection->rows[row->first].name;
    if (const auto lane = placement().lane_at(at)) {
        place.lane = project.lanes[lane->lane]->id;
        place.pin = pin_at(at);
    }
    return place;
}

Canvas::DropSeen Canvas::composition_seen(QPointF at) const {
    const auto& project = document_.project();
    const auto range =
        view_.range() ? std::optional(TimeSpan{view_.range()->from, view_.range()->until}) : std::nullopt;
    const auto use = use_let_go(project, composition_place(at), range);
    if (!use)
        return {QRectF(at, QSizeF()), spoken(use.error())};
    const auto where = [&](Ticks place) {
        return QString::fromStdString(format_position(project.grid->position_of(place)));
    };
    const auto lane = placement().lane_at(at);
    const QString told = tr("from %1 to %2").arg(where(use->from), where(use->until));
    if (!lane)
        return {QRectF(at, QSizeF()), told};
    const double from = lane->scale.x(project.grid->time_at(use->from)),
                 until = lane->scale.x(project.grid->time_at(use->until));
    return {QRectF(from, lane->row.top(), until - from, lane->row.height()) & lane->row, told};
}

std::optional<Canvas::DropSeen> Canvas::drop_seen(const Dragged& item, QPointF at,
                                                  Qt::KeyboardModifiers keys) const {
    if (std::holds_alternative<ReadyThing>(item))
        return composition_seen(at);
    if (const auto* target = std::get_if<Target>(&item))
        if (const auto row = row_of_onsets_at(at)) {
            const auto& name = document_.project().detection->rows[row->first].name;
            return DropSeen{row->second, tr("%1 on every %2")
                                             .arg(target_text(document_.project(), *target),
                                                  QString::fromStdString(name))};
        }
    const auto place = placement().lane_at(at);
    if (!place)
        return std::nullopt;
    const Lane& lane = *document_.project().lanes[place->lane];
    if (!std::holds_alternative<ClipId>(item) || !holds<CutBody>(lane.kind))
        return DropSeen{place->row, {}};
    const Seconds time = snapped(placement().time_at(at), false);
    const auto under = pin_at(at);
    const auto taken = cut_taken_over(document_.schedule(), lane, under, time, keys & Qt::ControlModifier);
    const auto rate = document_.project().settings->frame_rate;
    for (const auto& span : document_.schedule().spans(lane.id).shots)
        if (taken && span.cut == *taken) {
            const double from = place->scale.x(rate.start_of(span.start)),
                         until = place->scale.x(rate.start_of(span.end));
            const QRectF whole(from, place->row.top(), until - from, place->row.height());
            return DropSeen{whole & place->row, tr("takes this shot's place")};
        }
    const auto& grid = document_.project().grid;
    const QString where = QString::fromStdString(
        grid ? format_position(grid->position_of(grid->nearest_tick(time))) : format_clock(time));
    return DropSeen{QRectF(place->scale.x(time), place->row.top(), 0, place->row.height()),
                    under ? tr("a cut at %1 · Ctrl: takes this shot's place").arg(where)
                          : tr("a cut at %1").arg(where)};
}

void Canvas::draw_drop(QPainter& painter) const {
    if (!drop_)
        return;
    painter.setClipping(false);
    painter.setPen(QPen(palette_->selection, 2));
    painter.setBrush(Qt::NoBrush);
    if (drop_->place.width() > 0)
        painter.drawRect(drop_->place.adjusted(1, 1, -1, -1));
    else
        painter.drawLine(drop_->place.topLeft(), drop_->place.bottomLeft());
    if (!drop_->told.isEmpty())
        draw_tag(painter, drop_->place.topLeft(), drop_->told);
}

void Canvas::dropEvent(QDropEvent* event) {
    drop_.reset();
    update();
    const auto item = dragged_in(event->mimeData(), document_.project());
    if (const auto* target = item ? std::get_if<Target>(&*item) : nullptr)
        if (const auto row = row_of_onsets_at(event->position())) {
            event->setDropAction(Qt::CopyAction);
            event->accept();
            emit target_dropped(*target, row->first);
            return;
        }
    if (const auto* ready = item ? std::get_if<ReadyThing>(&*item) : nullptr) {
        event->setDropAction(Qt::CopyAction);
        event->accept();
        emit ready_dropped(*ready, composition_place(event->position()));
        return;
    }
    const auto place = placement().lane_at(event->position());
    if (!item || !place)
        return event->ignore();
    event->setDropAction(Qt::CopyAction);
    event->accept();
    const Lane& lane = *document_.project().lanes[place->lane];
    const Seconds here = placement().time_at(event->position());
    const Seconds time = std::holds_alternative<WaitingWord>(*item) ? here : snapped(here, false);
    auto pin = pin_at(event->position());
    if (std::holds_alternative<ClipId>(*item))
        pin = cut_taken_over(document_.schedule(), lane, pin, time, event->modifiers() & Qt::ControlModifier);
    emit item_dropped(*item, lane.id, pin, time);
}

} // namespace pulsepin
