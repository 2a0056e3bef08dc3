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
    if (optional_field(j, "offset_frames"))
        return Frames(whole_field(j, "offset_frames", limits::frames));
    return Seconds(number_field(j, "offset_seconds", limits::seconds, 0));
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
    if (optional_field(j, "ticks"))
        return MusicalAnchor{Ticks(whole_field(j, "ticks", limits::ticks)), read_offset(j)};
    if (optional_field(j, "seconds"))
        return TimeAnchor{Seconds(number_field(j, "seconds", limits::seconds))};
    return MarkerAnchor{id_field<PinId>(j, "marker"), read_offset(j)};
}

std::string look_id(std::span<const MarkerLookRow> rows, int index) {
    return std::string(rows[static_cast<std::size_t>(index)].id);
}

int read_look(const json& j, const char* name, std::span<const MarkerLookRow> rows) {
    if (!optional_field(j, name))
        return 0;
    const auto id = text_field(j, name);
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
    return KeyBody{number_field(j, "value", limits::value), read_easing(field(j, "easing"))};
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
         return MarkerBody{text_field(j, "name"), text_field(j, "note", limits::note, {}),
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
         return CutBody{id_or_none<ClipId>(j, "shot"), Seconds(number_field(j, "in_point", limits::seconds)),
                        flag_field(j, "same_moment", false),
                        Frames(whole_field(j, "fade_frames", limits::frames, 0))};
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
         return TriggerBody{text_field(j, "effect"),
                            read_length(j, "lasts"),
                            number_field(j, "strength", limits::strength),
                            read_colour(field(j, "from_colour")),
                            read_colour(field(j, "to_colour")),
                            static_cast<int>(whole_field(j, "row", {0, most_trigger_rows - 1}))};
     }},
    {LaneKind::Motion,
     [](json& j, const PinBody& body) {
         const auto& pulse = std::get<PulseBody>(body);
         j["strength"] = pulse.strength;
         if (pulse.shape)
             j["shape"] = pulse_json(*pulse.shape);
     },
     [](const json& j) -> PinBody {
         PulseBody pulse{number_field(j, "strength", limits::strength)};
         if (const auto* shape = optional_field(j, "shape"))
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
         SoundBody sound{id_field<ClipId>(j, "sound"),
                         Seconds(number_field(j, "in_point", limits::seconds)),
                         Seconds(number_field(j, "length", limits::duration)),
                         number_field(j, "gain_db", limits::gain_db),
                         {},
                         {},
                         FadeCurve::Linear,
                         FadeCurve::Linear};
         const auto fade = [&](const char* name, Seconds& length, FadeCurve& curve) {
             length = Seconds(number_field(field(j, name), "seconds", limits::duration));
             const auto text = text_field(field(j, name), "curve");
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
    require(j.is_string(), shown_in_message(j) + " is no colour");
    const auto& text = j.get_ref<const std::string&>();
    const bool well = text.size() == 7 && text[0] == '#' &&
                      text.find_first_not_of("0123456789abcdefABCDEF", 1) == std::string::npos;
    require(well, "the colour " + shown_in_message(j) + " cannot be read");
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
    Pin pin{id_field<PinId>(j, "id"), read_anchor(field(j, "anchor")), read_body(j, kind),
            id_or_none<PlantingId>(j, "planting")};
    if (optional_field(j, "home"))
        pin.home = Ticks(whole_field(j, "home", limits::ticks));
    pin.moved = flag_field(j, "moved", false);
    pin.altered = flag_field(j, "altered", false);
    pin.muted = flag_field(j, "muted", false);
    pin.locked = flag_field(j, "locked", false);
    return pin;
}

} // namespace pulsepin
