// SPDX-License-Identifier: GPL-3.0-or-later
#include "score/paint_score.h"

#include "kinds/kind_look.h"
#include "score/row_view.h"

#include "timeline/lane_views.h"
#include "timeline/pin_heads.h"

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

void paint_bars(QPainter& painter, const RowView& v) {
    const auto& p = v.scene.palette;
    for (auto beat = v.row.first_beat; beat < v.row.end_beat; ++beat) {
        const double x = std::round(v.scene.layout.x(v.row, Beats(static_cast<double>(beat))));
        const auto place = v.scene.project.grid->position_of(Ticks(beat * ticks_per_beat));
        if (place.beat == 1 && (place.bar - v.row.first_bar) % 2 == 1) {
            const auto length = v.scene.project.grid->metre_at(Ticks(beat * ticks_per_beat)).beats_per_bar;
            painter.fillRect(QRectF(x, v.rect.top(), v.scene.layout.beat_width() * length, v.rect.height()),
                             p.paper_shade);
        }
        painter.fillRect(QRectF(x, v.rect.top(), 1, v.rect.height()),
                         place.beat == 1 ? p.paper_bar : p.paper_beat);
    }
}

void paint_wave(QPainter& painter, const RowView& v) {
    const auto outline = v.scene.document.sounds().outline();
    if (!outline)
        return;
    const auto& grid = *v.scene.project.grid;
    const auto rate = static_cast<double>(outline->sample_rate);
    const double middle = v.rect.top() + score_wave_top + score_wave_height / 2;
    constexpr double louder = 1.6; // a low row shows little of what is not loud
    const double scale = louder * score_wave_height / 2 * v.scene.view.look().wave_height;
    const double until = std::min(v.right(), v.rect.right());
    const double per_pixel = 1 / v.scene.layout.beat_width();
    Samples before(std::llround(v.start().value * rate));
    std::vector<QRect> columns;
    columns.reserve(static_cast<std::size_t>(std::max(0.0, until - v.rect.left())) + 1);
    double beat = static_cast<double>(v.row.first_beat);
    for (int x = static_cast<int>(v.rect.left()); x < until; ++x) {
        beat += per_pixel;
        const Samples now(std::llround(grid.time_at(Beats(beat)).value * rate));
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
    painter.setBrush(v.scene.palette.wave_peak);
    painter.drawRects(columns.data(), static_cast<int>(columns.size()));
}

/// Places that could be painted, as dots; taken ones are covered by their heads.
void paint_cells(QPainter& painter, const RowView& v, const ScoreTrack& track) {
    const auto& lane = *v.scene.project.lanes[track.lane];
    const double below = look_of_kind(lane.kind).cells_below;
    const double y = v.rect.top() + track.top + (below >= 0 ? below : track.height / 2);
    const auto cells = v.scene.cells_a_beat;
    painter.setPen(Qt::NoPen);
    painter.setBrush(v.scene.palette.paper_bar);
    for (auto cell = v.row.first_beat * cells; cell < v.row.end_beat * cells; ++cell)
        painter.drawEllipse(QPointF(v.scene.layout.x(v.row, Beats(static_cast<double>(cell) / cells)), y),
                            1.6, 1.6);
}

void paint_left_out(QPainter& painter, const RowView& v, const ScoreTrack& track) {
    const auto& lane = *v.scene.project.lanes[track.lane];
    for (const auto& planting : *v.scene.project.plantings)
        if (planting.lane == lane.id)
            for (const Ticks home : planting.left_out) {
                const auto time = anchored_time(planting.place_of(home), v.scene.project);
                const Beats place = v.scene.project.grid->beats_at(*time);
                if (ScoreLayout::holds(v.row, place))
                    draw_left_out(
                        painter,
                        {v.scene.layout.x(v.row, place), v.rect.top() + track.top + track.height / 2},
                        head_colour(lane.kind, v.scene.palette));
            }
}

void paint_pins(QPainter& painter, const RowView& v, const ScoreTrack& track) {
    const auto& lane = *v.scene.project.lanes[track.lane];
    const auto& p = v.scene.palette;
    const auto& pins = v.scene.schedule[track.lane].pins;
    const auto& grid = *v.scene.project.grid;
    const auto before = [](const ResolvedPin& pin, Seconds t) { return pin.time < t; };
    const Seconds margin = (v.end() - v.start()) * 0.2;
    const auto first = std::lower_bound(pins.begin(), pins.end(), v.start() - margin, before);
    const auto head_at = [&](const PinBody& body) { return v.rect.top() + score_head_y(lane, body, track); };
    const QFont font = sized(painter, 11, QFont::Medium);
    const QFontMetricsF metrics(font);
    for (auto pin = first; pin != pins.end() && pin->time < v.end(); ++pin) {
        if (!ScoreLayout::holds(v.row, grid.beats_at(pin->time)))
            continue;
        const double x = v.x(pin->time);
        const auto look = look_of(lane.pins[pin->index], lane, v.scene.view.selection().contains(pin->id),
                                  pin->shares_frame);
        const double head_y = head_at(lane.pins[pin->index].body);
        if (!pin->pinned) // loose: a dashed stem, as in the timeline
            draw_stem(painter, x, v.rect.top(), head_y, head_colour(lane.kind, p), false);
        draw_head(painter, look, {x, head_y}, p);
        if (!look_of_kind(lane.kind).names_beside_heads)
            continue;
        const auto next = pin + 1;
        const double room =
            (next != pins.end() && next->time < v.end() ? v.x(next->time) : v.rect.right()) - x - 18;
        if (room < 26) // too narrow for more than a letter
            continue;
        painter.setFont(font);
        painter.setPen(head_colour(look, p));
        const auto& name = std::get<MarkerBody>(lane.pins[pin->index].body).name;
        painter.drawText(QRectF(x + 9, head_y - 8, room, 16), Qt::AlignVCenter,
                         metrics.elidedText(QString::fromStdString(name), Qt::ElideRight, room));
    }
    if (v.scene.view.outlines() && v.scene.view.outline_lane() == lane.id)
        for (const auto& outline : v.scene.view.outlines()->outlines)
            if (ScoreLayout::holds(v.row, grid.beats_at(outline.time)))
                draw_head(painter, lane.kind, {v.x(outline.time), head_at(outline.body)}, p,
                          HeadState::Outlined, false);
}

void paint_names(QPainter& painter, const RowView& v, const QRectF& rect) {
    const auto& p = v.scene.palette;
    const QRectF names(rect.left(), rect.top(), v.scene.names_width, rect.height());
    painter.fillRect(names, p.paper_names);
    const auto& detection = v.scene.project.detection;
    QString section;
    if (detection)
        for (const auto& s : detection->sections)
            if (v.start() + Seconds(0.05) >= s.start && v.start() + Seconds(0.05) < s.end) {
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
    const auto error = phrase_error(v.scene.document.trust(), v.row);
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

QFont sized(const QPainter& painter, int pixels, QFont::Weight weight) {
    QFont font = painter.font();
    font.setPixelSize(pixels);
    font.setWeight(weight);
    return font;
}

std::vector<ScoreTrack> score_tracks(const Document& document) {
    std::vector<ScoreTrack> tracks;
    double top = score_wave_top + score_wave_height + 2;
    const auto& lanes = document.project().lanes;
    for (std::size_t i = 0; i < lanes.size(); ++i) {
        const int rows = document.spans(lanes[i]->id).rows;
        const double height = look_of_kind(lanes[i]->kind).score_height * rows;
        tracks.push_back({i, rows, top, height});
        top += height;
    }
    return tracks;
}

double score_head_y(const Lane& lane, const PinBody& body, const ScoreTrack& track) {
    const auto& look = look_of_kind(lane.kind);
    return look.score_head_y ? look.score_head_y(body, track) : track.top + track.height / 2;
}

double score_row_height(const Document& document) {
    const auto tracks = score_tracks(document);
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

void paint_score_head(QPainter& painter, const ScoreScene& scene, const QRectF& head) {
    const auto& p = scene.palette;
    painter.fillRect(head, p.paper);
    painter.fillRect(QRectF(head.left(), head.top(), scene.names_width, head.height()), p.paper_names);
    painter.setFont(sized(painter, 11, QFont::Normal));
    painter.setPen(p.paper_quiet);
    painter.drawText(QRectF(10, head.top(), scene.names_width - 12, head.height()), Qt::AlignVCenter,
                     tr("one phrase a row"));
    if (scene.layout.rows().empty())
        return;
    // The metre of the phrase that most others share: that of the first whole one.
    const auto& rows = scene.layout.rows();
    const auto& row = rows.size() > 1 && rows.front().first_bar < 1 ? rows[1] : rows.front();
    for (auto beat = row.first_beat; beat < row.end_beat; ++beat) {
        const auto place = scene.project.grid->position_of(Ticks(beat * ticks_per_beat));
        const double x = scene.layout.x(row, Beats(static_cast<double>(beat)));
        if (place.beat > 1 && scene.layout.beat_width() < 22)
            continue;
        painter.setFont(place.beat == 1 ? sized(painter, 13, QFont::DemiBold)
                                        : sized(painter, 10, QFont::Normal));
        painter.setPen(place.beat == 1 ? p.paper_text : p.paper_quiet);
        painter.drawText(QPointF(x + 4, head.top() + 18), QString::number(place.beat));
    }
}

void paint_phrase(QPainter& painter, const ScoreScene& scene, const ScoreLayout::Row& row,
                  const QRectF& rect) {
    const RowView v{scene, row, rect.adjusted(scene.names_width, 0, 0, 0)};
    const auto& p = scene.palette;
    painter.fillRect(v.rect, p.paper);
    painter.save();
    painter.setClipRect(v.rect.adjusted(-8, -4, 0, 0));
    paint_bars(painter, v);
    paint_wave(painter, v);
    const auto tracks = score_tracks(scene.document);
    painter.setRenderHint(QPainter::Antialiasing);
    for (const auto& track : tracks) {
        const auto kind = scene.project.lanes[track.lane]->kind;
        if (const auto paint = look_of_kind(kind).paint_score)
            paint(painter, v, track);
        if (!kind->sounds && scene.cells_a_beat > 0)
            paint_cells(painter, v, track);
    }
    if (const auto& range = scene.view.range(); range && range->until > v.start() && range->from < v.end()) {
        const double left = std::max(v.x(range->from), v.rect.left()),
                     right = std::min(v.x(range->until), v.right());
        painter.setPen(QPen(p.selection, 2));
        painter.setBrush(Qt::NoBrush);
        painter.drawRect(QRectF(left + 1, v.rect.top() + 1, right - left - 2, v.rect.height() - 2));
    }
    painter.restore();
    paint_names(painter, v, rect);
    painter.setRenderHint(QPainter::Antialiasing);
    for (const auto& track : tracks)
        if (!scene.project.lanes[track.lane]->kind->sounds) {
            paint_left_out(painter, v, track);
            paint_pins(painter, v, track);
        }
    painter.setRenderHint(QPainter::Antialiasing, false);
    painter.setPen(QPen(p.paper_line, 1));
    painter.drawLine(QPointF(rect.left(), rect.bottom() - 0.5), QPointF(rect.right(), rect.bottom() - 0.5));
}

} // namespace pulsepin
