// SPDX-License-Identifier: GPL-3.0-or-later
#include "commands.h"

#include "hand/hand_edits.h"

#include <algorithm>

namespace pulsepin {
namespace {

/// "how far, in ms".
std::string told_of(const ParamSpec& spec) {
    std::string told(spec.explains.empty() ? spec.label : spec.explains);
    if (!spec.unit.empty())
        told += ", in " + std::string(spec.unit);
    if (spec.type == ParamType::Choice && !spec.choices.empty()) {
        told += ":";
        for (const auto& choice : spec.choices)
            told += (&choice == spec.choices.data() ? " " : ", ") + std::string(choice.id);
    }
    return told;
}

} // namespace

void add_options(CLI::App* command, ParamSpecs specs, std::vector<std::string>& settings) {
    for (const auto& spec : specs) {
        const std::string name = "--" + std::string(spec.id);
        const auto take = [&settings, id = std::string(spec.id)](const std::string& value) {
            settings.push_back(id + "=" + value);
        };
        if (spec.type == ParamType::Switch && spec.initial == 0)
            command->add_flag_callback(
                name, [take] { take("yes"); }, told_of(spec));
        else
            command->add_option_function<std::string>(name, take, told_of(spec));
    }
}

const CLI::App* command_called(const CLI::App& app, std::string_view name) {
    const auto found =
        app.get_subcommands([name](const CLI::App* command) { return command->get_name() == name; });
    return found.empty() ? nullptr : found.front();
}

void add_edit_commands(CLI::App& app, Requests& all) {
    auto& request = all.edit;
    for (const auto& row : hand_edits()) {
        if (command_called(app, row.id))
            continue; // a command of its own does more
        auto* command = app.add_subcommand(std::string(row.id), std::string(row.label))->group("Edits");
        command->add_option("PROJECT", request.change.project)->required();
        const auto own = [&](std::string_view name) { return find_param(row.parameters, name) != nullptr; };
        // What the edit is told, and of which pins or where.
        add_options(command, row.parameters, request.settings);
        if (row.parameters_of)
            command->add_option("--set", request.settings, "as in length=2: see parameters")->expected(1, 16);
        struct Where {
            const char* name;
            std::string* value;
            const char* told;
        };
        for (const auto& [name, value, told] :
             {Where{"lane", &request.lane, "pins of that lane"},
              Where{"named", &request.named, "pins with that in their names"},
              Where{"from", &request.from, "bar.beat of the first pin"},
              Where{"until", &request.until, "bar.beat of the last; not itself included"},
              Where{"at", &request.at, "bar.beat, of what is done at a moment"}})
            if (!own(name))
                command->add_option(std::string("--") + name, *value, told);
        add_change(command, request.change);
        command->callback([&all, id = std::string(row.id)] {
            all.edit.edit = id;
            all.outcome = edit_project(all.edit);
        });
    }
}

} // namespace pulsepin
