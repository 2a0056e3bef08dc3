// SPDX-License-Identifier: GPL-3.0-or-later
#include "wires/packet_file.h"

#include <algorithm>
#include <arpa/inet.h>
#include <cmath>
#include <optional>

namespace pulsepin {
namespace {

constexpr std::uint32_t magic_micro = 0xa1b2c3d4, magic_nano = 0xa1b23c4d;
constexpr std::uint32_t link_ipv4 = 101, link_ethernet = 1;
constexpr std::size_t file_head = 24, record_head = 16, udp_head = 8;
constexpr std::uint32_t longest = 65'535;

void put32(std::string& out, std::uint32_t value) {
    for (int shift = 0; shift < 32; shift += 8)
        out += static_cast<char>(value >> shift & 0xff);
}
void put16(std::string& out, std::uint16_t value) {
    out += static_cast<char>(value & 0xff);
    out += static_cast<char>(value >> 8);
}
/// As networks have it: the high byte first.
void put16_net(std::string& out, std::size_t value) {
    out += static_cast<char>(value >> 8 & 0xff);
    out += static_cast<char>(value & 0xff);
}

class Bytes {
public:
    explicit Bytes(std::string_view bytes) : bytes_(bytes) {}
    [[nodiscard]] std::uint32_t u8(std::size_t at) const { return static_cast<unsigned char>(bytes_[at]); }
    [[nodiscard]] std::uint32_t net16(std::size_t at) const { return u8(at) << 8 | u8(at + 1); }
    [[nodiscard]] std::uint32_t file32(std::size_t at, bool swapped) const {
        const std::uint32_t low = u8(at) | u8(at + 1) << 8 | u8(at + 2) << 16 | u8(at + 3) << 24;
        return swapped ? __builtin_bswap32(low) : low;
    }
    [[nodiscard]] std::size_t size() const { return bytes_.size(); }
    [[nodiscard]] std::string_view part(std::size_t from, std::size_t count) const {
        return bytes_.substr(from, count);
    }

private:
    std::string_view bytes_;
};

/// Empty where it is no packet of UDP over IPv4.
std::optional<TimedPacket> udp_of(const Bytes& all, std::size_t at, std::size_t length, bool ethernet) {
    if (ethernet) {
        if (length < 14 || all.net16(at + 12) != 0x0800)
            return std::nullopt;
        at += 14;
        length -= 14;
    }
    if (length < 20 || all.u8(at) >> 4 != 4 || all.u8(at + 9) != 17)
        return std::nullopt;
    const std::size_t ip_head = 4 * (all.u8(at) & 0xf);
    if (ip_head < 20 || length < ip_head + udp_head)
        return std::nullopt;
    TimedPacket packet;
    for (std::size_t i = 0; i < 4; ++i)
        packet.to += (i ? "." : "") + std::to_string(all.u8(at + 16 + i));
    packet.port = static_cast<std::uint16_t>(all.net16(at + ip_head + 2));
    const std::size_t told = all.net16(at + ip_head + 4);
    if (told < udp_head || told > length - ip_head)
        return std::nullopt;
    const auto payload = all.part(at + ip_head + udp_head, told - udp_head);
    packet.bytes.assign(payload.begin(), payload.end());
    return packet;
}

} // namespace

std::string packet_file_head() {
    std::string head;
    put32(head, magic_nano);
    put16(head, 2);
    put16(head, 4);
    put32(head, 0);
    put32(head, 0);
    put32(head, longest);
    put32(head, link_ipv4);
    return head;
}

std::string packet_record(const TimedPacket& packet) {
    const double at = std::max(0.0, packet.at);
    auto seconds = std::floor(at);
    auto nanos = std::llround((at - seconds) * 1e9);
    if (nanos >= 1'000'000'000) {
        ++seconds;
        nanos = 0;
    }
    const std::size_t udp = udp_head + packet.bytes.size(), length = 20 + udp;
    std::string out;
    put32(out, static_cast<std::uint32_t>(seconds));
    put32(out, static_cast<std::uint32_t>(nanos));
    put32(out, static_cast<std::uint32_t>(length));
    put32(out, static_cast<std::uint32_t>(length));
    std::string ip; // RFC 791
    ip += static_cast<char>(0x45);
    ip += '\0';
    put16_net(ip, length);
    put16_net(ip, 0);
    put16_net(ip, 0);
    ip += static_cast<char>(64); // hops
    ip += static_cast<char>(17); // UDP
    put16_net(ip, 0);
    ip += std::string("\x7f\x00\x00\x01", 4); // from this machine
    in_addr to{};
    inet_pton(AF_INET, packet.to.c_str(), &to);
    ip.append(reinterpret_cast<const char*>(&to), 4);
    std::uint32_t sum = 0;
    for (std::size_t i = 0; i < ip.size(); i += 2)
        sum += static_cast<std::uint32_t>(static_cast<unsigned char>(ip[i])) << 8 |
               static_cast<unsigned char>(ip[i + 1]);
    while (sum >> 16)
        sum = (sum & 0xffff) + (sum >> 16);
    ip[10] = static_cast<char>(~sum >> 8 & 0xff);
    ip[11] = static_cast<char>(~sum & 0xff);
    out += ip;
    put16_net(out, packet.port);
    put16_net(out, packet.port);
    put16_net(out, udp);
    put16_net(out, 0); // without a checksum, as RFC 768 allows
    out.append(reinterpret_cast<const char*>(packet.bytes.data()), packet.bytes.size());
    return out;
}

Result<std::vector<TimedPacket>> read_packets(std::string_view file) {
    const Bytes all(file);
    if (all.size() < file_head)
        return fail("It is no recorded show: it is too short.", {}, "Record the show again.");
    const std::uint32_t magic = all.file32(0, false);
    const bool swapped = magic == __builtin_bswap32(magic_micro) || magic == __builtin_bswap32(magic_nano);
    const std::uint32_t right = swapped ? __builtin_bswap32(magic) : magic;
    if (right != magic_micro && right != magic_nano)
        return fail("It is no recorded show.", {}, "Choose a file of recorded packets (.pcap).");
    const std::uint32_t link = all.file32(20, swapped) & 0xffff;
    if (link != link_ipv4 && link != link_ethernet)
        return fail("Its packets are of a kind that is not known (link type " + std::to_string(link) + ").",
                    {}, "Record IPv4 or Ethernet.");
    const double fraction = right == magic_nano ? 1e-9 : 1e-6;
    std::vector<TimedPacket> packets;
    std::size_t at = file_head;
    for (int number = 1; at < all.size(); ++number) {
        if (at + record_head > all.size())
            return fail("It ends within packet " + std::to_string(number) + ".", {},
                        "Record the show again.");
        const std::uint32_t length = all.file32(at + 8, swapped);
        if (length > longest || at + record_head + length > all.size())
            return fail("Packet " + std::to_string(number) + " is damaged.", {}, "Record the show again.");
        if (auto packet = udp_of(all, at + record_head, length, link == link_ethernet)) {
            packet->at = all.file32(at, swapped) + fraction * all.file32(at + 4, swapped);
            packets.push_back(*std::move(packet));
        }
        at += record_head + length;
    }
    return packets;
}

} // namespace pulsepin
