// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/fields.h"

#include <nlohmann/json.hpp>

namespace pulsepin {

/// Writes fields into an object.
class JsonWriter : public Fields {
public:
    explicit JsonWriter(nlohmann::json& object) : object_(object) {}
    void text(const char* name, std::string& value, std::size_t most, Presence presence) override;
    void number(const char* name, double& value, limits::Real range, Presence presence) override;
    void whole(const char* name, std::int64_t& value, limits::Whole range, Presence presence) override;
    void flag(const char* name, bool& value, Presence presence) override;
    void choice(const char* name, int& value, std::span<const std::string_view> ids,
                Presence presence) override;
    void id(const char* name, std::uint64_t& value, Presence presence) override;
    void colour(const char* name, Colour& value) override;
    void length(const char* name, Length& value) override;
    void easing(const char* name, Easing& value) override;
    void pulse(const char* name, std::shared_ptr<const Pulse>& value) override;
    void object(const char* name, const std::function<void(Fields&)>& fields) override;

private:
    nlohmann::json& object_;
};

/// Reads fields from an object; what may be left out and is keeps its value. Each throws BadField, with the
/// name and what was found, for another type and for what is beyond the limits.
class JsonReader : public Fields {
public:
    explicit JsonReader(const nlohmann::json& object) : object_(object) {}
    void text(const char* name, std::string& value, std::size_t most, Presence presence) override;
    void number(const char* name, double& value, limits::Real range, Presence presence) override;
    void whole(const char* name, std::int64_t& value, limits::Whole range, Presence presence) override;
    void flag(const char* name, bool& value, Presence presence) override;
    void choice(const char* name, int& value, std::span<const std::string_view> ids,
                Presence presence) override;
    void id(const char* name, std::uint64_t& value, Presence presence) override;
    void colour(const char* name, Colour& value) override;
    void length(const char* name, Length& value) override;
    void easing(const char* name, Easing& value) override;
    void pulse(const char* name, std::shared_ptr<const Pulse>& value) override;
    void object(const char* name, const std::function<void(Fields&)>& fields) override;

private:
    [[nodiscard]] bool left_out(const char* name, Presence presence) const;
    const nlohmann::json& object_;
};

/// Lists fields as the properties of a JSON Schema (draft 2020-12) object: docs/project.schema.json says the
/// same (a test compares them).
class SchemaWriter : public Fields {
public:
    void text(const char* name, std::string& value, std::size_t most, Presence presence) override;
    void number(const char* name, double& value, limits::Real range, Presence presence) override;
    void whole(const char* name, std::int64_t& value, limits::Whole range, Presence presence) override;
    void flag(const char* name, bool& value, Presence presence) override;
    void choice(const char* name, int& value, std::span<const std::string_view> ids,
                Presence presence) override;
    void id(const char* name, std::uint64_t& value, Presence presence) override;
    void colour(const char* name, Colour& value) override;
    void length(const char* name, Length& value) override;
    void easing(const char* name, Easing& value) override;
    void pulse(const char* name, std::shared_ptr<const Pulse>& value) override;
    void object(const char* name, const std::function<void(Fields&)>& fields) override;

    /// {"properties": {...}, "required": [...]}
    [[nodiscard]] nlohmann::json schema() const;

private:
    void add(const char* name, nlohmann::json property, Presence presence = required);
    nlohmann::json properties_ = nlohmann::json::object();
    nlohmann::json required_ = nlohmann::json::array();
};

} // namespace pulsepin
