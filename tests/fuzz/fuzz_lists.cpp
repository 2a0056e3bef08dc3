// SPDX-License-Identifier: GPL-3.0-or-later
//
// Lists of other programs: the first byte says which reader, the rest is the file. What is understood becomes
// a piece.
#include "hand/bring_in.h"
#include "interchange/list_readers.h"
#include "kinds/kinds.h"
#include "use_grid.h"

#include <cstdint>
#include <string_view>

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size) {
    using namespace pulsepin;
    if (size == 0)
        return 0;
    const auto& row = list_readers()[data[0] % list_readers().size()];
    const auto list = row.read({reinterpret_cast<const char*>(data) + 1, size - 1},
                               {*FrameRate::make(30000, 1001), completed({}, row.parameters)});
    if (!list) {
        fuzz::demand(!list.error().what.empty());
        return 0;
    }
    for (const auto& item : list->items)
        fuzz::demand(item.until >= item.at);
    Project project = new_project();
    project.grid = std::make_shared<const BeatGrid>(*BeatGrid::steady(Bpm(120), Seconds(0), {}, Seconds(60)));
    for (const char* tie : {"frame", "beat", "loose"})
        if (const auto brought = with_brought(project, *list, {{"tie", std::string(tie)}}))
            fuzz::demand(brought->project.lanes.size() > project.lanes.size());
    return 0;
}
