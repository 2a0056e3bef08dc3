// SPDX-License-Identifier: GPL-3.0-or-later
#include "params/param.h"

#include "base/nearest_word.h"
#include "base/whole.h"
#include "params/easings.h"

#include <algorithm>
#include <array>
#include <charconv>
#include <cmath>
#include <fmt/core.h>
#include <optional>
#include <utility>

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
    case ParamType::OnsetRows:
    case ParamType::Sound:
        return 1;
    case ParamType::Lane:
        return 2;
    case ParamType::Colour:
        return 3;
    case ParamType::Steps:
        return 4;
    case ParamType::Length:
        return 5;
    case ParamType::Curve:
        return 6;
    case ParamType::Shot:
        return 7;
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

bool is_counted(Length::Unit unit) {
    return Length{unit}.counted();
}

/// What is not counted has no amount but the one that it always has.
Length length_in(Length::Unit unit, double amount) {
    return {unit, is_counted(unit) ? amount : unit == Length::Unit::None ? 0 : 1};
}

constexpr std::array<std::pair<Length::Unit, std::string_view>, 9> unit_ids{
    {{Length::Unit::None, "none"},
     {Length::Unit::UntilNext, "until-next"},
     {Length::Unit::InBeats, "beats"},
     {Length::Unit::InFrames, "frames"},
     {Length::Unit::InMilliseconds, "ms"},
     {Length::Unit::ToSectionEnd, "section-end"},
     {Length::Unit::ToEnd, "end"},
     {Length::Unit::WithWord, "word"},
     {Length::Unit::ToLineEnd, "line-end"}}};

Result<void> check_length(const ParamSpec& spec, const Length& length) {
    if (std::find(spec.units.begin(), spec.units.end(), length.unit) == spec.units.end())
        return fail(fmt::format("\"{}\" is not counted in that.", spec.label));
    if (is_counted(length.unit) && !(length.amount >= spec.least && length.amount <= spec.most))
        return fail(fmt::format("\"{}\" must lie between {} and {}.", spec.label, spec.least, spec.most));
    return {};
}

Result<void> check_easing(const ParamSpec& spec, const Easing& easing) {
    const auto* row = easing_row(easing.id);
    if (!row)
        return fail(fmt::format("\"{}\" cannot be \"{}\".", spec.label, easing.id));
    for (const auto& param : row->params)
        if (auto good = check_number(param.spec, std::get<double>(param.get(easing))); !good)
            return good;
    return {};
}

tl::unexpected<Error> no_such_choice(const ParamSpec& spec, const std::string& wanted) {
    std::vector<std::string> ids;
    std::string known;
    for (const auto& choice : spec.choices) {
        ids.emplace_back(choice.id);
        known += (known.empty() ? "" : ", ") + ids.back();
    }
    return fail(fmt::format("\"{}\" cannot be \"{}\".{}", spec.label, wanted, meant_word(wanted, ids)), {},
                "It can be: " + known + ".");
}

Result<void> check_value(const ParamSpec& spec, const ParamValue& value) {
    if (value.index() != holder_of(spec.type))
        return fail(fmt::format("\"{}\" has a value of another kind.", spec.label));
    if (is_number(spec.type))
        return check_number(spec, std::get<double>(value));
    if (const auto* length = std::get_if<Length>(&value))
        return check_length(spec, *length);
    if (const auto* easing = std::get_if<Easing>(&value))
        return check_easing(spec, *easing);
    if (spec.type == ParamType::Choice && !choice_of(spec, std::get<std::string>(value)))
        return no_such_choice(spec, std::get<std::string>(value));
    return {};
}

/// A number at its beginning, and what follows it behind spaces; none where there is no number.
std::optional<std::pair<double, std::string_view>> leading_number(std::string_view text) {
    double number = 0;
    const auto [end, error] = std::from_chars(text.data(), text.data() + text.size(), number);
    if (error != std::errc())
        return std::nullopt;
    text.remove_prefix(static_cast<std::size_t>(end - text.data()));
    while (!text.empty() && text.front() == ' ')
        text.remove_prefix(1);
    return std::pair(number, text);
}

