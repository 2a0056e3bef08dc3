// SPDX-License-Identifier: GPL-3.0-or-later
#include "drawing/ease_handles.h"

#include "drawing/timeline/curve_lanes.h"
#include "drawing/timeline/lane_paint.h"
#include "params/easings.h"

#include <cmath>

namespace pulsepin::ease_handles {
namespace {

constexpr double reach = 6, radius = 3.5, narrowest = 24;

const Easing* easing_of(const PinBody& body) {
    if (const auto* key = body_if<KeyBody>(&body))
        return &key->easing;
    const auto* pose = body_if<PoseBody>(&body);
    return pose ? &pose->easing : nullptr;
}

/// Calls `each` with the pin, its stretch and its handles, of what is selected and wide enough.
template <class Each>
void for_handles(const LaneScene& s, Each each) {
    if (s.condensed || s.scene.view.selection().empty())
        return;
    std::optional<std::pair<Easing, Easing>> last; // most of them are reached alike
    for (const auto& pin : visible_pins(s)) {
        if (!selected(s, pin.id))
            continue;
        const Easing* easing = easing_of(s.lane.pins[pin.index].body);
        const auto stretch = easing ? stretch_to(s, pin.id) : std::nullopt;
        if (!stretch || stretch->until.x() - stretch->from.x() < narrowest)
            continue;
        if (!last || last->first != *easing)
            last = {*easing, as_bezier(*easing)};
        const auto& bent = last->second.handles;
        each(pin.id, *stretch, stretch->at(bent[0], bent[1]), stretch->at(bent[2], bent[3]));
    }
}

} // namespace

bool is_handle(GripPart part) {
    return part == GripPart::EaseFrom || part == GripPart::EaseTo;
}

QPointF Stretch::at(double x, double y) const {
    constexpr double some = 22;
    const double rise = std::abs(until.y() - from.y()) < 4 ? -some : until.y() - from.y();
    return {from.x() + (until.x() - from.x()) * x, from.y() + rise * y};
}

QPointF Stretch::shares(QPointF at) const {
    const QPointF whole = this->at(1, 1) - from;
    return {(at.x() - from.x()) / whole.x(), (at.y() - from.y()) / whole.y()};
}

std::optional<Stretch> stretch_to(const LaneScene& s, PinId id) {
    const auto& keys = s.spans.keys.keys();
    const auto pin = std::find_if(s.resolved.pins.begin(), s.resolved.pins.end(),
                                  [id](const ResolvedPin& one) { return one.id == id; });
    if (pin == s.resolved.pins.end())
        return std::nullopt;
    const auto key =
        std::find_if(keys.begin(), keys.end(), [&](const CurveKey& one) { return one.frame == pin->frame; });
    if (key == keys.end() || key == keys.begin())
        return std::nullopt;
    const CurveScale scale = curve_scale(s.lane, s.spans, s.row.height());
    const auto rate = s.scene.project.settings->frame_rate;
    const Seconds lead = time_of(s.lane.lead, rate);
    const auto place = [&](const CurveKey& one) {
        return QPointF(s.scale.x(rate.start_of(one.frame) + lead), s.row.top() + scale.y(one.value));
    };
    return Stretch{place(*(key - 1)), place(*key)};
}

void paint(QPainter& painter, const LaneScene& s) {
    painter.setRenderHint(QPainter::Antialiasing);
    for_handles(s, [&](PinId, const Stretch& stretch, QPointF first, QPointF second) {
        QColor line = s.scene.palette.paper_text;
        line.setAlphaF(0.55F);
        painter.setPen(QPen(line, 1));
        painter.drawLine(stretch.from, first);
        painter.drawLine(stretch.at(1, 1), second);
        painter.setBrush(s.scene.palette.paper);
        painter.setPen(QPen(s.scene.palette.selection, 1.5));
        for (const QPointF at : {first, second})
            painter.drawEllipse(at, radius, radius);
    });
    painter.setRenderHint(QPainter::Antialiasing, false);
}

std::optional<Grip> grip(const LaneScene& s, QPointF at) {
    std::optional<Grip> found;
    const auto close = [at](QPointF handle) {
        return std::max(std::abs(handle.x() - at.x()), std::abs(handle.y() - at.y())) <= reach;
    };
    for_handles(s, [&](PinId pin, const Stretch&, QPointF first, QPointF second) {
        if (close(first))
            found = Grip{pin, GripPart::EaseFrom};
        else if (close(second))
            found = Grip{pin, GripPart::EaseTo};
    });
    return found;
}

QString hint(GripPart part) {
    return is_handle(part)
               ? QCoreApplication::translate(
                     "pulsepin::kinds",
                     "Drag to bend the way to all selected keys · Shift: both handles alike")
               : QCoreApplication::translate(
                     "pulsepin::kinds",
                     "Drag a key to move it · what is selected shows the way to it, with handles · "
                     "hold Shift to leave the grid · Delete removes it");
}

} // namespace pulsepin::ease_handles
