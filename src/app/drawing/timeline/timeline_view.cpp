// SPDX-License-Identifier: GPL-3.0-or-later
#include "drawing/timeline/timeline_view.h"

#include "drawing/canvas/event_panel.h"
#include "drawing/kind_look.h"
#include "drawing/timeline/curve_lanes.h"
#include "drawing/timeline/follower_lines.h"
#include "drawing/timeline/ink.h"
#include "drawing/timeline/lane_views.h"
#include "drawing/timeline/paint_check.h"
#include "drawing/timeline/paint_grid.h"
#include "drawing/timeline/paint_song.h"
#include "drawing/timeline/pin_heads.h"
#include "drawing/timeline/song_track.h"
#include "drawing/timeline/stems.h"
#include "kinds/kinds.h"
#include "stage/trigger_acts.h"

#include <QPaintEvent>
#include <QPainterPath>
#include <algorithm>
#include <cmath>
#include <utility>

namespace pulsepin {
namespace {

constexpr double ruler_height = 32;
constexpr double first_onset_height = 18, more_onset_height = 13, section_height = 16;
constexpr double beats_height = 28, trust_height = 30, tempo_height = 74, danger_height = 84;
constexpr double least_wave = 60;
constexpr double most_wave = 250;
constexpr int scroll_height = 10;

} // namespace

TimelineView::TimelineView(Document& document, ViewState& view, QWidget* parent)
    : Canvas(document, view, parent), scroll_(new QScrollBar(Qt::Horizontal, this)),
      lane_scroll_(new QScrollBar(Qt::Vertical, this)) {
    setObjectName("timeline");
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
        placement_.scale.start = Seconds(value / placement_.scale.pixels_per_second);
        view_changed();
    });
    connect(&tiles_, &SongTiles::arrived, this, &TimelineView::invalidate);
    connect(&view_, &ViewState::look_changed, this, [this] { tiles_.set_look(view_.look()); });
    connect(&document_, &Document::heard_changed, this, &TimelineView::give_song_to_tiles);
    connect(&document_, &Document::spectrum_changed, this, &TimelineView::give_song_to_tiles);
    connect(&document_.detection(), &DetectionController::shown_changed, this, [this] { invalidate(); });
    connect(&document_, &Document::sound_changed, this, [this] {
        give_song_to_tiles();
        show_new_song();
        invalidate();
    });
    connect(&document_, &Document::changed, this, &TimelineView::show_new_song);
    connect(&document_, &Document::opened, this, [this] { whole_song_pending_ = true; });
    connect(&view_, &ViewState::selection_changed, this, &TimelineView::reveal_selected);
    connect(&view_, &ViewState::event_opened, this, &TimelineView::make_room_for_event);
    connect(&document_, &Document::changed, this, &TimelineView::leave_event_that_is_gone);
    connect(&view_, &ViewState::selection_changed, this, &TimelineView::leave_event_that_is_gone);
    connect(&view_, &ViewState::playhead_moved, this, &TimelineView::light_up);
    connect(&document_.detection(), &DetectionController::proposal_changed, this, &TimelineView::invalidate);
}

/// All of it is seen first; its samples may be there before the project names it.
void TimelineView::show_new_song() {
    const auto& song = document_.project().song;
    if (song && song->path != shown_song_) {
        shown_song_ = song->path;
        whole_song_pending_ = whole_song_pending_ || shows_up_to(whole_shown_);
    }
    if (!whole_song_pending_ || !song)
        return;
    whole_song_pending_ = false;
    show_all();
}

bool TimelineView::shows_up_to(Seconds end) const {
    const auto& scale = placement_.scale;
    const double shown = scale.width / scale.pixels_per_second;
    return scale.start == Seconds(0) && std::abs(shown - end.value) < end.value * 1e-6;
}

