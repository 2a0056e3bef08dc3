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

} // namespace

std::span<const BoundParam<Pulse>> pulse_params() {
    static const std::vector<BoundParam<Pulse>> params{
        bound<Pulse, &Pulse::up>(length("up", 1, "from rest to peak")),
        bound<Pulse, &Pulse::rising>(curve("rising", "how it goes up")),
        bound<Pulse, &Pulse::held>(length("held", 0, "at the peak")),
        bound<Pulse, &Pulse::least_frames>(
            {.id = "least-frames",
             .label = "shrunk at least",
             .type = ParamType::Whole,
             .unit = "frames",
             .least = limits::least_frames.least,
             .most = limits::least_frames.most,
             .initial = 2,
             .explains = "a pulse that is shrunk keeps as many, as long as they fit"}),
        bound<Pulse, &Pulse::down>(length("down", 4, "from peak to rest")),
        bound<Pulse, &Pulse::falling>(curve("falling", "how it goes down")),
        bound_choice<Pulse, &Pulse::arrives, arrival_choices>(
            {.id = "on-the-beat",
             .label = "on the beat",
             .explains = "whether the pulse begins on the beat, or its peak lies there"}),
        bound_choice<Pulse, &Pulse::crowding, crowding_choices>(
            {.id = "crowding",
             .label = "too close together",
             .explains = "where they are too close: each shortened in proportion, from peak to peak, the "
                         "higher one at each moment, or both added"}),
    };
    return params;
}

ParamSpecs pulse_param_specs() {
    static const auto specs = specs_of(pulse_params());
    return specs;
}

} // namespace pulsepin
