// SPDX-License-Identifier: GPL-3.0-or-later
#include "follow/sources.h"

#include "base/whole.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <numbers>

namespace pulsepin {
namespace {

template <class At>
CurveValues sampled(const SourceContext& context, At at) {
    CurveValues values(context.count);
    for (std::size_t i = 0; i < context.count; ++i)
        values[i] = static_cast<float>(at(context.seconds(i)));
    return values;
}

CurveValues level(const SourceContext& c) {
    if (!c.level)
        return CurveValues(c.count, 0.0f);
    return sampled(c, [&](double t) { return c.level->at(t); });
}

CurveValues onsets(const SourceContext& c) {
    CurveValues values(c.count, 0.0f);
    if (!c.project.detection)
        return values;
    const double per_second = c.rate.per_second() * c.per_frame;
    const double fall = std::max(1.0, c.values.number("fall") / 1000 * per_second);
    for (const auto& row : c.project.detection->rows) {
        if (row.name != c.values.text("row"))
            continue;
        float strongest = 0;
        for (const auto& onset : row.onsets)
            strongest = std::max(strongest, onset.strength);
        for (const auto& onset : row.onsets) {
            // Up at once, then down in a straight line; where two are seen the higher one is.
            const double at = onset.time.value * per_second;
            const double height = strongest > 0 ? static_cast<double>(onset.strength / strongest) : 1.0;
            for (auto i = nearest_whole(at);
                 static_cast<double>(i) < at + fall && i < static_cast<std::int64_t>(c.count); ++i)
                if (i >= 0) {
                    const double share = std::clamp(1 - (static_cast<double>(i) - at) / fall, 0.0, 1.0);
                    auto& value = values[static_cast<std::size_t>(i)];
                    value = std::max(value, static_cast<float>(height * share));
                }
        }
    }
    return values;
}

/// Common practice: 1 on the beat, 0 midway between two beats, straight lines between.
CurveValues nearness(const SourceContext& c) {
    return sampled(c, [&](double t) {
        const double beats = c.project.grid->beats_at(Seconds(t)).value;
        return std::abs(1 - 2 * (beats - std::floor(beats)));
    });
}

double wave_of(const std::string& wave, double turn) {
    turn -= std::floor(turn);
    if (wave == "triangle")
        return 1 - std::abs(1 - 2 * turn);
    if (wave == "saw")
        return turn;
    if (wave == "square")
        return turn < 0.5 ? 1 : 0;
    return 0.5 - 0.5 * std::cos(2 * std::numbers::pi * turn);
}

/// Beats or bars passed at a time. A bar of any metre is one bar.
double bars_at(const BeatGrid& grid, double beats) {
    const auto ticks = Ticks(floor_whole(beats * ticks_per_beat));
    const auto position = grid.position_of(ticks);
    const auto start = grid.ticks_of({position.bar, 1, 0});
    const auto metre = grid.metre_at(ticks);
    return static_cast<double>(position.bar - 1) +
           (beats - static_cast<double>(start.value) / ticks_per_beat) / metre.beats_per_bar;
}

CurveValues wave(const SourceContext& c) {
    const bool in_bars = c.values.text("counted") == "bars";
    const std::string& shape = c.values.text("wave");
    const double period = std::max(1e-3, c.values.number("period")), phase = c.values.number("phase") / 100;
    const auto& grid = *c.project.grid;
    const auto passed_at = [&](double t) {
        const double beats = grid.beats_at(Seconds(t)).value;
        return in_bars ? bars_at(grid, beats) : beats;
    };
    const auto longer = c.driven.find("period"), moved = c.driven.find("phase");
    if (longer == c.driven.end() && moved == c.driven.end())
        return sampled(c, [&](double t) { return wave_of(shape, passed_at(t) / period + phase); });
    // Where the period changes the wave goes on from where it is: its turns are summed up.
    CurveValues values(c.count);
    double turns = passed_at(0) / period, before = passed_at(0);
    for (std::size_t i = 0; i < c.count; ++i) {
        const double passed = passed_at(c.seconds(i));
        const double now =
            longer == c.driven.end() ? period : std::max(1e-3, static_cast<double>(longer->second[i]));
        turns += (passed - before) / now;
        before = passed;
        const double by = moved == c.driven.end() ? phase : static_cast<double>(moved->second[i]) / 100;
        values[i] = static_cast<float>(wave_of(shape, turns + by));
    }
    return values;
}

CurveValues time_since(const SourceContext& c) {
    std::size_t next = 0;
    return sampled(c, [&](double t) {
        while (next < c.moments.size() && c.moments[next].value <= t + 1e-9)
            ++next;
        return next == 0 ? t : t - c.moments[next - 1].value;
    });
}

CurveValues drawn(const SourceContext& c) {
    CurveValues values(c.count);
    for (std::size_t i = 0; i < c.count; ++i)
        values[i] = static_cast<float>(c.drawn.value_at(static_cast<double>(i) / c.per_frame));
    return values;
}

/// What is drawn in the lane: the mean of all bands.
CurveValues spectrum(const SourceContext& c) {
    CurveValues mean(c.count, 0.0f);
    for (const auto& band : c.bands)
        for (std::size_t i = 0; i < c.count; ++i)
            mean[i] += band[i] / static_cast<float>(c.bands.size());
    return mean;
}

CurveValues another(const SourceContext& c) {
    return c.other ? *c.other : CurveValues(c.count, 0.0f);
}

constexpr ParamChoice measures[] = {{"rms", "mean (RMS)"}, {"peak", "peak"}, {"loudness", "loudness"}};
constexpr ParamChoice waves[] = {
    {"sine", "sine"}, {"triangle", "triangle"}, {"saw", "saw"}, {"square", "square"}};
constexpr ParamChoice counted[] = {{"bars", "bars"}, {"beats", "beats"}};

constexpr ParamSpec sound_parameter = {
    "sound", "Which sound", ParamType::Sound, {}, 0, 0, 0, "The sound that is listened to", {}, "song"};
const ParamSpec part_parameter = {
    "part", "Of which part of the sound", ParamType::Choice, {}, 0, 0, 0, {}, listened_parts()};
const ParamSpec side_parameter = {"channel", "Of which side", ParamType::Choice, {}, 0, 0, 0,
                                  {},        listened_sides()};
constexpr ParamSpec from_parameter = {
    "from", "Lowest frequency", ParamType::Number, "Hz", 0, 1e6, 0, "Lowest frequency; 0 is no limit"};
constexpr ParamSpec until_parameter = {
    "until", "Highest frequency", ParamType::Number, "Hz", 0, 1e6, 0, "Highest frequency; 0 is no limit"};
const ParamSpec level_parameters[] = {
    sound_parameter, {"measure", "How the level is measured", ParamType::Choice, {}, 0, 0, 0, {}, measures},
    part_parameter,  side_parameter,
    from_parameter,  until_parameter};
const ParamSpec band_parameters[] = {
    sound_parameter,
    {"bands", "Bands", ParamType::Whole, {}, 2, most_bands, 12, "How many bands of equal width, in octaves"},
    {"from", "Lowest frequency", ParamType::Number, "Hz", 20, 20000, 40},
    {"until", "Highest frequency", ParamType::Number, "Hz", 40, 22000, 16000},
    {"even", "Evened out", ParamType::Number, "%", 0, 100, 85,
     "High bands are quieter than low ones: 100 raises each to the same height"},
    part_parameter};
constexpr ParamChoice functions[] = {{"full", "everything that starts"},
                                     {"flux", "rising spectrum"},
                                     {"energy", "rising energy"},
                                     {"high", "high frequencies"},
                                     {"complex", "change of pitch or level"}};
const ParamSpec strength_parameters[] = {
    sound_parameter, {"function", "How it is heard", ParamType::Choice, {}, 0, 0, 0, {}, functions},
    part_parameter,  side_parameter,
    from_parameter,  until_parameter};
constexpr ParamSpec onset_parameters[] = {
    {"row", "Row of onsets", ParamType::OnsetRow, {}, 0, 0, 0, "Which row of onsets", {}, "onsets"},
    {"fall", "Fall", ParamType::Number, "ms", 0, 1e7, 150, "How long it takes to fall to nothing"}};
constexpr ParamSpec wave_parameters[] = {
    {"wave", "Shape of the wave", ParamType::Choice, {}, 0, 0, 0, {}, waves},
    {"period", "Period", ParamType::Number, {}, 1e-3, 1e6, 1, "How long one swing is"},
    {"counted",
     "Period counted in",
     ParamType::Choice,
     {},
     0,
     0,
     0,
     "What the period is counted in",
     counted},
    {"phase", "Phase", ParamType::Number, "%", -1e9, 1e9, 0,
     "How far the wave is moved, in percent of a swing"}};
constexpr ParamSpec lane_parameters[] = {
    {"lane", "Lane that is followed", ParamType::Lane, {}, 0, 0, 0, "The lane that is followed"}};

const std::array<FollowerSourceRow, 9> rows{{
    {"level", "Level", "How loud the song or another sound is: all of it, a band, a side, or a part",
     FollowerTakes::Level, level_parameters, level},
    {"onset-strength", "Strength of onsets",
     "How strongly something starts, at every moment: what onsets are found in", FollowerTakes::Level,
     strength_parameters, level},
    {"spectrum", "Spectrum", "How loud each of several bands is: for a layer of bars", FollowerTakes::Bands,
     band_parameters, spectrum},
    {"onsets", "Onsets of a row", "Up to the strength of each onset, then down again", FollowerTakes::Onsets,
     onset_parameters, onsets},
    {"nearness",
     "Nearness to the beat",
     "1 on the beat, 0 midway between two",
     FollowerTakes::Grid,
     {},
     nearness},
    {"wave", "Wave", "Swings with the beats or bars", FollowerTakes::Grid, wave_parameters, wave},
    {"time-since", "Time since the last pin", "Seconds since a pin of that lane", FollowerTakes::Pins,
     lane_parameters, time_since},
    {"drawn",
     "Drawn by hand",
     "Through the keys of this lane: double click adds one, drag moves it",
     FollowerTakes::Keys,
     {},
     drawn},
    {"another", "Another lane", "The curve of another lane, to be shaped otherwise", FollowerTakes::Curve,
     lane_parameters, another},
}};

constexpr std::array<NamedBand, 5> bands{{
    {"all", "all", 0, 0},
    {"kick", "kick", 30, 110},
    {"bass", "bass", 40, 250},
    {"mid", "mid", 250, 4000},
    {"air", "air", 8000, 0},
}};

} // namespace

std::span<const FollowerSourceRow> follower_sources() {
    return rows;
}

const FollowerSourceRow* follower_source(std::string_view id) {
    const auto found =
        std::find_if(rows.begin(), rows.end(), [id](const FollowerSourceRow& row) { return row.id == id; });
    return found == rows.end() ? nullptr : &*found;
}

bool may_be_driven(const FollowerSourceRow& source, std::string_view parameter) {
    return source.id == "wave" && (parameter == "period" || parameter == "phase");
}

std::span<const NamedBand> named_bands() {
    return bands;
}

std::vector<NamedBand> even_bands(int count, double lowest, double highest) {
    const auto edge = [&](int i) {
        return std::round(lowest * std::pow(highest / lowest, static_cast<double>(i) / count));
    };
    std::vector<NamedBand> bands_of_width;
    for (int i = 0; i < count; ++i)
        bands_of_width.push_back({"", "", edge(i), edge(i + 1)});
    return bands_of_width;
}

std::vector<NamedBand> twelve_bands() {
    return even_bands(12, 40, 16000);
}

} // namespace pulsepin
