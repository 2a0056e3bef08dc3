// SPDX-License-Identifier: GPL-3.0-or-later
#include "fields/stage_fields.h"

#include "kinds/act_fields.h"
#include "kinds/layer_kinds.h"

#include <algorithm>
#include <array>

namespace pulsepin {
namespace {

void fields_of(Fields& f, EffectUse& use) {
    f.text("effect", use.effect);
    f.about("tells several of one kind apart").whole_as("number", use.number, limits::effect_number);
    f.flag("off", use.off, Fields::optional);
}

/// Parameters that are not as usual.
void settings_of(Fields& f, std::map<std::string, double>& values, std::map<std::string, Colour>& colours,
                 std::map<std::string, std::string>& options) {
    f.about("parameters that are not as usual").numbers_by_name("values", values, limits::value);
    struct Named {
        std::string name;
        Colour colour;
        std::string option;
    };
    std::vector<Named> named;
    for (const auto& [name, colour] : colours)
        named.push_back({name, colour, {}});
    f.items<Named>(
        "colours", "named-colour", named,
        [](Fields& g, Named& one) {
            g.text("parameter", one.name);
            g.colour("colour", one.colour);
        },
        limits::few, Fields::optional);
    if (f.reads()) {
        colours.clear();
        for (const auto& one : named)
            colours[one.name] = one.colour;
    }
    named.clear();
    for (const auto& [name, option] : options)
        named.push_back({name, {}, option});
    f.about("choices and texts")
        .items<Named>(
            "options", "named-option", named,
            [](Fields& g, Named& one) {
                g.text("parameter", one.name);
                g.text("value", one.option, limits::note);
            },
            limits::few, Fields::optional);
    if (f.reads()) {
        options.clear();
        for (const auto& one : named)
            options[one.name] = one.option;
    }
}

void effects_of(Fields& f, std::vector<EffectUse>& effects) {
    f.about("in the order in which they act")
        .items<EffectUse>(
            "effects", "effect-use", effects, [](Fields& g, EffectUse& use) { fields_of(g, use); },
            limits::few, Fields::optional);
}

void fields_of(Fields& f, Matte& matte) {
    static constexpr std::array<std::string_view, 6> kinds{"none",      "layer-alpha", "layer-light",
                                                           "own-light", "straight",    "round"};
    f.choice_of("kind", matte.kind, kinds);
    f.about("the layer whose picture it is").id("layer", matte.layer.value, Fields::optional);
    f.flag("inverted", matte.inverted, Fields::optional);
}

std::vector<std::string_view> ids_of_layer_kinds() {
    std::vector<std::string_view> ids;
    for (const LayerKind kind : layer_kinds())
        ids.push_back(kind->id);
    return ids;
}

void fields_of(Fields& f, RunningBand& band) {
    f.flag("shown", band.shown);
    f.about("pixels of the picture a second").number("speed", band.speed, limits::band_speed);
    f.about("percent of the width at which is what is heard now").number("line", band.line, limits::percent);
    f.about("percent of the picture").number("height", band.height, limits::percent);
    f.about("before each entry").flag("counts_in", band.counts_in);
}

} // namespace

void fields_of(Fields& f, Look& look) {
    f.text("name", look.name);
    f.about("how a title is set").flag("of_title", look.of_title, Fields::optional);
    effects_of(f, look.effects);
    settings_of(f, look.values, look.colours, look.options);
}

void fields_of(Fields& f, Layer& layer) {
    f.id("id", layer.id.value);
    f.text("name", layer.name);
    f.flag("hidden", layer.hidden, Fields::optional);
    f.flag("locked", layer.locked, Fields::optional);
    f.about("the group that it lies in").id("group", layer.group.value, Fields::optional);
    f.about("the layer whose place it takes part in").id("parent", layer.parent.value, Fields::optional);
    bool blends = layer.blend != "normal";
    f.about("how it blends with the layers below").maybe("blend", "blend", blends, [&](Fields& g) {
        g.text("mode", layer.blend);
    });
    if (f.reads() && !blends)
        layer.blend = "normal";
    bool masked = layer.matte != Matte{};
    f.about("what limits where it is visible").maybe("matte", "matte", masked, [&](Fields& g) {
        fields_of(g, layer.matte);
    });
    f.flag("motion_blur", layer.motion_blur, Fields::optional);
    effects_of(f, layer.effects);
    settings_of(f, layer.values, layer.colours, layer.options);
    static const auto ids = ids_of_layer_kinds();
    const auto kinds = layer_kinds();
    int at = static_cast<int>(std::find(kinds.begin(), kinds.end(), layer.kind) - kinds.begin());
    f.depending("kind", at, ids, [&](Fields& g, int chosen) {
        layer.kind = layer_kinds()[static_cast<std::size_t>(chosen)];
        g.about("the lane of cuts that is shown; none: the first")
            .id("cuts", layer.cuts.value, Fields::optional);
        g.about("a clip of the bin").id("picture", layer.picture.value, Fields::optional);
        g.about("the lane of exposures that says which drawing is shown")
            .id("drawings", layer.drawings.value, Fields::optional);
        if (layer.kind->more_fields)
            layer.kind->more_fields(g, layer);
    });
}

void fields_of(Fields& f, Stage& stage) {
    f.about("the lowest first, the camera last")
        .items<Layer>(
            "layers", "layer", stage.layers, [](Fields& g, Layer& layer) { fields_of(g, layer); },
            limits::few);
    f.about("kept by their names")
        .items<Look>(
            "looks", "look", stage.looks, [](Fields& g, Look& look) { fields_of(g, look); }, limits::few,
            Fields::optional);
    f.about("courses of events, kept by their names")
        .items<KeptCurve>(
            "curves", "kept-curve", stage.curves,
            [](Fields& g, KeptCurve& curve) {
                g.text("name", curve.name);
                points_of(g, "points", curve.points);
            },
            limits::few, Fields::optional);
    bool blurred =
        stage.motion_blur || stage.shutter != Stage().shutter || stage.blur_samples != Stage().blur_samples;
    f.maybe("motion_blur", "motion-blur", blurred, [&](Fields& g) {
        g.about("of all layers").flag("all", stage.motion_blur);
        g.about("degrees").number("shutter", stage.shutter, limits::shutter);
        g.whole_as("samples", stage.blur_samples, limits::blur_samples);
    });
    bool runs = stage.band != RunningBand();
    f.about("of words and notes, over the picture").maybe("band", "band", runs, [&](Fields& g) {
        fields_of(g, stage.band);
    });
}

} // namespace pulsepin
