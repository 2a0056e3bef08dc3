// SPDX-License-Identifier: GPL-3.0-or-later
#include "wires/light_source.h"

namespace pulsepin {

LightSource::LightSource(sacn::Cid id, std::string name, int priority, int synchronisation)
    : id_(id), name_(std::move(name)), priority_(static_cast<std::uint8_t>(priority)),
      synchronisation_(static_cast<std::uint16_t>(synchronisation)) {}

sacn::DataPacket LightSource::next(int universe) {
    sacn::DataPacket packet;
    packet.source = id_;
    packet.source_name = name_;
    packet.priority = priority_;
    packet.synchronisation = synchronisation_;
    packet.universe = static_cast<std::uint16_t>(universe);
    auto& sent = sent_[universe];
    packet.sequence = sent.sequence++;
    packet.levels = sent.levels;
    return packet;
}

Result<std::vector<std::uint8_t>> LightSource::packet(int universe, std::span<const std::uint8_t> levels) {
    sacn::DataPacket tried;
    tried.universe = static_cast<std::uint16_t>(universe >= 0 && universe <= 65'535 ? universe : 0);
    tried.priority = priority_;
    tried.levels.assign(levels.begin(), levels.end());
    if (auto good = sacn::can_be_sent(tried); !good)
        return tl::unexpected(good.error());
    sent_[universe].levels = std::move(tried.levels);
    return sacn::bytes_of(next(universe));
}

std::vector<std::pair<int, std::vector<std::uint8_t>>> LightSource::last_packets() {
    std::vector<std::pair<int, std::vector<std::uint8_t>>> all;
    constexpr int times = 3;
    for (int i = 0; i < times; ++i)
        for (auto& [universe, sent] : sent_) {
            auto packet = next(universe);
            packet.terminated = true;
            all.emplace_back(universe, sacn::bytes_of(packet));
        }
    return all;
}

sacn::Cid id_of_name(std::string_view name) {
    sacn::Cid id{};
    // FNV-1a, from two beginnings.
    std::uint64_t halves[] = {14695981039346656037u, 0x9e3779b97f4a7c15u};
    for (const char c : name)
        for (auto& half : halves)
            half = (half ^ static_cast<unsigned char>(c)) * 1099511628211u;
    for (std::size_t i = 0; i < id.size(); ++i)
        id[i] = static_cast<std::uint8_t>(halves[i / 8] >> (8 * (i % 8)));
    id[6] = static_cast<std::uint8_t>((id[6] & 0x0f) | 0x80);
    id[8] = static_cast<std::uint8_t>((id[8] & 0x3f) | 0x80);
    return id;
}

} // namespace pulsepin
