// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "base/error.h"

#include <chrono>
#include <cstdint>
#include <optional>
#include <span>
#include <string>
#include <vector>

namespace pulsepin {

/// Packets to and from the network (RFC 768), by addresses of IPv4 in numbers: no name is looked up, nothing
/// is sent anywhere else than where it is told.
class UdpSocket {
public:
    /// Fails where the system has no more sockets.
    [[nodiscard]] static Result<UdpSocket> for_sending();
    /// Hears what is sent to that port, and to those groups (multicast). Others may listen to it as well.
    /// Fails, with the reason, where that is not allowed.
    [[nodiscard]] static Result<UdpSocket> for_receiving(std::uint16_t port,
                                                         const std::vector<std::string>& groups = {});
    ~UdpSocket();
    UdpSocket(UdpSocket&& other) noexcept;
    UdpSocket& operator=(UdpSocket&& other) noexcept;

    /// Fails for what is no address, and where the system refuses; waits for nobody.
    [[nodiscard]] Result<void> send(const std::string& address, std::uint16_t port,
                                    std::span<const std::uint8_t> bytes) const;
    /// The next packet; none where none came within that time.
    [[nodiscard]] std::optional<std::vector<std::uint8_t>> receive(std::chrono::milliseconds within) const;
    [[nodiscard]] std::uint16_t port() const; ///< that it listens to

private:
    explicit UdpSocket(int descriptor) : descriptor_(descriptor) {}
    int descriptor_ = -1;
};

/// Whether a text is an address of IPv4 in numbers.
[[nodiscard]] bool is_address(const std::string& text);

} // namespace pulsepin