void TimelineView::set_palette(const Palette& palette) {
    Canvas::set_palette(palette);
    tiles_.set_palette(palette);
    scroll_->setStyleSheet(
        QString("QScrollBar:horizontal { background: %1; } QScrollBar::handle:horizontal { background: %2; }")
            .arg(palette.paper_names.name(), palette.paper_bar.name()));
    lane_scroll_->setStyleSheet(QString(scroll_->styleSheet()).replace("horizontal", "vertical"));
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

// -- place and scale

/// From the top: ruler, what was found of the song, waveform, spectrum, onsets, trust; lanes; tempo.
void TimelineView::lay_out() {
    auto& p = placement_;
    p.scale.left = names_width();
    p.scale.width = std::max(10.0, width() - static_cast<double>(names_width()));
    const bool grid_rows = view_.grid_rows() && document_.project().grid;
    const double tempo = grid_rows ? tempo_height : 0, danger = view_.check_marks() ? danger_height : 0;
    const double stretch = lay_out_song(grid_rows, tempo + danger);
    lay_out_lanes(trust_.bottom() + 8, height() - scroll_height - tempo - danger, stretch);
    tempo_ = QRectF(names_width(), std::max(p.area.bottom(), height() - scroll_height - tempo - danger),
                    p.scale.width, tempo);
    danger_ = QRectF(names_width(), tempo_.bottom(), p.scale.width, danger);
    scroll_->setGeometry(names_width(), height() - scroll_height, width() - names_width(), scroll_height);
}

/// At least; an event that lies open needs room for its course.
double TimelineView::height_of(std::size_t index) const {
    const Lane& lane = *document_.project().lanes[index];
    const auto& look = look_of_kind(lane.kind);
    const double high =
        look.height_of ? look.height_of(document_.project()) : look.height(document_.schedule().spans(index));
    const PinId event = view_.opened_event();
    const bool opened = event != PinId{} && has_acts(lane.kind->empty_body()) &&
                        std::ranges::find(lane.pins, event, &Pin::id) != lane.pins.end();
    return opened ? std::max(high, EventPanel::least_height) : high;
}

/// How much higher than they must be the lanes can be: room that the song cannot use lets them breathe.
double TimelineView::lay_out_song(bool grid_rows, double below) {
    const auto& look = view_.look();
    const bool wave_folded = look.wave_folded, spectrum_folded = look.spectrum == SongLook::Spectrum::Folded;
    const auto detection = document_.detection().shown();
    const double sections = detection && !detection->sections.empty() ? section_height : 0;
    const auto rows = detection ? std::count_if(detection->rows.begin(), detection->rows.end(),
                                                [](const OnsetRow& row) { return row.shown; })
                                : 0;
    const double onsets =
        first_onset_height + more_onset_height * static_cast<double>(std::max<std::ptrdiff_t>(0, rows - 1));
    const bool checked = view_.check_marks() && document_.project().grid;
    const double beats = grid_rows ? beats_height : 0, trust = grid_rows || checked ? trust_height : 0;
    double lanes = 0;
    for (std::size_t lane = 0; lane < document_.project().lanes.size(); ++lane)
        lanes += height_of(lane);
    const double free =
        height() - scroll_height - ruler_height - beats - sections - onsets - trust - below - 18 - lanes;
    const double wave =
        wave_folded ? 0 : std::clamp(free * (spectrum_folded ? 0.7 : 0.5), least_wave, most_wave);
    const double spectrum = spectrum_folded || ((grid_rows || view_.check_marks()) && free < 2 * least_wave)
                                ? 0
                                : std::clamp(free * 0.26, 36.0, wave_folded ? most_wave : 100.0);
    const auto row = [this](double top, double height) {
        return QRectF(names_width(), top, placement_.scale.width, height);
    };
    ruler_ = row(0, ruler_height);
    beats_ = row(ruler_height, beats);
    sections_ = row(beats_.bottom(), sections);
    wave_ = row(sections_.bottom() + 4, std::round(wave));
    spectrum_ = row(wave_.bottom() + 4, std::round(spectrum));
    onsets_ = row(spectrum_.bottom() + 2, onsets);
    trust_ = row(onsets_.bottom() + 2, trust);
    return lanes > 0 ? std::clamp(1 + (free - wave - spectrum) / lanes * 0.9, 1.0, 1.7) : 1.0;
}

/// More lanes than there is room for are scrolled through.
void TimelineView::lay_out_lanes(double top, double bottom, double stretch) {
    std::vector<double> heights;
    double all = 0;
    for (std::size_t lane = 0; lane < document_.project().lanes.size(); ++lane) {
        heights.push_back(std::round(height_of(lane) * stretch));
        all += heights.back();
    }
    const double room = std::max(0.0, bottom - top);
    const int hidden = static_cast<int>(std::max(0.0, all - room));
    {
        const QSignalBlocker quiet(lane_scroll_);
        lane_scroll_->setRange(0, hidden);
        lane_scroll_->setPageStep(static_cast<int>(room));
        lane_scroll_->setSingleStep(24);
    }
    lane_scroll_->setVisible(hidden > 0);
    lane_scroll_->setGeometry(width() - scroll_height, static_cast<int>(top), scroll_height,
                              static_cast<int>(room));
    auto& p = placement_;
    p.area = QRectF(0, top, width(), std::min(all, room));
    p.rows.clear();
    double y = top - lane_scroll_->value();
    for (const double high : heights) {
        p.rows.emplace_back(names_width(), y, p.scale.width, high);
        y += high;
    }
}

void TimelineView::view_changed() {
    const double end = song_end().value;
    const double longest = std::max(end * 1.02, 1.0);
    // Out no further than the whole song, and never past its ends by more than a little.
    placement_.scale.pixels_per_second =
        std::max(placement_.scale.pixels_per_second, placement_.scale.width / longest);
    placement_.scale.start = Seconds(std::clamp(placement_.scale.start.value,
                                                std::min(0.0, longest - placement_.scale.span().value),
                                                std::max(0.0, longest - placement_.scale.span().value)));
    const QSignalBlocker quiet(scroll_);
    const double most = (longest - placement_.scale.span().value) * placement_.scale.pixels_per_second;
    scroll_->setRange(0, static_cast<int>(std::clamp(most, 0.0, 2e9)));
    scroll_->setPageStep(static_cast<int>(placement_.scale.width));
    scroll_->setSingleStep(static_cast<int>(placement_.scale.width / 10));
    scroll_->setValue(static_cast<int>(
        std::clamp(placement_.scale.start.value * placement_.scale.pixels_per_second, 0.0, 2e9)));
    invalidate();
}

void TimelineView::zoom_by(double factor) {
    const double x = placement_.scale.x(view_.playhead());
    const bool in_view = x >= placement_.scale.left && x <= placement_.scale.left + placement_.scale.width;
    placement_.scale.zoom(factor, in_view ? x : placement_.scale.left + placement_.scale.width / 2);
    view_changed();
}

void TimelineView::zoom_to(Seconds from, Seconds until) {
    const Seconds shown_until = scale().start + scale().span();
    before_.emplace_back(scale().start, shown_until);
    const Seconds room = std::max(Seconds(0.05), (until - from) * 0.04);
    show_range(from - room, until + room);
}

void TimelineView::show_before() {
    if (before_.empty())
        return show_all();
    const auto [from, until] = before_.back();
    before_.pop_back();
    show_range(from, until);
}

void TimelineView::show_all() {
    whole_shown_ = song_end() * 1.01;
    show_range(Seconds(0), whole_shown_);
}

void TimelineView::show_range(Seconds from, Seconds until) {
    lay_out();
    placement_.scale.start = from;
    placement_.scale.pixels_per_second =
        std::clamp(placement_.scale.width / std::max((until - from).value, 1e-4), 0.01, 2e6);
    view_changed();
}

void TimelineView::reveal(Seconds time) {
    const double x = placement_.scale.x(time);
    if (x >= placement_.scale.left && x <= placement_.scale.left + placement_.scale.width * 0.94)
        return;
    placement_.scale.start = time - placement_.scale.span() * 0.08;
    view_changed();
}

/// A single selected pin is brought into view among the lanes.
/// A key is chosen only while its trigger is there, with that key, and selected: Delete means what is seen
/// chosen.
void TimelineView::leave_event_that_is_gone() {
    const PinId opened = view_.opened_event();
    if (opened.value == 0)
        return;
    const Pin* pin = document_.project().pin(opened);
    if (!pin || !has_acts(pin->body))
        return view_.open_event({});
    const auto& key = view_.event_key();
    if (!key)
        return;
    const auto acts = acts_of(pin->body);
    if (!view_.selection().contains(opened) || key->act >= acts.size() ||
        key->key >= keys_of(acts[key->act]).size())
        view_.choose_event_key(std::nullopt);
}

/// The lane of an event that was opened is seen whole; what is too narrow to be worked on, from nearer.
void TimelineView::make_room_for_event() {
    if (event_ == view_.opened_event())
        return;
    event_ = view_.opened_event();
    if (std::exchange(nearer_for_event_, false))
        show_before();
    const Lane* lane = event_.value != 0 ? document_.project().lane_of(event_) : nullptr;
    if (!lane)
        return;
    lay_out();
    reveal_lane(lane->id);
    constexpr double least_width = 180; // pixels
    const auto frames = event_frames(document_.spans(lane->id), event_);
    const auto rate = document_.project().settings->frame_rate;
    if (!frames)
        return;
    const Seconds from = rate.start_of(frames->first), until = rate.start_of(frames->end);
    if (scale().x(until) - scale().x(from) < least_width) {
        zoom_to(from - (until - from) * 0.75, until + (until - from) * 0.75);
        nearer_for_event_ = true;
    }
}

void TimelineView::reveal_selected() {
    if (view_.selection().size() != 1 || under_way())
        return;
    if (const Lane* lane = document_.project().lane_of(*view_.selection().begin()))
        reveal_lane(lane->id);
}

void TimelineView::reveal_lane(LaneId lane) {
    lay_out();
    if (!lane_scroll_->isVisible())
        return;
    const QRectF row = lane_row(lane);
    const double above = placement_.area.top() - row.top(), below = row.bottom() - placement_.area.bottom();
    if (!row.isEmpty() && (above > 0 || below > 0))
        lane_scroll_->setValue(lane_scroll_->value() + static_cast<int>(above > 0 ? -above : below));
}

QRectF TimelineView::lane_row(LaneId id) const {
    const auto& lanes = document_.project().lanes;
    for (std::size_t i = 0; i < lanes.size() && i < placement_.rows.size(); ++i)
        if (lanes[i]->id == id)
            return placement_.rows[i];
    return {};
}

// -- painting

void TimelineView::draw(QImage& base) {
    const qreal ratio = base.devicePixelRatio();
    const Scene s = scene(scale());
    const QRectF time_area(names_width(), 0, scale().width, height());
    const int left = static_cast<int>(std::lround(time_area.left() * ratio));
    const Paper paper = paper_of(s, time_area.left(), base.width() - left, ratio);
    QPainter painter(&base);
    painter.setFont(font());
    Ink ink(painter);
    const auto hang = [&](const QImage& row, double from, double until) {
        ink.hang(row, QRectF(time_area.left(), from, width() - time_area.left(), until - from));
    };
    hang(paper.ruler, 0, ruler_height);
    hang(paper.below, ruler_height, placement_.area.top()); // behind the lanes it is hung lane by lane
    hang(paper.below, placement_.area.bottom(), height());
    painter.setClipRect(time_area);
    paint_ruler(painter, s, ruler_);
    paint_confidence(painter, s, ruler_);
    paint_sections(painter, s, sections_);
    if (!view_.look().wave_folded)
        tiles_.paint(painter, SongRow::Wave, wave_, scale(), ratio);
    const PieceView piece{s, ruler_};
    piece.paint(painter);
    SongTrackView{s, wave_}.paint(painter);
    paint_follower_over(painter, s, wave_);
    if (view_.look().spectrum != SongLook::Spectrum::Folded)
        tiles_.paint(painter, SongRow::Spectrum, spectrum_, scale(), ratio);
    paint_onsets(painter, s, onsets_);
    if (beats_.height() > 0)
        paint_beats(painter, s, beats_);
    if (trust_.height() > 0)
        paint_trust(painter, s, trust_);
    if (!document_.project().song) {
        QFont f = font();
        f.setPixelSize(14);
        painter.setFont(f);
        painter.setPen(palette_->paper_quiet);
        painter.drawText(wave_, Qt::AlignCenter, tr("Drop a song here, or press Ctrl+O"));
    }
    painter.setClipping(false);
    paint_names(painter);
    ink.fill(QRectF(0, trust_.bottom() + 4, width(), 1), palette_->paper_bar);
    draw_lanes(painter, s, paper.below);
    painter.setClipRect(time_area);
    if (tempo_.height() > 0)
        paint_tempo(painter, s, tempo_);
    if (danger_.height() > 0) {
        paint_danger(painter, s, danger_);
        paint_flashing(painter, s, QRectF(names_width(), ruler_.bottom(), scale().width, danger_.bottom()));
    }
    piece.cover_outside(painter, height());
    paint_said_places(painter, s,
                      QRectF(names_width(), ruler_.bottom(), scale().width, placement_.area.bottom()));
}

/// All of a lane, its paper too, before the next one: what lies in its rows of pixels stays near the
/// processor, which a large picture as a whole does not.
void TimelineView::draw_lanes(QPainter& painter, const Scene& scene, const QImage& paper) const {
    std::vector<LaneScene> seen;
    for (std::size_t i = 0; i < scene.project.lanes.size() && i < placement_.rows.size(); ++i)
        if (placement_.rows[i].intersects(placement_.area))
            seen.push_back(lane_scene(scene, *placement_.lane_place(i, {})));
    const QRectF& area = placement_.area;
    const Stems stems(seen, ruler_.bottom(), painter.device()->devicePixelRatioF());
    Ink ink(painter);
    stems.paint(ink, ruler_.bottom(), area.top());
    const auto line_at = [&](double y) {
        if (y >= area.top() && y <= area.bottom())
            ink.fill(QRectF(0, y, width(), 1), palette_->paper_line);
    };
    double from = area.top();
    for (const auto& lane : seen) {
        const double until = std::min(lane.row.bottom(), area.bottom());
        ink.hang(paper, QRectF(names_width(), from, width() - names_width(), until - from));
        if (lane.row.top() > placement_.rows.front().top())
            line_at(lane.row.top());
        stems.paint(ink, from, until);
        from = until;
        painter.setClipRect(lane.row & area);
        look_of_kind(lane.lane.kind).paint(painter, lane);
        paint_left_out(painter, lane);
        paint_outlines(painter, lane);
        paint_findings(painter, lane);
    }
    if (!seen.empty())
        line_at(seen.back().row.bottom());
}

QRectF TimelineView::playhead_strip(Seconds time) const {
    return {scale().x(time) - 10, 0, 20, static_cast<double>(height())};
}

QPointF TimelineView::playhead_point() const {
    return {scale().x(view_.playhead()), ruler_.bottom()};
}

void TimelineView::draw_playhead(QPainter& painter) const {
    const double x = placement_.scale.x(view_.playhead());
    if (x < placement_.scale.left - 8 || x > width() + 8)
        return;
    const auto& p = *palette_;
    painter.setClipRect(QRectF(names_width() - 8, 0, scale().width + 8, height() - scroll_height));
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

/// The whole song stays the whole song.
void TimelineView::resizeEvent(QResizeEvent*) {
    if (shows_up_to(song_end() * 1.01))
        return show_all();
    const auto kept = selected_in_sight();
    lay_out();
    if (kept) {
        reveal_lane(kept->first);
        const auto& scale = placement_.scale;
        const double x = scale.x(kept->second), last = scale.left + scale.width * 0.94;
        if (x > last)
            placement_.scale.start = placement_.scale.start + Seconds((x - last) / scale.pixels_per_second);
    }
    view_changed();
}

/// The lane and the place of the first pin that is selected and was in sight so far.
std::optional<std::pair<LaneId, Seconds>> TimelineView::selected_in_sight() const {
    for (const auto& pin : view_.selection()) {
        const Lane* lane = document_.project().lane_of(pin);
        if (!lane || !lane_row(lane->id).intersects(placement_.area))
            continue;
        const QPointF head = head_position(pin);
        if (head.x() >= placement_.scale.left && head.x() <= placement_.area.right())
            return std::pair{lane->id, placement_.scale.time(head.x())};
    }
    return std::nullopt;
}

std::optional<double> TimelineView::level_line_y(LaneId id, std::string_view param) const {
    const Scene s = scene(scale());
    for (std::size_t i = 0; i < s.project.lanes.size() && i < placement_.rows.size(); ++i)
        if (s.project.lanes[i]->id == id)
            for (const auto& line : level_lines(lane_scene(s, *placement_.lane_place(i, {}))))
                if (line.param == param)
                    return placement_.rows[i].top() + line.y;
    return std::nullopt;
}

} // namespace pulsepin
