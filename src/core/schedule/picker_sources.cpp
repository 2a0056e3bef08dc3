// SPDX-License-Identifier: GPL-3.0-or-later
#include "base/whole.h"
#include "model/marker_looks.h"
#include "model/onset_edits.h"
#include "schedule/note_lengths.h"
#include "schedule/picker_tables.h"
#include "schedule/resolve.h"

#include <algorithm>
#include <array>
#include <cmath>

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

std::vector<Picked> downbeats(const PickContext& context) {
    return at_each(context, ticks_per_beat,
                   [&](std::int64_t at) { return context.grid.is_downbeat(at / ticks_per_beat); });
}

/// Each pair of parts is shared out by the swing: 2 : 1 puts the second at two thirds of the pair. What is
/// not even in number has no pairs and is straight.
template <int parts>
std::vector<Picked> subdivisions(const PickContext& context) {
    constexpr std::int64_t step = ticks_per_beat / parts;
    auto out = at_each(context, step, [](std::int64_t) { return true; });
    const double swing = parts % 2 == 0 ? context.values.number("swing") : 1;
    if (parts % 2 == 0 && swing != 1) {
        const double late = swing / (1 + swing) - 0.5;
        const auto by = nearest_whole(late * 2 * static_cast<double>(step));
        for (auto& picked : out)
            if (picked.at.value / step % 2 != 0)
                picked.at = Ticks(picked.at.value + by);
        std::erase_if(out, [&](const Picked& p) { return p.at >= context.until; });
    }
    return out;
}

void add_at(std::vector<Picked>& out, const PickContext& context, Seconds time, float strength) {
    const Ticks at = context.grid.nearest_tick(time);
    if (at >= context.from && at < context.until && (out.empty() || out.back().at < at))
        out.push_back({at, strength});
}

std::vector<Picked> onsets(const PickContext& context) {
    std::vector<Picked> out;
    if (!context.project.detection)
        return out;
    for (const auto& onset : onsets_of_rows(context.project.detection->rows, context.values.text("row"),
                                            Seconds(context.values.number("within") / 1000)))
        add_at(out, context, onset.time, onset.strength);
    return out;
}

std::vector<Picked> section_starts(const PickContext& context) {
    std::vector<Picked> out;
    if (context.project.detection)
        for (const auto& section : context.project.detection->sections) {
            // Sections begin with bars; the beat that is meant is the nearest.
            const Ticks at = context.picker.by_clock ? context.grid.nearest_tick(section.start)
                                                     : context.grid.nearest_beat(section.start);
            if (at >= context.from && at < context.until && (out.empty() || out.back().at < at))
                out.push_back({at, section.drop ? 1.0f : std::max(section.confidence, 0.01f)});
        }
    return out;
}

std::vector<Picked> markers_that(const PickContext& context, auto&& wanted) {
    std::vector<Seconds> times;
    for (const auto& lane : context.project.lanes)
        if (holds<MarkerBody>(lane->kind))
            for (const auto& pin : resolve(context.project, *lane).pins)
                if (wanted(body_of<MarkerBody>(lane->pins[pin.index].body)))
                    times.push_back(pin.time);
    std::sort(times.begin(), times.end());
    std::vector<Picked> out;
    for (const Seconds time : times)
        add_at(out, context, time, 1.0f);
    return out;
}

std::vector<Picked> markers(const PickContext& context) {
    return markers_that(context, [&](const MarkerBody& marker) {
        return marker.name.find(context.values.text("marker")) != std::string::npos;
    });
}

std::vector<Picked> markers_of_colour(const PickContext& context) {
    const int colour = marker_look_by_id(marker_colours(), context.values.text("colour"));
    return markers_that(context, [&](const MarkerBody& marker) { return marker.colour == colour; });
}

/// Where the level has a top that stands out by three decibels from what lies before and after it. Levels are
/// known to a tenth of a second: the onset that made the top says when it was.
std::vector<Picked> level_peaks(const PickContext& context) {
    std::vector<Picked> out;
    if (!context.project.detection)
        return out;
    constexpr double stands_out_db = 3, reach_s = 0.2;
    const auto& levels = context.project.detection->levels;
    const auto& heard = context.project.detection->onsets();
    const auto count = std::ssize(levels);
    const auto level = [&](std::ptrdiff_t i) {
        return static_cast<double>(levels[static_cast<std::size_t>(i)]);
    };
    for (std::ptrdiff_t i = 0; i < count; ++i) {
        const auto stands_out = [&](std::ptrdiff_t step) {
            for (auto j = i + step; j >= 0 && j < count; j += step) {
                if (level(j) > level(i) || (level(j) == level(i) && step < 0))
                    return false;
                if (level(j) <= level(i) - stands_out_db)
                    return true;
            }
            return true; // as far as the song goes
        };
        if (!stands_out(-1) || !stands_out(1))
            continue;
        Seconds time(static_cast<double>(i) * 0.1 + 0.05);
        const Seconds begin = time - Seconds(reach_s), end = time + Seconds(0.05);
        float strongest = 0;
        for (auto onset = std::lower_bound(heard.begin(), heard.end(), begin,
                                           [](const FoundOnset&o, Seconds t) { return o.time < t; });
             onset != heard.end() && onset->time < end; ++onset)
            if (onset->strength > strongest) {
                strongest = onset->strength;
                time = onset->time;
            }
        add_at(out, context, time, std::max(strongest, 0.01f));
    }
    return out;
}

std::vector<Picked> frozen_list(const PickContext& context) {
    std::vector<Picked> out;
    for (const Ticks at : context.picker.list)
        if (at >= context.from && at < context.until)
            out.push_back({at, 1.0f});
    return out;
}

