// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/fields.h"

#include <nlohmann/json.hpp>

namespace pulsepin {

/// Lists fields as a JSON Schema (draft 2020-12) object; parts become definitions by the names of their
/// shapes.
class SchemaWriter : public Fields {
public:
    /// `definitions` gathers the parts.
    explicit SchemaWriter(nlohmann::json& definitions) : definitions_(definitions) {}

    void text(const char* name, std::string& value, std::size_t most, Presence presence) override;
    void formed_text(const char* name, std::string& value, const char* form) override;
    void number(const char* name, double& value, limits::Real range, Presence presence) override;
    void maybe_number(const char* name, std::optional<double>& value, limits::Real range) override;
    void whole(const char* name, std::int64_t& value, limits::Whole range, Presence presence) override;
    void maybe_whole(const char* name, std::optional<std::int64_t>& value, limits::Whole range) override;
    void flag(const char* name, bool& value, Presence presence) override;
    void choice(const char* name, int& value, std::span<const std::string_view> ids,
                Presence presence) override;
    void id(const char* name, std::uint64_t& value, Presence presence) override;
    void colour(const char* name, Colour& value, Presence presence) override;
    void path(const char* name, std::filesystem::path& value) override;
    void values(const char* name, ParamValues& values, Presence presence) override;
    void numbers_by_name(const char* name, std::map<std::string, double>& values,
                         limits::Real range) override;
    void numbers(const char* name, std::vector<double>& values, limits::Real range, std::size_t count,
                 Presence presence) override;
    void wholes(const char* name, std::vector<std::int64_t>& values, limits::Whole range, std::size_t count,
                Presence presence) override;
    void choices(const char* name, std::vector<int>& values, std::span<const std::string_view> ids) override;
    void colours(const char* name, std::vector<Colour>& values, std::size_t most) override;
    void group(const char* name, const char* shape, const Inner& fields) override;
    void maybe(const char* name, const char* shape, bool& there, const Inner& fields,
               Absence absence) override;
    void list(const char* name, const List& list) override;
    void one_of(std::size_t& which, std::initializer_list<Alternative> alternatives) override;
    void depending(const char* name, int& value, std::span<const std::string_view> ids,
                   const std::function<void(Fields&, int)>& fields) override;

    /// Of the object whose fields were visited: closed, each further field is wrong.
    [[nodiscard]] nlohmann::json schema() const;

protected:
    void note(const char* text) override { note_ = text; }

private:
    void add(const char* name, nlohmann::json property, Presence presence = required);
    [[nodiscard]] nlohmann::json reference(const std::string& shape, const Inner& fields);

    nlohmann::json& definitions_;
    std::string note_;
    nlohmann::json properties_ = nlohmann::json::object();
    nlohmann::json required_ = nlohmann::json::array();
    nlohmann::json told_apart_ = nlohmann::json::array(); ///< by which fields alternatives are
    std::vector<nlohmann::json> variants_;                ///< by what a choice is
};

/// The schema of project files: docs/project.schema.json (a test compares them).
[[nodiscard]] nlohmann::json project_schema();

} // namespace pulsepin
