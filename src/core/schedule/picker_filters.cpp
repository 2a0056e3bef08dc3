// SPDX-License-Identifier: GPL-3.0-or-later
#include "base/chance.h"
#include "base/ordinal.h"
#include "base/whole.h"
#include "schedule/picker_tables.h"
#include "schedule/resolve.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <fmt/core.h>
#include <optional>

namespace pulsepin {
namespace {

using Parameters = const ParamValues&;

std::int64_t whole(double value) {
    return nearest_whole(value);
}

/// Counts from the first position of the range, so that "every 2nd from 5.1" begins with 5.1.
std::vector<Picked> every_nth(const PickContext&, std::vector<Picked> all, Parameters p) {
    const auto step = static_cast<std::size_t>(p.whole("n"));
    std::vector<Picked> kept;
    for (auto i = static_cast<std::size_t>(p.whole("offset")); i < all.size(); i += step)
        kept.push_back(all[i]);
    return kept;
}

std::string describe_every_nth(Parameters p) {
    std::string text = p.whole("n") == 1 ? "every one" : "every " + ordinal(p.whole("n"));
    if (p.number("offset") > 0)
        text += " after " + std::to_string(p.whole("offset"));
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
        const auto group = group_of(context, all[i].at, p.whole("bars"));
        const bool last = i + 1 == all.size() || group_of(context, all[i + 1].at, p.whole("bars")) != group;
        // A range that ends amid a group has no last of it.
        const bool complete = group_of(context, Ticks(context.until.value), p.whole("bars")) != group;
        if (last && complete)
            kept.push_back(all[i]);
    }
    return kept;
}

std::string describe_last_of(Parameters p) {
    return p.number("bars") == 1 ? "the last of each bar"
                                 : fmt::format("the last of every {} bars", p.whole("bars"));
}

/// Steps are counted from the beginning of the bar in which the range begins.
std::vector<Picked> steps(const PickContext& context, std::vector<Picked> all, Parameters p) {
    const auto bars = p.whole("bars"), a_beat = p.whole("steps");
    const auto& on = p.steps("on");
    std::vector<Picked> kept;
    for (const auto& picked : all) {
        const auto place = context.grid.position_of(picked.at);
        const auto first = bar_of(context, context.from);
        const auto group_start = first + (place.bar - first) / bars * bars;
        const auto start = context.grid.ticks_of({group_start, 1, 0});
        const double step =
            static_cast<double>((picked.at - start).value * a_beat) / static_cast<double>(ticks_per_beat);
        const auto nearest = whole(step);
        if (nearest >= 0 && nearest < std::ssize(on) &&
            std::abs(step - static_cast<double>(nearest)) < 0.26 && on[static_cast<std::size_t>(nearest)])
            kept.push_back(picked);
    }
    return kept;
}

std::string describe_steps(Parameters p) {
    return fmt::format("a pattern over {} {}", p.whole("bars"), p.number("bars") == 1 ? "bar" : "bars");
}

/// A longer range changes nothing in what was picked before.
std::vector<Picked> at_random(const PickContext&, std::vector<Picked> all, Parameters p) {
    std::erase_if(all, [&](const Picked& picked) {
        return chance_of(static_cast<std::uint64_t>(picked.at.value),
                         static_cast<std::uint64_t>(p.whole("seed")) + 1) >= p.number("share") / 100;
    });
    return all;
}

std::string describe_random(Parameters p) {
    return fmt::format("{:.0f} % at random (seed {})", p.number("share"), p.whole("seed"));
}

std::vector<Picked> stronger(const PickContext&, std::vector<Picked> all, Parameters p) {
    std::erase_if(all, [&](const Picked& picked) {
        return static_cast<double>(picked.strength) * 100 < p.number("least");
    });
    return all;
}

std::string describe_stronger(Parameters p) {
    return fmt::format("stronger than {:.0f} %", p.number("least"));
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
        return context.grid.time_at(b) - context.grid.time_at(a) >= Seconds(p.number("least") / 1000 - 1e-9);
    });
}

