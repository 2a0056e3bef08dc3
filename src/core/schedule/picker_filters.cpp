// SPDX-License-Identifier: GPL-3.0-or-later
#include "schedule/picker_tables.h"
#include "schedule/resolve.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <fmt/core.h>

namespace pulsepin {
namespace {

using Parameters = std::span<const double>;

std::int64_t whole(double value) {
    return std::llround(value);
}

/// Counts from the first position of the range, so that "every 2nd from 5.1" begins with 5.1.
std::vector<Picked> every_nth(const PickContext&, std::vector<Picked> all, Parameters p) {
    const auto step = static_cast<std::size_t>(whole(p[0]));
    std::vector<Picked> kept;
    for (auto i = static_cast<std::size_t>(whole(p[1])); i < all.size(); i += step)
        kept.push_back(all[i]);
    return kept;
}

std::string describe_every_nth(Parameters p) {
    std::string text = whole(p[0]) == 1 ? "every one" : "every " + ordinal(whole(p[0]));
    if (p[1] > 0)
        text += " after " + std::to_string(whole(p[1]));
    return text;
}

std::int64_t bar_of(const PickContext& context, Ticks at) {
    return context.grid.position_of(at).bar;
}

/// Groups of bars are counted from the bar in which the range begins.
std::int64_t group_of(const PickContext& context, Ticks at, std::int64_t bars) {
    return (bar_of(context, at) - bar_of(context, context.from)) / bars;
}

std::vector<Picked> last_of(const PickContext& context, std::vector<Picked> all, Parameters p) {
    std::vector<Picked> kept;
    for (std::size_t i = 0; i < all.size(); ++i) {
        const auto group = group_of(context, all[i].at, whole(p[0]));
        const bool last = i + 1 == all.size() || group_of(context, all[i + 1].at, whole(p[0])) != group;
        // A range that ends amid a group has no last of it.
        const bool complete = group_of(context, Ticks(context.until.value), whole(p[0])) != group;
        if (last && complete)
            kept.push_back(all[i]);
    }
    return kept;
}

std::string describe_last_of(Parameters p) {
    return p[0] == 1 ? "the last of each bar" : fmt::format("the last of every {} bars", whole(p[0]));
}

bool bit_of(Parameters p, std::int64_t step) {
    const auto bits = static_cast<std::uint64_t>(p[static_cast<std::size_t>(2 + step / 32)]);
    return (bits >> (step % 32)) & 1u;
}

/// Steps are counted from the beginning of the bar in which the range begins.
std::vector<Picked> steps(const PickContext& context, std::vector<Picked> all, Parameters p) {
    const auto bars = whole(p[0]), a_beat = whole(p[1]);
    std::vector<Picked> kept;
    for (const auto& picked : all) {
        const auto place = context.grid.position_of(picked.at);
        const auto first = bar_of(context, context.from);
        const auto group_start = first + (place.bar - first) / bars * bars;
        const auto start = context.grid.ticks_of({group_start, 1, 0});
        const double step =
            static_cast<double>((picked.at - start).value * a_beat) / static_cast<double>(ticks_per_beat);
        const auto nearest = whole(step);
        if (nearest >= 0 && nearest < 64 && std::abs(step - static_cast<double>(nearest)) < 0.26 &&
            bit_of(p, nearest))
            kept.push_back(picked);
    }
    return kept;
}

std::string describe_steps(Parameters p) {
    return fmt::format("a pattern over {} {}", whole(p[0]), p[0] == 1 ? "bar" : "bars");
}

/// Of a position and a seed always the same: a longer range changes nothing in what was picked before.
double chance_of(Ticks at, std::uint64_t seed) {
    // SplitMix64 (Steele, Lea and Flood 2014).
    std::uint64_t x = static_cast<std::uint64_t>(at.value) + seed * 0x9e3779b97f4a7c15ull;
    x = (x ^ (x >> 30)) * 0xbf58476d1ce4e5b9ull;
    x = (x ^ (x >> 27)) * 0x94d049bb133111ebull;
    return static_cast<double>((x ^ (x >> 31)) >> 11) * 0x1p-53;
}

std::vector<Picked> at_random(const PickContext&, std::vector<Picked> all, Parameters p) {
    std::erase_if(all, [&](const Picked& picked) {
        return chance_of(picked.at, static_cast<std::uint64_t>(whole(p[1])) + 1) >= p[0] / 100;
    });
    return all;
}

std::string describe_random(Parameters p) {
    return fmt::format("{:.0f} % at random (seed {})", p[0], whole(p[1]));
}

std::vector<Picked> stronger(const PickContext&, std::vector<Picked> all, Parameters p) {
    std::erase_if(all,
                  [&](const Picked& picked) { return static_cast<double>(picked.strength) * 100 < p[0]; });
    return all;
}

std::string describe_stronger(Parameters p) {
    return fmt::format("stronger than {:.0f} %", p[0]);
}

/// Keeps one after the other unless it comes sooner than `least` after the one kept before.
template <class Apart>
std::vector<Picked> thinned(std::vector<Picked> all, Apart far_enough) {
    std::vector<Picked> kept;
    for (const auto& picked : all)
        if (kept.empty() || far_enough(kept.back().at, picked.at))
            kept.push_back(picked);
    return kept;
}

std::vector<Picked> apart_ms(const PickContext& context, std::vector<Picked> all, Parameters p) {
    return thinned(std::move(all), [&](Ticks a, Ticks b) {
        return context.grid.time_at(b) - context.grid.time_at(a) >= Seconds(p[0] / 1000 - 1e-9);
    });
}

std::vector<Picked> apart_frames(const PickContext& context, std::vector<Picked> all, Parameters p) {
    const auto rate = context.project.settings->frame_rate;
    return thinned(std::move(all), [&](Ticks a, Ticks b) {
        return rate.frame_at(context.grid.time_at(b)) - rate.frame_at(context.grid.time_at(a)) >=
               Frames(whole(p[0]));
    });
}

std::vector<Picked> apart_beats(const PickContext&, std::vector<Picked> all, Parameters p) {
    return thinned(std::move(all), [&](Ticks a, Ticks b) {
        return static_cast<double>((b - a).value) >= p[0] * static_cast<double>(ticks_per_beat) - 0.5;
    });
}

/// Each position goes to the beat it is nearest to; those that are too far from one are left out.
std::vector<Picked> to_beats(const PickContext& context, std::vector<Picked> all, Parameters p) {
    std::vector<Picked> kept;
    for (const auto& picked : all) {
        const Seconds time = context.grid.time_at(picked.at);
        const Ticks beat = context.grid.nearest_beat(time);
        const double apart = std::abs((context.grid.time_at(beat) - time).value) * 1000;
        if (apart > p[0] || beat < context.from || beat >= context.until)
            continue;
        if (!kept.empty() && kept.back().at == beat)
            kept.back().strength = std::max(kept.back().strength, picked.strength);
        else
            kept.push_back({beat, picked.strength});
    }
    return kept;
}

std::vector<Picked> free_of_lane(const PickContext& context, std::vector<Picked> all, Parameters p) {
    const Lane* lane = context.project.lane(LaneId{static_cast<std::uint64_t>(whole(p[0]))});
    if (!lane)
        return all;
    std::vector<std::int64_t> frames;
    for (const auto& pin : resolve(context.project, *lane).pins)
        frames.push_back(pin.frame.value);
    std::sort(frames.begin(), frames.end());
    const auto& settings = *context.project.settings;
    std::erase_if(all, [&](const Picked& picked) {
        const auto frame =
            round_to_frame(context.grid.time_at(picked.at), settings.frame_rate, settings.rounding).frame;
        return std::binary_search(frames.begin(), frames.end(), frame.value);
    });
    return all;
}

constexpr std::array<ParameterRow, 2> every_nth_parameters{
    {{"n", "every", "", 1, 64, 2}, {"offset", "skipping the first", "", 0, 63, 0}}};
constexpr std::array<ParameterRow, 1> last_of_parameters{{{"bars", "of every", "bars", 1, 64, 4}}};
constexpr std::array<ParameterRow, 4> steps_parameters{
    {{"bars", "over", "bars", 1, 4, 1},
     {"steps", "steps a beat", "", 1, 4, 1},
     {"first", "steps 1 to 32", "bits", 0, 4294967295.0, 1},
     {"second", "steps 33 to 64", "bits", 0, 4294967295.0, 0}}};
constexpr std::array<ParameterRow, 2> random_parameters{
    {{"share", "share", "%", 0, 100, 33}, {"seed", "seed", "", 0, 9999, 1}}};
constexpr std::array<ParameterRow, 1> stronger_parameters{{{"least", "than", "%", 0, 100, 40}}};
constexpr std::array<ParameterRow, 1> ms_parameters{{{"least", "at least", "ms", 1, 60'000, 250}}};
constexpr std::array<ParameterRow, 1> frames_parameters{{{"least", "at least", "frames", 1, 10'000, 12}}};
constexpr std::array<ParameterRow, 1> beats_parameters{{{"least", "at least", "beats", 0.125, 256, 2}}};
constexpr std::array<ParameterRow, 1> to_beats_parameters{{{"window", "within", "ms", 1, 2000, 60}}};
constexpr std::array<ParameterRow, 1> lane_parameters{{{"lane", "lane", "lane", 0, 9e15, 0}}};

constexpr std::array<PickerFilterRow, 10> rows{{
    {"every-nth", "every", every_nth_parameters, every_nth, describe_every_nth},
    {"last-of", "last of bars", last_of_parameters, last_of, describe_last_of},
    {"steps", "pattern", steps_parameters, steps, describe_steps},
    {"random", "at random", random_parameters, at_random, describe_random},
    {"stronger", "stronger", stronger_parameters, stronger, describe_stronger},
    {"apart-ms", "apart (ms)", ms_parameters, apart_ms,
     [](Parameters p) { return fmt::format("at least {:.0f} ms apart", p[0]); }},
    {"apart-frames", "apart (frames)", frames_parameters, apart_frames,
     [](Parameters p) { return fmt::format("at least {:.0f} frames apart", p[0]); }},
    {"apart-beats", "apart (beats)", beats_parameters, apart_beats,
     [](Parameters p) { return fmt::format("at least {:g} beats apart", p[0]); }},
    {"to-beats", "moved to beats", to_beats_parameters, to_beats,
     [](Parameters p) { return fmt::format("moved to beats within {:.0f} ms", p[0]); }},
    {"free-of-lane", "where a lane is free", lane_parameters, free_of_lane,
     [](Parameters) { return std::string("where another lane does not act"); }},
}};

} // namespace

std::span<const PickerFilterRow> picker_filters() {
    return rows;
}

const PickerFilterRow* picker_filter(std::string_view id) {
    const auto found =
        std::find_if(rows.begin(), rows.end(), [id](const PickerFilterRow& row) { return row.id == id; });
    return found == rows.end() ? nullptr : &*found;
}

std::vector<double> steps_as_parameters(int bars, int steps_a_beat, const std::vector<bool>& on) {
    std::uint64_t bits = 0;
    for (std::size_t i = 0; i < std::min<std::size_t>(on.size(), 64); ++i)
        if (on[i])
            bits |= std::uint64_t{1} << i;
    return {static_cast<double>(bars), static_cast<double>(steps_a_beat),
            static_cast<double>(bits & 0xffffffffu), static_cast<double>(bits >> 32)};
}

} // namespace pulsepin
