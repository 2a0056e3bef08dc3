// SPDX-License-Identifier: GPL-3.0-or-later
#include "interchange/motion_json.h"

#include "interchange/json_fields.h"
#include "interchange/param_json.h"
#include "interchange/pin_json.h"

#include <algorithm>
#include <cmath>

namespace pulsepin {

using nlohmann::json;

namespace {

constexpr std::pair<Length::Unit, const char*> units[] = {{Length::Unit::UntilNext, "until-next"},
                                                          {Length::Unit::InBeats, "beats"},
                                                          {Length::Unit::InFrames, "frames"},
                                                          {Length::Unit::InMilliseconds, "ms"}};

constexpr const char* crowdings[] = {"shrink", "join", "highest", "add"};
constexpr const char* layer_kinds[] = {"shots", "picture", "title", "shape", "camera"};

template <std::size_t n>
std::size_t place_in(const char* const (&names)[n], const std::string& name, const char* what) {
    const auto* known = std::find(std::begin(names), std::end(names), name);
    require(known != std::end(names), std::string(what) + " \"" + name + "\"");
    return static_cast<std::size_t>(known - std::begin(names));
}

template <std::size_t n>
std::array<double, n> numbers_field(const json& j, const char* name) {
    const auto& list = list_field(j, name, n);
    require(list.size() == n, "\"" + std::string(name) + "\" must have " + std::to_string(n) + " numbers");
    std::array<double, n> numbers{};
    for (std::size_t i = 0; i < n; ++i)
        numbers[i] = number_of_json(list[i], name, limits::value);
    return numbers;
}

} // namespace

void write_length(json& j, const char* name, const Length& length) {
    for (const auto& [unit, id] : units)
        if (unit == length.unit)
            j[name] = {{"unit", id}, {"amount", length.amount}};
}

Length read_length(const json& j, const char* name) {
    const auto* found = optional_field(j, name);
    if (!found)
        return {};
    const auto id = text_field(*found, "unit");
    for (const auto& [unit, known] : units)
        if (id == known)
            return {unit, number_field(*found, "amount", limits::length_amount)};
    throw BadField("a length has the unknown unit \"" + id + "\"");
}

json easing_json(const Easing& easing) {
    return {{"id", easing.id}, {"handles", easing.handles}, {"amount", easing.amount}};
}

Easing read_easing(const json& j) {
    return {text_field(j, "id"), numbers_field<4>(j, "handles"), number_field(j, "amount", limits::value)};
}

json pulse_json(const Pulse& pulse) {
    json j{{"name", pulse.name},
           {"rising", easing_json(pulse.rising)},
           {"falling", easing_json(pulse.falling)},
           {"arrives", pulse.arrives},
           {"crowding", crowdings[static_cast<std::size_t>(pulse.crowding)]},
           {"least_frames", pulse.least_frames}};
    write_length(j, "up", pulse.up);
    write_length(j, "held", pulse.held);
    write_length(j, "down", pulse.down);
    return j;
}

Pulse read_pulse(const json& j) {
    Pulse pulse;
    pulse.name = text_field(j, "name");
    pulse.up = read_length(j, "up");
    pulse.held = read_length(j, "held");
    pulse.down = read_length(j, "down");
    pulse.rising = read_easing(field(j, "rising"));
    pulse.falling = read_easing(field(j, "falling"));
    pulse.arrives = flag_field(j, "arrives");
    pulse.least_frames = static_cast<int>(whole_field(j, "least_frames", limits::least_frames));
    pulse.crowding =
        static_cast<Crowding>(place_in(crowdings, text_field(j, "crowding"), "a pulse has the unknown rule"));
    return pulse;
}

void write_lead(json& j, const Offset& lead) {
    if (const auto* frames = std::get_if<Frames>(&lead))
        j["lead_frames"] = frames->value;
    else
        j["lead_seconds"] = std::get<Seconds>(lead).value;
}

Offset read_lead(const json& j) {
    if (optional_field(j, "lead_seconds"))
        return Seconds(number_field(j, "lead_seconds", limits::seconds));
    return Frames(whole_field(j, "lead_frames", limits::frames, 0));
}

namespace {

void write_feed(json& j, const Feed& feed) {
    j["property"] = feed.property;
    j["unit"] = feed.unit;
    j["rest"] = feed.low;
    j["peak"] = feed.high;
    if (feed.target.layer.value != 0)
        j["target"] = {{"layer", feed.target.layer.value}, {"parameter", feed.target.parameter}};
    if (feed.limits)
        j["limits"] = {feed.limits->least, feed.limits->most};
    if (feed.lead != Offset(Frames(0)))
        write_lead(j, feed.lead);
}

Feed read_feed(const json& j) {
    Feed feed{text_field(j, "property"), text_field(j, "unit"), number_field(j, "rest", limits::value),
              number_field(j, "peak", limits::value)};
    if (const auto* target = optional_field(j, "target"))
        feed.target = {id_field<LayerId>(*target, "layer"), text_field(*target, "parameter")};
    if (optional_field(j, "limits")) {
        const auto pair = numbers_field<2>(j, "limits");
        feed.limits = Feed::Limits{pair[0], pair[1]};
    }
    feed.lead = read_lead(j);
    return feed;
}

json follower_json(const Follower& f) {
    json steps = json::array();
    for (const auto& step : f.steps)
        steps.push_back({{"id", step.id}, {"values", values_json(step.values)}, {"off", step.off}});
    return {{"source", f.source}, {"values", values_json(f.values)}, {"steps", steps}};
}

Follower read_follower(const json& j) {
    Follower f{text_field(j, "source"), read_values(j, "values")};
    for (const auto& step : list_field(j, "steps", limits::few))
        f.steps.push_back(
            {text_field(step, "id"), read_values(step, "values"), flag_field(step, "off", false)});
    return f;
}

} // namespace

json motion_json(const Motion& motion) {
    json j;
    write_feed(j, motion.own);
    j["pulse"] = pulse_json(motion.pulse);
    if (motion.follower != Follower{})
        j["follower"] = follower_json(motion.follower);
    json feeds = json::array();
    for (const auto& feed : motion.feeds) {
        json one;
        write_feed(one, feed);
        feeds.push_back(std::move(one));
    }
    if (!feeds.empty())
        j["feeds"] = std::move(feeds);
    return j;
}

Motion read_motion(const json& j) {
    Motion motion{read_feed(j), read_pulse(field(j, "pulse"))};
    if (const auto* follower = optional_field(j, "follower"))
        motion.follower = read_follower(*follower);
    for (const auto& feed : optional_list(j, "feeds", limits::few))
        motion.feeds.push_back(read_feed(feed));
    return motion;
}

json stage_json(const Stage& stage) {
    json layers = json::array();
    for (const auto& layer : stage.layers) {
        json j{{"id", layer.id.value},
               {"kind", layer_kinds[static_cast<std::size_t>(layer.kind)]},
               {"name", layer.name},
               {"values", layer.values}};
        if (layer.cuts.value != 0)
            j["cuts"] = layer.cuts.value;
        if (layer.picture.value != 0)
            j["picture"] = layer.picture.value;
        if (layer.kind == LayerKind::Title)
            j["text"] = layer.text;
        if (layer.kind == LayerKind::Shape)
            j["shape"] = layer.shape;
        if (layer.kind == LayerKind::Title || layer.kind == LayerKind::Shape)
            j["colour"] = colour_text(layer.colour);
        if (layer.hidden)
            j["hidden"] = true;
        layers.push_back(std::move(j));
    }
    return layers;
}

Stage read_stage(const json& j) {
    Stage stage;
    stage.layers.clear();
    require(j.is_array() && j.size() <= limits::few, "the layers are no list, or too many");
    for (const auto& one : j) {
        Layer layer{id_field<LayerId>(one, "id"),
                    static_cast<LayerKind>(place_in(layer_kinds, text_field(one, "kind"),
                                                    "there is a layer of the unknown kind")),
                    text_field(one, "name"),
                    id_or_none<LaneId>(one, "cuts"),
                    id_or_none<ClipId>(one, "picture"),
                    text_field(one, "text", limits::note, {}),
                    text_field(one, "shape", limits::name, "disc")};
        if (const auto* colour = optional_field(one, "colour"))
            layer.colour = read_colour(*colour);
        layer.hidden = flag_field(one, "hidden", false);
        const auto& values = field(one, "values");
        require(values.is_object() && values.size() <= limits::few,
                "the values of the layer \"" + layer.name + "\" are no group of fields");
        for (const auto& [id, value] : values.items())
            layer.values[id] = number_of_json(value, id.c_str(), limits::value);
        require(stage.layer(layer.id) == nullptr && layer.id.value != 0, "two layers have one number");
        stage.layers.push_back(std::move(layer));
    }
    const auto cameras = std::count_if(stage.layers.begin(), stage.layers.end(),
                                       [](const Layer& layer) { return layer.kind == LayerKind::Camera; });
    require(cameras == 1 && stage.layers.back().kind == LayerKind::Camera,
            "the picture needs one camera above its layers");
    return stage;
}

} // namespace pulsepin
