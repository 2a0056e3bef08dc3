// SPDX-License-Identifier: GPL-3.0-or-later
#include "place_pins.h"

#include "interchange/project_file.h"
#include "model/planting_properties.h"
#include "no_such.h"
#include "schedule/picker_tables.h"
#include "schedule/place.h"

#include <algorithm>
#include <iostream>

namespace pulsepin {
namespace {

bool is_of_form(const std::string& setting) {
    return setting.starts_with("pin.") || setting.starts_with("shots.") || setting.starts_with("varies.") ||
           setting.starts_with("differs.");
}

/// Settings name what they belong to: "onsets.row=kick", "every-nth.n=4".
Result<Picker> picker_of(const PlaceRequest& request) {
    const auto* source = picker_source(request.source);
    if (!source)
        return no_such("source of positions", request.source, picker_sources(), &PickerSourceRow::id);
    Picker picker{request.source, Ticks(0), Ticks(0), {}};
    for (const auto& id : request.filters) {
        if (!picker_filter(id))
            return no_such("filter", id, picker_filters(), &PickerFilterRow::id);
        picker.filters.push_back({id, {}});
    }
    if (request.every > 1)
        picker.filters.push_back({"every-nth", {{"n", static_cast<double>(request.every)}}});
    for (const auto& setting : request.settings) {
        if (is_of_form(setting))
            continue;
        const auto dot = setting.find('.');
        const auto of = setting.substr(0, dot);
        const auto rest = dot == std::string::npos ? std::string() : setting.substr(dot + 1);
        const auto use = std::find_if(picker.filters.begin(), picker.filters.end(),
                                      [&](const FilterUse& one) { return one.id == of; });
        if (of != source->id && use == picker.filters.end())
            return fail("\"" + setting + "\" sets nothing of this source or these filters.", {},
                        "Write NAME.VALUE=..., as in every-nth.n=4.");
        const auto set = of == source->id ? set_from_text(picker.values, source->parameters, rest)
                                          : set_from_text(use->values, picker_filter(of)->parameters, rest);
        if (!set)
            return tl::unexpected(set.error());
    }
    return picker;
}

/// What "WHOLE.ID=..." sets; `found`: whether one of them did.
template <class Whole>
Result<void> set_told(Whole& whole, std::span<const Property<Whole>> properties, std::string_view name,
                      const std::vector<std::string>& settings, bool& found) {
    ParamValues values;
    for (const auto& setting : settings) {
        if (!setting.starts_with(std::string(name) + "."))
            continue;
        if (auto set = set_from_text(values, specs_of(properties), setting.substr(name.size() + 1)); !set)
            return set;
        found = true;
    }
    set_values<Whole>(whole, properties, values);
    return {};
}

/// What is placed: pins as "pin.length=2 beats" says, that differ as "shots.", "varies." or "differs." say.
Result<PlantingForm> form_of(LaneKind kind, const std::vector<std::string>& settings) {
    PlantingForm form{kind->empty_body()};
    ShotChoice shots;
    Variation varies;
    Spread differs;
    bool pin = false, chosen = false, varied = false, spread = false;
    for (auto set : {set_told<PinBody>(form.body, kind->properties, "pin", settings, pin),
                     set_told<ShotChoice>(shots, shot_choice_properties(), "shots", settings, chosen),
                     set_told<Variation>(varies, variation_properties(), "varies", settings, varied),
                     set_told<Spread>(differs, spread_properties(), "differs", settings, spread)})
        if (!set)
            return tl::unexpected(set.error());
    const bool varying = holds<TriggerBody>(kind) || holds<PulseBody>(kind) || holds<KeyBody>(kind);
    if ((chosen && !holds<CutBody>(kind)) || (varied && !varying) || (spread && !holds<AppearanceBody>(kind)))
        return fail("A lane of " + std::string(kind->counted) + " has nothing of that name to set.", {},
                    "shots. is of cuts, varies. of triggers, pulses and keys, differs. of appearances.");
    if (chosen)
        form.choice = shots;
    else if (varied)
        form.choice = varies;
    else if (spread)
        form.choice = differs;
    return pin || chosen || varied || spread ? form : PlantingForm{};
}

} // namespace

namespace {

/// The stretch that is meant: all of it, or from one place to another.
Result<void> take_stretch(Picker& picker, const Project& project, const PlaceRequest& request) {
    picker.by_clock = !project.grid;
    picker.whole = request.whole;
    if (request.whole)
        return {};
    if (request.from.empty())
        return fail("It is not said where.", {}, "Write --from and --until as bar.beat, or --whole.");
    const auto from = position_in(project, request.from), until = position_in(project, request.until);
    for (const auto& position : {from, until})
        if (!position)
            return tl::unexpected(position.error());
    picker.from = *from;
    picker.until = *until;
    return {};
}

} // namespace

Result<void> place_pins(const PlaceRequest& request) {
    const auto project =
        request.tried ? load_project(request.change.project) : project_to_change(request.change);
    if (!project)
        return tl::unexpected(project.error());
    const auto lane = find_lane(*project, request.lane);
    if (!lane)
        return tl::unexpected(lane.error());
    auto picker = picker_of(request);
    if (!picker)
        return tl::unexpected(picker.error());
    const LaneKind kind = project->lane(*lane)->kind;
    const auto form = form_of(kind, request.settings);
    if (!form)
        return tl::unexpected(form.error());
    if (auto taken = take_stretch(*picker, *project, request); !taken)
        return taken;
    const auto placed = place(*project, *lane, *picker, *form);
    if (!placed)
        return tl::unexpected(placed.error());
    if (!request.tried)
        if (auto saved = save_changed(*project, placed->project, request.change); !saved)
            return saved;
    std::cout << count_text(placed->count, kind) << (request.tried ? " would be placed: " : " placed: ")
              << describe(*picker, *project) << "\n";
    return {};
}

} // namespace pulsepin
