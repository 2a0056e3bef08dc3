// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "wires/sacn.h"

#include <map>

namespace pulsepin {

/// What arrives of a universe from the source that is listened to: that of the highest priority, of several
/// the one that was there first (common practice).
class LightMonitor {
public:
    struct Universe {
        sacn::Cid source{};
        std::string source_name;
        int priority = 0;
        std::vector<std::uint8_t> levels;
        std::uint64_t packets = 0, lost = 0; ///< by the gaps in their numbers
        std::uint64_t late = 0;              ///< came behind later ones, and were left out
        int terminations = 0;                ///< packets that said that nothing more comes
        std::uint8_t sequence = 0;
        double last_at = 0;  ///< seconds
        double interval = 0; ///< from one packet to the next, in the mean
        double jitter =
            0; ///< how far intervals are from that, in the mean: smoothed by 1/16 (RFC 3550, 6.4.1)
    };
    /// Whether it was taken: not of another source, nor too late.
    bool take(const sacn::DataPacket& packet, double at_seconds);
    [[nodiscard]] const std::map<int, Universe>& universes() const { return universes_; }
    /// Whether its source has gone: it said so, or says nothing any more.
    [[nodiscard]] static bool gone(const Universe& universe, double at_seconds);

private:
    std::map<int, Universe> universes_;
};

} // namespace pulsepin
