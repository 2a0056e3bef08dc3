// SPDX-License-Identifier: GPL-3.0-or-later
#include "drawing/timeline/lane_paint.h"

#include <algorithm>
#include <cmath>

namespace pulsepin {

std::span<const ResolvedPin> visible_pins(const LaneScene& s) {
    const auto& pins = s.resolved.pins;
    const auto reach = s.scale.reach(head_reach);
    const auto before = [](const ResolvedPin& pin, Seconds t) { return pin.time < t; };
    auto first = std::lower_bound(pins.begin(), pins.end(), reach.from, before);
    auto last = std::lower_bound(first, pins.end(), reach.until, before);
    return {first, last};
}

bool in_reach(const LaneScene& s, Seconds time) {
    const auto reach = s.scale.reach(head_reach);
    return time >= reach.from && time < reach.until;
}

std::optional<PinId> head_under(const LaneScene& s, QPointF at) {
    std::optional<PinId> nearest;
    double distance = head_reach;
    for (const auto& pin : visible_pins(s)) {
        const double d = std::abs(s.scale.x(pin.time) - at.x());
        if (d <= distance) {
            distance = d;
            nearest = pin.id;
        }
    }
    return nearest;
}

bool selected(const LaneScene& s, PinId id) {
    return s.scene.view.selection().contains(id);
}

HeadLook head_look(const LaneScene& s, const ResolvedPin& pin) {
    return look_of(s.lane.pins[pin.index], s.lane, selected(s, pin.id), pin.shares_frame);
}

bool crowded(const LaneScene& s, std::size_t heads) {
    constexpr double apart = 9; // a head is twelve wide
    return static_cast<double>(heads) * apart > s.row.width();
}

QRect head_stroke(QPointF at) {
    return {static_cast<int>(at.x()) - 1, static_cast<int>(at.y()) - 5, 2, 11};
}

LaneHeads::LaneHeads(QPainter& painter, const LaneScene& s)
    : scene_(s), pins_(visible_pins(s)), strokes_(crowded(s, pins_.size())),
      stamps_(painter, s.scene.palette) {}

void LaneHeads::draw(const ResolvedPin& pin, double y) {
    const auto look = head_look(scene_, pin);
    const auto& palette = scene_.scene.palette;
    const double x = scene_.scale.x(pin.time);
    if (strokes_)
        stamps_.ink().fill(head_stroke({x, y}),
                           look.selected ? palette.selection : head_colour(look, palette));
    else
        stamps_.draw(look, {x, y});
}

} // namespace pulsepin
