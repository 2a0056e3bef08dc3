// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "base/error.h"

#include <cstdint>
#include <span>
#include <string>
#include <string_view>
#include <vector>

namespace pulsepin {

// Packets with their times, as files of packet captures have them ("pcap", version 2.4), which any program
// that shows network traffic reads.

struct TimedPacket {
    double at = 0;  ///< seconds
    std::string to; ///< an address of IPv4
    std::uint16_t port = 0;
    std::vector<std::uint8_t> bytes; ///< what UDP carries
    friend bool operator==(const TimedPacket&, const TimedPacket&) = default;
};

/// What a file begins with: times in nanoseconds, packets as IPv4 (link type 101).
[[nodiscard]] std::string packet_file_head();
/// One more of it. Of `at` below 0: at 0.
[[nodiscard]] std::string packet_record(const TimedPacket& packet);

/// All packets of UDP over IPv4 in a file, of link type 101 or Ethernet, in either order of bytes, times in
/// micro- or nanoseconds; others are left out. Fails for other files, and, naming the packet, for damaged
/// ones.
[[nodiscard]] Result<std::vector<TimedPacket>> read_packets(std::string_view file);

} // namespace pulsepin
