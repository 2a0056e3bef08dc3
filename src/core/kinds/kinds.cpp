// SPDX-License-Identifier: GPL-3.0-or-later
#include "kinds/kinds.h"

#include "model/lane_edits.h"
#include "model/pin_edits.h"

#include <algorithm>
#include <array>

namespace pulsepin {
namespace {

const std::array<LaneKind, 12> table{
    LaneKind(kinds::marker_row),     LaneKind(kinds::word_row),    LaneKind(kinds::note_row),
    LaneKind(kinds::exposure_row),   LaneKind(kinds::cut_row),     LaneKind(kinds::sound_row),
    LaneKind(kinds::appearance_row), LaneKind(kinds::trigger_row), LaneKind(kinds::pulse_row),
    LaneKind(kinds::key_row),        LaneKind(kinds::pose_row),    LaneKind(kinds::follower_row)};

} // namespace

std::span<const LaneKind> lane_kinds() {
    return table;
}

std::optional<LaneKind> lane_kind_by_id(std::string_view id) {
    const auto found =
        std::find_if(table.begin(), table.end(), [id](LaneKind kind) { return kind->id == id; });
    return found == table.end() ? std::nullopt : std::optional(*found);
}

LaneKind kind_that(bool LaneKindRow::*does) {
    return *std::find_if(table.begin(), table.end(), [does](LaneKind kind) { return (*kind).*does; });
}

PinParam kinds::row_param() {
    return {{.id = "row",
             .label = "row",
             .type = ParamType::Whole,
             .least = 1,
             .most = most_trigger_rows,
             .initial = 1,
             .explains = "of the lane (Alt+Up, Alt+Down)"},
            [](const PinBody& body) { return ParamValue(row_of(body) + 1.0); },
            [](PinBody& body, const ParamValue& value) {
                *row_in(body) = static_cast<int>(nearest_whole(std::get<double>(value))) - 1;
            }};
}

Project new_project() {
    Project project;
    for (const LaneKind kind : table)
        if (kind->from_the_start)
            project = with_lane(project, kind, std::string(kind->plural));
    return project;
}

} // namespace pulsepin
