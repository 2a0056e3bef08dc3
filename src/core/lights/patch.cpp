// SPDX-License-Identifier: GPL-3.0-or-later
#include "lights/patch.h"

#include <algorithm>
#include <array>
#include <cmath>

namespace pulsepin {
namespace {

struct Channels {
    std::array<double, 4> shares{};
    int count = 0;
};

Channels channels_for(Fixture::Kind kind, const Lit& lit) {
    switch (kind) {
    case Fixture::Kind::Dimmer:
        return {{std::max({lit.red, lit.green, lit.blue})}, 1};
    case Fixture::Kind::Rgb:
        return {{lit.red, lit.green, lit.blue}, 3};
    case Fixture::Kind::Rgbw:
        break;
    }
    const double white = std::min({lit.red, lit.green, lit.blue});
    return {{lit.red - white, lit.green - white, lit.blue - white, white}, 4};
}

bool is_patched(const Fixture& fixture) {
    return fixture.universe > 0 && fixture.first_channel > 0 &&
           fixture.first_channel + channels_of(fixture) - 1 <= channels_of_universe;
}

} // namespace

void put_levels(const Rig& rig, std::span<const Lit> lit, Universes& universes) {
    for (std::size_t i = 0; i < rig.fixtures.size() && i < lit.size(); ++i) {
        const Fixture& fixture = rig.fixtures[i];
        if (!is_patched(fixture))
            continue;
        auto& levels = universes[fixture.universe];
        const auto first = static_cast<std::size_t>(fixture.first_channel - 1);
        if (const auto needed = first + static_cast<std::size_t>(channels_of(fixture));
            levels.size() < needed)
            levels.resize(needed);
        const auto channels = channels_for(fixture.kind, lit[i]);
        auto* at = levels.data() + first;
        for (int c = 0; c < channels.count; ++c) {
            const double share = std::clamp(channels.shares[static_cast<std::size_t>(c)], 0.0, 1.0);
            if (fixture.fine) {
                const auto level = static_cast<unsigned>(std::lround(share * 65'535));
                *at++ = static_cast<std::uint8_t>(level >> 8);
                *at++ = static_cast<std::uint8_t>(level & 0xff);
            } else {
                *at++ = static_cast<std::uint8_t>(std::lround(share * 255));
            }
        }
    }
}

Universes levels_of(const Rig& rig, std::span<const Lit> lit) {
    Universes universes;
    put_levels(rig, lit, universes);
    return universes;
}

Lit lit_of(const Fixture& fixture, std::span<const std::uint8_t> levels) {
    const auto channel = [&](int which) {
        const auto at = static_cast<std::size_t>(fixture.first_channel - 1 + which * (fixture.fine ? 2 : 1));
        if (fixture.first_channel < 1 || at + (fixture.fine ? 1 : 0) >= levels.size())
            return 0.0;
        return fixture.fine ? (levels[at] * 256 + levels[at + 1]) / 65'535.0 : levels[at] / 255.0;
    };
    switch (fixture.kind) {
    case Fixture::Kind::Dimmer:
        return {channel(0), channel(0), channel(0)};
    case Fixture::Kind::Rgb:
        return {channel(0), channel(1), channel(2)};
    case Fixture::Kind::Rgbw:
        break;
    }
    const double white = channel(3);
    return {std::min(1.0, channel(0) + white), std::min(1.0, channel(1) + white),
            std::min(1.0, channel(2) + white)};
}

} // namespace pulsepin
