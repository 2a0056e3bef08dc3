// SPDX-License-Identifier: GPL-3.0-or-later
//
// Mouse and keyboard of the timeline.
#include "model/edits.h"
#include "kinds/kinds.h"
#include "time/musical_text.h"
#include "time/timecode.h"
#include "kinds/kind_look.h"
#include "timeline/lane_views.h"
#include "timeline/timeline_view.h"

#include <QContextMenuEvent>
#include <QHelpEvent>
#include <QToolTip>
#include <QWheelEvent>
#include <algorithm>
#include <cmath>

namespace pulsepin {
namespace {

constexpr double snap_distance = 9; // pixels within which a beat pulls, where it does not always
constexpr double drag_distance = 4; // pixels before a press becomes a drag

} // namespace

TimelineView::Zone TimelineView::zone_at(QPointF at) const {
    if (at.x() < names_width)
        return Zone::Names;
    if (at.y() < ruler_.bottom())
        return Zone::Ruler;
    if (beats_.contains(at))
        return Zone::GridRow;
    if (at.y() < trust_.bottom())
        return Zone::Song;
    return lane_at(at) ? Zone::Lane : Zone::Below;
}

const TimelineView::LaneRow* TimelineView::lane_at(QPointF at) const {
    for (const auto& row : lanes_)
        if (row.rect.contains(at) && lanes_area_.contains(at))
            return &row;
    return nullptr;
}

std::optional<PinId> TimelineView::pin_at(QPointF at) const {
    const Scene s = scene();
    for (std::size_t i = 0; i < lanes_.size() && i < s.project.lanes.size(); ++i) {
        if (!lanes_[i].rect.contains(at) || !lanes_area_.contains(at) || at.x() < names_width)
            continue;
        const LaneScene lane = lane_scene(s, i);
        return look_of_kind(lane.lane.kind).hit(lane, at);
    }
    return std::nullopt;
}

Seconds TimelineView::snapped(Seconds time, bool off_grid) const {
    const auto& grid = document_.project().grid;
    if (off_grid || !grid || view_.snap() == Snap::Off)
        return time;
    const Seconds beat = grid->time_at(grid->nearest_beat(time));
    const bool near = std::abs((beat - time).value) * scale_.pixels_per_second <= snap_distance;
    return near || view_.snap() == Snap::Always ? beat : time;
}

QString TimelineView::hint_for(QPointF at) const {
    switch (zone_at(at)) {
    case Zone::Names:
        return {};
    case Zone::Ruler:
        return tr("Click to go there · drag to make a range · wheel zooms, with Shift scrolls");
    case Zone::GridRow:
        return beat_at(at)
                   ? tr("Drag a beat to bend the grid around it · Ctrl bends all up to held beats, Alt moves "
                        "it alone · H holds it")
                   : tr("Double click to add a beat · Shift leaves the onsets");
    case Zone::Song:
        return tr("Click to go there · wheel zooms at the mouse, with Shift scrolls");
    case Zone::Lane:
        return lane_hint(at);
    case Zone::Below:
        return tr("Click to go there");
    }
    return {};
}

// -- mouse

void TimelineView::mousePressEvent(QMouseEvent* event) {
    const QPointF at = event->position();
    drag_ = {};
    drag_.from = at;
    drag_.from_time = scale_.time(at.x());
    if (event->button() == Qt::MiddleButton) {
        drag_.kind = Drag::Kind::Pan;
        drag_.pan_start = scale_.start;
        setCursor(Qt::ClosedHandCursor);
        return;
    }
    if (event->button() == Qt::LeftButton && press_switch(at))
        return;
    if (event->button() != Qt::LeftButton || at.x() < names_width)
        return;
    const auto pin = pin_at(at);
    drag_.modifiers = event->modifiers();
    if (const auto end = trigger_end_at(at)) {
        if (!view_.selection().contains(*end))
            view_.select({*end});
        drag_.kind = Drag::Kind::Stretch;
        drag_.pin = *end;
        return;
    }
    if (const auto sound = sound_at(at); sound && sound->grip != SoundGrip::Body) {
        view_.select({sound->pin});
        drag_.kind = Drag::Kind::Sound;
        drag_.pin = sound->pin;
        drag_.grip = sound->grip;
        return;
    }
    if (zone_at(at) == Zone::GridRow) {
        const auto beat = beat_at(at);
        view_.choose_beat(beat);
        if (beat) {
            drag_.kind = Drag::Kind::Beat;
            drag_.beat = *beat;
            drag_.from_time = document_.project().grid->time_at(Ticks(*beat * ticks_per_beat));
        }
    } else if (zone_at(at) == Zone::Ruler) {
        drag_.kind = Drag::Kind::Range;
    } else if (pin) {
        const bool alt = event->modifiers() & Qt::AltModifier,
                   control = event->modifiers() & Qt::ControlModifier;
        if (view_.press(*pin, control && !alt)) {
            drag_.kind = kind_of_press(*pin, at, event->modifiers());
            drag_.pin = *pin;
        }
    } else if (zone_at(at) == Zone::Lane && (event->modifiers() & Qt::ShiftModifier)) {
        drag_.kind = Drag::Kind::Band;
        if (event->modifiers() & Qt::ControlModifier)
            drag_.selected_before = view_.selection();
    } else {
        drag_.kind = Drag::Kind::Playhead;
        if (!(event->modifiers() & Qt::ControlModifier))
            view_.select({});
        emit playhead_set(std::clamp(drag_.from_time, Seconds(0), song_end()));
    }
}

void TimelineView::mouseMoveEvent(QMouseEvent* event) {
    const QPointF at = event->position();
    const bool far = (at - drag_.from).manhattanLength() >= drag_distance;
    const bool off_grid = event->modifiers() & Qt::ShiftModifier;
    switch (drag_.kind) {
    case Drag::Kind::None:
        emit hint(hint_for(at));
        setCursor(at.x() < names_width                                 ? Qt::ArrowCursor
                  : trigger_end_at(at)                                 ? Qt::SplitHCursor
                  : pin_at(at) || (beats_.contains(at) && beat_at(at)) ? Qt::SizeHorCursor
                                                                       : Qt::ArrowCursor);
        break;
    case Drag::Kind::Playhead:
        emit playhead_set(std::clamp(scale_.time(at.x()), Seconds(0), song_end()));
        break;
    case Drag::Kind::Range:
        if (far || drag_.moved) {
            drag_.moved = true;
            const Seconds a = snapped(drag_.from_time, off_grid), b = snapped(scale_.time(at.x()), off_grid);
            if (a != b)
                view_.set_range(TimeRange{std::min(a, b), std::max(a, b)});
        }
        break;
    case Drag::Kind::Pins:
    case Drag::Kind::Roll:
    case Drag::Kind::Ripple:
        if (far || drag_.moved)
            drag_pins_to(at, off_grid);
        break;
    case Drag::Kind::Slip:
        if (far || drag_.moved)
            slip_to(at);
        break;
    case Drag::Kind::Shot:
        if (far || drag_.moved)
            drag_shot_to(at, event->modifiers() & Qt::ControlModifier);
        break;
    case Drag::Kind::Stretch:
        if (far || drag_.moved)
            stretch_to(at, off_grid);
        break;
    case Drag::Kind::Band:
        if (far || drag_.moved)
            band_to(at);
        break;
    case Drag::Kind::Sound:
        if (far || drag_.moved)
            drag_sound_to(at, off_grid);
        break;
    case Drag::Kind::Beat:
        if (far || drag_.moved)
            drag_beat_to(at, event->modifiers());
        break;
    case Drag::Kind::Pan:
        scale_.start = drag_.pan_start - Seconds((at.x() - drag_.from.x()) / scale_.pixels_per_second);
        view_changed();
        break;
    }
}

void TimelineView::cancel_drag() {
    drag_ = {};
    setCursor(Qt::ArrowCursor);
    invalidate();
}

void TimelineView::mouseReleaseEvent(QMouseEvent* event) {
    switch (drag_.kind) {
    case Drag::Kind::Pins:
    case Drag::Kind::Roll:
    case Drag::Kind::Ripple:
    case Drag::Kind::Slip:
    case Drag::Kind::Shot:
    case Drag::Kind::Stretch:
        if (event->button() == Qt::LeftButton) {
            if (!drag_.moved && drag_.kind != Drag::Kind::Stretch &&
                !(event->modifiers() & Qt::ControlModifier))
                view_.select({drag_.pin});
            finish_lane_drag();
        }
        return;
    case Drag::Kind::Band:
        cancel_drag();
        return;
    case Drag::Kind::Sound:
        if (drag_.moved) {
            Project next = drag_.shown.project();
            const bool fade = drag_.grip == SoundGrip::FadeIn || drag_.grip == SoundGrip::FadeOut;
            drag_ = {};
            document_.apply(std::move(next), fade ? tr("fade sound") : tr("trim sound"));
            invalidate();
        }
        break;
    case Drag::Kind::Beat:
        finish_beat_drag();
        return;
    case Drag::Kind::Range:
        if (!drag_.moved) {
            view_.set_range(std::nullopt);
            emit playhead_set(std::clamp(drag_.from_time, Seconds(0), song_end()));
        }
        break;
    default:
        break;
    }
    drag_ = {};
    setCursor(Qt::ArrowCursor);
}

void TimelineView::mouseDoubleClickEvent(QMouseEvent* event) {
    if (event->button() != Qt::LeftButton)
        return;
    if (zone_at(event->position()) == Zone::GridRow)
        return add_beat_at(event->position(), event->modifiers() & Qt::ShiftModifier);
    const auto* row = lane_at(event->position());
    if (row && event->position().x() < names_width) {
        emit lane_name_wanted(row->lane);
        return;
    }
    const auto head = pin_at(event->position());
    // A double click on a shot's bar adds a cut there; on a pin's head it adds nothing.
    if (!row || event->position().x() < names_width ||
        (head && std::abs(head_position(*head).x() - event->position().x()) < 8))
        return;
    const Seconds time = scale_.time(event->position().x());
    emit add_wanted(row->lane, snapped(time, event->modifiers() & Qt::ShiftModifier));
}

void TimelineView::wheelEvent(QWheelEvent* event) {
    const QPoint angle = event->angleDelta();
    const bool sideways =
        (event->modifiers() & Qt::ShiftModifier) || std::abs(angle.x()) > std::abs(angle.y());
    if (event->position().x() < names_width && lane_scroll_->isVisible()) {
        lane_scroll_->setValue(lane_scroll_->value() - angle.y() / 2);
    } else if (event->modifiers() & Qt::ControlModifier) {
        set_wave_height(view_.look().wave_height * std::exp2(angle.y() / 480.0));
        emit hint(tr("Waveform drawn %1 times as high").arg(view_.look().wave_height, 0, 'f', 1));
    } else if (sideways) {
        const int turn = angle.x() != 0 ? angle.x() : angle.y();
        scale_.start -= Seconds(turn / 120.0 * scale_.width / 8 / scale_.pixels_per_second);
        view_changed();
    } else {
        scale_.zoom(std::exp2(angle.y() / 240.0), std::max(event->position().x(), scale_.left));
        view_changed();
    }
    event->accept();
}

void TimelineView::contextMenuEvent(QContextMenuEvent* event) {
    QPointF at = event->pos();
    std::optional<PinId> pin;
    if (event->reason() == QContextMenuEvent::Mouse && at.x() < names_width) {
        const auto* row = lane_at(at);
        emit lane_menu_wanted(event->globalPos(), row ? row->lane : LaneId{});
        return;
    }
    if (event->reason() == QContextMenuEvent::Keyboard) {
        if (!view_.selection().empty())
            pin = *view_.selection().begin();
        at = pin ? head_position(*pin) : QPointF(scale_.x(view_.playhead()), ruler_.bottom());
    } else {
        pin = pin_at(at);
        if (pin && !view_.selection().contains(*pin))
            view_.select({*pin});
    }
    emit menu_wanted(mapToGlobal(at.toPoint()), pin, std::clamp(scale_.time(at.x()), Seconds(0), song_end()));
}

void TimelineView::keyPressEvent(QKeyEvent* event) {
    if (event->key() == Qt::Key_Escape && drag_.kind != Drag::Kind::None) {
        cancel_drag();
        return;
    }
    QWidget::keyPressEvent(event);
}

bool TimelineView::event(QEvent* event) {
    // While something is dragged, Escape gives the drag up and nothing else.
    if (event->type() == QEvent::ShortcutOverride && drag_.kind != Drag::Kind::None &&
        static_cast<QKeyEvent*>(event)->key() == Qt::Key_Escape) {
        event->accept();
        return true;
    }
    if (event->type() == QEvent::Leave)
        emit hint({});
    if (event->type() != QEvent::ToolTip)
        return QWidget::event(event);
    const auto* help = static_cast<QHelpEvent*>(event);
    const auto id = pin_at(help->pos());
    if (!id) {
        QToolTip::hideText();
        return true;
    }
    for (const auto& lane : document_.schedule())
        for (const auto& resolved : lane.pins)
            if (resolved.id == *id)
                QToolTip::showText(help->globalPos(),
                                   tr("%1 · frame %2 · %3 ms off")
                                       .arg(QString::fromStdString(format_clock(resolved.time)))
                                       .arg(resolved.frame.value)
                                       .arg(resolved.rounding_error.value * 1000, 0, 'f', 1),
                                   this);
    return true;
}

} // namespace pulsepin
