// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "hand/light_hand.h"
#include "lights/lit.h"
#include "model/lane_edits.h"
#include "model/rig_edits.h"
#include "support/projects.h"

#include <cmath>

namespace pulsepin::test {

inline constexpr Colour saffron{0xf4b430}, red{0xff0000}, dark{0};

/// At 120 beats a minute and 24 frames a second a beat is twelve frames.
struct Lanterns {
    Project project = steady_project();
    LaneId lane;
    LampId far, near; ///< groups of four
    Lanterns() {
        project = *with_lamps(project, {.name = "far", .count = 4, .y = 30});
        far = project.rig->groups.back().id;
        project = *with_lamps(project, {.name = "near", .count = 4, .y = 70});
        near = project.rig->groups.back().id;
        project = with_lane(project, kind_of(body_type<LightBody>), "Lanterns");
        lane = project.lanes.back()->id;
    }
    [[nodiscard]] LampId lamp(std::size_t i) const { return project.rig->fixtures[i].id; }
    void light(std::vector<LampId> on, double beat, LightBody body) {
        project = *with_light(project, lane, std::move(on),
                              MusicalAnchor{Ticks(std::llround(beat * ticks_per_beat)), Frames(0)}, body);
    }
    /// Where each lamp is lit, in frames.
    [[nodiscard]] std::vector<std::vector<std::pair<int, int>>> spans() const {
        std::vector<std::vector<std::pair<int, int>>> all(project.rig->fixtures.size());
        const Schedule schedule(project);
        for (const auto& span : schedule.spans(lane).lights.all)
            all[span.fixture].emplace_back(span.start.value, span.end.value);
        return all;
    }
    [[nodiscard]] std::vector<Lit> lit(double frame) const {
        return lit_at(Curves{Schedule(project)}, frame);
    }
};

inline LightBody held(Colour colour, double beats = 1) {
    LightBody body;
    body.from = body.to = colour;
    body.length = {Length::Unit::InBeats, beats};
    return body;
}

} // namespace pulsepin::test
