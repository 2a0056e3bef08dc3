// SPDX-License-Identifier: GPL-3.0-or-later
#include "stage/staged_frame.h"

#include "schedule/triggers.h"
#include "stage/trigger_acts.h"

#include <algorithm>
#include <cmath>

namespace pulsepin {
namespace {

/// How many turns pass over [from, until) of what turns at a rate: the rate summed over the frames where it
/// is driven, so that it goes on smoothly when the rate changes.
double turns_between(const Curves& curves, const Layer& layer, const std::string& rate, Frames from,
                     Frames until) {
    const auto frame_rate = curves.project().settings->frame_rate;
    const Target target{layer.id, rate};
    LayerValues values(layer.values);
    const auto drives_it = [&](const Feed& feed) { return feed.target == target; };
    const bool driven =
        std::any_of(curves.project().lanes.begin(), curves.project().lanes.end(), [&](const auto& lane) {
            const auto& motion = lane->motion;
            return motion && (drives_it(motion->own) ||
                              std::any_of(motion->feeds.begin(), motion->feeds.end(), drives_it));
        });
    if (!driven)
        return values.of(rate) * frame_rate.start_of(until - from).value;
    const double still = values.of(rate);
    double turns = 0;
    for (Frames frame = from; frame < until; frame += Frames(1)) {
        values.set(rate, driven_value(curves, target, static_cast<double>(frame.value)).value_or(still));
        turns += values.of(rate) / frame_rate.per_second();
    }
    return turns;
}

void count_turns(const Curves& curves, const Layer& layer, Frames frame, LayerValues& values) {
    for (const auto& effect : effects())
        if (!effect.rate.empty() && acts(effect, values)) {
            const std::string rate(effect.rate);
            values.set_turns(rate, turns_between(curves, layer, rate, Frames(0), frame));
        }
}

/// Calls `act` with each trigger that acts on the frame, and its span.
template <class Act>
void for_triggers_at(const Curves& curves, Frames frame, Act act) {
    for (const auto& lane : curves.project().lanes) {
        if (!lane->kind->triggers)
            continue;
        for (const auto& span : curves.schedule.spans(lane->id).triggers)
            if (!span.muted && !span.hidden && frame >= span.start && frame < span.end)
                act(std::get<TriggerBody>(lane->pins[span.index].body), span);
    }
}

/// The camera's values with what triggers do. Light has the trigger's colour, and what turns counts from its
/// start.
void let_triggers_act(const Curves& curves, const Layer& camera, Frames frame, LayerValues& values) {
    for_triggers_at(curves, frame, [&](const TriggerBody& trigger, const TriggerSpan& span) {
        const auto act = trigger_act(trigger.effect);
        if (!act)
            return;
        const double passed = static_cast<double>((frame - span.start).value) /
                              static_cast<double>((span.end - span.start).value);
        const double neutral = layer_parameter(act->parameter)->initial;
        const double moved =
            (act->full - neutral) * trigger.strength / 100 * envelope_at(act->envelope, passed);
        const std::string parameter(act->parameter);
        if (std::abs(moved) <= std::abs(values.of(parameter) - neutral)) // the stronger one is seen
            return;
        values.set(parameter, neutral + moved);
        const auto* effect = effect_of_parameter(act->parameter);
        if (!effect)
            return;
        if (effect->coloured)
            values.set_light(std::string(effect->id), colour_at(trigger, span, frame));
        if (!effect->rate.empty()) {
            const std::string rate(effect->rate);
            values.set_turns(rate, turns_between(curves, camera, rate, span.start, frame));
        }
    });
}

} // namespace

namespace {

/// Whether a shot that is seen lies otherwise in the picture than as it is, or is yet to come.
bool framed_or_slate(const Curves& curves, Frames frame) {
    const Lane* lane = curves.project().first_lane(&LaneKindRow::cuts);
    if (!lane)
        return false;
    const auto& shots = curves.schedule.spans(lane->id).shots;
    const auto plain = [](const ShotSpan& span) { return span.slate == 0 && span.framing == ShotFraming{}; };
    const auto* span = shot_at(shots, frame);
    if (!span)
        return false;
    const auto* next = span + 1 < shots.data() + shots.size() ? span + 1 : nullptr;
    const auto* before = span != shots.data() ? span - 1 : nullptr;
    return !plain(*span) || (next && next->fade > Frames(0) && frame >= fade_start(*next) && !plain(*next)) ||
           (before && span->fade > Frames(0) && opacity_at(*span, frame) < 1 && !plain(*before));
}

} // namespace

StagedFrame staged_at(const Curves& curves, Frames frame) {
    const Project& project = curves.project();
    const auto& settings = *project.settings;
    StagedFrame staged;
    staged.width = settings.picture_width;
    staged.height = settings.picture_height;
    staged.seconds = settings.frame_rate.start_of(frame).value;
    const auto driven = driven_at(curves, static_cast<double>(frame.value));
    for (const auto& layer : project.stage->layers) {
        LayerValues values(layer.values);
        for (const auto& one : driven)
            if (one.target.layer == layer.id)
                values.set(one.target.parameter, one.value);
        count_turns(curves, layer, frame, values);
        if (layer.kind == LayerKind::Camera) {
            let_triggers_act(curves, layer, frame, values);
            staged.camera = std::move(values);
        } else if (!layer.hidden) {
            staged.layers.push_back(
                {layer.kind, layer.id, layer.text, layer.shape, layer.colour, std::move(values)});
        }
    }
    return staged;
}

bool needs_composing(const Curves& curves, Frames frame) {
    const Project& project = curves.project();
    bool triggered = false;
    for_triggers_at(curves, frame, [&](const TriggerBody& trigger, const TriggerSpan&) {
        triggered = triggered || trigger_act(trigger.effect).has_value();
    });
    if (triggered)
        return true;
    if (framed_or_slate(curves, frame))
        return true;
    const auto& layers = project.stage->layers;
    if (layers.size() != 2 || layers.front().kind != LayerKind::Shots || layers.front().hidden ||
        layers.front().cuts.value != 0)
        return true;
    for (const auto& layer : layers)
        if (!layer.values.empty())
            return true;
    return std::any_of(project.lanes.begin(), project.lanes.end(), [](const auto& lane) {
        const auto& motion = lane->motion;
        return motion && (motion->own.target.layer.value != 0 ||
                          std::any_of(motion->feeds.begin(), motion->feeds.end(),
                                      [](const Feed& feed) { return feed.target.layer.value != 0; }));
    });
}

} // namespace pulsepin
