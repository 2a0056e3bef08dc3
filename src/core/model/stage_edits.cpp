// SPDX-License-Identifier: GPL-3.0-or-later
#include "model/stage_edits.h"

#include "model/change_pins.h"
#include "model/limits.h"

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

/// What else of a lane names the layer.
void let_go(Lane& lane, LayerId layer) {
    if (part_of<Motion>(lane)) {
        let_go(part_of<Motion>(lane)->own, layer);
        for (auto& feed : part_of<Motion>(lane)->feeds)
            let_go(feed, layer);
    }
    if (part_of<Showing>(lane) && part_of<Showing>(lane)->layer == layer)
        part_of<Showing>(lane)->layer = {};
    if (holds<TriggerBody>(lane.kind))
        for (auto& pin : lane.pins)
            std::erase(body_of<TriggerBody>(pin.body).on, layer);
}

bool names(const Lane& lane, LayerId layer) {
    Lane other = lane;
    let_go(other, layer);
    return !(other == lane);
}

/// Whatever lay in a group or hung on a layer lies where that did.
void let_go(Stage& stage, const Layer& gone) {
    for (auto& layer : stage.layers) {
        if (layer.group == gone.id)
            layer.group = gone.group;
        if (layer.parent == gone.id)
            layer.parent = gone.parent;
        if (layer.matte.layer == gone.id)
            layer.matte = {};
    }
}

} // namespace

Result<Project> with_layer(const Project& project, Layer layer) {
    if (layer.kind == layers::camera)
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
    const LayerId id = layer.id;
    *found = std::move(layer);
    if (leads_back(stage, id))
        return fail("A layer does not hang on itself.", {}, "Choose another group or another parent.");
    return with_stage(project, std::move(stage));
}

Result<Project> without_layer(const Project& project, LayerId id) {
    Stage stage = *project.stage;
    const auto found = place_of(stage, id);
    if (found == stage.layers.end())
        return fail(gone_text);
    if (found->kind == layers::camera)
        return fail("The camera stays: without it nothing is seen.");
    const Layer gone = *found;
    stage.layers.erase(found);
    let_go(stage, gone);
    Project next = with_stage(project, std::move(stage));
    for (auto& shared : next.lanes) {
        if (!names(*shared, id))
            continue;
        Lane lane = *shared;
        let_go(lane, id);
        shared = std::make_shared<const Lane>(std::move(lane));
    }
    return next;
}

bool leads_back(const Stage& stage, LayerId id) {
    std::vector<LayerId> open{id}, seen;
    while (!open.empty()) {
        const Layer* layer = stage.layer(open.back());
        open.pop_back();
        if (!layer)
            continue;
        for (const LayerId next : {layer->group, layer->parent}) {
            if (next == id)
                return true;
            if (next.value != 0 && std::find(seen.begin(), seen.end(), next) == seen.end()) {
                seen.push_back(next);
                open.push_back(next);
            }
        }
    }
    return false;
}

std::string parameter_id(std::string_view parameter, int number) {
    return number == 1 ? std::string(parameter) : std::string(parameter) + "#" + std::to_string(number);
}

std::string_view base_parameter(std::string_view id) {
    return id.substr(0, id.find('#'));
}

int number_of_parameter(std::string_view id) {
    const auto mark = id.find('#');
    int number = 0;
    for (const char c : mark == std::string_view::npos ? std::string_view("1") : id.substr(mark + 1))
        number = c >= '0' && c <= '9' && number < 1000 ? number * 10 + (c - '0') : number;
    return std::max(1, number);
}

int free_effect_number(const Layer& layer, std::string_view effect) {
    for (int number = 1;; ++number)
        if (std::none_of(layer.effects.begin(), layer.effects.end(),
                         [&](const EffectUse& use) { return use.effect == effect && use.number == number; }))
            return number;
}

Result<Project> with_group_of(const Project& project, std::span<const LayerId> ids, std::string name) {
    if (ids.empty())
        return fail("Choose the layers that shall lie in the group.");
    Stage stage = *project.stage;
    Layer group{{}, layers::group, std::move(name)};
    std::ptrdiff_t highest = -1;
    for (std::ptrdiff_t i = 0; i < std::ssize(stage.layers); ++i) {
        Layer& layer = stage.layers[static_cast<std::size_t>(i)];
        if (std::find(ids.begin(), ids.end(), layer.id) == ids.end())
            continue;
        if (layer.kind == layers::camera)
            return fail("The camera looks at all layers and lies in no group.");
        highest = i;
        group.group = layer.group;
    }
    if (highest < 0)
        return fail(gone_text);
    const std::uint64_t id = std::max<std::uint64_t>(project.next_id, 3);
    group.id = LayerId{id};
    for (auto& layer : stage.layers)
        if (std::find(ids.begin(), ids.end(), layer.id) != ids.end())
            layer.group = group.id;
    stage.layers.insert(stage.layers.begin() + highest + 1, std::move(group));
    Project next = with_stage(project, std::move(stage));
    next.next_id = id + 1;
    return next;
}

