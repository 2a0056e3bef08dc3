// SPDX-License-Identifier: GPL-3.0-or-later
#include "hand/word_titles.h"

#include "kinds/kinds.h"
#include "kinds/layer_kinds.h"
#include "model/change_pins.h"
#include "model/lane_edits.h"
#include "model/pin_edits.h"
#include "model/stage_edits.h"

#include <algorithm>
#include <map>

namespace pulsepin {
namespace {

/// The pins that have a title: each word, or the first of each line.
std::vector<PinId> titled(const Project& project, const Lane& words, Showing::Words how) {
    const auto spans = words_of(project, words, resolve(project, words));
    std::vector<PinId> pins;
    if (how == Showing::Words::Word) {
        for (const auto& span : spans)
            pins.push_back(span.pin);
        return pins;
    }
    for (const auto& line : word_lines(words, spans))
        pins.push_back(spans[line.first].pin);
    return pins;
}

Pin appearance_of(PinId word, Showing::Words how) {
    AppearanceBody body;
    body.length = {how == Showing::Words::Word ? Length::Unit::WithWord : Length::Unit::ToLineEnd, 1};
    return {{}, MarkerAnchor{word, Seconds(0)}, body, {}};
}

bool shows_words(const Lane& lane) {
    return holds<AppearanceBody>(lane.kind) && part_of<Showing>(lane)->words != Showing::Words::Own;
}

PinId tie_of(const Pin& pin) {
    const auto* tied = std::get_if<MarkerAnchor>(&pin.anchor);
    return tied ? tied->marker : PinId{};
}

/// The lane whose words the titles are tied to; null where there is none.
const Lane* words_behind(const Project& project, const Lane& titles) {
    for (const auto& pin : titles.pins)
        if (const auto word = word_at_pin(project, tie_of(pin)); word.lane)
            return word.lane;
    return nullptr;
}

bool same_words(const Project& before, const Project& after) {
    const auto of = [](const Project& project) {
        std::vector<const Lane*> lanes;
        for (const auto& lane : project.lanes)
            if (holds<WordBody>(lane->kind))
                lanes.push_back(lane.get());
        return lanes;
    };
    return of(before) == of(after);
}

} // namespace

Result<WithLayer> with_titles_of_words(const Schedule& schedule, LaneId id, Showing::Words how,
                                       std::string name) {
    const Project& project = schedule.project();
    const Lane* words = project.lane(id);
    if (!words || !part_of<LaneText>(*words))
        return fail("That lane of words is no longer there.");
    const auto places = titled(project, *words, how);
    if (places.empty())
        return fail("No word is set yet.", {}, "Set words first (stop Mark, Words).");
    Layer title{{}, layers::title, std::move(name)};
    title.text = body_of<WordBody>(project.pin(places.front())->body).text;
    title.colour = {0xf7f1e1};
    title.values = {{"outline", 4}};
    auto added = with_layer(project, std::move(title));
    if (!added)
        return tl::unexpected(added.error());
    const LayerId layer = added->stage->layers[added->stage->layers.size() - 2].id;
    auto shown = with_lane_of_appearances(*added, layer, kind_of(body_type<AppearanceBody>));
    if (!shown)
        return shown;
    std::vector<Pin> pins;
    for (const PinId place : places)
        pins.push_back(appearance_of(place, how));
    auto placed = with_pins(shown->project, shown->lane, std::move(pins));
    if (!placed)
        return tl::unexpected(placed.error());
    Showing showing = *part_of<Showing>(*placed->lane(shown->lane));
    showing.words = how;
    showing.comes.move = showing.goes.move = "none"; // there when it is sung, until another way is chosen
    auto set = with_showing(*placed, shown->lane, showing);
    if (!set)
        return tl::unexpected(set.error());
    return WithLayer{*std::move(set), shown->layer, shown->lane};
}

Project with_titles_in_step(const Project& before, Project after) {
    const bool any = std::any_of(after.lanes.begin(), after.lanes.end(),
                                 [](const auto& lane) { return shows_words(*lane); });
    if (!any || same_words(before, after))
        return after;
    for (std::size_t i = 0; i < after.lanes.size(); ++i) {
        const Lane titles = *after.lanes[i];
        if (!shows_words(titles) || titles.locked)
            continue;
        // Titles that lost all their words are tied to none: the lane before tells which words are meant.
        const Lane* words = words_behind(after, titles);
        const Lane* earlier = before.lane(titles.id);
        if (!words && earlier)
            if (const Lane* meant = words_behind(before, *earlier))
                words = after.lane(meant->id);
        if (!words)
            continue;
        const Lane* words_before = before.lane(words->id);
        const auto now = titled(after, *words, part_of<Showing>(titles)->words);
        const auto then = words_before ? titled(before, *words_before, part_of<Showing>(titles)->words)
                                       : std::vector<PinId>{};
        const PinSet wanted(now.begin(), now.end()), had(then.begin(), then.end());
        PinSet there;
        std::vector<PinId> gone;
        for (const auto& pin : titles.pins) {
            there.insert(tie_of(pin));
            const bool was_titled = had.contains(tie_of(pin));
            if (was_titled && !wanted.contains(tie_of(pin)))
                gone.push_back(pin.id);
        }
        std::vector<Pin> added;
        for (const PinId word : now)
            if (!had.contains(word) && !there.contains(word))
                added.push_back(appearance_of(word, part_of<Showing>(titles)->words));
        if (!gone.empty())
            after = without_pins(after, gone);
        if (!added.empty())
            if (auto with = with_pins(after, titles.id, std::move(added)))
                after = *std::move(with);
    }
    return after;
}

std::vector<TitledWord> titled_words(const Schedule& schedule, LaneId titles) {
    const Project& project = schedule.project();
    std::vector<TitledWord> words;
    const Lane* lane = project.lane(titles);
    if (!lane || !holds<AppearanceBody>(lane->kind))
        return words;
    std::map<PinId, const WordBody*> bodies;
    for (const auto& one : project.lanes)
        if (holds<WordBody>(one->kind))
            for (const auto& pin : one->pins)
                bodies[pin.id] = &body_of<WordBody>(pin.body);
    for (const auto& span : schedule.spans(titles).appearances) {
        const PinId tie = tie_of(lane->pins[span.index]);
        if (const auto body = bodies.find(tie); body != bodies.end())
            words.push_back({span.pin, tie, body->second->line, span.text});
    }
    return words;
}

} // namespace pulsepin
