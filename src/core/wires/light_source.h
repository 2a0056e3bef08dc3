// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "wires/sacn.h"

#include <map>

namespace pulsepin {

/// Levels of several universes as packets, one after the other, of one source.
class LightSource {
public:
    LightSource(sacn::Cid id, std::string name, int priority = sacn::usual_priority, int synchronisation = 0);

    /// The next packet of a universe. Fails as sacn::can_be_sent().
    [[nodiscard]] Result<std::vector<std::uint8_t>> packet(int universe,
                                                           std::span<const std::uint8_t> levels);
    /// What says that nothing more comes: three packets for each universe that was sent (6.2.6), with the
    /// levels that it had last.
    [[nodiscard]] std::vector<std::pair<int, std::vector<std::uint8_t>>> last_packets();

private:
    [[nodiscard]] sacn::DataPacket next(int universe);
    sacn::Cid id_;
    std::string name_;
    std::uint8_t priority_;
    std::uint16_t synchronisation_;
    struct Sent {
        std::uint8_t sequence = 0; ///< of the next one
        std::vector<std::uint8_t> levels;
    };
    std::map<int, Sent> sent_;
};

/// An identifier that is the same for the same name, and another for any other (RFC 9562, version 8).
[[nodiscard]] sacn::Cid id_of_name(std::string_view name);

} // namespace pulsepin
