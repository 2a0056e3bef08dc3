// SPDX-License-Identifier: GPL-3.0-or-later
#include "bring_in_list.h"

#include "hand/bring_in.h"
#include "hand/clip_file.h"
#include "hand/media_list.h"
#include "interchange/list_readers.h"

#include <iostream>

namespace pulsepin {

Result<void> bring_in_list(const BringInRequest& request) {
    const auto project = project_to_change(request.change);
    if (!project)
        return tl::unexpected(project.error());
    const std::filesystem::path file = request.list;
    const auto* row = list_reader_of(file);
    ParamValues reading, bringing, counted;
    for (const auto& setting : request.settings) {
        const std::string id = setting.substr(0, setting.find('='));
        const bool of_list = row && find_param(row->parameters, id),
                   of_rate = find_param(list_rate_params(), id);
        auto& values = of_list ? reading : of_rate ? counted : bringing;
        const ParamSpecs specs = of_list ? row->parameters : of_rate ? list_rate_params() : bringing_params();
        if (auto set = set_from_text(values, specs, setting); !set)
            return set;
    }
    const auto list = is_media(file)
                          ? list_of_media(file)
                          : read_list(file, {list_rate(counted, project->settings->frame_rate), reading});
    if (!list)
        return tl::unexpected(list.error());
    std::vector<Clip> known;
    for (const auto& one : files_to_know(*project, *list, file.parent_path()))
        if (auto clip = clip_of_file(one))
            known.push_back(*std::move(clip));
    const auto brought = with_brought(*project, *list, bringing, file.parent_path(), known);
    if (!brought)
        return tl::unexpected(brought.error());
    if (auto saved = save_changed(*project, brought->project, request.change); !saved)
        return saved;
    std::cout << told_of(*brought) << "\n";
    for (const auto& problem : list->not_understood)
        std::cerr << problem << "\n";
    return {};
}

} // namespace pulsepin
