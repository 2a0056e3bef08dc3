// SPDX-License-Identifier: GPL-3.0-or-later
#include "analysis/bent_end.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <optional>
#include <set>

namespace pulsepin {
namespace {

constexpr double surest = 3;                                               // log odds; no beat says more
constexpr std::size_t width = 24;                                          // paths that are followed at once
constexpr std::size_t shortest = 24;                                       // beats of a track
constexpr std::size_t looked_back = 64, settled = 12, tail = 6, every = 3; // beats
constexpr std::array<double, 6> changes_of_slope{-0.02, -0.01, 0, 0.01, 0.02, 0.03}; // of the period, a beat
constexpr double slowest_slope = 0.05, fastest_slope = -0.03;
constexpr double still_bending = 0.004; // of the period, a beat
constexpr double another_level = 0.12;  // of the period, in all
constexpr double same_tempo = 0.02;     // likewise
constexpr double cost_of_change = 25;
constexpr double clearly_more = 4, clearly_heard = 0.6; // log odds, in all; and of each beat
constexpr double reach = 4;                             // frames to either side of where a beat is expected

/// What is heard around a frame.
double heard_near(std::span<const float> odds, double at) {
    const auto centre = std::llround(at);
    double most = -surest;
    for (auto i = std::max<long long>(0, centre - 3); i <= centre + 3 && i < std::ssize(odds); ++i)
        most = std::max(most, static_cast<double>(odds[static_cast<std::size_t>(i)]));
    return std::min(most, surest);
}

struct Step {
    double score, at, period, slope;
    std::ptrdiff_t before; ///< the step that it goes on from; -1: none
};

/// The best path from a beat to the end.
struct Path {
    BeatTrack beats;
    double score = 0;
};

std::optional<Path> follow(std::span<const float> odds, double from, double period, double until) {
    std::vector<Step> all{{0, from, period, 0, -1}};
    std::vector<std::ptrdiff_t> beam{0};
    std::optional<std::ptrdiff_t> best;
    const auto end_with = [&](std::ptrdiff_t step) {
        if (!best || all[static_cast<std::size_t>(step)].score > all[static_cast<std::size_t>(*best)].score)
            best = step;
    };
    while (!beam.empty()) {
        std::vector<Step> next;
        for (const auto from_step : beam) {
            const Step step = all[static_cast<std::size_t>(from_step)];
            for (const double change : changes_of_slope) {
                const double slope = std::clamp(step.slope + change, fastest_slope, slowest_slope);
                const double expected = step.at + step.period * (1 + slope);
                if (expected > until) {
                    end_with(from_step);
                    continue;
                }
                double value = -1e300, at = expected;
                for (auto i = std::max<long long>(0, std::llround(expected - reach));
                     i <= std::llround(expected + reach) && i < std::ssize(odds); ++i) {
                    const double off = static_cast<double>(i) - expected;
                    const double here =
                        static_cast<double>(odds[static_cast<std::size_t>(i)]) - 0.08 * off * off;
                    if (here > value) {
                        value = here;
                        at = static_cast<double>(i);
                    }
                }
                if (value == -1e300 || at <= step.at)
                    continue;
                const double heard =
                    std::clamp(static_cast<double>(odds[static_cast<std::size_t>(at)]), -surest, surest);
                next.push_back({step.score + heard - cost_of_change * std::abs(change), at,
                                0.5 * step.period * (1 + slope) + 0.5 * (at - step.at), slope, from_step});
            }
        }
        std::stable_sort(next.begin(), next.end(),
                         [](const Step& a, const Step& b) { return a.score > b.score; });
        beam.clear();
        std::set<std::pair<long long, long long>> places; // of nearly the same paths the best
        for (const auto& step : next) {
            if (beam.size() == width)
                break;
            if (!places.emplace(std::llround(step.at / 3), std::llround(step.period / 2)).second)
                continue;
            all.push_back(step);
            beam.push_back(std::ssize(all) - 1);
        }
    }
    if (!best || *best == 0)
        return std::nullopt;
    Path path;
    path.score = all[static_cast<std::size_t>(*best)].score;
    for (auto step = *best; step > 0; step = all[static_cast<std::size_t>(step)].before)
        path.beats.push_back(all[static_cast<std::size_t>(step)].at);
    std::reverse(path.beats.begin(), path.beats.end());
    return path;
}

/// An end goes on slowing down. What goes over to another tempo, and stays there, has lost the level; what
/// comes back to the same one has gone over to other beats.
bool bends_to_its_end(double period, const BeatTrack& beats) {
    const std::size_t third = std::max<std::size_t>(4, beats.size() / 3);
    if (beats.size() < 2 * third)
        return false;
    const auto mean = [&](std::size_t from, std::size_t until) {
        return (beats[until - 1] - beats[from]) / static_cast<double>(until - 1 - from);
    };
    const double last = mean(beats.size() - third, beats.size());
    const double before = mean(beats.size() - 2 * third, beats.size() - third + 1);
    const double usual = period_of({beats.end() - static_cast<std::ptrdiff_t>(third), beats.end()});
    if (std::abs(usual / period - 1) < same_tempo)
        return false;
    if (std::abs(last / period - 1) < another_level)
        return true;
    const double slope = std::log(last / before) / static_cast<double>(third);
    return last > period ? slope > still_bending : slope < -still_bending;
}

} // namespace

BeatTrack with_bent_end(BeatTrack track, std::span<const float> odds) {
    if (track.size() < shortest || odds.empty())
        return track;
    const double until = std::min(track.back() + 120, static_cast<double>(odds.size()));
    std::vector<double> heard;
    for (const double beat : track)
        heard.push_back(heard_near(odds, beat));
    double most = clearly_more;
    std::optional<BeatTrack> best;
    const std::size_t first = track.size() > looked_back + settled ? track.size() - looked_back : settled;
    for (std::size_t start = first; start + tail < track.size(); start += every) {
        const auto period = period_of({track.begin() + static_cast<std::ptrdiff_t>(start - 8),
                                       track.begin() + static_cast<std::ptrdiff_t>(start + 1)});
        const auto path = follow(odds, track[start], period, until);
        if (!path || !bends_to_its_end(period, path->beats))
            continue;
        double now = 0, then = 0;
        for (const double beat : path->beats)
            then += heard_near(odds, beat);
        for (std::size_t i = start + 1; i < track.size(); ++i)
            now += heard[i];
        const double plain = path->score - then; // what its changes of tempo cost
        const double gain = then + 0.3 * plain - now;
        if (gain > most && then > clearly_heard * static_cast<double>(path->beats.size())) {
            most = gain;
            best.emplace(track.begin(), track.begin() + static_cast<std::ptrdiff_t>(start + 1));
            best->insert(best->end(), path->beats.begin(), path->beats.end());
        }
    }
    return best ? *std::move(best) : track;
}

} // namespace pulsepin
