// SPDX-License-Identifier: GPL-3.0-or-later
#include "check/check_rows.h"

#include "model/pin_edits.h"

#include <algorithm>
#include <cmath>
#include <fmt/core.h>

namespace pulsepin {
namespace {

template <class Each>
void for_shots(const CheckMaterial& material, Each each) {
    const Project& project = material.project();
    for (const auto& lane : project.lanes)
        if (holds<CutBody>(lane->kind) && !lane->muted) {
            const auto& shots = material.schedule().spans(lane->id).shots;
            for (std::size_t i = 0; i < shots.size(); ++i)
                each(*lane, shots, i);
        }
}

Finding finding_of(const CheckRow& row, const CheckMaterial& material, const Lane& lane,
                   const ShotSpan& shot) {
    const auto rate = material.project().settings->frame_rate;
    Finding one = finding_at(row, lane, shot.cut, rate.start_of(shot.start));
    // Where the cut is anchored: its frame may begin a little beside that.
    for (const auto& pin : material.schedule().pins(lane.id).pins)
        if (pin.id == shot.cut && pin.time > Seconds(0))
            one.at = pin.time;
    one.until = rate.start_of(shot.end);
    return one;
}

const ShotSpan* shot_of(const MendRequest& request) {
    for (const auto& shot : request.material.schedule().spans(request.finding.lane).shots)
        if (shot.cut == request.finding.pin)
            return &shot;
    return nullptr;
}

std::string name_of_shot(const Project& project, const ShotSpan& shot) {
    const Clip* clip = project.clip(shot.shot);
    return clip ? fmt::format("\"{}\"", clip->name) : std::string("the slate");
}

// -- too short

void find_short(const CheckMaterial& material, std::vector<Finding>& found) {
    const auto least = check_limits(material.project()).whole("shortest");
    for_shots(material, [&](const Lane& lane, const std::vector<ShotSpan>& shots, std::size_t i) {
        // The last one ends with the piece, and is as long as that leaves it.
        if (shots[i].length().value >= least || i + 1 == shots.size())
            return;
        Finding one = finding_of(short_shot_check, material, lane, shots[i]);
        one.amount = static_cast<double>(shots[i].length().value);
        one.how_much =
            fmt::format("{} frame{}", shots[i].length().value, shots[i].length().value == 1 ? "" : "s");
        one.why = fmt::format("least is {}", least);
        found.push_back(std::move(one));
    });
}

/// How much a place weighs in the music: a bar's beginning, a beat, half of one, anything else.
int weight_of(const Project& project, PinId cut) {
    const Pin* pin = project.pin(cut);
    const auto* musical = pin ? std::get_if<MusicalAnchor>(&pin->anchor) : nullptr;
    if (!musical || !project.grid || time_of(musical->offset, project.settings->frame_rate) != Seconds(0))
        return 0;
    const auto ticks = musical->at.value;
    if (ticks % ticks_per_beat != 0)
        return ticks % (ticks_per_beat / 2) == 0 ? 1 : 0;
    return project.grid->is_downbeat(ticks / ticks_per_beat) ? 3 : 2;
}

/// Of the two cuts around it the one goes that weighs less; its own where they weigh alike.
Result<Mended> drop_cut(const MendRequest& request) {
    const Project& project = request.project();
    const auto& shots = request.material.schedule().spans(request.finding.lane).shots;
    const ShotSpan* shot = shot_of(request);
    if (!shot)
        return fail("That cut is no longer there.");
    const ShotSpan* next = shot + 1 < shots.data() + shots.size() ? shot + 1 : nullptr;
    const bool later = next && weight_of(project, next->cut) < weight_of(project, shot->cut);
    const ShotSpan& gone = later ? *next : *shot;
    const PinId pins[] = {gone.cut};
    if (locked_among(project, pins) > 0)
        return fail("That cut is locked.", {}, "Unlock it first.");
    return Mended{
        without_pins(project, pins),
        fmt::format("takes the cut to {} away; the shot before it stays", name_of_shot(project, gone))};
}

constexpr Mend short_mends[] = {{"drop", "Drop the cut", drop_cut}};

// -- too little material

void find_material(const CheckMaterial& material, std::vector<Finding>& found) {
    const auto rate = material.project().settings->frame_rate;
    for_shots(material, [&](const Lane& lane, const std::vector<ShotSpan>& shots, std::size_t i) {
        const auto& shot = shots[i];
        const Clip* clip = material.project().clip(shot.shot);
        if (!shot.too_short || !clip)
            return;
        const Seconds far = shot.in_point + Seconds(rate.start_of(shot.length()).value * shot.speed);
        const double missing = std::max(-std::min(shot.in_point, far).value,
                                        (std::max(shot.in_point, far) - clip->duration).value);
        Finding one = finding_of(short_material_check, material, lane, shot);
        one.amount = std::round(missing / std::max(0.01, std::abs(shot.speed)) * rate.per_second());
        if (one.amount < 1)
            return; // less than a frame: nobody sees it stand
        one.how_much = fmt::format("{:.0f} frames missing", one.amount);
        one.why = fmt::format("\"{}\" is over", clip->name);
        found.push_back(std::move(one));
    });
}

Result<Mended> begin_elsewhere(const MendRequest& request) {
    const Project& project = request.project();
    const ShotSpan* shot = shot_of(request);
    const Clip* clip = shot ? project.clip(shot->shot) : nullptr;
    if (!clip)
        return fail("That cut is no longer there.");
    auto body = body_of<CutBody>(project.pin(shot->cut)->body);
    if (body.same_moment)
        return fail("The camera did not run at that moment of the song.", clip->path.string(),
                    "Show another shot there.");
    const double length = project.settings->frame_rate.start_of(shot->length()).value;
    const double needed = length * std::abs(shot->speed);
    std::string will;
    if (needed <= clip->duration.value) {
        // The nearest place from where it lasts.
        const double low = shot->speed < 0 ? needed : 0,
                     high = shot->speed < 0 ? clip->duration.value : clip->duration.value - needed;
        const Seconds in(std::clamp(shot->in_point.value, low, high));
        will = fmt::format("begins {:.2f} s {} in \"{}\"", std::abs((in - shot->in_point).value),
                           in < shot->in_point ? "earlier" : "later", clip->name);
        body.in_point = in;
    } else {
        const double speed = clip->duration.value / length * 100;
        body.in_point = shot->speed < 0 ? clip->duration : Seconds(0);
        body.speed = std::floor(speed * 100) / 100 * (shot->speed < 0 ? -1 : 1);
        will = fmt::format("shows all of \"{}\", at {:.0f} % of its speed", clip->name, std::abs(body.speed));
    }
    auto next = with_body(project, shot->cut, body);
    if (!next)
        return tl::unexpected(next.error());
    return Mended{*std::move(next), will};
}

constexpr Mend material_mends[] = {{"earlier", "Begin elsewhere", begin_elsewhere}};

// -- a marker on a shot that does not lie in it

void find_outside(const CheckMaterial& material, std::vector<Finding>& found) {
    const Project& project = material.project();
    const auto rate = project.settings->frame_rate;
    for (std::size_t i = 0; i < material.schedule().size(); ++i) {
        const Lane& lane = *project.lanes[i];
        if (!holds<MarkerBody>(lane.kind) || lane.muted)
            continue;
        for (const auto& pin : material.schedule()[i].pins) {
            const auto* tied = std::get_if<MarkerAnchor>(&lane.pins[pin.index].anchor);
            const Lane* host = tied ? project.lane_of(tied->marker) : nullptr;
            if (!host || !holds<CutBody>(host->kind) || lane.pins[pin.index].muted)
                continue;
            for (const auto& shot : material.schedule().spans(host->id).shots) {
                if (shot.cut != tied->marker)
                    continue;
                const Seconds from = rate.start_of(shot.start), until = rate.start_of(shot.end);
                const Seconds frame = rate.frame_length();
                if (pin.time >= from - frame && pin.time <= until + frame)
                    continue;
                Finding one = finding_at(outside_shot_check, lane, pin.id, pin.time);
                const Seconds by = pin.time < from ? from - pin.time : pin.time - until;
                one.amount = by.value * 1000;
                one.how_much = fmt::format("{:.0f} ms {}", one.amount, pin.time < from ? "before" : "behind");
                one.why = fmt::format("{} does not lie in {}", what_is(lane, lane.pins[pin.index], project),
                                      name_of_shot(project, shot));
                found.push_back(std::move(one));
            }
        }
    }
}

Result<Mended> free_marker(const MendRequest& request) {
    auto next = with_marker_on(request.project(), request.finding.pin, std::nullopt);
    if (!next)
        return tl::unexpected(next.error());
    return Mended{*std::move(next), "frees it of the shot; it stays where it is"};
}

constexpr Mend outside_mends[] = {{"free", "Free it", free_marker}};

} // namespace

const CheckRow short_shot_check{
    "short-shot", "shot too short", "Less than a few frames is seen as a mistake", Gravity::Look, 1,
    find_short,   short_mends};

const CheckRow short_material_check{"short-material",
                                    "too little material",
                                    "The clip is over before its shot is: its last picture stands still",
                                    Gravity::Grave,
                                    2,
                                    find_material,
                                    material_mends};

const CheckRow outside_shot_check{"outside-shot",
                                  "outside its shot",
                                  "A marker is tied to a shot that is not seen when it comes",
                                  Gravity::Look,
                                  25,
                                  find_outside,
                                  outside_mends,
                                  "ms"};

} // namespace pulsepin
