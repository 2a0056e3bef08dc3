// SPDX-License-Identifier: GPL-3.0-or-later
#include "hand/dropped.h"

#include "hand/word_hand.h"

#include "model/edits.h"
#include "model/lane_edits.h"
#include "model/pin_edits.h"
#include "model/shot_edits.h"
#include "schedule/add_pin.h"
#include "schedule/shots.h"

#include <algorithm>

namespace pulsepin {
namespace {

using Outcome = Result<HandEdited>;

Outcome edited(Result<Project> project, PinSet selected = {}) {
    if (!project)
        return tl::unexpected(project.error());
    return HandEdited{*std::move(project), std::move(selected)};
}

Outcome clip_dropped(const Schedule& schedule, const Lane& lane, ClipId id, std::optional<PinId> pin,
                     Seconds at) {
    const Project& project = schedule.project();
    const Clip* clip = project.clip(id);
    if (!clip)
        return fail("That clip is no longer in the bin.");
    const PinId added{project.next_id};
    if (holds<CutBody>(lane.kind)) {
        if (!clip->has_picture)
            return fail("“" + clip->name + "” has no picture.", {}, "Drop it on a lane of sounds.");
        if (pin)
            return edited(replaced(project, *pin, id), {*pin});
        CutBody cut;
        cut.shot = id;
        return edited(with_pins(project, lane.id, {{{}, anchor_at(project, at), cut, {}}}), {added});
    }
    if (holds<SoundBody>(lane.kind)) {
        if (!clip->has_sound)
            return fail("“" + clip->name + "” has no sound.", {}, "Drop it on a lane of cuts.");
        SoundBody sound;
        sound.sound = id;
        sound.length = clip->duration;
        return edited(with_pins(project, lane.id, {{{}, anchor_at(project, at), sound, {}}}), {added});
    }
    return fail("A clip belongs on a lane of cuts or sounds.");
}

Outcome pulse_dropped(const Project& project, const Lane& lane, const Pulse& pulse,
                      std::optional<PinId> pin) {
    if (!holds<PulseBody>(lane.kind))
        return fail("A pulse belongs on a lane of pulses.");
    if (pin) {
        PulseBody body = body_of<PulseBody>(project.pin(*pin)->body);
        body.shape = std::make_shared<const Pulse>(pulse);
        return edited(with_body(project, *pin, body), {*pin});
    }
    Motion motion = *part_of<Motion>(lane);
    motion.pulse = pulse;
    return edited(with_motion(project, lane.id, std::move(motion)));
}

} // namespace

std::optional<PinId> cut_taken_over(const Schedule& schedule, const Lane& lane, std::optional<PinId> under,
                                    Seconds at, bool replacing) {
    if (!holds<CutBody>(lane.kind))
        return under;
    const Project& project = schedule.project();
    const Pin* cut = under ? project.pin(*under) : nullptr;
    if (cut && (replacing || body_of<CutBody>(cut->body).shot == ClipId{}))
        return under;
    const auto& settings = *project.settings;
    const auto frame = round_to_frame(at, settings.frame_rate, settings.rounding).frame;
    for (const auto& pin : schedule.pins(lane.id).pins)
        if (pin.frame == frame)
            return pin.id;
    return std::nullopt;
}

Result<HandEdited> dropped_on_lane(const Schedule& schedule, const DraggedItem& item, LaneId id,
                                   std::optional<PinId> pin, Seconds at) {
    const Project& project = schedule.project();
    const Lane* lane = project.lane(id);
    if (!lane)
        return fail("That lane is no longer there.");
    if (lane->locked)
        return fail("\"" + lane->name + "\" is locked.", {}, "Unlock the lane first.");
    if (const auto* clip = std::get_if<ClipId>(&item))
        return clip_dropped(schedule, *lane, *clip, pin, at);
    if (const auto* pulse = std::get_if<Pulse>(&item))
        return pulse_dropped(project, *lane, *pulse, pin);
    if (const auto* word = std::get_if<WaitingWord>(&item)) {
        if (!part_of<LaneText>(*lane))
            return fail("A word is dropped on a lane of words.");
        const auto& tray = part_of<LaneText>(*lane)->tray;
        const auto found = std::find_if(tray.begin(), tray.end(),
                                        [&](const WordBody& one) { return one.place == word->place; });
        auto set = with_word_set(project, id, static_cast<std::size_t>(found - tray.begin()), at);
        if (!set)
            return tl::unexpected(set.error());
        return HandEdited{std::move(set->project), {set->word}};
    }
    return fail("It is dropped on a lane that drives something.");
}

} // namespace pulsepin
