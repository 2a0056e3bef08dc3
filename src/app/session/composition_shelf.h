// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "hand/composition.h"

#include <filesystem>
#include <optional>
#include <vector>

namespace pulsepin {

/// Compositions that a person kept, a file each in a folder of the program's own.
class CompositionShelf {
public:
    CompositionShelf(); ///< in the usual folder

    /// By their names. What is no composition is left out.
    [[nodiscard]] std::vector<Composition> kept() const;
    /// One of those, or one that ships.
    [[nodiscard]] std::optional<Composition> named(const std::string& name) const;
    /// Beside what is there: where the name is taken, under it with a number. Returns the name.
    [[nodiscard]] Result<std::string> keep(Composition composition) const;
    [[nodiscard]] Result<void> forget(const std::string& name) const;
    [[nodiscard]] const std::filesystem::path& folder() const { return folder_; }

private:
    [[nodiscard]] std::vector<std::filesystem::path> files() const;
    std::filesystem::path folder_;
};

} // namespace pulsepin
