// SPDX-License-Identifier: GPL-3.0-or-later
#include "interchange/pin_json.h"

#include "interchange/json_fields.h"
#include "interchange/motion_json.h"
#include "model/lane_kinds.h"
#include "model/marker_looks.h"
#include "model/pin_edits.h"

#include <algorithm>
#include <fmt/core.h>

namespace pulsepin {

using nlohmann::json;

namespace {

void write_offset(json& j, const Offset& offset) {
    if (const auto* frames = std::get_if<Frames>(&offset))
        j["offset_frames"] = frames->value;
    else if (const auto seconds = std::get<Seconds>(offset); seconds != Seconds(0))
        j["offset_seconds"] = seconds.value;
}

Offset read_offset(const json& j) {
    if (j.contains("offset_frames"))
        return Frames(j["offset_frames"].get<std::int64_t>());
    return Seconds(j.value("offset_seconds", 0.0));
}

json anchor_json(const Anchor& anchor) {
    json j;
    if (const auto* musical = std::get_if<MusicalAnchor>(&anchor)) {
        j["ticks"] = musical->at.value;
        write_offset(j, musical->offset);
    } else if (const auto* loose = std::get_if<TimeAnchor>(&anchor)) {
        j["seconds"] = loose->at.value;
    } else {
        const auto& tied = std::get<MarkerAnchor>(anchor);
        j["marker"] = tied.marker.value;
        write_offset(j, tied.offset);
    }
    return j;
}

Anchor read_anchor(const json& j) {
    if (j.contains("ticks"))
        return MusicalAnchor{Ticks(j["ticks"].get<std::int64_t>()), read_offset(j)};
    if (j.contains("seconds"))
        return TimeAnchor{Seconds(j["seconds"].get<double>())};
    return MarkerAnchor{PinId{field(j, "marker").get<std::uint64_t>()}, read_offset(j)};
}

std::string look_id(std::span<const MarkerLookRow> rows, int index) {
    return std::string(rows[static_cast<std::size_t>(index)].id);
}

int read_look(const json& j, const char* name, std::span<const MarkerLookRow> rows) {
    const auto found = j.find(name);
    if (found == j.end())
        return 0;
    const auto id = found->get<std::string>();
    const int index = marker_look_by_id(rows, id);
    require(index >= 0, "a marker has the unknown " + std::string(name) + " \"" + id + "\"");
    return index;
}

void write_key(json& j, const PinBody& body) {
    const auto& key = std::get<KeyBody>(body);
    j["value"] = key.value;
    j["easing"] = easing_json(key.easing);
}

PinBody read_key(const json& j) {
    return KeyBody{field(j, "value").get<double>(), read_easing(field(j, "easing"))};
}

/// How the body of each kind of pin is written: one row per kind.
struct BodyFormat {
    LaneKind kind;
    void (*write)(json&, const PinBody&);
    PinBody (*read)(const json&);
};

constexpr BodyFormat body_formats[] = {
    {LaneKind::Marker,
     [](json& j, const PinBody& body) {
         const auto& marker = std::get<MarkerBody>(body);
         j["name"] = marker.name;
         if (!marker.note.empty())
             j["note"] = marker.note;
         if (marker.colour != 0)
             j["colour"] = look_id(marker_colours(), marker.colour);
         if (marker.symbol != 0)
             j["symbol"] = look_id(marker_symbols(), marker.symbol);
         write_length(j, "lasts", marker.length);
     },
     [](const json& j) -> PinBody {
         return MarkerBody{field(j, "name").get<std::string>(), j.value("note", std::string()),
                           read_look(j, "colour", marker_colours()), read_look(j, "symbol", marker_symbols()),
                           read_length(j, "lasts")};
     }},
    {LaneKind::Cut,
     [](json& j, const PinBody& body) {
         const auto& cut = std::get<CutBody>(body);
         j["shot"] = cut.shot.value;
         j["in_point"] = cut.in_point.value;
         if (cut.same_moment)
             j["same_moment"] = true;
         if (cut.fade != Frames(0))
             j["fade_frames"] = cut.fade.value;
     },
     [](const json& j) -> PinBody {
         return CutBody{ClipId{field(j, "shot").get<std::uint64_t>()},
                        Seconds(field(j, "in_point").get<double>()), j.value("same_moment", false),
                        Frames(j.value("fade_frames", std::int64_t{0}))};
     }},
    {LaneKind::Trigger,
     [](json& j, const PinBody& body) {
         const auto& trigger = std::get<TriggerBody>(body);
         j["effect"] = trigger.effect;
         write_length(j, "lasts", trigger.length);
         j["strength"] = trigger.strength;
         j["from_colour"] = colour_text(trigger.from);
         j["to_colour"] = colour_text(trigger.to);
         j["row"] = trigger.row;
     },
     [](const json& j) -> PinBody {
         TriggerBody trigger{field(j, "effect").get<std::string>(), read_length(j, "lasts"),
                             field(j, "strength").get<double>(),    read_colour(field(j, "from_colour")),
                             read_colour(field(j, "to_colour")),    field(j, "row").get<int>()};
         require(trigger.row >= 0 && trigger.row < most_trigger_rows, "a trigger has an unknown row");
         return trigger;
     }},
    {LaneKind::Motion,
     [](json& j, const PinBody& body) {
         const auto& pulse = std::get<PulseBody>(body);
         j["strength"] = pulse.strength;
         if (pulse.shape)
             j["shape"] = pulse_json(*pulse.shape);
     },
     [](const json& j) -> PinBody {
         PulseBody pulse{field(j, "strength").get<double>()};
         if (const auto shape = j.find("shape"); shape != j.end())
             pulse.shape = std::make_shared<const Pulse>(read_pulse(*shape));
         return pulse;
     }},
    {LaneKind::Keys, write_key, read_key},
    {LaneKind::Follow, write_key, read_key},
    {LaneKind::Sound,
     [](json& j, const PinBody& body) {
         const auto& sound = std::get<SoundBody>(body);
         const auto fade = [](Seconds length, FadeCurve curve) {
             return json{{"seconds", length.value},
                         {"curve", curve == FadeCurve::Linear ? "linear" : "equal-power"}};
         };
         j["sound"] = sound.sound.value;
         j["in_point"] = sound.in_point.value;
         j["length"] = sound.length.value;
         j["gain_db"] = sound.gain_db;
         j["fade_in"] = fade(sound.fade_in, sound.curve_in);
         j["fade_out"] = fade(sound.fade_out, sound.curve_out);
     },
     [](const json& j) -> PinBody {
         SoundBody sound{ClipId{field(j, "sound").get<std::uint64_t>()},
                         Seconds(field(j, "in_point").get<double>()),
                         Seconds(field(j, "length").get<double>()),
                         field(j, "gain_db").get<double>(),
                         {},
                         {},
                         FadeCurve::Linear,
                         FadeCurve::Linear};
         const auto fade = [&](const char* name, Seconds& length, FadeCurve& curve) {
             length = Seconds(field(field(j, name), "seconds").get<double>());
             const auto text = field(field(j, name), "curve").get<std::string>();
             require(text == "linear" || text == "equal-power", "a fade has an unknown curve");
             curve = text == "linear" ? FadeCurve::Linear : FadeCurve::EqualPower;
         };
         fade("fade_in", sound.fade_in, sound.curve_in);
         fade("fade_out", sound.fade_out, sound.curve_out);
         return sound;
     }},
};

const BodyFormat& body_format(LaneKind kind) {
    return *std::find_if(std::begin(body_formats), std::end(body_formats),
                         [kind](const BodyFormat& format) { return format.kind == kind; });
}

} // namespace

std::string colour_text(Colour colour) {
    return fmt::format("#{:06x}", colour.rgb & 0xffffffu);
}

Colour read_colour(const json& j) {
    const auto text = j.get<std::string>();
    const bool well = text.size() == 7 && text[0] == '#' &&
                      text.find_first_not_of("0123456789abcdefABCDEF", 1) == std::string::npos;
    require(well, "the colour \"" + text + "\" cannot be read");
    return {static_cast<std::uint32_t>(std::stoul(text.substr(1), nullptr, 16))};
}

void write_body(json& j, const PinBody& body) {
    const auto* format = std::find_if(std::begin(body_formats), std::end(body_formats), [&](const auto& one) {
        return lane_kind(one.kind).empty_body().index() == body.index();
    });
    format->write(j, body);
}

PinBody read_body(const json& j, LaneKind kind) {
    return body_format(kind).read(j);
}

json pin_json(const Pin& pin) {
    json j{{"id", pin.id.value}, {"anchor", anchor_json(pin.anchor)}};
    if (pin.planting.value != 0)
        j["planting"] = pin.planting.value;
    if (pin.home)
        j["home"] = pin.home->value;
    const std::pair<const char*, bool> flags[] = {
        {"moved", pin.moved}, {"altered", pin.altered}, {"muted", pin.muted}, {"locked", pin.locked}};
    for (const auto& [name, set] : flags)
        if (set)
            j[name] = true;
    write_body(j, pin.body);
    return j;
}

Pin read_pin(const json& j, LaneKind kind) {
    Pin pin{PinId{field(j, "id").get<std::uint64_t>()}, read_anchor(field(j, "anchor")), read_body(j, kind),
            PlantingId{j.value("planting", std::uint64_t{0})}};
    if (const auto home = j.find("home"); home != j.end())
        pin.home = Ticks(home->get<std::int64_t>());
    pin.moved = j.value("moved", false);
    pin.altered = j.value("altered", false);
    pin.muted = j.value("muted", false);
    pin.locked = j.value("locked", false);
    return pin;
}

} // namespace pulsepin
