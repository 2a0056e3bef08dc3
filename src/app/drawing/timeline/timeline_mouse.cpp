// SPDX-License-Identifier: GPL-3.0-or-later
//
// What the mouse does where no pin lies: ruler, beats, song; the wheel; the column of names.
#include "drawing/canvas/gestures/beats.h"
#include "drawing/canvas/gestures/looking.h"
#include "drawing/canvas/gestures/onsets.h"
#include "drawing/canvas/gestures/shape_song.h"
#include "drawing/timeline/song_track.h"
#include "drawing/timeline/sound_lane.h"
#include "drawing/timeline/timeline_view.h"
#include "model/edits.h"
#include "parts/dragging.h"
#include "session/core_words.h"
#include "session/number_text.h"
#include "time/grid_bend.h"

#include <QApplication>
#include <QContextMenuEvent>
#include <QPainter>
#include <QPixmap>
#include <QWheelEvent>
#include <algorithm>
#include <cmath>
#include <utility>

namespace pulsepin {
namespace {

/// The drawing is pushed along its line.
class Push : public Gesture {
public:
    Push(GestureContext context, QPointF from, std::function<void(double)> push)
        : Gesture(std::move(context), from), push_(std::move(push)) {}
    std::optional<Edit> end(Qt::KeyboardModifiers) override { return std::nullopt; }

protected:
    void drag_to(QPointF at, Qt::KeyboardModifiers) override { push_(at.x() - from().x()); }

private:
    std::function<void(double)> push_;
};

} // namespace

TimelineView::Zone TimelineView::zone_at(QPointF at) const {
    if (at.x() < names_width())
        return Zone::Names;
    if (at.y() < ruler_.bottom())
        return Zone::Ruler;
    if (beats_.contains(at))
        return Zone::GridRow;
    if (at.y() < trust_.bottom())
        return Zone::Song;
    return placement_.lane_at(at) ? Zone::Lane : Zone::Below;
}

std::unique_ptr<Gesture> TimelineView::gesture_at(QPointF at, Qt::KeyboardModifiers keys) {
    const Zone zone = zone_at(at);
    if (zone == Zone::GridRow) {
        const auto beat = beat_under(gestures(), at);
        view_.choose_beat(beat);
        return beat ? std::make_unique<BendBeat>(gestures(), *beat, at) : nullptr;
    }
    const Scene s = scene(scale());
    if (zone == Zone::Ruler)
        if (const auto end = PieceView{s, ruler_}.under(at))
            return std::make_unique<DragPieceEnd>(gestures(), *end, at);
    if (zone == Zone::Song && wave_.contains(at) && !(keys & Qt::ShiftModifier)) {
        const SongTrackView song{s, wave_};
        if (const auto edge = song.edge_under(at))
            return std::make_unique<ShapeSong>(gestures(), *edge, at);
        if (gain_line_on_song(s, at))
            return std::make_unique<DragGain>(gestures(), std::nullopt, song.gain(), at);
    }
    if (zone == Zone::Song) {
        view_.choose_onset(onset_under(at));
        if (view_.onset() && !(keys & Qt::ShiftModifier)) {
            view_.select({});
            return std::make_unique<MoveOnset>(gestures(), *view_.onset(), at);
        }
    }
    if (zone == Zone::Ruler || (zone == Zone::Song && (keys & Qt::ShiftModifier)))
        return std::make_unique<MarkRange>(gestures(), at);
    return gesture_on_lanes(at, keys);
}

QString TimelineView::hint_at(QPointF at) const {
    switch (zone_at(at)) {
    case Zone::Names:
        return row_named_at(at)
                   ? tr("Drag it onto a value of a layer, the picture or a lane: it acts there on "
                        "each of these onsets")
                   : QString();
    case Zone::Ruler:
        if (const Scene s = scene(scale()); PieceView{s, ruler_}.under(at))
            return tr("Drag to where the piece begins or ends; the song itself is not trimmed");
        return tr("Click to go there · drag to make a range · wheel zooms, with Shift scrolls");
    case Zone::GridRow:
        return beat_under(gestures(), at)
                   ? tr("Drag a beat to bend the grid around it · Ctrl bends all up to held beats, Alt moves "
                        "it alone · H holds it")
                   : tr("Double click to add a beat · Shift leaves the onsets");
    case Zone::Song:
        if (const QString song = song_hint(at); !song.isEmpty())
            return song;
        if (onset_row_at(at))
            return onset_under(at) ? tr("Drag an onset to where you hear it · Delete removes it · right "
                                        "click: strength, as "
                                        "it was found")
                                   : tr("Double click to add an onset to this row");
        return tr("Click to go there · Shift and drag makes a range · wheel zooms at the mouse, with Shift "
                  "scrolls");
    case Zone::Lane: {
        const QString pin = pin_hint(at);
        return !pin.isEmpty()
                   ? pin
                   : tr("Double click to add a pin · click to go there · Shift and drag selects what it "
                        "touches");
    }
    case Zone::Below:
        return tr("Click to go there");
    }
    return {};
}

QString TimelineView::song_hint(QPointF at) const {
    const Scene s = scene(scale());
    if (const auto edge = SongTrackView{s, wave_}.edge_under(at))
        return *edge == SoundEdge::FadeIn || *edge == SoundEdge::FadeOut
                   ? tr("Drag to fade the song")
                   : tr("Drag to where the song is heard from or until; nothing else moves");
    return gain_line_on_song(s, at)
               ? tr("Drag the line of gain: a press adds a point, a double click removes one, "
                    "Shift goes slowly")
               : QString();
}

Qt::CursorShape TimelineView::cursor_at(QPointF at) const {
    if (const Scene s = scene(scale());
        SongTrackView{s, wave_}.edge_under(at) || PieceView{s, ruler_}.under(at))
        return Qt::SizeHorCursor;
    return beats_.contains(at) && beat_under(gestures(), at) ? Qt::SizeHorCursor : Canvas::cursor_at(at);
}

void TimelineView::mousePressEvent(QMouseEvent* event) {
    const QPointF at = event->position();
    if (event->button() == Qt::MiddleButton) {
        const Seconds start = scale().start;
        begin(std::make_unique<Push>(gestures(), at,
                                     [this, start](double pixels) {
                                         placement_.scale.start =
                                             start - Seconds(pixels / scale().pixels_per_second);
                                         view_changed();
                                     }),
              event->button());
        setCursor(Qt::ClosedHandCursor);
        return;
    }
    if (event->button() == Qt::LeftButton && !on_names_edge(at) &&
        press_switch(at, event->modifiers() & Qt::ShiftModifier))
        return;
    if (event->button() == Qt::LeftButton && !on_names_edge(at) && row_named_at(at))
        named_row_pressed_ = at;
    Canvas::mousePressEvent(event);
}

std::optional<std::string> TimelineView::row_named_at(QPointF at) const {
    const auto row = at.x() < names_width() ? row_of_onsets_at({names_width() + 1.0, at.y()}) : std::nullopt;
    return row ? std::optional(document_.project().detection->rows[row->first].name) : std::nullopt;
}

/// A row of onsets is dragged by its name: onto what it is to move.
void TimelineView::mouseMoveEvent(QMouseEvent* event) {
    if (!named_row_pressed_ ||
        (event->position() - *named_row_pressed_).manhattanLength() < QApplication::startDragDistance())
        return Canvas::mouseMoveEvent(event);
    const auto name = row_named_at(*std::exchange(named_row_pressed_, std::nullopt));
    if (!name)
        return;
    const QString text = QString::fromStdString(*name);
    const QSize size = fontMetrics().size(Qt::TextSingleLine, text) + QSize(16, 8);
    QPixmap picture(size);
    picture.fill(palette_->selection);
    QPainter painter(&picture);
    painter.setFont(font());
    painter.setPen(palette_->paper);
    painter.drawText(picture.rect(), Qt::AlignCenter, text);
    painter.end();
    drag(this, RowOfOnsets{*name}, picture);
}

void TimelineView::mouseReleaseEvent(QMouseEvent* event) {
    named_row_pressed_.reset();
    Canvas::mouseReleaseEvent(event);
}

void TimelineView::mouseDoubleClickEvent(QMouseEvent* event) {
    const QPointF at = event->position();
    if (event->button() == Qt::LeftButton && remove_gain_point_at(at))
        return;
    if (event->button() == Qt::LeftButton && zone_at(at) == Zone::GridRow)
        return add_beat_at(at, event->modifiers() & Qt::ShiftModifier);
    if (event->button() == Qt::LeftButton && at.x() >= names_width() &&
        (onsets_.contains(at) || wave_.contains(at)) && document_.project().detection)
        return add_onset_at(at);
    if (const Lane* lane = lane_named_at(at); lane && event->button() == Qt::LeftButton) {
        emit lane_name_wanted(lane->id);
        return;
    }
    Canvas::mouseDoubleClickEvent(event);
}

bool TimelineView::gain_line_on_song(const Scene& s, QPointF at) const {
    const auto& line = s.project.song_track->body.gain_line;
    return s.project.song && wave_.contains(at) && gain_line_shown(line, view_) &&
           SongTrackView{s, wave_}.gain().is_on(at);
}

/// A point that is clicked twice goes. Whether there was a line there at all.
bool TimelineView::remove_gain_point_at(QPointF at) {
    const Scene s = scene(scale());
    const auto remove = [&](SoundChoice sound, const GainLineView& view) {
        if (const auto point = view.point_under(at)) {
            auto line = view.line;
            line.erase(line.begin() + static_cast<std::ptrdiff_t>(*point));
            document_.apply(with_gain_line(document_.project(), sound, std::move(line)),
                            tr("remove point of gain"));
        }
        return true;
    };
    if (gain_line_on_song(s, at))
        return remove(std::nullopt, SongTrackView{s, wave_}.gain());
    const auto grip = grip_under(gestures(), at);
    const auto place = placement_.lane_at(at);
    if (!grip || grip->part != GripPart::GainLine || !place)
        return false;
    const LaneScene lane = lane_scene(s, *place);
    for (const auto& pin : lane.resolved.pins)
        if (pin.id == grip->pin)
            return remove(grip->pin, gain_line_view(lane, pin));
    return false;
}

void TimelineView::add_beat_at(QPointF at, bool free) {
    const auto& project = document_.project();
    if (!project.grid || beat_under(gestures(), at))
        return;
    const Seconds time = near_onset(gestures(), scale().time(at.x()), free);
    auto grid = with_beat_added(*project.grid, time);
    if (!grid)
        return document_.say(spoken(grid.error()));
    const auto beat = grid->nearest_beat(time).value / ticks_per_beat;
    document_.apply(relabelled(project, *std::move(grid)), tr("add beat"));
    view_.choose_beat(beat);
}

void TimelineView::wheelEvent(QWheelEvent* event) {
    const QPoint angle = event->angleDelta();
    auto& shown = placement_.scale;
    const bool sideways =
        (event->modifiers() & Qt::ShiftModifier) || std::abs(angle.x()) > std::abs(angle.y());
    if (event->position().x() < names_width() && lane_scroll_->isVisible()) {
        lane_scroll_->setValue(lane_scroll_->value() - angle.y() / 2);
    } else if (event->modifiers() & Qt::ControlModifier) {
        set_wave_height(view_.look().wave_height * std::exp2(angle.y() / 480.0));
        emit hint(tr("Waveform drawn %1 times as high").arg(number_text(view_.look().wave_height, 1)));
    } else if (sideways) {
        const int turn = angle.x() != 0 ? angle.x() : angle.y();
        shown.start -= Seconds(turn / 120.0 * shown.width / 8 / shown.pixels_per_second);
        view_changed();
    } else {
        shown.zoom(std::exp2(angle.y() / 240.0), std::max(event->position().x(), shown.left));
        view_changed();
    }
    event->accept();
}

void TimelineView::contextMenuEvent(QContextMenuEvent* event) {
    const QPointF at = event->pos();
    if (event->reason() == QContextMenuEvent::Mouse && onset_under(at))
        return show_onset_menu(event->globalPos(), at);
    if (event->reason() != QContextMenuEvent::Mouse || at.x() >= names_width())
        return Canvas::contextMenuEvent(event);
    const Lane* lane = lane_named_at(at);
    emit lane_menu_wanted(event->globalPos(), lane ? lane->id : LaneId{});
}

} // namespace pulsepin
