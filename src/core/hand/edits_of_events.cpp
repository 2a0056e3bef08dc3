// SPDX-License-Identifier: GPL-3.0-or-later
#include "hand/edit_tables.h"
#include "hand/event_keys.h"
#include "model/edits.h"
#include "params/easings.h"
#include "stage/trigger_acts.h"

#include <array>

namespace pulsepin::edit_tables {
namespace {

using Request = HandEditRequest;
using Outcome = Result<HandEdited>;

/// The selected triggers in the order of their numbers, as forms show the first one of several.
std::vector<PinId> selected_triggers(const Request& request) {
    std::vector<PinId> triggers;
    for (const PinId id : request.pins)
        if (const Pin* pin = request.project().pin(id); pin && is_body<TriggerBody>(pin->body))
            triggers.push_back(id);
    return triggers;
}

/// At a percentage of its length a value of what it drives, in each of the selected triggers.
Outcome set_key(const Request& request) {
    const auto triggers = selected_triggers(request);
    if (triggers.empty())
        return fail("No trigger is selected.", {}, "Select one first.");
    const auto act = static_cast<std::size_t>(request.values.whole("of") - 1);
    const std::string easing = request.values.text("easing");
    if (!easing_row(easing))
        return fail("There is no easing called \"" + easing + "\".", {},
                    "docs/parameters.md names them all.");
    Project project = request.project();
    for (const PinId trigger : triggers) {
        const auto acts = acts_of(body_of<TriggerBody>(project.pin(trigger)->body));
        const double way = act < acts.size() ? way_of_value(acts[act], request.values.number("value")) : 0;
        auto with = with_event_key(project, trigger, act, {request.values.number("at"), way});
        if (!with)
            return tl::unexpected(with.error());
        auto eased = with_event_key_eased(with->project, trigger, with->key, usual_easing(easing));
        if (!eased)
            return tl::unexpected(eased.error());
        project = *std::move(eased);
    }
    HandEdited edited{std::move(project)};
    edited.count = triggers.size();
    return edited;
}

/// All the others drive what one of them drives, on the same course.
Outcome drive_alike(const Request& request) {
    auto triggers = selected_triggers(request);
    if (triggers.size() < 2)
        return fail("Fewer than two triggers are selected.", {}, "Select those that shall drive the same.");
    const PinId told{static_cast<std::uint64_t>(request.values.whole("like"))};
    const auto like = told.value ? std::ranges::find(triggers, told) : triggers.begin();
    if (like == triggers.end())
        return fail("The trigger that the others shall be like is not selected.", {}, "Select it as well.");
    const auto acts = acts_of(body_of<TriggerBody>(request.project().pin(*like)->body));
    triggers.erase(like);
    HandEdited edited{with_bodies(request.project(), triggers,
                                  [&](PinBody& body) { body_of<TriggerBody>(body).acts = acts; })};
    edited.count = triggers.size();
    edited.told = "%2 triggers drive the same now";
    return edited;
}

constexpr ParamSpec key[] = {
    {.id = "of",
     .label = "which",
     .type = ParamType::Whole,
     .least = 1,
     .most = limits::few,
     .initial = 1,
     .explains = "of the things that it drives"},
    {.id = "at", .label = "at", .unit = "%", .least = 0, .most = 100, .explains = "of its length"},
    {.id = "value", .label = "value", .least = -1e6, .most = 1e6},
    {.id = "easing",
     .label = "easing",
     .type = ParamType::Text,
     .explains = "of the way to the next key",
     .initial_text = "linear"}};

constexpr ParamSpec like[] = {
    {.id = "like",
     .label = "like",
     .type = ParamType::Whole,
     .least = 0,
     .most = 1e9,
     .explains = "number of the selected trigger that the others become like; 0: the first"}};

const std::array<HandEdit, 2> table{{
    {"event-key", "set key of event", set_key, key},
    {"drive-alike", "copy what it drives", drive_alike, like},
}};

} // namespace

std::span<const HandEdit> of_events() {
    return table;
}

} // namespace pulsepin::edit_tables
