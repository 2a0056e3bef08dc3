// SPDX-License-Identifier: GPL-3.0-or-later
#include "interchange/pin_json.h"

#include "interchange/json_fields.h"
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

constexpr std::pair<Length::Unit, const char*> units[] = {{Length::Unit::UntilNext, "until-next"},
                                                          {Length::Unit::InBeats, "beats"},
                                                          {Length::Unit::InFrames, "frames"},
                                                          {Length::Unit::InMilliseconds, "ms"}};

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
     [](json& j, const PinBody& body) { j["strength"] = std::get<PulseBody>(body).strength; },
     [](const json& j) -> PinBody { return PulseBody{field(j, "strength").get<double>()}; }},
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
    for (const auto& format : body_formats)
        if (lane_kind(format.kind).empty_body().index() == body.index())
            format.write(j, body);
}

PinBody read_body(const json& j, LaneKind kind) {
    return body_format(kind).read(j);
}

namespace {

constexpr const char* crowdings[] = {"shrink", "join", "highest", "add"};

json easing_json(const Easing& easing) {
    return {{"id", easing.id}, {"handles", easing.handles}, {"amount", easing.amount}};
}

Easing read_easing(const json& j) {
    return {field(j, "id").get<std::string>(), field(j, "handles").get<std::array<double, 4>>(),
            field(j, "amount").get<double>()};
}

} // namespace

json motion_json(const Motion& motion) {
    const Pulse& pulse = motion.pulse;
    json shape{{"name", pulse.name},
               {"rising", easing_json(pulse.rising)},
               {"falling", easing_json(pulse.falling)},
               {"arrives", pulse.arrives},
               {"crowding", crowdings[static_cast<std::size_t>(pulse.crowding)]},
               {"least_frames", pulse.least_frames}};
    write_length(shape, "up", pulse.up);
    write_length(shape, "held", pulse.held);
    write_length(shape, "down", pulse.down);
    return {{"property", motion.property},
            {"unit", motion.unit},
            {"rest", motion.rest},
            {"peak", motion.peak},
            {"pulse", shape}};
}

Motion read_motion(const json& j) {
    Motion motion{field(j, "property").get<std::string>(),
                  field(j, "unit").get<std::string>(),
                  field(j, "rest").get<double>(),
                  field(j, "peak").get<double>(),
                  {}};
    const auto& shape = field(j, "pulse");
    Pulse& pulse = motion.pulse;
    pulse.name = field(shape, "name").get<std::string>();
    pulse.up = read_length(shape, "up");
    pulse.held = read_length(shape, "held");
    pulse.down = read_length(shape, "down");
    pulse.rising = read_easing(field(shape, "rising"));
    pulse.falling = read_easing(field(shape, "falling"));
    pulse.arrives = field(shape, "arrives").get<bool>();
    pulse.least_frames = field(shape, "least_frames").get<int>();
    const auto crowding = field(shape, "crowding").get<std::string>();
    const auto* known = std::find(std::begin(crowdings), std::end(crowdings), crowding);
    require(known != std::end(crowdings), "a pulse has the unknown rule \"" + crowding + "\"");
    pulse.crowding = static_cast<Crowding>(known - std::begin(crowdings));
    return motion;
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
