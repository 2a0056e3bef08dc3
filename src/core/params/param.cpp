// SPDX-License-Identifier: GPL-3.0-or-later
#include "params/param.h"

#include "base/whole.h"

#include <algorithm>
#include <charconv>
#include <cmath>
#include <optional>
#include <fmt/core.h>

namespace pulsepin {
namespace {

template <class T>
const T& value_or_none(const ParamValue* value) {
    static const T none{};
    const auto* there = value ? std::get_if<T>(value) : nullptr;
    return there ? *there : none;
}

bool is_number(ParamType type) {
    return type == ParamType::Number || type == ParamType::Whole || type == ParamType::Switch;
}

/// Which alternative of a ParamValue holds values of the type.
std::size_t holder_of(ParamType type) {
    switch (type) {
    case ParamType::Choice:
    case ParamType::Text:
    case ParamType::OnsetRow:
        return 1;
    case ParamType::Lane:
        return 2;
    case ParamType::Colour:
        return 3;
    case ParamType::Steps:
        return 4;
    default:
        return 0;
    }
}

const ParamChoice* choice_of(const ParamSpec& spec, std::string_view id) {
    const auto found = std::find_if(spec.choices.begin(), spec.choices.end(),
                                    [id](const ParamChoice& choice) { return choice.id == id; });
    return found == spec.choices.end() ? nullptr : &*found;
}

tl::unexpected<Error> not_a(const ParamSpec& spec, std::string_view what, std::string_view text) {
    return fail(fmt::format("\"{}\" must be {}, not \"{}\".", spec.label, what, text));
}

Result<void> check_number(const ParamSpec& spec, double number) {
    if (spec.type == ParamType::Switch) {
        if (number != 0 && number != 1)
            return fail(fmt::format("\"{}\" is on or off.", spec.label));
        return {};
    }
    if (!(number >= spec.least && number <= spec.most))
        return fail(fmt::format("\"{}\" must lie between {} and {}.", spec.label, spec.least, spec.most));
    if (spec.type == ParamType::Whole && number != std::floor(number))
        return fail(fmt::format("\"{}\" must be a whole number.", spec.label));
    return {};
}

Result<void> check_value(const ParamSpec& spec, const ParamValue& value) {
    if (value.index() != holder_of(spec.type))
        return fail(fmt::format("\"{}\" has a value of another kind.", spec.label));
    if (is_number(spec.type))
        return check_number(spec, std::get<double>(value));
    if (spec.type == ParamType::Choice && !choice_of(spec, std::get<std::string>(value)))
        return fail(fmt::format("\"{}\" cannot be \"{}\".", spec.label, std::get<std::string>(value)));
    return {};
}

std::optional<double> number_of(std::string_view text) {
    double number = 0;
    const auto [end, error] = std::from_chars(text.data(), text.data() + text.size(), number);
    return error == std::errc() && end == text.data() + text.size() ? std::optional(number) : std::nullopt;
}

} // namespace

const ParamValue* ParamValues::find(std::string_view id) const {
    const auto found = values_.find(id);
    return found == values_.end() ? nullptr : &found->second;
}

double ParamValues::number(std::string_view id) const {
    return value_or_none<double>(find(id));
}
std::int64_t ParamValues::whole(std::string_view id) const {
    return nearest_whole(number(id));
}
const std::string& ParamValues::text(std::string_view id) const {
    return value_or_none<std::string>(find(id));
}
LaneId ParamValues::lane(std::string_view id) const {
    return value_or_none<LaneId>(find(id));
}
Colour ParamValues::colour(std::string_view id) const {
    return value_or_none<Colour>(find(id));
}
const std::vector<bool>& ParamValues::steps(std::string_view id) const {
    return value_or_none<std::vector<bool>>(find(id));
}
void ParamValues::set(std::string_view id, ParamValue value) {
    values_.insert_or_assign(std::string(id), std::move(value));
}

const ParamSpec* find_param(ParamSpecs specs, std::string_view id) {
    const auto found =
        std::find_if(specs.begin(), specs.end(), [id](const ParamSpec& spec) { return spec.id == id; });
    return found == specs.end() ? nullptr : &*found;
}

ParamValue initial_value(const ParamSpec& spec) {
    switch (holder_of(spec.type)) {
    case 1:
        return std::string(spec.choices.empty() ? spec.initial_text : spec.choices.front().id);
    case 2:
        return LaneId{};
    case 3:
        return Colour{};
    case 4:
        return std::vector<bool>{true};
    default:
        return spec.initial;
    }
}

ParamValues completed(const ParamValues& values, ParamSpecs specs) {
    ParamValues all = values;
    for (const auto& spec : specs)
        if (!all.find(spec.id))
            all.set(spec.id, initial_value(spec));
    return all;
}

Result<void> check_values(const ParamValues& values, ParamSpecs specs) {
    for (const auto& [id, value] : values) {
        const auto* spec = find_param(specs, id);
        if (!spec)
            return fail("There is nothing called \"" + id + "\" to set here.");
        if (auto checked = check_value(*spec, value); !checked)
            return checked;
    }
    return {};
}

ParamValues values_of_positions(ParamSpecs specs, std::span<const double> numbers) {
    ParamValues values;
    for (std::size_t i = 0; i < std::min(specs.size(), numbers.size()); ++i)
        if (specs[i].type == ParamType::Lane)
            values.set(specs[i].id, LaneId{static_cast<std::uint64_t>(nearest_whole(numbers[i]))});
        else if (is_number(specs[i].type))
            values.set(specs[i].id, specs[i].type == ParamType::Number
                                        ? numbers[i]
                                        : static_cast<double>(nearest_whole(numbers[i])));
    return values;
}

Result<ParamValue> value_of_text(const ParamSpec& spec, std::string_view text) {
    const auto checked = [&](ParamValue value) -> Result<ParamValue> {
        if (auto good = check_value(spec, value); !good)
            return tl::unexpected(good.error());
        return value;
    };
    switch (spec.type) {
    case ParamType::Switch:
        if (text == "yes" || text == "no")
            return ParamValue(text == "yes" ? 1.0 : 0.0);
        return not_a(spec, "yes or no", text);
    case ParamType::Number:
    case ParamType::Whole:
        if (const auto number = number_of(text))
            return checked(*number);
        return not_a(spec, "a number", text);
    case ParamType::Lane:
        if (const auto number = number_of(text); number && *number >= 0 && *number == std::floor(*number))
            return ParamValue(LaneId{static_cast<std::uint64_t>(nearest_whole(*number))});
        return not_a(spec, "the number of a lane", text);
    case ParamType::Colour: {
        std::uint32_t rgb = 0;
        if (text.size() == 7 && text.front() == '#' &&
            std::from_chars(text.data() + 1, text.data() + 7, rgb, 16).ptr == text.data() + 7)
            return ParamValue(Colour{rgb});
        return not_a(spec, "a colour as #rrggbb", text);
    }
    case ParamType::Steps:
        if (text.empty() || text.find_first_not_of("x.") != std::string_view::npos)
            return not_a(spec, "steps as x..x", text);
        return ParamValue(steps_of_text(text));
    default:
        return checked(std::string(text));
    }
}

std::string text_of_value(const ParamSpec& spec, const ParamValue& value) {
    if (spec.type == ParamType::Switch)
        return value == ParamValue(1.0) ? "yes" : "no";
    if (const auto* number = std::get_if<double>(&value))
        return fmt::format("{:g}", *number);
    if (const auto* lane = std::get_if<LaneId>(&value))
        return std::to_string(lane->value);
    if (const auto* colour = std::get_if<Colour>(&value))
        return fmt::format("#{:06x}", colour->rgb);
    if (const auto* steps = std::get_if<std::vector<bool>>(&value))
        return text_of_steps(*steps);
    return std::get<std::string>(value);
}

Result<void> set_from_text(ParamValues& values, ParamSpecs specs, std::string_view setting) {
    const auto equals = setting.find('=');
    const auto id = setting.substr(0, equals);
    const auto* spec = find_param(specs, id);
    if (!spec || equals == std::string_view::npos) {
        std::string known;
        for (const auto& one : specs)
            known += (known.empty() ? "" : ", ") + std::string(one.id);
        return fail(fmt::format("\"{}\" sets nothing.", setting), {},
                    known.empty() ? std::string("There is nothing to set.")
                                  : "Write NAME=VALUE; there are: " + known + ".");
    }
    auto value = value_of_text(*spec, setting.substr(equals + 1));
    if (!value)
        return tl::unexpected(value.error());
    values.set(id, *std::move(value));
    return {};
}

std::string text_of_steps(const std::vector<bool>& steps) {
    std::string text;
    for (const bool on : steps)
        text += on ? 'x' : '.';
    return text;
}

std::vector<bool> steps_of_text(std::string_view text) {
    std::vector<bool> steps;
    for (const char cell : text)
        steps.push_back(cell == 'x');
    return steps;
}

} // namespace pulsepin
