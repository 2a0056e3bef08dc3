// SPDX-License-Identifier: GPL-3.0-or-later
#include "parameter_page.h"

#include "follow/sources.h"
#include "follow/steps.h"
#include "hand/hand_edits.h"
#include "interchange/exporters.h"
#include "schedule/picker_tables.h"
#include "stage/effects.h"

#include <fmt/core.h>

namespace pulsepin {
namespace {

std::string range_of(const ParamSpec& spec) {
    switch (spec.type) {
    case ParamType::Number:
    case ParamType::Whole:
        return fmt::format("{:g} to {:g}", spec.least, spec.most);
    case ParamType::Switch:
        return "yes, no";
    case ParamType::Choice: {
        std::string ids;
        for (const auto& choice : spec.choices)
            ids += (ids.empty() ? "" : ", ") + std::string(choice.id);
        return ids;
    }
    case ParamType::Text:
        return "text";
    case ParamType::OnsetRow:
        return "name of a row of onsets";
    case ParamType::Lane:
        return "number of a lane";
    case ParamType::Colour:
        return "#rrggbb";
    case ParamType::Steps:
        return "x for on, . for off";
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
                            spec.type == ParamType::Lane ? "" : initial);
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
    page += "## Exporters\n\n";
    for (const auto& row : exporters())
        page += table(row.id, row.label, row.explains, row.parameters);
    page += "## Edits by hand\n\n";
    for (const auto& row : hand_edits())
        page += table(row.id, row.label, {}, row.parameters);
    return page;
}

} // namespace pulsepin
