// SPDX-License-Identifier: GPL-3.0-or-later
#include "hand/word_places.h"

#include "model/edits.h"

#include <algorithm>

namespace pulsepin {

std::vector<PinId> words_meant(const std::vector<TitledWord>& words, PinId one, WordReach reach) {
    const auto meant = std::ranges::find(words, one, &TitledWord::pin);
    std::vector<PinId> pins;
    if (meant == words.end())
        return pins;
    for (const auto& word : words)
        if (reach == WordReach::All || word.pin == one ||
            (reach == WordReach::Line && word.line == meant->line && word.line != 0))
            pins.push_back(word.pin);
    return pins;
}

LaneId titles_of(const Schedule& schedule, LayerId layer) {
    LaneId first;
    for (const auto& lane : schedule.project().lanes) {
        if (!part_of<Showing>(*lane) || titled_words(schedule, lane->id).empty())
            continue;
        if (part_of<Showing>(*lane)->layer == layer)
            return lane->id;
        if (first.value == 0)
            first = lane->id;
    }
    return first;
}

Result<Project> with_words_shifted(const Project& project, const std::vector<PinId>& words, double x,
                                   double y) {
    std::vector<PinId> free;
    for (const PinId id : words)
        if (const Pin* pin = project.pin(id);
            pin && !pin->locked && !project.lane_of(id)->locked && is_body<AppearanceBody>(pin->body))
            free.push_back(id);
    if (free.empty())
        return fail("The words are locked.", {}, "Unlock them first.");
    return with_bodies(project, free, [=](PinBody& body) {
        auto& word = body_of<AppearanceBody>(body);
        word.x += x;
        word.y += y;
    });
}

Result<Project> with_line_ended_at(const Schedule& schedule, LaneId titles, int line, PinId last) {
    const auto words = titled_words(schedule, titles); // by time
    const auto end = std::ranges::find(words, last, &TitledWord::pin);
    const auto first = std::ranges::find(words, line, &TitledWord::line);
    if (end == words.end() || first == words.end() || line == 0)
        return fail("These words have no lines.", {}, "Set lines in the lane of words first.");
    if (end < first)
        return fail("A line cannot be empty.", {},
                    "Drag its end onto one of its own words or the next ones.");
    int next = 0; // the line that follows
    for (auto word = first; word != words.end() && next == 0; ++word)
        if (word->line != line)
            next = word->line;
    if (end->line != line && end->line != next)
        return fail("That is more than a line further on.", {}, "Move the ends of lines one after another.");
    const Project& project = schedule.project();
    const bool new_line = next == 0;
    if (new_line)
        for (const auto& word : words)
            next = std::max(next, word.line + 1);
    std::vector<PinId> into_this, into_next;
    for (auto word = first; word != words.end(); ++word) {
        if (word <= end && word->line == next && !new_line)
            into_this.push_back(word->word);
        if (word > end && word->line == line)
            into_next.push_back(word->word);
    }
    if (into_this.empty() && into_next.empty())
        return fail("The line ends there already.");
    auto moved = with_bodies(project, into_this, [=](PinBody& body) { body_of<WordBody>(body).line = line; });
    return with_bodies(moved, into_next, [=](PinBody& body) { body_of<WordBody>(body).line = next; });
}

} // namespace pulsepin
