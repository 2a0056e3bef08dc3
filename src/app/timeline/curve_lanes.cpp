// SPDX-License-Identifier: GPL-3.0-or-later
#include "timeline/curve_lanes.h"

#include <QPainterPath>
#include <algorithm>
#include <cmath>

namespace pulsepin {
namespace {

constexpr double below = 7, above = 16; // pixels that stay free

const FollowerCurve* curve_of(const Scene& scene, LaneId lane) {
    if (!scene.followers)
        return nullptr;
    const auto found = scene.followers->find(lane);
    return found == scene.followers->end() ? nullptr : found->second.get();
}

/// The highest of what a pixel covers, so that no hit is lost from afar.
double highest_around(const CurveValues& values, double from, double until) {
    double highest = value_between(values, from);
    const double step = std::max(1.0, (until - from) / 12);
    for (double at = from + step; at < until; at += step)
        highest = std::max(highest, value_between(values, at));
    return highest;
}

template <class ValueAt>
QPainterPath curve_path(const LaneScene& s, const CurveScale& scale, double lead, ValueAt value_at) {
    const double per_second = s.scene.project.settings->frame_rate.per_second();
    QPainterPath path;
    for (double x = s.row.left(); x <= s.row.right(); x += 1) {
        const double frame = s.scene.scale.time(x).value * per_second + lead;
        const double next = s.scene.scale.time(x + 1).value * per_second + lead;
        const QPointF at(x,
                         s.row.top() + std::clamp(scale.y(value_at(frame, next)), 2.0, s.row.height() - 2));
        if (x == s.row.left())
            path.moveTo(at);
        else
            path.lineTo(at);
    }
    return path;
}

void paint_line(QPainter& painter, const LaneScene& s, const QPainterPath& path, const QColor& colour,
                double width) {
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setBrush(Qt::NoBrush);
    painter.setPen(QPen(colour, width));
    painter.setOpacity(s.lane.muted ? 0.35 : 1);
    painter.drawPath(path);
    painter.setOpacity(1);
    painter.setRenderHint(QPainter::Antialiasing, false);
}

void paint_ends(QPainter& painter, const LaneScene& s, const CurveScale& scale, double low, double high) {
    QFont font = painter.font();
    font.setPixelSize(10);
    painter.setFont(font);
    painter.setPen(s.scene.palette.paper_quiet);
    const QString unit = QString::fromStdString(s.lane.motion.own.unit);
    const auto text = [&](double value) { return QString("%1 %2").arg(value, 0, 'g', 4).arg(unit); };
    painter.drawText(QPointF(s.row.left() + 4, s.row.top() + scale.top + 3), text(high));
    painter.drawText(QPointF(s.row.left() + 4, s.row.top() + scale.bottom - 4), text(low));
}

void paint_limit(QPainter& painter, const LaneScene& s, double y, const QString& name) {
    painter.setPen(QPen(s.scene.palette.cut, 1, Qt::DashLine));
    painter.drawLine(QPointF(s.row.left(), s.row.top() + y), QPointF(s.row.right(), s.row.top() + y));
    QFont font = painter.font();
    font.setPixelSize(10);
    painter.setFont(font);
    painter.drawText(QRectF(s.row.right() - 90, s.row.top() + y - 13, 84, 12), Qt::AlignRight, name);
}

void paint_follower(QPainter& painter, const LaneScene& s) {
    const CurveScale scale = curve_scale(s.lane, s.spans, s.row.height());
    const auto& own = s.lane.motion.own;
    paint_ends(painter, s, scale, own.low, own.high);
    const auto* curve = curve_of(s.scene, s.lane.id);
    if (!curve || curve->stages.empty())
        return;
    const auto rate = s.scene.project.settings->frame_rate;
    const double lead = time_of(s.lane.lead, rate).value * rate.per_second();
    const auto read = [curve](const CurveValues& values) {
        return [&values, per_frame = curve->per_frame](double from, double until) {
            return highest_around(values, from * per_frame, until * per_frame);
        };
    };
    QColor source = s.scene.palette.paper_quiet;
    source.setAlphaF(0.55f);
    if (curve->stages.size() > 1)
        paint_line(painter, s, curve_path(s, scale, 0, read(*curve->stages.front())), source, 1);
    const QPainterPath line = curve_path(s, scale, lead, read(curve->values()));
    QPainterPath ground = line;
    ground.lineTo(s.row.right(), s.row.top() + scale.bottom);
    ground.lineTo(s.row.left(), s.row.top() + scale.bottom);
    QColor wash = s.scene.palette.motion;
    wash.setAlphaF(0.2f);
    painter.setOpacity(s.lane.muted ? 0.35 : 1);
    painter.fillPath(ground, wash);
    painter.setOpacity(1);
    paint_line(painter, s, line, s.scene.palette.motion, 1.8);
    for (const auto& step : s.lane.motion.follower.steps)
        if (!step.off && (step.id == "floor" || step.id == "ceiling"))
            paint_limit(painter, s, scale.y(step.values[0]),
                        step.id == "floor" ? QObject::tr("floor") : QObject::tr("ceiling"));
}

} // namespace

double CurveScale::y(double value) const {
    const double share = high > low ? (value - low) / (high - low) : 0;
    return bottom - share * (bottom - top);
}

CurveScale curve_scale(const Lane& lane, const LaneSpans& spans, double height) {
    CurveScale scale;
    scale.bottom = height - below;
    scale.top = above;
    if (lane.kind != LaneKind::Follow) {
        scale.low = std::min(lane.motion.own.low, lane.motion.own.high);
        scale.high = std::max(lane.motion.own.low, lane.motion.own.high);
    }
    for (const auto& key : spans.keys.keys()) {
        scale.low = std::min(scale.low, key.value);
        scale.high = std::max(scale.high, key.value);
    }
    if (scale.high <= scale.low)
        scale.high = scale.low + 1;
    return scale;
}

void paint_curve(QPainter& painter, const LaneScene& s) {
    if (s.lane.kind == LaneKind::Follow)
        return paint_follower(painter, s);
    const CurveScale scale = curve_scale(s.lane, s.spans, s.row.height());
    const bool keys = s.lane.kind == LaneKind::Keys;
    paint_ends(painter, s, scale, scale.low, scale.high);
    if (keys && s.spans.keys.empty())
        return;
    paint_line(painter, s,
               curve_path(s, scale, 0,
                          [&](double frame, double) {
                              return keys ? s.spans.keys.value_at(frame) : s.spans.motion.value_at(frame);
                          }),
               s.scene.palette.motion, 1.8);
}

void paint_follower_over(QPainter& painter, const Scene& scene, const QRectF& row) {
    const Lane* lane = scene.project.lane(scene.view.motion_lane());
    const auto* curve = lane && lane->kind == LaneKind::Follow ? curve_of(scene, lane->id) : nullptr;
    if (!curve || curve->stages.empty() || row.height() < 20)
        return;
    const auto step =
        std::min(scene.view.follower_step().value_or(curve->stages.size() - 1), curve->stages.size() - 1);
    const auto& values = *curve->stages[step];
    const LaneSpans none;
    const LaneScene over{scene, *lane, {}, none, row};
    CurveScale scale;
    scale.bottom = row.height() - 2;
    scale.top = 4;
    paint_line(painter, over,
               curve_path(over, scale, 0,
                          [&](double from, double until) {
                              return highest_around(values, from * curve->per_frame,
                                                    until * curve->per_frame);
                          }),
               scene.palette.motion, 2);
}

} // namespace pulsepin
