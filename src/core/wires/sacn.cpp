// SPDX-License-Identifier: GPL-3.0-or-later
#include "wires/sacn.h"

#include <algorithm>
#include <fmt/core.h>
#include <string_view>

namespace pulsepin::sacn {
namespace {

constexpr std::array<std::uint8_t, 12> acn{'A', 'S', 'C', '-', 'E', '1', '.', '1', '7', 0, 0, 0};
constexpr std::uint32_t root_data = 4, root_extended = 8, framing_data = 2, framing_sync = 1;
constexpr std::uint8_t dmp_set_property = 2, dmp_one_byte_each = 0xa1;
constexpr std::size_t name_bytes = 64, head_of_data = 126, size_of_sync = 49;
constexpr std::uint8_t preview_bit = 0x80, terminated_bit = 0x40;

class Writer {
public:
    void byte(std::uint8_t value) { bytes_.push_back(value); }
    void two(std::uint32_t value) {
        byte(static_cast<std::uint8_t>(value >> 8));
        byte(static_cast<std::uint8_t>(value));
    }
    void four(std::uint32_t value) {
        two(value >> 16);
        two(value & 0xffff);
    }
    void all(std::span<const std::uint8_t> bytes) { bytes_.insert(bytes_.end(), bytes.begin(), bytes.end()); }
    /// How long a layer is that begins here, in the low twelve bits, under the flags that all of them have.
    void length_of_rest(std::size_t whole) {
        two(0x7000 | static_cast<std::uint32_t>(whole - bytes_.size()));
    }
    [[nodiscard]] std::vector<std::uint8_t> taken() { return std::move(bytes_); }

private:
    std::vector<std::uint8_t> bytes_;
};

class Reader {
public:
    explicit Reader(std::span<const std::uint8_t> bytes) : bytes_(bytes) {}
    [[nodiscard]] bool has(std::size_t count) const { return bytes_.size() - at_ >= count; }
    std::uint8_t byte() { return bytes_[at_++]; }
    std::uint16_t two() {
        const auto high = byte();
        return static_cast<std::uint16_t>(high << 8 | byte());
    }
    std::uint32_t four() {
        const std::uint32_t high = two();
        return high << 16 | two();
    }
    std::span<const std::uint8_t> some(std::size_t count) {
        at_ += count;
        return bytes_.subspan(at_ - count, count);
    }
    /// Whether a layer that begins here says that it goes on to the end.
    bool length_is_of_rest() {
        const std::size_t rest = bytes_.size() - at_;
        return two() == (0x7000 | static_cast<std::uint32_t>(rest));
    }

private:
    std::span<const std::uint8_t> bytes_;
    std::size_t at_ = 0;
};

void write_root(Writer& out, std::size_t whole, std::uint32_t vector, const Cid& source) {
    out.two(0x0010); // preamble
    out.two(0x0000); // post-amble
    out.all(acn);
    out.length_of_rest(whole);
    out.four(vector);
    out.all(source);
}

/// The source, where it is a packet of that kind.
std::optional<Cid> root_of(Reader& in, std::uint32_t vector) {
    if (in.two() != 0x0010 || in.two() != 0 || !std::ranges::equal(in.some(acn.size()), acn) ||
        !in.length_is_of_rest() || in.four() != vector)
        return std::nullopt;
    Cid source{};
    std::ranges::copy(in.some(source.size()), source.begin());
    return source;
}

/// As much of UTF-8 as has room with a zero behind it.
std::string_view name_with_room(std::string_view name) {
    if (name.size() < name_bytes)
        return name;
    std::size_t end = name_bytes - 1;
    while (end > 0 && (static_cast<unsigned char>(name[end]) & 0xc0) == 0x80)
        --end;
    return name.substr(0, end);
}

} // namespace

Result<void> can_be_sent(const DataPacket& packet) {
    if (packet.universe < first_universe || packet.universe > last_universe)
        return fail(fmt::format("There is no universe {}.", packet.universe), {},
                    fmt::format("Universes go from {} to {}.", first_universe, last_universe));
    if (packet.levels.size() > most_slots)
        return fail(fmt::format("A universe has 512 channels, and these are {}.", packet.levels.size()), {},
                    "Put some of them into another universe.");
    if (packet.priority > highest_priority)
        return fail(fmt::format("There is no priority {}.", packet.priority), {},
                    "Priorities go from 0 to 200.");
    return {};
}

std::vector<std::uint8_t> bytes_of(const DataPacket& packet) {
    const std::size_t whole = head_of_data + packet.levels.size();
    Writer out;
    write_root(out, whole, root_data, packet.source);
    out.length_of_rest(whole);
    out.four(framing_data);
    const auto name = name_with_room(packet.source_name);
    for (std::size_t i = 0; i < name_bytes; ++i)
        out.byte(i < name.size() ? static_cast<std::uint8_t>(name[i]) : std::uint8_t{0});
    out.byte(packet.priority);
    out.two(packet.synchronisation);
    out.byte(packet.sequence);
    out.byte(static_cast<std::uint8_t>((packet.preview ? preview_bit : 0) |
                                       (packet.terminated ? terminated_bit : 0)));
    out.two(packet.universe);
    out.length_of_rest(whole);
    out.byte(dmp_set_property);
    out.byte(dmp_one_byte_each);
    out.two(0);                                                    // the first property
    out.two(1);                                                    // one after the other
    out.two(static_cast<std::uint32_t>(1 + packet.levels.size())); // with the start code
    out.byte(0);                                                   // start code: levels
    out.all(packet.levels);
    return out.taken();
}

std::vector<std::uint8_t> bytes_of(const SyncPacket& packet) {
    Writer out;
    write_root(out, size_of_sync, root_extended, packet.source);
    out.length_of_rest(size_of_sync);
    out.four(framing_sync);
    out.byte(packet.sequence);
    out.two(packet.synchronisation);
    out.two(0); // reserved
    return out.taken();
}

std::optional<DataPacket> data_packet(std::span<const std::uint8_t> bytes) {
    Reader in(bytes);
    if (!in.has(head_of_data) || bytes.size() > head_of_data + most_slots)
        return std::nullopt;
    const auto source = root_of(in, root_data);
    if (!source || !in.length_is_of_rest() || in.four() != framing_data)
        return std::nullopt;
    DataPacket packet;
    packet.source = *source;
    const auto name = in.some(name_bytes);
    packet.source_name.assign(name.begin(), std::ranges::find(name, 0));
    packet.priority = in.byte();
    packet.synchronisation = in.two();
    packet.sequence = in.byte();
    const auto options = in.byte();
    packet.preview = options & preview_bit;
    packet.terminated = options & terminated_bit;
    packet.universe = in.two();
    if (!in.length_is_of_rest() || in.byte() != dmp_set_property || in.byte() != dmp_one_byte_each ||
        in.two() != 0 || in.two() != 1)
        return std::nullopt;
    const std::size_t values = in.two();
    if (values != bytes.size() - head_of_data + 1 || in.byte() != 0)
        return std::nullopt;
    const auto levels = in.some(values - 1);
    packet.levels.assign(levels.begin(), levels.end());
    if (!can_be_sent(packet))
        return std::nullopt;
    return packet;
}

std::optional<SyncPacket> sync_packet(std::span<const std::uint8_t> bytes) {
    if (bytes.size() != size_of_sync)
        return std::nullopt;
    Reader in(bytes);
    const auto source = root_of(in, root_extended);
    if (!source || !in.length_is_of_rest() || in.four() != framing_sync)
        return std::nullopt;
    SyncPacket packet;
    packet.source = *source;
    packet.sequence = in.byte();
    packet.synchronisation = in.two();
    return packet;
}

bool comes_after(std::uint8_t sequence, std::uint8_t last) {
    const auto ahead = static_cast<std::int8_t>(static_cast<std::uint8_t>(sequence - last));
    return ahead > 0 || ahead <= -20;
}

std::string multicast_address(int universe) {
    return fmt::format("239.255.{}.{}", universe >> 8 & 255, universe & 255);
}

} // namespace pulsepin::sacn
