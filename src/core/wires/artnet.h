// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <cstdint>
#include <optional>
#include <span>
#include <vector>

namespace pulsepin::artnet {

// Levels of lamps on a network after the Art-Net 4 protocol release (from memory): packets "ArtDmx".

inline constexpr std::uint16_t port = 6454;  // 0x1936
inline constexpr int last_universe = 32'768; ///< as people count, from 1

struct DmxPacket {
    std::uint8_t sequence = 0; ///< 1 to 255; 0: they are not counted
    int universe = 0;          ///< from 0: net, sub-net and universe in 15 bits
    std::vector<std::uint8_t> levels;
    friend bool operator==(const DmxPacket&, const DmxPacket&) = default;
};
/// An even number of levels, 2 at least, 512 at most: what is missing is dark.
[[nodiscard]] std::vector<std::uint8_t> bytes_of(const DmxPacket& packet);
/// None where the bytes are no such packet, or damaged.
[[nodiscard]] std::optional<DmxPacket> dmx_packet(std::span<const std::uint8_t> bytes);

} // namespace pulsepin::artnet
