// SPDX-License-Identifier: GPL-3.0-or-later
#include "edit_project.h"

#include "hand/hand_edits.h"
#include "schedule/find_pins.h"

#include "no_such.h"

#include <iostream>

namespace pulsepin {
namespace {

/// The pins that were asked for; all where nothing was said of them.
Result<PinSet> pins_of(const Schedule& schedule, const EditRequest& request) {
    const Project& project = schedule.project();
    PinQuery query;
    query.name = request.named;
    if (!request.lane.empty()) {
        const auto lane = find_lane(project, request.lane);
        if (!lane)
            return tl::unexpected(lane.error());
        query.lane = *lane;
    }
    if (!request.from.empty() || !request.until.empty()) {
        constexpr Seconds end(1e6);
        TimeSpan range{-end, end};
        for (const auto& [text, time] :
             {std::pair(request.from, &range.from), std::pair(request.until, &range.until)}) {
            if (text.empty())
                continue;
            const auto position = position_in(project, text);
            if (!position)
                return tl::unexpected(position.error());
            *time = project.grid->time_at(*position);
        }
        query.range = range;
    }
    const auto found = find_pins(schedule, query);
    return PinSet(found.begin(), found.end());
}

std::string with_words(std::string told, const HandEdited& edited) {
    for (const auto& [sign, word] :
         {std::pair("%1", edited.name), std::pair("%2", std::to_string(edited.count))})
        if (const auto at = told.find(sign); at != std::string::npos)
            told.replace(at, 2, word);
    return told;
}

} // namespace

std::string edit_ids() {
    std::string ids;
    for (const auto& row : hand_edits())
        ids += (ids.empty() ? "" : "|") + std::string(row.id);
    return ids;
}

Result<void> edit_project(const EditRequest& request) {
    const auto project = project_to_change(request.change);
    if (!project)
        return tl::unexpected(project.error());
    const HandEdit* row = hand_edit(request.edit);
    if (!row)
        return no_such("edit", request.edit, hand_edits(), &HandEdit::id);
    const Schedule schedule(*project);
    const auto pins = pins_of(schedule, request);
    if (!pins)
        return tl::unexpected(pins.error());
    ParamValues values;
    const auto parameters = parameters_of(*row, *project, *pins);
    for (const auto& setting : request.settings)
        if (auto set = set_from_text(values, parameters, setting); !set)
            return set;
    Seconds at;
    if (!request.at.empty()) {
        const auto position = position_in(*project, request.at);
        if (!position)
            return tl::unexpected(position.error());
        at = project->grid->time_at(*position);
    }
    const auto edited = row->run({schedule, *pins, at, at, {}, values_for(*row, values)});
    if (!edited)
        return tl::unexpected(edited.error());
    if (auto saved = save_changed(*project, edited->project, request.change); !saved)
        return saved;
    std::cout << row->label << "\n";
    if (!edited->told.empty())
        std::cout << with_words(edited->told, *edited) << "\n";
    return {};
}

} // namespace pulsepin
