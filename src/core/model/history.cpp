// SPDX-License-Identifier: GPL-3.0-or-later
#include "model/history.h"

#include <algorithm>
#include <functional>
#include <vector>

namespace pulsepin {
namespace {

constexpr std::size_t bytes_of_body = 128; ///< about

/// Bodies that an edit leaves alone are shared with the lane as it was.
std::size_t bytes_of(const Lane& lane, const Lane* before) {
    const bool as_many = before && before->pins.size() == lane.pins.size();
    std::size_t bodies = 0;
    for (std::size_t i = 0; i < lane.pins.size(); ++i)
        if (!as_many || lane.pins[i].body != before->pins[i].body)
            ++bodies;
    return sizeof(Lane) + lane.pins.size() * sizeof(Pin) + bodies * bytes_of_body;
}

std::size_t bytes_of(const Detection& detection) {
    std::size_t onsets = 0;
    for (const auto& row : detection.rows)
        onsets += row.onsets.size();
    return sizeof(Detection) + onsets * sizeof(detection.rows.front().onsets.front());
}

/// What the pins of lanes, the grid and what was found take in `now` that is not shared with `before`: all
/// else is small.
std::size_t bytes_apart(const Project& now, const Project& before) {
    std::vector<const Lane*> shared;
    shared.reserve(before.lanes.size());
    for (const auto& lane : before.lanes)
        shared.push_back(lane.get());
    std::ranges::sort(shared, std::less<>());
    std::size_t bytes = sizeof(Project) + now.lanes.size() * sizeof(now.lanes.front());
    for (std::size_t i = 0; i < now.lanes.size(); ++i) {
        const Lane& lane = *now.lanes[i];
        if (std::ranges::binary_search(shared, &lane, std::less<>()))
            continue;
        const bool in_its_place = i < before.lanes.size() && before.lanes[i]->id == lane.id;
        bytes += bytes_of(lane, in_its_place ? before.lanes[i].get() : nullptr);
    }
    if (now.grid && now.grid != before.grid)
        bytes += now.grid->beats().size() * sizeof(GridBeat);
    if (now.detection && now.detection != before.detection)
        bytes += bytes_of(*now.detection);
    if (now.plantings != before.plantings)
        bytes += now.plantings->size() * sizeof(Planting);
    return bytes;
}

} // namespace

void History::push(Project project, std::string name) {
    while (steps_.size() > at_ + 1) {
        holds_ -= steps_.back().bytes;
        steps_.pop_back();
    }
    const std::size_t bytes = bytes_apart(project, current());
    holds_ += bytes;
    steps_.push_back({std::move(project), std::move(name), ++last_number_, bytes});
    while (steps_.size() > most_steps || (holds_ > may_hold_ && steps_.size() > fewest_steps)) {
        // What the oldest held alone goes with it; the next one has what it shared with that for itself.
        steps_.pop_front();
        holds_ -= steps_.front().bytes;
        steps_.front().bytes = 0;
    }
    at_ = steps_.size() - 1;
}

void History::undo() {
    if (can_undo())
        --at_;
}

void History::redo() {
    if (can_redo())
        ++at_;
}

} // namespace pulsepin
