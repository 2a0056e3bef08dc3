// SPDX-License-Identifier: GPL-3.0-or-later
#include "model/key_edits.h"

#include "model/anchored_time.h"
#include "model/change_pins.h"
#include "model/pin_edits.h"

namespace pulsepin {
namespace {

struct PlacedKey {
    Pin pin;
    Seconds time;
};

/// The place of an anchor mirrored between two times: of one tied to the grid with its ticks, if both ends
/// are.
Anchor mirrored_anchor(const PlacedKey& key, const PlacedKey& first, const PlacedKey& last,
                       const Project& project) {
    const auto* from = std::get_if<MusicalAnchor>(&first.pin.anchor);
    const auto* until = std::get_if<MusicalAnchor>(&last.pin.anchor);
    const auto* at = std::get_if<MusicalAnchor>(&key.pin.anchor);
    const auto plain = [](const MusicalAnchor* anchor) {
        return anchor && anchor->offset == Offset(Seconds(0));
    };
    if (plain(from) && plain(until) && plain(at))
        return MusicalAnchor{Ticks(from->at.value + until->at.value - at->at.value), Seconds(0)};
    const Seconds time = first.time + (last.time - key.time);
    if (at && project.grid) {
        const Ticks tick = project.grid->nearest_tick(time);
        return MusicalAnchor{tick, time - project.grid->time_at(tick)};
    }
    return TimeAnchor{time};
}

} // namespace

Easing mirrored(Easing easing) {
    const auto swap = [&](std::string_view from, std::string_view to) {
        if (!easing.id.ends_with(from))
            return false;
        easing.id.replace(easing.id.size() - from.size(), from.size(), to);
        return true;
    };
    if (easing.id.ends_with("-in-out"))
        return easing;
    if (easing.id == "bezier") {
        const auto [x1, y1, x2, y2] = easing.handles;
        easing.handles = {1 - x2, 1 - y2, 1 - x1, 1 - y1};
    } else if (!swap("-in", "-out"))
        swap("-out", "-in");
    return easing;
}

Project keys_reversed(const Project& project, std::span<const PinId> pins) {
    const PinSet chosen(pins);
    const PinLookup lookup(project);
    std::vector<std::pair<PinId, Pin>> changes;
    for (const auto& lane : project.lanes) {
        if (lane->locked)
            continue;
        std::vector<PlacedKey> keys;
        for (const auto& pin : lane->pins)
            if (chosen.contains(pin.id) && !pin.locked && is_body<KeyBody>(pin.body))
                if (const auto time = anchored_time(pin.anchor, project, lookup))
                    keys.push_back({pin, *time});
        std::sort(keys.begin(), keys.end(),
                  [](const PlacedKey& a, const PlacedKey& b) { return a.time < b.time; });
        if (keys.size() < 2)
            continue;
        // The way from key i to key i + 1 was eased by the latter; backwards it leads up to the former. What
        // led up to the first of them still leads up to whatever is first now.
        const Easing before = body_of<KeyBody>(keys.front().pin.body).easing;
        for (std::size_t i = 0; i < keys.size(); ++i) {
            Pin pin = keys[i].pin;
            pin.anchor = mirrored_anchor(keys[i], keys.front(), keys.back(), project);
            auto& body = body_of<KeyBody>(pin.body);
            body.easing =
                i + 1 < keys.size() ? mirrored(body_of<KeyBody>(keys[i + 1].pin.body).easing) : before;
            changes.emplace_back(pin.id, std::move(pin));
        }
    }
    std::sort(changes.begin(), changes.end(), [](const auto& a, const auto& b) { return a.first < b.first; });
    return with_each_pin(project, [&](Pin& pin) {
        const auto found = std::lower_bound(changes.begin(), changes.end(), pin.id,
                                            [](const auto& change, PinId id) { return change.first < id; });
        if (found != changes.end() && found->first == pin.id)
            pin = found->second;
    });
}

Project keys_scaled(const Project& project, std::span<const PinId> pins, double about, double factor) {
    return with_bodies(project, pins, [=](PinBody& body) {
        if (auto* key = body_if<KeyBody>(&body))
            key->value = about + (key->value - about) * factor;
    });
}

Project staggered(const Project& project, std::span<const PinId> pins, Frames by) {
    const PinSet chosen(pins);
    Project next = project;
    std::int64_t lanes_before = 0;
    for (const auto& lane : project.lanes) {
        std::vector<PinId> here;
        for (const auto& pin : lane->pins)
            if (chosen.contains(pin.id))
                here.push_back(pin.id);
        if (here.empty())
            continue;
        if (lanes_before > 0)
            next = nudged_by(next, here, Frames(by.value * lanes_before));
        ++lanes_before;
    }
    return next;
}

} // namespace pulsepin
