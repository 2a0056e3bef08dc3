// SPDX-License-Identifier: GPL-3.0-or-later
#include "base/chance.h"
#include "kinds/act_fields.h"
#include "kinds/kinds.h"
#include "kinds/lane_fields.h"
#include "model/fields.h"
#include "model/pin_edits.h"
#include "schedule/lane_spans.h"
#include "schedule/moves.h"
#include "schedule/variation.h"

namespace pulsepin {
namespace {

constexpr Length::Unit units[] = {
    Length::Unit::UntilNext,    Length::Unit::InBeats, Length::Unit::InFrames, Length::Unit::InMilliseconds,
    Length::Unit::ToSectionEnd, Length::Unit::ToEnd,   Length::Unit::WithWord, Length::Unit::ToLineEnd};

/// Whether it has one, and which: one part in a file.
PinProperty coloured() {
    auto coloured = property<PinBody, &AppearanceBody::coloured>(
        {.id = "coloured", .label = "own colour", .type = ParamType::Switch, .most = 1}, {.name = "colour"});
    coloured.visit = [](Fields& f, const FieldSpec& spec, PinBody& body) {
        auto& appearance = body_of<AppearanceBody>(body);
        f.maybe(spec.name, "own-colour", appearance.coloured,
                [&](Fields& g) { g.colour("instead", appearance.colour); });
    };
    return coloured;
}

/// The lane's, or one of moves().
template <std::string AppearanceBody::*move>
PinProperty own_move(std::string_view id, std::string_view label) {
    static const auto labels = [label] { // told in full, since they stand without their name in a form
        std::vector<std::string> all{std::string(label) + " as its lane says"};
        for (const auto& row : moves())
            all.push_back(std::string(label) + ": " + std::string(row.label));
        return all;
    }();
    static const auto choices = [] {
        std::vector<ParamChoice> all{{"", labels.front()}};
        for (std::size_t i = 0; i < moves().size(); ++i)
            all.push_back({moves()[i].id, labels[i + 1]});
        return all;
    }();
    return property<PinBody, move>({.id = id, .label = label, .type = ParamType::Choice, .choices = choices},
                                   {.name = id == "comes" ? "comes" : "goes"});
}

std::span<const PinProperty> properties() {
    static const PinProperty all[] = {
        property<PinBody, &AppearanceBody::length>({.id = "length",
                                                    .label = "lasts",
                                                    .type = ParamType::Length,
                                                    .most = limits::length_amount.most,
                                                    .initial = 1,
                                                    .units = units},
                                                   {.name = "lasts"}),
        property<PinBody, &AppearanceBody::x>(
            {.id = "x", .label = "right", .unit = "px", .least = -10000, .most = 10000}, {.name = "x"}),
        property<PinBody, &AppearanceBody::y>(
            {.id = "y", .label = "down", .unit = "px", .least = -10000, .most = 10000}, {.name = "y"}),
        property<PinBody, &AppearanceBody::turn>(
            {.id = "turn", .label = "turn", .unit = "°", .least = -3600, .most = 3600}, {.name = "turn"}),
        property<PinBody, &AppearanceBody::scale>(
            {.id = "scale",
             .label = "scale",
             .unit = "%",
             .least = 0,
             .most = 2000,
             .initial = 100,
             .explains = "of the layer's own"},
            {.name = "larger", .from = 100, .about = "percent above, or below, the layer's scale"}),
        property<PinBody, &AppearanceBody::later>({.id = "later",
                                                   .label = "later",
                                                   .type = ParamType::Whole,
                                                   .unit = "frames",
                                                   .least = -10000,
                                                   .most = 10000,
                                                   .explains = "than its beat"},
                                                  {.name = "later_frames"}),
        coloured(),
        property<PinBody, &AppearanceBody::colour>(
            {.id = "colour", .label = "colour", .type = ParamType::Colour}, {}),
        property<PinBody, &AppearanceBody::text>(
            {.id = "text",
             .label = "words",
             .type = ParamType::Text,
             .unit = "lines",
             .explains = "of a title: instead of the layer's; empty: the layer's"},
            {.name = "text", .most = limits::note}),
        property<PinBody, &AppearanceBody::font>(
            {.id = "font",
             .label = "font",
             .type = ParamType::Text,
             .explains = "of a title: the family of these words; empty: the layer's"},
            {.name = "font"}),
        property<PinBody, &AppearanceBody::weight>(
            {.id = "weight",
             .label = "weight",
             .type = ParamType::Whole,
             .most = limits::font_weight.most,
             .explains = "of the font of these words: 400 is regular, 700 is bold; 0: the layer's"},
            {.name = "weight", .whole = limits::font_weight}),
        own_move<&AppearanceBody::comes>("comes", "comes"),
        own_move<&AppearanceBody::goes>("goes", "goes"),
        property<PinBody, &AppearanceBody::seed>(
            {.id = "seed",
             .label = "seed",
             .type = ParamType::Whole,
             .most = 0xffffffff,
             .initial = 1,
             .explains = "of what is at random in it"},
            {.name = "seed", .presence = Fields::required, .whole = limits::seed}),
        kinds::row_property(Fields::optional),
    };
    return all;
}

void more_fields(Fields& f, PinBody& body) {
    f.about("what it does beside, over its length")
        .items<TriggerAct>(
            "acts", "appearance-act", body_of<AppearanceBody>(body).acts,
            [](Fields& g, TriggerAct& act) { fields_of(g, act); }, limits::few, Fields::optional);
}

bool may_set(std::string_view id, const PinBody& body, const Project&) {
    return id != "colour" || body_of<AppearanceBody>(body).coloured;
}

/// They differ by steps and by chance.
Result<PlacedBodies> bodies(const Project&, const Lane&, std::span<const Picked> places,
                            const PlantingForm& form) {
    AppearanceBody base;
    if (const auto* given = body_if<AppearanceBody>(&form.body))
        base = *given;
    const Spread spread = form.spread();
    PlacedBodies bodies;
    bodies.reserve(places.size());
    for (std::size_t i = 0; i < places.size(); ++i) {
        const auto n = static_cast<double>(i);
        const auto chance = [&](std::uint64_t which) {
            return 2 * chance_of(static_cast<std::uint64_t>(places[i].at.value), spread.seed * 8 + which) - 1;
        };
        AppearanceBody body = base;
        body.x += spread.step_x * n + spread.wide_x * chance(1);
        body.y += spread.step_y * n + spread.wide_y * chance(2);
        body.turn += spread.step_turn * n + spread.wide_turn * chance(3);
        body.scale = std::max(0.0, body.scale + spread.step_scale * n + spread.wide_scale * chance(4));
        body.later += Frames(nearest_whole(spread.step_later * n + spread.wide_later * chance(5)));
        if (!spread.palette.empty()) {
            body.coloured = true;
            body.colour = spread.palette[i % spread.palette.size()];
        }
        body.seed = base.seed + static_cast<std::uint32_t>(i);
        bodies.push_back(body);
    }
    return bodies;
}

/// As the one before, with other chances and no words of its own.
Result<void> adapt(PinBody& body, const Project&, const Lane& lane, std::optional<Ticks>) {
    auto& appearance = body_of<AppearanceBody>(body);
    if (lane.pins.empty())
        appearance.length = {Length::Unit::InBeats, 4};
    appearance.seed += 1;
    appearance.text.clear();
    return {};
}

void spans(const Project& project, const Lane& lane, const ResolvedLane& pins, LaneSpans& spans) {
    spans.appearances = appearances_of(project, lane, pins);
    for (const auto& span : spans.appearances)
        spans.rows = std::max(spans.rows, span.row + 1);
}

std::string name_of(const PinBody& body, const Project&) {
    const auto& text = body_of<AppearanceBody>(body).text;
    return text.empty() ? "appearance" : text;
}

constexpr LanePartRow parts[] = {kinds::showing_part};

} // namespace

const LaneKindRow kinds::appearance_row{
    .id = "appearances",
    .plural = "Appearances",
    .singular = "appearance",
    .counted = "appearances",
    .from_the_start = false,
    .pin_body = body_type<AppearanceBody>,
    .empty_body = [] { return PinBody(AppearanceBody{}); },
    .name_of = name_of,
    .colour_of =
        [](const PinBody& body) {
            const auto& appearance = body_of<AppearanceBody>(body);
            return appearance.coloured ? PinColour(appearance.colour) : PinColour();
        },
    .properties = properties(),
    .more_fields = more_fields,
    .may_set = may_set,
    .parts = parts,
    .spans = spans,
    .bodies = bodies,
    .adapt = adapt,
};

} // namespace pulsepin