/// From the start of the range on.
std::vector<Picked> every_seconds(const PickContext& context) {
    const Seconds start = context.grid.time_at(context.from), end = context.grid.time_at(context.until);
    const double step = context.values.number("seconds");
    std::vector<Picked> out;
    for (std::int64_t i = 0; start + Seconds(static_cast<double>(i) * step) < end; ++i)
        add_at(out, context, start + Seconds(static_cast<double>(i) * step), 1.0f);
    return out;
}

/// From the first frame on that begins in the range.
std::vector<Picked> every_frames(const PickContext& context) {
    const auto rate = context.project.settings->frame_rate;
    const Seconds start = context.grid.time_at(context.from), end = context.grid.time_at(context.until);
    const Frames step(context.values.whole("frames"));
    std::vector<Picked> out;
    for (Frames frame(ceil_whole(start.value * rate.per_second() - 1e-6)); rate.start_of(frame) < end;
         frame += step)
        add_at(out, context, rate.start_of(frame), 1.0f);
    return out;
}

/// One length after another from the start of the range on, and again from the first.
std::vector<Picked> by_lengths(const PickContext& context) {
    const auto lengths = lengths_in(context.values);
    std::vector<Picked> out;
    if (!lengths)
        return out;
    const bool again = context.values.flag("again");
    constexpr std::size_t most = 100'000;
    double beats = 0; // so that what is no whole number of ticks does not add up
    do
        for (const auto& one : *lengths) {
            const Ticks at = context.from + Ticks(nearest_whole(beats * ticks_per_beat));
            if (at >= context.until || out.size() == most)
                return out;
            if (!one.rest)
                out.push_back({at, 1.0f});
            beats += one.beats;
        }
    while (again);
    return out;
}
Result<void> lengths_checked(const ParamValues& values) {
    return lengths_in(values).map([](const auto&) {});
}

constexpr ParamChoice counted_in[] = {{"notes", "notes"}, {"beats", "beats"}};
constexpr ParamSpec lengths_parameters[] = {
    {.id = "lengths",
     .label = "lengths",
     .type = ParamType::Text,
     .unit = "lines",
     .explains = "from each place to the next, one after another: 4 8 8 2, dotted 4., triplets 8t, tied 4+8, "
                 "and r4 where nothing is placed; in beats: 1 0.5 0.5 2",
     .initial_text = "4 8 8 2"},
    {.id = "in",
     .label = "lengths in",
     .type = ParamType::Choice,
     .explains = "8 is an eighth note, or eight beats",
     .choices = counted_in},
    {.id = "again",
     .label = "again and again",
     .type = ParamType::Switch,
     .most = 1,
     .initial = 1,
     .explains = "to the end of the range; else once"}};
constexpr ParamSpec seconds_parameters[] = {
    {"seconds", "seconds", ParamType::Number, "s", 0.02, 3600, 2, "From one place to the next"}};
constexpr ParamSpec frames_parameters[] = {
    {"frames", "frames", ParamType::Whole, "frames", 1, 100'000, 24, "From one place to the next"}};
constexpr ParamSpec swing_parameters[] = {
    {"swing", "swing", ParamType::Number, ": 1", 1, 4, 1,
     "The first of each pair against the second: 1 straight, 2 triplets"}};
constexpr ParamSpec onset_parameters[] = {
    {"row", "rows of onsets", ParamType::OnsetRows, {}, 0, 0, 0, "Which rows of onsets; none: the first"},
    {"within", "together within", ParamType::Number, "ms", 0, 1000, 30,
     "Of several rows: what starts so near together is one"}};
constexpr ParamSpec name_parameters[] = {
    {"marker", "with the name", ParamType::Text, {}, 0, 0, 0, "Only markers whose name holds this"}};
const ParamSpec colour_parameters[] = {{"colour",
                                        "colour",
                                        ParamType::Choice,
                                        {},
                                        0,
                                        0,
                                        0,
                                        "Only markers of this colour",
                                        marker_colour_choices()}};

constexpr bool without_beats = false;
const std::array<PickerSourceRow, 16> rows{{
    {"beats", "beats", {}, beats},
    {"downbeats", "downbeats", {}, downbeats},
    {"half-beats", "half beats", swing_parameters, subdivisions<2>},
    {"third-beats", "thirds of beats", {}, subdivisions<3>},
    {"quarter-beats", "quarters of beats", swing_parameters, subdivisions<4>},
    {"sixth-beats", "sixths of beats", swing_parameters, subdivisions<6>},
    {"eighth-beats", "eighths of beats", swing_parameters, subdivisions<8>},
    {"note-lengths", "note lengths", lengths_parameters, by_lengths, true, lengths_checked},
    {"onsets", "onsets of", onset_parameters, onsets, without_beats},
    {"sections", "starts of sections", {}, section_starts, without_beats},
    {"markers", "markers named", name_parameters, markers, without_beats},
    {"markers-of-colour", "markers of colour", colour_parameters, markers_of_colour, without_beats},
    {"level-peaks", "peaks of level", {}, level_peaks, without_beats},
    {"every-seconds", "every so many", seconds_parameters, every_seconds, without_beats},
    {"every-frames", "every so many", frames_parameters, every_frames, without_beats},
    {"list", "a list", {}, frozen_list, without_beats},
}};

} // namespace

std::span<const PickerSourceRow> picker_sources() {
    return rows;
}

const PickerSourceRow* picker_source(std::string_view id) {
    const auto found =
        std::find_if(rows.begin(), rows.end(), [id](const PickerSourceRow& row) { return row.id == id; });
    return found == rows.end() ? nullptr : &*found;
}

} // namespace pulsepin
