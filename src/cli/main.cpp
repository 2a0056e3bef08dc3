// SPDX-License-Identifier: GPL-3.0-or-later
#include "analyze_songs.h"
#include "interchange/exporters.h"
#include "parameter_page.h"
#include "interchange/project_file.h"
#include "kinds/kinds.h"
#include "interchange/outputs.h"
#include "schedule/picker_tables.h"
#include "schedule/place.h"
#include "time/musical_text.h"

// CLI11's headers do not pass our warnings.
#pragma GCC diagnostic push
#pragma GCC diagnostic ignored "-Wconversion"
#pragma GCC diagnostic ignored "-Wshadow"
#include <CLI/CLI.hpp>
#pragma GCC diagnostic pop

#include <algorithm>
#include <iostream>
#include <malloc.h>

namespace {

using namespace pulsepin;

/// A lane by its name, or else the first of a kind ("cuts", "markers").
Result<LaneId> find_lane(const Project& project, const std::string& name) {
    for (const auto& lane : project.lanes)
        if (lane->name == name)
            return lane->id;
    if (const auto kind = lane_kind_by_id(name))
        if (const Lane* lane = project.first_lane(*kind))
            return lane->id;
    std::string known;
    for (const auto& lane : project.lanes)
        known += (known.empty() ? "" : ", ") + lane->name;
    return fail("There is no lane called \"" + name + "\".", {}, "The lanes of this project: " + known + ".");
}

struct PlaceRequest {
    std::string project, lane, source = "beats", from, until, out;
    int every = 1;
    std::vector<std::string> filters, settings;
    bool in_place = false; ///< the project itself is changed
    bool replace = false;
};

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

Result<void> place_pins(const PlaceRequest& request) {
    const auto project = load_project(request.project);
    if (!project)
        return tl::unexpected(project.error());
    if (request.out.empty() != request.in_place)
        return fail("Where to write to must be told once.", request.project,
                    "Name a file with --output, or change the project itself with --in-place.");
    if (!request.in_place)
        if (auto allowed = may_write(request.out, inputs_of(request.project, *project), request.replace);
            !allowed)
            return allowed;
    const auto lane = find_lane(*project, request.lane);
    if (!lane)
        return tl::unexpected(lane.error());
    const auto from = parse_position(request.from);
    if (!from)
        return tl::unexpected(from.error());
    const auto until = parse_position(request.until);
    if (!until)
        return tl::unexpected(until.error());
    if (!project->grid)
        return fail("The project has no beat grid yet.", request.project,
                    "Open it in Pulse Pin and detect the beats first.");
    const auto& grid = *project->grid;
    auto picker = picker_of(request);
    if (!picker)
        return tl::unexpected(picker.error());
    picker->from = grid.ticks_of(*from);
    picker->until = grid.ticks_of(*until);
    const auto placed = place(*project, *lane, *picker);
    if (!placed)
        return tl::unexpected(placed.error());
    if (auto saved = save_project(placed->project, request.in_place ? request.project : request.out); !saved)
        return tl::unexpected(saved.error());
    std::cout << count_text(placed->count, project->lane(*lane)->kind)
              << " placed: " << describe(*picker, grid) << "\n";
    return {};
}

std::string exporter_ids() {
    std::string ids;
    for (const auto& row : exporters())
        ids += (ids.empty() ? "" : "|") + std::string(row.id);
    return ids;
}

Result<void> export_file(const std::string& path, const std::string& format, const std::string& out,
                         const std::vector<std::string>& settings, bool replace) {
    const auto project = load_project(path);
    if (!project)
        return tl::unexpected(project.error());
    const auto* row = exporter(format);
    if (!row)
        return fail("There is no export format called \"" + format + "\".", {},
                    "There are: " + exporter_ids() + ".");
    ParamValues values;
    for (const auto& setting : settings)
        if (auto set = set_from_text(values, row->parameters, setting); !set)
            return set;
    if (auto allowed = may_write(out, inputs_of(path, *project), replace); !allowed)
        return allowed;
    auto curves = curves_for(*row, *project);
    if (!curves)
        return tl::unexpected(curves.error());
    return export_project(ExportMaterial(*std::move(curves), std::move(values)), *row, out);
}

} // namespace

