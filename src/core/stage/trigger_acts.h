// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "schedule/act_curve.h"

#include <optional>
#include <string_view>
#include <vector>

namespace pulsepin {

/// What a trigger does: what it was told to, or else what is usual for its effect: that drives its first
/// parameter. Nothing for names of one's own.
[[nodiscard]] std::vector<TriggerAct> acts_of(const TriggerBody& trigger);
/// The same of any pin that has a course: of a trigger, or what an appearance does beside. Nothing of others.
[[nodiscard]] std::vector<TriggerAct> acts_of(const PinBody& body);
/// Whether pins of that kind have a course.
[[nodiscard]] bool has_acts(const PinBody& body);
/// Changes nothing of what has none.
void set_acts(PinBody& body, std::vector<TriggerAct> acts);
[[nodiscard]] std::optional<TriggerAct> usual_act(std::string_view effect);

/// Curves that an act can begin with: those of hits, as shares of its length.
struct ActCurve {
    std::string_view id;
    std::string_view label;
    std::vector<TriggerAct::Point> points;
};
[[nodiscard]] const std::vector<ActCurve>& act_curves();
/// The shape of a pulse, stretched over the trigger's length.
[[nodiscard]] std::vector<TriggerAct::Point> points_of_pulse(const Pulse& pulse);

} // namespace pulsepin
