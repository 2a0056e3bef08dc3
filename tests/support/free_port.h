// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "wires/udp_socket.h"

#include <cstdint>

namespace pulsepin::test {

/// A port that is free now.
inline std::uint16_t free_port() {
    return UdpSocket::for_receiving(0)->port();
}

} // namespace pulsepin::test
