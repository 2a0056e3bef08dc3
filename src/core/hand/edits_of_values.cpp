// SPDX-License-Identifier: GPL-3.0-or-later
#include "hand/edit_tables.h"
#include "hand/poses.h"
#include "hand/slates.h"
#include "kinds/kinds.h"
#include "model/adopt_edits.h"
#include "model/anchored_time.h"
#include "model/duplicate_edits.h"
#include "model/edits.h"
#include "model/lane_edits.h"
#include "model/pulse_params.h"
#include "model/shot_edits.h"
#include "model/stage_edits.h"
#include "schedule/add_pin.h"
#include "schedule/find_pins.h"
#include "schedule/place_text.h"
#include "schedule/shots.h"
#include "schedule/sound_parts.h"
#include "stage/showing_parameters.h"
#include <algorithm>
#include <array>
#include <map>

namespace pulsepin::edit_tables {
namespace {

using Request = HandEditRequest;
using Outcome = Result<HandEdited>;

/// The kind of all of them; none where they differ.
std::optional<LaneKind> kind_of_all(const Project& project, const PinSet& pins) {
    std::optional<LaneKind> kind;
    for (const auto& lane : project.lanes)
        for (const auto& pin : lane->pins)
            if (pins.contains(pin.id)) {
                if (kind && *kind != lane->kind)
                    return std::nullopt;
                kind = lane->kind;
            }
    return kind;
}

ParamSpecs parameters_of_pins(const Project& project, const PinSet& pins) {
    static const auto of_kinds = [] {
        std::map<LaneKind, std::vector<ParamSpec>> all;
        for (const auto& kind : lane_kinds())
            all.emplace(kind, specs_of(kind->properties));
        return all;
    }();
    const auto kind = kind_of_all(project, pins);
    return kind ? ParamSpecs(of_kinds.at(*kind)) : ParamSpecs();
}

Outcome set_pins(const Request& request) {
    const auto kind = kind_of_all(request.project(), request.pins);
    if (!request.pins.empty() && !kind)
        return fail("The selected pins are of several kinds.", {}, "Select pins of one kind.");
    if (kind && kind.value()->properties.empty())
        return fail("Nothing can be set of such pins here.");
    const std::vector<PinId> pins(request.pins.begin(), request.pins.end());
    if (pins.empty())
        return fail("Nothing is selected.", {}, "Select pins first.");
    HandEdited edited{with_bodies(request.project(), pins, [&](PinBody& body) {
        set_values<PinBody>(body, kind.value()->properties, request.values);
    })};
    edited.count = locked_among(request.project(), pins);
    if (edited.count > 0)
        edited.told = "%2 locked, left alone";
    return edited;
}

/// Of each lane of pulses that has one of the pins.
Outcome shape_pulse(const Request& request) {
    Project next = request.project();
    bool any = false;
    for (const auto& lane : request.project().lanes) {
        if (!holds<PulseBody>(lane->kind) ||
            std::none_of(lane->pins.begin(), lane->pins.end(),
                         [&](const Pin& pin) { return request.pins.contains(pin.id); }))
            continue;
        Motion motion = *part_of<Motion>(*lane);
        set_values<Pulse>(motion.pulse, pulse_properties(), request.values);
        auto shaped = with_motion(next, lane->id, std::move(motion));
        if (!shaped)
            return tl::unexpected(shaped.error());
        next = *std::move(shaped);
        any = true;
    }
    if (!any)
        return fail("No pulse is selected.", {}, "Select pins of a lane of pulses.");
    return HandEdited{std::move(next)};
}

/// Of each lane of appearances that has one of the pins.
Outcome change_showing(const Request& request) {
    Project next = request.project();
    bool any = false;
    for (const auto& lane : request.project().lanes) {
        if (!part_of<Showing>(*lane) ||
            std::ranges::none_of(lane->pins, [&](const Pin& pin) { return request.pins.contains(pin.id); }))
            continue;
        Showing showing = *part_of<Showing>(*lane);
        set_values<Showing>(showing, showing_parameters(), request.values);
        auto changed = with_showing(next, lane->id, std::move(showing));
        if (!changed)
            return tl::unexpected(changed.error());
        next = *std::move(changed);
        any = true;
    }
    if (!any)
        return fail("Nothing that appears is selected.", {}, "Select pins of a lane of appearances.");
    return HandEdited{std::move(next)};
}

const std::array<HandEdit, 3> table{{
    {"set", "change pins", set_pins, {}, true, parameters_of_pins},
    {"shape-pulse", "change pulse", shape_pulse, pulse_param_specs(), true},
    {"appear", "change how it appears", change_showing, showing_param_specs(), true},
}};

} // namespace

std::span<const HandEdit> of_values() {
    return table;
}

} // namespace pulsepin::edit_tables
