// SPDX-License-Identifier: GPL-3.0-or-later
#include "drawing/timeline/curve_lanes.h"

#include "drawing/timeline/follower_lines.h"
#include "session/number_text.h"

#include <QImage>
#include <algorithm>
#include <array>
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
    if (until - from < 2 || values.empty())
        return value_between(values, from);
    const auto last = static_cast<double>(values.size() - 1);
    const auto first = static_cast<std::size_t>(std::clamp(from, 0.0, last)),
               end = static_cast<std::size_t>(std::clamp(until, 0.0, last));
    const std::size_t step = std::max<std::size_t>(1, (end - first) / 12);
    float highest = values[first];
    for (std::size_t i = first + step; i < end; i += step)
        highest = std::max(highest, values[i]);
    return static_cast<double>(highest);
}

/// Where the curve is in each pixel of the row, from left to right.
template <class ValueAt>
std::vector<double> course_of(const LaneScene& s, const CurveScale& scale, double lead, ValueAt value_at) {
    const double per_second = s.scene.project.settings->frame_rate.per_second();
    std::vector<double> course;
    course.reserve(static_cast<std::size_t>(std::max(0.0, s.row.width())) + 1);
    for (double x = s.row.left(); x <= s.row.right(); x += 1) {
        const double frame = s.scale.time(x).value * per_second + lead;
        const double next = s.scale.time(x + 1).value * per_second + lead;
        course.push_back(s.row.top() + std::clamp(scale.y(value_at(frame, next)), 2.0, s.row.height() - 2));
    }
    return course;
}

/// How much of the row of pixels [row, row + 1] lies between two heights.
double covered(double top, double bottom, int row) {
    return std::clamp(std::min(bottom, row + 1.0) - std::max(top, static_cast<double>(row)), 0.0, 1.0);
}

/// The line, and a wash from it down to `wash_bottom`, if there is one. Written column by column into an
/// image of the row, edges softened: a path of as many points would cost ten times as much.
void paint_line(QPainter& painter, const LaneScene& s, const std::vector<double>& course,
                const QColor& colour, double width, std::optional<double> wash_bottom = {}) {
    if (course.size() < 2)
        return;
    const double ratio = painter.device()->devicePixelRatioF();
    QImage image(static_cast<int>(std::ceil(s.row.width() * ratio)),
                 static_cast<int>(std::ceil(s.row.height() * ratio)), QImage::Format_ARGB32_Premultiplied);
    image.fill(Qt::transparent);
    const auto y_at = [&](double column) {
        const double place = std::clamp(column / ratio, 0.0, static_cast<double>(course.size() - 1));
        const auto i = std::min(static_cast<std::size_t>(place), course.size() - 2);
        return (course[i] + (course[i + 1] - course[i]) * (place - static_cast<double>(i)) - s.row.top()) *
               ratio;
    };
    const double half = width * ratio / 2;
    const int floor_row = wash_bottom ? static_cast<int>((*wash_bottom - s.row.top()) * ratio) : 0;
    // All is of one colour, so that a pixel is told by its opacity; 256 of them are made beforehand.
    std::array<QRgb, 256> shades;
    for (int a = 0; a < 256; ++a)
        shades[static_cast<std::size_t>(a)] =
            qRgba(colour.red() * a / 255, colour.green() * a / 255, colour.blue() * a / 255, a);
    constexpr double wash = 0.2;
    const auto shade = [&](double opacity) { return shades[static_cast<std::size_t>(opacity * 255 + 0.5)]; };
    auto* pixels = reinterpret_cast<QRgb*>(image.bits());
    const auto stride = static_cast<std::size_t>(image.width());
    const auto pixel = [&](int x, int y) -> QRgb& {
        return pixels[static_cast<std::size_t>(y) * stride + static_cast<std::size_t>(x)];
    };
    double before = y_at(-1), here = y_at(0);
    for (int x = 0; x < image.width(); ++x) {
        const double next = y_at(x + 1);
        for (int y = std::max(0, static_cast<int>(here)); y < std::min(floor_row, image.height()); ++y)
            pixel(x, y) = shade(wash);
        const double from = (before + here) / 2, until = (here + next) / 2;
        const double top = std::min({from, here, until}) - half,
                     bottom = std::max({from, here, until}) + half;
        for (int y = std::max(0, static_cast<int>(std::floor(top)));
             y < std::min<double>(bottom, image.height()); ++y) {
            const double line = colour.alphaF() * covered(top, bottom, y);
            pixel(x, y) = shade(line + qAlpha(pixel(x, y)) / 255.0 * (1 - line));
        }
        before = here;
        here = next;
    }
    painter.setOpacity(s.lane.muted ? 0.35 : 1);
    painter.drawImage(QRectF(s.row.topLeft(), QSizeF(image.size()) / ratio), image);
    painter.setOpacity(1);
}

