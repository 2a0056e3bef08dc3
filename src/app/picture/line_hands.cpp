// SPDX-License-Identifier: GPL-3.0-or-later
#include "picture/line_hands.h"

#include "model/stage_edits.h"
#include "parts/palette.h"
#include "render/staged_places.h"

#include <QPainter>
#include <algorithm>
#include <cmath>

namespace pulsepin {
namespace {

constexpr double reach = 8; // pixels

double rounded(double value) {
    return std::round(value * 2) / 2;
}

} // namespace

std::optional<QTransform> LineHands::place(LayerId line) const {
    const StagedFrame staged = preview_.staged();
    const auto found = staged_place(staged, line);
    if (!found.layer)
        return std::nullopt;
    const QTransform seen = seen_place(staged, *found.layer, found.around) * preview_.scale().transform();
    return seen.isInvertible() ? std::optional(seen) : std::nullopt;
}

std::vector<QPointF> LineHands::seen_points(LayerId line) const {
    const Layer* layer = document_.project().stage->layer(line);
    const auto seen = place(line);
    std::vector<QPointF> points;
    if (layer && seen)
        for (const auto& point : points_&& line == line_ ? *points_ : layer->points)
            points.push_back(seen->map(QPointF(point.x, point.y)));
    return points;
}

std::optional<std::size_t> LineHands::point_at(LayerId line, QPointF at) const {
    const auto points = seen_points(line);
    std::optional<std::size_t> nearest;
    double distance = reach;
    for (std::size_t i = 0; i < points.size(); ++i)
        if (const double d = QLineF(points[i], at).length(); d <= distance) {
            distance = d;
            nearest = i;
        }
    return nearest;
}

void LineHands::press(LayerId line, QPointF at) {
    const Layer* layer = document_.project().stage->layer(line);
    const auto seen = place(line);
    if (!layer || !seen)
        return;
    line_ = line;
    pressed_ = at;
    const auto there = point_at(line, at);
    points_ = layer->points;
    added_ = !there;
    if (there) {
        held_ = *there;
        width_ = (*points_)[held_].width;
        return;
    }
    const QPointF put = seen->inverted().map(at);
    const double width = points_->empty() ? 1 : points_->back().width;
    points_->push_back({rounded(put.x()), rounded(put.y()), width});
    held_ = points_->size() - 1;
    width_ = width;
}

void LineHands::move(QPointF at, bool width) {
    const auto seen = points_ ? place(line_) : std::nullopt;
    if (!seen)
        return;
    auto& point = (*points_)[held_];
    if (width) {
        point.width = std::clamp(width_ * std::exp((pressed_.y() - at.y()) / 60), 0.0, 50.0);
    } else {
        const QPointF put = seen->inverted().map(at);
        point.x = rounded(put.x());
        point.y = rounded(put.y());
    }
    preview_.update();
}

void LineHands::release() {
    const Layer* layer = points_ ? document_.project().stage->layer(line_) : nullptr;
    if (!layer)
        return points_.reset();
    Layer changed = *layer;
    changed.points = *std::exchange(points_, std::nullopt);
    if (changed.points != layer->points)
        document_.apply(with_changed_layer(document_.project(), std::move(changed)),
                        added_ ? PreviewView::tr("set a point") : PreviewView::tr("move a point"));
}

void LineHands::remove_at(LayerId line, QPointF at) {
    const Layer* layer = document_.project().stage->layer(line);
    const auto there = point_at(line, at);
    if (!layer || !there)
        return;
    Layer changed = *layer;
    changed.points.erase(changed.points.begin() + static_cast<std::ptrdiff_t>(*there));
    document_.apply(with_changed_layer(document_.project(), std::move(changed)),
                    PreviewView::tr("remove a point"));
}

void LineHands::paint(QPainter& painter, LayerId line) const {
    const auto points = seen_points(line);
    painter.setPen(QPen(desk_palette().selection.lighter(160), 1, Qt::DashLine));
    painter.setBrush(Qt::NoBrush);
    painter.drawPolyline(points.data(), static_cast<int>(points.size()));
    painter.setPen(QPen(desk_palette().selection, 2));
    painter.setBrush(desk_palette().desk_text);
    for (const auto& point : points)
        painter.drawEllipse(point, 4, 4);
}

} // namespace pulsepin
