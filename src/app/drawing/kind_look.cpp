// SPDX-License-Identifier: GPL-3.0-or-later
#include "drawing/kind_look.h"

#include "drawing/canvas/gestures/move_pins.h"
#include "drawing/timeline/lane_paint.h"

#include <algorithm>

namespace pulsepin {

std::unique_ptr<Gesture> move_pins(const GestureContext& context, const Grip& grip, QPointF at,
                                   Qt::KeyboardModifiers) {
    return std::make_unique<MovePins>(context, grip.pin, at);
}

std::optional<Grip> head_grip(const LaneScene& lane, QPointF at) {
    const auto pin = head_under(lane, at);
    return pin ? std::optional(Grip{*pin}) : std::nullopt;
}

const KindLook& look_of_kind(LaneKind kind) {
    const auto looks = kind_looks();
    return **std::find_if(looks.begin(), looks.end(),
                          [kind](const KindLook* look) { return LaneKind(look->kind) == kind; });
}

} // namespace pulsepin
