// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "base/error.h"

#include <array>
#include <cstdint>
#include <optional>
#include <span>
#include <string>
#include <vector>

namespace pulsepin::sacn {

// Levels of lamps on a network: ANSI E1.31-2018, "Lightweight streaming protocol for transport of DMX512
// using ACN".

inline constexpr std::uint16_t port = 5568;
inline constexpr int first_universe = 1, last_universe = 63'999;
inline constexpr std::size_t most_slots = 512;
inline constexpr int highest_priority = 200, usual_priority = 100;
/// A source that says nothing for so long has gone (6.7.1).
inline constexpr double lost_after_seconds = 2.5;

/// A component identifier (RFC 4122): the same for one source as long as it lives.
using Cid = std::array<std::uint8_t, 16>;

struct DataPacket {
    Cid source{};
    std::string source_name; ///< UTF-8, 63 bytes at most
    std::uint8_t priority = usual_priority;
    std::uint16_t synchronisation =
        0; ///< the universe of packets that set levels in force; 0: they are at once
    std::uint8_t sequence = 0;
    bool preview = false, terminated = false;
    std::uint16_t universe = 1;
    std::vector<std::uint8_t> levels; ///< levels from channel 1 on, 512 at most
    friend bool operator==(const DataPacket&, const DataPacket&) = default;
};

/// Sets levels in force that were sent with that synchronisation address.
struct SyncPacket {
    Cid source{};
    std::uint8_t sequence = 0;
    std::uint16_t synchronisation = 1;
    friend bool operator==(const SyncPacket&, const SyncPacket&) = default;
};

/// Fails for a universe out of 1 to 63 999, more than 512 channels, a priority above 200.
[[nodiscard]] Result<void> can_be_sent(const DataPacket& packet);
/// As bytes; of one that can_be_sent(). A longer source name is cut off where a letter ends.
[[nodiscard]] std::vector<std::uint8_t> bytes_of(const DataPacket& packet);
[[nodiscard]] std::vector<std::uint8_t> bytes_of(const SyncPacket& packet);

/// None where the bytes are no such packet, or damaged.
[[nodiscard]] std::optional<DataPacket> data_packet(std::span<const std::uint8_t> bytes);
[[nodiscard]] std::optional<SyncPacket> sync_packet(std::span<const std::uint8_t> bytes);

/// Whether a packet with that number is to be taken after `last`: not when it comes up to 20 too late
/// (6.7.2).
[[nodiscard]] bool comes_after(std::uint8_t sequence, std::uint8_t last);

/// "239.255.0.1": where everybody listens to a universe (9.3.1).
[[nodiscard]] std::string multicast_address(int universe);

} // namespace pulsepin::sacn
