// SPDX-License-Identifier: GPL-3.0-or-later
#include "drawing/canvas/gestures/bend_easing.h"

#include "drawing/ease_handles.h"
#include "model/pin_edits.h"
#include "params/easings.h"
#include "session/number_text.h"

#include <algorithm>

namespace pulsepin {
namespace {

Easing* easing_of(PinBody& body) {
    if (auto* key = body_if<KeyBody>(&body))
        return &key->easing;
    auto* pose = body_if<PoseBody>(&body);
    return pose ? &pose->easing : nullptr;
}

} // namespace

BendEasing::BendEasing(GestureContext context, const Grip& grip, QPointF from)
    : Gesture(std::move(context), from), grip_(grip) {
    const Scene scene = this->context().scene();
    if (const auto place = placement().lane_at(from))
        if (const auto stretch = ease_handles::stretch_to(lane_scene(scene, *place), grip.pin))
            shares_ = [way = *stretch](QPointF at) { return way.shares(at); };
    if (const Pin* pin = project().pin(grip.pin)) {
        PinBody body = pin->body;
        if (const Easing* easing = easing_of(body))
            bent_ = as_bezier(*easing);
    }
}

void BendEasing::drag_to(QPointF at, Qt::KeyboardModifiers keys) {
    if (!shares_)
        return;
    const QPointF share = shares_(at);
    const double x = std::clamp(share.x(), 0.0, 1.0), y = std::clamp(share.y(), -2.0, 3.0);
    const bool first = grip_.part == GripPart::EaseFrom;
    auto& handles = bent_.handles;
    handles[first ? 0 : 2] = x;
    handles[first ? 1 : 3] = y;
    if (keys & Qt::ShiftModifier) { // the other as this, seen from its end
        handles[first ? 2 : 0] = 1 - x;
        handles[first ? 3 : 1] = 1 - y;
    }
    const auto pins = selected();
    show(with_bodies(project(), pins, [this](PinBody& body) {
        if (Easing* easing = easing_of(body))
            *easing = bent_;
    }));
    tell(tr("%1, %2 · %3, %4")
             .arg(number_text(handles[0], 2))
             .arg(number_text(handles[1], 2))
             .arg(number_text(handles[2], 2))
             .arg(number_text(handles[3], 2)));
}

std::optional<Gesture::Edit> BendEasing::end(Qt::KeyboardModifiers) {
    return edit(tr("bend the way to keys"));
}

} // namespace pulsepin
