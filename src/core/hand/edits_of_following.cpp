// SPDX-License-Identifier: GPL-3.0-or-later
#include "follow/sources.h"
#include "follow/steps.h"
#include "hand/driving.h"
#include "hand/edit_tables.h"
#include "hand/named_things.h"
#include "kinds/kinds.h"
#include "model/lane_edits.h"
#include "model/pin_edits.h"
#include "schedule/snapping.h"

#include <array>
#include <cmath>

namespace pulsepin::edit_tables {
namespace {

using Request = HandEditRequest;
using Outcome = Result<HandEdited>;

std::vector<std::string> words_of(std::string_view text, std::string_view separators) {
    std::vector<std::string> words;
    while (true) {
        const auto from = text.find_first_not_of(separators);
        if (from == std::string_view::npos)
            return words;
        text.remove_prefix(from);
        const auto length = std::min(text.find_first_of(separators), text.size());
        words.emplace_back(text.substr(0, length));
        text.remove_prefix(length);
    }
}

/// "peak gate=0.2": the row's id, then values of its parameters.
template <class Row>
Result<std::pair<const Row*, ParamValues>> row_with_values(const std::string& text, const char* what,
                                                           std::span<const Row> rows) {
    const auto words = words_of(text, " \t");
    const auto found = words.empty() ? rows.end() : std::ranges::find(rows, words.front(), &Row::id);
    if (found == rows.end())
        return fail("There is no " + std::string(what) + " called \"" + (words.empty() ? "" : words.front()) +
                        "\".",
                    {}, "There are: " + listed(rows, &Row::id) + ".");
    ParamValues values;
    for (std::size_t i = 1; i < words.size(); ++i)
        if (auto set = set_from_text(values, found->parameters, words[i]); !set)
            return tl::unexpected(set.error());
    return std::pair(&*found, values);
}

/// A lane of its own that follows what the song has, shaped step by step, and drives a property where one is
/// named.
Outcome follow(const Request& request) {
    if (!request.project().song)
        return fail("There is no song to follow.", {}, "Open one first.");
    const auto source = row_with_values(request.values.text("source"), "source", follower_sources());
    if (!source)
        return tl::unexpected(source.error());
    Follower follower{std::string(source->first->id), source->second};
    for (const auto& text : words_of(request.values.text("steps"), ",;")) {
        const auto step = row_with_values(text, "step", follower_steps());
        if (!step)
            return tl::unexpected(step.error());
        follower.steps.push_back({std::string(step->first->id), step->second, false});
    }
    std::string name = request.values.text("name");
    if (name.empty())
        name = source->first->label;
    const Project with = with_lane(request.project(), kind_that_follows(), std::move(name));
    const Lane& lane = *with.lanes.back();
    Motion motion = *part_of<Motion>(lane);
    motion.follower = std::move(follower);
    if (request.values.text("layer").empty())
        return edited_as(with_motion(with, lane.id, std::move(motion)));
    auto feed = feed_told(request);
    if (!feed)
        return tl::unexpected(feed.error());
    motion.own = *std::move(feed);
    return edited_as(with_motion(with, lane.id, std::move(motion)));
}

/// One more property that a lane drives.
Outcome feed(const Request& request) {
    const auto lane = lane_told(request);
    if (!lane)
        return tl::unexpected(lane.error());
    const auto* driving = part_of<Motion>(*request.project().lane(*lane));
    if (!driving)
        return fail("“" + request.project().lane(*lane)->name + "” drives nothing.");
    auto fed = feed_told(request);
    if (!fed)
        return tl::unexpected(fed.error());
    constexpr std::array ways{std::pair("usual", Meets::Usual), std::pair("instead", Meets::Instead),
                              std::pair("added", Meets::Added), std::pair("times", Meets::Times)};
    for (const auto& [id, meets] : ways)
        if (request.values.text("meets") == id)
            fed->meets = meets;
    Motion motion = *driving;
    if (motion.own.target.layer.value == 0)
        motion.own = *std::move(fed);
    else
        motion.feeds.push_back(*std::move(fed));
    return edited_as(with_motion(request.project(), *lane, std::move(motion)));
}

/// Where a pin that is pulled to a place is tied: to the grid where the place is of it.
Anchor anchored_at(const Project& project, Seconds place, const SnapKind& to) {
    if (to.of_grid && project.grid)
        return MusicalAnchor{project.grid->nearest_tick(place)};
    return TimeAnchor{place};
}

/// Each pin to the nearest place of a kind, where that is near enough.
Outcome snap(const Request& request) {
    const auto* to = std::ranges::find(snap_kinds(), request.values.text("to"), &SnapKind::id).operator->();
    const Seconds within(request.values.number("within") / 1000);
    HandEdited edited{request.project()};
    std::size_t beyond = 0;
    for (const auto& resolved : request.schedule)
        for (const auto& at : resolved.pins) {
            const Pin& pin = request.project().lane(resolved.id)->pins[at.index];
            if ((!request.pins.empty() && !request.pins.contains(pin.id)) || pin.locked ||
                std::holds_alternative<MarkerAnchor>(pin.anchor))
                continue;
            const auto place = to->nearest(request.schedule, {}, at.time);
            if (!place || std::abs((*place - at.time).value) > within.value) {
                ++beyond;
                continue;
            }
            const Anchor anchor = anchored_at(request.project(), *place, *to);
            if (anchor == pin.anchor)
                continue;
            auto moved = with_anchor(edited.project, pin.id, anchor);
            if (!moved)
                continue; // its lane is locked
            edited.project = *std::move(moved);
            ++edited.count;
        }
    if (edited.count == 0)
        return fail("No pin was moved.", {},
                    beyond > 0
                        ? std::to_string(beyond) + " lie further away: allow a greater distance with within."
                        : std::string());
    edited.told = beyond > 0 ? "%2 moved, %1 too far away" : "%2 moved";
    edited.name = std::to_string(beyond);
    return edited;
}

std::span<const ParamChoice> snap_choices() {
    static const auto all = [] {
        std::vector<ParamChoice> choices;
        for (const auto& kind : snap_kinds())
            if (kind.id != std::string_view("range") && kind.id != std::string_view("pins"))
                choices.push_back({kind.id, kind.label});
        return choices;
    }();
    return all;
}

constexpr ParamSpec text(std::string_view id, std::string_view label, std::string_view explains = {},
                         std::string_view initial = {}) {
    return {.id = id, .label = label, .type = ParamType::Text, .explains = explains, .initial_text = initial};
}
constexpr ParamSpec layer = text("layer", "layer", "that it drives"),
                    parameter = text("parameter", "value of", "scale, opacity, blur …"),
                    rest = text("rest", "base value", "as is usual, unless told"),
                    peak = text("peak", "peak value", "as is usual, unless told");
constexpr ParamSpec following[] = {
    text("source", "source", "with its values: level band=kick", "level"),
    text("steps", "steps", "one after the other, with their values: smooth fall=200, curve power=2"),
    text("name", "name", "of the new lane"),
    layer,
    parameter,
    rest,
    peak};
constexpr ParamChoice meeting[] = {{"usual", "as is usual"},
                                   {"instead", "replaces the value"},
                                   {"added", "added to it"},
                                   {"times", "percent of it"}};
constexpr ParamSpec feeding[] = {
    text("lane", "lane", "its name"),
    layer,
    parameter,
    rest,
    peak,
    {.id = "meets", .label = "combines by", .type = ParamType::Choice, .choices = meeting}};

} // namespace

std::span<const HandEdit> of_following() {
    static const ParamSpec snapping[] = {
        {.id = "to", .label = "to", .type = ParamType::Choice, .choices = snap_choices()},
        {.id = "within",
         .label = "within",
         .unit = "ms",
         .least = 0,
         .most = 10'000,
         .initial = 60,
         .explains = "pins that lie further away stay where they are"}};
    static const std::array<HandEdit, 3> table{{
        {"follow", "follow the music", follow, following},
        {"feed", "drive one more value", feed, feeding},
        {"snap", "snap pins", snap, snapping},
    }};
    return table;
}

} // namespace pulsepin::edit_tables