std::vector<Picked> apart_frames(const PickContext& context, std::vector<Picked> all, Parameters p) {
    const auto rate = context.project.settings->frame_rate;
    return thinned(std::move(all), [&](Ticks a, Ticks b) {
        return rate.frame_at(context.grid.time_at(b)) - rate.frame_at(context.grid.time_at(a)) >=
               Frames(p.whole("least"));
    });
}

std::vector<Picked> apart_beats(const PickContext&, std::vector<Picked> all, Parameters p) {
    return thinned(std::move(all), [&](Ticks a, Ticks b) {
        return static_cast<double>((b - a).value) >=
               p.number("least") * static_cast<double>(ticks_per_beat) - 0.5;
    });
}

/// Each position goes to the beat it is nearest to; those that are too far from one are left out.
std::vector<Picked> to_beats(const PickContext& context, std::vector<Picked> all, Parameters p) {
    std::vector<Picked> kept;
    for (const auto& picked : all) {
        const Seconds time = context.grid.time_at(picked.at);
        const Ticks beat = context.grid.nearest_beat(time);
        const double apart = std::abs((context.grid.time_at(beat) - time).value) * 1000;
        if (apart > p.number("window") || beat < context.from || beat >= context.until)
            continue;
        if (!kept.empty() && kept.back().at == beat)
            kept.back().strength = std::max(kept.back().strength, picked.strength);
        else
            kept.push_back({beat, picked.strength});
    }
    return kept;
}

