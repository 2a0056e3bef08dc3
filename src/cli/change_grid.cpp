// SPDX-License-Identifier: GPL-3.0-or-later
#include "change_grid.h"

#include "hand/hand_edits.h"
#include "schedule/place_text.h"
#include "time/musical_text.h"

#include <fmt/core.h>
#include <iostream>

namespace pulsepin {
namespace {

Result<void> edit(Project& project, const char* id, const ParamValues& told, Seconds at = {}) {
    const HandEdit& row = *hand_edit(id);
    const auto values = values_for(row, told);
    if (auto good = check_values(values, row.parameters); !good)
        return good;
    const Schedule schedule(project);
    auto edited = row.run({schedule, {}, at, at, {}, values});
    if (!edited)
        return tl::unexpected(edited.error());
    project = std::move(edited->project);
    return {};
}

Result<void> change(Project& project, const GridRequest& request) {
    if (!request.ratio.empty()) {
        const auto ratio = part_of_ratio(request.ratio);
        if (!ratio)
            return tl::unexpected(ratio.error());
        const ParamValues told{{"beats", static_cast<double>(ratio->first)},
                               {"of", static_cast<double>(ratio->second)}};
        if (auto done = edit(project, "tempo-ratio", told); !done)
            return done;
    }
    if (request.tempo)
        if (auto done = edit(project, "tempo", {{"bpm", *request.tempo}}); !done)
            return done;
    if (request.shift)
        if (auto done = edit(project, "shift-grid", {{"ms", *request.shift}}); !done)
            return done;
    if (!request.bar_one.empty()) {
        const auto place = place_of_text(project, request.bar_one, PlainNumber::AsBar);
        const auto time = place ? anchored_time(*place, project) : std::nullopt;
        if (!place)
            return tl::unexpected(place.error());
        if (!time)
            return fail("\"" + request.bar_one + "\" lies nowhere in the song.");
        if (auto done = edit(project, "bar-one", {}, *time); !done)
            return done;
    }
    if (!request.metre.empty()) {
        const auto metre = parse_metre(request.metre);
        if (!metre)
            return tl::unexpected(metre.error());
        const ParamValues told{{"beats", static_cast<double>(metre->beats_per_bar)},
                               {"unit", static_cast<double>(metre->beat_unit)}};
        if (auto done = edit(project, "metre", told); !done)
            return done;
    }
    return {};
}

} // namespace

Result<void> change_grid(const GridRequest& request) {
    const auto before = project_to_change(request.change);
    if (!before)
        return tl::unexpected(before.error());
    if (!before->grid)
        return fail("There are no beats yet.", request.change.project,
                    "Find them by \"new\", or use open-beats.");
    Project project = *before;
    if (auto done = change(project, request); !done)
        return done;
    if (auto saved = save_changed(*before, project, request.change); !saved)
        return saved;
    const auto& grid = *project.grid;
    std::cout << fmt::format("{:.2f} BPM, {}, {} beats\n", grid.typical_tempo().value,
                             format_metre(grid.metre_at(Ticks(0))), grid.beats().size());
    return {};
}

} // namespace pulsepin
