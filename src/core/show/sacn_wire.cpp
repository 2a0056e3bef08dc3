// SPDX-License-Identifier: GPL-3.0-or-later
#include "show/level_wire.h"
#include "wires/light_source.h"
#include "wires/udp_socket.h"

#include <algorithm>

namespace pulsepin {
namespace {

class SacnWire final : public LevelWire {
public:
    SacnWire(const WireOutput& output, UdpSocket socket, const std::string& source, PacketRecorder recorder)
        : LevelWire(output), socket_(std::move(socket)), id_(id_of_name(source)),
          source_(id_, source, output.priority, output.synchronisation), recorder_(std::move(recorder)) {}

    void end() override {
        for (const auto& [universe, bytes] : source_.last_packets())
            (void)socket_.send(address(universe), port(), bytes); // it ends, whoever still hears of it
    }

private:
    [[nodiscard]] std::string address(int universe) const {
        return output().to == "multicast" ? sacn::multicast_address(universe) : output().to;
    }
    [[nodiscard]] std::uint16_t port() const {
        return static_cast<std::uint16_t>(output().port ? output().port : sacn::port);
    }
    Result<void> put(int universe, std::span<const std::uint8_t> bytes, double heard) {
        if (recorder_)
            recorder_({heard, address(universe), port(), bytes});
        if (auto sent = socket_.send(address(universe), port(), bytes); !sent)
            return sent;
        ++sent_;
        return {};
    }
    Result<void> send(const Universes& levels, double heard) override {
        for (const auto& [universe, values] : levels) {
            const auto packet = source_.packet(universe, values);
            if (!packet)
                return tl::unexpected(packet.error());
            if (auto sent = put(universe, *packet, heard); !sent)
                return sent;
        }
        if (output().synchronisation == 0 || levels.empty())
            return {};
        return put(output().synchronisation,
                   sacn::bytes_of(sacn::SyncPacket{id_, synchronised_++,
                                                   static_cast<std::uint16_t>(output().synchronisation)}),
                   heard);
    }

    UdpSocket socket_;
    sacn::Cid id_;
    LightSource source_;
    PacketRecorder recorder_;
    std::uint8_t synchronised_ = 0;
};

Result<std::unique_ptr<Wire>> open(const WireOutput& output, const std::string& source,
                                   const PacketRecorder& recorder) {
    if (output.to != "multicast" && !is_address(output.to))
        return fail("\"" + output.to + "\" is no address.", {},
                    "Write it in numbers, as in 192.168.1.40, or multicast.");
    if (output.priority < 0 || output.priority > sacn::highest_priority)
        return fail("There is no priority " + std::to_string(output.priority) + ".", {},
                    "Priorities go from 0 to 200.");
    auto socket = UdpSocket::for_sending();
    if (!socket)
        return tl::unexpected(socket.error());
    return std::make_unique<SacnWire>(output, *std::move(socket), source, recorder);
}

} // namespace

const WireKind wires::sacn_wire{"sacn", "sACN (levels of lamps)",
                                "levels of 512 channels a universe, after ANSI E1.31", sacn::port, open};

} // namespace pulsepin
