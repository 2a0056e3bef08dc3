// SPDX-License-Identifier: GPL-3.0-or-later
#include "kinds/kinds.h"

#include "model/lane_edits.h"
#include "model/pin_edits.h"

#include <algorithm>

namespace pulsepin {
std::optional<LaneKind> lane_kind_by_id(std::string_view id) {
    const auto kinds = lane_kinds();
    const auto found =
        std::find_if(kinds.begin(), kinds.end(), [id](LaneKind kind) { return kind->id == id; });
    return found == kinds.end() ? std::nullopt : std::optional(*found);
}

LaneKind kind_of(BodyType body) {
    const auto kinds = lane_kinds();
    return *std::find_if(kinds.begin(), kinds.end(),
                         [body](LaneKind kind) { return kind->pin_body == body; });
}

LaneKind kind_that_follows() {
    const auto kinds = lane_kinds();
    return *std::find_if(kinds.begin(), kinds.end(), [](LaneKind kind) { return kind->follows; });
}

PinProperty kinds::row_property(Fields::Presence in_files) {
    return {
        {{.id = "row",
          .label = "row",
          .type = ParamType::Whole,
          .least = 1,
          .most = most_trigger_rows,
          .initial = 1,
          .explains = "of the lane (Alt+Up, Alt+Down)"},
         [](const PinBody& body) { return ParamValue(row_of(body) + 1.0); },
         [](PinBody& body, const ParamValue& value) {
             *body.row() = static_cast<int>(nearest_whole(std::get<double>(value))) - 1;
         }},
        {.name = "row", .presence = in_files, .whole = {0, most_trigger_rows - 1}},
        [](Fields& f, const FieldSpec& spec, PinBody& body) { property_of::visit(f, spec, *body.row()); }};
}

Project new_project() {
    Project project;
    for (const LaneKind kind : lane_kinds())
        if (kind->from_the_start)
            project = with_lane(project, kind, std::string(kind->plural));
    return project;
}

} // namespace pulsepin
