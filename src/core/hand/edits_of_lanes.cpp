// SPDX-License-Identifier: GPL-3.0-or-later
#include "hand/edit_tables.h"
#include "hand/hits.h"
#include "hand/named_things.h"
#include "hand/said.h"
#include "kinds/kinds.h"
#include "model/lane_edits.h"
#include "model/planting_edits.h"
#include "schedule/place.h"

#include <algorithm>
#include <array>

namespace pulsepin::edit_tables {
namespace {

using Request = HandEditRequest;
using Outcome = Result<HandEdited>;

/// The lane drives that, between those two values where they are told.
Result<Project> driving(const Request& request, const Project& project, LaneId lane) {
    return feed_told(request).and_then([&](const Feed& feed) {
        Motion motion = *part_of<Motion>(*project.lane(lane));
        motion.own = feed;
        return with_motion(project, lane, std::move(motion));
    });
}

Outcome add_lane(const Request& request) {
    const std::string wanted = request.values.text("kind");
    const auto kind = lane_kind_by_id(wanted);
    if (!kind) {
        return fail("There is no kind of lane called \"" + wanted + "\".", {},
                    "There are: " + listed(lane_kinds(), [](LaneKind one) { return one->id; }) + ".");
    }
    std::string name = request.values.text("name");
    if (name.empty())
        name = (*kind)->plural;
    const Project with = with_lane(request.project(), *kind, std::move(name));
    if (request.values.text("layer").empty())
        return HandEdited{with};
    const LaneId lane = with.lanes.back()->id;
    if (!(*kind)->drives())
        return fail("A lane of " + std::string((*kind)->plural) + " drives nothing.");
    return edited_as(driving(request, with, lane));
}

Outcome drive(const Request& request) {
    return edited_as(lane_told(request).and_then([&](LaneId lane) -> Result<Project> {
        if (!part_of<Motion>(*request.project().lane(lane)))
            return fail("“" + request.project().lane(lane)->name + "” drives nothing.");
        return driving(request, request.project(), lane);
    }));
}

/// Lane, property and places in one.
Outcome hit(const Request& request) {
    const auto hits = feed_told(request).and_then([&](const Feed& feed) {
        return with_hits(request.project(), feed.target, request.values.text("row"));
    });
    if (!hits)
        return tl::unexpected(hits.error());
    HandEdited edited{hits->project};
    edited.count = hits->count;
    edited.told = "%2 pulses placed";
    return edited;
}

/// "camera zoom 100 -> 110 for 2 frames on kick, bars 9-16".
Outcome say(const Request& request) {
    const auto done_so =
        understood(request.project(), request.values.text("line")).and_then([&](const Said& said) {
            return done_as_said(request.project(), said);
        });
    if (!done_so)
        return tl::unexpected(done_so.error());
    HandEdited edited{done_so->project};
    edited.count = done_so->count;
    edited.told = "%2 placed";
    return edited;
}

Outcome remove_lane(const Request& request) {
    return edited_as(
        lane_told(request).and_then([&](LaneId lane) { return without_lane(request.project(), lane); }));
}

Outcome name_lane(const Request& request) {
    return edited_as(lane_told(request).and_then(
        [&](LaneId lane) { return with_lane_named(request.project(), lane, request.values.text("name")); }));
}

Outcome move_lane(const Request& request) {
    return edited_as(lane_told(request).and_then([&](LaneId lane) {
        return with_lane_moved(request.project(), lane, static_cast<int>(request.values.whole("down")));
    }));
}

Outcome mute_lane(const Request& request) {
    return edited_as(lane_told(request).and_then([&](LaneId lane) {
        return with_mute_and_solo(request.project(), lane, request.values.flag("muted"),
                                  request.values.flag("solo"));
    }));
}

Outcome lock_lane(const Request& request) {
    return edited_as(lane_told(request).and_then([&](LaneId lane) {
        return with_lane_locked(request.project(), lane, request.values.flag("locked"));
    }));
}

/// Each planting that can be, after the grid, the onsets or what it was placed on changed.
Outcome run_all_again(const Request& request) {
    HandEdited edited{request.project()};
    for (const auto& planting : *request.project().plantings) {
        if (!planting.picker)
            continue;
        const auto again = run_again(edited.project, planting.id);
        if (!again || !again->changes())
            continue;
        edited.project = again->project;
        ++edited.count;
    }
    if (edited.count == 0)
        return fail("Nothing was placed that would lie elsewhere now.");
    edited.told = "%2 placed again";
    return edited;
}

constexpr ParamSpec text(std::string_view id, std::string_view label, std::string_view explains = {}) {
    return {.id = id, .label = label, .type = ParamType::Text, .explains = explains};
}
constexpr ParamSpec on(std::string_view id, double initial) {
    return {.id = id, .label = id, .type = ParamType::Switch, .most = 1, .initial = initial};
}
constexpr ParamSpec lane = text("lane", "lane", "its name");
constexpr ParamSpec layer = text("layer", "layer", "that it drives"),
                    parameter = text("parameter", "value of", "scale, opacity, blur …"),
                    rest = text("rest", "base value", "as is usual, unless told"),
                    peak = text("peak", "peak value", "as is usual, unless told");
constexpr ParamSpec adding[] = {text("kind", "kind"), text("name", "name"), layer, parameter, rest, peak};
constexpr ParamSpec drives[] = {lane, layer, parameter, rest, peak};
constexpr ParamSpec hitting[] = {
    {.id = "row", .label = "row of onsets", .type = ParamType::OnsetRow}, layer, parameter};
constexpr ParamSpec saying[] = {
    text("line", "line", "what, and where: camera zoom 100 -> 110 for 2 frames on kick, bars 9-16")};
constexpr ParamSpec one[] = {lane};
constexpr ParamSpec naming[] = {lane, text("name", "name")};
constexpr ParamSpec moving[] = {lane,
                                {.id = "down",
                                 .label = "rows down",
                                 .type = ParamType::Whole,
                                 .least = -1000,
                                 .most = 1000,
                                 .initial = 1}};
constexpr ParamSpec muting[] = {lane, on("muted", 1), on("solo", 0)};
constexpr ParamSpec locking[] = {lane, on("locked", 1)};

const std::array<HandEdit, 10> table{{
    {"add-lane", "add lane", add_lane, adding},
    {"remove-lane", "delete lane", remove_lane, one},
    {"name-lane", "name lane", name_lane, naming},
    {"move-lane", "move lane", move_lane, moving},
    {"mute-lane", "mute lane", mute_lane, muting},
    {"lock-lane", "lock lane", lock_lane, locking},
    {"drive", "choose what is driven", drive, drives},
    {"hit", "pulse on a row of onsets", hit, hitting},
    {"say", "do what was said", say, saying},
    {"run-again", "place all again", run_all_again},
}};

} // namespace

std::span<const HandEdit> of_lanes() {
    return table;
}

} // namespace pulsepin::edit_tables
