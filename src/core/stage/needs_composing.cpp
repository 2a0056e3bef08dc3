// SPDX-License-Identifier: GPL-3.0-or-later
#include "stage/staged_frame.h"
#include "stage/trigger_acts.h"

#include <algorithm>

namespace pulsepin {
namespace {

/// Whether a shot that is seen lies otherwise in the picture than as it is, or is yet to come, or takes the
/// place of another otherwise than by fading.
bool shown_otherwise(const Curves& curves, Frames frame) {
    const Lane* lane = curves.project().first_lane(body_type<CutBody>);
    if (!lane)
        return false;
    const auto& shots = curves.schedule.spans(lane->id).shots;
    const auto plain = [](const ShotSpan& span) {
        return span.slate == 0 && span.framing == ShotFraming{} &&
               (span.fade == Frames(0) || span.change == CutBody::Change::Fade);
    };
    const auto* span = shot_at(shots, frame);
    if (!span)
        return false;
    const auto* next = span + 1 < shots.data() + shots.size() ? span + 1 : nullptr;
    const auto* before = span != shots.data() ? span - 1 : nullptr;
    return !plain(*span) || (next && next->fade > Frames(0) && frame >= fade_start(*next) && !plain(*next)) ||
           (before && span->fade > Frames(0) && opacity_at(*span, frame) < 1 && !plain(*before));
}

bool is_plain(const Layer& layer) {
    Layer plain{layer.id, layer.kind, layer.name};
    plain.locked = layer.locked;
    if (const auto full = layer.values.find("stays-full"); full != layer.values.end())
        plain.values.insert(*full); // what rests as it is fills the picture
    return layer == plain;
}

bool triggered_at(const Curves& curves, Frames frame) {
    for (const auto& lane : curves.project().lanes)
        if (holds<TriggerBody>(lane->kind))
            for (const auto& span : curves.schedule.spans(lane->id).triggers)
                if (!span.muted && !span.hidden && frame >= span.start && frame < span.end &&
                    !acts_of(body_of<TriggerBody>(lane->pins[span.index].body)).empty())
                    return true;
    return false;
}

} // namespace

bool needs_composing(const Curves& curves, Frames frame) {
    const Project& project = curves.project();
    if (project.stage->band.shown || triggered_at(curves, frame) || shown_otherwise(curves, frame))
        return true;
    const auto& layers = project.stage->layers;
    if (layers.size() != 2 || layers.front().kind != layers::shots || layers.front().hidden ||
        project.stage->motion_blur || !std::all_of(layers.begin(), layers.end(), is_plain))
        return true;
    bool driven = false;
    for_feeds(project, [&](const Lane&, const Feed&) { driven = true; });
    return driven || std::any_of(project.lanes.begin(), project.lanes.end(), [](const auto& lane) {
               return part_of<Showing>(*lane) && part_of<Showing>(*lane)->layer.value != 0;
           });
}

} // namespace pulsepin
