// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/place_parameters.h"

#include <map>
#include <optional>
#include <string>
#include <string_view>

namespace pulsepin {

/// Numbers of a layer that can be set and driven, by their ids; what is not named is as its row has it at
/// first, which changes nothing.
class LayerValues {
public:
    LayerValues() = default;
    explicit LayerValues(std::map<std::string, double> given) : given_(given.begin(), given.end()) {}

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
    friend bool operator==(const LayerValues&, const LayerValues&) = default;

private:
    std::map<std::string, double, std::less<>> given_, turns_;
    std::map<std::string, Colour, std::less<>> lights_;
};

/// All that a layer has: its place first, then those of all effects in their order.
[[nodiscard]] ParamSpecs layer_parameters();
/// Null when there is none of that id.
[[nodiscard]] const ParamSpec* layer_parameter(std::string_view id);

} // namespace pulsepin
