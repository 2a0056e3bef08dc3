// SPDX-License-Identifier: GPL-3.0-or-later
#include "base/heap.h"
#include "base/nearest_word.h"
#include "commands.h"
#include "self_description.h"

#include <iostream>

namespace {

using namespace pulsepin;

constexpr int wrong_use = 2;

constexpr auto statuses =
    "Every edit that is listed by \"parameters\" is a command, too: pulsepin-cli metre PIECE "
    "--beats 3 --in-place.\n\n"
    "Exit status:\n"
    "  0  all was done; of check: nothing was found\n"
    "  1  it could not be done; of check: something was found\n"
    "  2  the command was told wrongly; of check: it could not be checked\n"
    "  3  some of several things were done, others not";

std::vector<std::string> names_of_commands(const CLI::App& app) {
    std::vector<std::string> names;
    for (const auto* command : app.get_subcommands([](const CLI::App*) { return true; }))
        names.push_back(command->get_name());
    return names;
}

/// What is wrong with the words that were written, with the word that was probably meant; empty where it is
/// something else.
std::string wrong_word(const CLI::App& app, int argc, char** argv) {
    if (argc < 2)
        return {};
    const std::string first = argv[1];
    const auto* command = command_called(app, first);
    if (!command)
        return first.starts_with('-')
                   ? std::string()
                   : "There is no command called \"" + first + "\"." +
                         meant_word(first, names_of_commands(app)) + " See pulsepin-cli --help.";
    std::vector<std::string> options;
    for (const auto* option : command->get_options())
        for (const auto& name : option->get_lnames())
            options.push_back("--" + name);
    for (int i = 2; i < argc; ++i) {
        const std::string_view argument = argv[i];
        const std::string name(argument.substr(0, argument.find('=')));
        if (name.size() > 2 && name.starts_with("--") && std::ranges::find(options, name) == options.end())
            return first + " has no option called " + name + "." + meant_word(name, options) +
                   " See pulsepin-cli " + first + " --help.";
    }
    return {};
}

int told_wrongly(const CLI::App& app, const CLI::ParseError& misread, int argc, char** argv) {
    if (misread.get_exit_code() == 0) // help, or the version, was asked for
        return app.exit(misread);
    const std::string wrong = wrong_word(app, argc, argv);
    if (wrong.empty())
        app.exit(misread);
    else
        std::cerr << "pulsepin-cli: " << wrong << "\n";
    return wrong_use;
}

} // namespace

int main(int argc, char** argv) {
    give_back_large_blocks();
    CLI::App app{"Pulse Pin on the command line: beats of a song, cuts on them, open formats out."};
    app.require_subcommand(1);
    app.set_version_flag("--version", "pulsepin-cli " PULSEPIN_VERSION);
    app.footer(statuses);
    Requests all;
    add_commands(app, all);
    std::string what;
    auto* describes = app.add_subcommand("describe")->group(""); // for those who package it
    describes->add_option("WHAT", what)->required()->check(CLI::IsMember({"man", "bash", "zsh"}));
    describes->callback([&] {
        const std::string version = "pulsepin-cli " PULSEPIN_VERSION;
        std::cout << (what == "man"    ? man_page(app, version)
                      : what == "bash" ? bash_completion(app)
                                       : zsh_completion(app));
    });

    try {
        try {
            app.parse(argc, argv);
        } catch (const CLI::ParseError& misread) {
            return told_wrongly(app, misread, argc, argv);
        }
    } catch (const std::exception& fault) { // a fault of the program, or no memory: told, not a crash
        all.outcome = fail(std::string("This could not be done: ") + fault.what() + ".", {},
                           "Try it with a shorter song or a smaller project.", ErrorKind::Broken);
    }
    if (!all.outcome) {
        std::cerr << "pulsepin-cli: " << all.outcome.error().message() << "\n";
        return all.failed;
    }
    return all.status;
}
