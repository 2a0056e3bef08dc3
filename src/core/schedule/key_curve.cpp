// SPDX-License-Identifier: GPL-3.0-or-later
#include "schedule/key_curve.h"

#include "params/easings.h"

#include <algorithm>

namespace pulsepin {

KeyCurve::KeyCurve(std::vector<CurveKey> keys) {
    std::stable_sort(keys.begin(), keys.end(),
                     [](const CurveKey& a, const CurveKey& b) { return a.frame < b.frame; });
    for (auto& key : keys) {
        if (!keys_.empty() && keys_.back().frame == key.frame)
            keys_.pop_back();
        keys_.push_back(std::move(key));
    }
}

KeyCurve::KeyCurve(const Lane& lane, const ResolvedLane& resolved) {
    std::vector<CurveKey> keys;
    for (const auto& pin : resolved.pins) {
        const auto* body = body_if<KeyBody>(&lane.pins[pin.index].body);
        if (body && body->role == KeyRole::Drawn && !lane.pins[pin.index].muted)
            keys.push_back({pin.frame, body->value, body->easing});
    }
    *this = KeyCurve(std::move(keys));
}

double KeyCurve::value_at(double frame) const {
    const auto next = std::upper_bound(keys_.begin(), keys_.end(), frame, [](double at, const CurveKey& key) {
        return at < static_cast<double>(key.frame.value);
    });
    if (next == keys_.begin())
        return keys_.empty() ? 0 : keys_.front().value;
    const CurveKey& before = *(next - 1);
    if (next == keys_.end())
        return before.value;
    const double t = (frame - static_cast<double>(before.frame.value)) /
                     static_cast<double>((next->frame - before.frame).value);
    return before.value + (next->value - before.value) * eased(next->easing, t);
}

Easing held_easing() {
    Easing held;
    held.id = "steps";
    held.amount = 1;
    return held;
}

} // namespace pulsepin
