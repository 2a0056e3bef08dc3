// SPDX-License-Identifier: GPL-3.0-or-later
#include "interchange/property_keys.h"

#include "base/pattern_text.h"
#include "base/whole.h"
#include "schedule/piece_length.h"
#include "stage/layer_parameters.h"

#include <algorithm>
#include <cmath>
#include <fmt/core.h>

namespace pulsepin {
namespace {

std::vector<CurveKey> each_frame(const Curves& curves, const Lane& lane, const Feed& feed) {
    return keys_per_frame(curves, lane, feed, Frames(0), piece_length(curves.project()));
}

bool cut_off(const Feed& feed, const CurveKey& key, double uncut) {
    return feed.limits && std::abs(key.value - uncut) > 1e-9;
}

/// The lane's keys in the values of a feed; a key each frame where the feed's lead or limits leave no other
/// way.
std::vector<CurveKey> as_they_are(const Curves& curves, const Lane& lane, const Feed& feed) {
    if (lane.kind->follows)
        return each_frame(curves, lane, feed);
    const auto& spans = curves.schedule.spans(lane.id);
    const auto pose = holds<PoseBody>(lane.kind) ? pose_index(feed) : pose_size;
    if (holds<PoseBody>(lane.kind) && pose == pose_size)
        return {};
    auto keys = holds<PulseBody>(lane.kind)  ? spans.motion.keys()
                : holds<PoseBody>(lane.kind) ? spans.poses[pose].keys()
                                             : spans.keys.keys();
    const auto rate = curves.project().settings->frame_rate;
    const double ahead = time_of(feed.lead, rate).value * rate.per_second();
    if (std::abs(ahead - std::round(ahead)) > 1e-6)
        return each_frame(curves, lane, feed);
    for (auto& key : keys) {
        Feed uncut = feed;
        uncut.limits.reset();
        const double share =
            share_of(holds<PoseBody>(lane.kind) ? feed : part_of<Motion>(lane)->own, key.value);
        key.value = fed(feed, share);
        if (cut_off(feed, key, fed(uncut, share)))
            return each_frame(curves, lane, feed);
        key.frame = key.frame - Frames(nearest_whole(ahead));
    }
    return keys;
}

/// What the feed drives, by name, and what that is by itself.
PropertyKeys named(const Project& project, const Lane& lane, const Feed& feed) {
    PropertyKeys keys{lane.name, feed.property, feed.unit};
    const Layer* layer = project.stage->layer(feed.target.layer);
    if (!layer || feed.target.parameter.empty())
        return keys;
    keys.layer = layer->name;
    keys.parameter = feed.target.parameter;
    for (const auto& parameter : parameters_of(*layer))
        if (parameter.id == feed.target.parameter && parameter.spec->type == ParamType::Number) {
            const auto set = layer->values.find(parameter.id);
            keys.base = set != layer->values.end() ? set->second : parameter.spec->initial;
        }
    return keys;
}

template <class KeysOf>
std::vector<PropertyKeys> collected(const Curves& curves, KeysOf keys_of) {
    std::vector<PropertyKeys> all;
    for (const auto& lane : curves.project().lanes) {
        if (!lane->kind->drives() || lane->muted)
            continue;
        for (const auto& feed : feeds_of(*lane))
            if (auto keys = keys_of(*lane, feed); !keys.empty()) {
                all.push_back(named(curves.project(), *lane, feed));
                all.back().keys = std::move(keys);
            }
    }
    return all;
}

Result<std::string> written(const ScheduleText& how, const CurveKey& key, const Feed& feed, FrameRate rate) {
    return replaced(
        how.pattern,
        [&](const std::string& name) -> std::optional<std::string> {
            if (name == "frame")
                return std::to_string(key.frame.value);
            if (name == "time")
                return fmt::format("{:.4f}", rate.start_of(key.frame).value);
            if (name == "value") {
                auto value = fmt::format("{:.{}f}", key.value, std::clamp(how.decimals, 0, 12));
                if (value.find_first_not_of("-0.") == std::string::npos && value[0] == '-')
                    value.erase(0, 1); // nothing is less than nothing
                return value;
            }
            if (name == "easing")
                return easing_text(key.easing);
            return name == "property" ? std::optional(feed.property) : std::nullopt;
        },
        "Use {frame}, {time}, {value}, {easing} or {property}.");
}

} // namespace

std::vector<PropertyKeys> keys_of_properties(const Curves& curves) {
    return collected(curves,
                     [&](const Lane& lane, const Feed& feed) { return as_they_are(curves, lane, feed); });
}

std::vector<PropertyKeys> frames_of_properties(const Curves& curves) {
    return collected(curves,
                     [&](const Lane& lane, const Feed& feed) { return each_frame(curves, lane, feed); });
}

std::string easing_text(const Easing& easing) {
    if (easing.id == "steps")
        return easing.amount <= 1 ? "hold" : fmt::format("steps({:g})", easing.amount);
    if (easing.id == "bezier")
        return fmt::format("cubic-bezier({:g} {:g} {:g} {:g})", easing.handles[0], easing.handles[1],
                           easing.handles[2], easing.handles[3]);
    if (easing.id.starts_with("back"))
        return fmt::format("{}({:g})", easing.id, easing.amount);
    return easing.id;
}

Result<std::string> schedule_text(const Curves& curves, const Lane& lane, const Feed& feed,
                                  const ScheduleText& how) {
    std::vector<CurveKey> keys;
    if (how.keys == ScheduleText::Keys::AsTheyAre)
        keys = as_they_are(curves, lane, feed);
    else
        keys = each_frame(curves, lane, feed);
    if (how.keys == ScheduleText::Keys::Straight) // to half of what is rounded off anyway
        keys = simplified(keys, 0.5 * std::pow(10.0, -std::clamp(how.decimals, 0, 12))).keys;
    const Frames start(0);
    if (!keys.empty() && keys.front().frame > start) // what is before the first key is known too
        if (const auto value = fed_at(curves, lane, feed, 0))
            keys.insert(keys.begin(), {start, *value, {}});
    std::string text;
    for (std::size_t i = 0; i < keys.size(); ++i) {
        auto one = written(how, keys[i], feed, curves.project().settings->frame_rate);
        if (!one)
            return one;
        text += (i == 0 ? "" : how.separator) + *one;
    }
    return text;
}

} // namespace pulsepin
