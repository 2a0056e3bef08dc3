// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/content/content_painter.h"

#include <algorithm>
#include <cmath>

namespace pulsepin {
namespace {

struct Dot {
    QPointF at;
    double width;
};

/// Points so near together that the line seems smooth: a curve through the person's points (Catmull and Rom's
/// spline), or straight.
std::vector<Dot> dots_of(const StagedLayer& layer) {
    const auto& points = layer.points;
    std::vector<Dot> dots;
    const auto at = [&](std::ptrdiff_t i) -> const LinePoint& {
        return points[static_cast<std::size_t>(std::clamp<std::ptrdiff_t>(i, 0, std::ssize(points) - 1))];
    };
    const bool smooth = layer.values.flag("smooth");
    for (std::ptrdiff_t i = 0; i + 1 < std::ssize(points); ++i) {
        const auto &a = at(i - 1), &b = at(i), &c = at(i + 1), &d = at(i + 2);
        const int steps = smooth ? 16 : 1;
        for (int step = 0; step < steps; ++step) {
            const double t = static_cast<double>(step) / steps;
            const auto between = [&](double p, double q, double r, double s) {
                return smooth ? 0.5 * (2 * q + (r - p) * t + (2 * p - 5 * q + 4 * r - s) * t * t +
                                       (3 * q - p - 3 * r + s) * t * t * t)
                              : q;
            };
            dots.push_back({{between(a.x, b.x, c.x, d.x), between(a.y, b.y, c.y, d.y)},
                            b.width + (c.width - b.width) * t});
        }
    }
    if (!points.empty())
        dots.push_back({{points.back().x, points.back().y}, points.back().width});
    return dots;
}

std::vector<Dot> drawn_part(std::vector<Dot> dots, double share) {
    double whole = 0;
    for (std::size_t i = 1; i < dots.size(); ++i)
        whole += QLineF(dots[i - 1].at, dots[i].at).length();
    double left = whole * share;
    for (std::size_t i = 1; i < dots.size(); ++i) {
        const QLineF line(dots[i - 1].at, dots[i].at);
        if (line.length() > left) {
            const double t = left / line.length();
            dots[i] = {line.pointAt(t), dots[i - 1].width + (dots[i].width - dots[i - 1].width) * t};
            dots.resize(i + 1);
            return dots;
        }
        left -= line.length();
    }
    return dots;
}

void draw(QPainter& painter, const StagedLayer& layer, const ContentContext&) {
    const auto& values = layer.values;
    const double share = values.of("drawn") / 100, width = width_of_line(values);
    auto dots = dots_of(layer);
    if (dots.size() < 2 || share <= 0)
        return;
    QPainterPath path(dots.front().at);
    const auto part = share < 1 ? drawn_part(dots, share) : dots;
    for (const auto& dot : part)
        path.lineTo(dot.at);
    if (const double fill = values.of("inside"); fill > 0)
        painter.fillPath(path, shown(layer.colour, fill / 100));
    const QColor colour = shown(layer.colour);
    const bool even = std::all_of(part.begin(), part.end(),
                                  [&](const Dot& dot) { return dot.width == part.front().width; });
    if (even)
        return painter.strokePath(path, line_pen(values, colour, width * part.front().width));
    QPainterPath shape; // stretches that grow wider, with round joints
    shape.setFillRule(Qt::WindingFill);
    for (std::size_t i = 0; i < part.size(); ++i) {
        const double radius = part[i].width * width / 2;
        shape.addEllipse(part[i].at, radius, radius);
        if (i == 0)
            continue;
        const QLineF line(part[i - 1].at, part[i].at);
        if (line.length() < 1e-6)
            continue;
        const QPointF side(-line.dy() / line.length(), line.dx() / line.length());
        const double before = part[i - 1].width * width / 2;
        QPolygonF piece{line.p1() + side * before, line.p2() + side * radius, line.p2() - side * radius,
                        line.p1() - side * before, line.p1() + side * before};
        double area = 0;
        for (qsizetype k = 1; k < piece.size(); ++k)
            area += piece[k - 1].x() * piece[k].y() - piece[k].x() * piece[k - 1].y();
        if (area < 0) // ellipses run clockwise; so must this, or they would cancel each other
            std::reverse(piece.begin(), piece.end());
        shape.addPolygon(piece);
    }
    painter.fillPath(shape, colour);
}

QRectF box(const StagedLayer& layer, const ContentContext&) {
    QPolygonF points;
    double widest = 0;
    for (const auto& dot : dots_of(layer)) {
        points << dot.at;
        widest = std::max(widest, dot.width);
    }
    const double edge = width_of_line(layer.values) * widest / 2;
    return points.boundingRect().adjusted(-edge, -edge, edge, edge);
}

} // namespace

const ContentPainter line_content{draw, box, filled_and_lined};

} // namespace pulsepin
