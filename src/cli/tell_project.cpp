// SPDX-License-Identifier: GPL-3.0-or-later
#include "tell_project.h"

#include "hand/files_found.h"
#include "interchange/project_file.h"
#include "kinds/layer_kinds.h"
#include "schedule/piece_length.h"
#include "time/timecode.h"

#include <fmt/core.h>
#include <iostream>
#include <nlohmann/json.hpp>

namespace pulsepin {
namespace {

using nlohmann::ordered_json;

ordered_json contents_of(const Project& project) {
    const Settings& settings = *project.settings;
    const auto rate = settings.frame_rate;
    ordered_json all{{"title", settings.title},
                     {"frame_rate", fmt::format("{}/{}", rate.numerator(), rate.denominator())},
                     {"picture", {settings.picture_width, settings.picture_height}},
                     {"frames", piece_length(project).value}};
    if (project.song)
        all["song"] = {{"title", project.song->title},
                       {"path", project.song->path.string()},
                       {"seconds", project.song->duration().value}};
    if (project.grid) {
        const auto& grid = *project.grid;
        const auto last = grid.position_of(Ticks(grid.last_beat() * ticks_per_beat));
        const auto metre = grid.metre_at(Ticks(0));
        all["grid"] = {{"tempo", grid.typical_tempo().value},
                       {"metre", fmt::format("{}/{}", metre.beats_per_bar, metre.beat_unit)},
                       {"beats", grid.beats().size()},
                       {"last_bar", last.bar}};
    }
    all["lanes"] = ordered_json::array();
    for (const auto& lane : project.lanes)
        all["lanes"].push_back({{"name", lane->name},
                                {"kind", std::string(lane->kind->id)},
                                {"pins", lane->pins.size()},
                                {"muted", lane->muted},
                                {"locked", lane->locked}});
    all["layers"] = ordered_json::array();
    for (const auto& layer : project.stage->layers)
        all["layers"].push_back({{"name", layer.name}, {"kind", std::string(layer.kind->id)}});
    all["clips"] = ordered_json::array();
    for (const auto& clip : *project.bin)
        all["clips"].push_back(
            {{"name", clip.name}, {"path", clip.path.string()}, {"seconds", clip.duration.value}});
    all["missing"] = missing_files(project);
    return all;
}

void print_text(const Project& project) {
    std::cout << in_a_line(project) << "\n";
    for (const auto& lane : project.lanes)
        std::cout << "  " << lane->name << ": " << count_text(lane->pins.size(), lane->kind)
                  << (lane->muted ? ", muted" : "") << (lane->locked ? ", locked" : "") << "\n";
    for (const auto& layer : project.stage->layers)
        std::cout << "  layer " << layer.name << " (" << layer.kind->id << ")\n";
    for (const auto& name : missing_files(project))
        std::cout << "  missing: " << name << "\n";
}

} // namespace

std::string in_a_line(const Project& project) {
    const Settings& settings = *project.settings;
    std::string text = (settings.title.empty() ? std::string("Untitled") : settings.title) + ", ";
    text += project.song ? format_clock(project.song->duration()) : std::string("no song");
    if (project.grid) {
        const auto& grid = *project.grid;
        const auto metre = grid.metre_at(Ticks(0));
        text += fmt::format(", {:.2f} BPM, {}/{}, {} bars", grid.typical_tempo().value, metre.beats_per_bar,
                            metre.beat_unit, grid.position_of(Ticks(grid.last_beat() * ticks_per_beat)).bar);
    } else
        text += ", no beats";
    return text + fmt::format("; {} frames at {:g}; {} clips", piece_length(project).value,
                              settings.frame_rate.per_second(), project.bin->size());
}

Result<Extent> tell_projects(const InfoRequest& request) {
    const bool several = request.projects.size() > 1;
    std::size_t told = 0;
    for (const auto& path : request.projects) {
        const auto project = load_project(path);
        if (!project) {
            if (!several)
                return tl::unexpected(project.error());
            std::cerr << "pulsepin-cli: " << project.error().message() << "\n";
            continue;
        }
        ++told;
        if (request.json) {
            auto contents = contents_of(*project);
            if (several)
                contents["project"] = path;
            std::cout << contents.dump(several ? -1 : 1, ' ', false, ordered_json::error_handler_t::replace)
                      << "\n";
        } else
            print_text(*project);
    }
    if (told == 0)
        return fail("None of the projects could be read.");
    return told == request.projects.size() ? Extent::All : Extent::Some;
}

} // namespace pulsepin
