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

/// The part that has the member: the whole itself, or one of the alternatives of a variant.
template <class Part, class Whole>
auto& part_of(Whole& whole) {
    if constexpr (std::is_same_v<std::remove_const_t<Whole>, Part>)
        return whole;
    else
        return std::get<Part>(whole);
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

/// A parameter that a member of the whole, or of one alternative of it, holds as it is.
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

/// A choice of which a member holds the number, counted from 0.
template <class Whole, auto member, ParamSpecChoices choices>
BoundParam<Whole> bound_choice(ParamSpec spec) {
    using Member = bound_param::MemberOf<decltype(member)>;
    spec.type = ParamType::Choice;
    spec.choices = choices();
    return {spec,
            [](const Whole& whole) {
                const auto index =
                    static_cast<std::size_t>(bound_param::part_of<typename Member::Owner>(whole).*member);
                return ParamValue(std::string(index < choices().size() ? choices()[index].id : ""));
            },
            [](Whole& whole, const ParamValue& value) {
                const auto all = choices();
                for (std::size_t i = 0; i < all.size(); ++i)
                    if (all[i].id == std::get<std::string>(value))
                        bound_param::part_of<typename Member::Owner>(whole).*member =
                            static_cast<typename Member::Type>(i);
            }};
}

template <class Whole>
std::vector<ParamSpec> specs_of(std::span<const BoundParam<Whole>> params) {
    std::vector<ParamSpec> specs;
    for (const auto& param : params)
        specs.push_back(param.spec);
    return specs;
}

template <class Whole>
ParamValues values_of(const Whole& whole, std::span<const BoundParam<Whole>> params) {
    ParamValues values;
    for (const auto& param : params)
        values.set(param.spec.id, param.get(whole));
    return values;
}

/// Those that are there; what belongs to no parameter changes nothing.
template <class Whole>
void set_values(Whole& whole, std::span<const BoundParam<Whole>> params, const ParamValues& values) {
    for (const auto& param : params)
        if (const auto* value = values.find(param.spec.id))
            param.set(whole, *value);
}

} // namespace pulsepin
