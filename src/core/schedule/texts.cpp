// SPDX-License-Identifier: GPL-3.0-or-later
#include "schedule/texts.h"

#include "base/unicode.h"
#include "schedule/lasting.h"
#include "schedule/piece_length.h"
#include "schedule/shots.h"
#include "schedule/triggers.h"

#include <algorithm>
#include <map>

namespace pulsepin {
namespace {

TextSpan begun(const Lane& lane, const ResolvedPin& pin) {
    TextSpan span;
    span.pin = pin.id;
    span.index = pin.index;
    span.start = pin.acts_at;
    span.first = pin.frame;
    span.muted = lane.muted || lane.pins[pin.index].muted;
    return span;
}

void end_at(const Project& project, TextSpan& span, Seconds end) {
    const auto& settings = *project.settings;
    span.end = std::max(end, span.start + settings.frame_rate.start_of(Frames(1)));
    span.until = std::max(round_to_frame(span.end, settings.frame_rate, settings.rounding).frame,
                          span.first + Frames(1));
}

} // namespace

std::vector<TextSpan> words_of(const Project& project, const Lane& lane, const ResolvedLane& resolved) {
    std::vector<TextSpan> words;
    words.reserve(resolved.pins.size());
    std::vector<const Length*> lengths;
    lengths.reserve(resolved.pins.size());
    for (const auto& pin : resolved.pins) {
        const auto& body = body_of<WordBody>(lane.pins[pin.index].body);
        words.push_back(begun(lane, pin));
        words.back().line = body.line;
        lengths.push_back(&body.length);
    }
    const Seconds lead = time_of(lane.lead, project.settings->frame_rate);
    // From the last to the first: where a line's end is known once its last word's is.
    const Seconds piece = std::max(piece_end(project), words.empty() ? Seconds(0) : words.back().start);
    Seconds next_line = piece, line_end = piece;
    for (std::size_t i = words.size(); i-- > 0;) {
        auto& word = words[i];
        const bool ends_line = i + 1 == words.size() || words[i + 1].line != word.line || word.line == 0;
        if (ends_line && i + 1 < words.size())
            next_line = words[i + 1].start;
        const Length& length = *lengths[i];
        Seconds end = ends_line ? next_line : words[i + 1].start;
        if (const auto own = duration_of(length, word.start + lead, project))
            end =
                ends_line ? std::min(word.start + *own, std::max(next_line, word.start)) : word.start + *own;
        else if (length.unit == Length::Unit::ToLineEnd && !ends_line)
            end = line_end;
        end_at(project, word, end);
        if (ends_line)
            line_end = word.end;
    }
    return words;
}

std::vector<TextSpan> notes_of(const Project& project, const Lane& lane, const ResolvedLane& resolved) {
    std::vector<TextSpan> notes;
    notes.reserve(resolved.pins.size());
    const Seconds lead = time_of(lane.lead, project.settings->frame_rate);
    std::vector<Seconds> free_from; // of each row
    for (std::size_t i = 0; i < resolved.pins.size(); ++i) {
        TextSpan note = begun(lane, resolved.pins[i]);
        const auto& length = body_of<NoteBody>(lane.pins[note.index].body).length;
        const Seconds next = i + 1 < resolved.pins.size() ? resolved.pins[i + 1].acts_at : piece_end(project);
        const auto own = duration_of(length, note.start + lead, project);
        end_at(project, note, own ? note.start + *own : next);
        const auto row = std::find_if(free_from.begin(), free_from.end(),
                                      [&](Seconds from) { return from <= note.start + Seconds(1e-6); });
        note.row = static_cast<int>(row - free_from.begin());
        if (row == free_from.end())
            free_from.push_back(note.end);
        else
            *row = note.end;
        notes.push_back(note);
    }
    return notes;
}

std::vector<WordLine> word_lines(const Lane& lane, const std::vector<TextSpan>& words) {
    std::vector<WordLine> lines;
    for (std::size_t i = 0; i < words.size(); ++i) {
        const auto& word = words[i];
        const bool goes_on = !lines.empty() && word.line != 0 && lines.back().line == word.line;
        if (!goes_on)
            lines.push_back({word.line, i, i, word.start, word.end});
        auto& line = lines.back();
        line.until = i + 1;
        line.end = std::max(line.end, word.end);
        if (!line.text.empty())
            line.text += ' ';
        line.text += body_of<WordBody>(lane.pins[word.index].body).text;
    }
    for (auto& line : lines)
        line.letters = static_cast<int>(characters_in(line.text));
    return lines;
}

SpokenWord word_at_pin(const Project& project, PinId id) {
    for (const auto& lane : project.lanes) {
        if (!holds<WordBody>(lane->kind))
            continue;
        for (const auto& pin : lane->pins)
            if (pin.id == id)
                return {lane.get(), &pin};
    }
    return {};
}

} // namespace pulsepin
