// SPDX-License-Identifier: GPL-3.0-or-later
#include "hand/template_piece.h"

#include "kinds/kinds.h"
#include "model/edits.h"
#include "model/pin_edits.h"
#include "schedule/place.h"
#include "schedule/schedule.h"

#include <fmt/core.h>

namespace pulsepin {
namespace {

/// Those that act behind the end of the song, lane by lane.
std::size_t remove_beyond(Project& project, Seconds end, std::vector<std::string>& told) {
    std::size_t all = 0;
    std::vector<PinId> beyond;
    const Schedule schedule(project);
    for (std::size_t i = 0; i < schedule.size(); ++i) {
        std::size_t here = 0;
        for (const auto& pin : schedule[i].pins)
            if (pin.time >= end) {
                beyond.push_back(pin.id);
                ++here;
            }
        if (here > 0)
            told.push_back(fmt::format("{} of the lane “{}” would lie behind the end of the song",
                                       count_text(here, project.lanes[i]->kind), project.lanes[i]->name));
        all += here;
    }
    if (!beyond.empty())
        project = without_pins(with_pins_locked(project, beyond, false), beyond);
    return all;
}

} // namespace

Result<FromTemplate> piece_of_template(const Project& pattern, Song song, Detection found) {
    if (!found.grid)
        return fail("No beats were found in \"" + song.title + "\".", song.path.string(),
                    "Begin a piece without a template, and set its beats.");
    FromTemplate made{pattern, {}};
    Project& project = made.project;
    Settings settings = *project.settings;
    settings.begins.reset();
    settings.ends.reset();
    project = with_settings(project, settings);
    const Seconds end = song.duration();
    // It has no beats then: what lies on beats keeps their names, and so finds the same bars again.
    project = with_song(project, std::move(song));
    project = with_detection(project, std::move(found), true);
    for (const auto& planting : *pattern.plantings) {
        if (!planting.picker || !project.planting(planting.id))
            continue;
        if (auto again = run_again(project, planting.id))
            project = std::move(again->project);
        else
            made.told.push_back("“" + planting.description +
                                "” could not be placed again: " + again.error().what);
    }
    remove_beyond(project, end, made.told);
    return made;
}

} // namespace pulsepin
