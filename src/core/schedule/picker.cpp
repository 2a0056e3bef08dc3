// SPDX-License-Identifier: GPL-3.0-or-later
#include "schedule/picker.h"

#include "schedule/picker_tables.h"
#include "schedule/piece_length.h"
#include "schedule/shots.h"
#include "time/clock_grid.h"
#include "time/musical_text.h"

#include <cmath>
#include <fmt/core.h>

namespace pulsepin {

namespace {

/// What the picker counts in; null where it needs beats and there are none.
Shared<BeatGrid> ruler_of(const Picker& picker, const Project& project) {
    if (!picker.by_clock)
        return project.grid;
    const Seconds song = project.song ? project.song->duration() : Seconds(0);
    return std::make_shared<const BeatGrid>(clock_grid(std::max(song, clock_time(picker.until))));
}

Result<void> good_without_beats(const Picker& picker, const PickerSourceRow& source) {
    if (!picker.by_clock)
        return {};
    if (source.needs_beats)
        return fail("There is no beat grid yet, and \"" + std::string(source.label) + "\" needs one.", {},
                    "Find the beats, tap them or type a tempo (stop Grid).");
    for (const auto& use : picker.filters)
        if (const auto* filter = picker_filter(use.id); filter && filter->needs_beats)
            return fail("There is no beat grid yet, and \"" + std::string(filter->label) + "\" needs one.",
                        {}, "Find the beats, tap them or type a tempo (stop Grid).");
    return {};
}

PickContext context_of(const Picker& picker, const Project& project, const PickerSourceRow& source,
                       const BeatGrid& ruler) {
    PickContext context{project,     ruler,       picker, completed(picker.values, source.parameters),
                        picker.from, picker.until};
    if (picker.whole && picker.by_clock) {
        context.from = Ticks(0);
        context.until = clock_ticks(project.song ? project.song->duration() : Seconds(0));
    } else if (picker.whole) {
        context.from = Ticks(ruler.first_beat() * ticks_per_beat);
        context.until = Ticks((ruler.last_beat() + 1) * ticks_per_beat);
    }
    return context;
}

} // namespace

Result<std::vector<Picked>> pick(const Picker& picker, const Project& project) {
    const auto ruler = ruler_of(picker, project);
    if (!ruler)
        return fail("There is no beat grid yet.", {},
                    "Find the beats, tap them or type a tempo (stop Grid).");
    const auto* source = picker_source(picker.source);
    if (!source)
        return fail("There is no source of positions called \"" + picker.source + "\".");
    constexpr std::int64_t most = 100'000;
    if ((picker.until.value - picker.from.value) / (picker.by_clock ? 10 : 1) > most * ticks_per_beat / 2)
        return fail("The range is far longer than any song.");
    if (auto good = good_without_beats(picker, *source); !good)
        return tl::unexpected(good.error());
    if (auto good = check_values(picker.values, source->parameters); !good)
        return tl::unexpected(good.error());
    const auto context = context_of(picker, project, *source, *ruler);
    if (source->checked)
        if (auto good = source->checked(context.values); !good)
            return tl::unexpected(good.error());
    auto picked = source->positions(context);
    for (const auto& use : picker.filters) {
        const auto* filter = picker_filter(use.id);
        if (!filter)
            return fail("There is no filter called \"" + use.id + "\".");
        if (auto good = check_values(use.values, filter->parameters); !good)
            return tl::unexpected(good.error());
        picked = filter->keep(context, std::move(picked), completed(use.values, filter->parameters));
    }
    for (auto& place : picked)
        place.time = time_of_tick(picker, project, place.at);
    // The grid goes on behind the song, where nothing is ever seen.
    if (project.song)
        std::erase_if(picked, [end = piece_end(project)](const Picked& place) { return place.time >= end; });
    return picked;
}

std::vector<Picked> left_out(const Picker& picker, const Project& project) {
    Picker all = picker;
    all.filters.clear();
    auto positions = pick(all, project);
    const auto picked = pick(picker, project);
    if (!positions || !picked)
        return {};
    const auto earlier = [](const Picked& a, const Picked& b) { return a.at < b.at; };
    std::erase_if(*positions, [&](const Picked& place) {
        return std::binary_search(picked->begin(), picked->end(), place, earlier);
    });
    return *std::move(positions);
}

Seconds time_of_tick(const Picker& picker, const Project& project, Ticks at) {
    return picker.by_clock ? clock_time(at) : project.grid->time_at(at);
}

Ticks tick_at(const Picker& picker, const Project& project, Seconds time) {
    return picker.by_clock ? clock_ticks(time) : project.grid->nearest_tick(time);
}

std::optional<Ticks> tick_of_anchor(const Picker& picker, const Anchor& anchor) {
    if (const auto* musical = std::get_if<MusicalAnchor>(&anchor); musical && !picker.by_clock)
        return musical->at;
    if (const auto* loose = std::get_if<TimeAnchor>(&anchor); loose && picker.by_clock)
        return clock_ticks(loose->at);
    return std::nullopt;
}

namespace {

std::string plain_seconds(Ticks ticks) {
    return fmt::format("{:.6g}", std::round(clock_time(ticks).value * 1000) / 1000);
}

} // namespace

std::string describe(const Picker& picker, const Project& project) {
    const auto* source = picker_source(picker.source);
    std::string text(source ? source->label : std::string_view(picker.source));
    for (const auto& [id, value] : picker.values)
        if (const auto* argument = std::get_if<std::string>(&value); argument && !argument->empty())
            text += " \"" + *argument + "\"";
    if (picker.source == "every-seconds" || picker.source == "every-frames")
        text = fmt::format("every {:g} {}", picker.values.number(picker.source.substr(6)),
                           picker.source.substr(6));
    if (const double swing = picker.values.number("swing"); swing > 1)
        text += fmt::format(" at swing {:.2g} : 1", swing);
    for (const auto& use : picker.filters)
        if (const auto* filter = picker_filter(use.id))
            text += ", " + filter->describe(completed(use.values, filter->parameters));
    if (picker.whole)
        return text + ", whole song";
    if (picker.by_clock)
        return fmt::format("{}, {} s until {} s", text, plain_seconds(picker.from),
                           plain_seconds(picker.until));
    const BeatGrid& grid = *project.grid;
    return fmt::format("{}, {} until {}", text, format_position(grid.position_of(picker.from)),
                       format_position(grid.position_of(picker.until)));
}

} // namespace pulsepin
