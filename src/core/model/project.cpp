// SPDX-License-Identifier: GPL-3.0-or-later
#include "model/project.h"

#include "model/lane_kind.h"

#include <algorithm>

namespace pulsepin {

const std::vector<FoundOnset>& Detection::onsets() const {
    static const std::vector<FoundOnset> none;
    return rows.empty() ? none : rows.front().onsets;
}

namespace {

template <class T>
bool same(const Shared<T>& a, const Shared<T>& b) {
    return a == b || (a && b && *a == *b);
}

template <class Items, class Id>
auto find_by_id(const Items& items, Id id) -> decltype(&*items.begin()) {
    const auto found =
        std::find_if(items.begin(), items.end(), [id](const auto& item) { return item.id == id; });
    return found == items.end() ? nullptr : &*found;
}

} // namespace

const Clip* Project::clip(ClipId id) const {
    return find_by_id(*bin, id);
}

std::vector<const Clip*> Project::shots() const {
    std::vector<const Clip*> shots;
    for (const auto& clip : *bin)
        if (clip.has_picture)
            shots.push_back(&clip);
    return shots;
}

const Lane* Project::lane(LaneId id) const {
    const auto found =
        std::find_if(lanes.begin(), lanes.end(), [id](const auto& lane) { return lane->id == id; });
    return found == lanes.end() ? nullptr : found->get();
}

namespace {

/// Where it lies if the lane's pins are in the order of their ids, as they mostly are: new ones come to the
/// end. Null is no proof that it is not there.
const Pin* pin_where_expected(const Lane& lane, PinId id) {
    const auto at =
        std::ranges::lower_bound(lane.pins, id.value, {}, [](const Pin& pin) { return pin.id.value; });
    return at != lane.pins.end() && at->id == id ? &*at : nullptr;
}

} // namespace

const Lane* Project::lane_of(PinId id) const {
    for (const auto& lane : lanes)
        if (pin_where_expected(*lane, id))
            return lane.get();
    for (const auto& lane : lanes)
        if (find_by_id(lane->pins, id))
            return lane.get();
    return nullptr;
}

const Pin* Project::pin(PinId id) const {
    for (const auto& lane : lanes)
        if (const Pin* pin = pin_where_expected(*lane, id))
            return pin;
    const Lane* lane = lane_of(id);
    return lane ? find_by_id(lane->pins, id) : nullptr;
}

const Planting* Project::planting(PlantingId id) const {
    return find_by_id(*plantings, id);
}

const Lane* Project::first_lane(LaneKind kind) const {
    for (const auto& lane : lanes)
        if (lane->kind == kind)
            return lane.get();
    return nullptr;
}

const Lane* Project::first_lane(BodyType body) const {
    for (const auto& lane : lanes)
        if (lane->kind->pin_body == body)
            return lane.get();
    return nullptr;
}

bool same_content(const Project& a, const Project& b) {
    return same(a.settings, b.settings) && same(a.song, b.song) && same(a.song_track, b.song_track) &&
           same(a.detection, b.detection) && same(a.grid, b.grid) && same(a.excluded, b.excluded) &&
           same(a.bin, b.bin) && same(a.plantings, b.plantings) && same(a.pickers, b.pickers) &&
           same(a.pulses, b.pulses) && same(a.stage, b.stage) && same(a.checking, b.checking) &&
           same(a.rig, b.rig) && same(a.foreign, b.foreign) && a.next_id == b.next_id &&
           std::equal(a.lanes.begin(), a.lanes.end(), b.lanes.begin(), b.lanes.end(),
                      [](const auto& x, const auto& y) { return same(x, y); });
}

std::string count_text(std::size_t count, LaneKind kind) {
    return std::to_string(count) + " " + std::string(count == 1 ? kind->singular : kind->counted);
}

} // namespace pulsepin
