// SPDX-License-Identifier: GPL-3.0-or-later
#include "model/pulse_params.h"

#include "model/limits.h"

namespace pulsepin {
namespace {

constexpr Length::Unit units[] = {Length::Unit::InFrames, Length::Unit::InMilliseconds,
                                  Length::Unit::InBeats};

constexpr ParamChoice arrivals[] = {{"starts", "starts on"}, {"arrives", "arrives on"}};
constexpr ParamChoice crowdings[] = {
    {"shrink", "shrink"}, {"join", "join"}, {"highest", "highest"}, {"add", "add"}};

std::span<const ParamChoice> arrival_choices() {
    return arrivals;
}
std::span<const ParamChoice> crowding_choices() {
    return crowdings;
}

ParamSpec length(std::string_view id, double initial, std::string_view explains) {
    return {.id = id,
            .label = id,
            .type = ParamType::Length,
            .least = 0,
            .most = limits::length_amount.most,
            .initial = initial,
            .explains = explains,
            .units = units};
}

ParamSpec curve(std::string_view id, std::string_view explains) {
    return {.id = id, .label = id, .type = ParamType::Curve, .explains = explains};
}

/// To choose from in a form, yes or no in a file.
Property<Pulse> arrival() {
    auto arrives = choice_property<Pulse, arrival_choices, &Pulse::arrives>(
        {.id = "on-the-beat",
         .label = "on the beat",
         .explains = "whether the pulse begins on the beat, or its peak lies there"},
        {.name = "arrives", .presence = Fields::required, .about = "its peak lies on the beat"});
    arrives.visit = [](Fields& f, const FieldSpec& spec, Pulse& pulse) {
        property_of::visit(f, spec, pulse.arrives);
    };
    return arrives;
}

} // namespace

std::span<const Property<Pulse>> pulse_properties() {
    constexpr auto always = Fields::required;
    static const std::vector<Property<Pulse>> all{
        property<Pulse, &Pulse::up>(length("up", 1, "from rest to peak"), {.name = "up"}),
        property<Pulse, &Pulse::rising>(curve("rising", "how it goes up"), {.name = "rising"}),
        property<Pulse, &Pulse::held>(length("held", 0, "at the peak"), {.name = "held"}),
        property<Pulse, &Pulse::least_frames>(
            {.id = "least-frames",
             .label = "shortest length",
             .type = ParamType::Whole,
             .unit = "frames",
             .least = limits::least_frames.least,
             .most = limits::least_frames.most,
             .initial = 2,
             .explains = "a pulse that is shortened keeps as many, as long as they fit"},
            {.name = "least_frames", .presence = always, .whole = limits::least_frames}),
        property<Pulse, &Pulse::down>(length("down", 4, "from peak to rest"), {.name = "down"}),
        property<Pulse, &Pulse::falling>(curve("falling", "how it goes down"), {.name = "falling"}),
        arrival(),
        choice_property<Pulse, crowding_choices, &Pulse::crowding>(
            {.id = "crowding",
             .label = "too close together",
             .explains = "where they are too close: each shortened in proportion, from peak to peak, the "
                         "higher one at each moment, or both added"},
            {.name = "crowding", .presence = always}),
    };
    return all;
}

ParamSpecs pulse_param_specs() {
    static const auto specs = specs_of(pulse_properties());
    return specs;
}

} // namespace pulsepin
