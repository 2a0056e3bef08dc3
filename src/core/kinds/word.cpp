// SPDX-License-Identifier: GPL-3.0-or-later
#include "kinds/kinds.h"
#include "kinds/word_fields.h"
#include "schedule/lane_spans.h"

namespace pulsepin {

void fields_of_word(Fields& f, WordBody& word) {
    f.text("text", word.text);
    f.text("speaker", word.speaker, limits::name, Fields::optional);
    f.about("the group that it belongs to, from 1")
        .whole_as("line", word.line, limits::place_in_text, Fields::optional);
    f.about("in its text, from 1; 0: it was added by hand")
        .whole_as("place", word.place, limits::place_in_text, Fields::optional);
    f.length("lasts", word.length);
}

namespace {

constexpr Length::Unit units[] = {Length::Unit::UntilNext, Length::Unit::ToLineEnd, Length::Unit::InBeats,
                                  Length::Unit::InFrames, Length::Unit::InMilliseconds};

const PinParam params[] = {
    bound<PinBody, &WordBody::text>({.id = "text", .label = "text", .type = ParamType::Text}),
    bound<PinBody, &WordBody::line>({.id = "line",
                                     .label = "line",
                                     .type = ParamType::Whole,
                                     .most = static_cast<double>(limits::place_in_text.most),
                                     .explains = "the group that it belongs to; 0: none"}),
    bound<PinBody, &WordBody::speaker>({.id = "speaker", .label = "speaker", .type = ParamType::Text}),
    bound<PinBody, &WordBody::length>({.id = "length",
                                       .label = "ends",
                                       .type = ParamType::Length,
                                       .most = limits::length_amount.most,
                                       .initial = 1,
                                       .units = units}),
};

/// A word of the line before it.
Result<void> adapt(PinBody& body, const Project&, const Lane&, std::optional<Ticks>) {
    auto& word = std::get<WordBody>(body);
    word.text = "word";
    word.place = 0;
    return {};
}

void spans(const Project& project, const Lane& lane, const ResolvedLane& pins, LaneSpans& spans) {
    spans.texts = words_of(project, lane, pins);
}

} // namespace

const LaneKindRow kinds::word_row{
    .id = "words",
    .plural = "Words",
    .singular = "word",
    .counted = "words",
    .from_the_start = false,
    .words = true,
    .empty_body = [] { return PinBody(WordBody{}); },
    .fields = [](Fields& f, PinBody& body) { fields_of_word(f, std::get<WordBody>(body)); },
    .name_of = [](const PinBody& body, const Project&) { return std::get<WordBody>(body).text; },
    .params = params,
    .spans = spans,
    .adapt = adapt,
};

} // namespace pulsepin
