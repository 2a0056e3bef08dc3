// SPDX-License-Identifier: GPL-3.0-or-later
#include "schedule/add_pin.h"

#include "base/whole.h"
#include "model/edits.h"
#include "model/lane_kind.h"
#include "schedule/forms.h"
#include "schedule/resolve.h"

#include <algorithm>
#include <cmath>

namespace pulsepin {
namespace {

constexpr Seconds same_place{1e-4}; ///< far less than a frame of any rate

Result<PinBody> body_without_grid(const Project& project, const Lane& lane) {
    PinBody body = lane.kind->empty_body();
    if (lane.kind->adapt)
        if (auto adapted = lane.kind->adapt(body, project, lane, {}); !adapted)
            return tl::unexpected(adapted.error());
    return body;
}

} // namespace

Length length_between(const Project& project, Seconds from, Seconds until) {
    if (project.grid)
        return {Length::Unit::InBeats, (project.grid->beats_at(until) - project.grid->beats_at(from)).value};
    return {Length::Unit::InMilliseconds, (until - from).value * 1000};
}

Anchor anchor_at(const Project& project, Seconds time) {
    if (!project.grid)
        return TimeAnchor{time};
    const Ticks at = project.grid->nearest_tick(time);
    const Seconds rest = time - project.grid->time_at(at);
    return MusicalAnchor{at, std::abs(rest.value) < 1e-9 ? Seconds(0) : rest};
}

namespace {

Ticks nearest_quarter(const BeatGrid& grid, Seconds time) {
    constexpr std::int64_t quarter = ticks_per_beat / 4;
    return Ticks(nearest_whole(static_cast<double>(grid.nearest_tick(time).value) / quarter) * quarter);
}

} // namespace

Anchor anchor_on_frame(const Project& project, const Lane& lane, Frames frame) {
    const auto& settings = *project.settings;
    const auto rate = settings.frame_rate;
    const Seconds lead = time_of(lane.lead, rate), start = rate.start_of(frame) + lead;
    if (project.grid) {
        const Ticks tick = nearest_quarter(*project.grid, start);
        if (round_to_frame(project.grid->time_at(tick) - lead, rate, settings.rounding).frame == frame)
            return MusicalAnchor{tick, Seconds(0)};
    }
    return anchor_at(project, start);
}

Anchor anchor_near(const Project& project, const Lane& lane, Seconds at) {
    const auto rate = project.settings->frame_rate;
    if (project.grid) {
        const Ticks tick = nearest_quarter(*project.grid, at);
        if (std::abs((project.grid->time_at(tick) - at).value) <= rate.frame_length().value / 2)
            return MusicalAnchor{tick, Seconds(0)};
    }
    return anchor_on_frame(project, lane, rate.frame_at(at));
}

Result<AddedPin> with_pin_added(const Project& project, LaneId id, Seconds time,
                                std::optional<TimeSpan> lasting) {
    const Lane* lane = project.lane(id);
    if (!lane || holds<SoundBody>(lane->kind))
        return fail("Nothing can be added to this lane by a key.");
    const bool lasts = (holds<TriggerBody>(lane->kind) || holds<AppearanceBody>(lane->kind)) && lasting;
    if (lasts)
        time = lasting->from;
    for (const auto& pin : resolve(project, *lane).pins)
        if (std::abs((pin.time - time).value) < same_place.value && row_of(lane->pins[pin.index].body) == 0 &&
            !holds<AppearanceBody>(lane->kind))
            return AddedPin{project, pin.id, true};

    const auto body = project.grid ? body_at(project, *lane, project.grid->nearest_tick(time), {})
                                   : body_without_grid(project, *lane);
    if (!body)
        return tl::unexpected(body.error());
    Pin pin{{}, anchor_at(project, time), *body, {}};
    if (Length* length = pin.body.lasting(); length && lasts)
        *length = length_between(project, lasting->from, lasting->until);
    auto next = with_pins(project, id, {pin});
    if (!next)
        return tl::unexpected(next.error());
    return AddedPin{*std::move(next), PinId{project.next_id}, false};
}

} // namespace pulsepin
