// SPDX-License-Identifier: GPL-3.0-or-later
#include "show/level_wire.h"
#include "wires/artnet.h"
#include "wires/udp_socket.h"

namespace pulsepin {
namespace {

class ArtNetWire final : public LevelWire {
public:
    ArtNetWire(const WireOutput& output, UdpSocket socket, PacketRecorder recorder)
        : LevelWire(output), socket_(std::move(socket)), recorder_(std::move(recorder)) {}

private:
    Result<void> send(const Universes& levels, double heard) override {
        const auto port = static_cast<std::uint16_t>(output().port ? output().port : artnet::port);
        for (const auto& [universe, values] : levels) {
            if (universe > artnet::last_universe)
                return fail("Art-Net has no universe " + std::to_string(universe) + ".", {},
                            "Patch lamps to universes up to 32768, or send sACN.");
            // Counted from 0 there, from 1 by people.
            const auto bytes = artnet::bytes_of({sequence_, universe - 1, values});
            if (recorder_)
                recorder_({heard, output().to, port, bytes});
            if (auto sent = socket_.send(output().to, port, bytes); !sent)
                return sent;
            ++sent_;
        }
        sequence_ = sequence_ == 255 ? std::uint8_t{1} : static_cast<std::uint8_t>(sequence_ + 1);
        return {};
    }

    UdpSocket socket_;
    PacketRecorder recorder_;
    std::uint8_t sequence_ = 1; ///< 0 would say that there is no order
};

Result<std::unique_ptr<Wire>> open(const WireOutput& output, const std::string&,
                                   const PacketRecorder& recorder) {
    if (!is_address(output.to))
        return fail("\"" + output.to + "\" is no address.", {}, "Write it in numbers, as in 192.168.1.40.");
    auto socket = UdpSocket::for_sending();
    if (!socket)
        return tl::unexpected(socket.error());
    return std::make_unique<ArtNetWire>(output, *std::move(socket), recorder);
}

} // namespace

const WireKind wires::artnet_wire{"art-net", "Art-Net (levels of lamps)",
                                  "levels of 512 channels a universe, after the Art-Net 4 specification",
                                  artnet::port, open};

} // namespace pulsepin
