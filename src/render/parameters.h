// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/length.h"

#include <map>
#include <optional>
#include <span>
#include <string>
#include <string_view>

namespace pulsepin {

/// A number of a layer that can be set and driven.
struct Parameter {
    std::string_view id;
    std::string_view label;
    std::string_view unit;
    double neutral;               ///< changes nothing
    double least, most;           ///< its range; values beyond are cut to it
    double usual_low, usual_high; ///< the range of a new feed
};

/// Values of parameters by their ids; what is not named is neutral.
class ParameterValues {
public:
    ParameterValues() = default;
    explicit ParameterValues(std::map<std::string, double> given) : given_(given.begin(), given.end()) {}

    /// Within the parameter's range. 0 for unknown ids.
    [[nodiscard]] double of(std::string_view id) const;
    void set(const std::string& id, double value) { given_[id] = value; }

    /// The colour that an effect's light has, by the effect's id; none: as the effect has it by itself.
    [[nodiscard]] std::optional<Colour> light(std::string_view effect) const;
    void set_light(const std::string& effect, Colour colour) { lights_[effect] = colour; }

    /// How many turns have passed of what turns at a rate, by the rate's id: the integral of the rate, which
    /// may have changed meanwhile. At an even rate, without one that was set, it is seconds times the rate.
    [[nodiscard]] double turns(std::string_view rate, double seconds) const;
    void set_turns(const std::string& rate, double turns) { turns_[rate] = turns; }
    friend bool operator==(const ParameterValues&, const ParameterValues&) = default;

private:
    std::map<std::string, double, std::less<>> given_, turns_;
    std::map<std::string, Colour, std::less<>> lights_;
};

/// All that a layer has: its place first, then those of all effects in their order.
[[nodiscard]] std::span<const Parameter> parameters();
/// Null when there is none of that id.
[[nodiscard]] const Parameter* parameter(std::string_view id);

} // namespace pulsepin
