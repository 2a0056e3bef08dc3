// SPDX-License-Identifier: GPL-3.0-or-later
#include "hand/tapped.h"

#include "base/whole.h"
#include "model/edits.h"
#include "model/onset_edits.h"
#include "model/pin_edits.h"
#include "schedule/picker.h"
#include "schedule/variation.h"

#include <algorithm>
#include <cmath>

namespace pulsepin {
namespace {

Anchor tied(const Project& project, Seconds time) {
    if (!project.grid)
        return TimeAnchor{time};
    const Ticks tick = project.grid->nearest_tick(time);
    return MusicalAnchor{tick, time - project.grid->time_at(tick)};
}

} // namespace

Result<Project> with_taps_as_row(const Project& project, std::string name, std::span<const Tap> taps) {
    if (taps.empty())
        return fail("There are no taps yet.", {}, "Tap along with T.");
    OnsetRow row;
    row.name = std::move(name);
    // They are corrections of a row in which nothing was found: listening anew keeps them.
    for (const auto& tap : taps) {
        row.onsets.push_back({tap.time, tap.strength, true});
        row.by_hand.push_back({{}, tap.time, tap.strength, 0});
    }
    const auto earlier = [](const FoundOnset& a, const FoundOnset& b) { return a.time < b.time; };
    std::stable_sort(row.onsets.begin(), row.onsets.end(), earlier);
    const Project begun = with_rows_begun(project);
    const auto& rows = begun.detection->rows;
    std::size_t index = 0;
    while (index < rows.size() && rows[index].name != row.name)
        ++index;
    return with_onset_row(begun, index, std::move(row));
}

std::vector<Anchor> landings(const Project& project, const Rhythm& rhythm, Seconds at) {
    std::vector<Anchor> anchors;
    if (rhythm.taps.empty())
        return anchors;
    const auto first =
        std::min_element(rhythm.taps.begin(), rhythm.taps.end(), [](const Tap& a, const Tap& b) {
            return a.time < b.time;
        })->time;
    for (const auto& tap : rhythm.taps) {
        const Seconds after = tap.time - first;
        if (!rhythm.tempo) {
            anchors.push_back(tied(project, at + after));
            continue;
        }
        const double beat = 60 / rhythm.tempo->value;
        const double beats = std::round(after.value / beat * 4) / 4;
        if (project.grid)
            anchors.push_back(
                MusicalAnchor{project.grid->nearest_tick(at) + Ticks(nearest_whole(beats * ticks_per_beat))});
        else
            anchors.push_back(TimeAnchor{at + Seconds(beats * beat)});
    }
    return anchors;
}

Result<HandEdited> with_rhythm_laid(const Schedule& schedule, LaneId id, const Rhythm& rhythm, Seconds at) {
    const Project& project = schedule.project();
    const Lane* lane = project.lane(id);
    if (rhythm.taps.empty())
        return fail("There are no taps yet.", {}, "Tap a rhythm with T.");
    if (!lane)
        return fail("There is no lane to place it on.", {}, "Choose a lane by its name.");
    if (holds<SoundBody>(lane->kind))
        return fail("A rhythm cannot be laid on a lane of sounds.", {}, "Choose another lane by its name.");
    if (holds<WordBody>(lane->kind))
        return fail("Words are tapped one after the other.", {}, "Tap them with W while it plays.");
    const auto anchors = landings(project, rhythm, at);
    std::vector<Picked> picked;
    for (std::size_t i = 0; i < anchors.size(); ++i) {
        const auto* musical = std::get_if<MusicalAnchor>(&anchors[i]);
        picked.push_back({musical ? musical->at : Ticks(0), rhythm.taps[i].strength});
    }
    PlantingForm form{lane->kind->empty_body()};
    Variation as_hit;
    as_hit.strength = Variation::Strength::Onsets;
    as_hit.low = 0;
    form.choice = as_hit;
    std::vector<std::optional<PinBody>> bodies(anchors.size(), lane->kind->empty_body());
    if (lane->kind->bodies)
        if (auto made = lane->kind->bodies(project, *lane, picked, form))
            bodies = *std::move(made);
    std::vector<Pin> pins;
    for (std::size_t i = 0; i < anchors.size(); ++i) {
        PinBody body = bodies[i].value_or(lane->kind->empty_body());
        if (auto* marker = body_if<MarkerBody>(&body))
            marker->name = "tap " + std::to_string(i + 1);
        pins.push_back({{}, anchors[i], std::move(body), {}});
    }
    auto next = with_pins(project, id, std::move(pins));
    if (!next)
        return tl::unexpected(next.error());
    HandEdited edited{*std::move(next)};
    const auto& after = edited.project.lane(id)->pins;
    for (std::size_t i = lane->pins.size(); i < after.size(); ++i)
        edited.selected.insert(after[i].id);
    edited.count = anchors.size();
    return edited;
}

} // namespace pulsepin
