// SPDX-License-Identifier: GPL-3.0-or-later
#include "hand/word_hand.h"

#include "base/unicode.h"
#include "kinds/kinds.h"
#include "model/change_pins.h"
#include "model/lane_edits.h"
#include "model/pin_edits.h"
#include "schedule/add_pin.h"
#include "words/lyric_text.h"

#include <algorithm>
#include <map>
#include <numeric>

namespace pulsepin {
namespace {

Result<const Lane*> lane_to_write(const Project& project, LaneId id) {
    const Lane* lane = project.lane(id);
    if (!lane || !part_of<LaneText>(*lane))
        return fail("That lane of words is no longer there.");
    if (lane->locked)
        return fail("\"" + lane->name + "\" is locked.", {}, "Unlock the lane first.");
    return lane;
}

WordBody& word_of(Pin& pin) {
    return body_of<WordBody>(pin.body);
}
const WordBody& word_of(const Pin& pin) {
    return body_of<WordBody>(pin.body);
}

/// Pins of the lane by time.
std::vector<std::pair<Seconds, std::size_t>> by_time(const Project& project, const Lane& lane) {
    const PinLookup lookup(project);
    std::vector<std::pair<Seconds, std::size_t>> all;
    for (std::size_t i = 0; i < lane.pins.size(); ++i)
        if (const auto time = anchored_time(lane.pins[i].anchor, project, lookup))
            all.emplace_back(*time, i);
    std::sort(all.begin(), all.end());
    return all;
}

/// Lines bear the numbers in which they follow each other.
void number_lines(const Project& project, Lane& lane) {
    std::map<int, int> numbers{{0, 0}};
    const auto number = [&](int& line) {
        line = numbers.try_emplace(line, static_cast<int>(numbers.size())).first->second;
    };
    // Those of the text keep its order even where only some words are set.
    std::vector<std::pair<Seconds, std::size_t>> set = by_time(project, lane);
    for (const auto& [time, i] : set)
        number(word_of(lane.pins[i]).line);
    for (auto& word : part_of<LaneText>(lane)->tray)
        number(word.line);
}

int highest_line(const Lane& lane) {
    int line = 0;
    for (const auto& pin : lane.pins)
        line = std::max(line, word_of(pin).line);
    for (const auto& word : part_of<LaneText>(lane)->tray)
        line = std::max(line, word.line);
    return line;
}

int highest_place(const Lane& lane) {
    int place = 0;
    for (const auto& pin : lane.pins)
        place = std::max(place, word_of(pin).place);
    for (const auto& word : part_of<LaneText>(lane)->tray)
        place = std::max(place, word.place);
    return place;
}

/// Spread by letters where only the line has times.
void spread_words(LyricLine& line, Seconds from, Seconds until) {
    double letters = 0;
    for (const auto& word : line.words)
        letters += static_cast<double>(characters_in(word.text)) + 1;
    double before = 0;
    for (auto& word : line.words) {
        word.start = from + Seconds((until - from).value * before / letters);
        before += static_cast<double>(characters_in(word.text)) + 1;
    }
    line.words.back().end = until;
}

} // namespace

LaneOfWords with_lane_of_words(const Project& project, const std::string& language) {
    if (const Lane* lane = project.first_lane(body_type<WordBody>))
        return {project, lane->id};
    const LaneKind kind = kind_of(body_type<WordBody>);
    Project next = with_lane(project, kind, std::string(kind->plural));
    const LaneId lane = next.lanes.back()->id;
    if (auto moved = with_lane_moved(next, lane, -static_cast<int>(next.lanes.size())))
        next = *std::move(moved);
    if (auto spoken =
            with_changed_lane(next, lane, [&](Lane& made) { part_of<LaneText>(made)->language = language; }))
        next = *std::move(spoken);
    return {std::move(next), lane};
}

Result<LyricTaken> with_lyric(const Project& project, LaneId id, const Lyric& lyric) {
    const auto lane = lane_to_write(project, id);
    if (!lane)
        return tl::unexpected(lane.error());
    LyricTaken taken{project};
    int place = highest_place(**lane), number = highest_line(**lane);
    std::vector<Pin> pins;
    std::vector<WordBody> waiting;
    for (LyricLine line : lyric.lines) {
        if (line.words.empty())
            continue;
        ++number;
        // A caption says when its first word begins, and so much says nothing of its words.
        const bool timed = line.words.size() == 1 ||
                           std::any_of(line.words.begin() + 1, line.words.end(),
                                       [](const LyricWord& word) { return word.start.has_value(); });
        const auto from = start_of(line), until = end_of(line);
        const bool spread = !timed && from && until && *from < *until;
        if (spread)
            spread_words(line, *from, *until);
        for (std::size_t i = 0; i < line.words.size(); ++i) {
            const auto& word = line.words[i];
            WordBody body{word.text, line.speaker, number, ++place};
            if (!word.start) {
                waiting.push_back(std::move(body));
                continue;
            }
            auto end = word.end;
            if (!end && i + 1 == line.words.size() && until && *until > *word.start)
                end = until;
            if (end && *end > *word.start)
                body.length = length_between(project, *word.start, *end);
            pins.push_back({{}, anchor_at(project, *word.start), std::move(body), {}});
            ++(spread ? taken.spread : taken.set);
        }
    }
    if (pins.empty() && waiting.empty())
        return fail("There is no word in the text.");
    taken.waiting = waiting.size();
    auto with = with_pins(project, id, std::move(pins));
    if (!with)
        return tl::unexpected(with.error());
    auto next = with_changed_lane(*with, id, [&](Lane& changed) {
        auto& tray = part_of<LaneText>(changed)->tray;
        tray.insert(tray.end(), std::make_move_iterator(waiting.begin()),
                    std::make_move_iterator(waiting.end()));
    });
    if (!next)
        return tl::unexpected(next.error());
    taken.project = *std::move(next);
    return taken;
}

namespace {

/// How long the last word of a line lasts: as long as words of the line do, or the one before it.
Length last_length(const Project& project, const Lane& lane, const WordBody& word, Seconds at) {
    constexpr Seconds usual{0.5}, longest{2};
    Seconds before = usual;
    Seconds last_start{-1e9};
    double sum = 0;
    int count = 0;
    for (const auto& [time, i] : by_time(project, lane)) {
        if (word_of(lane.pins[i]).line != word.line || time >= at)
            continue;
        if (count > 0 || last_start.value > -1e8) {
            sum += (time - last_start).value;
            ++count;
        }
        last_start = time;
    }
    if (last_start.value > -1e8) {
        before = at - last_start;
        sum += before.value;
        ++count;
    }
    const double mean = count > 0 ? sum / count : usual.value;
    return length_between(project, at, at + std::min(longest, Seconds(std::max(mean, before.value))));
}

} // namespace

Result<WordSet> with_word_set(const Project& project, LaneId id, std::size_t in_tray, Seconds at) {
    const auto lane = lane_to_write(project, id);
    if (!lane)
        return tl::unexpected(lane.error());
    const auto& tray = part_of<LaneText>(**lane)->tray;
    if (tray.empty())
        return fail("No word waits to be set.", {}, "Paste or load a text first (stop Mark, Words).");
    if (in_tray >= tray.size())
        return fail("That word is set already.");
    WordBody word = tray[in_tray];
    const auto follows = [&](const WordBody& other) {
        return other.line == word.line && other.place > word.place;
    };
    const bool last = std::none_of(tray.begin(), tray.end(), follows) &&
                      std::none_of((*lane)->pins.begin(), (*lane)->pins.end(),
                                   [&](const Pin& pin) { return follows(word_of(pin)); });
    if (last && word.length.unit == Length::Unit::UntilNext)
        word.length = last_length(project, **lane, word, at);
    const PinId made{project.next_id};
    auto next = with_pins(project, id, {{{}, anchor_at(project, at), std::move(word), {}}});
    if (!next)
        return tl::unexpected(next.error());
    next = with_changed_lane(*next, id, [&](Lane& changed) {
        auto& words = part_of<LaneText>(changed)->tray;
        words.erase(words.begin() + static_cast<std::ptrdiff_t>(in_tray));
    });
    if (!next)
        return tl::unexpected(next.error());
    return WordSet{*std::move(next), made, at};
}

Result<WordSet> with_word_taken_back(const Project& project, LaneId id) {
    const auto lane = lane_to_write(project, id);
    if (!lane)
        return tl::unexpected(lane.error());
    const auto& tray = part_of<LaneText>(**lane)->tray;
    const int before = tray.empty() ? std::numeric_limits<int>::max() : tray.front().place;
    const Pin* last = nullptr;
    for (const auto& pin : (*lane)->pins)
        if (word_of(pin).place > 0 && word_of(pin).place < before &&
            (!last || word_of(pin).place > word_of(*last).place))
            last = &pin;
    if (!last)
        return fail("No word of the text is set.");
    if (last->locked)
        return fail("\"" + word_of(*last).text + "\" is locked.", {}, "Unlock it first.");
    const auto at = anchored_time(last->anchor, project);
    const PinId word = last->id;
    auto next = with_words_waiting(project, id, std::span(&word, 1));
    if (!next)
        return tl::unexpected(next.error());
    return WordSet{*std::move(next), word, at.value_or(Seconds(0))};
}

Result<Project> with_words_waiting(const Project& project, LaneId id, std::span<const PinId> words) {
    const auto lane = lane_to_write(project, id);
    if (!lane)
        return tl::unexpected(lane.error());
    const PinSet listed(words);
    std::vector<WordBody> back;
    std::vector<PinId> gone;
    int place = highest_place(**lane);
    for (const auto& [time, i] : by_time(project, **lane)) {
        const Pin& pin = (*lane)->pins[i];
        if (!listed.contains(pin.id) || pin.locked)
            continue;
        gone.push_back(pin.id);
        back.push_back(word_of(pin));
        if (back.back().place == 0)
            back.back().place = ++place;
        back.back().length = {Length::Unit::UntilNext, 1};
    }
    if (gone.empty())
        return fail("Select words that are set, and not locked, first.");
    const Project without = without_pins(project, gone);
    return with_changed_lane(without, id, [&](Lane& changed) {
        auto& tray = part_of<LaneText>(changed)->tray;
        tray.insert(tray.end(), back.begin(), back.end());
        std::stable_sort(tray.begin(), tray.end(),
                         [](const WordBody& a, const WordBody& b) { return a.place < b.place; });
    });
}

Result<Project> without_waiting_words(const Project& project, LaneId id) {
    const auto lane = lane_to_write(project, id);
    if (!lane)
        return tl::unexpected(lane.error());
    if (part_of<LaneText>(**lane)->tray.empty())
        return fail("No word waits to be set.");
    return with_changed_lane(project, id, [](Lane& changed) { part_of<LaneText>(changed)->tray.clear(); });
}

Result<Project> with_line_begun(const Project& project, LaneId id, std::span<const PinId> words) {
    const auto lane = lane_to_write(project, id);
    if (!lane)
        return tl::unexpected(lane.error());
    const PinSet listed(words);
    const auto order = by_time(project, **lane);
    if (std::none_of(order.begin(), order.end(),
                     [&](const auto& one) { return listed.contains((*lane)->pins[one.second].id); }))
        return fail("Select the word that a line shall begin with first.");
    return with_changed_lane(project, id, [&](Lane& changed) {
        int next = highest_line(changed);
        std::map<int, int> instead; // of a line, for what follows
        for (const auto& [time, i] : order) {
            auto& word = word_of(changed.pins[i]);
            if (listed.contains(changed.pins[i].id))
                instead[word.line == 0 ? -static_cast<int>(i) - 1 : word.line] = ++next;
            if (word.line == 0 && listed.contains(changed.pins[i].id))
                word.line = next;
            else if (const auto found = instead.find(word.line); found != instead.end())
                word.line = found->second;
        }
        for (auto& word : part_of<LaneText>(changed)->tray)
            if (const auto found = instead.find(word.line); found != instead.end())
                word.line = found->second;
        number_lines(project, changed);
    });
}

Result<Project> with_one_line(const Project& project, LaneId id, std::span<const PinId> words) {
    const auto lane = lane_to_write(project, id);
    if (!lane)
        return tl::unexpected(lane.error());
    const PinSet listed(words);
    if (words.size() < 2)
        return fail("Select the words that shall be one line first.");
    return with_changed_lane(project, id, [&](Lane& changed) {
        const int line = highest_line(changed) + 1;
        for (auto& pin : changed.pins)
            if (listed.contains(pin.id))
                word_of(pin).line = line;
        number_lines(project, changed);
    });
}

Result<Project> with_lines_by_pauses(const Schedule& schedule, LaneId id, Seconds pause) {
    const Project& project = schedule.project();
    const auto lane = lane_to_write(project, id);
    if (!lane)
        return tl::unexpected(lane.error());
    const auto order = by_time(project, **lane);
    if (order.empty())
        return fail("No word is set yet.");
    return with_changed_lane(project, id, [&](Lane& changed) {
        int line = highest_line(changed) + 1;
        for (std::size_t n = 0; n < order.size(); ++n) {
            if (n > 0 && order[n].first - order[n - 1].first >= pause)
                ++line;
            word_of(changed.pins[order[n].second]).line = line;
        }
        number_lines(project, changed);
    });
}

std::vector<WordGap> word_gaps(const Schedule& schedule, LaneId id) {
    const Project& project = schedule.project();
    const Lane* lane = project.lane(id);
    std::vector<WordGap> gaps;
    if (!lane || !part_of<LaneText>(*lane))
        return gaps;
    struct Set {
        Seconds at;
        const WordBody* word;
    };
    std::map<int, Set> set; // by place
    for (const auto& [time, i] : by_time(project, *lane))
        if (word_of(lane->pins[i]).place > 0)
            set[word_of(lane->pins[i]).place] = {time, &word_of(lane->pins[i])};
    const auto& tray = part_of<LaneText>(*lane)->tray;
    for (std::size_t i = 0; i < tray.size();) {
        const auto after = set.upper_bound(tray[i].place);
        std::size_t end = i;
        while (end < tray.size() && (after == set.end() || tray[end].place < after->first))
            ++end;
        if (after != set.end() && after != set.begin() && std::prev(after)->second.at < after->second.at) {
            const auto& before = std::prev(after)->second;
            WordGap gap{i, end - i, before.at, after->second.at, {before.word->text}};
            for (std::size_t n = i; n < end; ++n)
                gap.words.push_back(tray[n].text);
            gaps.push_back(std::move(gap));
        }
        i = end;
    }
    return gaps;
}

Result<Project> with_proposed(const Project& project, LaneId id, std::span<const ProposedWord> proposed) {
    Project next = project;
    // From the last to the first, so that places in the tray stay what they are.
    for (auto one = proposed.rbegin(); one != proposed.rend(); ++one) {
        auto set = with_word_set(next, id, one->in_tray, one->at);
        if (!set)
            return tl::unexpected(set.error());
        next = std::move(set->project);
    }
    return next;
}

} // namespace pulsepin
