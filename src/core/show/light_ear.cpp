// SPDX-License-Identifier: GPL-3.0-or-later
#include "show/light_ear.h"

#include "wires/udp_socket.h"

#include <algorithm>
#include <atomic>
#include <chrono>
#include <mutex>
#include <thread>

namespace pulsepin {

struct LightEar::Inside {
    Inside(UdpSocket from, std::vector<int> of) : socket(std::move(from)), universes(std::move(of)) {}
    UdpSocket socket;
    std::vector<int> universes;
    const std::chrono::steady_clock::time_point start = std::chrono::steady_clock::now();
    mutable std::mutex mutex;
    LightMonitor monitor;
    std::atomic<bool> ending = false;
    std::thread thread;

    [[nodiscard]] double now() const {
        return std::chrono::duration<double>(std::chrono::steady_clock::now() - start).count();
    }
    void run() {
        while (!ending) {
            const auto bytes = socket.receive(std::chrono::milliseconds(50));
            const auto packet = bytes ? sacn::data_packet(*bytes) : std::nullopt;
            if (!packet || std::ranges::find(universes, packet->universe) == universes.end())
                continue;
            const std::lock_guard lock(mutex);
            monitor.take(*packet, now());
        }
    }
};

Result<std::unique_ptr<LightEar>> LightEar::open(std::vector<int> universes, std::uint16_t port) {
    std::vector<std::string> groups;
    for (const int universe : universes)
        groups.push_back(sacn::multicast_address(universe));
    auto socket = UdpSocket::for_receiving(port, groups);
    if (!socket) // without a network what is sent to this computer alone is heard all the same
        socket = UdpSocket::for_receiving(port);
    if (!socket)
        return tl::unexpected(socket.error());
    return std::unique_ptr<LightEar>(
        new LightEar(std::make_unique<Inside>(*std::move(socket), std::move(universes))));
}

LightEar::LightEar(std::unique_ptr<Inside> inside) : inside_(std::move(inside)) {
    inside_->thread = std::thread([inside = inside_.get()] { inside->run(); });
}

LightEar::~LightEar() {
    inside_->ending = true;
    inside_->thread.join();
}

LightEar::Heard LightEar::heard() const {
    const std::lock_guard lock(inside_->mutex);
    return {inside_->monitor, inside_->now()};
}

} // namespace pulsepin