int main(int argc, char** argv) {
    // Curves of hours of sound go back to the system as soon as they are done with.
    mallopt(M_MMAP_THRESHOLD, 1 << 20);
    CLI::App app{"Pulse Pin on the command line: beats of a song, cuts on them, open formats out."};
    app.require_subcommand(1);
    Result<void> outcome;

    AnalyzeRequest analysis;
    auto* analyze_command =
        app.add_subcommand("analyze", "find tempo, beats, bars, onsets and sections of songs");
    analyze_command
        ->add_option("SONG", analysis.songs, "sound or video files; several use all processor cores")
        ->required();
    analyze_command->add_option("--json", analysis.out,
                                "file to write, or a folder for several songs; - is the standard output");
    analyze_command
        ->add_option("--features", analysis.wanted, "what to tell, as in beats,downbeats; all unless given")
        ->delimiter(',')
        ->expected(1, 32);
    analyze_command->add_option("--tempo-range", analysis.tempo_range, "in beats a minute, as in 90-120");
    analyze_command->add_option("--beats-per-bar", analysis.beats_per_bar, "found out unless given")
        ->check(CLI::Range(1, 32));
    analyze_command
        ->add_option("--threads", analysis.threads, "songs at once; as many as there are cores unless given")
        ->check(CLI::Range(1, 256));
    analyze_command->add_flag("--force", analysis.replace, "replace files that are there already");
    analyze_command->add_flag("--without-network", analysis.without_network,
                              "use only what needs no learned numbers");
    analyze_command->callback([&] { outcome = analyze_songs(analysis); });

    PlaceRequest request;
    auto* place_command = app.add_subcommand("place", "place items of a lane on chosen beats");
    place_command->add_option("PROJECT", request.project)->required();
    place_command->add_option("--lane", request.lane, "a lane's name, or cuts, or markers")->required();
    place_command->add_option("--of", request.source, "beats, downbeats, onsets ...: see parameters")
        ->capture_default_str();
    place_command->add_option("--every", request.every, "every how many of them")->check(CLI::Range(1, 64));
    place_command->add_option("--filter", request.filters, "lets only some through; one after the other")
        ->expected(1, 8);
    place_command->add_option("--set", request.settings, "as in onsets.row=kick or every-nth.n=4")
        ->expected(1, 64);
    place_command->add_option("--from", request.from, "bar.beat of the first")->required();
    place_command->add_option("--until", request.until, "bar.beat where to end; not itself included")
        ->required();
    place_command->add_option("-o,--output", request.out, "project file to write");
    place_command->add_flag("--in-place", request.in_place, "change the project itself");
    place_command->add_flag("--force", request.replace, "replace a file that is there already");
    place_command->callback([&] { outcome = place_pins(request); });

    std::string project, format, out;
    auto* export_command = app.add_subcommand("export", "write a project in an open format");
    export_command->add_option("PROJECT", project)->required();
    export_command->add_option("--format", format, exporter_ids())->required();
    export_command->add_option("-o,--output", out, "file to write")->required();
    bool replace = false;
    std::vector<std::string> settings;
    export_command->add_option("--set", settings, "as in decimals=3: see parameters")->expected(1, 64);
    export_command->add_flag("--force", replace, "replace a file that is there already");
    export_command->callback([&] { outcome = export_file(project, format, out, settings, replace); });

    app.add_subcommand("parameters", "tell all that can be set, as a page")->callback([&] {
        std::cout << parameter_page();
    });

    try {
        CLI11_PARSE(app, argc, argv);
    } catch (const std::exception& fault) { // a fault of the program, or no memory: told, not a crash
        outcome = fail(std::string("This could not be done: ") + fault.what() + ".", {},
                       "Try it with a shorter song or a smaller project.", ErrorKind::Broken);
    }
    if (!outcome) {
        std::cerr << "pulsepin-cli: " << outcome.error().message() << "\n";
        return 1;
    }
    return 0;
}
