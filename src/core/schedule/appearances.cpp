// SPDX-License-Identifier: GPL-3.0-or-later
#include "schedule/appearances.h"

#include "base/unicode.h"
#include "schedule/lasting.h"
#include "schedule/piece_length.h"
#include "schedule/shots.h"
#include "schedule/texts.h"
#include "schedule/triggers.h"

#include <algorithm>
#include <cmath>
#include <map>

namespace pulsepin {
namespace {

double frames_of(const Length& length, Seconds at, const Project& project) {
    const auto duration = duration_of(length, at, project);
    return duration ? duration->value * project.settings->frame_rate.per_second() : 0.0;
}

/// The words that appearances of one lane are tied to, each lane of them looked through once.
class TiedWords {
public:
    explicit TiedWords(const Project& project) : project_(project) {}

    struct Found {
        const TextSpan* word = nullptr;
        const WordLine* line = nullptr;
        const std::vector<TextSpan>* words = nullptr;
        const Lane* lane = nullptr;
    };
    /// Nothing where the pin is tied to no word.
    [[nodiscard]] Found of(const Pin& pin) {
        const auto* tied = std::get_if<MarkerAnchor>(&pin.anchor);
        if (!tied)
            return {};
        if (lanes_.empty())
            look_through();
        const auto found = places_.find(tied->marker);
        if (found == places_.end())
            return {};
        const auto& lane = lanes_[found->second.lane];
        return {&lane.words[found->second.word], &lane.lines[found->second.line], &lane.words, lane.lane};
    }

private:
    struct OfLane {
        const Lane* lane;
        std::vector<TextSpan> words;
        std::vector<WordLine> lines;
    };
    struct Place {
        std::size_t lane, word, line;
    };
    void look_through() {
        for (const auto& lane : project_.lanes) {
            if (!holds<WordBody>(lane->kind))
                continue;
            OfLane one{lane.get(), words_of(project_, *lane, resolve(project_, *lane)), {}};
            one.lines = word_lines(*lane, one.words);
            for (std::size_t l = 0; l < one.lines.size(); ++l)
                for (std::size_t w = one.lines[l].first; w < one.lines[l].until; ++w)
                    places_[one.words[w].pin] = {lanes_.size(), w, l};
            lanes_.push_back(std::move(one));
        }
    }

    const Project& project_;
    std::vector<OfLane> lanes_;
    std::map<PinId, Place> places_;
};

void take_words(AppearanceSpan& span, const TiedWords::Found& tied, Showing::Words how, Frames earlier) {
    if (how == Showing::Words::Word)
        span.text = body_of<WordBody>(tied.lane->pins[tied.word->index].body).text;
    else
        span.text = tied.line->text;
    if (how != Showing::Words::LitLine)
        return;
    for (std::size_t word = tied.line->first; word < tied.line->until; ++word)
        span.lit.push_back({(*tied.words)[word].first - earlier, static_cast<int>(span.lit.size()) + 1});
}

/// How much earlier than its beat it begins to come.
Frames ahead_of_beat(const AppearanceSpan& span, const Showing& showing, const Layer* shown) {
    if (showing.comes.move == "none")
        return Frames(0);
    if (!showing.arrives)
        return showing.early;
    const bool by_letters = shown && shown->kind->lettered && showing.letter_delay > 0;
    const auto letters = by_letters ? characters_in(span.text.empty() ? shown->text : span.text) : 0;
    const double last = letters > 1 ? showing.letter_delay * static_cast<double>(letters - 1) : 0;
    return Frames(static_cast<std::int64_t>(std::ceil(span.coming + last - 1e-6)));
}

} // namespace

Showing showing_of(const Showing& lane, const AppearanceBody& one) {
    Showing showing = lane;
    if (!one.comes.empty())
        showing.comes.move = one.comes;
    if (!one.goes.empty())
        showing.goes.move = one.goes;
    return showing;
}

std::optional<double> AppearanceSpan::lit_at(double frame) const {
    if (lit.empty())
        return std::nullopt;
    int sung = 0;
    for (const auto& one : lit)
        if (static_cast<double>(one.from.value) <= frame)
            sung = one.words;
    return 100.0 * sung / static_cast<double>(lit.size());
}

std::vector<AppearanceSpan> appearances_of(const Project& project, const Lane& lane,
                                           const ResolvedLane& resolved) {
    const auto& settings = *project.settings;
    const Showing& showing = *part_of<Showing>(lane);
    const Seconds lead = time_of(lane.lead, settings.frame_rate);
    const Frames piece = piece_length(project);
    const Frames frames_ahead = round_to_frame(lead, settings.frame_rate, settings.rounding).frame;
    const Layer* shown = project.stage->layer(showing.layer);
    std::vector<AppearanceSpan> spans;
    spans.reserve(resolved.pins.size());
    TiedWords words(project);
    for (const auto& pin : resolved.pins) {
        const auto& body = body_of<AppearanceBody>(lane.pins[pin.index].body);
        AppearanceSpan span;
        span.pin = pin.id;
        span.index = pin.index;
        span.row = body.row;
        span.beat = pin.frame + body.later;
        span.coming = frames_of(showing.comes.length, pin.time, project);
        span.going = frames_of(showing.goes.length, pin.time, project);
        span.muted = lane.muted || lane.pins[pin.index].muted;
        span.end = piece;
        if (const auto length = duration_of(body.length, pin.time, project))
            span.end =
                round_to_frame(pin.time + *length - lead, settings.frame_rate, settings.rounding).frame +
                body.later;
        span.text = body.text;
        if (const auto tied = words.of(lane.pins[pin.index]); tied.word) {
            const auto until = [&](Seconds end) {
                span.end =
                    round_to_frame(end - lead, settings.frame_rate, settings.rounding).frame + body.later;
            };
            if (body.length.unit == Length::Unit::WithWord)
                until(tied.word->end);
            else if (body.length.unit == Length::Unit::ToLineEnd)
                until(tied.line->end);
            if (body.text.empty() && showing.words != Showing::Words::Own)
                take_words(span, tied, showing.words, frames_ahead);
        }
        span.comes =
            span.beat - ahead_of_beat(span, body.comes.empty() ? showing : showing_of(showing, body), shown);
        spans.push_back(std::move(span));
    }
    std::stable_sort(spans.begin(), spans.end(), [](const AppearanceSpan& a, const AppearanceSpan& b) {
        return a.comes != b.comes ? a.comes < b.comes : a.pin < b.pin;
    });
    std::map<int, AppearanceSpan*> before; // of each row
    for (auto& span : spans) {
        if (span.muted)
            continue;
        auto& last = before[span.row];
        if (last &&
            body_of<AppearanceBody>(lane.pins[last->index].body).length.unit == Length::Unit::UntilNext)
            last->end = span.comes;
        last = &span;
    }
    for (auto& span : spans)
        span.end = std::max(span.end, span.comes + Frames(1));
    return spans;
}

} // namespace pulsepin
