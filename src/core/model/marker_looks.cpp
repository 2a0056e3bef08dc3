// SPDX-License-Identifier: GPL-3.0-or-later
#include "model/marker_looks.h"

#include <algorithm>
#include <array>

namespace pulsepin {
namespace {

constexpr std::array<MarkerLookRow, 6> colours{{{"plum", "Plum"},
                                                {"brick", "Brick"},
                                                {"amber", "Amber"},
                                                {"leaf", "Leaf"},
                                                {"lake", "Lake"},
                                                {"slate", "Slate"}}};

constexpr std::array<MarkerLookRow, 6> symbols{{{"plain", "Plain"},
                                                {"ring", "Ring"},
                                                {"bar", "Bar"},
                                                {"cross", "Cross"},
                                                {"diamond", "Diamond"},
                                                {"question", "Question"}}};

using Unit = Length::Unit;

// Lengths are common practice: a flash is gone within a sixth of a second, a shake lasts about five frames.
constexpr std::array<TriggerEffectRow, 13> effects{{
    {"flash", "flash", {Unit::InFrames, 4}, {0xfff4d6}},
    {"shake", "shake", {Unit::InFrames, 5}, {0x8a6a2f}},
    {"tint", "tint", {Unit::UntilNext, 1}, {0xc4472b}},
    {"strobe", "strobe", {Unit::InBeats, 1}, {0xffffff}},
    {"glow", "glow", {Unit::InBeats, 1}, {0xf2b134}},
    {"blur", "blur", {Unit::InFrames, 8}, {0x7d8aa8}},
    {"punch-in", "punch-in", {Unit::UntilNext, 1}, {0x2f7f79}},
    {"punch", "punch", {Unit::InFrames, 6}, {0x2f7f79}},
    {"exposure", "exposure", {Unit::InFrames, 5}, {0xf2b134}},
    {"shift", "RGB split", {Unit::InFrames, 4}, {0xc4472b}},
    {"rush", "rush", {Unit::InFrames, 6}, {0x7d8aa8}},
    {"edges", "edge lines", {Unit::InBeats, 1}, {0x8fe3ff}},
    {"mirror", "mirror", {Unit::UntilNext, 1}, {0x2f7f79}},
}};

std::vector<ParamChoice> choices_among(const auto& rows) {
    std::vector<ParamChoice> all;
    for (const auto& row : rows)
        all.push_back({row.id, row.label});
    return all;
}

} // namespace

std::span<const MarkerLookRow> marker_colours() {
    return colours;
}

std::span<const ParamChoice> marker_colour_choices() {
    static const auto choices = choices_among(colours);
    return choices;
}

std::span<const ParamChoice> marker_symbol_choices() {
    static const auto choices = choices_among(symbols);
    return choices;
}

std::span<const ParamChoice> trigger_effect_choices() {
    static const auto choices = choices_among(effects);
    return choices;
}

std::span<const MarkerLookRow> marker_symbols() {
    return symbols;
}

int marker_look_by_id(std::span<const MarkerLookRow> rows, std::string_view id) {
    const auto found =
        std::find_if(rows.begin(), rows.end(), [id](const MarkerLookRow& row) { return row.id == id; });
    return found == rows.end() ? -1 : static_cast<int>(found - rows.begin());
}

std::span<const TriggerEffectRow> trigger_effects() {
    return effects;
}

const TriggerEffectRow* trigger_effect(std::string_view id) {
    const auto found =
        std::find_if(effects.begin(), effects.end(), [id](const TriggerEffectRow& e) { return e.id == id; });
    return found == effects.end() ? nullptr : &*found;
}

} // namespace pulsepin
