// SPDX-License-Identifier: GPL-3.0-or-later
//
// A cut on each bar between two bars of a piece, as an edit decision list: cut_list PROJECT FIRST LAST
#include "interchange/exporters.h"
#include "interchange/project_file.h"
#include "kinds/kinds.h"
#include "schedule/place.h"

#include <cstdio>
#include <cstdlib>

using namespace pulsepin;

int main(int argc, char** argv) {
    if (argc != 4)
        return std::fputs("cut_list PROJECT FIRST LAST\n", stderr), 2;
    const auto project = load_project(argv[1]);
    if (!project)
        return std::fprintf(stderr, "%s\n", project.error().message().c_str()), 1;
    const Lane* cuts = project->first_lane(body_type<CutBody>);
    if (!project->grid || !cuts)
        return std::fputs("There are no beats, or no lane of cuts.\n", stderr), 1;
    Picker each_bar;
    each_bar.source = "downbeats";
    each_bar.from = project->grid->ticks_of({std::atoi(argv[2]), 1, 0});
    each_bar.until = project->grid->ticks_of({std::atoi(argv[3]), 1, 0});
    const auto list = place(*project, cuts->id, each_bar).and_then([](const Placed& placed) {
        return exporter("edl")->write(ExportMaterial(placed.project));
    });
    if (!list)
        return std::fprintf(stderr, "%s\n", list.error().message().c_str()), 1;
    std::fputs(list->c_str(), stdout);
}
