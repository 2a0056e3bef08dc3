// SPDX-License-Identifier: GPL-3.0-or-later
#include "schedule/variation.h"

#include "base/chance.h"
#include "schedule/triggers.h"

#include <algorithm>

namespace pulsepin {

Colour colour_for(const Variation& variation, Colour same, Ticks at, std::size_t number, double way) {
    const auto& palette = variation.palette;
    if (palette.empty())
        return same;
    const double count = static_cast<double>(palette.size());
    switch (variation.colours) {
    case Variation::Colours::InTurn:
        return palette[number % palette.size()];
    case Variation::Colours::Random:
        return palette[static_cast<std::size_t>(
            chance_of(static_cast<std::uint64_t>(at.value), variation.seed + std::uint64_t{7}) * count)];
    case Variation::Colours::Ramp: {
        const double place = way * (count - 1);
        const auto left = std::min(static_cast<std::size_t>(place), palette.size() - 1);
        return mixed(palette[left], palette[std::min(left + 1, palette.size() - 1)],
                     place - static_cast<double>(left));
    }
    case Variation::Colours::Same:
        break;
    }
    return same;
}

double strength_for(const Variation& v, double same, const Picked& place, std::size_t number, double way) {
    const auto between = [&](double share) { return v.low + (v.high - v.low) * share; };
    switch (v.strength) {
    case Variation::Strength::Alternates:
        return number % 2 == 0 ? v.high : v.low;
    case Variation::Strength::Ramps:
        return between(way);
    case Variation::Strength::Onsets:
        return between(std::clamp(static_cast<double>(place.strength), 0.0, 1.0));
    case Variation::Strength::Random:
        return between(chance_of(static_cast<std::uint64_t>(place.at.value), v.seed + std::uint64_t{1}));
    case Variation::Strength::Same:
        break;
    }
    return same;
}

double way_of(std::span<const Picked> places, std::size_t i) {
    const Seconds first = places.front().time, length = places.back().time - first;
    return length > Seconds(0) ? (places[i].time - first).value / length.value : 0.0;
}

} // namespace pulsepin
