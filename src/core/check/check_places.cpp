// SPDX-License-Identifier: GPL-3.0-or-later
#include "check/check_rows.h"

#include "model/pin_edits.h"

#include <algorithm>
#include <cmath>
#include <fmt/core.h>
#include <map>

namespace pulsepin {
namespace {

bool acts_on_beats(LaneKind kind) {
    return holds<CutBody>(kind) || holds<TriggerBody>(kind) || holds<PulseBody>(kind);
}

const SyncRow* row_of(const std::vector<SyncRow>& rows, const Finding& finding) {
    const auto found = std::find_if(rows.begin(), rows.end(), [&](const SyncRow& row) {
        return row.lane == finding.lane && row.pin == finding.pin;
    });
    return found == rows.end() ? nullptr : &*found;
}

/// "61 ms earlier, frame 717".
std::string way_text(Seconds by, Frames frame) {
    return fmt::format("{} ms {}, frame {}", std::llround(std::abs(by.value) * 1000),
                       by > Seconds(0) ? "later" : "earlier", frame.value);
}

Frames frame_of(const Project& project, PinId pin) {
    const Lane* lane = project.lane_of(pin);
    for (const auto& one : resolve(project, *lane).pins)
        if (one.id == pin)
            return one.frame;
    return Frames(0);
}

// -- off the beat

void find_off_beat(const CheckMaterial& material, std::vector<Finding>& found) {
    const Project& project = material.project();
    const double limit = cut_limit(project).value + 1e-6;
    const Lane* lane = nullptr;
    for (const auto& row : sync_report(material.schedule())) {
        if (!lane || lane->id != row.lane)
            lane = project.lane(row.lane);
        if (!row.meant || !acts_on_beats(lane->kind) || std::abs(row.error().value) <= limit)
            continue;
        const Pin& pin = lane->pins[row.index];
        Finding one = finding_at(off_beat_check, *lane, row.pin, row.anchor);
        one.amount = row.error().value * 1000;
        one.how_much = lateness(row.error());
        one.why = row.loose               ? what_is(*lane, pin, project) + " is loose"
                  : row.off != Seconds(0) ? what_is(*lane, pin, project) + " lies beside its beat"
                                          : std::string("the nearest frame lies that far away");
        if (!row.loose && row.off == Seconds(0))
            one.mend = "none";
        found.push_back(std::move(one));
    }
}

Result<Mended> pin_to_beat(const MendRequest& request) {
    const Project& project = request.project();
    const auto rows = sync_report(request.material.schedule());
    const SyncRow* row = row_of(rows, request.finding);
    if (!row || !project.grid)
        return fail("That pin is no longer there.");
    const Pin& pin = project.lane(row->lane)->pins[row->index];
    Ticks at;
    if (const auto* musical = std::get_if<MusicalAnchor>(&pin.anchor))
        at = musical->at;
    else
        at = Ticks(std::llround(project.grid->beats_at(row->anchor).value * 2) * (ticks_per_beat / 2));
    auto next = with_anchor(project, pin.id, MusicalAnchor{at});
    if (!next)
        return tl::unexpected(next.error());
    const std::string will =
        fmt::format("puts {} on {}: {}", what_is(*project.lane(row->lane), pin, project),
                    place_name(project, project.grid->time_at(at)),
                    way_text(project.grid->time_at(at) - row->anchor, frame_of(*next, pin.id)));
    return Mended{*std::move(next), will};
}

constexpr Mend off_beat_mends[] = {{"pin", "Pin to the beat", pin_to_beat}};

// -- off an onset

void find_off_onset(const CheckMaterial& material, std::vector<Finding>& found) {
    const Project& project = material.project();
    const auto limit = check_limits(project).number("onsets") / 1000;
    std::map<std::uint64_t, std::string> by_onsets;
    for (const auto& planting : *project.plantings)
        if (planting.picker && planting.picker->source == "onsets" && planting.nudge == Frames(0) &&
            planting.shift == Ticks(0))
            by_onsets[planting.id.value] = planting.picker->values.text("row");
    if (by_onsets.empty())
        return;
    const auto rate = project.settings->frame_rate;
    for (const auto& row : sync_report(material.schedule())) {
        const Lane* lane = project.lane(row.lane);
        const Pin& pin = lane->pins[row.index];
        const auto placed = by_onsets.find(pin.planting.value);
        if (placed == by_onsets.end() || !row.from_onset || pin.moved)
            continue;
        // From its anchor: lead and envelope are meant.
        const Seconds away = *row.from_onset - (rate.start_of(row.seen) - row.anchor);
        if (std::abs(away.value) <= limit)
            continue;
        Finding one = finding_at(off_onset_check, *lane, row.pin, row.anchor);
        one.amount = away.value * 1000;
        one.how_much = lateness(away);
        one.why = placed->second.empty() ? std::string("it was placed on onsets")
                                         : fmt::format("it was placed on \"{}\"", placed->second);
        found.push_back(std::move(one));
    }
}

Result<Mended> move_to_onset(const MendRequest& request) {
    const Project& project = request.project();
    const PinId pins[] = {request.finding.pin};
    auto next = moved_in_time(project, pins, Seconds(-request.finding.amount / 1000));
    if (same_content(next, project))
        return fail("That pin is locked.", {}, "Unlock it first.");
    return Mended{std::move(next), fmt::format("moves it onto its onset: {} ms {}",
                                               std::llround(std::abs(request.finding.amount)),
                                               request.finding.amount > 0 ? "earlier" : "later")};
}

constexpr Mend off_onset_mends[] = {{"onset", "Move to the onset", move_to_onset}};

// -- two on one frame

void find_same_frame(const CheckMaterial& material, std::vector<Finding>& found) {
    const Project& project = material.project();
    for (std::size_t i = 0; i < material.schedule().size(); ++i) {
        const Lane& lane = *project.lanes[i];
        if (lane.muted || !acts_on_beats(lane.kind))
            continue;
        std::map<std::pair<std::int64_t, int>, PinId> seen; // by frame and row: of two the last placed acts
        for (const auto& pin : material.schedule()[i].pins)
            if (const auto& own = lane.pins[pin.index]; !own.muted) {
                auto& last = seen[{pin.frame.value, pulsepin::row_of(own.body)}];
                last = std::max(last, pin.id);
            }
        for (const auto& pin : material.schedule()[i].pins) {
            const auto& own = lane.pins[pin.index];
            if (own.muted || seen[{pin.frame.value, pulsepin::row_of(own.body)}] == pin.id)
                continue;
            Finding one = finding_at(same_frame_check, lane, pin.id, pin.time);
            one.how_much = fmt::format("frame {}", pin.frame.value);
            one.why = what_is(lane, own, project) + " is not seen";
            found.push_back(std::move(one));
        }
    }
}

Result<Mended> drop_pin(const MendRequest& request) {
    const Project& project = request.project();
    const PinId pins[] = {request.finding.pin};
    const Lane* lane = project.lane_of(request.finding.pin);
    if (!lane)
        return fail("That pin is no longer there.");
    if (locked_among(project, pins) > 0)
        return fail("That pin is locked.", {}, "Unlock it first.");
    return Mended{without_pins(project, pins), fmt::format("takes {} away, which is not seen",
                                                           what_is(*lane, *project.pin(pins[0]), project))};
}

constexpr Mend same_frame_mends[] = {{"drop", "Drop it", drop_pin}};

// -- one place, two names

struct NamedPlace {
    const Lane* lane;
    const Pin* pin;
    Seconds time;
};

std::map<std::int64_t, std::vector<NamedPlace>> markers_by_frame(const CheckMaterial& material) {
    std::map<std::int64_t, std::vector<NamedPlace>> places;
    const Project& project = material.project();
    for (std::size_t i = 0; i < material.schedule().size(); ++i) {
        const Lane& lane = *project.lanes[i];
        if (holds<MarkerBody>(lane.kind) && !lane.muted)
            for (const auto& pin : material.schedule()[i].pins)
                if (!lane.pins[pin.index].muted)
                    places[pin.frame.value].push_back({&lane, &lane.pins[pin.index], pin.time});
    }
    return places;
}

const std::string& name_of_marker(const NamedPlace& place) {
    return body_of<MarkerBody>(place.pin->body).name;
}

void find_two_names(const CheckMaterial& material, std::vector<Finding>& found) {
    for (const auto& [frame, places] : markers_by_frame(material))
        for (std::size_t i = 1; i < places.size(); ++i)
            if (name_of_marker(places[i]) != name_of_marker(places[0])) {
                Finding one = finding_at(two_names_check, *places[i].lane, places[i].pin->id, places[i].time);
                one.how_much = fmt::format("frame {}", frame);
                one.why =
                    fmt::format("\"{}\" and \"{}\"", name_of_marker(places[0]), name_of_marker(places[i]));
                found.push_back(std::move(one));
            }
}

Result<Mended> join_markers(const MendRequest& request) {
    const Project& project = request.project();
    for (const auto& [frame, places] : markers_by_frame(request.material))
        for (std::size_t i = 1; i < places.size(); ++i) {
            if (places[i].pin->id != request.finding.pin)
                continue;
            auto body = body_of<MarkerBody>(places[0].pin->body);
            body.name = fmt::format("{} / {}", body.name, name_of_marker(places[i]));
            const std::string name = body.name;
            auto next = with_body(project, places[0].pin->id, std::move(body));
            if (!next)
                return tl::unexpected(next.error());
            const PinId gone[] = {places[i].pin->id};
            if (locked_among(project, gone) > 0)
                return fail("That marker is locked.", {}, "Unlock it first.");
            return Mended{without_pins(*next, gone), fmt::format("makes one marker of both: \"{}\"", name)};
        }
    return fail("Those markers are no longer there.");
}

constexpr Mend two_names_mends[] = {{"join", "Join them", join_markers}};

// -- where the grid is doubtful

void find_doubtful(const CheckMaterial& material, std::vector<Finding>& found) {
    if (!material.trust)
        return;
    for (const auto& place : doubtful_places(*material.trust)) {
        Finding one;
        one.check = doubtful_check.id;
        one.gravity = doubtful_check.gravity;
        one.at = place.from;
        one.until = place.until;
        double worst = 1;
        std::size_t bars = 0;
        for (const auto& bar : *material.trust)
            if (bar.from >= place.from && bar.from < place.until) {
                worst = std::min(worst, bar.trust);
                ++bars;
            }
        one.amount = std::round(worst * 100);
        one.how_much = fmt::format("{:.0f} % confidence", one.amount);
        one.why = fmt::format("{} {} agree{} little with what is heard", bars, bars == 1 ? "bar" : "bars",
                              bars == 1 ? "s" : "");
        found.push_back(std::move(one));
    }
}

} // namespace

const CheckRow off_beat_check{
    "off-beat",
    "off the beat",
    "What is seen farther from its beat than half a frame could have lain on a nearer frame",
    Gravity::Grave,
    25,
    find_off_beat,
    off_beat_mends,
    "ms"};

const CheckRow off_onset_check{"off-onset",
                               "off its onset",
                               "What was placed on onsets no longer lies on one: the grid or the row changed",
                               Gravity::Look,
                               25,
                               find_off_onset,
                               off_onset_mends,
                               "ms"};

const CheckRow same_frame_check{"same-frame",
                                "two on one frame",
                                "Of two on one frame only the last placed one is seen",
                                Gravity::Grave,
                                0,
                                find_same_frame,
                                same_frame_mends};

const CheckRow two_names_check{"two-names",
                               "one place, two names",
                               "Two markers on one frame have different names: chapters and lists show one",
                               Gravity::Look,
                               0,
                               find_two_names,
                               two_names_mends};

const CheckRow doubtful_check{"doubtful-grid",
                              "grid uncertain",
                              "Beats that nothing starts near may lie wrong, and all that hangs on them",
                              Gravity::Look,
                              15,
                              find_doubtful};

} // namespace pulsepin
