// SPDX-License-Identifier: GPL-3.0-or-later
#include "interchange/pin_json.h"

#include "interchange/json_archive.h"
#include "interchange/json_fields.h"
#include "model/lane_kind.h"

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

void write_body(json& j, PinBody body, LaneKind kind) {
    JsonWriter writer(j);
    kind->fields(writer, body);
}

PinBody read_body(const json& j, LaneKind kind) {
    PinBody body = kind->empty_body();
    JsonReader reader(j);
    kind->fields(reader, body);
    return body;
}

json pin_json(const Pin& pin, LaneKind kind) {
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
    write_body(j, pin.body, kind);
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
