// SPDX-License-Identifier: GPL-3.0-or-later
#include "fields/within_limits.h"
#include "interchange/project_json.h"
#include "schedule/lane_spans.h"
#include "use_grid.h"

#include <cstdint>
#include <string_view>

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size) {
    using namespace pulsepin;
    const auto project = project_from_json({reinterpret_cast<const char*>(data), size}, "/tmp");
    if (!project) {
        fuzz::demand(!project.error().what.empty());
        return 0;
    }
    if (project->grid)
        fuzz::use(*project->grid);
    for (const auto& lane : project->lanes)
        (void)spans_of(*project, *lane, resolve(*project, *lane));
    // What was read can be saved and is read again as it was; and no edit would refuse it.
    fuzz::demand(!beyond_limits(*project, Project{}));
    const auto again = project_from_json(project_to_json(*project, "/tmp"), "/tmp");
    Project kept = *project; // fields that have no lasting place are gone then
    if (kept.foreign) {
        Foreign foreign = *kept.foreign;
        foreign.lost = 0;
        kept.foreign = foreign == Foreign{} ? nullptr : std::make_shared<const Foreign>(foreign);
    }
    fuzz::demand(again && same_content(*again, kept));
    return 0;
}
