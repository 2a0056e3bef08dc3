// SPDX-License-Identifier: GPL-3.0-or-later
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
    if (parts % 2 == 0 && context.picker.swing != 1) {
        const double late = context.picker.swing / (1 + context.picker.swing) - 0.5;
        const auto by = static_cast<std::int64_t>(std::llround(late * 2 * static_cast<double>(step)));
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
    const auto& rows = context.project.detection->rows;
    auto row = std::find_if(rows.begin(), rows.end(),
                            [&](const OnsetRow& r) { return r.name == context.picker.argument; });
    if (row == rows.end() && context.picker.argument.empty())
        row = rows.begin();
    if (row != rows.end())
        for (const auto& onset : row->onsets)
            add_at(out, context, onset.time, onset.strength);
    return out;
}

std::vector<Picked> section_starts(const PickContext& context) {
    std::vector<Picked> out;
    if (context.project.detection)
        for (const auto& section : context.project.detection->sections) {
            // Sections begin with bars; the beat that is meant is the nearest.
            const Ticks at = context.grid.nearest_beat(section.start);
            if (at >= context.from && at < context.until && (out.empty() || out.back().at < at))
                out.push_back({at, section.drop ? 1.0f : std::max(section.confidence, 0.01f)});
        }
    return out;
}

std::vector<Picked> markers(const PickContext& context) {
    std::vector<Picked> out;
    for (const auto& lane : context.project.lanes)
        if (lane->kind == LaneKind::Marker)
            for (const auto& pin : resolve(context.project, *lane).pins)
                if (std::get<MarkerBody>(lane->pins[pin.index].body).name.find(context.picker.argument) !=
                    std::string::npos)
                    add_at(out, context, pin.time, 1.0f);
    std::sort(out.begin(), out.end(), [](const Picked& a, const Picked& b) { return a.at < b.at; });
    return out;
}

std::vector<Picked> frozen_list(const PickContext& context) {
    std::vector<Picked> out;
    for (const Ticks at : context.picker.list)
        if (at >= context.from && at < context.until)
            out.push_back({at, 1.0f});
    return out;
}

constexpr std::array<PickerSourceRow, 11> rows{{
    {"beats", "beats", SourceTakes::Nothing, beats},
    {"downbeats", "downbeats", SourceTakes::Nothing, downbeats},
    {"half-beats", "half beats", SourceTakes::Swing, subdivisions<2>},
    {"third-beats", "thirds of beats", SourceTakes::Nothing, subdivisions<3>},
    {"quarter-beats", "quarters of beats", SourceTakes::Swing, subdivisions<4>},
    {"sixth-beats", "sixths of beats", SourceTakes::Swing, subdivisions<6>},
    {"eighth-beats", "eighths of beats", SourceTakes::Swing, subdivisions<8>},
    {"onsets", "onsets of", SourceTakes::OnsetRow, onsets},
    {"sections", "starts of sections", SourceTakes::Nothing, section_starts},
    {"markers", "markers", SourceTakes::MarkerName, markers},
    {"list", "a list", SourceTakes::Nothing, frozen_list},
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
