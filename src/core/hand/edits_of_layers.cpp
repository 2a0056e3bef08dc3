// SPDX-License-Identifier: GPL-3.0-or-later
#include "hand/edit_tables.h"
#include "hand/filled_places.h"
#include "hand/stage_hand.h"
#include "model/stage_edits.h"
#include "stage/effects.h"
#include "stage/layer_parameters.h"

#include <algorithm>
#include <array>
#include <charconv>

namespace pulsepin::edit_tables {
namespace {

using Request = HandEditRequest;
using Outcome = Result<HandEdited>;

/// By its name, or by its number in the project's file.
Result<Layer> layer_of(const Request& request) {
    const std::string wanted = request.values.text("layer");
    std::uint64_t number = 0;
    std::from_chars(wanted.data(), wanted.data() + wanted.size(), number);
    std::string all;
    for (const auto& layer : request.project().stage->layers) {
        if (layer.name == wanted || layer.id.value == number)
            return layer;
        all += (all.empty() ? "" : ", ") + layer.name;
    }
    return fail("There is no layer called \"" + wanted + "\".", {}, "There are: " + all + ".");
}

Outcome done(Result<Project> next) {
    if (!next)
        return tl::unexpected(next.error());
    return HandEdited{*std::move(next)};
}

/// What a change of a layer's own fields makes of the project.
template <class Change>
Outcome changed(const Request& request, Change change) {
    return done(layer_of(request).and_then([&](Layer layer) -> Result<Project> {
        if (Result<void> made = change(layer); !made)
            return tl::unexpected(made.error());
        return with_changed_layer(request.project(), std::move(layer));
    }));
}

Outcome add_layer(const Request& request) {
    const std::string wanted = request.values.text("kind");
    const auto kind = layer_kind_by_id(wanted);
    if (kind && *kind != layers::camera) {
        Layer layer = new_layer(*kind);
        if (!request.values.text("name").empty())
            layer.name = request.values.text("name");
        if (!request.values.text("text").empty())
            layer.text = request.values.text("text");
        return done(with_layer(request.project(), std::move(layer)));
    }
    std::string all;
    for (const LayerKind one : layer_kinds())
        if (one != layers::camera)
            all += (all.empty() ? "" : ", ") + std::string(one->id);
    return fail("There is no kind of layer called \"" + wanted + "\".", {}, "There are: " + all + ".");
}

Outcome remove_layer(const Request& request) {
    return done(layer_of(request).and_then(
        [&](const Layer& layer) { return without_layer(request.project(), layer.id); }));
}

Outcome raise_layer(const Request& request) {
    return done(layer_of(request).and_then([&](const Layer& layer) {
        return with_layer_raised(request.project(), layer.id, static_cast<int>(request.values.whole("by")));
    }));
}

Outcome name_layer(const Request& request) {
    return changed(request, [&](Layer& layer) -> Result<void> {
        if (request.values.text("name").empty())
            return fail("A layer needs a name.");
        layer.name = request.values.text("name");
        return {};
    });
}

Outcome hide_layer(const Request& request) {
    return changed(request, [&](Layer& layer) -> Result<void> {
        layer.hidden = request.values.flag("hidden");
        return {};
    });
}

Outcome write_title(const Request& request) {
    return changed(request, [&](Layer& layer) -> Result<void> {
        if (layer.kind != layers::title)
            return fail("“" + layer.name + "” has no text.", {}, "Name a title.");
        layer.text = request.values.text("text");
        return {};
    });
}

/// Within its limits, or told.
Outcome set_value(const Request& request) {
    return changed(request, [&](Layer& layer) -> Result<void> {
        const std::string wanted = request.values.text("parameter");
        std::string all;
        for (const auto& parameter : parameters_of(layer)) {
            const auto& spec = *parameter.spec;
            if (spec.type != ParamType::Number && spec.type != ParamType::Whole &&
                spec.type != ParamType::Switch)
                continue;
            all += (all.empty() ? "" : ", ") + parameter.id;
            if (parameter.id != wanted)
                continue;
            const double value = request.values.number("value");
            if (value < spec.least || value > spec.most)
                return fail("That value of \"" + wanted + "\" is beyond its limits.");
            layer.values[wanted] = value;
            return {};
        }
        return fail("“" + layer.name + "” has no value called \"" + wanted + "\".", {},
                    "There are: " + all + ".");
    });
}

Outcome add_effect(const Request& request) {
    return done(layer_of(request).and_then([&](const Layer& layer) -> Result<Project> {
        const std::string wanted = request.values.text("effect");
        std::string all;
        for (const auto& row : effects()) {
            if (row.id == wanted || row.label == wanted)
                return with_effect(request.project(), layer.id, row.id);
            all += (all.empty() ? "" : ", ") + std::string(row.id);
        }
        return fail("There is no effect called \"" + wanted + "\".", {}, "There are: " + all + ".");
    }));
}

Outcome remove_effect(const Request& request) {
    return done(layer_of(request).and_then([&](const Layer& layer) -> Result<Project> {
        const std::string wanted = request.values.text("effect");
        for (std::size_t i = layer.effects.size(); i-- > 0;)
            if (layer.effects[i].effect == wanted)
                return without_effect(request.project(), layer.id, i);
        return fail("“" + layer.name + "” has no effect called \"" + wanted + "\".");
    }));
}

Outcome take_look(const Request& request) {
    return done(layer_of(request).and_then([&](const Layer& layer) -> Result<Project> {
        const std::string wanted = request.values.text("look");
        for (const auto& look : request.project().stage->looks)
            if (look.name == wanted)
                return with_look(request.project(), layer.id, look);
        std::string all;
        for (const auto& look : ready_looks()) {
            if (look.name == wanted)
                return with_look(request.project(), layer.id, look);
            all += (all.empty() ? "" : ", ") + look.name;
        }
        return fail("There is no look called \"" + wanted + "\".", {}, "Ready are: " + all + ".");
    }));
}

Outcome fill_places(const Request& request) {
    return done(layer_of(request).and_then(
        [&](const Layer& layer) { return with_places_filled(request.project(), layer.id, request.values); }));
}

constexpr ParamSpec text(std::string_view id, std::string_view label, std::string_view explains = {}) {
    return {.id = id, .label = label, .type = ParamType::Text, .explains = explains};
}
constexpr ParamSpec layer = text("layer", "layer", "its name, or its number in the project's file");
constexpr ParamSpec adding[] = {text("kind", "kind"), text("name", "name"),
                                text("text", "text", "of a title")};
constexpr ParamSpec one[] = {layer};
constexpr ParamSpec raising[] = {layer,
                                 {.id = "by",
                                  .label = "places higher",
                                  .type = ParamType::Whole,
                                  .least = -1000,
                                  .most = 1000,
                                  .initial = 1}};
constexpr ParamSpec naming[] = {layer, text("name", "name")};
constexpr ParamSpec hiding[] = {
    layer, {.id = "hidden", .label = "hidden", .type = ParamType::Switch, .most = 1, .initial = 1}};
constexpr ParamSpec writing[] = {layer, text("text", "text")};
constexpr ParamSpec value[] = {layer,
                               text("parameter", "value of", "scale, opacity, blur …"),
                               {.id = "value", .label = "value", .least = -1e6, .most = 1e6}};
constexpr ParamSpec with_effects[] = {layer, text("effect", "effect")};
constexpr ParamSpec looking[] = {layer, text("look", "look")};

/// The layer, then what it can have.
ParamSpecs filling() {
    static const auto all = [] {
        std::vector<ParamSpec> specs{layer};
        const auto places = place_specs();
        specs.insert(specs.end(), places.begin(), places.end());
        return specs;
    }();
    return all;
}

const std::array<HandEdit, 11> table{{
    {"add-layer", "add layer", add_layer, adding},
    {"remove-layer", "remove layer", remove_layer, one},
    {"raise-layer", "move layer", raise_layer, raising},
    {"name-layer", "name layer", name_layer, naming},
    {"hide-layer", "hide layer", hide_layer, hiding},
    {"write-title", "write title", write_title, writing},
    {"set-layer", "change value of layer", set_value, value},
    {"add-effect", "add effect", add_effect, with_effects},
    {"remove-effect", "remove effect", remove_effect, with_effects},
    {"take-look", "take look", take_look, looking},
    {"fill-places", "fill places", fill_places, filling(), true},
}};

} // namespace

std::span<const HandEdit> of_layers() {
    return table;
}

} // namespace pulsepin::edit_tables
