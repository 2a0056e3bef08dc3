// SPDX-License-Identifier: GPL-3.0-or-later
#include "timeline/timeline_view.h"

#include "timeline/curve_lanes.h"

#include "kinds/kinds.h"
#include "kinds/kind_look.h"
#include "timeline/lane_views.h"
#include "timeline/paint_grid.h"
#include "timeline/paint_song.h"
#include "timeline/pin_heads.h"

#include <QPaintEvent>
#include <QPainterPath>
#include <algorithm>
#include <cmath>

namespace pulsepin {
namespace {

constexpr double ruler_height = 32;
constexpr double first_onset_height = 18, more_onset_height = 13, section_height = 16;
constexpr double beats_height = 28, trust_height = 30, tempo_height = 74;
constexpr double least_wave = 60;
constexpr double most_wave = 250;
constexpr int scroll_height = 10;

} // namespace

TimelineView::TimelineView(Document& document, ViewState& view, QWidget* parent)
    : QWidget(parent), document_(document), view_(view), scroll_(new QScrollBar(Qt::Horizontal, this)),
      lane_scroll_(new QScrollBar(Qt::Vertical, this)) {
    setObjectName("timeline");
    setMouseTracking(true);
    setFocusPolicy(Qt::StrongFocus);
    setAttribute(Qt::WA_OpaquePaintEvent);
    setAccessibleName(tr("Timeline"));
    setAccessibleDescription(tr("The song and the lanes that hang from it. Arrow keys move the playhead."));
    scroll_->setAccessibleName(tr("Scroll in time"));
    scroll_->setFocusPolicy(Qt::NoFocus);
    scroll_->setCursor(Qt::ArrowCursor);
    lane_scroll_->setAccessibleName(tr("Scroll through the lanes"));
    lane_scroll_->setFocusPolicy(Qt::NoFocus);
    lane_scroll_->setCursor(Qt::ArrowCursor);
    connect(lane_scroll_, &QScrollBar::valueChanged, this, &TimelineView::invalidate);
    set_palette(day_palette());
    connect(scroll_, &QScrollBar::valueChanged, this, [this](int value) {
        scale_.start = Seconds(value / scale_.pixels_per_second);
        view_changed();
    });
    connect(&document_, &Document::followers_changed, this, &TimelineView::invalidate);
    connect(&view_, &ViewState::motion_lane_changed, this, &TimelineView::invalidate);
    connect(&document_, &Document::changed, this, &TimelineView::invalidate);
    connect(&tiles_, &SongTiles::arrived, this, &TimelineView::invalidate);
    connect(&view_, &ViewState::look_changed, this, [this] {
        tiles_.set_look(view_.look());
        invalidate();
    });
    connect(&document_, &Document::heard_changed, this, &TimelineView::give_song_to_tiles);
    connect(&document_, &Document::spectrum_changed, this, &TimelineView::give_song_to_tiles);
    connect(&document_.detection(), &DetectionController::shown_changed, this, [this] { invalidate(); });
    connect(&document_, &Document::sound_changed, this, [this] {
        give_song_to_tiles();
        if (whole_song_pending_ && document_.project().song) {
            whole_song_pending_ = false;
            show_all();
        }
        invalidate();
    });
    connect(&document_, &Document::opened, this, [this] { whole_song_pending_ = true; });
    connect(&view_, &ViewState::selection_changed, this, [this] {
        reveal_selected();
        invalidate();
    });
    connect(&view_, &ViewState::range_changed, this, &TimelineView::invalidate);
    connect(&view_, &ViewState::outlines_changed, this, &TimelineView::invalidate);
    connect(&view_, &ViewState::grid_rows_changed, this, &TimelineView::invalidate);
    connect(&document_.detection(), &DetectionController::proposal_changed, this, &TimelineView::invalidate);
    connect(&view_, &ViewState::playhead_moved, this, &TimelineView::playhead_moved);
}

void TimelineView::set_palette(const Palette& palette) {
    palette_ = &palette;
    tiles_.set_palette(palette);
    scroll_->setStyleSheet(
        QString("QScrollBar:horizontal { background: %1; } QScrollBar::handle:horizontal { background: %2; }")
            .arg(palette.paper_names.name(), palette.paper_bar.name()));
    lane_scroll_->setStyleSheet(QString(scroll_->styleSheet()).replace("horizontal", "vertical"));
    invalidate();
}

void TimelineView::set_wave_height(double factor) {
    SongLook look = view_.look();
    look.wave_height = std::clamp(factor, 0.5, 64.0);
    view_.set_look(look);
}

void TimelineView::give_song_to_tiles() {
    SongPicture picture;
    const auto* sound = document_.heard();
    if (const auto outline = document_.sounds().outline())
        picture = {outline, sound ? sound->samples : nullptr, document_.spectrum()};
    tiles_.set_song(std::move(picture));
    invalidate();
}

// -- what is shown

const Schedule& TimelineView::shown_schedule() const {
    return shows_drag() ? drag_.shown : document_.schedule();
}

LaneScene TimelineView::lane_scene(const Scene& scene, std::size_t lane) const {
    return {scene, *scene.project.lanes[lane], scene.schedule[lane], scene.schedule.spans(lane),
            lanes_[lane].rect.adjusted(names_width, 0, 0, 0)};
}

Scene TimelineView::scene() const {
    return {shown_project(),
            document_.detection().shown(),
            shown_schedule(),
            view_,
            *palette_,
            scale_,
            [this](ClipId clip) { return document_.source(clip); },
            &document_.trust(),
            document_.detection().proposal(),
            &document_.followers()};
}

Seconds TimelineView::song_end() const {
    const auto& project = document_.project();
    return project.song ? project.song->duration() : Seconds(60);
}

// -- place and scale

void TimelineView::lay_out() {
    const double w = width();
    scale_.left = names_width;
    scale_.width = std::max(10.0, w - names_width);
    double lanes_height = 0;
    for (const auto& lane : document_.project().lanes)
        lanes_height += look_of_kind(lane->kind).height(document_.spans(lane->id));
    const auto& look = view_.look();
    const bool wave_folded = look.wave_folded, spectrum_folded = look.spectrum == SongLook::Spectrum::Folded;
    const auto detection = document_.detection().shown();
    const double sections = detection && !detection->sections.empty() ? section_height : 0;
    std::size_t rows = 0;
    if (detection)
        for (const auto& row : detection->rows)
            rows += row.shown;
    const double onsets = rows == 0 ? first_onset_height
                                    : first_onset_height + more_onset_height * static_cast<double>(rows - 1);
    const bool grid_rows = view_.grid_rows() && document_.project().grid;
    const double beats = grid_rows ? beats_height : 0, trust = grid_rows ? trust_height : 0,
                 tempo = grid_rows ? tempo_height : 0;
    const double free = height() - scroll_height - ruler_height - beats - sections - onsets - trust - tempo -
                        18 - lanes_height;
    const double wave =
        wave_folded ? 0 : std::clamp(free * (spectrum_folded ? 0.7 : 0.5), least_wave, most_wave);
    const double spectrum = spectrum_folded || (grid_rows && free < 2 * least_wave)
                                ? 0
                                : std::clamp(free * 0.26, 36.0, wave_folded ? most_wave : 100.0);
    // Room that the song cannot use lets the lanes breathe.
    const double stretch =
        lanes_height > 0 ? std::clamp(1 + (free - wave - spectrum) / lanes_height * 0.9, 1.0, 1.7) : 1.0;
    ruler_ = QRectF(names_width, 0, scale_.width, ruler_height);
    beats_ = QRectF(names_width, ruler_height, scale_.width, beats);
    sections_ = QRectF(names_width, beats_.bottom(), scale_.width, sections);
    wave_ = QRectF(names_width, sections_.bottom() + 4, scale_.width, std::round(wave));
    spectrum_ = QRectF(names_width, wave_.bottom() + 4, scale_.width, std::round(spectrum));
    onsets_ = QRectF(names_width, spectrum_.bottom() + 2, scale_.width, onsets);
    trust_ = QRectF(names_width, onsets_.bottom() + 2, scale_.width, trust);
    const double lanes_top = trust_.bottom() + 8;
    std::vector<double> heights;
    double all = 0;
    for (const auto& lane : document_.project().lanes) {
        heights.push_back(std::round(look_of_kind(lane->kind).height(document_.spans(lane->id)) * stretch));
        all += heights.back();
    }
    // More lanes than there is room for are scrolled through.
    const double room = std::max(0.0, height() - scroll_height - tempo - lanes_top);
    const int hidden = static_cast<int>(std::max(0.0, all - room));
    lanes_area_ = QRectF(0, lanes_top, w, std::min(all, room));
    {
        const QSignalBlocker quiet(lane_scroll_);
        lane_scroll_->setRange(0, hidden);
        lane_scroll_->setPageStep(static_cast<int>(room));
        lane_scroll_->setSingleStep(24);
    }
    lane_scroll_->setVisible(hidden > 0);
    lane_scroll_->setGeometry(width() - scroll_height, static_cast<int>(lanes_top), scroll_height,
                              static_cast<int>(room));
    double y = lanes_top - lane_scroll_->value();
    lanes_.clear();
    for (std::size_t i = 0; i < heights.size(); ++i) {
        lanes_.push_back({document_.project().lanes[i]->id, QRectF(0, y, w, heights[i])});
        y += heights[i];
    }
    lanes_bottom_ = lanes_area_.bottom();
    tempo_ =
        QRectF(names_width, std::max(lanes_bottom_, height() - scroll_height - tempo), scale_.width, tempo);
    scroll_->setGeometry(names_width, height() - scroll_height, width() - names_width, scroll_height);
}

void TimelineView::view_changed() {
    const double end = song_end().value;
    const double longest = std::max(end * 1.02, 1.0);
    // Out no further than the whole song, and never past its ends by more than a little.
    scale_.pixels_per_second = std::max(scale_.pixels_per_second, scale_.width / longest);
    scale_.start = Seconds(std::clamp(scale_.start.value, std::min(0.0, longest - scale_.span().value),
                                      std::max(0.0, longest - scale_.span().value)));
    const QSignalBlocker quiet(scroll_);
    const double most = (longest - scale_.span().value) * scale_.pixels_per_second;
    scroll_->setRange(0, static_cast<int>(std::clamp(most, 0.0, 2e9)));
    scroll_->setPageStep(static_cast<int>(scale_.width));
    scroll_->setSingleStep(static_cast<int>(scale_.width / 10));
    scroll_->setValue(static_cast<int>(std::clamp(scale_.start.value * scale_.pixels_per_second, 0.0, 2e9)));
    invalidate();
}

void TimelineView::invalidate() {
    base_valid_ = false;
    update();
}

void TimelineView::zoom_by(double factor) {
    const double x = scale_.x(view_.playhead());
    const bool in_view = x >= scale_.left && x <= scale_.left + scale_.width;
    scale_.zoom(factor, in_view ? x : scale_.left + scale_.width / 2);
    view_changed();
}

void TimelineView::show_all() {
    show_range(Seconds(0), song_end() * 1.01);
}

void TimelineView::show_range(Seconds from, Seconds until) {
    lay_out();
    scale_.start = from;
    scale_.pixels_per_second = std::clamp(scale_.width / std::max((until - from).value, 1e-4), 0.01, 2e6);
    view_changed();
}

void TimelineView::reveal(Seconds time) {
    const double x = scale_.x(time);
    if (x >= scale_.left && x <= scale_.left + scale_.width * 0.94)
        return;
    scale_.start = time - scale_.span() * 0.08;
    view_changed();
}

/// A single selected pin is brought into view among the lanes.
void TimelineView::reveal_selected() {
    if (view_.selection().size() != 1 || !lane_scroll_->isVisible() || drag_.kind != Drag::Kind::None)
        return;
    const Lane* lane = document_.project().lane_of(*view_.selection().begin());
    for (const auto& row : lanes_)
        if (lane && row.lane == lane->id) {
            const double above = lanes_area_.top() - row.rect.top(),
                         below = row.rect.bottom() - lanes_area_.bottom();
            if (above > 0 || below > 0)
                lane_scroll_->setValue(lane_scroll_->value() + static_cast<int>(above > 0 ? -above : below));
        }
}

void TimelineView::playhead_moved() {
    // Only the old and the new place are painted again.
    const auto strip = [this](double x) { return QRectF(x - 10, 0, 20, height()).toAlignedRect(); };
    update(strip(playhead_x_));
    update(strip(scale_.x(view_.playhead())));
}

QPointF TimelineView::head_position(PinId pin) const {
    for (std::size_t i = 0; i < document_.schedule().size() && i < lanes_.size(); ++i)
        for (const auto& resolved : document_.schedule()[i].pins)
            if (resolved.id == pin) {
                const Lane& lane = *document_.project().lanes[i];
                return {scale_.x(resolved.time),
                        lanes_[i].rect.top() + look_of_kind(lane.kind).head_y(lane, document_.spans(lane.id),
                                                                              lane.pins[resolved.index].body,
                                                                              lanes_[i].rect.height())};
            }
    return {-1, -1};
}

QRectF TimelineView::lane_row(LaneId lane) const {
    for (const auto& row : lanes_)
        if (row.lane == lane)
            return row.rect.adjusted(names_width, 0, 0, 0);
    return {};
}

QRectF TimelineView::ruler_row() const {
    return ruler_;
}
QRectF TimelineView::spectrum_row() const {
    return spectrum_;
}
QRectF TimelineView::wave_row() const {
    return wave_;
}

// -- painting

void TimelineView::paint_names(QPainter& painter) const {
    const auto& p = *palette_;
    painter.fillRect(QRectF(0, 0, names_width, height()), p.paper_names);
    const auto& project = document_.project();
    QFont name = font();
    name.setPixelSize(12);
    name.setWeight(QFont::DemiBold);
    QFont small = font();
    small.setPixelSize(11);
    const auto put = [&](const QFont& f, const QColor& colour, QRectF rect, const QString& text) {
        painter.setFont(f);
        painter.setPen(colour);
        painter.drawText(rect, Qt::AlignVCenter | Qt::AlignLeft,
                         QFontMetricsF(f).elidedText(text, Qt::ElideRight, rect.width()));
    };
    put(small, p.paper_quiet, QRectF(10, 4, names_width - 14, 24), project.grid ? tr("bars") : tr("seconds"));
    if (project.song && wave_.height() > 36) {
        const double y = wave_.center().y();
        put(name, p.paper_text, QRectF(10, y - 18, names_width - 14, 18),
            QString::fromStdString(project.song->title));
        const QString rate = QString::number(static_cast<double>(project.song->sample_rate) / 1000, 'g', 4);
        put(small, p.paper_quiet, QRectF(10, y, names_width - 14, 18), tr("mix · %1 kHz").arg(rate));
    }
    if (spectrum_.height() > 30 && project.song) {
        const double y = spectrum_.center().y();
        const bool twelve = view_.look().spectrum == SongLook::Spectrum::TwelveBands;
        put(small, p.paper_quiet, QRectF(10, y - 16, names_width - 14, 16), tr("spectrum"));
        put(small, p.paper_quiet, QRectF(10, y, names_width - 14, 16),
            twelve ? tr("12 bands") : tr("30 Hz – 16 kHz"));
    }
    if (beats_.height() > 0) {
        const double half = beats_.height() / 2;
        QFont strong = small;
        strong.setWeight(QFont::DemiBold);
        put(small, p.paper_text, QRectF(10, beats_.top(), names_width - 14, half),
            document_.detection().proposal() ? tr("found again") : tr("found"));
        put(strong, p.paper_text, QRectF(10, beats_.top() + half, names_width - 14, half), tr("grid"));
        put(small, p.paper_text, QRectF(10, trust_.top(), names_width - 14, trust_.height()), tr("trust"));
        const auto [low, high] = tempo_limits(*project.grid, scale_);
        put(name, p.paper_text, QRectF(10, tempo_.top() + 8, names_width - 14, 18), tr("tempo"));
        put(small, p.paper_quiet, QRectF(10, tempo_.top() + 26, names_width - 14, 16),
            QString("%1 – %2").arg(low, 0, 'f', 1).arg(high, 0, 'f', 1));
        if (view_.course())
            put(small, p.paper_quiet, QRectF(10, tempo_.top() + 44, names_width - 14, 16),
                tr("beats off it"));
    }
    if (sections_.height() > 0)
        put(small, p.paper_quiet, QRectF(10, sections_.top(), names_width - 14, sections_.height()),
            tr("sections"));
    for (const auto& row : shown_onset_rows(document_.detection().shown().get(), onsets_))
        put(small, p.paper_text, QRectF(10, row.place.top(), names_width - 14, row.place.height()),
            QString::fromStdString(row.row->name));
    painter.save();
    painter.setClipRect(lanes_area_);
    for (std::size_t i = 0; i < lanes_.size() && i < project.lanes.size(); ++i) {
        const Lane& lane = *project.lanes[i];
        const QRectF row = lanes_[i].rect;
        if (!row.intersects(lanes_area_))
            continue;
        const double y = row.center().y();
        draw_head(painter, lane.kind, {lane.kind->triggers ? 9.0 : 13.0, lane.kind->cuts ? y - 6 : y}, p,
                  HeadState::Placed, false);
        const auto switches = switches_of(lane, row);
        put(name, p.paper_text, QRectF(26, row.top(), switches.front().rect.left() - 29, row.height()),
            QString::fromStdString(lane.name));
        painter.setFont(small);
        for (const auto& s : switches)
            paint_switch(painter, s);
    }
    painter.restore();
}

void TimelineView::paint_switch(QPainter& painter, const Switch& s) const {
    const auto& p = *palette_;
    painter.setPen(QPen(s.on ? p.paper_text : p.paper_line, 1));
    painter.setBrush(s.on ? p.paper_text : p.paper_names);
    painter.drawRoundedRect(s.rect, 3, 3);
    painter.setPen(s.on ? p.paper_names : p.paper_quiet);
    painter.drawText(s.rect, Qt::AlignCenter, s.letter);
}

void TimelineView::paint_base() {
    lay_out();
    const qreal ratio = devicePixelRatioF();
    const QSize pixels = size() * ratio;
    if (base_.size() != pixels) {
        base_ = QImage(pixels, QImage::Format_RGB32);
        base_.setDevicePixelRatio(ratio);
    }
    const Scene s = scene();
    const QRectF time_area(names_width, 0, scale_.width, height());
    paint_paper(base_, s, time_area);
    QPainter painter(&base_);
    painter.setFont(font());
    painter.setClipRect(time_area);
    paint_ruler(painter, s, ruler_);
    paint_confidence(painter, s, ruler_);
    paint_sections(painter, s, sections_);
    if (!view_.look().wave_folded)
        tiles_.paint(painter, SongRow::Wave, wave_, scale_, ratio);
    paint_follower_over(painter, s, wave_);
    if (view_.look().spectrum != SongLook::Spectrum::Folded)
        tiles_.paint(painter, SongRow::Spectrum, spectrum_, scale_, ratio);
    paint_onsets(painter, s, onsets_);
    if (beats_.height() > 0) {
        paint_beats(painter, s, beats_);
        paint_trust(painter, s, trust_);
    }
    if (!document_.project().song) {
        QFont f = font();
        f.setPixelSize(14);
        painter.setFont(f);
        painter.setPen(palette_->paper_quiet);
        painter.drawText(wave_, Qt::AlignCenter, tr("Drop a song here, or press Ctrl+O"));
    }
    painter.setClipping(false);
    paint_names(painter);
    painter.setPen(QPen(palette_->paper_bar, 1));
    painter.drawLine(QPointF(0, trust_.bottom() + 4.5), QPointF(width(), trust_.bottom() + 4.5));
    painter.setPen(QPen(palette_->paper_line, 1));
    for (const auto& row : lanes_)
        if (row.rect.bottom() <= lanes_area_.bottom() && row.rect.bottom() >= lanes_area_.top())
            painter.drawLine(QPointF(0, row.rect.bottom() + 0.5), QPointF(width(), row.rect.bottom() + 0.5));

    painter.setClipRect(time_area);
    for (std::size_t i = 0; i < s.project.lanes.size() && i < lanes_.size(); ++i) {
        if (!lanes_[i].rect.intersects(lanes_area_))
            continue;
        const LaneScene lane = lane_scene(s, i);
        painter.setClipRect(QRectF(names_width, 0, scale_.width, lanes_area_.bottom()));
        paint_stems(painter, lane, ruler_.bottom());
    }
    for (std::size_t i = 0; i < s.project.lanes.size() && i < lanes_.size(); ++i) {
        if (!lanes_[i].rect.intersects(lanes_area_))
            continue;
        const LaneScene lane = lane_scene(s, i);
        painter.setClipRect(lane.row & lanes_area_);
        look_of_kind(lane.lane.kind).paint(painter, lane);
        paint_left_out(painter, lane);
        paint_outlines(painter, lane);
    }
    paint_drag(painter);
    if (tempo_.height() > 0) {
        painter.setClipRect(time_area);
        paint_tempo(painter, s, tempo_);
    }
    base_valid_ = true;
}

void TimelineView::paint_playhead(QPainter& painter) const {
    const double x = scale_.x(view_.playhead());
    if (x < scale_.left - 8 || x > width() + 8)
        return;
    const auto& p = *palette_;
    painter.setClipRect(QRectF(names_width - 8, 0, scale_.width + 8, height() - scroll_height));
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setPen(QPen(p.paper_text, 1));
    painter.drawLine(QPointF(x - 1.5, 14), QPointF(x - 1.5, height()));
    painter.drawLine(QPointF(x + 1.5, 14), QPointF(x + 1.5, height()));
    painter.setPen(QPen(p.playing, 2));
    painter.drawLine(QPointF(x, 12), QPointF(x, height()));
    QPainterPath shield(QPointF(x - 8, 0.5));
    shield.lineTo(x + 8, 0.5);
    shield.lineTo(x + 8, 9);
    shield.lineTo(x, 16);
    shield.lineTo(x - 8, 9);
    shield.closeSubpath();
    painter.setPen(QPen(p.playing_text, 1));
    painter.setBrush(p.playing);
    painter.drawPath(shield);
}

void TimelineView::paintEvent(QPaintEvent* event) {
    if (!base_valid_)
        paint_base();
    QPainter painter(this);
    const QRect dirty = event->rect();
    const qreal ratio = base_.devicePixelRatio();
    painter.drawImage(
        QRectF(dirty), base_,
        QRectF(dirty.x() * ratio, dirty.y() * ratio, dirty.width() * ratio, dirty.height() * ratio));
    paint_playhead(painter);
    playhead_x_ = scale_.x(view_.playhead());
}

void TimelineView::resizeEvent(QResizeEvent*) {
    lay_out();
    view_changed();
}

} // namespace pulsepin
