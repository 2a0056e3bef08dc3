// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/resampling.h"

#include "base/wide.h"

#include <algorithm>

namespace pulsepin {
namespace {

std::uint32_t share_of(double fraction) {
    return static_cast<std::uint32_t>(std::lround(fraction * 256));
}

} // namespace

Between Between::held(double place, int count) {
    const double inside = std::clamp(place, 0.0, count - 1.0);
    const int first = std::min(static_cast<int>(inside), count - 1);
    return {first, std::min(first + 1, count - 1), share_of(inside - first)};
}

Between Between::bounded(double place, int count, int nothing) {
    const double below = std::floor(std::clamp(place, -2.0, count + 1.0));
    const int first = static_cast<int>(below);
    const auto there = [&](int at) { return at >= 0 && at < count ? at : nothing; };
    return {there(first), there(first + 1), share_of(std::clamp(place - below, 0.0, 1.0))};
}

PULSEPIN_WIDE void mix_rows(const std::uint8_t* above, const std::uint8_t* below, std::uint32_t share,
                            std::size_t bytes, std::uint8_t* out) {
    const auto much = static_cast<std::uint16_t>(share), rest = static_cast<std::uint16_t>(256 - share);
    for (std::size_t i = 0; i < bytes; ++i)
        out[i] = static_cast<std::uint8_t>(
            static_cast<std::uint16_t>(above[i] * rest + below[i] * much + 128) >> 8);
}

void mix_across(const std::uint32_t* row, const std::vector<Between>& across, std::uint32_t* out) {
    for (const Between& x : across)
        *out++ = gathered(mixed(spread(row[x.first]), spread(row[x.second]), x.share));
}

} // namespace pulsepin