std::vector<Picked> free_of_lane(const PickContext& context, std::vector<Picked> all, Parameters p) {
    const Lane* lane = context.project.lane(p.lane("lane"));
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

/// Mean level of each bar of the range as a share of the way from the quiet end of the song (its lowest
/// tenth) to its loud end (its highest twentieth).
class BarLoudness {
public:
    explicit BarLoudness(const PickContext& context) : context_(context) {
        if (context.project.detection)
            levels_ = context.project.detection->levels;
        auto sorted = levels_;
        std::sort(sorted.begin(), sorted.end());
        if (!sorted.empty()) {
            low_ = sorted[sorted.size() / 10];
            high_ = sorted[sorted.size() * 19 / 20];
        }
    }
    /// Half where nothing is known.
    [[nodiscard]] double of(std::int64_t bar) const {
        const auto index = [&](std::int64_t b) {
            const Seconds at = context_.grid.time_at(context_.grid.ticks_of({b, 1, 0}));
            return std::clamp<std::int64_t>(whole(at.value * 10), 0, std::ssize(levels_));
        };
        const auto from = index(bar), until = index(bar + 1);
        if (until <= from || high_ - low_ < 1) // less than a decibel: as good as even
            return 0.5;
        double sum = 0;
        for (auto i = from; i < until; ++i)
            sum += static_cast<double>(levels_[static_cast<std::size_t>(i)]);
        return (sum / static_cast<double>(until - from) - low_) / (high_ - low_);
    }

private:
    const PickContext& context_;
    std::vector<float> levels_;
    double low_ = 0, high_ = 0;
};

/// In calm bars one every so many bars, in loud ones so many a bar, between them half as many. The first
/// position of each such part of a bar is kept.
std::vector<Picked> pace(const PickContext& context, std::vector<Picked> all, Parameters p) {
    constexpr double calm = 1.0 / 3, loud = 2.0 / 3;
    const BarLoudness loudness(context);
    std::vector<Picked> kept;
    std::int64_t bar = 0, cells = 0;
    std::optional<std::pair<std::int64_t, std::int64_t>> last;
    const auto first = bar_of(context, context.from);
    for (const auto& picked : all) {
        const auto place = context.grid.position_of(picked.at);
        if (!last || place.bar != bar) {
            bar = place.bar;
            const double level = loudness.of(bar);
            cells = level < calm   ? 0
                    : level < loud ? std::max<std::int64_t>(1, whole(p.number("loud") / 2))
                                   : p.whole("loud");
        }
        const Ticks start = context.grid.ticks_of({bar, 1, 0}), end = context.grid.ticks_of({bar + 1, 1, 0});
        const auto part = cells == 0
                              ? std::pair((bar - first) / p.whole("calm") * p.whole("calm"), std::int64_t{0})
                              : std::pair(bar, (picked.at - start).value * cells / (end - start).value);
        if (cells == 0 && (bar - first) % p.whole("calm") != 0)
            continue;
        if (last != part)
            kept.push_back(picked);
        last = part;
    }
    return kept;
}

std::string describe_pace(Parameters p) {
    return fmt::format("pace by level: {} to {} a bar",
                       p.number("calm") == 1 ? "one" : "one in " + std::to_string(p.whole("calm")) + " bars",
                       p.whole("loud"));
}

constexpr ParamSpec pace_parameters[] = {
    {"calm", "calm: one in", ParamType::Whole, "bars", 1, 16, 1, "In calm bars, one in so many bars"},
    {"loud", "loud:", ParamType::Whole, "a bar", 1, 16, 4,
     "In loud bars, so many a bar; between, half as many"}};
constexpr ParamSpec every_nth_parameters[] = {
    {"n", "every", ParamType::Whole, "", 1, 64, 2, "Counted from the first position of the range"},
    {"offset", "skipping the first", ParamType::Whole, "", 0, 63, 0}};
constexpr ParamSpec last_of_parameters[] = {{"bars", "of every", ParamType::Whole, "bars", 1, 64, 4}};
constexpr ParamSpec steps_parameters[] = {{"bars", "over", ParamType::Whole, "bars", 1, 4, 1},
                                          {"steps", "steps a beat", ParamType::Whole, "", 1, 4, 1},
                                          {"on", "steps", ParamType::Steps}};
constexpr ParamSpec random_parameters[] = {
    {"share", "share", ParamType::Number, "%", 0, 100, 33},
    {"seed", "seed", ParamType::Whole, "", 0, 9999, 1, "Another number is another choice"}};
constexpr ParamSpec stronger_parameters[] = {{"least", "than", ParamType::Number, "%", 0, 100, 40}};
constexpr ParamSpec ms_parameters[] = {{"least", "at least", ParamType::Number, "ms", 1, 60'000, 250}};
constexpr ParamSpec frames_parameters[] = {{"least", "at least", ParamType::Whole, "frames", 1, 10'000, 12}};
constexpr ParamSpec beats_parameters[] = {{"least", "at least", ParamType::Number, "beats", 0.125, 256, 2}};
constexpr ParamSpec to_beats_parameters[] = {{"window", "within", ParamType::Number, "ms", 1, 2000, 60}};
constexpr ParamSpec lane_parameters[] = {
    {"lane", "lane", ParamType::Lane, {}, 0, 0, 0, "The lane that must not act there"}};

constexpr bool needs_beats = true;
constexpr std::array<PickerFilterRow, 11> rows{{
    {"every-nth", "every", every_nth_parameters, every_nth, describe_every_nth},
    {"last-of", "last of bars", last_of_parameters, last_of, describe_last_of, needs_beats},
    {"steps", "pattern", steps_parameters, steps, describe_steps, needs_beats},
    {"random", "at random", random_parameters, at_random, describe_random},
    {"stronger", "stronger", stronger_parameters, stronger, describe_stronger},
    {"apart-ms", "apart (ms)", ms_parameters, apart_ms,
     [](Parameters p) { return fmt::format("at least {:.0f} ms apart", p.number("least")); }},
    {"apart-frames", "apart (frames)", frames_parameters, apart_frames,
     [](Parameters p) { return fmt::format("at least {:.0f} frames apart", p.number("least")); }},
    {"apart-beats", "apart (beats)", beats_parameters, apart_beats,
     [](Parameters p) { return fmt::format("at least {:g} beats apart", p.number("least")); }, needs_beats},
    {"to-beats", "moved to beats", to_beats_parameters, to_beats,
     [](Parameters p) { return fmt::format("moved to beats within {:.0f} ms", p.number("window")); },
     needs_beats},
    {"free-of-lane", "where a lane is free", lane_parameters, free_of_lane,
     [](Parameters) { return std::string("where another lane does not act"); }},
    {"pace", "pace by level", pace_parameters, pace, describe_pace, needs_beats},
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

ParamValues step_values(int bars, int steps_a_beat, std::vector<bool> on) {
    return {{"bars", static_cast<double>(bars)},
            {"steps", static_cast<double>(steps_a_beat)},
            {"on", std::move(on)}};
}

} // namespace pulsepin
