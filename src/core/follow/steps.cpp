// SPDX-License-Identifier: GPL-3.0-or-later
#include "follow/steps.h"

#include "dsp/smoothing.h"

#include <algorithm>
#include <array>
#include <cmath>

namespace pulsepin {
namespace {

template <class Change>
CurveValues each(CurveValues values, Change change) {
    for (float& value : values)
        value = static_cast<float>(change(static_cast<double>(value)));
    return values;
}

template <class Together>
CurveValues both(CurveValues values, const StepContext& context, Together together) {
    for (std::size_t i = 0; context.other && i < values.size() && i < context.other->size(); ++i)
        values[i] = together(values[i], (*context.other)[i]);
    return values;
}

// -- each value by itself

CurveValues gain(CurveValues v, const StepContext& c) {
    return each(std::move(v), [by = c.values.number("by")](double x) { return x * by; });
}

CurveValues fill(CurveValues v, const StepContext&) {
    const float highest = v.empty() ? 0 : *std::max_element(v.begin(), v.end());
    if (highest <= 0)
        return v;
    return each(std::move(v), [=](double x) { return x / static_cast<double>(highest); });
}

CurveValues floor_of(CurveValues v, const StepContext& c) {
    return each(std::move(v), [at = c.values.number("at")](double x) { return std::max(x, at); });
}

CurveValues ceiling(CurveValues v, const StepContext& c) {
    return each(std::move(v), [at = c.values.number("at")](double x) { return std::min(x, at); });
}

CurveValues threshold(CurveValues v, const StepContext& c) {
    return each(std::move(v), [at = c.values.number("at")](double x) { return x < at ? 0.0 : x; });
}

CurveValues excess(CurveValues v, const StepContext& c) {
    return each(std::move(v), [at = c.values.number("at")](double x) { return std::max(0.0, x - at); });
}

CurveValues from_to(CurveValues v, const StepContext& c) {
    const double from = c.values.number("from"), to = c.values.number("to");
    return each(std::move(v), [=](double x) {
        return to == from ? (x < to ? 0.0 : 1.0) : std::clamp((x - from) / (to - from), 0.0, 1.0);
    });
}

CurveValues power(CurveValues v, const StepContext& c) {
    return each(std::move(v), [by = c.values.number("by")](double x) {
        return x < 0 ? -std::pow(-x, by) : std::pow(x, by);
    });
}

CurveValues invert(CurveValues v, const StepContext&) {
    return each(std::move(v), [](double x) { return 1 - x; });
}

CurveValues quantise(CurveValues v, const StepContext& c) {
    const double steps =
        std::max(1.0, std::round(c.values.number("levels")) - 1); // so many levels have one less between
    return each(std::move(v), [=](double x) { return std::round(x * steps) / steps; });
}

// -- with memory

CurveValues gate(CurveValues v, const StepContext& c) {
    bool open = false;
    return each(std::move(v),
                [&, opens = c.values.number("opens"),
                 closes = std::min(c.values.number("opens"), c.values.number("closes"))](double x) {
                    open = open ? x >= closes : x >= opens;
                    return open ? x : 0.0;
                });
}

CurveValues attack_release(CurveValues v, const StepContext& c) {
    const auto share = [&](double ms) { return ms <= 0 ? 1.0 : 1 - std::exp(-1000 / (ms * c.per_second)); };
    double held = v.empty() ? 0 : static_cast<double>(v.front());
    return each(std::move(v), [&, up = share(c.values.number("attack")),
                               down = share(c.values.number("release"))](double x) {
        held += (x - held) * (x > held ? up : down);
        return held;
    });
}

CurveValues smooth(CurveValues v, const StepContext& c) {
    // The width of a Gaussian at half its height is 2 sqrt(2 ln 2) standard deviations.
    return gaussian_smoothed(v, c.values.number("over") / 1000 * c.per_second / 2.354820045);
}

CurveValues delay(CurveValues v, const StepContext& c) {
    const double by = c.values.number("by") / 1000 * c.per_second;
    CurveValues moved(v.size());
    for (std::size_t i = 0; i < v.size(); ++i)
        moved[i] = static_cast<float>(value_between(v, static_cast<double>(i) - by));
    return moved;
}

// -- two curves

CurveValues maximum(CurveValues v, const StepContext& c) {
    return both(std::move(v), c, [](float a, float b) { return std::max(a, b); });
}
CurveValues minimum(CurveValues v, const StepContext& c) {
    return both(std::move(v), c, [](float a, float b) { return std::min(a, b); });
}
CurveValues sum(CurveValues v, const StepContext& c) {
    return both(std::move(v), c, [](float a, float b) { return a + b; });
}
CurveValues product(CurveValues v, const StepContext& c) {
    return both(std::move(v), c, [](float a, float b) { return a * b; });
}

constexpr ParamSpec gain_parameters[] = {{"by", "by", ParamType::Number, "times", -1000, 1000, 2}};
// Common practice: about 0.02 to 0.03 of full scale for quiet music.
constexpr ParamSpec floor_parameters[] = {{"at", "at", ParamType::Number, "", -1000, 1000, 0.03}};
constexpr ParamSpec ceiling_parameters[] = {{"at", "at", ParamType::Number, "", -1000, 1000, 0.8}};
constexpr ParamSpec level_parameters[] = {{"at", "at", ParamType::Number, "", 0, 1000, 0.2}};
constexpr ParamSpec gate_parameters[] = {{"opens", "opens at", ParamType::Number, "", 0, 1000, 0.3},
                                         {"closes", "closes below", ParamType::Number, "", 0, 1000, 0.15}};
constexpr ParamSpec attack_parameters[] = {{"attack", "attack", ParamType::Number, "ms", 0, 10000, 0},
                                           {"release", "release", ParamType::Number, "ms", 0, 10000, 150}};
constexpr ParamSpec smooth_parameters[] = {{"over", "over", ParamType::Number, "ms", 0, 10000, 60}};
constexpr ParamSpec from_to_parameters[] = {
    {"from", "from", ParamType::Number, "", -1000, 1000, 0, "What is this low becomes 0"},
    {"to", "to", ParamType::Number, "", -1000, 1000, 1, "What is this high becomes 1"}};
constexpr ParamSpec power_parameters[] = {{"by", "power", ParamType::Number, "", 0.05, 20, 2}};
constexpr ParamSpec quantise_parameters[] = {{"levels", "levels", ParamType::Whole, "", 2, 1000, 4}};
constexpr ParamSpec delay_parameters[] = {{"by", "by", ParamType::Number, "ms", -10000, 10000, 40}};

constexpr ParamSpec other_parameters[] = {{"other",
                                           "Second curve",
                                           ParamType::Lane,
                                           {},
                                           0,
                                           0,
                                           0,
                                           "The lane whose curve is taken as the second one"}};

constexpr std::string_view at_level[] = {"at"}, gate_levels[] = {"opens", "closes"},
                           two_levels[] = {"from", "to"};

constexpr std::array<FollowerStepRow, 18> rows{{
    {"gain", "Gain", "Everything so many times as high", gain_parameters, gain},
    {"fill", "Fill", "The highest top becomes 1", {}, fill},
    {"from-to", "From ... to",
     "What lies between two levels becomes 0 to 1; what is beyond stays at that end", from_to_parameters,
     from_to, two_levels},
    {"floor", "Floor", "Never lower than this", floor_parameters, floor_of, at_level},
    {"ceiling", "Ceiling", "Never higher than this: tops become flat", ceiling_parameters, ceiling, at_level},
    {"threshold", "Threshold", "What is lower becomes 0", level_parameters, threshold, at_level},
    {"excess", "Only above", "Only what exceeds this is left", level_parameters, excess, at_level},
    {"gate", "Gate", "Opens at one level and closes below another", gate_parameters, gate, gate_levels},
    {"attack-release", "Attack, release", "How fast it rises and falls: two thirds of the way in that time",
     attack_parameters, attack_release},
    {"smooth", "Smooth", "Evened out in both directions, so that nothing comes late", smooth_parameters,
     smooth},
    {"power", "Power", "Above 1 only what is strong is left, below 1 what is weak comes up", power_parameters,
     power},
    {"invert", "Invert", "1 becomes 0 and 0 becomes 1", {}, invert},
    {"quantise", "Levels", "Only so many levels", quantise_parameters, quantise},
    {"delay", "Delay", "Later; with a minus earlier", delay_parameters, delay},
    {"maximum", "Higher of two", "Whichever is higher, this or that lane", other_parameters, maximum},
    {"minimum", "Lower of two", "Whichever is lower, this or that lane", other_parameters, minimum},
    {"sum", "Sum", "This and that lane added", other_parameters, sum},
    {"product", "Product", "This times that lane", other_parameters, product},
}};

} // namespace

std::span<const FollowerStepRow> follower_steps() {
    return rows;
}

const FollowerStepRow* follower_step(std::string_view id) {
    const auto found =
        std::find_if(rows.begin(), rows.end(), [id](const FollowerStepRow& row) { return row.id == id; });
    return found == rows.end() ? nullptr : &*found;
}

FollowerStep new_step(const FollowerStepRow& row) {
    return {std::string(row.id), completed({}, row.parameters)};
}

StepEffect effect_of(const CurveValues& before, const CurveValues& after, double per_second) {
    const float highest = before.empty() ? 0 : *std::max_element(before.begin(), before.end());
    const auto tops = peaks_of(before, highest / 2, static_cast<std::size_t>(per_second * 0.15));
    if (tops.empty())
        return {};
    const auto back = static_cast<std::size_t>(per_second * 0.1),
               on = static_cast<std::size_t>(per_second * 0.25);
    double lost = 0, later = 0;
    for (const auto& top : tops) {
        const std::size_t from = top.index < back ? 0 : top.index - back;
        const std::size_t until = std::min(after.size(), top.index + on + 1);
        const auto first = after.begin() + static_cast<std::ptrdiff_t>(from);
        const auto now = std::max_element(first, after.begin() + static_cast<std::ptrdiff_t>(until));
        lost += 1 - static_cast<double>(*now) / static_cast<double>(top.value);
        later += static_cast<double>(now - after.begin()) - static_cast<double>(top.index);
    }
    const auto count = static_cast<double>(tops.size());
    return {lost / count, later / count / per_second * 1000};
}

} // namespace pulsepin
