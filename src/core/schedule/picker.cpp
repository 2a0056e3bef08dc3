// SPDX-License-Identifier: GPL-3.0-or-later
#include "schedule/picker.h"

#include "schedule/picker_tables.h"
#include "time/musical_text.h"

#include <fmt/core.h>

namespace pulsepin {

Result<std::vector<Picked>> pick(const Picker& picker, const Project& project) {
    if (!project.grid)
        return fail("There is no beat grid yet.", {},
                    "Find the beats, tap them or type a tempo (stop Grid).");
    const auto* source = picker_source(picker.source);
    if (!source)
        return fail("There is no source of positions called \"" + picker.source + "\".");
    constexpr std::int64_t most = 100'000;
    if (picker.until.value - picker.from.value > most * ticks_per_beat / 2)
        return fail("The range is far longer than any song.");
    const auto& grid = *project.grid;
    if (auto good = check_values(picker.values, source->parameters); !good)
        return tl::unexpected(good.error());
    const PickContext context{project,
                              grid,
                              picker,
                              completed(picker.values, source->parameters),
                              picker.whole ? Ticks(grid.first_beat() * ticks_per_beat) : picker.from,
                              picker.whole ? Ticks((grid.last_beat() + 1) * ticks_per_beat) : picker.until};
    auto picked = source->positions(context);
    for (const auto& use : picker.filters) {
        const auto* filter = picker_filter(use.id);
        if (!filter)
            return fail("There is no filter called \"" + use.id + "\".");
        if (auto good = check_values(use.values, filter->parameters); !good)
            return tl::unexpected(good.error());
        picked = filter->keep(context, std::move(picked), completed(use.values, filter->parameters));
    }
    return picked;
}

std::string describe(const Picker& picker, const BeatGrid& grid) {
    const auto* source = picker_source(picker.source);
    std::string text(source ? source->label : std::string_view(picker.source));
    for (const auto& [id, value] : picker.values)
        if (const auto* argument = std::get_if<std::string>(&value); argument && !argument->empty())
            text += " \"" + *argument + "\"";
    if (const double swing = picker.values.number("swing"); swing > 1)
        text += fmt::format(" at swing {:.2g} : 1", swing);
    for (const auto& use : picker.filters)
        if (const auto* filter = picker_filter(use.id))
            text += ", " + filter->describe(completed(use.values, filter->parameters));
    if (picker.whole)
        return text + ", whole song";
    return fmt::format("{}, {} until {}", text, format_position(grid.position_of(picker.from)),
                       format_position(grid.position_of(picker.until)));
}

double chance_of(std::uint64_t what, std::uint64_t seed) {
    std::uint64_t x = what + seed * 0x9e3779b97f4a7c15ull;
    x = (x ^ (x >> 30)) * 0xbf58476d1ce4e5b9ull;
    x = (x ^ (x >> 27)) * 0x94d049bb133111ebull;
    return static_cast<double>((x ^ (x >> 31)) >> 11) * 0x1p-53;
}

std::string ordinal(std::int64_t number) {
    const auto tens = number % 100;
    const char* ending = "th";
    if (tens < 11 || tens > 13)
        ending = number % 10 == 1 ? "st" : number % 10 == 2 ? "nd" : number % 10 == 3 ? "rd" : "th";
    return std::to_string(number) + ending;
}

} // namespace pulsepin
