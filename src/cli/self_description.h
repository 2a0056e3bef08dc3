// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <CLI/CLI.hpp>
#include <string>

namespace pulsepin {

// What the program tells of itself besides --help, from the same rows.

/// Its manual page, as man(7) has it; `version`: "pulsepin-cli 1.2.3".
[[nodiscard]] std::string man_page(const CLI::App& app, const std::string& version);
/// What completes its commands and their options in bash, and in zsh.
[[nodiscard]] std::string bash_completion(const CLI::App& app);
[[nodiscard]] std::string zsh_completion(const CLI::App& app);

} // namespace pulsepin
