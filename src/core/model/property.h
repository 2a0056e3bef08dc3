// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/fields.h"
#include "params/bound_param.h"

namespace pulsepin {

/// How a property stands in a file. Which of the limits is looked at depends on what the property is.
struct FieldSpec {
    const char* name = nullptr; ///< null: not in the file by itself
    Fields::Presence presence = Fields::optional;
    limits::Real range = limits::value;   ///< of a number, or of seconds
    limits::Whole whole = limits::frames; ///< of a whole number, or of frames
    std::size_t most = limits::name;      ///< bytes of a text
    double from = 0;                      ///< a number is told by how far it lies from this
    const char* about = nullptr;          ///< what its name does not say
};

/// What can be told of a `Whole`, listed once: by its parameter a form, the command line and the page of
/// parameters have it; by its field files, their schema and the limits.
///
///     const Property<PinBody> properties[] = {
///         property<PinBody, &CutBody::shot>({.id = "shot", .label = "shot", .type = ParamType::Shot}, {.name
///         = "shot"}),
///     };
///     visit_properties<PinBody>(fields, properties, body);
template <class Whole>
struct Property : BoundParam<Whole> {
    FieldSpec field = {};
    void (*visit)(Fields&, const FieldSpec&, Whole&) = nullptr;
};

namespace property_of {

/// A member, or a member of a member.
template <auto first, auto... rest, class Whole>
auto& at(Whole& whole) {
    auto& member = bound_param::part_of<typename bound_param::MemberOf<decltype(first)>::Owner>(whole).*first;
    if constexpr (sizeof...(rest) == 0)
        return member;
    else
        return at<rest...>(member);
}

template <class T>
void visit(Fields& f, const FieldSpec& spec, T& value) {
    if (spec.about)
        f.about(spec.about);
    if constexpr (std::is_same_v<T, bool>) {
        f.flag(spec.name, value, spec.presence);
    } else if constexpr (std::is_same_v<T, double>) {
        double told = value - spec.from;
        f.number(spec.name, told, spec.range, spec.presence);
        value = spec.from + told;
    } else if constexpr (std::is_integral_v<T>) {
        f.whole_as(spec.name, value, spec.whole, spec.presence);
    } else if constexpr (std::is_same_v<T, std::string>) {
        f.text(spec.name, value, spec.most, spec.presence);
    } else if constexpr (std::is_same_v<T, Colour>) {
        f.colour(spec.name, value, spec.presence);
    } else if constexpr (std::is_same_v<T, Length>) {
        f.length(spec.name, value);
    } else if constexpr (std::is_same_v<T, Easing>) {
        f.easing(spec.name, value);
    } else if constexpr (std::is_same_v<T, Seconds>) {
        f.seconds(spec.name, value, spec.range, spec.presence);
    } else if constexpr (std::is_same_v<T, Frames>) {
        f.frames(spec.name, value, spec.whole, spec.presence);
    } else {
        f.id(spec.name, value.value, spec.presence);
    }
}

} // namespace property_of

/// A property that a member holds as it is: of the whole, of its one alternative that has it, or, by a path
/// of members, of a part of it.
template <class Whole, auto... path>
constexpr Property<Whole> property(const ParamSpec& spec, const FieldSpec& field) {
    return {{spec, [](const Whole& whole) { return bound_param::param_of(property_of::at<path...>(whole)); },
             [](Whole& whole, const ParamValue& value) {
                 bound_param::put(property_of::at<path...>(whole), value);
             }},
            field,
            [](Fields& f, const FieldSpec& told, Whole& whole) {
                property_of::visit(f, told, property_of::at<path...>(whole));
            }};
}

/// A choice of which a member holds the number, counted from 0; the ids are those of the file as well.
template <class Whole, ParamSpecChoices choices, auto... path>
Property<Whole> choice_property(ParamSpec spec, const FieldSpec& field) {
    spec.type = ParamType::Choice;
    spec.choices = choices();
    return {{spec,
             [](const Whole& whole) {
                 const auto all = choices();
                 const auto index = static_cast<std::size_t>(property_of::at<path...>(whole));
                 return ParamValue(std::string(index < all.size() ? all[index].id : ""));
             },
             [](Whole& whole, const ParamValue& value) {
                 const auto all = choices();
                 auto& member = property_of::at<path...>(whole);
                 for (std::size_t i = 0; i < all.size(); ++i)
                     if (all[i].id == std::get<std::string>(value))
                         member = static_cast<std::remove_reference_t<decltype(member)>>(i);
             }},
            field,
            [](Fields& f, const FieldSpec& told, Whole& whole) {
                static const auto ids = [] {
                    std::vector<std::string_view> all;
                    for (const auto& choice : choices())
                        all.push_back(choice.id);
                    return all;
                }();
                if (told.about)
                    f.about(told.about);
                f.choice_of(told.name, property_of::at<path...>(whole), ids, told.presence);
            }};
}

/// The fields of all that stand in a file by themselves.
template <class Whole>
void visit_properties(Fields& f, std::span<const Property<Whole>> all, Whole& whole) {
    for (const auto& one : all)
        if (one.visit && one.field.name)
            one.visit(f, one.field, whole);
}

} // namespace pulsepin
