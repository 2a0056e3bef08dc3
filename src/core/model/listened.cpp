// SPDX-License-Identifier: GPL-3.0-or-later
#include "model/listened.h"

#include <charconv>

namespace pulsepin {
namespace {

constexpr ParamChoice parts[] = {{"whole", "everything"},
                                 {"percussive", "percussive part"},
                                 {"harmonic", "harmonic part"},
                                 {"residual", "what is neither"},
                                 {"vocal", "vocal band"}};
constexpr ParamChoice sides[] = {
    {"both", "both sides"}, {"left", "left"}, {"right", "right"}, {"middle", "middle"}, {"sides", "sides"}};
constexpr std::string_view lane_prefix = "lane ";

} // namespace

std::span<const ParamChoice> listened_parts() {
    return parts;
}

std::span<const ParamChoice> listened_sides() {
    return sides;
}

std::string sound_of_lane(LaneId lane) {
    return std::string(lane_prefix) + std::to_string(lane.value);
}

std::optional<LaneId> lane_of_sound(std::string_view sound) {
    if (!sound.starts_with(lane_prefix))
        return std::nullopt;
    sound.remove_prefix(lane_prefix.size());
    LaneId lane;
    const auto [end, error] = std::from_chars(sound.data(), sound.data() + sound.size(), lane.value);
    return error == std::errc() && end == sound.data() + sound.size() && lane.value != 0 ? std::optional(lane)
                                                                                         : std::nullopt;
}

bool is_sound_id(std::string_view sound) {
    return sound == "song" || sound == "sum" || lane_of_sound(sound);
}

} // namespace pulsepin
