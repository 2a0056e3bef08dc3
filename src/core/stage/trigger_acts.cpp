// SPDX-License-Identifier: GPL-3.0-or-later
#include "stage/trigger_acts.h"

#include "params/easings.h"
#include "schedule/lights.h"
#include "schedule/triggers.h"
#include "stage/effects.h"

#include <algorithm>
#include <array>

namespace pulsepin {
namespace {

struct OwnAct {
    std::string_view trigger, parameter;
    double low, high;
    bool falls;
};

/// Those that are not simply an effect of that name, as strong as usual and as long as they last.
constexpr std::array<OwnAct, 2> own_acts{{
    {"punch-in", "scale", 100, 115, false}, // fifteen percent nearer: a choice of ours
    {"flash", "flash", 0, 80, true},
}};

} // namespace

std::optional<TriggerAct> usual_act(std::string_view id) {
    const auto own =
        std::find_if(own_acts.begin(), own_acts.end(), [id](const OwnAct& one) { return one.trigger == id; });
    if (own != own_acts.end())
        return TriggerAct{std::string(own->parameter), own->low, own->high,
                          own->falls ? std::vector<TriggerAct::Point>{{0, 100}, {100, 0}}
                                     : std::vector<TriggerAct::Point>{}};
    if (const auto* row = effect(id)) {
        const auto& first = row->parameters.front();
        return TriggerAct{std::string(first.id), first.initial, first.usual_high};
    }
    return std::nullopt;
}

std::vector<TriggerAct> acts_of(const TriggerBody& trigger) {
    if (!trigger.acts.empty())
        return trigger.acts;
    if (auto usual = usual_act(trigger.effect))
        return {*std::move(usual)};
    return {};
}

std::vector<TriggerAct> acts_of(const PinBody& body) {
    if (const auto* trigger = body_if<TriggerBody>(&body))
        return acts_of(*trigger);
    if (const auto* appearance = body_if<AppearanceBody>(&body))
        return appearance->acts;
    if (const auto* light = body_if<LightBody>(&body))
        return {{"strength", 0, light->strength, course_of(*light)}};
    return {};
}

bool has_acts(const PinBody& body) {
    return is_body<TriggerBody>(body) || is_body<AppearanceBody>(body) || is_body<LightBody>(body);
}

void set_acts(PinBody& body, std::vector<TriggerAct> acts) {
    if (auto* trigger = body_if<TriggerBody>(&body))
        trigger->acts = std::move(acts);
    else if (auto* appearance = body_if<AppearanceBody>(&body))
        appearance->acts = std::move(acts);
    else if (auto* light = body_if<LightBody>(&body))
        light->course = acts.empty() ? std::vector<TriggerAct::Point>{} : std::move(acts.front().curve);
}

std::vector<TriggerAct::Point> points_of_pulse(const Pulse& pulse) {
    // Its parts in proportion; what is not counted alike is taken at 24 frames and two beats a second.
    const auto part = [](const Length& length) {
        return length.amount * (length.unit == Length::Unit::InBeats          ? 12.0
                                : length.unit == Length::Unit::InMilliseconds ? 0.024
                                                                              : 1.0);
    };
    const double up = part(pulse.up), held = part(pulse.held), down = part(pulse.down);
    const double whole = std::max(1e-6, up + held + down);
    constexpr int steps = 6;
    std::vector<TriggerAct::Point> points;
    for (int i = 0; up > 0 && i < steps; ++i)
        points.push_back({100 * up * i / steps / whole, 100 * eased(pulse.rising, 1.0 * i / steps)});
    points.push_back({100 * up / whole, 100});
    if (held > 0)
        points.push_back({100 * (up + held) / whole, 100});
    for (int i = 1; down > 0 && i <= steps; ++i)
        points.push_back({100 * (up + held + down * i / steps) / whole,
                          100 * (1 - eased(pulse.falling, 1.0 * i / steps))});
    return points;
}

const std::vector<ActCurve>& act_curves() {
    static const std::vector<ActCurve> curves{
        {"lasts", "lasts", {}},
        {"falls", "falls", {{0, 100}, {100, 0}}},
        {"rises", "rises", {{0, 0}, {100, 100}}},
        {"hit", "hit", {{0, 0}, {12, 100}, {100, 0}}},
        {"arrival", "up and down", {{0, 0}, {50, 100}, {100, 0}}},
        {"swell", "comes and stays", {{0, 0}, {30, 100}, {70, 100}, {100, 0}}},
        {"twice", "twice", {{0, 100}, {40, 0}, {50, 100}, {100, 0}}},
    };
    return curves;
}

} // namespace pulsepin
