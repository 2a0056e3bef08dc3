// SPDX-License-Identifier: GPL-3.0-or-later
#include "model/planting_properties.h"

#include <array>

namespace pulsepin {
namespace {

constexpr std::string_view another_chance = "another number, another chance";
constexpr double most_seed = 9999;

std::span<const ParamChoice> orders() {
    static constexpr std::array<ParamChoice, 5> all{{{"in-turn", "in turn"},
                                                     {"at-random", "at random, none twice"},
                                                     {"weighted", "at random by weight"},
                                                     {"by-section", "own ones for each section"},
                                                     {"one-shot", "the first one only"}}};
    return all;
}

std::span<const ParamChoice> starts() {
    static constexpr std::array<ParamChoice, 4> all{{{"in-point", "from an in-point"},
                                                     {"continuing", "going on where it was left"},
                                                     {"marker", "from a marker on it"},
                                                     {"same-moment", "cameras: the same moment"}}};
    return all;
}

std::span<const ParamChoice> strengths() {
    static constexpr std::array<ParamChoice, 5> all{{{"same", "the same"},
                                                     {"alternates", "strong, weak, by turns"},
                                                     {"ramps", "rising over the group"},
                                                     {"onsets", "as strong as the onset"},
                                                     {"random", "at random"}}};
    return all;
}

std::span<const ParamChoice> colours() {
    static constexpr std::array<ParamChoice, 4> all{
        {{"same", "the same"}, {"in-turn", "in turn"}, {"random", "at random"}, {"ramp", "gradient"}}};
    return all;
}

template <class Whole>
Property<Whole> seed_property() {
    return property<Whole, &Whole::seed>(
        {.id = "seed",
         .label = "chance",
         .type = ParamType::Whole,
         .most = most_seed,
         .initial = 1,
         .explains = another_chance},
        {.name = "seed", .presence = Fields::required, .whole = limits::seed});
}

template <auto member>
Property<Variation> percent(std::string_view id, std::string_view label, double usual,
                            std::string_view explains) {
    return property<Variation, member>(
        {.id = id, .label = label, .unit = "%", .most = 400, .initial = usual, .explains = explains},
        {.name = id.data(), .presence = Fields::required, .range = limits::strength});
}

/// From each to the next, or up to so much to either side.
template <auto member>
Property<Spread> differing(std::string_view id, const char* in_files, std::string_view label,
                           std::string_view unit, double most) {
    return property<Spread, member>({.id = id,
                                     .label = label,
                                     .unit = unit,
                                     .least = -most,
                                     .most = most,
                                     .explains = id.starts_with("step")
                                                     ? "from each to the next"
                                                     : "up to so much to either side, at random"},
                                    {.name = in_files});
}

} // namespace

std::span<const Property<ShotChoice>> shot_choice_properties() {
    static const Property<ShotChoice> all[] = {
        choice_property<ShotChoice, orders, &ShotChoice::order>(
            {.id = "order", .label = "which shot", .explains = "Which shot each new cut shows"},
            {.name = "order", .presence = Fields::required}),
        choice_property<ShotChoice, starts, &ShotChoice::start>(
            {.id = "start", .label = "seen", .explains = "From where in its clip each shot is seen"},
            {.name = "start", .presence = Fields::required}),
        seed_property<ShotChoice>(),
        property<ShotChoice, &ShotChoice::in_point>(
            {.id = "in-point",
             .label = "in-point",
             .unit = "s",
             .most = 360'000,
             .explains = "Where in the clip"},
            {.name = "in_point", .presence = Fields::required, .range = limits::seconds}),
        property<ShotChoice, &ShotChoice::marker>(
            {.id = "marker",
             .label = "marker",
             .type = ParamType::Text,
             .explains =
                 "The marker on the shot that meets the beat; shots without it start at the in-point"},
            {.name = "marker", .presence = Fields::required}),
        property<ShotChoice, &ShotChoice::shortest>(
            {.id = "shortest",
             .label = "at least",
             .type = ParamType::Whole,
             .unit = "frames",
             .most = 1000,
             .explains = "No shot becomes shorter than this"},
            {.name = "shortest_frames", .presence = Fields::required}),
    };
    return all;
}

std::span<const Property<Variation>> variation_properties() {
    static const Property<Variation> all[] = {
        choice_property<Variation, strengths, &Variation::strength>(
            {.id = "strength",
             .label = "strength",
             .explains = "How the strength differs from one to the next"},
            {.name = "strength", .presence = Fields::required}),
        percent<&Variation::low>("low", "weakest", 40, "Where strengths differ, the weakest"),
        percent<&Variation::high>("high", "strongest", 100, "Where strengths differ, the strongest"),
        choice_property<Variation, colours, &Variation::colours>(
            {.id = "colours", .label = "colour", .explains = "How the colour differs from one to the next"},
            {.name = "colours", .presence = Fields::required}),
        seed_property<Variation>(),
    };
    return all;
}

std::span<const Property<Spread>> spread_properties() {
    static const Property<Spread> all[] = {
        differing<&Spread::step_x>("step-x", "step_x", "right by", "px", 10000),
        differing<&Spread::step_y>("step-y", "step_y", "down by", "px", 10000),
        differing<&Spread::step_turn>("step-turn", "step_turn", "turned by", "°", 3600),
        differing<&Spread::step_scale>("step-scale", "step_scale", "larger by", "%", 2000),
        differing<&Spread::step_later>("step-later", "step_later", "later by", "frames", 10000),
        differing<&Spread::wide_x>("wide-x", "wide_x", "spread across", "px", 10000),
        differing<&Spread::wide_y>("wide-y", "wide_y", "spread down", "px", 10000),
        differing<&Spread::wide_turn>("wide-turn", "wide_turn", "spread turn", "°", 3600),
        differing<&Spread::wide_scale>("wide-scale", "wide_scale", "spread size", "%", 2000),
        differing<&Spread::wide_later>("wide-later", "wide_later", "spread time", "frames", 10000),
        seed_property<Spread>(),
    };
    return all;
}

} // namespace pulsepin
