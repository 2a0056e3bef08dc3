// SPDX-License-Identifier: GPL-3.0-or-later
#include "interchange/words_out.h"

#include "base/csv_text.h"
#include "schedule/texts.h"
#include "time/musical_text.h"
#include "time/timecode.h"
#include "words/lyric_formats.h"

#include <fmt/core.h>

#include <algorithm>

namespace pulsepin {
namespace {

Result<const Lane*> written_lane(const ExportMaterial& material) {
    const LaneId named = material.values.lane("lane");
    if (named.value != 0) {
        const Lane* lane = material.project.lane(named);
        if (!lane || !part_of<Inked>(*lane))
            return fail("That is no lane of words or notes.", {}, "Choose one, or none for the first.");
        return lane;
    }
    for (const BodyType body : {body_type<WordBody>, body_type<NoteBody>})
        for (const auto& lane : material.project.lanes)
            if (lane->kind->pin_body == body && !lane->pins.empty())
                return lane.get();
    return fail("There are no words or notes to write.", {}, "Set words first (stop Mark).");
}

std::string text_of_pin(const Lane& lane, std::size_t index) {
    const auto& body = lane.pins[index].body;
    if (const auto* word = body_if<WordBody>(&body))
        return word->text;
    return body_of<NoteBody>(body).text;
}

/// What began before the piece is there from its beginning.
Seconds in_piece(Seconds time) {
    return std::max(time, Seconds(0));
}

/// A text's lines, without empty ones: an empty one would end a cue.
std::string cue_text(const std::string& text) {
    std::string made;
    for (const char c : text)
        if (c != '\r' && !(c == '\n' && (made.empty() || made.back() == '\n')))
            made += c;
    while (!made.empty() && made.back() == '\n')
        made.pop_back();
    return made;
}

} // namespace

Result<Lyric> lyric_of(const ExportMaterial& material) {
    const auto lane = written_lane(material);
    if (!lane)
        return tl::unexpected(lane.error());
    const auto& spans = material.curves.schedule.spans((*lane)->id).texts;
    Lyric lyric;
    if (holds<NoteBody>((*lane)->kind)) {
        for (const auto& span : spans) {
            const std::string text = cue_text(text_of_pin(**lane, span.index));
            if (span.muted || text.empty() || span.end <= Seconds(0))
                continue;
            LyricLine line;
            line.words = {{text, in_piece(span.start), span.end}};
            line.start = in_piece(span.start);
            line.end = span.end;
            lyric.lines.push_back(std::move(line));
        }
    } else {
        for (const auto& group : material.curves.schedule.spans((*lane)->id).lines) {
            LyricLine line;
            for (std::size_t i = group.first; i < group.until; ++i) {
                const auto& span = spans[i];
                if (span.muted || span.end <= Seconds(0))
                    continue;
                const auto& word = body_of<WordBody>((*lane)->pins[span.index].body);
                if (line.speaker.empty())
                    line.speaker = word.speaker;
                line.words.push_back({word.text, in_piece(span.start), {}});
            }
            if (line.words.empty())
                continue;
            line.words.back().end = group.end;
            line.start = line.words.front().start;
            line.end = group.end;
            lyric.lines.push_back(std::move(line));
        }
    }
    if (lyric.lines.empty())
        return fail("There are no words or notes to write.", {}, "Set words first (stop Mark).");
    return lyric;
}

Result<std::string> write_words(const ExportMaterial& material, std::string_view format) {
    const auto lyric = lyric_of(material);
    if (!lyric)
        return tl::unexpected(lyric.error());
    for (const auto& row : lyric_formats())
        if (row.id == format)
            return row.write(*lyric);
    return fail("There is no such format.");
}

Result<std::string> write_words_csv(const ExportMaterial& material) {
    const auto lane = written_lane(material);
    if (!lane)
        return tl::unexpected(lane.error());
    const Project& project = material.project;
    const auto rate = project.settings->frame_rate;
    const auto count = drop_frame_exists(rate) ? TimecodeCount::Drop : TimecodeCount::NonDrop;
    const auto place = [&](Seconds time) {
        return project.grid ? format_position(project.grid->position_of(project.grid->nearest_tick(time)))
                            : std::string();
    };
    std::string text =
        "text,line,speaker,bar.beat,start seconds,end seconds,start frame,end frame,timecode\r\n";
    for (const auto& span : material.curves.schedule.spans((*lane)->id).texts) {
        if (span.muted)
            continue;
        const auto* word = body_if<WordBody>(&(*lane)->pins[span.index].body);
        text += fmt::format("{},{},{},{},{:.6f},{:.6f},{},{},{}\r\n", quoted(text_of_pin(**lane, span.index)),
                            word ? word->line : 0, quoted(word ? word->speaker : ""), place(span.start),
                            span.start.value, span.end.value, span.first.value, span.until.value,
                            format_timecode(span.first, rate, count));
    }
    return text;
}

Result<std::string> write_exposure_csv(const ExportMaterial& material) {
    const LaneId named = material.values.lane("lane");
    const Lane* lane = named.value != 0 ? material.project.lane(named)
                                        : material.project.first_lane(body_type<ExposureBody>);
    if (!lane || !part_of<Exposing>(*lane) || lane->pins.empty())
        return fail("There are no drawings to write.", {}, "Place drawings first (stop Mark, Exposures).");
    std::string text = "frame,drawing,held,of\r\n";
    for (const auto& one : material.curves.schedule.spans(lane->id).exposures)
        for (std::int64_t i = 0; i < one.held.value; ++i)
            text += fmt::format("{},{},{},{}\r\n", one.first.value + i, quoted(one.drawing), i + 1,
                                one.held.value);
    return text;
}

} // namespace pulsepin
