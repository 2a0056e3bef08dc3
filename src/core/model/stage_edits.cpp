// SPDX-License-Identifier: GPL-3.0-or-later
#include "model/stage_edits.h"

#include <algorithm>

namespace pulsepin {
namespace {

Project with_stage(const Project& project, Stage stage) {
    Project next = project;
    next.stage = std::make_shared<const Stage>(std::move(stage));
    return next;
}

auto place_of(Stage& stage, LayerId id) {
    return std::find_if(stage.layers.begin(), stage.layers.end(),
                        [id](const Layer& layer) { return layer.id == id; });
}

constexpr const char* gone_text = "That layer is no longer there.";

void let_go(Feed& feed, LayerId layer) {
    if (feed.target.layer == layer)
        feed.target = {};
}

} // namespace

Result<Project> with_layer(const Project& project, Layer layer) {
    if (layer.kind == LayerKind::Camera)
        return fail("There is one camera already.");
    Stage stage = *project.stage;
    const std::uint64_t id = std::max<std::uint64_t>(project.next_id, 3); // a new stage has two layers
    layer.id = LayerId{id};
    stage.layers.insert(stage.layers.end() - 1, std::move(layer));
    Project next = with_stage(project, std::move(stage));
    next.next_id = id + 1;
    return next;
}

Result<Project> with_changed_layer(const Project& project, Layer layer) {
    Stage stage = *project.stage;
    const auto found = place_of(stage, layer.id);
    if (found == stage.layers.end())
        return fail(gone_text);
    if (layer.name.empty())
        return fail("A layer needs a name.");
    layer.kind = found->kind;
    *found = std::move(layer);
    return with_stage(project, std::move(stage));
}

Result<Project> without_layer(const Project& project, LayerId id) {
    Stage stage = *project.stage;
    const auto found = place_of(stage, id);
    if (found == stage.layers.end())
        return fail(gone_text);
    if (found->kind == LayerKind::Camera)
        return fail("The camera stays: without it nothing is seen.");
    stage.layers.erase(found);
    Project next = with_stage(project, std::move(stage));
    for (auto& shared : next.lanes) {
        if (!shared->motion)
            continue;
        Lane lane = *shared;
        let_go(lane.motion->own, id);
        for (auto& feed : lane.motion->feeds)
            let_go(feed, id);
        if (lane.motion != shared->motion)
            shared = std::make_shared<const Lane>(std::move(lane));
    }
    return next;
}

Result<Project> with_layer_raised(const Project& project, LayerId id, int by) {
    Stage stage = *project.stage;
    const auto found = place_of(stage, id);
    if (found == stage.layers.end() || found->kind == LayerKind::Camera)
        return fail("The camera looks at all layers and stays on top.");
    const auto from = found - stage.layers.begin();
    const auto to = std::clamp<std::ptrdiff_t>(from + by, 0, std::ssize(stage.layers) - 2);
    Layer layer = *found;
    stage.layers.erase(found);
    stage.layers.insert(stage.layers.begin() + to, std::move(layer));
    return with_stage(project, std::move(stage));
}

} // namespace pulsepin
