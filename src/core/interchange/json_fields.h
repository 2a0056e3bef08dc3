// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <nlohmann/json.hpp>
#include <stdexcept>
#include <string>

namespace pulsepin {

/// Thrown while a project file is read and caught before its reader returns: what a field must be and is not.
struct BadField : std::runtime_error {
    using std::runtime_error::runtime_error;
};

[[nodiscard]] inline const nlohmann::json& field(const nlohmann::json& object, const char* name) {
    const auto found = object.find(name);
    if (found == object.end())
        throw BadField(std::string("\"") + name + "\" is missing");
    return *found;
}

inline void require(bool holds, const std::string& what) {
    if (!holds)
        throw BadField(what);
}

} // namespace pulsepin
