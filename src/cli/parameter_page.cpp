// SPDX-License-Identifier: GPL-3.0-or-later
#include "parameter_page.h"

#include "check/checks.h"
#include "follow/sources.h"
#include "follow/steps.h"
#include "hand/bring_in.h"
#include "hand/hand_edits.h"
#include "interchange/exporters.h"
#include "interchange/list_readers.h"
#include "kinds/kinds.h"
#include "model/planting_properties.h"
#include "model/pulse_params.h"
#include "params/easings.h"
#include "render/film_properties.h"
#include "schedule/picker_tables.h"
#include "sheets/sheets.h"
#include "stage/effects.h"
#include "stage/showing_parameters.h"

#include <fmt/core.h>

namespace pulsepin {
namespace {

std::string choices_of(const ParamSpec& spec) {
    std::string ids;
    for (const auto& choice : spec.choices)
        ids += (ids.empty() ? "" : ", ") + std::string(choice.id);
    return ids;
}

std::string range_of(const ParamSpec& spec) {
    switch (spec.type) {
    case ParamType::Number:
    case ParamType::Whole:
        return fmt::format("{:g} to {:g}", spec.least, spec.most);
    case ParamType::Switch:
        return "yes, no";
    case ParamType::Choice:
        return choices_of(spec);
    case ParamType::Text:
        return spec.choices.empty() ? "text" : choices_of(spec) + ", or a text";
    case ParamType::OnsetRow:
        return "name of a row of onsets";
    case ParamType::OnsetRows:
        return "names of rows of onsets, with \" + \" between them; * for all";
    case ParamType::Sound:
        return "song, sum, or \"lane\" and its number";
    case ParamType::Lane:
        return "number of a lane";
    case ParamType::Colour:
        return "#rrggbb";
    case ParamType::Steps:
        return "x for on, . for off";
    case ParamType::Length: {
        std::string units;
        for (const auto unit : spec.units)
            units += (units.empty() ? "" : ", ") +
                     text_of_value(spec, Length{unit, 1}).substr(Length{unit}.counted() ? 2 : 0);
        return "in " + units;
    }
    case ParamType::Curve:
        return "an easing, with its numbers";
    case ParamType::Shot:
        return "number of a shot";
    }
    return {};
}

std::string table(std::string_view id, std::string_view label, std::string_view explains, ParamSpecs specs) {
    std::string text = fmt::format("### {}\n\n{}{}{}\n\n", id, label, explains.empty() ? "" : ": ", explains);
    if (specs.empty())
        return text;
    text += "| name | what | unit | values | at first |\n| --- | --- | --- | --- | --- |\n";
    for (const auto& spec : specs) {
        const auto initial = text_of_value(spec, initial_value(spec));
        text += fmt::format("| {} | {} | {} | {} | {} |\n", spec.id,
                            spec.explains.empty() ? spec.label : spec.explains, spec.unit, range_of(spec),
                            spec.type == ParamType::Lane || spec.type == ParamType::Shot ? "" : initial);
    }
    return text + "\n";
}

} // namespace

std::string parameter_page() {
    std::string page =
        "# All that can be set\n\n"
        "Written by `pulsepin-cli parameters`. On the command line a value is set as in "
        "`--set every-nth.n=4` (placing), `--set beats=2` (editing) or `--set decimals=3` (exporting).\n\n";
    page += "## Sources of positions\n\n";
    for (const auto& row : picker_sources())
        page += table(row.id, row.label, {}, row.parameters);
    page += "## Filters of positions\n\n";
    for (const auto& row : picker_filters())
        page += table(row.id, row.label, {}, row.parameters);
    page += "## How what is placed differs from each to the next\n\nSet by `pulsepin-cli place --set "
            "varies.strength=ramps`; what all have alike as `--set pin.length=2`, by the names under "
            "Pins.\n\n";
    page += table("shots", "Which shot each cut shows", {}, specs_of(shot_choice_properties()));
    page += table("varies", "Triggers, pulses and keys", {}, specs_of(variation_properties()));
    page += table("differs", "Appearances", {}, specs_of(spread_properties()));
    page += "## What followers follow\n\n";
    for (const auto& row : follower_sources())
        page += table(row.id, row.label, row.explains, row.parameters);
    page += "## Steps that shape followers\n\n";
    for (const auto& row : follower_steps())
        page += table(row.id, row.label, row.explains, row.parameters);
    page += "## Layers of the picture\n\n";
    page += table("place", "Place", "of every layer", place_parameters());
    for (const auto& row : effects())
        page += table(row.id, row.label, {}, row.parameters);
    page += "## Ways from one value to another\n\n";
    for (const auto& row : easings())
        page += table(row.id, row.label, {}, specs_of(row.params));
    page += "## Pulses\n\nSet by `pulsepin-cli edit shape-pulse`, or at the stop Motion.\n\n";
    page += table("pulse", "The shape of one hit", {}, pulse_param_specs());
    page += "## Appearances\n\nSet by `pulsepin-cli edit appear`, or at the stop Motion.\n\n";
    page += table("appear", "How what appears comes, stays and goes", {}, showing_param_specs());
    page += "## Lists that come in\n\nSet by `pulsepin-cli bring-in --set`, or in the window's dialog.\n\n";
    page += table("list", "Any list", {}, list_rate_params());
    for (const auto& row : list_readers())
        if (!row.parameters.empty())
            page += table(row.id, row.label, {}, row.parameters);
    page += table("bring-in", "What becomes of it", {}, bringing_params());
    page += "## Pins\n\nSet by `pulsepin-cli edit set`, or where what is selected is told.\n\n";
    for (const auto& kind : lane_kinds())
        if (!kind->properties.empty())
            page += table(kind->id, kind->counted, {}, specs_of(kind->properties));
    page += "## Exporters\n\n";
    for (const auto& row : exporters())
        page += table(row.id, row.label, row.explains, row.parameters);
    page += "## Films\n\nSet by `pulsepin-cli render --set`, or at the stop Film; kind, size and range "
            "besides.\n\n";
    page += table("film", "What can be chosen of a film", {}, specs_of(film_properties()));
    page += "## Sheets to print\n\nSet by `pulsepin-cli sheet --set`, or at the stop Export.\n\n";
    page += table("sheet", "Paper, and what is on it", {}, sheet_parameters());
    page += "## What a piece is checked against\n\nSet by `pulsepin-cli check --limit`, or at the stop "
            "Check.\n\n";
    page += table("check", "Limits", {}, check_parameters());
    page += "## Edits by hand\n\n";
    for (const auto& row : hand_edits())
        page += table(row.id, row.label, {}, row.parameters);
    return page;
}

} // namespace pulsepin
