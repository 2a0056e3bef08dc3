// SPDX-License-Identifier: GPL-3.0-or-later
//
// Mouse and keyboard of the score.
#include "model/anchored_time.h"
#include "model/edits.h"
#include "score/score_view.h"
#include "time/musical_text.h"

#include <QContextMenuEvent>
#include <QGuiApplication>
#include <QWheelEvent>
#include <algorithm>
#include <cmath>

namespace pulsepin {
namespace {

constexpr double drag_distance = 4, reach = 9;

} // namespace

void ScoreView::wheelEvent(QWheelEvent* event) {
    if (event->modifiers() & Qt::ControlModifier) {
        zoom_by(event->angleDelta().y() > 0 ? 2.0 : 0.5);
        emit hint(tr("%n bars in a row", nullptr, bars_in_row_));
    } else {
        scroll_->setValue(scroll_->value() -
                          event->angleDelta().y() * static_cast<int>(layout_.row_height()) / 120);
    }
    event->accept();
}

void ScoreView::mousePressEvent(QMouseEvent* event) {
    drag_ = {};
    drag_.from = event->position();
    if (event->button() != Qt::LeftButton || drag_.from.x() < names_width || layout_.rows().empty())
        return;
    if (painting_ && press_cell(drag_.from))
        return;
    const auto pin = pin_at(drag_.from);
    if (!pin && (event->modifiers() & Qt::ShiftModifier)) {
        drag_.kind = Drag::Kind::Band;
        return;
    }
    if (!pin) {
        drag_.kind = Drag::Kind::Playhead;
        if (!(event->modifiers() & Qt::ControlModifier))
            view_.select({});
        emit playhead_set(time_at(drag_.from));
        return;
    }
    if (view_.press(*pin, event->modifiers() & Qt::ControlModifier)) {
        drag_.kind = Drag::Kind::Pins;
        drag_.pin = *pin;
    }
}

void ScoreView::mouseMoveEvent(QMouseEvent* event) {
    const QPointF at = event->position();
    switch (drag_.kind) {
    case Drag::Kind::None:
        if (painting_ && lane_at(at)) {
            emit hint(tr("Click a cell to switch it on or off, drag to paint · P ends painting"));
            setCursor(Qt::CrossCursor);
            break;
        }
        emit hint(at.x() < names_width ? QString()
                  : pin_at(at)
                      ? tr("Drag a pin along the beats, also into another row · Shift leaves the grid")
                      : tr("Click to go there · double click adds a pin · wheel scrolls, with Ctrl other "
                           "phrase lengths"));
        setCursor(pin_at(at) ? Qt::SizeHorCursor : Qt::ArrowCursor);
        break;
    case Drag::Kind::Playhead:
        emit playhead_set(time_at(at));
        break;
    case Drag::Kind::Cells:
        paint_cell_at(at);
        break;
    case Drag::Kind::Band:
        if (drag_.moved || (at - drag_.from).manhattanLength() >= drag_distance)
            band_to(at);
        break;
    case Drag::Kind::Pins:
        if (drag_.moved || (at - drag_.from).manhattanLength() >= drag_distance)
            drag_pins_to(at, event->modifiers() & Qt::ShiftModifier);
        break;
    }
}

void ScoreView::drag_pins_to(QPointF at, bool off_grid) {
    const auto& project = document_.project();
    const auto grabbed = anchored_time(project.pin(drag_.pin)->anchor, project);
    if (!grabbed || !project.grid)
        return;
    // Counted in beats, so that a pin may be dragged into another row.
    const double by_beats =
        project.grid->beats_at(time_at(at)).value - project.grid->beats_at(time_at(drag_.from)).value;
    const Seconds wanted = project.grid->time_at(Beats(project.grid->beats_at(*grabbed).value + by_beats));
    const Ticks target = project.grid->nearest_tick(snapped(wanted, off_grid));
    const Ticks by = target - project.grid->nearest_tick(*grabbed);
    if (drag_.moved && by == drag_.by)
        return;
    drag_.by = by;
    show_drag(moved_by(project, std::vector<PinId>(view_.selection().begin(), view_.selection().end()), by));
    emit hint(tr("To %1").arg(QString::fromStdString(format_position(project.grid->position_of(target)))));
}

void ScoreView::show_drag(Project project) {
    drag_.moved = true;
    drag_.shown = Schedule(std::move(project), document_.schedule());
    invalidate();
}

void ScoreView::mouseReleaseEvent(QMouseEvent*) {
    if (drag_.kind == Drag::Kind::Cells) {
        Project next = drag_.shown.project();
        const bool on = drag_.on;
        cancel_drag();
        return document_.apply(std::move(next), on ? tr("paint cells") : tr("clear cells"));
    }
    if (drag_.kind == Drag::Kind::Band)
        return cancel_drag();
    const bool moved = drag_.moved && drag_.by != Ticks(0);
    const bool clicked = drag_.kind == Drag::Kind::Pins && !drag_.moved;
    const PinId pin = drag_.pin;
    Project next = drag_.shown.project();
    cancel_drag();
    if (moved)
        document_.apply(std::move(next), view_.selection().size() > 1 ? tr("move pins") : tr("move pin"));
    else if (clicked && view_.selection().size() > 1 &&
             !(QGuiApplication::keyboardModifiers() & Qt::ControlModifier))
        view_.select({pin});
}

void ScoreView::cancel_drag() {
    drag_ = {};
    setCursor(Qt::ArrowCursor);
    invalidate();
}

void ScoreView::mouseDoubleClickEvent(QMouseEvent* event) {
    const auto lane = lane_at(event->position());
    if (event->button() != Qt::LeftButton || !lane)
        return;
    const auto pin = pin_at(event->position());
    if (pin && std::abs(head_position(*pin).x() - event->position().x()) < reach)
        return;
    emit add_wanted(document_.project().lanes[*lane]->id,
                    snapped(time_at(event->position()), event->modifiers() & Qt::ShiftModifier));
}

void ScoreView::contextMenuEvent(QContextMenuEvent* event) {
    QPointF at = event->pos();
    std::optional<PinId> pin;
    if (event->reason() == QContextMenuEvent::Keyboard) {
        if (!view_.selection().empty())
            pin = *view_.selection().begin();
        at = pin ? head_position(*pin) : position_of(view_.playhead());
    } else {
        pin = pin_at(at);
        if (pin && !view_.selection().contains(*pin))
            view_.select({*pin});
    }
    emit menu_wanted(mapToGlobal(at.toPoint()), pin, time_at(at));
}

void ScoreView::keyPressEvent(QKeyEvent* event) {
    if (event->key() == Qt::Key_Escape && drag_.kind != Drag::Kind::None)
        return cancel_drag();
    QWidget::keyPressEvent(event);
}

bool ScoreView::event(QEvent* event) {
    // While something is dragged, Escape gives the drag up and nothing else.
    if (event->type() == QEvent::ShortcutOverride && drag_.kind != Drag::Kind::None &&
        static_cast<QKeyEvent*>(event)->key() == Qt::Key_Escape) {
        event->accept();
        return true;
    }
    if (event->type() == QEvent::Leave)
        emit hint({});
    return QWidget::event(event);
}

} // namespace pulsepin
