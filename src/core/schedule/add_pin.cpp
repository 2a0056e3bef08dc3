// SPDX-License-Identifier: GPL-3.0-or-later
#include "schedule/add_pin.h"

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

Length length_of(const Project& project, TimeSpan span) {
    if (project.grid)
        return {Length::Unit::InBeats,
                (project.grid->beats_at(span.until) - project.grid->beats_at(span.from)).value};
    return {Length::Unit::InMilliseconds, (span.until - span.from).value * 1000};
}

} // namespace

Anchor anchor_at(const Project& project, Seconds time) {
    if (!project.grid)
        return TimeAnchor{time};
    const Ticks at = project.grid->nearest_tick(time);
    const Seconds rest = time - project.grid->time_at(at);
    return MusicalAnchor{at, std::abs(rest.value) < 1e-9 ? Seconds(0) : rest};
}

Result<AddedPin> with_pin_added(const Project& project, LaneId id, Seconds time,
                                std::optional<TimeSpan> lasting) {
    const Lane* lane = project.lane(id);
    if (!lane || lane->kind->sounds)
        return fail("Nothing can be added to this lane by a key.");
    const bool lasts = lane->kind->triggers && lasting;
    if (lasts)
        time = lasting->from;
    for (const auto& pin : resolve(project, *lane).pins)
        if (std::abs((pin.time - time).value) < same_place.value && row_of(lane->pins[pin.index].body) == 0)
            return AddedPin{project, pin.id, true};

    const auto body = project.grid ? body_at(project, *lane, project.grid->nearest_tick(time), {})
                                   : body_without_grid(project, *lane);
    if (!body)
        return tl::unexpected(body.error());
    Pin pin{{}, anchor_at(project, time), *body, {}};
    if (auto* trigger = std::get_if<TriggerBody>(&pin.body); trigger && lasts)
        trigger->length = length_of(project, *lasting);
    auto next = with_pins(project, id, {pin});
    if (!next)
        return tl::unexpected(next.error());
    return AddedPin{*std::move(next), PinId{project.next_id}, false};
}

} // namespace pulsepin
