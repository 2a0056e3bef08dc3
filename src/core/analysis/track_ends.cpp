// SPDX-License-Identifier: GPL-3.0-or-later
#include "analysis/track_ends.h"

#include <algorithm>
#include <cmath>

namespace pulsepin {
namespace {

constexpr double before_first = 0.15, on_it = 0.1; // of a beat
constexpr std::size_t looked_ahead = 2;            // beats
constexpr std::size_t fewest = 4;
constexpr std::size_t most_before = 8; // beats: farther away the tempo is a guess

bool one_near(std::span<const double> starts, double at, double distance) {
    const auto next = std::lower_bound(starts.begin(), starts.end(), at - distance);
    return next != starts.end() && *next <= at + distance;
}

} // namespace

BeatTrack with_its_ends(BeatTrack track, std::span<const double> starts, std::span<const double> clear) {
    if (track.size() < fewest || starts.empty())
        return track;
    const std::size_t some = std::min<std::size_t>(9, track.size());
    const double first_period = period_of({track.begin(), track.begin() + static_cast<std::ptrdiff_t>(some)});
    const double last_period = period_of({track.end() - static_cast<std::ptrdiff_t>(some), track.end()});
    constexpr double song_begins = -3; // frames: a beat at 0 is found a little beside
    std::vector<double> before;
    for (double at = track.front() - first_period;
         before.size() < most_before &&
         at >= std::max(song_begins, starts.front() - before_first * first_period);
         at -= first_period)
        before.push_back(std::max(0.0, at));
    track.insert(track.begin(), before.rbegin(), before.rend());
    for (bool more = true; more;) {
        more = false;
        for (std::size_t k = 1; k <= looked_ahead && !more; ++k)
            if (one_near(clear, track.back() + static_cast<double>(k) * last_period, on_it * last_period)) {
                for (std::size_t i = 0; i < k; ++i)
                    track.push_back(track.back() + last_period);
                more = true;
            }
    }
    while (track.size() > fewest && track.back() > starts.back() + before_first * last_period)
        track.pop_back();
    return track;
}

} // namespace pulsepin
