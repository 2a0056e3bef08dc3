// SPDX-License-Identifier: GPL-3.0-or-later
#include "hand/acting.h"

#include "model/pin_edits.h"
#include "schedule/shots.h"

#include <cmath>

namespace pulsepin {

std::optional<TimeSpan> section_around(const Project& project, Seconds at) {
    if (project.detection)
        for (const auto& section : project.detection->sections)
            if (section.start <= at && at < section.end)
                return TimeSpan{section.start, section.end};
    return std::nullopt;
}

std::optional<TimeSpan> shot_around(const Schedule& schedule, Seconds at) {
    const Project& project = schedule.project();
    const Lane* cuts = project.first_lane(body_type<CutBody>);
    const auto rate = project.settings->frame_rate;
    const ShotSpan* shot = cuts ? shot_at(schedule.spans(cuts->id).shots, rate.frame_at(at)) : nullptr;
    return shot ? std::optional(TimeSpan{rate.start_of(shot->start), rate.start_of(shot->end)})
                : std::nullopt;
}

Result<Project> with_acting(const Project& project, LaneId id, TimeSpan span, Seconds fade) {
    const Lane* lane = project.lane(id);
    if (!lane || !lane->kind->follows)
        return fail("Only a curve that follows can act in a stretch.", {}, "Choose a lane that follows.");
    if (span.until <= span.from)
        return fail("That stretch is empty.");
    KeyBody body;
    body.role = KeyRole::Acts;
    body.value = 1;
    body.fade_in = body.fade_out = fade;
    Pin pin{{}, TimeAnchor{span.from}, body, {}};
    auto& key = body_of<KeyBody>(pin.body);
    key.length = {Length::Unit::InMilliseconds, (span.until - span.from).value * 1000};
    if (project.grid) {
        const Ticks tick = project.grid->nearest_tick(span.from);
        pin.anchor = MusicalAnchor{tick, span.from - project.grid->time_at(tick)};
        const Beats beats = project.grid->beats_at(span.until) - project.grid->beats_at(span.from);
        constexpr auto ticks = static_cast<double>(ticks_per_beat);
        key.length = {Length::Unit::InBeats, std::round(beats.value * ticks) / ticks};
    }
    return with_pins(project, id, {pin});
}

} // namespace pulsepin
