// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "base/quantity.h"
#include "base/whole.h"
#include "params/param.h"

#include <type_traits>
#include <variant>

namespace pulsepin {

/// A parameter together with where a `Whole` has its value: from one list of them come the form, the command
/// line and the page of parameters.
template <class Whole>
struct BoundParam {
    ParamSpec spec;
    ParamValue (*get)(const Whole&);
    void (*set)(Whole&, const ParamValue&); ///< the value is of the parameter's type
};

namespace bound_param {

template <class T>
struct MemberOf;
template <class Part, class T>
struct MemberOf<T Part::*> {
    using Owner = Part;
    using Type = T;
};

/// The part that has the member: the whole itself, or what a body that can be of several kinds is.
template <class Part, class Whole>
auto& part_of(Whole& whole) {
    if constexpr (std::is_same_v<std::remove_const_t<Whole>, Part>)
        return whole;
    else
        return *whole.template get_if<Part>();
}

template <class T>
ParamValue param_of(const T& value) {
    if constexpr (std::is_arithmetic_v<T>)
        return static_cast<double>(value);
    else if constexpr (ParamValueHolds<T>::value)
        return value;
    else
        return static_cast<double>(value.value); // seconds, frames
}

template <class T>
void put(T& where, const ParamValue& value) {
    if constexpr (std::is_same_v<T, bool>)
        where = std::get<double>(value) != 0;
    else if constexpr (std::is_same_v<T, double>)
        where = std::get<double>(value);
    else if constexpr (std::is_integral_v<T>)
        where = static_cast<T>(nearest_whole(std::get<double>(value)));
    else if constexpr (ParamValueHolds<T>::value)
        where = std::get<T>(value);
    else if constexpr (std::is_same_v<T, Frames>)
        where = Frames(nearest_whole(std::get<double>(value)));
    else
        where = T(std::get<double>(value));
}

} // namespace bound_param

/// A parameter that a member of the whole holds as it is.
template <class Whole, auto member>
constexpr BoundParam<Whole> bound(const ParamSpec& spec) {
    using Part = typename bound_param::MemberOf<decltype(member)>::Owner;
    return {
        spec,
        [](const Whole& whole) { return bound_param::param_of(bound_param::part_of<Part>(whole).*member); },
        [](Whole& whole, const ParamValue& value) {
            bound_param::put(bound_param::part_of<Part>(whole).*member, value);
        }};
}

/// Of a list of such parameters, whatever else each of them has.
[[nodiscard]] std::vector<ParamSpec> specs_of(const auto& params) {
    std::vector<ParamSpec> specs;
    for (const auto& param : params)
        specs.push_back(param.spec);
    return specs;
}

/// Of the one of that id; the first where there is none.
[[nodiscard]] const ParamSpec& spec_of(std::string_view id, const auto& params) {
    for (const auto& param : params)
        if (param.spec.id == id)
            return param.spec;
    return params[0].spec;
}

template <class Whole>
[[nodiscard]] ParamValues values_of(const Whole& whole, const auto& params) {
    ParamValues values;
    for (const auto& param : params)
        values.set(param.spec.id, param.get(whole));
    return values;
}

/// Those that are there; what belongs to no parameter changes nothing.
template <class Whole>
void set_values(Whole& whole, const auto& params, const ParamValues& values) {
    for (const auto& param : params)
        if (const auto* value = values.find(param.spec.id))
            param.set(whole, *value);
}

} // namespace pulsepin
