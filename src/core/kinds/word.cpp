// SPDX-License-Identifier: GPL-3.0-or-later
#include "kinds/kinds.h"
#include "kinds/lane_fields.h"
#include "kinds/word_fields.h"
#include "schedule/lane_spans.h"

namespace pulsepin {

namespace {

constexpr Length::Unit units[] = {Length::Unit::UntilNext, Length::Unit::ToLineEnd, Length::Unit::InBeats,
                                  Length::Unit::InFrames, Length::Unit::InMilliseconds};

/// Of a pin, or of a word in the tray, which is no pin yet.
template <class Whole>
std::span<const Property<Whole>> properties() {
    static const Property<Whole> all[] = {
        property<Whole, &WordBody::text>({.id = "text", .label = "text", .type = ParamType::Text},
                                         {.name = "text", .presence = Fields::required}),
        property<Whole, &WordBody::line>({.id = "line",
                                          .label = "line",
                                          .type = ParamType::Whole,
                                          .most = static_cast<double>(limits::place_in_text.most),
                                          .explains = "the group that it belongs to; 0: none"},
                                         {.name = "line",
                                          .whole = limits::place_in_text,
                                          .about = "the group that it belongs to, from 1"}),
        property<Whole, &WordBody::speaker>({.id = "speaker", .label = "speaker", .type = ParamType::Text},
                                            {.name = "speaker"}),
        property<Whole, &WordBody::length>({.id = "length",
                                            .label = "ends",
                                            .type = ParamType::Length,
                                            .most = limits::length_amount.most,
                                            .initial = 1,
                                            .units = units},
                                           {.name = "lasts"}),
    };
    return all;
}

void place_field(Fields& f, WordBody& word) {
    f.about("in its text, from 1; 0: it was added by hand")
        .whole_as("place", word.place, limits::place_in_text, Fields::optional);
}

/// A word of the line before it.
Result<void> adapt(PinBody& body, const Project&, const Lane&, std::optional<Ticks>) {
    auto& word = body_of<WordBody>(body);
    word.text = "word";
    word.place = 0;
    return {};
}

void spans(const Project& project, const Lane& lane, const ResolvedLane& pins, LaneSpans& spans) {
    spans.texts = words_of(project, lane, pins);
    spans.lines = word_lines(lane, spans.texts);
}

constexpr LanePartRow parts[] = {kinds::text_part, kinds::ink_part};

} // namespace

void fields_of_word(Fields& f, WordBody& word) {
    visit_properties(f, properties<WordBody>(), word);
    place_field(f, word);
}

const LaneKindRow kinds::word_row{
    .id = "words",
    .plural = "Words",
    .singular = "word",
    .counted = "words",
    .from_the_start = false,
    .pin_body = body_type<WordBody>,
    .empty_body = [] { return PinBody(WordBody{}); },
    .name_of = [](const PinBody& body, const Project&) { return body_of<WordBody>(body).text; },
    .properties = properties<PinBody>(),
    .more_fields = [](Fields& f, PinBody& body) { place_field(f, body_of<WordBody>(body)); },
    .parts = parts,
    .spans = spans,
    .adapt = adapt,
};

} // namespace pulsepin
