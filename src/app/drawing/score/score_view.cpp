// SPDX-License-Identifier: GPL-3.0-or-later
#include "drawing/score/score_view.h"

#include "drawing/canvas/gestures/beats.h"
#include "drawing/canvas/gestures/looking.h"
#include "drawing/canvas/gestures/paint_cells.h"
#include "drawing/kind_look.h"
#include "drawing/score/paint_score.h"

#include <QPainterPath>
#include <QResizeEvent>
#include <QWheelEvent>
#include <algorithm>

namespace pulsepin {
namespace {

constexpr int scroll_width = 10;

} // namespace

ScoreView::ScoreView(Document& document, ViewState& view, QWidget* parent)
    : Canvas(document, view, parent), scroll_(new QScrollBar(Qt::Vertical, this)) {
    setObjectName("score");
    setAccessibleName(tr("Score"));
    setAccessibleDescription(tr("The song in phrases, one under another. Arrow keys move the playhead."));
    scroll_->setAccessibleName(tr("Scroll through the phrases"));
    scroll_->setFocusPolicy(Qt::NoFocus);
    scroll_->setCursor(Qt::ArrowCursor);
    set_palette(day_palette());
    connect(scroll_, &QScrollBar::valueChanged, this, [this] {
        lay_out();
        invalidate();
    });
}

void ScoreView::set_palette(const Palette& palette) {
    Canvas::set_palette(palette);
    scroll_->setStyleSheet(
        QString("QScrollBar:vertical { background: %1; } QScrollBar::handle:vertical { background: %2; }")
            .arg(palette.paper_names.name(), palette.paper_bar.name()));
}

void ScoreView::set_bars_in_row(int bars) {
    if (bars == bars_in_row_)
        return;
    bars_in_row_ = bars;
    lay_out();
    invalidate();
    reveal(view_.playhead());
}

void ScoreView::zoom_by(double factor) {
    const auto at = std::find(std::begin(phrase_lengths), std::end(phrase_lengths), bars_in_row_);
    if (factor > 1 && at != std::begin(phrase_lengths))
        set_bars_in_row(*(at - 1));
    if (factor < 1 && at + 1 < std::end(phrase_lengths))
        set_bars_in_row(*(at + 1));
}

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

void ScoreView::lay_out() {
    const auto& project = document_.project();
    auto& p = placement_;
    p.tracks = score_tracks(document_.schedule());
    p.grid = project.grid;
    p.left = names_width();
    p.top = head_height;
    p.song_end = project.song ? project.song->duration() : Seconds(1e9);
    p.layout = project.grid ? ScoreLayout(*project.grid, bars_in_row_, names_width(),
                                          std::max(10, width() - names_width() - scroll_width - 6),
                                          score_row_height(p.tracks))
                            : ScoreLayout();
    scroll_->setGeometry(width() - scroll_width, head_height, scroll_width, height() - head_height);
    const QSignalBlocker quiet(scroll_);
    const int room = height() - head_height;
    scroll_->setRange(0, std::max(0, static_cast<int>(p.layout.height()) - room));
    scroll_->setPageStep(room);
    scroll_->setSingleStep(static_cast<int>(p.layout.row_height()));
    p.scrolled = scroll_->value();
}

void ScoreView::reveal(Seconds time) {
    lay_out();
    const auto& p = placement_;
    if (p.empty())
        return;
    const auto& row = p.layout.rows()[p.layout.row_of(p.grid->beats_at(time))];
    const double room = height() - head_height, high = p.layout.row_height();
    if (row.top < p.scrolled || row.top + high > p.scrolled + room)
        scroll_->setValue(
            static_cast<int>(row.top - (row.top < p.scrolled ? 0 : std::min(room * 0.25, room - high))));
}

// -- by hand

QPointF ScoreView::cell_position(LaneId id, Ticks at) const {
    const auto& lanes = document_.project().lanes;
    for (std::size_t i = 0; i < lanes.size() && i < placement_.tracks.size(); ++i)
        if (lanes[i]->id == id) {
            const auto& track = placement_.tracks[i];
            const QPointF middle = position_of(document_.project().grid->time_at(at));
            return {middle.x(),
                    middle.y() - placement_.layout.row_height() / 2 + track.top + track.height / 2};
        }
    return {-1, -1};
}

void ScoreView::switch_cell(LaneId lane, Ticks at) {
    lay_out();
    PaintCells cell(gestures(), lane, cells_a_beat_, cell_position(lane, at));
    if (cell.refused())
        return document_.say(*cell.refused());
    if (auto edit = cell.end({}))
        document_.apply(std::move(edit->project), edit->name);
}

const Lane* ScoreView::lane_to_paint(QPointF at) const {
    const auto place = painting_ ? placement_.lane_at(at) : std::nullopt;
    const Lane* lane = place ? document_.project().lanes[place->lane].get() : nullptr;
    // Cells that lie in rows are painted by pressing them, anyway.
    return lane && !holds<SoundBody>(lane->kind) && look_of_kind(lane->kind).heads ? lane : nullptr;
}

bool ScoreView::on_wave(QPointF at) const {
    if (placement_.empty() || at.y() < head_height || at.x() < names_width())
        return false;
    const double inside = at.y() - placement_.phrase_top(placement_.phrase_at(at));
    return inside < score_wave_top + score_wave_height;
}

std::optional<std::int64_t> ScoreView::beat_to_bend(QPointF at) const {
    return view_.grid_rows() && on_wave(at) ? beat_under(gestures(), at) : std::nullopt;
}

std::unique_ptr<Gesture> ScoreView::gesture_at(QPointF at, Qt::KeyboardModifiers keys) {
    if (placement_.empty())
        return nullptr;
    if (const Lane* lane = lane_to_paint(at))
        return std::make_unique<PaintCells>(gestures(), lane->id, cells_a_beat_, at);
    if (const auto beat = beat_to_bend(at)) {
        view_.choose_beat(beat);
        return std::make_unique<BendBeat>(gestures(), *beat, at);
    }
    if (on_wave(at) && (keys & Qt::ShiftModifier))
        return std::make_unique<MarkRange>(gestures(), at);
    return gesture_on_lanes(at, keys);
}

QString ScoreView::hint_at(QPointF at) const {
    if (at.x() < names_width())
        return {};
    if (lane_to_paint(at))
        return tr("Click a cell to switch it on or off, drag to paint · P ends painting");
    if (beat_to_bend(at))
        return tr("Drag a beat to bend the grid around it · Ctrl bends all up to held beats, Alt moves it "
                  "alone · H holds it");
    if (on_wave(at))
        return tr("Click to go there · Shift and drag makes a range · wheel scrolls, with Ctrl other phrase "
                  "lengths");
    const QString pin = pin_hint(at);
    return !pin.isEmpty() ? pin
                          : tr("Click to go there · double click adds a pin · Shift and drag selects what it "
                               "touches · wheel scrolls, with Ctrl other phrase lengths");
}

Qt::CursorShape ScoreView::cursor_at(QPointF at) const {
    if (lane_to_paint(at))
        return Qt::CrossCursor;
    return beat_to_bend(at) ? Qt::SizeHorCursor : Canvas::cursor_at(at);
}

void ScoreView::wheelEvent(QWheelEvent* event) {
    if (event->modifiers() & Qt::ControlModifier) {
        zoom_by(event->angleDelta().y() > 0 ? 2.0 : 0.5);
        emit hint(tr("%n bars in a row", nullptr, bars_in_row_));
    } else {
        scroll_->setValue(scroll_->value() -
                          event->angleDelta().y() * static_cast<int>(placement_.layout.row_height()) / 120);
    }
    event->accept();
}

// -- painting

void ScoreView::draw(QImage& base) {
    base.fill(palette_->paper);
    QPainter painter(&base);
    painter.setFont(font());
    if (placement_.empty()) {
        painter.setPen(palette_->paper_quiet);
        painter.drawText(rect(), Qt::AlignCenter, tr("The score needs beats: find them at the stop “Grid”."));
        return;
    }
    const Scene s = scene({});
    const ScoreScene score{s, placement_, document_.sounds().outline(), painting_ ? cells_a_beat_ : 0};
    painter.setClipRect(QRectF(0, head_height, width(), height() - head_height));
    for (std::size_t i = 0; i < placement_.layout.rows().size(); ++i) {
        const QRectF rect(0, placement_.phrase_top(i), width() - scroll_width,
                          placement_.layout.row_height());
        if (rect.bottom() > head_height && rect.top() < height())
            paint_phrase(painter, score, i, rect);
    }
    painter.setClipping(false);
    paint_score_head(painter, score, QRectF(0, 0, width(), head_height));
    painter.setPen(QPen(palette_->paper_bar, 1));
    painter.drawLine(QPointF(0, head_height - 0.5), QPointF(width(), head_height - 0.5));
}

QRectF ScoreView::playhead_strip(Seconds time) const {
    const QPointF at = position_of(time);
    const double high = placement_.layout.row_height();
    return {at.x() - 10, at.y() - high, 20, 2 * high};
}

void ScoreView::draw_playhead(QPainter& painter) const {
    if (placement_.empty())
        return;
    const QPointF at = position_of(view_.playhead());
    const double half = placement_.layout.row_height() / 2;
    const double top = at.y() - half, bottom = at.y() + half;
    if (bottom < head_height || top > height())
        return;
    const auto& p = *palette_;
    painter.setClipRect(QRectF(names_width() - 8, head_height, width(), height()));
    painter.setRenderHint(QPainter::Antialiasing);
    painter.fillRect(QRectF(at.x() - 2, top, 4, bottom - top), p.paper_text);
    painter.fillRect(QRectF(at.x() - 1, top, 2, bottom - top), p.playing);
    QPainterPath shield(QPointF(at.x() - 7, top));
    shield.lineTo(at.x() + 7, top);
    shield.lineTo(at.x() + 7, top + 8);
    shield.lineTo(at.x(), top + 14);
    shield.lineTo(at.x() - 7, top + 8);
    shield.closeSubpath();
    painter.setPen(QPen(p.playing_text, 1));
    painter.setBrush(p.playing);
    painter.drawPath(shield);
}

/// A selected pin that was in sight stays so.
void ScoreView::resizeEvent(QResizeEvent* event) {
    std::optional<Seconds> kept;
    if (!placement_.empty() && !view_.selection().empty()) {
        const QPointF head = head_position(*view_.selection().begin());
        if (head.y() > head_height && head.y() < event->oldSize().height())
            kept = placement_.time_at(head);
    }
    lay_out();
    if (kept)
        reveal(*kept);
    invalidate();
}

} // namespace pulsepin
