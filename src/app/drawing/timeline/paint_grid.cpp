// SPDX-License-Identifier: GPL-3.0-or-later
#include "drawing/timeline/paint_grid.h"

#include "session/number_text.h"

#include <QCoreApplication>
#include <QPainterPath>
#include <algorithm>
#include <cmath>

namespace pulsepin {
namespace {

QString tr(const char* text) {
    return QCoreApplication::translate("pulsepin::Grid", text);
}

/// The beats in view with one more on each side, as indices.
std::pair<std::size_t, std::size_t> in_view(const std::vector<GridBeat>& beats, const TimeScale& scale) {
    const auto before = [](const GridBeat& b, Seconds t) { return b.time < t; };
    const Seconds margin(12 / scale.pixels_per_second);
    auto first = std::lower_bound(beats.begin(), beats.end(), scale.start - margin, before);
    auto last = std::lower_bound(first, beats.end(), scale.end() + margin, before);
    if (first != beats.begin())
        --first;
    if (last != beats.end())
        ++last;
    return {static_cast<std::size_t>(first - beats.begin()), static_cast<std::size_t>(last - beats.begin())};
}

void draw_shield(QPainter& painter, QPointF centre) {
    QPainterPath path(centre + QPointF(-4.5, -5));
    path.lineTo(centre + QPointF(4.5, -5));
    path.lineTo(centre + QPointF(4.5, 1));
    path.lineTo(centre + QPointF(0, 6));
    path.lineTo(centre + QPointF(-4.5, 1));
    path.closeSubpath();
    painter.drawPath(path);
}

void paint_ticks(QPainter& painter, const Scene& scene, const BeatGrid& grid, const QRectF& line,
                 const QColor& colour) {
    const auto [first, last] = in_view(grid.beats(), scene.scale);
    double last_x = -1e9;
    for (std::size_t i = first; i < last; ++i) {
        const double x = std::round(scene.scale.x(grid.beats()[i].time));
        if (x - last_x < 3)
            continue;
        last_x = x;
        painter.fillRect(QRectF(x - 0.75, line.top() + 2, 1.5, line.height() - 4), colour);
    }
}

void mark_beat(QPainter& painter, const Palette& p, BeatOrigin origin, QPointF at, double size) {
    switch (origin) {
    case BeatOrigin::Found:
        painter.setPen(Qt::NoPen);
        painter.setBrush(p.paper_text);
        painter.drawEllipse(at, 0.75 * size, 0.75 * size);
        break;
    case BeatOrigin::Corrected:
        painter.setPen(QPen(p.selection, 1.6));
        painter.setBrush(p.paper);
        painter.drawEllipse(at, size, size);
        break;
    case BeatOrigin::Held:
        painter.setPen(Qt::NoPen);
        painter.setBrush(p.selection);
        draw_shield(painter, at);
        break;
    }
}

double tempo_between(const GridBeat& a, const GridBeat& b) {
    return 60 / (b.time - a.time).value;
}

} // namespace

void paint_beats(QPainter& painter, const Scene& scene, const QRectF& row) {
    if (!scene.project.grid)
        return;
    const auto& p = scene.palette;
    painter.save();
    painter.setClipRect(row);
    const QRectF upper(row.left(), row.top(), row.width(), row.height() / 2);
    const QRectF lower = upper.translated(0, upper.height());
    if (scene.proposal)
        paint_ticks(painter, scene, *scene.proposal, upper, p.cut);
    else if (scene.detection && scene.detection->grid)
        paint_ticks(painter, scene, *scene.detection->grid, upper, p.paper_quiet);
    painter.setRenderHint(QPainter::Antialiasing);
    const auto& grid = *scene.project.grid;
    const auto& beats = grid.beats();
    const auto [first, last] = in_view(beats, scene.scale);
    const double apart = last > first + 1
                             ? (beats[last - 1].time - beats[first].time).value /
                                   static_cast<double>(last - first - 1) * scene.scale.pixels_per_second
                             : 100;
    const double size = std::clamp(apart / 3, 1.2, 3.6);
    double last_x = -1e9;
    for (std::size_t i = first; i < last; ++i) {
        const QPointF at(scene.scale.x(beats[i].time), lower.center().y());
        const bool chosen = scene.view.beat() == grid.first_beat() + static_cast<std::int64_t>(i);
        // Where beats are closer than their marks, every one that was held still shows.
        if (at.x() - last_x < 2.5 && beats[i].origin != BeatOrigin::Held && !chosen)
            continue;
        last_x = at.x();
        if (chosen) {
            painter.setPen(QPen(p.paper_text, 1.5));
            painter.setBrush(p.playing);
            painter.drawEllipse(at, 6.5, 6.5);
        }
        mark_beat(painter, p, beats[i].origin, at, size);
    }
    painter.restore();
}

void paint_trust(QPainter& painter, const Scene& scene, const QRectF& row) {
    if (!scene.trust || scene.trust->empty())
        return;
    const auto& p = scene.palette;
    painter.save();
    painter.setClipRect(row);
    painter.setRenderHint(QPainter::Antialiasing);
    const auto y_of = [&](double trust) { return row.bottom() - 2 - trust * (row.height() - 6); };
    QColor ground = p.selection, doubt = p.cut;
    ground.setAlphaF(0.22f);
    doubt.setAlphaF(0.20f);
    QPolygonF line;
    for (const auto& bar : *scene.trust) {
        const double from = scene.scale.x(bar.from), until = scene.scale.x(bar.until);
        if (until < row.left() || from > row.right())
            continue;
        const double y = y_of(bar.trust);
        painter.fillRect(QRectF(from, y, until - from, row.bottom() - y), ground);
        line << QPointF(from, y) << QPointF(until, y);
    }
    painter.setPen(QPen(p.selection, 1.6));
    painter.drawPolyline(line);
    QFont font = painter.font();
    font.setPixelSize(11);
    font.setWeight(QFont::DemiBold);
    painter.setFont(font);
    for (const auto& place : doubtful_places(*scene.trust)) {
        const double from = scene.scale.x(place.from), until = scene.scale.x(place.until);
        if (until < row.left() || from > row.right())
            continue;
        const QRectF area(from, row.top(), until - from, row.height());
        painter.fillRect(area, doubt);
        painter.fillRect(area, QBrush(doubt, Qt::BDiagPattern));
        bool silent = true;
        for (const auto& bar : *scene.trust)
            if (bar.from >= place.from && bar.from < place.until)
                silent = silent && bar.silent;
        const QString text = silent ? tr("nothing starts here") : tr("uncertain");
        const double left = std::max(from, row.left()) + 5;
        if (QFontMetricsF(font).horizontalAdvance(text) < until - left) {
            painter.setPen(p.paper_text);
            painter.drawText(QRectF(left, row.top(), until - left, 15), Qt::AlignVCenter, text);
        }
    }
    for (const auto& span : *scene.project.excluded) {
        const QRectF area(scene.scale.x(span.from), row.top(),
                          (span.until - span.from).value * scene.scale.pixels_per_second, row.height());
        painter.fillRect(area, QBrush(p.paper_quiet, Qt::DiagCrossPattern));
        painter.setPen(QPen(p.paper_text, 1.5));
        painter.drawRect(area);
    }
    painter.restore();
}

std::pair<double, double> tempo_limits(const BeatGrid& grid, const TimeScale& scale) {
    const auto& beats = grid.beats();
    const auto [first, last] = in_view(beats, scale);
    std::vector<double> tempi;
    for (std::size_t i = first + 1; i < last; ++i)
        tempi.push_back(tempo_between(beats[i - 1], beats[i]));
    if (tempi.empty())
        return {grid.mean_tempo().value, grid.mean_tempo().value};
    std::sort(tempi.begin(), tempi.end());
    const std::size_t stray = tempi.size() / 50;
    return {tempi[stray], tempi[tempi.size() - 1 - stray]};
}

namespace {

/// How far each beat is from the course that is looked at, as stems from a middle line.
void paint_course(QPainter& painter, const Scene& scene, const QRectF& row, const CoursePreview& course) {
    const auto& p = scene.palette;
    const auto& beats = scene.project.grid->beats();
    const auto [first, last] = in_view(beats, scene.scale);
    const double middle = row.center().y();
    const double most = std::max(0.01, 4 * course.residual.value);
    const double scale = (row.height() / 2 - 8) / most;
    painter.setPen(QPen(p.paper_bar, 1));
    painter.drawLine(QPointF(row.left(), middle), QPointF(row.right(), middle));
    for (std::size_t i = first; i < last && i < course.errors.size(); ++i) {
        const double error = std::clamp(course.errors[i].value, -most, most);
        const double x = scene.scale.x(beats[i].time);
        const bool far = std::abs(course.errors[i].value) > 3 * course.residual.value + 0.002;
        painter.setPen(QPen(far ? p.cut : p.selection, far ? 3 : 2));
        painter.drawLine(QPointF(x, middle), QPointF(x, middle - error * scale));
    }
    painter.setPen(p.paper_text);
    painter.drawText(QRectF(row.left() + 6, row.top() + 3, 400, 14), Qt::AlignVCenter,
                     tr("%1: deviation %2 ms · full height %3 ms")
                         .arg(course.name)
                         .arg(number_text(course.residual.value * 1000, 1))
                         .arg(number_text(most * 1000, 0)));
}

/// The tempo between beats as a line, over lines that tell how fast that is.
void paint_tempo_line(QPainter& painter, const Scene& scene, const QRectF& row) {
    const auto& p = scene.palette;
    const auto& beats = scene.project.grid->beats();
    const auto [first, last] = in_view(beats, scene.scale);
    auto [low, high] = tempo_limits(*scene.project.grid, scene.scale);
    const double margin = std::max(0.15 * (high - low), 0.01 * high);
    low -= margin;
    high += margin;
    const auto y_of = [&, low = low, high = high](double bpm) {
        return row.bottom() - 4 - (bpm - low) / (high - low) * (row.height() - 8);
    };
    for (const double bpm : {low + margin, (low + high) / 2, high - margin}) {
        painter.setPen(QPen(p.paper_line, 1));
        painter.drawLine(QPointF(row.left(), y_of(bpm)), QPointF(row.right(), y_of(bpm)));
        painter.setPen(p.paper_quiet);
        painter.drawText(QPointF(row.left() + 4, y_of(bpm) - 2), number_text(bpm, 1));
        if (high - low < 0.3)
            break;
    }
    QPolygonF line;
    double last_x = -1e9;
    for (std::size_t i = first; i + 1 < last; ++i) {
        const double from = scene.scale.x(beats[i].time), until = scene.scale.x(beats[i + 1].time);
        if (until - last_x < 0.7)
            continue;
        last_x = until;
        const double y = y_of(std::clamp(tempo_between(beats[i], beats[i + 1]), low, high));
        line << QPointF(from, y) << QPointF(until, y);
    }
    painter.setPen(QPen(p.selection, 1.8));
    painter.drawPolyline(line);
}

} // namespace

void paint_tempo(QPainter& painter, const Scene& scene, const QRectF& row) {
    if (!scene.project.grid)
        return;
    painter.save();
    painter.setClipRect(row);
    painter.fillRect(row, scene.palette.paper);
    painter.setPen(QPen(scene.palette.paper_bar, 1));
    painter.drawLine(row.topLeft() + QPointF(0, 0.5), row.topRight() + QPointF(0, 0.5));
    painter.setRenderHint(QPainter::Antialiasing);
    QFont font = painter.font();
    font.setPixelSize(10);
    painter.setFont(font);
    if (const auto& course = scene.view.course())
        paint_course(painter, scene, row, *course);
    else
        paint_tempo_line(painter, scene, row);
    painter.restore();
}

void paint_said_places(QPainter& painter, const Scene& scene, const QRectF& area) {
    const auto& scale = scene.scale;
    painter.save();
    painter.setClipRect(area);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setPen(QPen(scene.palette.selection, 1.5, Qt::DashLine));
    for (const Seconds place : scene.view.said_places()) {
        const double x = scale.x(place);
        if (x >= area.left() && x <= area.right())
            painter.drawLine(QPointF(x, area.top()), QPointF(x, area.bottom()));
    }
    painter.restore();
}

} // namespace pulsepin
