// SPDX-License-Identifier: GPL-3.0-or-later
#include "hand/edit_tables.h"
#include "hand/near_onsets.h"
#include "model/edits.h"
#include "time/grid_bend.h"
#include "time/grid_edits.h"

#include <algorithm>
#include <array>
#include <cmath>

namespace pulsepin::edit_tables {
namespace {

using Request = HandEditRequest;
using Outcome = Result<HandEdited>;

Result<BeatGrid> grid_of(const Request& request) {
    if (!request.project().grid)
        return fail("There are no beats yet.", {}, "Find them first, or make a steady grid.");
    return *request.project().grid;
}

std::int64_t beat_at(const BeatGrid& grid, Seconds time) {
    return std::clamp(grid.nearest_beat(time).value / ticks_per_beat, grid.first_beat(), grid.last_beat());
}

/// Items keep their times.
Outcome renamed(const Request& request, Result<BeatGrid> grid) {
    if (!grid)
        return tl::unexpected(grid.error());
    return HandEdited{relabelled(request.project(), *std::move(grid))};
}

/// Items keep their beats.
Outcome moved(const Request& request, Result<BeatGrid> grid) {
    if (!grid)
        return tl::unexpected(grid.error());
    return HandEdited{retimed(request.project(), *std::move(grid))};
}

Outcome change_ratio(const Request& request) {
    return renamed(request, grid_of(request).and_then([&](const BeatGrid& grid) {
        return with_tempo_ratio(grid, static_cast<int>(request.values.whole("beats")),
                                static_cast<int>(request.values.whole("of")));
    }));
}

Outcome change_metre(const Request& request) {
    const Metre metre{static_cast<int>(request.values.whole("beats")),
                      static_cast<int>(request.values.whole("unit"))};
    return renamed(request, grid_of(request).and_then([&](const BeatGrid& grid) {
        return request.values.flag("from-here") ? with_metre_from(grid, beat_at(grid, request.at), metre)
                                                : with_metre(grid, metre);
    }));
}

Outcome shift(const Request& request) {
    return moved(request, grid_of(request).and_then([&](const BeatGrid& grid) {
        return shifted(grid, Seconds(request.values.number("ms") / 1000));
    }));
}

Outcome move_half_a_beat(const Request& request) {
    return moved(request, grid_of(request).and_then(on_the_off_beats));
}

Outcome name_bar_one(const Request& request) {
    return renamed(request, grid_of(request).and_then([&](const BeatGrid& grid) {
        return with_bar_one_at(grid, beat_at(grid, request.at));
    }));
}

/// The song's tempo is that of the usual interval: all beats stretch in that proportion.
Outcome change_tempo(const Request& request) {
    auto grid = grid_of(request).and_then([&](const BeatGrid& now) {
        const double ratio = request.values.number("bpm") / now.typical_tempo().value;
        return with_mean_tempo(now, Bpm(now.mean_tempo().value * ratio));
    });
    return request.values.text("keep") == "times" ? renamed(request, std::move(grid))
                                                  : moved(request, std::move(grid));
}

Outcome make_steady_grid(const Request& request) {
    const Project& project = request.project();
    if (!project.song)
        return fail("There is no song yet.", {}, "Add one first.");
    return renamed(request, BeatGrid::steady(Bpm(request.values.number("bpm")), request.at, {},
                                             project.song->duration()));
}

Outcome hold_beat(const Request& request) {
    return moved(request, grid_of(request).and_then([&](const BeatGrid& grid) {
        return with_beat_held(grid, beat_at(grid, request.at), request.values.flag("held"));
    }));
}

/// As many equal beats between the held ones around `at` as were told, or as suit the tempo and the onsets
/// there.
Outcome fit_beats(const Request& request) {
    const auto grid = grid_of(request);
    if (!grid)
        return tl::unexpected(grid.error());
    const auto here = static_cast<std::int64_t>(std::floor(grid->beats_at(request.at).value + 1e-6));
    const auto from = held_before(*grid, here), to = held_after(*grid, here);
    if (!from || !to)
        return fail("No held beats lie around that place.", {},
                    "Hold a beat before it and one after it first, then fit between them.");
    std::int64_t count = request.values.whole("count");
    if (count == 0) {
        const auto& detection = request.project().detection;
        count = beats_that_fit(grid->time_at(Ticks(*from * ticks_per_beat)),
                               grid->time_at(Ticks(*to * ticks_per_beat)),
                               Seconds(60 / grid->typical_tempo().value),
                               detection ? detection->onsets() : std::span<const FoundOnset>());
    }
    auto fitted = with_beats_between(*grid, *from, *to, count);
    Outcome edited =
        count == *to - *from ? moved(request, std::move(fitted)) : renamed(request, std::move(fitted));
    if (edited) {
        edited->told = "%2 beats between the held ones";
        edited->count = static_cast<std::size_t>(count);
    }
    return edited;
}

Outcome take_as_found(const Request& request) {
    const auto& detection = request.project().detection;
    if (!detection || !detection->grid)
        return fail("No beats were found yet.", {}, "Find them first.");
    return renamed(request, *detection->grid);
}

/// What sounds there says nothing about the beats when they are looked for.
Outcome exclude(const Request& request) {
    const TimeSpan span{Seconds(request.values.number("from")), Seconds(request.values.number("until"))};
    if (span.until <= span.from)
        return fail("A range ends after it begins.", {}, "Say from when until when, in seconds.");
    HandEdited edited{with_excluded(request.project(), span, request.values.flag("excluded"))};
    edited.told = request.values.flag("excluded")
                      ? "What sounds there will say nothing about the beats. Find the beats again now."
                      : "What sounds there counts again. Find the beats again now.";
    return edited;
}

Outcome add_beat(const Request& request) {
    return renamed(request, grid_of(request).and_then(
                                [&](const BeatGrid& grid) { return with_beat_added(grid, request.at); }));
}

Outcome delete_beat(const Request& request) {
    return renamed(request, grid_of(request).and_then([&](const BeatGrid& grid) {
        return without_beat(grid, beat_at(grid, request.at));
    }));
}

constexpr ParamSpec one_to_16(std::string_view id, std::string_view label, double initial) {
    return {.id = id, .label = label, .type = ParamType::Whole, .least = 1, .most = 16, .initial = initial};
}
constexpr ParamSpec ratio[] = {one_to_16("beats", "beats", 1), one_to_16("of", "in the place of", 2)};
constexpr ParamSpec metre[] = {
    {.id = "beats",
     .label = "beats in a bar",
     .type = ParamType::Whole,
     .least = 1,
     .most = 32,
     .initial = 4},
    {.id = "unit", .label = "note value", .type = ParamType::Whole, .least = 1, .most = 64, .initial = 4},
    {.id = "from-here", .label = "from this bar on", .type = ParamType::Switch, .most = 1}};
constexpr ParamSpec later[] = {{.id = "ms",
                                .label = "later",
                                .unit = "ms",
                                .least = -600'000,
                                .most = 600'000,
                                .explains = "less than 0 is earlier"}};
constexpr ParamSpec bpm{
    .id = "bpm", .label = "tempo", .unit = "BPM", .least = 20, .most = 400, .initial = 120};
constexpr ParamChoice kept[] = {{"beats", "beats"}, {"times", "times"}};
constexpr ParamSpec tempo[] = {bpm,
                               {.id = "keep",
                                .label = "pins keep their",
                                .type = ParamType::Choice,
                                .explains = "pins go with their beats, or stay where they are in the song",
                                .choices = kept}};
constexpr ParamSpec steady[] = {bpm};
constexpr ParamSpec held[] = {
    {.id = "held", .label = "held", .type = ParamType::Switch, .most = 1, .initial = 1}};

constexpr ParamSpec fitted[] = {{.id = "count",
                                 .label = "beats",
                                 .type = ParamType::Whole,
                                 .least = 0,
                                 .most = 9999,
                                 .explains = "0: as many as suit the tempo and the onsets"}};
constexpr ParamSpec stretch[] = {
    {.id = "from", .label = "from", .unit = "s", .least = 0, .most = 1e6},
    {.id = "until", .label = "until", .unit = "s", .least = 0, .most = 1e6},
    {.id = "excluded", .label = "excluded", .type = ParamType::Switch, .most = 1, .initial = 1}};

const std::array<HandEdit, 13> table{{
    {"tempo-ratio", "change tempo ratio", change_ratio, ratio},
    {"metre", "change metre", change_metre, metre},
    {"shift-grid", "move grid", shift, later},
    {"off-beats", "move grid half a beat", move_half_a_beat},
    {"bar-one", "name bar 1", name_bar_one},
    {"tempo", "change tempo", change_tempo, tempo},
    {"steady-grid", "make a steady grid", make_steady_grid, steady},
    {"hold-beat", "hold beat", hold_beat, held},
    {"add-beat", "add beat", add_beat},
    {"delete-beat", "delete beat", delete_beat},
    {"fit-beats", "fit beats", fit_beats, fitted},
    {"as-found", "take the found grid", take_as_found},
    {"exclude", "change where beats are looked for", exclude, stretch},
}};

} // namespace

std::span<const HandEdit> of_grid() {
    return table;
}

} // namespace pulsepin::edit_tables
