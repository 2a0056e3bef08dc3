// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/limits.h"
#include "model/pulse.h"
#include "params/ids.h"
#include "params/length.h"
#include "params/param.h"

#include <filesystem>
#include <functional>
#include <map>
#include <memory>
#include <optional>
#include <span>
#include <string>
#include <string_view>
#include <vector>

namespace pulsepin {

/// Visits the fields of a part of a project, by their names in its file. A part lists its fields once; what
/// writes and reads files, what publishes their schema and what checks limits are visitors of that list. A
/// field that may be left out is left out where it has its usual value.
class Fields {
public:
    enum class Presence { Required, Optional };
    static constexpr auto required = Presence::Required;
    static constexpr auto optional = Presence::Optional;
    /// How a part that is not there is told: by nothing, or by the word null.
    enum class Absence { LeftOut, Null };
    using Inner = std::function<void(Fields&)>;

    Fields() = default;
    Fields(const Fields&) = delete;
    Fields& operator=(const Fields&) = delete;
    virtual ~Fields() = default;

    /// Whether what is visited is filled with what a file holds.
    [[nodiscard]] virtual bool reads() const { return false; }
    /// What was read cannot be. Of interest to who reads; the others go on.
    virtual void refuse(const std::string&) {}
    void require(bool holds, const std::string& what) {
        if (!holds)
            refuse(what);
    }
    /// Says of the next field what its name does not.
    Fields& about(const char* text) {
        note(text);
        return *this;
    }

    // -- single values
    virtual void text(const char* name, std::string& value, std::size_t most = limits::name,
                      Presence presence = required) = 0;
    /// A text of a fixed form (a regular expression), which who reads has still to parse.
    virtual void formed_text(const char* name, std::string& value, const char* form) = 0;
    virtual void number(const char* name, double& value, limits::Real range,
                        Presence presence = required) = 0;
    virtual void maybe_number(const char* name, std::optional<double>& value, limits::Real range) = 0;
    virtual void whole(const char* name, std::int64_t& value, limits::Whole range,
                       Presence presence = required) = 0;
    virtual void maybe_whole(const char* name, std::optional<std::int64_t>& value, limits::Whole range) = 0;
    virtual void flag(const char* name, bool& value, Presence presence = required) = 0;
    /// One of several by its id; `value` is its place among them.
    virtual void choice(const char* name, int& value, std::span<const std::string_view> ids,
                        Presence presence = required) = 0;
    /// The number of something; 0 names nothing and is refused unless it may be left out.
    virtual void id(const char* name, std::uint64_t& value, Presence presence = required) = 0;
    virtual void colour(const char* name, Colour& value, Presence presence = required) = 0;
    virtual void path(const char* name, std::filesystem::path& value) = 0;
    virtual void values(const char* name, ParamValues& values, Presence presence = required) = 0;
    virtual void numbers_by_name(const char* name, std::map<std::string, double>& values,
                                 limits::Real range) = 0;

    // -- lists of single values; `count` of them, or any number (0)
    virtual void numbers(const char* name, std::vector<double>& values, limits::Real range,
                         std::size_t count = 0, Presence presence = required) = 0;
    virtual void wholes(const char* name, std::vector<std::int64_t>& values, limits::Whole range,
                        std::size_t count = 0, Presence presence = required) = 0;
    virtual void choices(const char* name, std::vector<int>& values,
                         std::span<const std::string_view> ids) = 0;
    virtual void colours(const char* name, std::vector<Colour>& values, std::size_t most) = 0;

    // -- parts; `shape` names what they look like
    virtual void group(const char* name, const char* shape, const Inner& fields) = 0;
    /// `there` tells whether it is, and is told when it is read.
    virtual void maybe(const char* name, const char* shape, bool& there, const Inner& fields,
                       Absence absence = Absence::LeftOut) = 0;
    struct List {
        std::string shape;
        std::size_t size = 0;                    ///< of what is there
        std::function<void(std::size_t)> resize; ///< called before each further one is read
        std::function<void(Fields&, std::size_t)> item;
        std::size_t most = limits::many;
        Presence presence = required;
    };
    virtual void list(const char* name, const List& list) = 0;
    /// One of several groups of fields, told apart by the name of the first one; the last one is meant where
    /// no other is found. `which` is told when it is read.
    struct Alternative {
        const char* first;
        Inner fields;
    };
    virtual void one_of(std::size_t& which, std::initializer_list<Alternative> alternatives) = 0;
    /// A choice on which the fields depend that follow it.
    virtual void depending(const char* name, int& value, std::span<const std::string_view> ids,
                           const std::function<void(Fields&, int)>& fields) = 0;

    // -- in terms of the others
    void seconds(const char* name, Seconds& value, limits::Real range, Presence presence = required) {
        number(name, value.value, range, presence);
    }
    void frames(const char* name, Frames& value, limits::Whole range, Presence presence = required) {
        whole(name, value.value, range, presence);
    }
    void ticks(const char* name, Ticks& value, Presence presence = required) {
        whole(name, value.value, limits::ticks, presence);
    }
    template <class Int>
    void whole_as(const char* name, Int& value, limits::Whole range, Presence presence = required) {
        auto wide = static_cast<std::int64_t>(value);
        whole(name, wide, range, presence);
        if (reads())
            value = static_cast<Int>(wide);
    }
    template <class Enum>
    void choice_of(const char* name, Enum& value, std::span<const std::string_view> ids,
                   Presence presence = required) {
        int at = static_cast<int>(value);
        choice(name, at, ids, presence);
        value = static_cast<Enum>(at);
    }
    template <class T>
    void items(const char* name, std::string shape, std::vector<T>& values,
               const std::function<void(Fields&, T&)>& fields, std::size_t most = limits::many,
               Presence presence = required) {
        list(name, {std::move(shape), values.size(), [&](std::size_t n) { values.resize(n); },
                    [&](Fields& f, std::size_t i) { fields(f, values[i]); }, most, presence});
    }
    template <class T>
    void maybe_part(const char* name, const char* shape, std::optional<T>& value,
                    const std::function<void(Fields&, T&)>& fields, Absence absence = Absence::LeftOut) {
        bool there = value.has_value();
        T part = value.value_or(T{});
        maybe(
            name, shape, there, [&](Fields& f) { fields(f, part); }, absence);
        if (reads())
            value = there ? std::optional(std::move(part)) : std::nullopt;
    }
    template <class T>
    void maybe_shared(const char* name, const char* shape, std::shared_ptr<const T>& value,
                      const std::function<void(Fields&, T&)>& fields, Absence absence = Absence::LeftOut) {
        std::optional<T> part;
        if (value)
            part = *value;
        maybe_part<T>(name, shape, part, fields, absence);
        if (reads())
            value = part ? std::make_shared<const T>(*std::move(part)) : nullptr;
    }
    void maybe_seconds(const char* name, std::optional<Seconds>& value, limits::Real range) {
        auto number = value ? std::optional(value->value) : std::nullopt;
        maybe_number(name, number, range);
        if (reads())
            value = number ? std::optional(Seconds(*number)) : std::nullopt;
    }
    void length(const char* name, Length& value); ///< left out for none
    void easing(const char* name, Easing& value);
    void pulse(const char* name, Pulse& value);
    void pulses(const char* name, std::vector<Pulse>& values);
    void maybe_pulse(const char* name, std::shared_ptr<const Pulse>& value);

protected:
    virtual void note(const char*) {}
};

} // namespace pulsepin
