// SPDX-License-Identifier: GPL-3.0-or-later
#include "model/lane_kinds.h"

#include <algorithm>
#include <array>
#include <cctype>

namespace pulsepin {
namespace {

constexpr std::array<LaneKindRow, 7> rows{{
    {LaneKind::Marker, "markers", "Markers", "marker", "markers", true, [] { return PinBody(MarkerBody{}); }},
    {LaneKind::Cut, "cuts", "Cuts", "cut", "cuts", true, [] { return PinBody(CutBody{}); }},
    {LaneKind::Sound, "sounds", "Sound", "sound", "sounds", false, [] { return PinBody(SoundBody{}); }},
    {LaneKind::Trigger, "triggers", "Triggers", "trigger", "triggers", false,
     [] { return PinBody(TriggerBody{}); }},
    {LaneKind::Motion, "pulses", "Motion", "pulse", "pulses", false, [] { return PinBody(PulseBody{}); }},
    {LaneKind::Keys, "keys", "Keys", "key", "keys", false, [] { return PinBody(KeyBody{}); }},
    {LaneKind::Follow, "follow", "Follower", "drawn key", "drawn keys", false,
     [] { return PinBody(KeyBody{}); }},
}};

} // namespace

std::span<const LaneKindRow> lane_kinds() {
    return rows;
}

const LaneKindRow& lane_kind(LaneKind kind) {
    return *std::find_if(rows.begin(), rows.end(),
                         [kind](const LaneKindRow& row) { return row.kind == kind; });
}

const LaneKindRow* lane_kind_by_id(std::string_view id) {
    const auto found =
        std::find_if(rows.begin(), rows.end(), [id](const LaneKindRow& row) { return row.id == id; });
    return found == rows.end() ? nullptr : &*found;
}

std::string count_text(std::size_t count, LaneKind kind) {
    const auto& row = lane_kind(kind);
    return std::to_string(count) + " " + std::string(count == 1 ? row.singular : row.counted);
}

} // namespace pulsepin
