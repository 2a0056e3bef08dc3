// SPDX-License-Identifier: GPL-3.0-or-later
#include "kinds/trigger_look.h"
#include "score/score_view.h"

#include "score/paint_score.h"
#include "timeline/lane_views.h"

#include <QPaintEvent>
#include <QPainterPath>
#include <algorithm>
#include <cmath>

namespace pulsepin {
namespace {

constexpr double snap_distance = 9, reach = 9;
constexpr int scroll_width = 10;

} // namespace

ScoreView::ScoreView(Document& document, ViewState& view, QWidget* parent)
    : QWidget(parent), document_(document), view_(view), scroll_(new QScrollBar(Qt::Vertical, this)) {
    setObjectName("score");
    setMouseTracking(true);
    setFocusPolicy(Qt::StrongFocus);
    setAttribute(Qt::WA_OpaquePaintEvent);
    setAccessibleName(tr("Score"));
    setAccessibleDescription(tr("The song in phrases, one under another. Arrow keys move the playhead."));
    scroll_->setAccessibleName(tr("Scroll through the phrases"));
    scroll_->setFocusPolicy(Qt::NoFocus);
    scroll_->setCursor(Qt::ArrowCursor);
    set_palette(day_palette());
    connect(scroll_, &QScrollBar::valueChanged, this, &ScoreView::invalidate);
    connect(&document_, &Document::changed, this, &ScoreView::invalidate);
    connect(&document_, &Document::heard_changed, this, &ScoreView::invalidate);
    connect(&document_, &Document::sound_changed, this, &ScoreView::invalidate);
    connect(&view_, &ViewState::look_changed, this, &ScoreView::invalidate);
    connect(&view_, &ViewState::selection_changed, this, &ScoreView::invalidate);
    connect(&view_, &ViewState::range_changed, this, &ScoreView::invalidate);
    connect(&view_, &ViewState::outlines_changed, this, &ScoreView::invalidate);
    connect(&view_, &ViewState::playhead_moved, this, [this] {
        update(playhead_rect_);
        const QPointF at = position_of(view_.playhead());
        update(
            QRectF(at.x() - 10, at.y() - layout_.row_height(), 20, 2 * layout_.row_height()).toAlignedRect());
    });
}

void ScoreView::set_palette(const Palette& palette) {
    palette_ = &palette;
    scroll_->setStyleSheet(
        QString("QScrollBar:vertical { background: %1; } QScrollBar::handle:vertical { background: %2; }")
            .arg(palette.paper_names.name(), palette.paper_bar.name()));
    invalidate();
}

void ScoreView::set_bars_in_row(int bars) {
    if (bars == bars_in_row_)
        return;
    bars_in_row_ = bars;
    lay_out();
    invalidate();
    reveal(view_.playhead());
    emit bars_in_row_changed(bars);
}

void ScoreView::zoom_by(double factor) {
    const auto at = std::find(std::begin(phrase_lengths), std::end(phrase_lengths), bars_in_row_);
    if (factor > 1 && at != std::begin(phrase_lengths))
        set_bars_in_row(*(at - 1));
    if (factor < 1 && at + 1 < std::end(phrase_lengths))
        set_bars_in_row(*(at + 1));
}

const Schedule& ScoreView::shown_schedule() const {
    return shows_drag() ? drag_.shown : document_.schedule();
}

void ScoreView::lay_out() {
    const auto& project = document_.project();
    layout_ = project.grid ? ScoreLayout(*project.grid, bars_in_row_, names_width,
                                         std::max(10, width() - names_width - scroll_width - 6),
                                         score_row_height(document_))
                           : ScoreLayout();
    scroll_->setGeometry(width() - scroll_width, head_height, scroll_width, height() - head_height);
    const QSignalBlocker quiet(scroll_);
    const int room = height() - head_height;
    scroll_->setRange(0, std::max(0, static_cast<int>(layout_.height()) - room));
    scroll_->setPageStep(room);
    scroll_->setSingleStep(static_cast<int>(layout_.row_height()));
}

void ScoreView::invalidate() {
    base_valid_ = false;
    update();
}

QRectF ScoreView::row_rect(std::size_t row) const {
    return {0, head_height + layout_.rows()[row].top - scrolled(),
            static_cast<double>(width() - scroll_width), layout_.row_height()};
}

void ScoreView::reveal(Seconds time) {
    lay_out();
    const auto& grid = document_.project().grid;
    if (!grid || layout_.rows().empty())
        return;
    const auto& row = layout_.rows()[layout_.row_of(grid->beats_at(time))];
    const double room = height() - head_height;
    if (row.top < scrolled() || row.top + layout_.row_height() > scrolled() + room)
        scroll_->setValue(static_cast<int>(
            row.top - (row.top < scrolled() ? 0 : std::min(room * 0.25, room - layout_.row_height()))));
}

QPointF ScoreView::position_of(Seconds time) const {
    const auto& grid = document_.project().grid;
    if (!grid || layout_.rows().empty())
        return {-100, -100};
    const Beats place = grid->beats_at(time);
    const auto& row = layout_.rows()[layout_.row_of(place)];
    return {layout_.x(row, place), head_height + row.top - scrolled() + layout_.row_height() / 2};
}

QPointF ScoreView::head_position(PinId pin) const {
    const auto& project = document_.project();
    for (const auto& track : score_tracks(document_))
        for (const auto& resolved : document_.schedule()[track.lane].pins)
            if (resolved.id == pin) {
                const Lane& lane = *project.lanes[track.lane];
                const Beats place = project.grid ? project.grid->beats_at(resolved.time) : Beats(0);
                QPointF at(-100, -100);
                for (const auto& row : layout_.rows())
                    if (ScoreLayout::holds(row, place))
                        at = {layout_.x(row, place),
                              head_height + row.top - scrolled() +
                                  score_head_y(lane, lane.pins[resolved.index].body, track) +
                                  (lane.kind->cuts ? 5 : 0)};
                return at;
            }
    return {-1, -1};
}

Seconds ScoreView::time_at(QPointF at) const {
    const auto& grid = document_.project().grid;
    if (!grid || layout_.rows().empty())
        return {};
    const Seconds end = document_.project().song ? document_.project().song->duration() : Seconds(1e9);
    return std::clamp(grid->time_at(layout_.place(std::max(at.x(), static_cast<double>(names_width)),
                                                  at.y() - head_height + scrolled())),
                      Seconds(0), end);
}

Seconds ScoreView::snapped(Seconds time, bool off_grid) const {
    const auto& grid = document_.project().grid;
    if (off_grid || !grid || view_.snap() == Snap::Off)
        return time;
    const double apart = std::abs(grid->beats_at(time).value - std::round(grid->beats_at(time).value));
    const bool near = apart * layout_.beat_width() <= snap_distance;
    return near || view_.snap() == Snap::Always ? grid->time_at(grid->nearest_beat(time)) : time;
}

std::optional<std::size_t> ScoreView::lane_at(QPointF at) const {
    if (layout_.rows().empty() || at.y() < head_height || at.x() < names_width)
        return std::nullopt;
    const double y = at.y() - head_height + scrolled();
    const double inside = y - layout_.rows()[layout_.row_at(y)].top;
    for (const auto& track : score_tracks(document_))
        if (inside >= track.top && inside < track.top + track.height)
            return track.lane;
    return std::nullopt;
}

std::optional<PinId> ScoreView::pin_at(QPointF at) const {
    const auto lane = lane_at(at);
    const auto& grid = document_.project().grid;
    if (!lane || !grid)
        return std::nullopt;
    const auto& row = layout_.rows()[layout_.row_at(at.y() - head_height + scrolled())];
    const Lane& here = *document_.project().lanes[*lane];
    std::optional<PinId> nearest;
    double distance = reach;
    for (const auto& pin : document_.schedule()[*lane].pins) {
        const Beats place = grid->beats_at(pin.time);
        if (!ScoreLayout::holds(row, place) ||
            (here.kind->triggers && row_of(here.pins[pin.index].body) != trigger_row_at(at, *lane)))
            continue;
        const double d = std::abs(layout_.x(row, place) - at.x());
        if (d < distance) {
            distance = d;
            nearest = pin.id;
        }
    }
    if (nearest || here.kind->marks || here.kind->drives())
        return nearest;
    // The bar of a shot, a trigger or a sound is taken hold of as its pin.
    const Seconds time = time_at(at);
    const Frames frame = document_.project().settings->frame_rate.frame_at(time);
    const auto& spans = document_.spans(here.id);
    if (here.kind->cuts) {
        const auto* shot = shot_at(spans.shots, frame);
        return shot ? std::optional(shot->cut) : std::nullopt;
    }
    if (here.kind->triggers) {
        for (const auto& span : spans.triggers)
            if (frame >= span.start && frame < span.end && span.row == trigger_row_at(at, *lane))
                return span.pin;
        return std::nullopt;
    }
    for (const auto& pin : document_.schedule()[*lane].pins)
        if (time >= pin.time && time < pin.time + std::get<SoundBody>(here.pins[pin.index].body).length)
            return pin.id;
    return std::nullopt;
}

int ScoreView::trigger_row_at(QPointF at, std::size_t lane) const {
    const double y = at.y() - head_height + scrolled();
    const double inside = y - layout_.rows()[layout_.row_at(y)].top;
    const auto tracks = score_tracks(document_);
    const int rows = document_.spans(document_.project().lanes[lane]->id).rows;
    for (int row = 0; row < rows; ++row)
        if (inside <
            trigger_row_rect(QRectF(0, tracks[lane].top, 1, tracks[lane].height), row, rows).bottom() + 1)
            return row;
    return rows - 1;
}

// -- painting

void ScoreView::paint_base() {
    lay_out();
    const qreal ratio = devicePixelRatioF();
    if (base_.size() != size() * ratio) {
        base_ = QImage(size() * ratio, QImage::Format_RGB32);
        base_.setDevicePixelRatio(ratio);
    }
    base_.fill(palette_->paper);
    QPainter painter(&base_);
    painter.setFont(font());
    const auto& project = shown_project();
    std::vector<const LaneSpans*> spans;
    for (std::size_t i = 0; i < project.lanes.size(); ++i)
        spans.push_back(&shown_schedule().spans(i));
    const ScoreScene scene{document_,   project,          shown_schedule(),
                           view_,       *palette_,        layout_,
                           names_width, std::move(spans), painting_ ? cells_a_beat_ : 0};
    if (layout_.rows().empty()) {
        painter.setPen(palette_->paper_quiet);
        painter.drawText(rect(), Qt::AlignCenter, tr("The score needs beats: find them at the stop “Grid”."));
    } else {
        painter.setClipRect(QRectF(0, head_height, width(), height() - head_height));
        for (std::size_t i = 0; i < layout_.rows().size(); ++i)
            if (const QRectF rect = row_rect(i); rect.bottom() > head_height && rect.top() < height())
                paint_phrase(painter, scene, layout_.rows()[i], rect);
        painter.setClipping(false);
        paint_score_head(painter, scene, QRectF(0, 0, width(), head_height));
        painter.setPen(QPen(palette_->paper_bar, 1));
        painter.drawLine(QPointF(0, head_height - 0.5), QPointF(width(), head_height - 0.5));
    }
    if (drag_.kind == Drag::Kind::Band && drag_.moved) {
        QColor ground = palette_->selection;
        ground.setAlphaF(0.12f);
        painter.setPen(QPen(palette_->selection, 1, Qt::DashLine));
        painter.setBrush(ground);
        painter.drawRect(QRectF(drag_.from, drag_.to).normalized());
    }
    base_valid_ = true;
}

void ScoreView::paint_playhead(QPainter& painter) const {
    if (layout_.rows().empty())
        return;
    const QPointF at = position_of(view_.playhead());
    const double top = at.y() - layout_.row_height() / 2, bottom = at.y() + layout_.row_height() / 2;
    if (bottom < head_height || top > height())
        return;
    const auto& p = *palette_;
    painter.setClipRect(QRectF(names_width - 8, head_height, width(), height()));
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

void ScoreView::paintEvent(QPaintEvent* event) {
    if (!base_valid_)
        paint_base();
    QPainter painter(this);
    const QRect dirty = event->rect();
    const qreal ratio = base_.devicePixelRatio();
    painter.drawImage(
        QRectF(dirty), base_,
        QRectF(dirty.x() * ratio, dirty.y() * ratio, dirty.width() * ratio, dirty.height() * ratio));
    paint_playhead(painter);
    const QPointF at = position_of(view_.playhead());
    playhead_rect_ =
        QRectF(at.x() - 10, at.y() - layout_.row_height(), 20, 2 * layout_.row_height()).toAlignedRect();
}

void ScoreView::resizeEvent(QResizeEvent*) {
    lay_out();
    invalidate();
}

} // namespace pulsepin
