// SPDX-License-Identifier: GPL-3.0-or-later
#include "find_files.h"

#include "ended.h"
#include "hand/files_found.h"
#include "interchange/pack.h"
#include "interchange/project_file.h"

#include <iostream>

namespace pulsepin {

Result<void> find_files(const RelinkRequest& request) {
    const auto project = project_to_change(request.change);
    if (!project)
        return tl::unexpected(project.error());
    if (missing_files(*project).empty()) {
        std::cout << "nothing is missing\n";
        return {};
    }
    const auto looked = with_files_found(*project, request.folder);
    if (!looked)
        return tl::unexpected(looked.error());
    for (const auto& [name, file] : looked->found)
        std::cout << name << ": " << file.string() << "\n";
    for (const auto& name : looked->missing)
        std::cerr << "not found: " << name << "\n";
    if (looked->found.empty())
        return fail("None of the missing files is there.", request.folder, "Choose another folder.");
    return save_changed(*project, looked->project, request.change);
}

Result<void> pack_piece(const PackRequest& request) {
    const auto project = load_project(request.project);
    if (!project)
        return tl::unexpected(project.error());
    const auto name = std::filesystem::path(request.project).stem().string();
    ParamValues values;
    for (const auto& setting : request.settings)
        if (auto set = set_from_text(values, pack_parameters(), setting); !set)
            return set;
    // Ctrl+C leaves nothing of it.
    end_by_signals();
    std::stop_source stop;
    const Progress progress{[&stop](double) {
                                if (is_ended())
                                    stop.request_stop();
                            },
                            stop.get_token()};
    const auto packed = pack(*project, name, request.into, values, progress);
    if (!packed)
        return tl::unexpected(packed.error());
    std::cout << packed->project.string() << ": " << packed->files << " files, " << packed->bytes << " bytes";
    if (packed->shortened > 0)
        std::cout << ", of " << packed->shortened << (packed->shortened == 1 ? " film" : " films")
                  << " what is used of it";
    std::cout << "\n";
    for (const auto& missing : packed->missing)
        std::cerr << "missing: " << missing << "\n";
    return {};
}

} // namespace pulsepin
