// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "hand/stage_hand.h"
#include "kinds/kinds.h"
#include "kinds/layer_kinds.h"
#include "model/duplicate_edits.h"
#include "model/lane_edits.h"
#include "model/pin_edits.h"
#include "model/stage_edits.h"
#include "stage/staged_frame.h"
#include "support/projects.h"

#include <functional>
#include <vector>

namespace pulsepin::test {

/// A piece of 60 seconds at 120 BPM and 24 frames a second, whose picture is put together by hand.
struct Scene {
    Project project = steady_project(120, 0, 60); // 12 frames a beat
    LayerId add(Layer layer) {
        project = *with_layer(project, std::move(layer));
        return project.stage->layers[project.stage->layers.size() - 2].id;
    }
    LaneId appear(LayerId layer) {
        auto made = *with_lane_of_appearances(project, layer, kind_of(body_type<AppearanceBody>));
        project = std::move(made.project);
        return made.lane;
    }
    void pin(LaneId lane, double beat, PinBody body) {
        project = *with_pins(
            project, lane,
            {{{}, MusicalAnchor{Ticks(static_cast<std::int64_t>(beat * 960))}, std::move(body), {}}});
    }
    LaneId drive(LaneKind kind, Feed feed) {
        project = with_lane(project, kind, "motion");
        Motion motion;
        motion.own = std::move(feed);
        const LaneId lane = project.lanes.back()->id;
        project = *with_motion(project, lane, std::move(motion));
        return lane;
    }
    void change_layer(LayerId id, const std::function<void(Layer&)>& how) {
        Layer layer = *project.stage->layer(id);
        how(layer);
        project = *with_changed_layer(project, std::move(layer));
    }
    [[nodiscard]] StagedFrame at(std::int64_t frame) const {
        return staged_at({Schedule(project)}, Frames(frame));
    }
    /// Those of a layer, whatever group they lie in.
    [[nodiscard]] std::vector<StagedLayer> of(LayerId id, std::int64_t frame) const {
        std::vector<StagedLayer> found;
        const StagedFrame staged = at(frame);
        for_staged(staged.layers, [&](const StagedLayer& layer, const auto&) {
            if (layer.id == id)
                found.push_back(layer);
        });
        return found;
    }
};

inline AppearanceBody lasting(double frames) {
    AppearanceBody body;
    body.length = {Length::Unit::InFrames, frames};
    return body;
}

inline Feed feed_of(LayerId layer, std::string parameter, double low, double high) {
    Feed feed;
    feed.property = parameter;
    feed.unit = layer_parameter(parameter)->unit;
    feed.low = low;
    feed.high = high;
    feed.target = {layer, std::move(parameter)};
    return feed;
}

inline LayerId shape(Scene& scene, const char* name = "Ring") {
    return scene.add({{}, layers::shape, name});
}

} // namespace pulsepin::test
