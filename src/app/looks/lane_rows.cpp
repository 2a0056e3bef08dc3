// SPDX-License-Identifier: GPL-3.0-or-later
#include "looks/lane_rows.h"

#include "drawing/canvas/gestures/stretch_trigger.h"
#include "drawing/timeline/lane_paint.h"
#include "model/edits.h"
#include "model/pin_edits.h"

#include <cmath>

namespace pulsepin::lane_rows {

double rows_over(const LaneScene& s, double pixels) {
    constexpr double most = 24; // rows that were stretched are crossed sooner
    return std::round(pixels / std::min(s.row.height() / s.spans.rows, most));
}

const Lift by_rows{rows_over,
                   [](const Project& project, std::span<const PinId> pins, double rows) {
                       return with_rows_moved(project, pins, static_cast<int>(rows));
                   },
                   nullptr};

std::unique_ptr<Gesture> grab(const GestureContext& context, const Grip& grip, QPointF at,
                              Qt::KeyboardModifiers) {
    if (grip.part == GripPart::End)
        return std::make_unique<StretchTrigger>(context, grip.pin, at);
    return std::make_unique<MovePins>(context, grip.pin, at, &by_rows);
}

QString hint(GripPart part) {
    return part == GripPart::End
               ? QCoreApplication::translate(
                     "pulsepin::Canvas",
                     "Drag the end to make it last longer or shorter · Shift counts frames")
               : QCoreApplication::translate("pulsepin::Canvas", "Drag along the beats, or up and down into "
                                                                 "another row · Shift leaves the grid");
}

std::optional<Grip> head_under(const LaneScene& s, QPointF at, double middle) {
    std::optional<Grip> nearest;
    double distance = head_reach + 2;
    for (const auto& pin : visible_pins(s)) {
        const QRectF row = rect(s.row, row_of(s.lane.pins[pin.index].body), s.spans.rows);
        if (at.y() < row.top() - 2 || at.y() > row.bottom() + 2)
            continue;
        const double d = std::abs(s.scale.x(pin.time) + middle - at.x());
        if (d <= distance) {
            distance = d;
            nearest = Grip{pin.id};
        }
    }
    return nearest;
}

} // namespace pulsepin::lane_rows
