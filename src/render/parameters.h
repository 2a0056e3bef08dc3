// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <map>
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
    friend bool operator==(const ParameterValues&, const ParameterValues&) = default;

private:
    std::map<std::string, double, std::less<>> given_;
};

/// All that a layer has: its place first, then those of all effects in their order.
[[nodiscard]] std::span<const Parameter> parameters();
/// Null when there is none of that id.
[[nodiscard]] const Parameter* parameter(std::string_view id);

} // namespace pulsepin
