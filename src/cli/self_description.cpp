// SPDX-License-Identifier: GPL-3.0-or-later
#include "self_description.h"

#include <algorithm>
#include <vector>

namespace pulsepin {
namespace {

/// Those that --help lists.
std::vector<const CLI::App*> commands_of(const CLI::App& app) {
    auto all = app.get_subcommands([](const CLI::App* command) { return !command->get_group().empty(); });
    return {all.begin(), all.end()};
}

std::vector<const CLI::Option*> options_of(const CLI::App& command) {
    auto all = command.get_options([](const CLI::Option* option) { return !option->get_group().empty(); });
    return {all.begin(), all.end()};
}

/// As troff prints it: a line must not begin with a sign of its own, hyphens stay hyphens.
std::string troff(std::string text) {
    std::string out;
    for (const char c : text) {
        if (c == '\\')
            out += "\\e";
        else if (c == '-')
            out += "\\-";
        else if (c == '|') // long lists may be broken there
            out += "|\\:";
        else if (c == '\n')
            out += out.ends_with('\n') || out.empty() ? "" : "\n";
        else
            out += c;
    }
    std::string safe;
    bool begins = true;
    for (const char c : out) {
        if (begins && (c == '.' || c == '\''))
            safe += "\\&";
        safe += c;
        begins = c == '\n';
    }
    return safe;
}

std::string type_of(const CLI::Option& option) {
    return option.get_type_size() == 0 ? std::string() : option.get_type_name();
}

std::string option_entry(const CLI::Option& option) {
    std::string names;
    for (const auto& name : option.get_snames())
        names += (names.empty() ? "\\-" : ", \\-") + troff(name);
    for (const auto& name : option.get_lnames())
        names += (names.empty() ? "\\-\\-" : ", \\-\\-") + troff(name);
    if (names.empty())
        names = troff(option.get_name());
    std::string entry = ".TP\n.B " + names + "\n";
    if (const auto type = type_of(option); !type.empty() && !option.get_positional())
        entry = ".TP\n.BI \"" + names + " \" \"" + troff(type) + "\"\n";
    std::string what = option.get_description();
    if (what.empty())
        what = option.get_required() ? "required" : "";
    if (const auto& usual = option.get_default_str(); !usual.empty())
        what += (what.empty() ? "" : "; ") + std::string("usually ") + usual;
    return entry + (what.empty() ? "\\ " : troff(what)) + "\n";
}

/// Within single quotes of a shell.
std::string quoted_for_shell(const std::string& text) {
    std::string out = "'";
    for (const char c : text)
        out += c == '\'' ? std::string("'\\''") : std::string(1, c);
    return out + "'";
}

std::string long_options(const CLI::App& command) {
    std::string all;
    for (const auto* option : options_of(command))
        for (const auto& name : option->get_lnames())
            all += (all.empty() ? "--" : " --") + name;
    return all;
}

} // namespace

std::string man_page(const CLI::App& app, const std::string& version) {
    std::string page =
        ".TH PULSEPIN\\-CLI 1 \"\" \"" + troff(version) +
        "\" \"Pulse Pin\"\n"
        ".ad l\n.nh\n.SH NAME\npulsepin\\-cli \\- pictures to music, without a window\n"
        ".SH SYNOPSIS\n.B pulsepin\\-cli\n.I COMMAND\n[\\fIOPTION\\fR ...]\n.SH DESCRIPTION\n" +
        troff(app.get_description()) + "\n.SH COMMANDS\n";
    for (const auto* command : commands_of(app)) {
        page += ".SS " + troff(command->get_name()) + "\n" + troff(command->get_description()) + "\n";
        for (const auto* option : options_of(*command))
            if (std::ranges::find(option->get_lnames(), "help") == option->get_lnames().end())
                page += option_entry(*option);
    }
    page += ".SH EXIT STATUS\n" + troff(app.get_footer()) + "\n.SH SEE ALSO\n.BR pulsepin (1)\n";
    return page;
}

std::string bash_completion(const CLI::App& app) {
    std::string names, cases;
    for (const auto* command : commands_of(app)) {
        names += (names.empty() ? "" : " ") + command->get_name();
        cases += "        " + command->get_name() + ") options=" + quoted_for_shell(long_options(*command)) +
                 " ;;\n";
    }
    return "# Completes pulsepin-cli in bash.\n_pulsepin_cli() {\n"
           "    local word=${COMP_WORDS[COMP_CWORD]} options=\n"
           "    if [ \"$COMP_CWORD\" -eq 1 ]; then\n"
           "        COMPREPLY=($(compgen -W " +
           quoted_for_shell(names + " --help --version") +
           " -- \"$word\"))\n        return\n    fi\n"
           "    case ${COMP_WORDS[1]} in\n" +
           cases +
           "    esac\n"
           "    if [[ $word == -* ]]; then\n"
           "        COMPREPLY=($(compgen -W \"$options\" -- \"$word\"))\n"
           "    else\n"
           "        local IFS=$'\\n'\n"
           "        COMPREPLY=($(compgen -f -- \"$word\"))\n"
           "    fi\n}\n"
           "complete -o filenames -F _pulsepin_cli pulsepin-cli\n";
}

std::string zsh_completion(const CLI::App& app) {
    // Marks that _arguments and _describe have a meaning for.
    const auto described = [](const std::string& text) {
        std::string out;
        for (const char c : text)
            out += c == ':' || c == '[' || c == ']' || c == '\\' ? std::string("\\") + c : std::string(1, c);
        return out;
    };
    std::string names, cases;
    for (const auto* command : commands_of(app)) {
        names += "        " +
                 quoted_for_shell(command->get_name() + ":" + described(command->get_description())) + "\n";
        cases += "        " + command->get_name() + ")\n            _arguments";
        for (const auto* option : options_of(*command))
            for (const auto& name : option->get_lnames())
                cases += " \\\n                " +
                         quoted_for_shell("--" + name + "[" + described(option->get_description()) + "]" +
                                          (option->get_type_size() == 0 ? "" : ":value:_files"));
        cases += " \\\n                '*:file:_files'\n            ;;\n";
    }
    return "#compdef pulsepin-cli\n"
           "# Completes pulsepin-cli in zsh.\n"
           "_pulsepin_cli() {\n    local -a commands=(\n" +
           names +
           "    )\n    if (( CURRENT == 2 )); then\n        _describe command commands\n        return\n    "
           "fi\n"
           "    local command=$words[2]\n    shift words\n    (( CURRENT-- ))\n    case $command in\n" +
           cases + "    esac\n}\n_pulsepin_cli \"$@\"\n";
}

} // namespace pulsepin
