// SPDX-License-Identifier: GPL-3.0-or-later
#include "check/check_rows.h"

#include "model/lane_edits.h"
#include "model/pin_edits.h"
#include "schedule/lasting.h"
#include "schedule/triggers.h"
#include "stage/layer_values.h"

#include <algorithm>
#include <cmath>
#include <fmt/core.h>

namespace pulsepin {
namespace {

// -- pulses that overlap, or are shrunk to nothing

/// How long it would be with room enough.
double whole_length(const PulseSpan& pulse, const Lane& lane, const Project& project, Seconds at) {
    const Pulse& shape = pulse.own_shape ? *pulse.own_shape : part_of<Motion>(lane)->pulse;
    double frames = 0;
    for (const auto* part : {&shape.up, &shape.held, &shape.down})
        if (part->unit == Length::Unit::InFrames)
            frames += part->amount;
        else if (const auto lasts = duration_of(*part, at, project))
            frames += lasts->value * project.settings->frame_rate.per_second();
    return frames;
}

bool by_hand(const Pin& pin) {
    return pin.planting.value == 0 || pin.moved || pin.altered;
}

void find_overlap(const CheckMaterial& material, std::vector<Finding>& found) {
    const Project& project = material.project();
    const auto rate = project.settings->frame_rate;
    for (const auto& lane : project.lanes) {
        if (!holds<PulseBody>(lane->kind) || lane->muted || !part_of<Motion>(*lane))
            continue;
        const auto& pulses = material.schedule().spans(lane->id).motion.pulses();
        const bool shrinks = part_of<Motion>(*lane)->pulse.crowding == Crowding::Shrink;
        const bool planted =
            std::any_of(lane->pins.begin(), lane->pins.end(), [](const Pin& pin) { return !by_hand(pin); });
        for (std::size_t i = 0; i < pulses.size(); ++i) {
            const auto& pulse = pulses[i];
            const Pin& pin = lane->pins[pulse.index];
            const Seconds at = rate.start_of(Frames(std::llround(pulse.start)));
            if (shrinks && pulse.shrunk) {
                const double length = pulse.end - pulse.start,
                             whole = whole_length(pulse, *lane, project, at);
                // What a planting crowds is meant so; by hand less than half is a slip.
                if (length >= whole / 2 ||
                    (length > 1 && !by_hand(pin) &&
                     (i + 1 >= pulses.size() || !by_hand(lane->pins[pulses[i + 1].index]))))
                    continue;
                Finding one = finding_at(overlap_check, *lane, pulse.pin, at);
                one.until = rate.start_of(Frames(std::llround(pulse.end)));
                one.amount = length;
                one.how_much = fmt::format("{:.0f} of {:.0f} frames left", length, whole);
                one.why = "the next one begins too soon";
                one.mend = "drop";
                found.push_back(std::move(one));
            }
            // Where pulses may run into each other they are meant to, unless one was put between by hand.
            if (!shrinks && planted && i + 1 < pulses.size() && pulses[i + 1].start < pulse.end &&
                (by_hand(pin) || by_hand(lane->pins[pulses[i + 1].index]))) {
                Finding one = finding_at(overlap_check, *lane, pulses[i + 1].pin,
                                         rate.start_of(Frames(std::llround(pulses[i + 1].start))));
                one.amount = pulse.end - pulses[i + 1].start;
                one.how_much = fmt::format("{:.0f} frames", one.amount);
                one.why = "hit by hand";
                one.mend = "shrink";
                found.push_back(std::move(one));
            }
        }
    }
}

/// The one before it ends where it begins.
Result<Mended> shrink_before(const MendRequest& request) {
    const Project& project = request.project();
    const Lane* lane = project.lane(request.finding.lane);
    const auto& pulses = request.material.schedule().spans(request.finding.lane).motion.pulses();
    for (std::size_t i = 1; lane && i < pulses.size(); ++i) {
        if (pulses[i].pin != request.finding.pin || pulses[i - 1].end <= pulses[i].start)
            continue;
        const auto& before = pulses[i - 1];
        const double room = pulses[i].start - before.start, length = before.end - before.start;
        if (room < 1)
            return fail("Both begin on one frame: there is no room to shrink into.", {}, "Drop one of them.");
        auto shape =
            std::make_shared<Pulse>(before.own_shape ? *before.own_shape : part_of<Motion>(*lane)->pulse);
        shape->up = {Length::Unit::InFrames, (before.peak - before.start) * room / length};
        shape->held = {Length::Unit::InFrames, (before.hold_end - before.peak) * room / length};
        shape->down = {Length::Unit::InFrames, (before.end - before.hold_end) * room / length};
        auto body = body_of<PulseBody>(lane->pins[before.index].body);
        body.shape = shape;
        auto next = with_body(project, before.pin, body);
        if (!next)
            return tl::unexpected(next.error());
        return Mended{*std::move(next), fmt::format("makes the pulse before it {:.0f} frames long", room)};
    }
    return fail("Those pulses no longer overlap.");
}

Result<Mended> drop_pulse(const MendRequest& request) {
    const Project& project = request.project();
    const auto& pulses = request.material.schedule().spans(request.finding.lane).motion.pulses();
    const Lane* lane = project.lane(request.finding.lane);
    for (std::size_t i = 0; lane && i < pulses.size(); ++i) {
        if (pulses[i].pin != request.finding.pin)
            continue;
        // Of the two that are too near: the one by hand, else the weaker, else the later.
        PinId gone = pulses[i].pin;
        if (i + 1 < pulses.size()) {
            const bool here = by_hand(lane->pins[pulses[i].index]),
                       next = by_hand(lane->pins[pulses[i + 1].index]);
            const bool later = here != next ? next : pulses[i + 1].strength <= pulses[i].strength;
            gone = later ? pulses[i + 1].pin : pulses[i].pin;
        }
        const PinId pins[] = {gone};
        if (locked_among(project, pins) > 0)
            return fail("That pulse is locked.", {}, "Unlock it first.");
        return Mended{without_pins(project, pins), "takes the pulse that is too near away"};
    }
    return fail("That pulse is no longer there.");
}

constexpr Mend overlap_mends[] = {{"shrink", "Shrink", shrink_before}, {"drop", "Drop it", drop_pulse}};

// -- feeds that fight

/// Of poses as far as one of them is otherwise than at first: else they leave the property as it is.
bool sets_values(const Lane& lane, const Feed& feed) {
    if (!holds<PoseBody>(lane.kind))
        return is_keyed(lane.kind);
    const auto i = pose_index(feed);
    return i < pose_size && std::any_of(lane.pins.begin(), lane.pins.end(), [i](const Pin& pin) {
               return body_of<PoseBody>(pin.body).values[i] != initial_pose()[i];
           });
}

void find_fight(const CheckMaterial& material, std::vector<Finding>& found) {
    struct Fed {
        const Lane* lane;
        Feed feed;
    };
    std::vector<Fed> all;
    const Project& project = material.project();
    for_feeds(project, [&](const Lane& lane, const Feed& feed) {
        if (!lane.muted && project.stage->layer(feed.target.layer) &&
            (lane.kind->follows || !lane.pins.empty()))
            all.push_back({&lane, feed});
    });
    for (std::size_t i = 0; i < all.size(); ++i)
        for (std::size_t k = 0; k < i; ++k) {
            const auto &first = all[k], &second = all[i];
            if (first.feed.target != second.feed.target || first.feed.target.parameter.empty() ||
                first.feed.by_age || second.feed.by_age)
                continue;
            const bool overruled = second.feed.meets == Meets::Instead && first.lane != second.lane;
            const bool both_set = second.feed.meets == Meets::Usual && first.feed.meets == Meets::Usual &&
                                  sets_values(*first.lane, first.feed) &&
                                  sets_values(*second.lane, second.feed);
            if (!overruled && !both_set && first.lane != second.lane)
                continue;
            Finding one = finding_at(fight_check, *second.lane, {}, Seconds(0));
            one.placed = false;
            one.about = second.feed.target.parameter;
            one.subject = second.feed.target.layer.value;
            const auto* spec = layer_parameter(second.feed.target.parameter);
            one.how_much = fmt::format("{} of \"{}\"", spec ? spec->label : std::string_view(one.about),
                                       project.stage->layer(second.feed.target.layer)->name);
            one.why = first.lane == second.lane ? fmt::format("\"{}\" drives it twice", second.lane->name)
                      : overruled
                          ? fmt::format("\"{}\" acts instead of \"{}\"", second.lane->name, first.lane->name)
                          : fmt::format("\"{}\" and \"{}\" both set it", first.lane->name, second.lane->name);
            if (first.lane == second.lane)
                one.mend = "none";
            found.push_back(std::move(one));
            break;
        }
}

Result<Mended> let_add(const MendRequest& request) {
    const Project& project = request.project();
    const Lane* lane = project.lane(request.finding.lane);
    if (!lane || !part_of<Motion>(*lane))
        return fail("That lane is no longer there.");
    Motion motion = *part_of<Motion>(*lane);
    const auto add = [&](Feed& feed) {
        if (feed.target.layer.value == request.finding.subject &&
            feed.target.parameter == request.finding.about)
            feed.meets = Meets::Added;
    };
    add(motion.own);
    for (auto& feed : motion.feeds)
        add(feed);
    auto next = with_motion(project, lane->id, motion);
    if (!next)
        return tl::unexpected(next.error());
    return Mended{*std::move(next), fmt::format("adds what \"{}\" says to what is there", lane->name)};
}

constexpr Mend fight_mends[] = {{"add", "Add them up", let_add}};

// -- a curve that is flat all the way

bool is_flat(const CheckMaterial& material, const Lane& lane, std::string& why) {
    const auto& feed = part_of<Motion>(lane)->own;
    const bool coloured = [&] {
        const auto* spec = layer_parameter(feed.target.parameter);
        return spec && spec->type == ParamType::Colour;
    }();
    if (holds<PulseBody>(lane.kind) && lane.pins.empty())
        return false; // nothing was begun
    if (!is_keyed(lane.kind) && !holds<PoseBody>(lane.kind) && !coloured && feed.low == feed.high) {
        why = fmt::format("from {:.4g} to {:.4g} {}", feed.low, feed.high, feed.unit);
        return true;
    }
    if (is_keyed(lane.kind) && lane.pins.size() > 1) {
        const auto value = [](const Pin& pin) { return body_of<KeyBody>(pin.body).value; };
        why = fmt::format("all {} keys are {:.4g}", lane.pins.size(), value(lane.pins.front()));
        return std::all_of(lane.pins.begin(), lane.pins.end(),
                           [&](const Pin& pin) { return value(pin) == value(lane.pins.front()); });
    }
    if (!lane.kind->follows || !material.followers_known)
        return false;
    const auto found = material.curves.followers->find(lane.id);
    if (found == material.curves.followers->end() || !found->second || found->second->values().empty())
        return false;
    const auto& values = found->second->values();
    const auto [low, high] = std::minmax_element(values.begin(), values.end());
    if (*high - *low > 0.005f)
        return false;
    why = found->second->trouble.empty() ? std::string("what it follows does not move it")
                                         : found->second->trouble;
    return true;
}

void find_flat(const CheckMaterial& material, std::vector<Finding>& found) {
    for (const auto& lane : material.project().lanes) {
        std::string why;
        if (lane->muted || !lane->kind->drives() || !part_of<Motion>(*lane) || !is_flat(material, *lane, why))
            continue;
        Finding one = finding_at(flat_check, *lane, {}, Seconds(0));
        one.placed = false;
        one.how_much = "all the way";
        one.why = why;
        found.push_back(std::move(one));
    }
}

Result<Mended> mute_lane(const MendRequest& request) {
    const Lane* lane = request.project().lane(request.finding.lane);
    if (!lane)
        return fail("That lane is no longer there.");
    auto next = with_mute_and_solo(request.project(), lane->id, true, lane->solo);
    if (!next)
        return tl::unexpected(next.error());
    return Mended{*std::move(next), fmt::format("mutes \"{}\", which does nothing", lane->name)};
}

constexpr Mend flat_mends[] = {{"mute", "Mute the lane", mute_lane}};

} // namespace

const CheckRow overlap_check{
    "pulses-overlap", "pulses overlap", "Of pulses too close together the shape is lost", Gravity::Look, 1,
    find_overlap,     overlap_mends};

const CheckRow fight_check{"feeds-fight",
                           "lanes fight over one value",
                           "Two lanes say what one property is: one of them is seen in vain",
                           Gravity::Look,
                           0,
                           find_fight,
                           fight_mends};

const CheckRow flat_check{"flat-curve",
                          "curve is flat",
                          "A lane that drives something and never moves it: the effect is not seen",
                          Gravity::Look,
                          0,
                          find_flat,
                          flat_mends};

} // namespace pulsepin
