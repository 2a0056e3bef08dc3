// SPDX-License-Identifier: GPL-3.0-or-later
#include "wires/artnet.h"

#include <algorithm>
#include <cstring>

namespace pulsepin::artnet {
namespace {

constexpr char name[8] = "Art-Net";
constexpr std::uint8_t output_dmx_low = 0x00, output_dmx_high = 0x50; // OpOutput
constexpr std::uint8_t version = 14;
constexpr std::size_t head = 18, most_levels = 512;

} // namespace

std::vector<std::uint8_t> bytes_of(const DmxPacket& packet) {
    std::size_t count = std::clamp<std::size_t>(packet.levels.size(), 2, most_levels);
    count += count % 2;
    std::vector<std::uint8_t> bytes(head + count);
    std::memcpy(bytes.data(), name, sizeof name);
    bytes[8] = output_dmx_low;
    bytes[9] = output_dmx_high;
    bytes[11] = version;
    bytes[12] = packet.sequence;
    bytes[14] = static_cast<std::uint8_t>(packet.universe & 0xff);
    bytes[15] = static_cast<std::uint8_t>(packet.universe >> 8 & 0x7f);
    bytes[16] = static_cast<std::uint8_t>(count >> 8);
    bytes[17] = static_cast<std::uint8_t>(count & 0xff);
    std::ranges::copy_n(packet.levels.begin(),
                        static_cast<std::ptrdiff_t>(std::min(packet.levels.size(), most_levels)),
                        bytes.begin() + head);
    return bytes;
}

std::optional<DmxPacket> dmx_packet(std::span<const std::uint8_t> bytes) {
    if (bytes.size() < head + 2 || std::memcmp(bytes.data(), name, sizeof name) != 0 ||
        bytes[8] != output_dmx_low || bytes[9] != output_dmx_high || bytes[10] * 256 + bytes[11] < version)
        return std::nullopt;
    const auto count = static_cast<std::size_t>(bytes[16]) * 256 + bytes[17];
    if (count < 1 || count > most_levels || bytes.size() < head + count)
        return std::nullopt;
    const auto levels = bytes.subspan(head, count);
    return DmxPacket{bytes[12], bytes[15] * 256 + bytes[14], {levels.begin(), levels.end()}};
}

} // namespace pulsepin::artnet