void paint_ends(QPainter& painter, const LaneScene& s, const CurveScale& scale, double low, double high) {
    if (s.condensed) // no room for words
        return;
    QFont font = painter.font();
    font.setPixelSize(10);
    painter.setFont(font);
    const QString unit = QString::fromStdString(part_of<Motion>(s.lane)->own.unit);
    QColor paper = s.scene.palette.paper;
    paper.setAlphaF(0.85F);
    // On paper of their own, so that no curve strikes them through.
    const auto tell = [&](double value, double y) {
        const QString text = QString("%1 %2").arg(short_number_text(value, 4)).arg(unit);
        painter.fillRect(
            QRectF(s.row.left() + 2, y - 9, painter.fontMetrics().horizontalAdvance(text) + 4, 12), paper);
        painter.setPen(s.scene.palette.paper_quiet);
        painter.drawText(QPointF(s.row.left() + 4, y), text);
    };
    tell(high, s.row.top() + scale.top + 3);
    tell(low, s.row.top() + scale.bottom - 4);
}

void paint_follower(QPainter& painter, const LaneScene& s) {
    const CurveScale scale = curve_scale(s.lane, s.spans, s.row.height());
    const auto& own = part_of<Motion>(s.lane)->own;
    const auto* curve = curve_of(s.scene, s.lane.id);
    if (!curve || curve->stages.empty())
        return paint_ends(painter, s, scale, own.low, own.high);
    const auto rate = s.scene.project.settings->frame_rate;
    const double lead = time_of(s.lane.lead, rate).value * rate.per_second();
    const auto read = [curve](const CurveValues& values) {
        return [&values, per_frame = curve->per_frame](double from, double until) {
            return highest_around(values, from * per_frame, until * per_frame);
        };
    };
    // As the property has it: cut off where that is.
    double least = -1e9, most = 1e9;
    if (own.limits && own.high != own.low) {
        least = share_of(own, own.limits->least);
        most = share_of(own, own.limits->most);
        if (least > most)
            std::swap(least, most);
    }
    QColor source = s.scene.palette.paper_quiet;
    source.setAlphaF(0.55f);
    // What the lines of its steps are to be read against, or else what it is made of.
    const auto lines = level_lines(s);
    const std::size_t before = lines.empty() ? 0 : lines.front().step;
    if (curve->stages.size() > 1 && before < curve->stages.size()) {
        CurveScale measure = scale;
        if (!lines.empty()) {
            measure.low = 0;
            measure.high = lines.front().highest;
        }
        paint_line(painter, s, course_of(s, measure, 0, read(*curve->stages[before])), source, 1);
    }
    const auto line =
        course_of(s, scale, lead, [&, whole = read(curve->values())](double from, double until) {
            return std::clamp(whole(from, until), least, most);
        });
    paint_line(painter, s, line, s.scene.palette.motion, 1.8, s.row.top() + scale.bottom);
    paint_ends(painter, s, scale, own.low, own.high);
    paint_level_lines(painter, s);
    paint_over_bars(painter, s);
}

} // namespace

double CurveScale::y(double value) const {
    const double share = high > low ? (value - low) / (high - low) : 0;
    return bottom - share * (bottom - top);
}

CurveScale curve_scale(const Lane& lane, const LaneSpans& spans, double height) {
    CurveScale scale;
    scale.bottom = height - below;
    constexpr double high_enough = 50; // for the words that tell its ends
    scale.top = height < high_enough ? below : above;
    if (!lane.kind->follows && !holds<PoseBody>(lane.kind)) {
        scale.low = std::min(part_of<Motion>(lane)->own.low, part_of<Motion>(lane)->own.high);
        scale.high = std::max(part_of<Motion>(lane)->own.low, part_of<Motion>(lane)->own.high);
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
    if (s.lane.kind->follows)
        return paint_follower(painter, s);
    const CurveScale scale = curve_scale(s.lane, s.spans, s.row.height());
    const bool keys = is_keyed(s.lane.kind) || holds<PoseBody>(s.lane.kind);
    if (!keys || !s.spans.keys.empty())
        paint_line(painter, s,
                   course_of(s, scale, 0,
                             [&](double frame, double) {
                                 return keys ? s.spans.keys.value_at(frame) : s.spans.motion.value_at(frame);
                             }),
                   s.scene.palette.motion, 1.8);
    if (!holds<PoseBody>(s.lane.kind))
        paint_ends(painter, s, scale, scale.low, scale.high);
}

void paint_follower_over(QPainter& painter, const Scene& scene, const QRectF& row) {
    const Lane* lane = scene.project.lane(scene.view.motion_lane());
    const auto* curve = lane && lane->kind->follows ? curve_of(scene, lane->id) : nullptr;
    if (!curve || curve->stages.empty() || !curve->trouble.empty() || row.height() < 20)
        return;
    const auto step =
        std::min(scene.view.follower_step().value_or(curve->stages.size() - 1), curve->stages.size() - 1);
    const auto& values = *curve->stages[step];
    const LaneSpans none;
    const ResolvedLane no_pins;
    const LaneScene over{scene, *lane, no_pins, none, row, scene.scale};
    CurveScale scale;
    scale.bottom = row.height() - 2;
    scale.top = 4;
    paint_line(painter, over,
               course_of(over, scale, 0,
                         [&](double from, double until) {
                             return highest_around(values, from * curve->per_frame, until * curve->per_frame);
                         }),
               scene.palette.motion, 2);
}

} // namespace pulsepin
