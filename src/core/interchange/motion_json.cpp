// SPDX-License-Identifier: GPL-3.0-or-later
#include "interchange/motion_json.h"

#include "interchange/json_fields.h"
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

} // namespace

void write_length(json& j, const char* name, const Length& length) {
    for (const auto& [unit, id] : units)
        if (unit == length.unit)
            j[name] = {{"unit", id}, {"amount", length.amount}};
}

Length read_length(const json& j, const char* name) {
    const auto found = j.find(name);
    if (found == j.end())
        return {};
    const auto id = field(*found, "unit").get<std::string>();
    for (const auto& [unit, known] : units)
        if (id == known)
            return {unit, field(*found, "amount").get<double>()};
    throw BadField("a length has the unknown unit \"" + id + "\"");
}

json easing_json(const Easing& easing) {
    return {{"id", easing.id}, {"handles", easing.handles}, {"amount", easing.amount}};
}

Easing read_easing(const json& j) {
    return {field(j, "id").get<std::string>(), field(j, "handles").get<std::array<double, 4>>(),
            field(j, "amount").get<double>()};
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
    pulse.name = field(j, "name").get<std::string>();
    pulse.up = read_length(j, "up");
    pulse.held = read_length(j, "held");
    pulse.down = read_length(j, "down");
    pulse.rising = read_easing(field(j, "rising"));
    pulse.falling = read_easing(field(j, "falling"));
    pulse.arrives = field(j, "arrives").get<bool>();
    pulse.least_frames = field(j, "least_frames").get<int>();
    pulse.crowding = static_cast<Crowding>(
        place_in(crowdings, field(j, "crowding").get<std::string>(), "a pulse has the unknown rule"));
    return pulse;
}

void write_lead(json& j, const Offset& lead) {
    if (const auto* frames = std::get_if<Frames>(&lead))
        j["lead_frames"] = frames->value;
    else
        j["lead_seconds"] = std::get<Seconds>(lead).value;
}

Offset read_lead(const json& j) {
    if (const auto seconds = j.find("lead_seconds"); seconds != j.end())
        return Seconds(seconds->get<double>());
    return Frames(j.value("lead_frames", std::int64_t{0}));
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
    Feed feed{field(j, "property").get<std::string>(), field(j, "unit").get<std::string>(),
              field(j, "rest").get<double>(), field(j, "peak").get<double>()};
    if (const auto target = j.find("target"); target != j.end())
        feed.target = {LayerId{field(*target, "layer").get<std::uint64_t>()},
                       field(*target, "parameter").get<std::string>()};
    if (const auto limits = j.find("limits"); limits != j.end()) {
        const auto pair = limits->get<std::array<double, 2>>();
        feed.limits = Feed::Limits{pair[0], pair[1]};
    }
    feed.lead = read_lead(j);
    return feed;
}

json follower_json(const Follower& f) {
    json steps = json::array();
    for (const auto& step : f.steps)
        steps.push_back(
            {{"id", step.id}, {"values", step.values}, {"other", step.other.value}, {"off", step.off}});
    return {{"source", f.source},   {"measure", f.measure},   {"part", f.part},       {"channel", f.channel},
            {"from_hz", f.from_hz}, {"until_hz", f.until_hz}, {"row", f.row},         {"fall_ms", f.fall_ms},
            {"wave", f.wave},       {"period", f.period},     {"in_bars", f.in_bars}, {"phase", f.phase},
            {"lane", f.lane.value}, {"steps", steps}};
}

Follower read_follower(const json& j) {
    Follower f;
    f.source = field(j, "source").get<std::string>();
    f.measure = field(j, "measure").get<std::string>();
    f.part = field(j, "part").get<std::string>();
    f.channel = field(j, "channel").get<std::string>();
    f.from_hz = field(j, "from_hz").get<double>();
    f.until_hz = field(j, "until_hz").get<double>();
    f.row = field(j, "row").get<std::string>();
    f.fall_ms = field(j, "fall_ms").get<double>();
    f.wave = field(j, "wave").get<std::string>();
    f.period = field(j, "period").get<double>();
    f.in_bars = field(j, "in_bars").get<bool>();
    f.phase = field(j, "phase").get<double>();
    f.lane = LaneId{field(j, "lane").get<std::uint64_t>()};
    for (const auto& step : field(j, "steps"))
        f.steps.push_back({field(step, "id").get<std::string>(),
                           field(step, "values").get<std::array<double, 3>>(),
                           LaneId{step.value("other", std::uint64_t{0})}, step.value("off", false)});
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
    if (const auto follower = j.find("follower"); follower != j.end())
        motion.follower = read_follower(*follower);
    if (const auto feeds = j.find("feeds"); feeds != j.end())
        for (const auto& feed : *feeds)
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
    for (const auto& one : j) {
        Layer layer{LayerId{field(one, "id").get<std::uint64_t>()},
                    static_cast<LayerKind>(place_in(layer_kinds, field(one, "kind").get<std::string>(),
                                                    "there is a layer of the unknown kind")),
                    field(one, "name").get<std::string>(),
                    LaneId{one.value("cuts", std::uint64_t{0})},
                    ClipId{one.value("picture", std::uint64_t{0})},
                    one.value("text", std::string()),
                    one.value("shape", std::string("disc"))};
        if (const auto colour = one.find("colour"); colour != one.end())
            layer.colour = read_colour(*colour);
        layer.hidden = one.value("hidden", false);
        layer.values = field(one, "values").get<std::map<std::string, double>>();
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
