// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/staged_frame.h"

#include <algorithm>

namespace pulsepin {

StagedFrame staged_at(const Curves& curves, Frames frame,
                      const std::function<LayerPicture(const Layer&)>& picture_of) {
    const Project& project = curves.project;
    const auto& settings = *project.settings;
    StagedFrame staged;
    staged.picture = {settings.picture_width, settings.picture_height};
    staged.seconds = settings.frame_rate.start_of(frame).value;
    const auto driven = driven_at(curves, static_cast<double>(frame.value));
    for (const auto& layer : project.stage->layers) {
        ParameterValues values(layer.values);
        for (const auto& one : driven)
            if (one.target.layer == layer.id)
                values.set(one.target.parameter, one.value);
        if (layer.kind == LayerKind::Camera)
            staged.camera = std::move(values);
        else if (!layer.hidden) {
            const bool pictured = layer.kind == LayerKind::Shots || layer.kind == LayerKind::Picture;
            staged.layers.push_back({layer.kind, pictured ? picture_of(layer) : LayerPicture{}, layer.text,
                                     layer.shape, layer.colour, std::move(values)});
        }
    }
    return staged;
}

bool needs_composing(const Project& project) {
    const auto& layers = project.stage->layers;
    if (layers.size() != 2 || layers.front().kind != LayerKind::Shots || layers.front().hidden ||
        layers.front().cuts.value != 0)
        return true;
    for (const auto& layer : layers)
        if (!layer.values.empty())
            return true;
    return std::any_of(project.lanes.begin(), project.lanes.end(), [](const auto& lane) {
        const auto& motion = lane->motion;
        return motion.own.target.layer.value != 0 ||
               std::any_of(motion.feeds.begin(), motion.feeds.end(),
                           [](const Feed& feed) { return feed.target.layer.value != 0; });
    });
}

} // namespace pulsepin
