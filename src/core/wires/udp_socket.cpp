// SPDX-License-Identifier: GPL-3.0-or-later
#include "wires/udp_socket.h"

#include <arpa/inet.h>
#include <cerrno>
#include <cstring>
#include <netinet/in.h>
#include <poll.h>
#include <sys/socket.h>
#include <system_error>
#include <unistd.h>
#include <utility>

namespace pulsepin {
namespace {

std::string reason() {
    return std::generic_category().message(errno);
}

std::optional<sockaddr_in> address_of(const std::string& text, std::uint16_t port) {
    sockaddr_in address{};
    address.sin_family = AF_INET;
    address.sin_port = htons(port);
    if (inet_pton(AF_INET, text.c_str(), &address.sin_addr) != 1)
        return std::nullopt;
    return address;
}

int new_socket() {
    return ::socket(AF_INET, SOCK_DGRAM | SOCK_CLOEXEC | SOCK_NONBLOCK, 0);
}

} // namespace

Result<UdpSocket> UdpSocket::for_sending() {
    const int descriptor = new_socket();
    if (descriptor < 0)
        return fail("Nothing can be sent on this machine (" + reason() + ").", {}, "Close other programs.");
    // Groups are heard on this machine, too, and go no further than the next router.
    const unsigned char loop = 1, hops = 1;
    (void)setsockopt(descriptor, IPPROTO_IP, IP_MULTICAST_LOOP, &loop, sizeof loop);
    (void)setsockopt(descriptor, IPPROTO_IP, IP_MULTICAST_TTL, &hops, sizeof hops);
    return UdpSocket(descriptor);
}

Result<UdpSocket> UdpSocket::for_receiving(std::uint16_t port, const std::vector<std::string>& groups) {
    UdpSocket socket(new_socket());
    const int yes = 1, room = 1 << 20; // for what comes while this program waits for the disk
    (void)setsockopt(socket.descriptor_, SOL_SOCKET, SO_RCVBUF, &room, sizeof room);
    const auto here = address_of("0.0.0.0", port);
    if (socket.descriptor_ < 0 ||
        setsockopt(socket.descriptor_, SOL_SOCKET, SO_REUSEADDR, &yes, sizeof yes) != 0 ||
        ::bind(socket.descriptor_, reinterpret_cast<const sockaddr*>(&*here), sizeof *here) != 0)
        return fail("Port " + std::to_string(port) + " cannot be listened to (" + reason() + ").", {},
                    "End the program that has it, or choose another port.");
    for (const auto& group : groups) {
        ip_mreq wanted{};
        if (inet_pton(AF_INET, group.c_str(), &wanted.imr_multiaddr) != 1 ||
            setsockopt(socket.descriptor_, IPPROTO_IP, IP_ADD_MEMBERSHIP, &wanted, sizeof wanted) != 0)
            return fail("The group " + group + " cannot be listened to (" + reason() + ").", {},
                        "Connect the network, or have it sent to this machine's own address.");
    }
    return socket;
}

UdpSocket::~UdpSocket() {
    if (descriptor_ >= 0)
        ::close(descriptor_);
}

UdpSocket::UdpSocket(UdpSocket&& other) noexcept : descriptor_(std::exchange(other.descriptor_, -1)) {}

UdpSocket& UdpSocket::operator=(UdpSocket&& other) noexcept {
    std::swap(descriptor_, other.descriptor_);
    return *this;
}

Result<void> UdpSocket::send(const std::string& address, std::uint16_t port,
                             std::span<const std::uint8_t> bytes) const {
    const auto to = address_of(address, port);
    if (!to)
        return fail("\"" + address + "\" is no address.", {}, "Write it in numbers, as in 192.168.1.40.");
    const auto sent = ::sendto(descriptor_, bytes.data(), bytes.size(), MSG_NOSIGNAL,
                               reinterpret_cast<const sockaddr*>(&*to), sizeof *to);
    // Where nobody listens on this machine the system says so for the packet before: that is no fault of this
    // one.
    if (sent < 0 && errno != ECONNREFUSED)
        return fail("Nothing could be sent to " + address + " (" + reason() + ").", {},
                    "See whether the network is connected, or send to this machine: 127.0.0.1.");
    return {};
}

std::optional<std::vector<std::uint8_t>> UdpSocket::receive(std::chrono::milliseconds within) const {
    pollfd waiting{descriptor_, POLLIN, 0};
    if (::poll(&waiting, 1, static_cast<int>(within.count())) <= 0)
        return std::nullopt;
    std::vector<std::uint8_t> bytes(65'536);
    const auto size = ::recv(descriptor_, bytes.data(), bytes.size(), 0);
    if (size < 0)
        return std::nullopt;
    bytes.resize(static_cast<std::size_t>(size));
    return bytes;
}

std::uint16_t UdpSocket::port() const {
    sockaddr_in own{};
    socklen_t size = sizeof own;
    return getsockname(descriptor_, reinterpret_cast<sockaddr*>(&own), &size) == 0 ? ntohs(own.sin_port)
                                                                                   : std::uint16_t{0};
}

bool is_address(const std::string& text) {
    return address_of(text, 0).has_value();
}

} // namespace pulsepin
