// SPDX-License-Identifier: GPL-3.0-or-later
#include "hand/hand_edits.h"

#include "hand/edit_tables.h"

#include "hand/poses.h"
#include "hand/slates.h"
#include "kinds/kinds.h"
#include "model/adopt_edits.h"
#include "model/anchored_time.h"
#include "model/duplicate_edits.h"
#include "model/edits.h"
#include "model/lane_edits.h"
#include "model/pulse_params.h"
#include "model/rig_edits.h"
#include "model/shot_edits.h"
#include "schedule/add_pin.h"
#include "schedule/find_pins.h"
#include "schedule/place_text.h"
#include "schedule/shots.h"
#include "schedule/sound_parts.h"

#include <algorithm>
#include <array>
#include <map>

namespace pulsepin {
namespace {

using Request = HandEditRequest;
using Outcome = Result<HandEdited>;

std::vector<PinId> listed(const Request& request) {
    return {request.pins.begin(), request.pins.end()};
}

const Lane* lane_of_shots(const Project& project, LaneId shots) {
    return shots.value != 0 ? project.lane(shots) : project.first_lane(body_type<CutBody>);
}

const ShotSpan* shot_seen(const Schedule& schedule, Seconds time, LaneId shots) {
    const Lane* lane = lane_of_shots(schedule.project(), shots);
    return lane ? shot_at(schedule.spans(lane->id).shots,
                          schedule.project().settings->frame_rate.frame_at(time))
                : nullptr;
}

Outcome done(Result<Project> project) {
    if (!project)
        return tl::unexpected(project.error());
    return HandEdited{*std::move(project)};
}

// -- what is selected

Outcome nothing_selected() {
    return fail("Nothing is selected.", {}, "Select pins first.");
}

/// Locked ones are left alone, and counted.
Outcome of_selection(const Request& request, auto&& change) {
    const auto pins = listed(request);
    if (pins.empty())
        return nothing_selected();
    HandEdited edited{change(request.project(), pins)};
    edited.count = locked_among(request.project(), pins);
    if (edited.count > 0)
        edited.told = "%2 locked, left alone";
    return edited;
}

Outcome nudge(const Request& r) {
    return of_selection(r, [&](const Project& project, std::span<const PinId> pins) {
        return nudged_by(project, pins, Frames(r.values.whole("frames")));
    });
}
Outcome move_beats(const Request& r) {
    return of_selection(r, [&](const Project& project, std::span<const PinId> pins) {
        return moved_by(project, pins, Ticks(r.values.whole("beats") * ticks_per_beat));
    });
}
Outcome move_bars(const Request& r) {
    return of_selection(r, [&](const Project& project, std::span<const PinId> pins) {
        return moved_by_bars(project, pins, r.values.whole("bars"));
    });
}
Outcome move_rows(const Request& r) {
    return of_selection(r, [&](const Project& project, std::span<const PinId> pins) {
        const int down = static_cast<int>(r.values.whole("rows"));
        return with_lights_moved(with_rows_moved(project, pins, down), pins, down);
    });
}
Outcome remove(const Request& r) {
    return of_selection(
        r, [](const Project& project, std::span<const PinId> pins) { return without_pins(project, pins); });
}

/// All alike: where one is not, all become so.
Outcome switch_all(const Request& request, bool Pin::*flag, auto&& with) {
    if (request.pins.empty())
        return nothing_selected();
    const PinLookup lookup(request.project());
    const bool all = std::all_of(request.pins.begin(), request.pins.end(),
                                 [&](PinId id) { return lookup.find(id)->*flag; });
    return HandEdited{with(request.project(), listed(request), !all)};
}
Outcome lock(const Request& r) {
    return switch_all(r, &Pin::locked, [](const Project& project, std::span<const PinId> pins, bool on) {
        return with_pins_locked(project, pins, on);
    });
}
Outcome mute(const Request& r) {
    return of_selection(r, [&](const Project& project, std::span<const PinId> pins) {
        const PinLookup lookup(project);
        const bool all =
            std::all_of(pins.begin(), pins.end(), [&](PinId id) { return lookup.find(id)->muted; });
        return with_pins_muted(project, pins, !all);
    });
}

Outcome tie_to_sound(const Request& request) {
    Project next = request.project();
    const auto parts = heard_parts(request.schedule);
    std::size_t tied = 0;
    for (const PinId id : request.pins) {
        const Pin* pin = next.pin(id);
        const auto time = pin ? anchored_time(pin->anchor, next) : std::nullopt;
        if (!time || is_body<SoundBody>(pin->body))
            continue;
        const auto under = std::find_if(parts.begin(), parts.end(), [&](const SoundPart& part) {
            return *time >= part.start && *time < part.start + part.body.length;
        });
        if (under == parts.end())
            continue;
        if (auto changed = with_anchor(next, id, MarkerAnchor{under->pin, *time - under->start})) {
            next = *std::move(changed);
            ++tied;
        }
    }
    if (tied == 0)
        return fail("None of the selected pins lies over a sound.", {}, "Select pins that do first.");
    HandEdited edited{std::move(next)};
    edited.told =
        tied == 1 ? "%2 pin tied: it moves with the sound" : "%2 pins tied: they move with the sound";
    edited.count = tied;
    return edited;
}

// -- one cut

Result<PinId> chosen_cut(const Request& request) {
    const Pin* pin = request.pins.size() == 1 ? request.project().pin(*request.pins.begin()) : nullptr;
    if (!pin || !is_body<CutBody>(pin->body))
        return fail("No single cut is selected.", {}, "Select one cut first.");
    return pin->id;
}

Outcome of_cut(const Request& request, auto&& change) {
    const auto cut = chosen_cut(request);
    return cut ? done(change(request.project(), *cut)) : Outcome(tl::unexpected(cut.error()));
}

Outcome slip(const Request& r) {
    return of_cut(r, [&](const Project& project, PinId cut) {
        return slipped(project, cut, project.settings->frame_rate.start_of(Frames(r.values.whole("frames"))));
    });
}
Outcome roll(const Request& r) {
    return of_cut(r, [&](const Project& project, PinId cut) {
        return rolled(project, cut, Ticks(r.values.whole("beats") * ticks_per_beat));
    });
}
Outcome ripple(const Request& r) {
    return of_cut(r, [&](const Project& project, PinId cut) {
        return rippled(project, cut, Ticks(r.values.whole("beats") * ticks_per_beat));
    });
}
Outcome swap_with_next(const Request& r) {
    return of_cut(r, [&](const Project& project, PinId cut) -> Result<Project> {
        const auto& shots = r.schedule.spans(project.lane_of(cut)->id).shots;
        const auto here =
            std::find_if(shots.begin(), shots.end(), [cut](const ShotSpan& span) { return span.cut == cut; });
        if (here == shots.end() || here + 1 == shots.end())
            return fail("There is no shot after this.");
        return swapped(project, cut, (here + 1)->cut);
    });
}

// -- at a moment

/// A cut to the next clip of the bin that is a camera: the same moment of the song from another angle.
Outcome cut_to_camera(const Request& request) {
    const Project& project = request.project();
    const Lane* lane = lane_of_shots(project, request.shots);
    std::vector<const Clip*> cameras;
    for (const Clip* clip : project.shots())
        if (clip->begins_at)
            cameras.push_back(clip);
    if (!lane || cameras.empty())
        return fail("No shot is a camera yet.", {}, "Tell at the stop “Song” where in the song it begins.");
    const auto* seen = shot_seen(request.schedule, request.at, lane->id);
    std::size_t next = 0;
    for (std::size_t i = 0; seen && i < cameras.size(); ++i)
        if (cameras[i]->id == seen->shot)
            next = (i + 1) % cameras.size();
    CutBody body;
    body.shot = cameras[next]->id;
    body.same_moment = true;
    const PinId added{project.next_id};
    auto with = with_pins(project, lane->id, {{{}, anchor_at(project, request.landing), body, {}}});
    if (!with)
        return tl::unexpected(with.error());
    return HandEdited{*std::move(with), {added}};
}

Outcome mark_clip(const Request& request) {
    const Project& project = request.project();
    const Lane* lane = project.first_lane(body_type<MarkerBody>);
    const auto host = clip_at(request.schedule, request.at, request.shots);
    if (!lane || !host)
        return fail("There is no shot or sound here to mark.");
    const auto start = anchored_time(project.pin(*host)->anchor, project);
    MarkerBody body;
    body.name = "marker " + std::to_string(lane->pins.size() + 1);
    const PinId added{project.next_id};
    auto with = with_pins(project, lane->id, {{{}, MarkerAnchor{*host, request.at - *start}, body, {}}});
    if (!with)
        return tl::unexpected(with.error());
    HandEdited edited{*std::move(with), {added}};
    edited.told = "Marked on “%1”: it travels with it";
    edited.name = name_of(project, *host);
    return edited;
}

/// A marker goes to the clip that lies under it.
Outcome tie_to_clip(const Request& request) {
    const Project& project = request.project();
    const Pin* pin = request.pins.size() == 1 ? project.pin(*request.pins.begin()) : nullptr;
    const auto time = pin ? anchored_time(pin->anchor, project) : std::nullopt;
    const auto host = time ? clip_at(request.schedule, *time, request.shots) : std::nullopt;
    if (!host)
        return fail("There is no shot or sound under it.");
    return done(with_marker_on(project, pin->id, host));
}

Outcome let_go(const Request& request) {
    if (request.pins.size() != 1)
        return fail("No single marker is selected.", {}, "Select one marker first.");
    return done(with_marker_on(request.project(), *request.pins.begin(), std::nullopt));
}

/// The selected sound, or else whichever lies there.
Outcome split_sound(const Request& request) {
    for (const bool only_selected : {true, false})
        for (const auto& part : heard_parts(request.schedule)) {
            const bool here = request.at > part.start && request.at < part.start + part.body.length;
            if (here && (!only_selected || request.pins.contains(part.pin)))
                return done(with_sound_split(request.project(), part.pin, request.at));
        }
    return fail("There is no sound under the playhead to split.");
}

/// Tied to the cut: where the cut goes, its sound goes.
Outcome lay_sound_of_shot(const Request& request) {
    const Project& project = request.project();
    const auto rate = project.settings->frame_rate;
    const auto* shot = shot_seen(request.schedule, request.at, request.shots);
    const Clip* clip = shot ? project.clip(shot->shot) : nullptr;
    if (!clip)
        return fail("There is no shot under the playhead.");
    if (!clip->has_sound)
        return fail("“" + clip->name + "” has no sound of its own.");
    Project next = project;
    if (!next.first_lane(body_type<SoundBody>))
        next = with_lane(next, kind_of(body_type<SoundBody>), "Sound");
    SoundBody body;
    body.sound = clip->id;
    body.in_point = shot->in_point;
    body.length = std::min(rate.start_of(shot->length()), clip->duration - shot->in_point);
    const Seconds cut_at =
        anchored_time(project.pin(shot->cut)->anchor, project).value_or(rate.start_of(shot->start));
    return done(with_pins(next, next.first_lane(body_type<SoundBody>)->id,
                          {{{}, MarkerAnchor{shot->cut, rate.start_of(shot->start) - cut_at}, body, {}}}));
}

/// Of the one pin that is selected.
Result<Anchor> written_place(const Request& request) {
    if (request.pins.size() != 1)
        return fail(request.pins.empty() ? "Nothing is selected." : "Several pins are selected.", {},
                    "Select one pin.");
    const auto& counted = request.values.text("counted");
    return place_of_text(request.project(), request.values.text("at"),
                         counted == "frames"    ? PlainNumber::AsFrame
                         : counted == "seconds" ? PlainNumber::AsSeconds
                                                : PlainNumber::AsBar);
}

/// Where it was written; what is loose stays loose, but for bars.
Outcome put_at(const Request& request) {
    const auto place = written_place(request);
    if (!place)
        return tl::unexpected(place.error());
    const Project& project = request.project();
    const PinId id = *request.pins.begin();
    const auto& counted = request.values.text("counted");
    const Pin& pin = *project.pin(id);
    const bool loose = std::holds_alternative<TimeAnchor>(pin.anchor);
    Anchor anchor = *place;
    if (const auto* time = std::get_if<TimeAnchor>(&anchor)) {
        // A frame is the one that acts: its lane may act earlier than the anchor.
        const Seconds lead = counted == "frames"
                                 ? time_of(project.lane_of(id)->lead, project.settings->frame_rate)
                                 : Seconds(0);
        const Seconds at = time->at + lead;
        anchor = loose ? Anchor(TimeAnchor{at}) : anchor_at(project, at);
    }
    return done(with_anchor(project, id, anchor));
}

/// What lasts ends where it was written: a trigger, a sound or a marker.
Outcome put_end(const Request& request) {
    const auto place = written_place(request);
    if (!place)
        return tl::unexpected(place.error());
    const Project& project = request.project();
    const PinId id = *request.pins.begin();
    const auto& counted = request.values.text("counted");
    const auto start = anchored_time(project.pin(id)->anchor, project), end = anchored_time(*place, project);
    if (!start || !end || *end <= *start)
        return fail("It would end before it begins.", {}, "Write a later end.");
    PinBody body = project.pin(id)->body;
    if (Length* length = body.lasting()) {
        const auto rate = project.settings->frame_rate;
        const Frames frames = rate.frame_at(*end + rate.frame_length() * 0.5) -
                              rate.frame_at(*start + rate.frame_length() * 0.5);
        *length =
            counted == "frames" || !project.grid
                ? Length{Length::Unit::InFrames, static_cast<double>(std::max<std::int64_t>(frames.value, 1))}
                : length_between(project, *start, *end);
    } else if (auto* marker = body_if<MarkerBody>(&body)) {
        marker->length = length_between(project, *start, *end);
    } else if (auto* sound = body_if<SoundBody>(&body)) {
        const Clip* clip = project.clip(sound->sound);
        sound->length = std::min(*end - *start, clip ? clip->duration - sound->in_point : *end - *start);
    } else {
        return fail("Only triggers, appearances, sounds and markers have an end of their own.");
    }
    return done(with_body(project, id, std::move(body)));
}

/// The layer's pose here, or at each marker that is selected.
Outcome pose(const Request& request) {
    const Project& project = request.project();
    std::vector<PinId> markers;
    const PinLookup lookup(project);
    for (const PinId id : request.pins)
        if (const Pin* pin = lookup.find(id); pin && is_body<MarkerBody>(pin->body))
            markers.push_back(id);
    auto posed =
        with_pose(request.schedule, LayerId{static_cast<std::uint64_t>(request.values.whole("layer"))},
                  request.at, markers);
    if (!posed)
        return tl::unexpected(posed.error());
    HandEdited edited{std::move(posed->project), std::move(posed->poses)};
    edited.count = edited.selected.size();
    edited.told = edited.count == 1 ? "%2 pose" : "%2 poses";
    return edited;
}

Outcome fill_slates(const Request& request) {
    const Lane* lane = lane_of_shots(request.project(), request.shots);
    if (!lane)
        return fail("There is no lane of cuts.");
    std::vector<PinId> slates;
    for (const auto& pin : lane->pins)
        if (request.pins.contains(pin.id))
            slates.push_back(pin.id);
    return done(with_slates_filled(request.project(), lane->id, {slates.begin(), slates.end()}));
}

/// What is selected, or else all loose pins.
Outcome adopt(const Request& request) {
    auto pins = listed(request);
    if (pins.empty())
        for (const auto& lane : request.project().lanes)
            for (const auto& pin : lane->pins)
                pins.push_back(pin.id);
    auto adopted = with_pins_adopted(request.project(), pins, static_cast<int>(request.values.whole("parts")),
                                     Seconds(request.values.number("within") / 1000));
    if (!adopted)
        return tl::unexpected(adopted.error());
    if (adopted->taken == 0)
        return fail(adopted->beyond == 0
                        ? std::string("No pin is loose.")
                        : std::to_string(adopted->beyond) + " loose pins lie further from a beat.",
                    {}, adopted->beyond == 0 ? "" : "Allow a greater distance, or correct the grid.");
    HandEdited edited{std::move(adopted->project)};
    edited.count = adopted->taken;
    edited.told = adopted->beyond == 0 ? "%2 tied to the grid" : "%2 tied to the grid, %1 too far away";
    edited.name = std::to_string(adopted->beyond);
    return edited;
}

Outcome duplicate_lane(const Request& request) {
    return done(with_lane_duplicated(request.project(), request.values.lane("lane"),
                                     request.values.flag("pins"), Frames(request.values.whole("later"))));
}
Outcome duplicate_layer(const Request& request) {
    return done(with_layer_duplicated(request.project(),
                                      LayerId{static_cast<std::uint64_t>(request.values.whole("layer"))},
                                      Frames(request.values.whole("later"))));
}

/// A loose cut at 0 in the place of the first one: no black frames before the first beat.
Outcome begin_with_shot(const Request& request) {
    const Lane* lane = lane_of_shots(request.project(), request.shots);
    if (!lane || black_frames_before(request.schedule, lane->id) <= Frames(0))
        return fail("There are no black frames before the first shot.");
    if (lane->locked)
        return fail("The lane “" + lane->name + "” is locked.", {}, "Unlock it first.");
    const PinId first = request.schedule.spans(lane->id).shots.front().cut;
    const TimeAnchor start{time_of(lane->lead, request.project().settings->frame_rate)};
    auto moved = with_anchor(request.project(), first, start);
    if (!moved)
        return tl::unexpected(moved.error());
    HandEdited edited{*std::move(moved)};
    edited.selected = {first};
    return edited;
}

constexpr ParamSpec by(std::string_view id, std::string_view label) {
    return {id, label, ParamType::Whole, id, -100'000, 100'000, 1, "Less than 0 is earlier or up"};
}
constexpr ParamSpec by_frames[] = {by("frames", "frames")}, by_beats[] = {by("beats", "beats")},
                    by_bars[] = {by("bars", "bars")}, by_rows[] = {by("rows", "rows")};

constexpr ParamSpec later{.id = "later",
                          .label = "later",
                          .type = ParamType::Whole,
                          .unit = "frames",
                          .least = -100'000,
                          .most = 100'000,
                          .explains = "how much later the copy acts"};
constexpr ParamSpec of_lane[] = {
    {.id = "lane", .label = "lane", .type = ParamType::Lane},
    {.id = "pins", .label = "with its pins", .type = ParamType::Switch, .most = 1, .initial = 1},
    later};
constexpr ParamSpec of_layer[] = {{.id = "layer",
                                   .label = "layer",
                                   .type = ParamType::Whole,
                                   .most = 9e15,
                                   .explains = "its number in the project's file"},
                                  later};
constexpr ParamChoice counts[] = {{"bars", "bars"}, {"seconds", "seconds"}, {"frames", "frames"}};
constexpr ParamSpec places[] = {{.id = "at",
                                 .label = "place",
                                 .type = ParamType::Text,
                                 .explains = "13.3 (bar and beat), 0:26.96, 26.96 s, 647 f or 00:00:26:23"},
                                {.id = "counted",
                                 .label = "counted in",
                                 .type = ParamType::Choice,
                                 .explains = "what a number by itself means",
                                 .choices = counts}};

constexpr ParamSpec layers[] = {of_layer[0]};
constexpr ParamSpec adopting[] = {{.id = "parts",
                                   .label = "parts of a beat",
                                   .type = ParamType::Whole,
                                   .least = 1,
                                   .most = 16,
                                   .initial = 1,
                                   .explains = "1: whole beats, 2: halves, 3: thirds, 4: quarters"},
                                  {.id = "within",
                                   .label = "within",
                                   .unit = "ms",
                                   .least = 0,
                                   .most = 10'000,
                                   .initial = 80,
                                   .explains = "pins further from the nearest one stay loose"}};

const std::array<HandEdit, 26> table{{
    {"nudge", "move pins", nudge, by_frames},
    {"move", "move pins", move_beats, by_beats},
    {"move-bars", "move pins", move_bars, by_bars},
    {"move-rows", "move pins", move_rows, by_rows},
    {"delete", "delete pins", remove},
    {"lock", "lock", lock},
    {"mute", "mute", mute},
    {"tie-to-sound", "tie to sound", tie_to_sound},
    {"tie-to-clip", "tie marker", tie_to_clip},
    {"let-go", "let marker go", let_go},
    {"slip", "slip shot", slip, by_frames},
    {"roll", "roll cut", roll, by_beats},
    {"ripple", "move cut and all later ones", ripple, by_beats},
    {"swap-with-next", "swap shots", swap_with_next},
    {"cut-to-camera", "cut to camera", cut_to_camera},
    {"mark-clip", "add marker on the shot", mark_clip},
    {"split-sound", "split sound", split_sound},
    {"lay-sound-of-shot", "lay sound of shot", lay_sound_of_shot},
    {"duplicate-lane", "duplicate lane", duplicate_lane, of_lane},
    {"duplicate-layer", "duplicate layer", duplicate_layer, of_layer},
    {"put-at", "put pin", put_at, places},
    {"put-end", "change end", put_end, places},
    {"pose", "key pose", pose, layers},
    {"fill-slates", "fill slates", fill_slates},
    {"adopt", "tie to the grid", adopt, adopting},
    {"begin-with-shot", "begin with the first shot", begin_with_shot},
}};

} // namespace

std::span<const HandEdit> hand_edits() {
    static const std::vector<HandEdit> rows = [] {
        std::vector<HandEdit> all(table.begin(), table.end());
        for (const auto more : {edit_tables::of_values(), edit_tables::of_events(), edit_tables::of_grid(),
                                edit_tables::of_lanes(), edit_tables::of_following(),
                                edit_tables::of_layers(), edit_tables::of_lights(), edit_tables::of_piece()})
            all.insert(all.end(), more.begin(), more.end());
        return all;
    }();
    return rows;
}

ParamSpecs parameters_of(const HandEdit& edit, const Project& project, const PinSet& pins) {
    return edit.parameters_of ? edit.parameters_of(project, pins) : edit.parameters;
}

ParamValues values_for(const HandEdit& edit, const ParamValues& told) {
    return edit.as_given ? told : completed(told, edit.parameters);
}

const HandEdit* hand_edit(std::string_view id) {
    const auto rows = hand_edits();
    const auto found = std::ranges::find(rows, id, &HandEdit::id);
    return found == rows.end() ? nullptr : &*found;
}

Frames black_frames_before(const Schedule& schedule, LaneId cuts) {
    const auto& shots = schedule.spans(cuts).shots;
    return shots.empty() ? Frames(0) : std::max(Frames(0), shots.front().start);
}

std::optional<PinId> clip_at(const Schedule& schedule, Seconds time, LaneId shots) {
    for (const auto& part : heard_parts(schedule))
        if (time >= part.start && time < part.start + part.body.length)
            return part.pin;
    const auto* shot = shot_seen(schedule, time, shots);
    return shot ? std::optional(shot->cut) : std::nullopt;
}

} // namespace pulsepin
