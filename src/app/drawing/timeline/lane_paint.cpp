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

bool crowded(const LaneScene& s, std::span<const ResolvedPin> pins) {
    return static_cast<double>(pins.size()) * 6 > s.row.width();
}

void draw_stroke(QPainter& painter, const LaneScene& s, const ResolvedPin& pin, double y) {
    const auto look = head_look(s, pin);
    painter.fillRect(QRect(static_cast<int>(s.scale.x(pin.time)) - 1, static_cast<int>(y) - 5, 2, 11),
                     look.selected ? s.scene.palette.selection : head_colour(look, s.scene.palette));
}

} // namespace pulsepin
