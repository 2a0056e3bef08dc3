// SPDX-License-Identifier: GPL-3.0-or-later
#include "lights/lit.h"

#include <algorithm>

namespace pulsepin {
namespace {

void raise(Lit& lit, const Lit& by) {
    lit = {std::max(lit.red, by.red), std::max(lit.green, by.green), std::max(lit.blue, by.blue)};
}

Lit times(const Lit& lit, double by) {
    return {lit.red * by, lit.green * by, lit.blue * by};
}

std::vector<Lit> lit_by_lane(const Curves& curves, const Lane& lane, double frame) {
    const Rig& rig = *curves.project().rig;
    std::vector<Lit> lit(rig.fixtures.size());
    std::vector<bool> taken(lit.size());
    const auto& spans = curves.schedule.spans(lane.id).lights;
    spans.at(frame, [&](const LightSpan& span) {
        if (span.muted || span.fixture >= lit.size() || (spans.latest_first && taken[span.fixture]))
            return;
        taken[span.fixture] = true;
        raise(lit[span.fixture], lit_by(body_of<LightBody>(lane.pins[span.index].body), span, frame));
    });
    const auto* lighting = part_of<Lighting>(lane);
    if (!lighting)
        return lit;
    for (const auto& drive : lighting->drives) {
        const Lane* by = curves.project().lane(drive.lane);
        if (!by || !by->kind->drives())
            continue;
        const auto share = lane_share(curves.project(), *by, curves.schedule.spans(by->id), *curves.followers,
                                      frame, part_of<Motion>(*by)->own);
        if (!share)
            continue;
        const auto of = drive.of.value ? std::vector{drive.of} : std::vector<LampId>{};
        for (const std::size_t lamp : rig.members(of))
            lit[lamp] = times(lit[lamp], std::clamp(*share, 0.0, 1.0));
    }
    return lit;
}

} // namespace

std::vector<Lit> lit_at(const Curves& curves, double frame) {
    const Project& project = curves.project();
    std::vector<Lit> lit(project.rig->fixtures.size());
    if (lit.empty())
        return lit;
    for (const auto& lane : project.lanes) {
        if (!holds<LightBody>(lane->kind) || lane->muted)
            continue;
        const auto by_lane = lit_by_lane(curves, *lane, frame);
        for (std::size_t i = 0; i < lit.size(); ++i)
            raise(lit[i], by_lane[i]);
    }
    for (auto& one : lit)
        one = times(one, std::clamp(project.rig->dimmer / 100, 0.0, 1.0));
    return lit;
}

std::vector<Frames> light_changes(const Schedule& schedule) {
    std::vector<Frames> changes;
    for (std::size_t i = 0; i < schedule.size(); ++i)
        for (const auto& span : schedule.spans(i).lights.all)
            if (!span.muted) {
                changes.push_back(span.start);
                changes.push_back(span.end);
            }
    std::ranges::sort(changes);
    changes.erase(std::unique(changes.begin(), changes.end()), changes.end());
    return changes;
}

} // namespace pulsepin
