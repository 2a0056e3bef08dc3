// SPDX-License-Identifier: GPL-3.0-or-later
#include "model/anchored_time.h"

namespace pulsepin {
namespace {

constexpr int deepest_chain = 64; // markers tied to markers; longer can only be a ring

std::optional<Seconds> time_at_depth(const Anchor& anchor, const Project& project, const PinLookup& pins,
                                     int depth) {
    const auto rate = project.settings->frame_rate;
    if (const auto* loose = std::get_if<TimeAnchor>(&anchor))
        return loose->at;
    if (const auto* musical = std::get_if<MusicalAnchor>(&anchor)) {
        if (!project.grid)
            return std::nullopt;
        return project.grid->time_at(musical->at) + time_of(musical->offset, rate);
    }
    const auto& tied = std::get<MarkerAnchor>(anchor);
    const Pin* marker = pins.find(tied.marker);
    if (!marker || depth >= deepest_chain)
        return std::nullopt;
    const auto base = time_at_depth(marker->anchor, project, pins, depth + 1);
    if (!base)
        return std::nullopt;
    return *base + time_of(tied.offset, rate);
}

} // namespace

const Pin* PinLookup::find(PinId id) const {
    if (pins_.empty())
        for (const auto& lane : project_->lanes)
            for (const auto& pin : lane->pins)
                pins_.emplace(pin.id.value, &pin);
    const auto found = pins_.find(id.value);
    return found == pins_.end() ? nullptr : found->second;
}

std::optional<Seconds> anchored_time(const Anchor& anchor, const Project& project) {
    return time_at_depth(anchor, project, PinLookup(project), 0);
}

std::optional<Seconds> anchored_time(const Anchor& anchor, const Project& project, const PinLookup& pins) {
    return time_at_depth(anchor, project, pins, 0);
}

} // namespace pulsepin
