// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/fields.h"
#include "model/lane_kind.h"

#include <variant>

namespace pulsepin::kinds {

// What the lanes of the kinds that ship are told beside their pins, as a project's file has it.

void fields_of_motion(Fields& f, Motion& motion);
void fields_of_showing(Fields& f, Showing& showing);
void fields_of_text(Fields& f, LaneText& text);
void fields_of_ink(Fields& f, Inked& inked);
void fields_of_exposing(Fields& f, Exposing& exposing);

/// What was of another alternative becomes of that one when it is read.
template <class T>
T& as(auto& variant) {
    if (!std::holds_alternative<T>(variant))
        variant = T{};
    return std::get<T>(variant);
}

/// By frames or seconds; it becomes of that form when it is read.
void lead_of(Fields& f, Offset& lead);

inline constexpr LanePartRow motion_part = lane_part<Motion, fields_of_motion>("motion", "motion");
inline constexpr LanePartRow showing_part = lane_part<Showing, fields_of_showing>("showing", "showing");
inline constexpr LanePartRow text_part = lane_part<LaneText, fields_of_text>("text", "lane-text");
inline constexpr LanePartRow ink_part = lane_part<Inked, fields_of_ink>("inked", "inked");
inline constexpr LanePartRow exposing_part = lane_part<Exposing, fields_of_exposing>("exposing", "exposing");

/// Of each kind that drives properties.
inline constexpr LanePartRow motion_parts[] = {motion_part};

} // namespace pulsepin::kinds
