// SPDX-License-Identifier: GPL-3.0-or-later
#include "place_pins.h"

#include "schedule/picker_tables.h"
#include "schedule/place.h"

#include <algorithm>
#include <iostream>

namespace pulsepin {
namespace {

/// Settings name what they belong to: "onsets.row=kick", "every-nth.n=4".
Result<Picker> picker_of(const PlaceRequest& request) {
    const auto* source = picker_source(request.source);
    if (!source)
        return fail("There is no source of positions called \"" + request.source + "\".", {},
                    "pulsepin-cli parameters tells what there is.");
    Picker picker{request.source, Ticks(0), Ticks(0), {}};
    for (const auto& id : request.filters) {
        if (!picker_filter(id))
            return fail("There is no filter called \"" + id + "\".", {},
                        "pulsepin-cli parameters tells what there is.");
        picker.filters.push_back({id, {}});
    }
    if (request.every > 1)
        picker.filters.push_back({"every-nth", {{"n", static_cast<double>(request.every)}}});
    for (const auto& setting : request.settings) {
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

} // namespace

Result<void> place_pins(const PlaceRequest& request) {
    const auto project = project_to_change(request.change);
    if (!project)
        return tl::unexpected(project.error());
    const auto lane = find_lane(*project, request.lane);
    if (!lane)
        return tl::unexpected(lane.error());
    const auto from = position_in(*project, request.from), until = position_in(*project, request.until);
    for (const auto& position : {from, until})
        if (!position)
            return tl::unexpected(position.error());
    auto picker = picker_of(request);
    if (!picker)
        return tl::unexpected(picker.error());
    picker->by_clock = !project->grid;
    picker->from = *from;
    picker->until = *until;
    const auto placed = place(*project, *lane, *picker);
    if (!placed)
        return tl::unexpected(placed.error());
    if (auto saved = save_changed(*project, placed->project, request.change); !saved)
        return saved;
    std::cout << count_text(placed->count, project->lane(*lane)->kind)
              << " placed: " << describe(*picker, *project) << "\n";
    return {};
}

} // namespace pulsepin
