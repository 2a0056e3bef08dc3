// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/limits.h"
#include "model/pulse.h"
#include "params/ids.h"
#include "params/length.h"

#include <functional>
#include <memory>
#include <span>
#include <string>
#include <string_view>

namespace pulsepin {

/// Visits the fields of a part of a project, by their names in its file. A part lists its fields once; what
/// writes and reads files, what publishes their schema and what checks limits are visitors of that list. A
/// field that may be left out is left out where it has its usual value.
class Fields {
public:
    enum class Presence { Required, Optional };
    static constexpr auto required = Presence::Required;
    static constexpr auto optional = Presence::Optional;

    virtual ~Fields() = default;
    virtual void text(const char* name, std::string& value, std::size_t most = limits::name,
                      Presence presence = required) = 0;
    virtual void number(const char* name, double& value, limits::Real range,
                        Presence presence = required) = 0;
    virtual void whole(const char* name, std::int64_t& value, limits::Whole range,
                       Presence presence = required) = 0;
    virtual void flag(const char* name, bool& value, Presence presence = required) = 0;
    /// One of several by its id; `value` is its place among them.
    virtual void choice(const char* name, int& value, std::span<const std::string_view> ids,
                        Presence presence = required) = 0;
    /// The number of something; 0 names nothing and is refused unless it may be left out.
    virtual void id(const char* name, std::uint64_t& value, Presence presence = required) = 0;
    virtual void colour(const char* name, Colour& value) = 0;
    virtual void length(const char* name, Length& value) = 0; ///< left out for none
    virtual void easing(const char* name, Easing& value) = 0;
    virtual void pulse(const char* name, std::shared_ptr<const Pulse>& value) = 0; ///< left out for null
    virtual void object(const char* name, const std::function<void(Fields&)>& fields) = 0;

    // In terms of the others.
    void seconds(const char* name, Seconds& value, limits::Real range) { number(name, value.value, range); }
    void frames(const char* name, Frames& value, limits::Whole range, Presence presence = required) {
        whole(name, value.value, range, presence);
    }
};

} // namespace pulsepin