Result<Project> with_layer_placed(const Project& project, LayerId id, std::size_t at, LayerId group) {
    Stage stage = *project.stage;
    const auto found = place_of(stage, id);
    if (found == stage.layers.end() || found->kind == layers::camera)
        return fail("The camera looks at all layers and stays on top.");
    const auto from = static_cast<std::size_t>(found - stage.layers.begin());
    Layer layer = *found;
    layer.group = group;
    stage.layers.erase(found);
    const std::size_t to = std::min(at > from ? at - 1 : at, stage.layers.size() - 1);
    stage.layers.insert(stage.layers.begin() + static_cast<std::ptrdiff_t>(to), std::move(layer));
    if (leads_back(stage, id))
        return fail("A group does not lie in itself.");
    return with_stage(project, std::move(stage));
}

Project with_motion_blur(const Project& project, bool all, double shutter, int samples) {
    Stage stage = *project.stage;
    stage.motion_blur = all;
    stage.shutter = std::clamp(shutter, limits::shutter.least, limits::shutter.most);
    stage.blur_samples = std::clamp(samples, 1, 64);
    return with_stage(project, std::move(stage));
}

Result<Project> with_look_kept(const Project& project, Look look) {
    if (look.name.empty())
        return fail("A look needs a name.");
    Stage stage = *project.stage;
    std::erase_if(stage.looks, [&](const Look& other) {
        return other.name == look.name && other.of_title == look.of_title;
    });
    stage.looks.push_back(std::move(look));
    return with_stage(project, std::move(stage));
}

Result<Project> with_curve_kept(const Project& project, KeptCurve curve) {
    if (curve.name.empty())
        return fail("A curve needs a name.");
    Stage stage = *project.stage;
    std::erase_if(stage.curves, [&](const KeptCurve& other) { return other.name == curve.name; });
    stage.curves.push_back(std::move(curve));
    return with_stage(project, std::move(stage));
}

Project without_curve(const Project& project, const std::string& name) {
    Stage stage = *project.stage;
    std::erase_if(stage.curves, [&](const KeptCurve& curve) { return curve.name == name; });
    return with_stage(project, std::move(stage));
}

Project without_look(const Project& project, const std::string& name, bool of_title) {
    Stage stage = *project.stage;
    std::erase_if(stage.looks,
                  [&](const Look& look) { return look.name == name && look.of_title == of_title; });
    return with_stage(project, std::move(stage));
}

Result<Project> with_showing(const Project& project, LaneId id, Showing showing) {
    const Lane* lane = project.lane(id);
    if (!lane || !holds<AppearanceBody>(lane->kind))
        return fail("Nothing appears on that lane.");
    if (showing.layer.value != 0) {
        const Layer* layer = project.stage->layer(showing.layer);
        if (!layer || layer->kind == layers::camera)
            return fail("The camera is always there.", {}, "Choose another layer, or a group.");
    }
    return with_changed_lane(project, id, [&](Lane& changed) { changed.parts.put(std::move(showing)); });
}

Result<Project> with_layer_raised(const Project& project, LayerId id, int by) {
    Stage stage = *project.stage;
    const auto found = place_of(stage, id);
    if (found == stage.layers.end() || found->kind == layers::camera)
        return fail("The camera looks at all layers and stays on top.");
    // It passes those that lie in the same group; others are no step.
    auto at = found - stage.layers.begin();
    for (int left = std::abs(by), step = by < 0 ? -1 : 1; left > 0; --left) {
        auto next = at + step;
        const auto place = [&](std::ptrdiff_t i) -> Layer& {
            return stage.layers[static_cast<std::size_t>(i)];
        };
        while (next >= 0 && next < std::ssize(stage.layers) - 1 && place(next).group != place(at).group)
            next += step;
        if (next < 0 || next >= std::ssize(stage.layers) - 1)
            break;
        Layer layer = place(at);
        stage.layers.erase(stage.layers.begin() + at);
        stage.layers.insert(stage.layers.begin() + next, std::move(layer));
        at = next;
    }
    return with_stage(project, std::move(stage));
}

} // namespace pulsepin
