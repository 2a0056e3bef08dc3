// SPDX-License-Identifier: GPL-3.0-or-later
#include "drawing/score/paint_score.h"

#include "drawing/kind_look.h"
#include "drawing/timeline/lane_paint.h"
#include "drawing/timeline/lane_views.h"
#include "drawing/timeline/pin_heads.h"

#include <QCoreApplication>
#include <QFontMetricsF>
#include <algorithm>
#include <cmath>

namespace pulsepin {
namespace {

constexpr Seconds noticeable{0.02}; // grid errors from here on stand out

QString tr(const char* text) {
    return QCoreApplication::translate("pulsepin::Score", text);
}

QFont sized(const QPainter& painter, int pixels, QFont::Weight weight) {
    QFont font = painter.font();
    font.setPixelSize(pixels);
    font.setWeight(weight);
    return font;
}

/// One phrase as it is drawn.
struct Phrase {
    const ScoreScene& score;
    const ScoreLayout::Row& row;
    TimeScale scale;
    QRectF rect; ///< the time area
    [[nodiscard]] const Scene& scene() const { return score.scene; }
    [[nodiscard]] const Palette& palette() const { return score.scene.palette; }
    [[nodiscard]] const BeatGrid& grid() const { return *score.scene.project.grid; }
    [[nodiscard]] double right() const { return std::min(scale.left + scale.width, rect.right()); }
    [[nodiscard]] double x(std::int64_t beat) const {
        return scale.x(grid().time_at(Ticks(beat * ticks_per_beat)));
    }
};

/// While a beat is dragged its line goes with the mouse; the phrases are laid out anew when it is let go.
void paint_bars(QPainter& painter, const Phrase& v) {
    const auto& p = v.palette();
    for (auto beat = v.row.first_beat; beat < v.row.end_beat; ++beat) {
        const double x = std::round(v.x(beat));
        const auto place = v.grid().position_of(Ticks(beat * ticks_per_beat));
        if (place.beat == 1 && (place.bar - v.row.first_bar) % 2 == 1) {
            const auto length = v.grid().metre_at(Ticks(beat * ticks_per_beat)).beats_per_bar;
            painter.fillRect(QRectF(x, v.rect.top(), v.scale.beat_width * length, v.rect.height()),
                             p.paper_shade);
        }
        painter.fillRect(QRectF(x, v.rect.top(), 1, v.rect.height()),
                         place.beat == 1 ? p.paper_bar : p.paper_beat);
    }
}

void paint_wave(QPainter& painter, const Phrase& v) {
    const auto& outline = v.score.outline;
    if (!outline)
        return;
    const auto rate = static_cast<double>(outline->sample_rate);
    const double middle = v.rect.top() + score_wave_top + score_wave_height / 2;
    constexpr double louder = 1.6; // a low row shows little of what is not loud
    const double scale = louder * score_wave_height / 2 * v.scene().view.look().wave_height;
    Samples before(std::llround(v.scale.start.value * rate));
    std::vector<QRect> columns;
    columns.reserve(static_cast<std::size_t>(std::max(0.0, v.right() - v.rect.left())) + 1);
    for (int x = static_cast<int>(v.rect.left()); x < v.right(); ++x) {
        const Samples now(std::llround(v.scale.time(x + 1).value * rate));
        if (now.value > 0 && before < outline->length()) {
            const Peak peak = outline->mean.over(before, now);
            const double high = std::min(static_cast<double>(peak.high) * scale, score_wave_height / 2),
                         low = std::max(static_cast<double>(peak.low) * scale, -score_wave_height / 2);
            columns.emplace_back(x, static_cast<int>(std::lround(middle - high)), 1,
                                 std::max(1, static_cast<int>(std::lround(high - low))));
        }
        before = now;
    }
    painter.setPen(Qt::NoPen);
    painter.setBrush(v.palette().wave_peak);
    painter.drawRects(columns.data(), static_cast<int>(columns.size()));
}

/// Places that could be painted, as dots; taken ones are covered by their heads.
void paint_cells(QPainter& painter, const Phrase& v, const LaneScene& lane) {
    const double below = look_of_kind(lane.lane.kind).cells_below;
    const double y = below >= 0 ? lane.row.top() + below : lane.row.center().y();
    const auto cells = v.score.cells_a_beat;
    painter.setPen(Qt::NoPen);
    painter.setBrush(v.palette().paper_bar);
    for (auto cell = v.row.first_beat * cells; cell < v.row.end_beat * cells; ++cell)
        painter.drawEllipse(QPointF(v.scale.x(v.grid().time_at(Beats(static_cast<double>(cell) / cells))), y),
                            1.6, 1.6);
}

void paint_pins(QPainter& painter, const Phrase& v, const LaneScene& lane, HeadStamps& heads) {
    const auto& p = v.palette();
    const auto& look = look_of_kind(lane.lane.kind);
    if (!look.heads)
        return;
    const auto pins = visible_pins(lane);
    const QFont font = sized(painter, 11, QFont::Medium);
    const QFontMetricsF metrics(font);
    for (auto pin = pins.begin(); pin != pins.end(); ++pin) {
        const auto& body = lane.lane.pins[pin->index].body;
        const double x = lane.scale.x(pin->time), head_y = look.head_y(lane, body);
        const auto head = head_look(lane, *pin);
        if (!pin->pinned) // loose: a dashed stem, as in the timeline
            draw_loose_stem(painter, x, v.rect.top(), head_y, head_colour(lane.lane.kind, p));
        heads.draw(head, {x, head_y});
        if (!look.names_beside_heads)
            continue;
        const auto next = pin + 1;
        const double room = (next != pins.end() ? lane.scale.x(next->time) : v.rect.right()) - x - 18;
        if (room < 26) // too narrow for more than a letter
            continue;
        painter.setFont(font);
        painter.setPen(head_colour(head, p));
        const auto& name = body_of<MarkerBody>(body).name;
        painter.drawText(QRectF(x + 9, head_y - 8, room, 16), Qt::AlignVCenter,
                         metrics.elidedText(QString::fromStdString(name), Qt::ElideRight, room));
    }
    const auto& outlines = v.scene().view.outlines();
    if (!outlines || v.scene().view.outline_lane() != lane.lane.id)
        return;
    paint_left_out(painter, lane, *outlines);
    for (const auto& outline : outlines->outlines)
        if (in_reach(lane, outline.time))
            draw_head(painter, lane.lane.kind, {lane.scale.x(outline.time), look.head_y(lane, outline.body)},
                      p, HeadState::Outlined, false);
}

void paint_names(QPainter& painter, const Phrase& v, const QRectF& rect) {
    const auto& p = v.palette();
    const QRectF names(rect.left(), rect.top(), v.rect.left() - rect.left(), rect.height());
    painter.fillRect(names, p.paper_names);
    const auto& detection = v.scene().project.detection;
    QString section;
    if (detection)
        for (const auto& s : detection->sections)
            if (v.scale.start + Seconds(0.05) >= s.start && v.scale.start + Seconds(0.05) < s.end) {
                section = QString::fromStdString(s.name) + (s.drop ? tr(" · drop") : QString());
                const int shade = s.name.empty() ? 0 : std::abs(s.name.back() - 'A') % 5;
                painter.fillRect(QRectF(names.left(), names.top(), 6, names.height()), p.sections[shade]);
            }
    painter.setFont(sized(painter, 13, QFont::DemiBold));
    painter.setPen(p.paper_text);
    const QString bars = v.row.first_bar == v.row.last_bar
                             ? QString::number(v.row.first_bar)
                             : QString("%1 – %2").arg(v.row.first_bar).arg(v.row.last_bar);
    painter.drawText(names.adjusted(14, 5, 0, 0), Qt::AlignTop, bars);
    double y = 23;
    painter.setFont(sized(painter, 11, QFont::Medium));
    if (!section.isEmpty() && names.height() > 40) {
        painter.drawText(names.adjusted(14, y, 0, 0), Qt::AlignTop, section);
        y += 15;
    }
    const auto error = v.scene().trust ? phrase_error(*v.scene().trust, v.row) : std::nullopt;
    if (!error || names.height() < y + 13)
        return;
    const bool far = std::abs(error->value) > noticeable.value;
    painter.setFont(sized(painter, 11, far ? QFont::Bold : QFont::Normal));
    painter.setPen(far ? p.cut : p.paper_quiet);
    const auto ms = std::lround(error->value * 1000);
    painter.drawText(names.adjusted(14, y, 0, 0), Qt::AlignTop,
                     tr("grid %1%2 ms")
                             .arg(ms > 0   ? "+"
                                  : ms < 0 ? "−"
                                           : "±")
                             .arg(std::abs(ms)) +
                         (far ? tr(" !") : QString()));
}

} // namespace

std::vector<PhrasePlacement::Track> score_tracks(const Schedule& schedule) {
    std::vector<PhrasePlacement::Track> tracks;
    double top = score_wave_top + score_wave_height + 2;
    for (std::size_t i = 0; i < schedule.size(); ++i) {
        constexpr double most = 200; // of lanes of very many rows
        const double height = std::min(most, look_of_kind(schedule.project().lanes[i]->kind).score_height *
                                                 schedule.spans(i).rows);
        tracks.push_back({top, height});
        top += height;
    }
    return tracks;
}

double score_row_height(const std::vector<PhrasePlacement::Track>& tracks) {
    return (tracks.empty() ? score_wave_top + score_wave_height : tracks.back().top + tracks.back().height) +
           5;
}

std::optional<Seconds> phrase_error(const std::vector<BarTrust>& bars, const ScoreLayout::Row& row) {
    std::vector<double> errors;
    for (const auto& bar : bars)
        if (bar.beat >= row.first_beat && bar.beat < row.end_beat && bar.error)
            errors.push_back(bar.error->value);
    if (errors.empty())
        return std::nullopt;
    const auto middle = errors.begin() + static_cast<std::ptrdiff_t>(errors.size() / 2);
    std::nth_element(errors.begin(), middle, errors.end());
    return Seconds(*middle);
}

void paint_score_head(QPainter& painter, const ScoreScene& score, const QRectF& head) {
    const auto& p = score.scene.palette;
    const auto& layout = score.placement.layout;
    const double names = score.placement.left - head.left();
    painter.fillRect(head, p.paper);
    painter.fillRect(QRectF(head.left(), head.top(), names, head.height()), p.paper_names);
    painter.setFont(sized(painter, 11, QFont::Normal));
    painter.setPen(p.paper_quiet);
    painter.drawText(QRectF(10, head.top(), names - 12, head.height()), Qt::AlignVCenter,
                     tr("one phrase a row"));
    if (layout.rows().empty())
        return;
    // The metre of the phrase that most others share: that of the first whole one.
    const auto& rows = layout.rows();
    const auto& row = rows.size() > 1 && rows.front().first_bar < 1 ? rows[1] : rows.front();
    for (auto beat = row.first_beat; beat < row.end_beat; ++beat) {
        const auto place = score.scene.project.grid->position_of(Ticks(beat * ticks_per_beat));
        const double x = layout.x(row, Beats(static_cast<double>(beat)));
        if (place.beat > 1 && layout.beat_width() < 22)
            continue;
        painter.setFont(place.beat == 1 ? sized(painter, 13, QFont::DemiBold)
                                        : sized(painter, 10, QFont::Normal));
        painter.setPen(place.beat == 1 ? p.paper_text : p.paper_quiet);
        painter.drawText(QPointF(x + 4, head.top() + 18), QString::number(place.beat));
    }
}

void paint_phrase(QPainter& painter, const ScoreScene& score, std::size_t phrase, const QRectF& rect) {
    const auto& placement = score.placement;
    const Phrase v{score, placement.layout.rows()[phrase], placement.scale_of(phrase),
                   rect.adjusted(placement.left - rect.left(), 0, 0, 0)};
    const auto& p = v.palette();
    constexpr double beyond = 24; // what a lane draws above and below its row
    const QRectF seen =
        painter.hasClipping() ? painter.clipBoundingRect().adjusted(0, -beyond, 0, beyond) : rect;
    std::vector<LaneScene> lanes;
    for (std::size_t i = 0; i < placement.tracks.size() && i < score.scene.project.lanes.size(); ++i) {
        const auto& track = placement.tracks[i];
        const QRectF row(v.rect.left(), rect.top() + track.top, v.right() - v.rect.left(), track.height);
        if (row.bottom() >= seen.top() && row.top() <= seen.bottom())
            lanes.push_back(lane_scene(score.scene, {i, row, v.scale, true}));
    }
    painter.fillRect(v.rect, p.paper);
    painter.save();
    painter.setClipRect(v.rect.adjusted(-8, -4, 0, 0));
    paint_bars(painter, v);
    paint_wave(painter, v);
    painter.setRenderHint(QPainter::Antialiasing);
    for (const auto& lane : lanes) {
        if (const auto paint = look_of_kind(lane.lane.kind).paint_score)
            paint(painter, lane);
        if (!holds<SoundBody>(lane.lane.kind) && look_of_kind(lane.lane.kind).heads && score.cells_a_beat > 0)
            paint_cells(painter, v, lane);
    }
    if (const auto& range = score.scene.view.range();
        range && range->until > v.scale.start && range->from < v.scale.end()) {
        const double left = std::max(v.scale.x(range->from), v.rect.left()),
                     right = std::min(v.scale.x(range->until), v.right());
        painter.setPen(QPen(p.selection, 2));
        painter.setBrush(Qt::NoBrush);
        painter.drawRect(QRectF(left + 1, v.rect.top() + 1, right - left - 2, v.rect.height() - 2));
    }
    painter.restore();
    paint_names(painter, v, rect);
    painter.setRenderHint(QPainter::Antialiasing);
    HeadStamps heads(painter, p);
    for (const auto& lane : lanes)
        if (!holds<SoundBody>(lane.lane.kind)) {
            paint_left_out(painter, lane);
            paint_pins(painter, v, lane, heads);
        }
    painter.setRenderHint(QPainter::Antialiasing, false);
    painter.setPen(QPen(p.paper_line, 1));
    painter.drawLine(QPointF(rect.left(), rect.bottom() - 0.5), QPointF(rect.right(), rect.bottom() - 0.5));
}

} // namespace pulsepin
