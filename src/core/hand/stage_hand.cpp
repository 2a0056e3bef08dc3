// SPDX-License-Identifier: GPL-3.0-or-later
#include "hand/stage_hand.h"

#include "model/edits.h"
#include "model/lane_edits.h"
#include "model/stage_edits.h"
#include "stage/effects.h"
#include "stage/layer_parameters.h"

#include <algorithm>

namespace pulsepin {
namespace {

Result<Layer> layer_named(const Project& project, LayerId id) {
    const Layer* layer = project.stage->layer(id);
    return layer ? Result<Layer>(*layer) : fail("That layer is no longer there.");
}

LayerId last_layer(const Project& project) {
    const auto& layers = project.stage->layers;
    return layers[layers.size() - 2].id;
}

bool is_of(std::string_view parameter, const EffectUse& use) {
    const auto* row = effect_of_parameter(parameter);
    return row && row->id == use.effect && number_of_parameter(parameter) == use.number;
}

template <class Value>
void erase_of(std::map<std::string, Value>& values, const EffectUse& use) {
    std::erase_if(values, [&](const auto& one) { return is_of(one.first, use); });
}

} // namespace

Result<Project> with_effect(const Project& project, LayerId id, std::string_view effect_id) {
    auto layer = layer_named(project, id);
    const auto* row = effect(effect_id);
    if (!layer)
        return tl::unexpected(layer.error());
    if (!row)
        return fail("There is no effect called \"" + std::string(effect_id) + "\".");
    const int number = free_effect_number(*layer, row->id);
    layer->effects.push_back({std::string(row->id), number});
    const auto& first = row->parameters.front();
    if (const auto id_of_first = parameter_id(first.id, number); !layer->values.contains(id_of_first))
        layer->values[id_of_first] = first.usual_high;
    return with_changed_layer(project, *std::move(layer));
}

Result<Project> with_effect_moved(const Project& project, LayerId id, std::size_t at, int by) {
    auto layer = layer_named(project, id);
    if (!layer || at >= layer->effects.size())
        return fail("That effect is no longer there.");
    const auto to =
        std::clamp<std::ptrdiff_t>(static_cast<std::ptrdiff_t>(at) + by, 0, std::ssize(layer->effects) - 1);
    const EffectUse use = layer->effects[at];
    layer->effects.erase(layer->effects.begin() + static_cast<std::ptrdiff_t>(at));
    layer->effects.insert(layer->effects.begin() + to, use);
    return with_changed_layer(project, *std::move(layer));
}

Result<Project> without_effect(const Project& project, LayerId id, std::size_t at) {
    auto layer = layer_named(project, id);
    if (!layer || at >= layer->effects.size())
        return fail("That effect is no longer there.");
    const EffectUse use = layer->effects[at];
    layer->effects.erase(layer->effects.begin() + static_cast<std::ptrdiff_t>(at));
    erase_of(layer->values, use);
    erase_of(layer->colours, use);
    erase_of(layer->options, use);
    auto next = with_changed_layer(project, *std::move(layer));
    if (!next)
        return next;
    for (auto& shared : next->lanes) {
        if (!part_of<Motion>(*shared))
            continue;
        Lane lane = *shared;
        const auto let_go = [&](Feed& feed) {
            if (feed.target.layer == id && is_of(feed.target.parameter, use))
                feed.target = {};
        };
        let_go(part_of<Motion>(lane)->own);
        for (auto& feed : part_of<Motion>(lane)->feeds)
            let_go(feed);
        if (!(lane == *shared))
            shared = std::make_shared<const Lane>(std::move(lane));
    }
    return next;
}

Result<Project> with_effect_off(const Project& project, LayerId id, std::size_t at, bool off) {
    auto layer = layer_named(project, id);
    if (!layer || at >= layer->effects.size())
        return fail("That effect is no longer there.");
    layer->effects[at].off = off;
    return with_changed_layer(project, *std::move(layer));
}

// -- looks

namespace {

bool of_title(std::string_view parameter) {
    return parameter != "shown" && parameter != "colour" && find_param(layers::title->parameters, parameter);
}

bool belongs(std::string_view parameter, bool title) {
    return effect_of_parameter(parameter) || (title && of_title(parameter));
}

} // namespace

Look look_of(const Layer& layer, std::string name, bool title) {
    Look look{std::move(name), title, layer.effects};
    const auto take = [&](const auto& from, auto& into) {
        for (const auto& [id, value] : from)
            if (belongs(id, title))
                into[id] = value;
    };
    take(layer.values, look.values);
    take(layer.colours, look.colours);
    take(layer.options, look.options);
    if (title)
        look.colours["colour"] = layer.colour;
    return look;
}

void put_look(Layer& layer, const Look& look) {
    const auto put = [&](auto& values, const auto& from) {
        std::erase_if(values, [&](const auto& one) { return belongs(one.first, look.of_title); });
        for (const auto& [name, value] : from)
            values[name] = value;
    };
    layer.effects = look.effects;
    put(layer.values, look.values);
    put(layer.colours, look.colours);
    put(layer.options, look.options);
    if (const auto colour = layer.colours.find("colour"); colour != layer.colours.end()) {
        layer.colour = colour->second;
        layer.colours.erase(colour);
    }
}

Result<Project> with_look(const Project& project, LayerId id, const Look& look) {
    auto layer = layer_named(project, id);
    if (!layer)
        return tl::unexpected(layer.error());
    if (look.of_title && layer->kind != layers::title)
        return fail("That look is one for titles.", {}, "Choose a title first.");
    put_look(*layer, look);
    return with_changed_layer(project, *std::move(layer));
}

std::span<const Look> ready_looks() {
    static const std::vector<Look> looks{
        {"plain", true, {}, {}, {{"colour", {0xf7f1e1}}}, {}},
        {"outlined",
         true,
         {},
         {{"fill", 0}, {"outline", 3}, {"font-weight", 800}},
         {{"outline-colour", {0xf7f1e1}}},
         {}},
        {"on a plate",
         true,
         {},
         {{"plate", 85}, {"plate-edge", 26}, {"plate-round", 14}, {"font-weight", 600}},
         {{"colour", {0xf7f1e1}}, {"plate-colour", {0x1f2430}}},
         {}},
        {"poster",
         true,
         {},
         {{"font-weight", 900},
          {"font-size", 170},
          {"letter-space", -3},
          {"line-space", 92},
          {"shadow", 45},
          {"shadow-size", 12}},
         {{"colour", {0xf4b331}}},
         {}},
        {"wide and light",
         true,
         {},
         {{"font-weight", 300}, {"letter-space", 24}, {"font-size", 80}},
         {{"colour", {0xf7f1e1}}},
         {}},
        {"lit",
         true,
         {{"glow", 1}},
         {{"glow", 120}, {"glow-limit", 20}, {"glow-size", 16}, {"font-weight", 700}},
         {{"colour", {0xffe2ae}}},
         {}},
        {"old film",
         false,
         {{"tint", 1}, {"contrast", 1}, {"grain", 1}, {"vignette", 1}},
         {{"tint", 45}, {"tint-hue", 38}, {"contrast", 20}, {"grain", 35}, {"vignette", 65}},
         {},
         {}},
        {"dream",
         false,
         {{"glow", 1}, {"saturation", 1}},
         {{"glow", 70}, {"glow-limit", 35}, {"glow-size", 26}, {"saturation", -25}},
         {},
         {}},
        {"lines of light",
         false,
         {{"edges", 1}, {"glow", 1}},
         {{"edges", 100}, {"edges-gain", 260}, {"glow", 120}, {"glow-limit", 30}, {"glow-size", 10}},
         {{"edges-colour", {0x8fe3ff}}},
         {}},
        {"worn tape",
         false,
         {{"shift", 1}, {"grain", 1}, {"saturation", 1}},
         {{"shift", 5}, {"grain", 40}, {"grain-size", 3}, {"saturation", -20}},
         {},
         {}},
    };
    return looks;
}

// -- with lanes

Result<WithLayer> with_lane_of_appearances(const Project& project, LayerId id, LaneKind appearances) {
    const Layer* layer = project.stage->layer(id);
    if (!layer)
        return fail("That layer is no longer there.");
    Project next = with_lane(project, appearances, layer->name);
    const LaneId lane = next.lanes.back()->id;
    Showing showing;
    showing.layer = id;
    showing.comes.move = "fade";
    showing.comes.length = {Length::Unit::InFrames, 3};
    auto shown = with_showing(next, lane, std::move(showing));
    if (!shown)
        return tl::unexpected(shown.error());
    return WithLayer{*std::move(shown), id, lane};
}

namespace {

Result<WithLayer> with_followed(const Project& project, Layer layer, LaneKind follows, Follower follower,
                                const char* parameter) {
    const std::string name = layer.name;
    auto added = with_layer(project, std::move(layer));
    if (!added)
        return tl::unexpected(added.error());
    const LayerId made = last_layer(*added);
    Project next = with_lane(*added, follows, name);
    const LaneId lane = next.lanes.back()->id;
    Motion motion;
    motion.own = {.property = name, .unit = "%", .low = 0, .high = 100, .target = {made, parameter}};
    motion.follower = std::move(follower);
    auto driven = with_motion(next, lane, std::move(motion));
    if (!driven)
        return tl::unexpected(driven.error());
    return WithLayer{*std::move(driven), made, lane};
}

} // namespace

Result<WithLayer> with_spectrum(const Project& project, LaneKind follows, int bands, std::string name) {
    Layer layer{{}, layers::bars, std::move(name)};
    layer.values["position-y"] = project.settings->picture_height * 0.36;
    layer.values["bars-length"] = project.settings->picture_width * 0.8;
    layer.values["bars-count"] = bands;
    Follower follower;
    follower.source = "spectrum";
    follower.values.set("bands", static_cast<double>(bands));
    follower.steps = {{"smooth", {}}};
    return with_followed(project, std::move(layer), follows, std::move(follower), "bars");
}

Result<WithLayer> with_waveform(const Project& project, LaneKind follows, std::string name) {
    Layer layer{{}, layers::wave, std::move(name)};
    layer.values["wave-length"] = project.settings->picture_width * 0.9;
    Follower follower;
    follower.source = "level";
    follower.values.set("measure", std::string("peak"));
    follower.steps = {{"fill", {}}};
    return with_followed(project, std::move(layer), follows, std::move(follower), "wave");
}

Result<WithLayer> with_titles_of_markers(const Project& project, std::span<const PinId> markers,
                                         LaneKind appearances, std::string name) {
    std::vector<Pin> pins;
    for (const PinId id : markers) {
        const Pin* pin = project.pin(id);
        const auto* marker = pin ? body_if<MarkerBody>(&pin->body) : nullptr;
        if (!marker || marker->name.empty())
            continue;
        AppearanceBody body;
        body.text = marker->name;
        if (marker->length.unit != Length::Unit::None)
            body.length = marker->length;
        pins.push_back({{}, MarkerAnchor{id, Seconds(0)}, body, {}});
    }
    if (pins.empty())
        return fail("None of these markers has a name.", {}, "Name markers first (stop Mark).");
    Layer title{{}, layers::title, std::move(name)};
    title.text = body_of<AppearanceBody>(pins.front().body).text;
    title.colour = {0xf7f1e1};
    auto added = with_layer(project, std::move(title));
    if (!added)
        return tl::unexpected(added.error());
    auto shown = with_lane_of_appearances(*added, last_layer(*added), appearances);
    if (!shown)
        return shown;
    auto placed = with_pins(shown->project, shown->lane, std::move(pins));
    if (!placed)
        return tl::unexpected(placed.error());
    return WithLayer{*std::move(placed), shown->layer, shown->lane};
}

Result<Project> with_layers_staggered(const Project& project, std::span<const LayerId> layers,
                                      std::span<const Ticks> places, const Length& length,
                                      LaneKind appearances) {
    if (layers.empty())
        return fail("Choose the layers that shall come one after the other.");
    if (places.size() < layers.size())
        return fail("There are fewer places than layers.", {}, "Choose more beats, or fewer layers.");
    Project next = project;
    for (std::size_t i = 0; i < layers.size(); ++i) {
        LaneId lane;
        for (const auto& one : next.lanes)
            if (part_of<Showing>(*one) && part_of<Showing>(*one)->layer == layers[i] && lane.value == 0)
                lane = one->id;
        if (lane.value == 0) {
            auto made = with_lane_of_appearances(next, layers[i], appearances);
            if (!made)
                return tl::unexpected(made.error());
            next = std::move(made->project);
            lane = made->lane;
        }
        AppearanceBody body;
        body.length = length;
        auto placed = with_pins(next, lane, {{{}, MusicalAnchor{places[i], Seconds(0)}, body, {}}});
        if (!placed)
            return placed;
        next = *std::move(placed);
    }
    return next;
}

} // namespace pulsepin
