// SPDX-License-Identifier: GPL-3.0-or-later
#include "drawing/timeline/lane_views.h"

#include "drawing/kind_look.h"
#include "drawing/timeline/lane_paint.h"

#include <QImage>
#include <algorithm>
#include <cmath>
#include <optional>
#include <vector>

namespace pulsepin {

namespace {

/// The stems of a lane with many pins, as one row of pixels that is pulled down: quicker than single lines.
struct Curtain {
    double bottom = 0;
    QImage row;
};

/// Draws loose stems, and all where they are few; the others become a curtain.
std::optional<Curtain> hung_stems(QPainter& painter, const LaneScene& s, double top) {
    const auto& look = look_of_kind(s.lane.kind);
    if (!look.stems)
        return std::nullopt;
    const auto pins = visible_pins(s);
    if (crowded(s, pins.size())) // a wash of lines would tell nothing and veil the song
        return std::nullopt;
    const QColor colour = head_colour(s.lane.kind, s.scene.palette);
    constexpr std::size_t many = 48;
    std::optional<Curtain> curtain;
    QPainter line;
    std::optional<Ink> ink;
    Ink straight(painter);
    const double ratio = painter.device()->devicePixelRatioF();
    const double bottom = look.head_y(s, s.lane.kind->empty_body()) + 1;
    if (pins.size() >= many) {
        curtain = Curtain{bottom, QImage(static_cast<int>(std::ceil(s.row.width() * ratio)), 1,
                                         QImage::Format_ARGB32_Premultiplied)};
        curtain->row.fill(Qt::transparent);
        line.begin(&curtain->row);
        ink.emplace(line);
    }
    double last_x = -1e9;
    for (const auto& pin : pins) {
        const double x = std::round(s.scale.x(pin.time)) + 0.5;
        if (x == last_x)
            continue;
        last_x = x;
        if (ink && pin.pinned)
            ink->fill(QRectF(std::floor((x - s.row.left()) * ratio), 0, std::max(1.0, std::round(ratio)), 1),
                      stem_colour(colour));
        else if (pin.pinned)
            straight.fill(QRectF(x - 0.5, top, 1, bottom - top + 1), stem_colour(colour));
        else
            draw_loose_stem(painter, x, top, bottom, colour);
    }
    return curtain;
}

} // namespace

void paint_stems(QPainter& painter, std::span<const LaneScene> lanes, double top) {
    std::vector<Curtain> curtains;
    for (const auto& lane : lanes)
        if (auto curtain = hung_stems(painter, lane, top))
            curtains.push_back(*std::move(curtain));
    // From the end of one to that of the next the same stems hang: each pixel is touched once, however many
    // lanes.
    std::ranges::stable_sort(curtains, {}, &Curtain::bottom);
    for (std::size_t i = curtains.size(); i-- > 1;) {
        QPainter over(&curtains[i - 1].row);
        Ink(over).stamp(curtains[i].row, {0, 0});
    }
    Ink ink(painter);
    for (double from = top; const auto& curtain : curtains) {
        if (curtain.bottom <= from)
            continue;
        ink.hang(curtain.row,
                 QRectF(lanes.front().row.left(), from, lanes.front().row.width(), curtain.bottom - from));
        from = curtain.bottom;
    }
}

void draw_left_out(QPainter& painter, QPointF at, const QColor& colour) {
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setPen(QPen(colour, 1.6));
    painter.drawLine(at + QPointF(-3.5, -3.5), at + QPointF(3.5, 3.5));
    painter.drawLine(at + QPointF(-3.5, 3.5), at + QPointF(3.5, -3.5));
    painter.setRenderHint(QPainter::Antialiasing, false);
}

void paint_left_out(QPainter& painter, const LaneScene& s) {
    for (const auto& planting : *s.scene.project.plantings) {
        if (planting.lane != s.lane.id)
            continue;
        const double y = look_of_kind(s.lane.kind).head_y(s, planting.form.body);
        for (const Ticks home : planting.left_out) {
            const auto time =
                anchored_time(planting.place_of(home, s.scene.project.settings->frame_rate), s.scene.project);
            if (time && in_reach(s, *time))
                draw_left_out(painter, {s.scale.x(*time), std::max(y, s.row.top() + 7)},
                              head_colour(s.lane.kind, s.scene.palette));
        }
    }
}

void paint_left_out(QPainter& painter, const LaneScene& s, const PlacePreview& outlines) {
    constexpr double radius = 2.5;
    painter.setPen(QPen(s.scene.palette.paper_quiet, 1));
    painter.setBrush(Qt::NoBrush);
    const auto seen =
        std::ranges::count_if(outlines.left_out, [&](Seconds time) { return in_reach(s, time); });
    if (crowded(s, static_cast<std::size_t>(seen)))
        return;
    for (const Seconds time : outlines.left_out)
        if (in_reach(s, time))
            painter.drawEllipse(QPointF(s.scale.x(time), s.row.center().y()), radius, radius);
}

void paint_outlines(QPainter& painter, const LaneScene& s) {
    const auto& outlines = s.scene.view.outlines();
    if (!outlines || s.scene.view.outline_lane() != s.lane.id)
        return;
    paint_left_out(painter, s, *outlines);
    QPen line(head_colour(s.lane.kind, s.scene.palette), 1);
    line.setDashPattern({2, 3});
    const auto& view = look_of_kind(s.lane.kind);
    const auto seen = std::ranges::count_if(outlines->outlines,
                                            [&](const auto& outline) { return in_reach(s, outline.time); });
    const bool strokes = crowded(s, static_cast<std::size_t>(seen));
    HeadStamps heads(painter, s.scene.palette);
    HeadLook head;
    head.kind = s.lane.kind;
    head.state = HeadState::Outlined;
    for (const auto& outline : outlines->outlines) {
        if (!in_reach(s, outline.time))
            continue;
        const double x = s.scale.x(outline.time);
        const double y = std::min(view.head_y(s, outline.body), s.row.bottom() - 8);
        if (strokes) { // fainter than those of pins that are there
            heads.ink().fill(head_stroke({x, y}), stem_colour(line.color()));
            continue;
        }
        painter.setPen(line);
        painter.drawLine(QPointF(std::round(x) + 0.5, y + 10),
                         QPointF(std::round(x) + 0.5, s.row.bottom() - 6));
        heads.draw(head, {x, y});
    }
}

} // namespace pulsepin
