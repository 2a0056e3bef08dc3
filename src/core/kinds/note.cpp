// SPDX-License-Identifier: GPL-3.0-or-later
#include "kinds/kinds.h"
#include "kinds/lane_fields.h"
#include "kinds/note_signs.h"
#include "model/fields.h"
#include "schedule/lane_spans.h"

#include <algorithm>

namespace pulsepin {
namespace {

constexpr ParamChoice signs[] = {
    {"text", "text"}, {"breath", "breath"}, {"cut", "cut"}, {"off", "not in the picture"}};

constexpr Length::Unit units[] = {Length::Unit::InBeats, Length::Unit::InFrames, Length::Unit::InMilliseconds,
                                  Length::Unit::UntilNext};

const PinProperty properties[] = {
    property<PinBody, &NoteBody::text>({.id = "text", .label = "text", .type = ParamType::Text},
                                       {.name = "text", .presence = Fields::required, .most = limits::note}),
    choice_property<PinBody, note_signs, &NoteBody::sign>({.id = "sign", .label = "sign"}, {.name = "sign"}),
    property<PinBody, &NoteBody::length>({.id = "length",
                                          .label = "lasts",
                                          .type = ParamType::Length,
                                          .most = limits::length_amount.most,
                                          .initial = 2,
                                          .units = units},
                                         {.name = "lasts"}),
};

Result<void> adapt(PinBody& body, const Project&, const Lane&, std::optional<Ticks>) {
    auto& note = body_of<NoteBody>(body);
    note.text = "note";
    note.sign = 0;
    return {};
}

void spans(const Project& project, const Lane& lane, const ResolvedLane& pins, LaneSpans& spans) {
    spans.texts = notes_of(project, lane, pins);
    for (const auto& note : spans.texts)
        spans.rows = std::max(spans.rows, note.row + 1);
}

std::string name_of(const PinBody& body, const Project&) {
    const auto& note = body_of<NoteBody>(body);
    return note.text.empty() ? std::string(signs[static_cast<std::size_t>(note.sign)].label) : note.text;
}

constexpr LanePartRow parts[] = {kinds::ink_part};

} // namespace

std::span<const ParamChoice> note_signs() {
    return signs;
}

const LaneKindRow kinds::note_row{
    .id = "notes",
    .plural = "Notes",
    .singular = "note",
    .counted = "notes",
    .from_the_start = false,
    .pin_body = body_type<NoteBody>,
    .empty_body = [] { return PinBody(NoteBody{}); },
    .name_of = name_of,
    .properties = properties,
    .parts = parts,
    .spans = spans,
    .adapt = adapt,
};

} // namespace pulsepin
