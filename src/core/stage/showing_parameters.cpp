// SPDX-License-Identifier: GPL-3.0-or-later
#include "stage/showing_parameters.h"

#include "model/limits.h"
#include "schedule/moves.h"

#include <vector>

namespace pulsepin {
namespace {

using ShowingParam = BoundParam<Showing>;

template <class Rows>
std::vector<ParamChoice> choices_of(const Rows& rows) {
    std::vector<ParamChoice> choices;
    for (const auto& row : rows)
        choices.push_back({row.id, row.label});
    return choices;
}

std::span<const ParamChoice> move_choices() {
    static const auto all = choices_of(moves());
    return all;
}

std::span<const ParamChoice> loop_choices() {
    static const auto all = choices_of(loops());
    return all;
}

constexpr Length::Unit units[] = {Length::Unit::InFrames, Length::Unit::InBeats,
                                  Length::Unit::InMilliseconds};

/// A part of the whole, that holds the member.
template <Passage Showing::*part, auto member>
ShowingParam of_passage(ParamSpec spec) {
    return {spec, [](const Showing& showing) { return ParamValue(showing.*part.*member); },
            [](Showing& showing, const ParamValue& value) {
                using Type = std::remove_reference_t<decltype(showing.*part.*member)>;
                showing.*part.*member = std::get<Type>(value);
            }};
}

struct PassageIds {
    std::string_view move, length, easing;
};

template <Passage Showing::*part>
std::vector<ShowingParam> passage(const PassageIds& ids) {
    return {
        of_passage<part, &Passage::move>(
            {.id = ids.move, .label = "move", .type = ParamType::Choice, .choices = move_choices()}),
        of_passage<part, &Passage::length>({.id = ids.length,
                                            .label = "takes",
                                            .type = ParamType::Length,
                                            .most = limits::length_amount.most,
                                            .initial = 8,
                                            .units = units}),
        of_passage<part, &Passage::easing>({.id = ids.easing, .label = "eased", .type = ParamType::Curve}),
    };
}

std::vector<ShowingParam> coming() {
    auto params = passage<&Showing::comes>({"comes-move", "comes-length", "comes-easing"});
    params.push_back(bound<Showing, &Showing::arrives>(
        {.id = "arrives",
         .label = "there on the beat",
         .type = ParamType::Switch,
         .most = 1,
         .explains = "it begins to come by as much earlier as it takes, its letters included"}));
    params.push_back(bound<Showing, &Showing::early>(
        {.id = "early",
         .label = "early by",
         .type = ParamType::Whole,
         .unit = "frames",
         .least = -500,
         .most = 500,
         .initial = 3,
         .explains = "so many frames before its beat it begins to come; common practice: 3"}));
    params.push_back(bound<Showing, &Showing::letter_delay>(
        {.id = "letters",
         .label = "letters",
         .unit = "frames",
         .least = 0,
         .most = 100,
         .explains = "of titles: each letter so much later than the one before"}));
    return params;
}

std::vector<ShowingParam> staying() {
    return {
        {{.id = "loop", .label = "move", .type = ParamType::Choice, .choices = loop_choices()},
         [](const Showing& showing) { return ParamValue(showing.loop); },
         [](Showing& showing, const ParamValue& value) { showing.loop = std::get<std::string>(value); }},
        bound<Showing, &Showing::loop_beats>({.id = "loop-beats",
                                              .label = "once in",
                                              .unit = "beats",
                                              .least = 0.0625,
                                              .most = 256,
                                              .initial = 2}),
        bound<Showing, &Showing::loop_amount>({.id = "loop-amount",
                                               .label = "much",
                                               .unit = "%",
                                               .least = -1000,
                                               .most = 1000,
                                               .initial = 100}),
    };
}

} // namespace

std::span<const ShowingParam> showing_parameters(AppearancePart part) {
    static const std::vector<ShowingParam> parts[] = {
        coming(), staying(), passage<&Showing::goes>({"goes-move", "goes-length", "goes-easing"})};
    return parts[static_cast<std::size_t>(part)];
}

std::span<const ShowingParam> showing_parameters() {
    static const auto all = [] {
        std::vector<ShowingParam> params;
        for (const auto part : {AppearancePart::Comes, AppearancePart::Stays, AppearancePart::Goes})
            for (const auto& param : showing_parameters(part))
                params.push_back(param);
        return params;
    }();
    return all;
}

ParamSpecs showing_param_specs() {
    static const auto specs = specs_of(showing_parameters());
    return specs;
}

} // namespace pulsepin
