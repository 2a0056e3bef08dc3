// SPDX-License-Identifier: GPL-3.0-or-later
#include "project_arguments.h"

#include "fields/within_limits.h"
#include "hand/finished.h"
#include "interchange/outputs.h"
#include "interchange/project_file.h"
#include "interchange/project_json.h"
#include "kinds/kinds.h"
#include "no_such.h"
#include "schedule/place_text.h"
#include "time/clock_grid.h"
#include "time/musical_text.h"

#include <algorithm>
#include <charconv>
#include <iostream>

namespace pulsepin {

Result<Project> project_to_write_from(const std::string& path, const std::string& out, bool replace) {
    auto project = load_project(path);
    if (!project)
        return project;
    if (auto allowed = may_write(out, inputs_of(path, *project), replace); !allowed)
        return tl::unexpected(allowed.error());
    return project;
}

Result<Project> project_to_change(const ChangeRequest& request) {
    auto project = load_project(request.project);
    if (!project)
        return project;
    if (request.out.empty() != request.in_place)
        return fail("Where to write to must be told once.", request.project,
                    "Name a file with --output, or change the project itself with --in-place.");
    if (!request.in_place)
        if (auto allowed = may_write(request.out, inputs_of(request.project, *project), request.replace);
            !allowed)
            return tl::unexpected(allowed.error());
    if (const auto told = told_on_opening(*project); !told.empty())
        std::cerr << told << "\n";
    return project;
}

Result<void> save_changed(const Project& before, Project after, const ChangeRequest& request) {
    const Project project = finished(before, std::move(after));
    if (auto trouble = beyond_limits(project, before))
        return tl::unexpected(*trouble);
    if (auto saved = save_project(project, request.in_place ? request.project : request.out); !saved)
        return tl::unexpected(saved.error());
    return {};
}

namespace {

/// "2/8" as two whole numbers; none where it is something else.
std::optional<std::pair<int, int>> numbers_around_slash(const std::string& text) {
    const auto slash = std::min(text.find('/'), text.size());
    int k = 0, n = 0;
    const auto *middle = text.data() + slash, *end = text.data() + text.size();
    const auto first = std::from_chars(text.data(), middle, k),
               second = std::from_chars(std::min(middle + 1, end), end, n);
    if (first.ec != std::errc() || second.ec != std::errc() || first.ptr != middle || second.ptr != end)
        return std::nullopt;
    return std::pair(k, n);
}

} // namespace

Result<std::pair<int, int>> part_of_text(const std::string& text) {
    constexpr int most = 100'000;
    const auto part = numbers_around_slash(text);
    if (!part || part->first < 1 || part->second > most || part->first > part->second)
        return fail("The part \"" + text + "\" cannot be read.", {}, "Write it as in 2/8.");
    return *part;
}

Result<std::pair<int, int>> part_of_ratio(const std::string& text) {
    const auto ratio = numbers_around_slash(text);
    if (!ratio || ratio->first < 1 || ratio->second < 1)
        return fail("The ratio \"" + text + "\" cannot be read.", {}, "Write it as in 1/2.");
    return *ratio;
}

/// A lane by its name, or else the first of a kind ("cuts", "markers").
Result<LaneId> find_lane(const Project& project, const std::string& name) {
    for (const auto& lane : project.lanes)
        if (lane->name == name)
            return lane->id;
    if (const auto kind = lane_kind_by_id(name))
        if (const Lane* lane = project.first_lane(*kind))
            return lane->id;
    return no_such("lane", name, project.lanes, [](const auto& lane) { return lane->name; });
}

Result<Ticks> position_in(const Project& project, const std::string& text) {
    if (!project.grid) { // in plain time
        const auto place = place_of_text(project, text, PlainNumber::AsSeconds);
        if (!place)
            return tl::unexpected(place.error());
        return clock_ticks(std::get<TimeAnchor>(*place).at);
    }
    const auto position = parse_position(text);
    if (!position)
        return tl::unexpected(position.error());
    return project.grid->ticks_of(*position);
}

} // namespace pulsepin
