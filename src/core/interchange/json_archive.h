// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/fields.h"
#include "model/project.h"

#include <nlohmann/json.hpp>

namespace pulsepin {

/// Writes fields into an object. Fields of a newer version that were kept come after them.
class JsonWriter : public Fields {
public:
    /// Paths below `folder` are written relative to it.
    JsonWriter(nlohmann::json& object, std::filesystem::path folder, const Foreign* foreign);

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

    /// To be called when all fields were visited.
    void finish();

private:
    JsonWriter(nlohmann::json& object, const JsonWriter& around, std::string place, bool item);
    nlohmann::json& object_;
    std::filesystem::path own_folder_; ///< of the outermost one
    const std::filesystem::path* folder_ = &own_folder_;
    const Foreign* foreign_; ///< null where there is none
    std::string place_;
    bool item_ = false; ///< of a list: its number is a part of its place
};

/// Reads fields from an object; what may be left out and is keeps its value. Each throws BadField, with the
/// name and what was found, for another type and for what is beyond the limits. Fields that nobody asks for
/// are kept aside.
class JsonReader : public Fields {
public:
    /// Relative paths are those below `folder`. What is kept aside goes to `foreign`.
    JsonReader(const nlohmann::json& object, std::filesystem::path folder, Foreign& foreign);

    bool reads() const override { return true; }
    void refuse(const std::string& what) override;
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

    /// A field of which nothing is read.
    void know(const char* name) { known_.push_back(name); }
    /// To be called when all fields were visited.
    void finish();

private:
    JsonReader(const nlohmann::json& object, const JsonReader& around, std::string place, bool lasting);
    [[nodiscard]] bool left_out(const char* name, Presence presence);
    [[nodiscard]] const nlohmann::json* counted_list(const char* name, std::size_t most, std::size_t count,
                                                     Presence presence);
    const nlohmann::json& object_;
    std::filesystem::path own_folder_; ///< of the outermost one
    const std::filesystem::path* folder_ = &own_folder_;
    Foreign& foreign_;
    std::string place_;
    bool lasting_ = true; ///< the place is the same when the file is written again
    std::vector<std::string_view> known_;
};

} // namespace pulsepin
