// SPDX-License-Identifier: GPL-3.0-or-later
#include "schedule/picker_tables.h"

#include <algorithm>
#include <array>

namespace pulsepin {
namespace {

std::int64_t first_multiple(std::int64_t from, std::int64_t step) {
    const auto quotient = from / step;
    return (from > 0 && from % step != 0 ? quotient + 1 : quotient) * step;
}

std::vector<Picked> at_each(const PickContext& context, std::int64_t step, auto&& wanted) {
    std::vector<Picked> out;
    for (auto at = first_multiple(context.from.value, step); at < context.until.value; at += step)
        if (wanted(at))
            out.push_back({Ticks(at), 1.0f});
    return out;
}

std::vector<Picked> beats(const PickContext& context) {
    return at_each(context, ticks_per_beat, [](std::int64_t) { return true; });
}

std::vector<Picked> half_beats(const PickContext& context) {
    return at_each(context, ticks_per_beat / 2, [](std::int64_t) { return true; });
}

std::vector<Picked> downbeats(const PickContext& context) {
    return at_each(context, ticks_per_beat,
                   [&](std::int64_t at) { return context.grid.is_downbeat(at / ticks_per_beat); });
}

/// Counts from the first position of the range, so that "every 2nd from 5.1" begins with 5.1.
std::vector<Picked> every_nth(const PickContext&, std::vector<Picked> all,
                              std::span<const double> parameters) {
    const auto step = static_cast<std::size_t>(parameters[0]);
    const auto offset = static_cast<std::size_t>(parameters[1]);
    std::vector<Picked> kept;
    for (std::size_t i = offset; i < all.size(); i += step)
        kept.push_back(all[i]);
    return kept;
}

std::string describe_every_nth(std::span<const double> parameters) {
    const auto step = static_cast<std::int64_t>(parameters[0]);
    std::string text = step == 1 ? "every one" : "every " + ordinal(step);
    if (parameters[1] > 0)
        text += " after " + std::to_string(static_cast<std::int64_t>(parameters[1]));
    return text;
}

constexpr std::array<ParameterRow, 2> every_nth_parameters{
    {{"n", "every", "", 1, 64, 2}, {"offset", "skipping the first", "", 0, 63, 0}}};

constexpr std::array<PickerSourceRow, 3> sources{{
    {"beats", "beats", beats},
    {"downbeats", "downbeats", downbeats},
    {"half-beats", "half beats", half_beats},
}};

constexpr std::array<PickerFilterRow, 1> filters{{
    {"every-nth", "every", every_nth_parameters, every_nth, describe_every_nth},
}};

template <class Row>
const Row* by_id(std::span<const Row> rows, std::string_view id) {
    const auto found = std::find_if(rows.begin(), rows.end(), [id](const Row& row) { return row.id == id; });
    return found == rows.end() ? nullptr : &*found;
}

} // namespace

std::span<const PickerSourceRow> picker_sources() {
    return sources;
}
std::span<const PickerFilterRow> picker_filters() {
    return filters;
}
const PickerSourceRow* picker_source(std::string_view id) {
    return by_id(picker_sources(), id);
}
const PickerFilterRow* picker_filter(std::string_view id) {
    return by_id(picker_filters(), id);
}

} // namespace pulsepin
