// SPDX-License-Identifier: GPL-3.0-or-later
#include "analysis/section_roles.h"

#include "dsp/smoothing.h"

#include <algorithm>
#include <cmath>

namespace pulsepin {
namespace {

constexpr std::size_t longest_short_break = 4, longest_break = 8, music_before_a_drop = 8; // bars
constexpr double fewest_kicks = 0.2; // a beat, in a song that has them
constexpr double bare = 0.25;        // of the usual number of kicks
constexpr double drop_rise_db = 6.0; // without a break before it
constexpr double thin_by_db = 4.0;   // an intro or an ending is so much softer than the song

struct Means {
    double kicks = 0, low = 0, level_db = -90;
};

Means means_of(const std::vector<Moment>& moments, std::size_t from, std::size_t until) {
    Means means{0, 0, 0};
    until = std::min(until, moments.size());
    for (std::size_t i = from; i < until; ++i) {
        const auto n = static_cast<double>(until - from);
        means.kicks += static_cast<double>(moments[i].hits[static_cast<std::size_t>(Drum::Kick)]) / n;
        means.low += moments[i].low / n;
        means.level_db += moments[i].level_db / n;
    }
    return means;
}

/// What a bar of the song usually has.
struct Usual {
    double kicks = 0, level_db = -90;
    [[nodiscard]] bool has_kicks() const { return kicks >= fewest_kicks; }
    [[nodiscard]] bool is_bare(const Means& m) const { return has_kicks() && m.kicks < bare * kicks; }
};

std::vector<std::size_t> bar_lines(const std::vector<Moment>& moments) {
    std::vector<std::size_t> bars;
    for (std::size_t i = 0; i < moments.size(); ++i)
        if (moments[i].may_begin)
            bars.push_back(i);
    return bars;
}

Usual usual_of(const std::vector<Moment>& moments, const std::vector<std::size_t>& bars) {
    std::vector<float> kicks, levels;
    for (std::size_t b = 0; b < bars.size(); ++b) {
        const Means m = means_of(moments, bars[b], b + 1 < bars.size() ? bars[b + 1] : moments.size());
        kicks.push_back(static_cast<float>(m.kicks));
        levels.push_back(static_cast<float>(m.level_db));
    }
    if (bars.empty())
        return {};
    return {static_cast<double>(percentile(kicks, 0.6)), static_cast<double>(percentile(levels, 0.5))};
}

} // namespace

std::vector<BarStretch> short_breaks(const std::vector<Moment>& moments) {
    const auto bars = bar_lines(moments);
    const Usual usual = usual_of(moments, bars);
    if (!usual.has_kicks() || bars.size() < 10)
        return {};
    std::vector<Means> means;
    std::vector<bool> empty;
    for (std::size_t b = 0; b + 1 < bars.size(); ++b) {
        means.push_back(means_of(moments, bars[b], bars[b + 1]));
        empty.push_back(usual.is_bare(means.back()));
    }
    constexpr std::size_t around = 4;
    const auto full_bars = [&](std::size_t from) {
        std::size_t full = 0;
        for (std::size_t b = from; b < from + around; ++b)
            full += !empty[b];
        return full;
    };
    std::vector<BarStretch> breaks;
    for (std::size_t b = around; b + around < empty.size(); ++b) {
        if (!empty[b] || empty[b - 1])
            continue;
        std::size_t end = b;
        while (end < empty.size() && empty[end])
            ++end;
        if (end - b > longest_short_break || end + around > empty.size())
            continue;
        const Means before = means_of(moments, bars[b - around], bars[b]);
        const Means within = means_of(moments, bars[b], bars[end]);
        const bool lighter = within.low < 0.85 * before.low; // the bass goes, too
        const bool softer = within.level_db < before.level_db - 2;
        if (full_bars(b - around) >= around - 1 && full_bars(end) >= around - 1 &&
            (end - b > 1 ? lighter || softer : lighter && softer)) // a bar alone may be a fill
            breaks.push_back({bars[b], bars[end]});
    }
    return breaks;
}

void name_roles(std::vector<Section>& sections, const std::vector<std::size_t>& starts,
                const std::vector<Moment>& moments) {
    const auto bars = bar_lines(moments);
    const Usual usual = usual_of(moments, bars);
    const std::size_t n = sections.size();
    const auto end_of = [&](std::size_t s) { return s + 1 < n ? starts[s + 1] : moments.size(); };
    const auto bars_of = [&](std::size_t from, std::size_t until) {
        return static_cast<std::size_t>(std::lower_bound(bars.begin(), bars.end(), until) -
                                        std::lower_bound(bars.begin(), bars.end(), from));
    };
    std::vector<Means> means;
    for (std::size_t s = 0; s < n; ++s)
        means.push_back(means_of(moments, starts[s], end_of(s)));
    const auto alone = [&](std::size_t s) {
        return std::count_if(sections.begin(), sections.end(),
                             [&](const Section& other) { return other.letter == sections[s].letter; }) == 1;
    };
    const auto thin = [&](std::size_t s) {
        return usual.is_bare(means[s]) || means[s].level_db < usual.level_db - thin_by_db;
    };
    if (n > 1 && thin(0) && alone(0) && !usual.is_bare(means[1]))
        sections.front().role = SectionRole::Intro;
    if (n > 2 && thin(n - 1) && alone(n - 1))
        sections.back().role = SectionRole::Ending;
    for (std::size_t s = 1; s + 1 < n; ++s)
        if (usual.is_bare(means[s]) && !usual.is_bare(means[s - 1]) && !usual.is_bare(means[s + 1]) &&
            bars_of(starts[s], end_of(s)) <= longest_break)
            sections[s].role = SectionRole::Break;

    // The end of a break before a mere rise; of several the one that rises most.
    std::size_t sounds = 0;
    while (sounds < moments.size() && moments[sounds].level_db < -60)
        ++sounds;
    double largest = 0;
    bool best_ends_break = false;
    std::size_t drop = 0;
    for (std::size_t s = 1; s < n; ++s) {
        if (bars_of(sounds, starts[s]) < music_before_a_drop)
            continue;
        const std::size_t reach = 16; // moments
        const Means before =
            means_of(moments, std::max(starts[s - 1], starts[s] - std::min(starts[s], reach)), starts[s]);
        const Means after = means_of(moments, starts[s], std::min(end_of(s), starts[s] + reach));
        const double rise = after.level_db - before.level_db;
        const bool after_break = sections[s - 1].role == SectionRole::Break && rise > 0;
        const bool out_of_thin =
            rise >= drop_rise_db && before.level_db < usual.level_db && before.level_db > -60;
        if (after_break ? !best_ends_break || rise > largest
                        : out_of_thin && !best_ends_break && rise > largest) {
            largest = rise;
            best_ends_break = after_break;
            drop = s;
        }
    }
    if (drop > 0)
        sections[drop].drop = true;
}

} // namespace pulsepin