std::optional<double> number_of(std::string_view text) {
    const auto number = leading_number(text);
    return number && number->second.empty() ? std::optional(number->first) : std::nullopt;
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
Length ParamValues::length(std::string_view id) const {
    return value_or_none<Length>(find(id));
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
        return spec.most > 0 ? Colour{static_cast<std::uint32_t>(spec.initial)} : Colour{};
    case 4:
        return std::vector<bool>{true};
    case 5:
        return spec.units.empty() ? Length{} : length_in(spec.units.front(), spec.initial);
    case 6:
        return usual_easing(spec.initial_text.empty() ? "linear" : spec.initial_text);
    case 7:
        return ClipId{};
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
    case ParamType::Shot:
        if (const auto number = number_of(text); number && *number >= 0 && *number == std::floor(*number))
            return ParamValue(ClipId{static_cast<std::uint64_t>(nearest_whole(*number))});
        return not_a(spec, "the number of a shot", text);
    case ParamType::Length:
        if (const auto length = length_of_text(text))
            return checked(*length);
        return not_a(spec, "a length as \"4 frames\"", text);
    case ParamType::Curve:
        if (auto easing = easing_of_text(text))
            return checked(*std::move(easing));
        return not_a(spec, "a way from 0 to 1 as \"sine-out\"", text);
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
    if (const auto* length = std::get_if<Length>(&value))
        return text_of_length(*length);
    if (const auto* easing = std::get_if<Easing>(&value))
        return text_of_easing(*easing);
    if (const auto* shot = std::get_if<ClipId>(&value))
        return std::to_string(shot->value);
    return std::get<std::string>(value);
}

Result<void> set_from_text(ParamValues& values, ParamSpecs specs, std::string_view setting) {
    const auto equals = setting.find('=');
    const auto id = setting.substr(0, equals);
    const auto* spec = find_param(specs, id);
    if (!spec || equals == std::string_view::npos) {
        std::string known;
        std::vector<std::string> ids;
        for (const auto& one : specs) {
            known += (known.empty() ? "" : ", ") + std::string(one.id);
            ids.emplace_back(one.id);
        }
        const std::string meant = spec ? std::string() : meant_word(id, ids);
        return fail(fmt::format("\"{}\" sets nothing.{}", setting, meant), {},
                    known.empty() ? std::string("There is nothing to set.")
                                  : "Write NAME=VALUE; there are: " + known + ".");
    }
    auto value = value_of_text(*spec, setting.substr(equals + 1));
    if (!value)
        return tl::unexpected(value.error());
    values.set(id, *std::move(value));
    return {};
}

std::optional<Length> length_of_text(std::string_view text) {
    for (const auto& [unit, id] : unit_ids)
        if (!is_counted(unit) && text == id)
            return length_in(unit, 1);
    const auto number = leading_number(text);
    if (!number)
        return std::nullopt;
    for (const auto& [unit, id] : unit_ids)
        if (is_counted(unit) &&
            (number->second == id || (id.ends_with('s') && unit != Length::Unit::InMilliseconds &&
                                      number->second == id.substr(0, id.size() - 1))))
            return Length{unit, number->first};
    return std::nullopt;
}

std::string text_of_length(const Length& length) {
    for (const auto& [unit, id] : unit_ids)
        if (unit == length.unit)
            return is_counted(unit) ? fmt::format("{:g} {}", length.amount, id) : std::string(id);
    return {};
}

std::optional<Easing> easing_of_text(std::string_view text) {
    const auto space = text.find(' ');
    const auto* row = easing_row(text.substr(0, space));
    if (!row)
        return std::nullopt;
    Easing easing = usual_easing(row->id);
    text = space == std::string_view::npos ? std::string_view() : text.substr(space + 1);
    for (const auto& param : row->params) {
        if (text.empty())
            break;
        const auto number = leading_number(text);
        if (!number)
            return std::nullopt;
        param.set(easing, number->first);
        text = number->second;
    }
    return text.empty() ? std::optional(easing) : std::nullopt;
}

std::string text_of_easing(const Easing& easing) {
    std::string text = easing.id;
    if (const auto* row = easing_row(easing.id))
        for (const auto& param : row->params)
            text += fmt::format(" {:g}", std::get<double>(param.get(easing)));
    return text;
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
