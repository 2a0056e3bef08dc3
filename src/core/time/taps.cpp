// SPDX-License-Identifier: GPL-3.0-or-later
#include "time/taps.h"

#include "time/grid_bend.h"
#include "time/grid_edits.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace pulsepin {
namespace {

constexpr std::size_t fewest = 3;

double median_of(std::vector<double> values) {
    const auto middle = values.begin() + static_cast<std::ptrdiff_t>(values.size() / 2);
    std::nth_element(values.begin(), middle, values.end());
    return *middle;
}

tl::unexpected<Error> too_few_taps() {
    return fail("That takes at least three taps.", {}, "Press T on the beat while the song plays.");
}

/// Fits interval and origin to the taps that are not stray. False when fewer than three different beats are
/// left.
bool fit_line(std::span<const Tap> taps, TapFit& fit) {
    double n = 0, mean_x = 0, mean_y = 0;
    for (std::size_t i = 0; i < taps.size(); ++i)
        if (!fit.stray[i]) {
            n += 1;
            mean_x += static_cast<double>(fit.beat[i]);
            mean_y += taps[i].time.value;
        }
    if (n < static_cast<double>(fewest))
        return false;
    mean_x /= n;
    mean_y /= n;
    double xx = 0, xy = 0;
    for (std::size_t i = 0; i < taps.size(); ++i)
        if (!fit.stray[i]) {
            const double x = static_cast<double>(fit.beat[i]) - mean_x;
            xx += x * x;
            xy += x * (taps[i].time.value - mean_y);
        }
    if (xx < 1 || xy <= 0)
        return false;
    fit.interval = Seconds(xy / xx);
    fit.origin = Seconds(mean_y - mean_x * xy / xx);
    return true;
}

} // namespace

std::size_t TapFit::used() const {
    return static_cast<std::size_t>(std::count(stray.begin(), stray.end(), false));
}

std::optional<TapFit> fit_taps(std::span<const Tap> taps) {
    if (taps.size() < fewest)
        return std::nullopt;
    std::vector<double> gaps;
    for (std::size_t i = 1; i < taps.size(); ++i)
        gaps.push_back((taps[i].time - taps[i - 1].time).value);
    const double usual = median_of(gaps);
    if (!(usual > least_beat.value))
        return std::nullopt;
    TapFit fit;
    fit.beat.assign(taps.size(), 0);
    fit.error.assign(taps.size(), Seconds(0));
    fit.stray.assign(taps.size(), false);
    // Counted from tap to tap at first, so that a tempo that is a little wrong does not add up to a beat.
    for (std::size_t i = 1; i < taps.size(); ++i) {
        const auto step = std::llround(gaps[i - 1] / usual);
        fit.beat[i] = fit.beat[i - 1] + step;
        fit.stray[i] = step < 1;
    }
    for (int turn = 0; turn < 8; ++turn) {
        if (!fit_line(taps, fit))
            return std::nullopt;
        std::vector<double> sizes;
        for (std::size_t i = 0; i < taps.size(); ++i) {
            fit.error[i] = taps[i].time - fit.origin - fit.interval * static_cast<double>(fit.beat[i]);
            if (!fit.stray[i])
                sizes.push_back(std::abs(fit.error[i].value));
        }
        const double allowed = std::clamp(2.5 * 1.4826 * median_of(sizes), 0.04, 0.3 * fit.interval.value);
        auto stray = fit.stray;
        for (std::size_t i = 0; i < taps.size(); ++i)
            stray[i] = std::abs(fit.error[i].value) > allowed ||
                       (i > 0 && fit.beat[i] == fit.beat[i - 1] && !stray[i - 1]);
        if (stray == fit.stray)
            break;
        fit.stray = std::move(stray);
    }
    return fit;
}

Result<BeatGrid> with_tapped_beats(const BeatGrid* grid, std::span<const Tap> taps) {
    const auto fit = fit_taps(taps);
    if (!fit)
        return too_few_taps();
    std::vector<GridBeat> tapped;
    std::int64_t last = 0;
    std::optional<std::size_t> first_of_bar;
    for (std::size_t i = 0; i < taps.size(); ++i) {
        if (fit->stray[i])
            continue;
        if (!tapped.empty()) {
            const auto missing = fit->beat[i] - last;
            const Seconds from = tapped.back().time, length = taps[i].time - from;
            for (std::int64_t k = 1; k < missing; ++k)
                tapped.push_back({from + length * (static_cast<double>(k) / static_cast<double>(missing)),
                                  1.0f, BeatOrigin::Corrected});
        }
        if (taps[i].first_of_bar && !first_of_bar)
            first_of_bar = tapped.size();
        tapped.push_back({taps[i].time, 1.0f, BeatOrigin::Corrected});
        last = fit->beat[i];
    }
    if (!grid)
        return BeatGrid::make(std::move(tapped), -static_cast<std::int64_t>(first_of_bar.value_or(0)), {});
    const Seconds margin = fit->interval * 0.5;
    const Seconds from = tapped.front().time - margin, until = tapped.back().time + margin;
    std::vector<GridBeat> beats;
    const auto front = grid->beats_at(tapped.front().time);
    for (const auto& beat : grid->beats())
        if (beat.time < from)
            beats.push_back(beat);
    const auto kept_in_front = static_cast<std::int64_t>(beats.size());
    beats.insert(beats.end(), tapped.begin(), tapped.end());
    for (const auto& beat : grid->beats())
        if (beat.time > until)
            beats.push_back(beat);
    // The first tapped beat keeps the name of the beat that it is nearest to.
    const auto number = std::llround(front.value);
    auto out = BeatGrid::make(std::move(beats), number - kept_in_front, grid->metres());
    if (!out || !first_of_bar)
        return out;
    const auto bar_start = number + static_cast<std::int64_t>(*first_of_bar);
    return with_metre_from(*out, bar_start, out->metre_at(Ticks(bar_start * ticks_per_beat)));
}

std::optional<Seconds> tap_latency(const BeatGrid& grid, std::span<const Tap> taps) {
    if (taps.size() < fewest)
        return std::nullopt;
    std::vector<double> late;
    for (const auto& tap : taps)
        late.push_back((tap.time - grid.time_at(grid.nearest_beat(tap.time))).value);
    return Seconds(median_of(late));
}

Result<BeatGrid> with_tapped_phase(const BeatGrid& grid, std::span<const Tap> taps) {
    if (taps.size() < fewest)
        return too_few_taps();
    // Around half a beat the nearest beats are to both sides: the mean direction on a circle of one beat.
    double x = 0, y = 0, interval = 0;
    for (const auto& tap : taps) {
        const double share = grid.beats_at(tap.time).value;
        const double angle = 2 * std::numbers::pi * (share - std::floor(share));
        x += std::cos(angle);
        y += std::sin(angle);
        interval += 60 / grid.tempo_at(tap.time).value / static_cast<double>(taps.size());
    }
    auto out = shifted(grid, Seconds(std::atan2(y, x) / (2 * std::numbers::pi) * interval));
    if (!out)
        return out;
    for (const auto& tap : taps)
        if (tap.first_of_bar) {
            const auto beat = out->nearest_beat(tap.time).value / ticks_per_beat;
            if (!out->is_downbeat(beat))
                return with_metre_from(*out, beat, out->metre_at(Ticks(beat * ticks_per_beat)));
            break;
        }
    return out;
}

} // namespace pulsepin
