// SPDX-License-Identifier: GPL-3.0-or-later
#include "model/adopt_edits.h"

#include "base/whole.h"
#include "model/change_pins.h"

#include <algorithm>
#include <cmath>
#include <set>

namespace pulsepin {
namespace {

Ticks nearest_part(const BeatGrid& grid, Seconds time, int parts) {
    const double step = 1.0 / parts;
    const auto count = nearest_whole(grid.beats_at(time).value / step);
    return Ticks(nearest_whole(static_cast<double>(count) * step * static_cast<double>(ticks_per_beat)));
}

Project without_pickers(Project project, const std::set<PlantingId>& plantings) {
    if (plantings.empty())
        return project;
    auto all = *project.plantings;
    for (auto& planting : all)
        if (plantings.contains(planting.id)) {
            planting.picker.reset();
            planting.left_out.clear();
        }
    project.plantings = std::make_shared<const std::vector<Planting>>(std::move(all));
    return with_each_pin(
        project, [&](const Lane&, const Pin& pin) { return plantings.contains(pin.planting); },
        [](Pin& pin) {
            pin.home.reset();
            pin.moved = false;
        });
}

} // namespace

Result<Adopted> with_pins_adopted(const Project& project, std::span<const PinId> pins, int parts,
                                  Seconds limit) {
    if (!project.grid)
        return fail("There is no beat grid yet.", {},
                    "Find the beats, tap them or type a tempo (stop Grid).");
    const BeatGrid& grid = *project.grid;
    const PinSet listed(pins);
    Adopted adopted;
    std::set<PlantingId> of_clock;
    adopted.project = with_each_pin(
        project,
        [&](const Lane& lane, const Pin& pin) {
            return listed.contains(pin.id) && !lane.locked && !pin.locked && !holds<SoundBody>(lane.kind) &&
                   std::holds_alternative<TimeAnchor>(pin.anchor);
        },
        [&](Pin& pin) {
            const Seconds time = std::get<TimeAnchor>(pin.anchor).at;
            const Ticks beat = nearest_part(grid, time, std::clamp(parts, 1, 64));
            const Seconds away(std::abs((grid.time_at(beat) - time).value));
            if (away > limit) {
                ++adopted.beyond;
                return;
            }
            ++adopted.taken;
            adopted.furthest = std::max(adopted.furthest, away);
            pin.anchor = MusicalAnchor{beat, Seconds(0)};
            if (const Planting* planting = project.planting(pin.planting); planting && planting->by_clock())
                of_clock.insert(pin.planting);
        });
    adopted.project = without_pickers(std::move(adopted.project), of_clock);
    return adopted;
}

} // namespace pulsepin
