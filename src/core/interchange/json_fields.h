// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/limits.h"

#include <nlohmann/json.hpp>
#include <stdexcept>
#include <string>

namespace pulsepin {

/// Thrown while a project file is read and caught before its reader returns: what a field must be and is not.
struct BadField : std::runtime_error {
    using std::runtime_error::runtime_error;
};

inline void require(bool holds, const std::string& what) {
    if (!holds)
        throw BadField(what);
}

/// The value as written in the file, shortened for a message.
[[nodiscard]] std::string shown_in_message(const nlohmann::json& value);

[[nodiscard]] const nlohmann::json& field(const nlohmann::json& object, const char* name);
/// A field that earlier versions, or files without it, leave out. Null when it is not there.
[[nodiscard]] const nlohmann::json* optional_field(const nlohmann::json& object, const char* name);

// Each throws BadField, with the name and what was found, for another type and for what is beyond the limits.

/// Numbers that only look whole (3.5, 1e300) are refused.
[[nodiscard]] std::int64_t whole_of_json(const nlohmann::json& value, const char* name, limits::Whole range);
[[nodiscard]] double number_of_json(const nlohmann::json& value, const char* name, limits::Real range);

[[nodiscard]] std::int64_t whole_field(const nlohmann::json& object, const char* name, limits::Whole range);
[[nodiscard]] std::int64_t whole_field(const nlohmann::json& object, const char* name, limits::Whole range,
                                       std::int64_t otherwise);
[[nodiscard]] double number_field(const nlohmann::json& object, const char* name, limits::Real range);
[[nodiscard]] double number_field(const nlohmann::json& object, const char* name, limits::Real range,
                                  double otherwise);
[[nodiscard]] bool flag_field(const nlohmann::json& object, const char* name);
[[nodiscard]] bool flag_field(const nlohmann::json& object, const char* name, bool otherwise);
[[nodiscard]] std::string text_field(const nlohmann::json& object, const char* name,
                                     std::size_t most = limits::name);
[[nodiscard]] std::string text_field(const nlohmann::json& object, const char* name, std::size_t most,
                                     const std::string& otherwise);
[[nodiscard]] const nlohmann::json& list_field(const nlohmann::json& object, const char* name,
                                               std::size_t most = limits::many);
/// An empty list where it is left out.
[[nodiscard]] const nlohmann::json& optional_list(const nlohmann::json& object, const char* name,
                                                  std::size_t most = limits::many);

/// The number of something; `none` where 0 names nothing.
template <class Id>
[[nodiscard]] Id id_field(const nlohmann::json& object, const char* name) {
    return Id{static_cast<std::uint64_t>(whole_field(object, name, limits::id))};
}
template <class Id>
[[nodiscard]] Id id_or_none(const nlohmann::json& object, const char* name) {
    return Id{static_cast<std::uint64_t>(whole_field(object, name, limits::id_or_none, 0))};
}

} // namespace pulsepin
