// SPDX-License-Identifier: GPL-3.0-or-later
#include "drawing/timeline/follower_lines.h"

#include "follow/steps.h"
#include "parts/fields.h"
#include "session/number_text.h"

#include <algorithm>
#include <cmath>

namespace pulsepin {
namespace {

constexpr double reach = 5; // pixels
constexpr double bar_height = 6;

const FollowerCurve* curve_of(const LaneScene& s) {
    if (!s.scene.followers || !s.lane.kind->follows)
        return nullptr;
    const auto found = s.scene.followers->find(s.lane.id);
    return found == s.scene.followers->end() ? nullptr : found->second.get();
}

/// What lies at the top of the lane for values up to there: 1 for those that nearly reach it.
double measure_for(float highest) {
    return highest <= 0 || highest >= 0.8f ? std::max(1.0, static_cast<double>(highest))
                                           : static_cast<double>(highest);
}

/// The step whose levels are drawn; none where no step has any.
std::optional<std::size_t> step_with_lines(const LaneScene& s) {
    const auto& steps = part_of<Motion>(s.lane)->follower.steps;
    const auto has_lines = [&](std::size_t i) {
        const auto* row = i < steps.size() ? follower_step(steps[i].id) : nullptr;
        return row && !row->levels.empty() && !steps[i].off;
    };
    if (s.scene.view.motion_lane() == s.lane.id)
        if (const auto looked_at = s.scene.view.follower_step(); looked_at && *looked_at > 0)
            if (has_lines(*looked_at - 1))
                return *looked_at - 1;
    for (std::size_t i = 0; i < steps.size(); ++i)
        if (has_lines(i))
            return i;
    return std::nullopt;
}

double lead_of(const LaneScene& s) {
    return time_of(s.lane.lead, s.scene.project.settings->frame_rate).value;
}

} // namespace

std::vector<LevelLine> level_lines(const LaneScene& s) {
    std::vector<LevelLine> lines;
    const auto* curve = curve_of(s);
    const auto chosen = curve && !s.condensed ? step_with_lines(s) : std::nullopt;
    if (!chosen || *chosen >= curve->highest.size())
        return lines;
    const double measure = measure_for(curve->highest[*chosen]);
    const CurveScale scale = curve_scale(s.lane, s.spans, s.row.height());
    const auto& steps = part_of<Motion>(s.lane)->follower.steps;
    for (std::size_t i = 0; i < steps.size() && i < curve->highest.size(); ++i) {
        const auto* row = follower_step(steps[i].id);
        if (!row || steps[i].off || std::abs(measure_for(curve->highest[i]) - measure) > 0.01 * measure)
            continue;
        const ParamValues values = completed(steps[i].values, row->parameters);
        for (const auto& param : row->levels) {
            const double value = values.number(param);
            const QString name = row->levels.size() > 1 ? text_of(find_param(row->parameters, param)->label)
                                                        : text_of(row->label);
            lines.push_back(
                {i, std::string(param), name.toLower(), value, measure,
                 scale.bottom - std::clamp(value / measure, 0.0, 1.0) * (scale.bottom - scale.top)});
        }
    }
    // The step that gives the measure comes first.
    std::stable_partition(lines.begin(), lines.end(),
                          [&](const LevelLine& line) { return line.step == *chosen; });
    return lines;
}

double value_on(const LaneScene& s, const LevelLine& line, double y) {
    const CurveScale scale = curve_scale(s.lane, s.spans, s.row.height());
    return std::clamp((scale.bottom - y) / (scale.bottom - scale.top), 0.0, 1.0) * line.highest;
}

std::optional<LevelLine> level_line_under(const LaneScene& s, QPointF at) {
    if (!s.row.contains(at))
        return std::nullopt;
    std::optional<LevelLine> nearest;
    double best = reach;
    for (const auto& line : level_lines(s))
        if (const double away = std::abs(s.row.top() + line.y - at.y()); away <= best) {
            best = away;
            nearest = line;
        }
    return nearest;
}

void paint_level_lines(QPainter& painter, const LaneScene& s) {
    const auto lines = level_lines(s);
    if (lines.empty())
        return;
    const QFont before = painter.font();
    QFont font = before;
    font.setPixelSize(10);
    painter.setFont(font);
    QColor paper = s.scene.palette.paper;
    paper.setAlphaF(0.8f);
    std::vector<QRectF> told;
    for (const auto& line : lines) {
        const double y = s.row.top() + line.y;
        painter.setPen(QPen(s.scene.palette.cut, 1, Qt::DashLine));
        painter.drawLine(QPointF(s.row.left(), y), QPointF(s.row.right(), y));
        const QString text = QString("%1 %2").arg(line.name).arg(short_number_text(line.value, 3));
        const double width = painter.fontMetrics().horizontalAdvance(text);
        QRectF place(s.row.right() - width - 20, y < s.row.top() + 14 ? y + 1 : y - 13, width + 4, 12);
        for (const auto& other : told) // names of lines that lie close stand beside each other
            if (place.intersects(other))
                place.moveRight(other.left() - 4);
        told.push_back(place);
        painter.fillRect(place, paper);
        painter.drawText(place, Qt::AlignCenter, text);
    }
    painter.setFont(before);
}

std::vector<OverBar> over_bars(const LaneScene& s) {
    std::vector<OverBar> bars;
    if (!s.lane.kind->follows)
        return bars;
    const Seconds lead(lead_of(s));
    for (const auto& span : over_spans(s.scene.project, s.lane, s.resolved)) {
        const double from = s.scale.x(span.start - lead), until = s.scale.x(span.end - lead);
        bars.push_back({span, s.lane.pins[span.index].id,
                        QRectF(from, s.row.top() + 2, std::max(until - from, 1.0), bar_height),
                        s.scale.x(span.start - span.fade_in - lead),
                        s.scale.x(span.end + span.fade_out - lead)});
    }
    return bars;
}

std::optional<Grip> over_grip(const LaneScene& s, QPointF at) {
    if (at.y() > s.row.top() + bar_height + 6)
        return std::nullopt;
    const auto bars = over_bars(s);
    for (auto bar = bars.rbegin(); bar != bars.rend(); ++bar) { // the last drawn lies on top
        const auto near = [&](double x) { return std::abs(at.x() - x) <= reach; };
        if (near(bar->fades_from) && bar->span.fade_in > Seconds(0))
            return Grip{bar->pin, GripPart::FadeIn};
        if (near(bar->fades_to) && bar->span.fade_out > Seconds(0))
            return Grip{bar->pin, GripPart::FadeOut};
        if (near(bar->bar.right()) && bar->bar.width() > 2 * reach)
            return Grip{bar->pin, GripPart::End};
        if (at.x() >= bar->fades_from - 2 && at.x() <= bar->fades_to + 2)
            return Grip{bar->pin, GripPart::Body};
    }
    return std::nullopt;
}

void paint_over_bars(QPainter& painter, const LaneScene& s) {
    painter.save();
    painter.setRenderHint(QPainter::Antialiasing);
    for (const auto& bar : over_bars(s)) {
        if (bar.fades_to < s.row.left() || bar.fades_from > s.row.right())
            continue;
        const auto& key = body_of<KeyBody>(s.lane.pins[bar.span.index].body);
        const bool selected = s.scene.view.selection().contains(bar.pin);
        const QColor colour = key.role == KeyRole::Acts ? s.scene.palette.motion : s.scene.palette.cut;
        painter.setPen(QPen(selected ? s.scene.palette.selection : colour, selected ? 2 : 1));
        QColor wash = colour;
        wash.setAlphaF(0.45f);
        painter.setBrush(wash);
        const double top = bar.bar.top(), bottom = bar.bar.bottom();
        painter.drawPolygon(QPolygonF{QPointF(bar.fades_from, bottom), QPointF(bar.bar.left(), top),
                                      QPointF(bar.bar.right(), top), QPointF(bar.fades_to, bottom)});
        if (key.role == KeyRole::Acts || s.condensed)
            continue;
        const QString text = key.role == KeyRole::Lift
                                 ? (key.value < 0 ? "−" : "+") + QString::number(std::abs(key.value), 'g', 3)
                                 : "= " + QString::number(key.value, 'g', 3);
        QFont font = painter.font();
        font.setPixelSize(10);
        painter.setFont(font);
        painter.setPen(colour);
        painter.drawText(QPointF(bar.fades_to + 3, bottom + 3), text);
    }
    painter.restore();
}

std::optional<CurveTop> curve_top_under(const LaneScene& s, QPointF at) {
    const auto* curve = curve_of(s);
    if (!curve || curve->values().empty() || !curve->trouble.empty() || s.condensed)
        return std::nullopt;
    const CurveScale scale = curve_scale(s.lane, s.spans, s.row.height());
    const double per_second = s.scene.project.settings->frame_rate.per_second();
    const Seconds lead(lead_of(s));
    // The highest within a few pixels, as it is drawn.
    const Seconds from = s.scale.time(at.x() - reach) + lead, until = s.scale.time(at.x() + reach) + lead;
    CurveTop top{s.lane.id, from, -1};
    const double step = 1 / curve->per_second();
    for (double t = std::floor(from.value / step) * step; t <= until.value; t += step)
        if (const double value = curve->share_at(t * per_second); value > top.value)
            top = {s.lane.id, Seconds(t), value};
    if (std::abs(s.row.top() + scale.y(top.value) - at.y()) > reach)
        return std::nullopt;
    return top;
}

} // namespace pulsepin
