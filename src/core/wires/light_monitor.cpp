// SPDX-License-Identifier: GPL-3.0-or-later
#include "wires/light_monitor.h"

#include <cmath>

namespace pulsepin {

bool LightMonitor::gone(const Universe& universe, double at_seconds) {
    return universe.terminations > 0 || at_seconds - universe.last_at > sacn::lost_after_seconds;
}

bool LightMonitor::take(const sacn::DataPacket& packet, double at_seconds) {
    Universe& universe = universes_[packet.universe];
    const bool same = universe.packets > 0 && universe.source == packet.source;
    if (!same) {
        if (universe.packets > 0 && !gone(universe, at_seconds) && packet.priority <= universe.priority)
            return false;
        universe = {};
        universe.source = packet.source;
    } else if (!sacn::comes_after(packet.sequence, universe.sequence)) {
        ++universe.late;
        return false;
    }
    if (universe.packets > 0) {
        universe.lost += static_cast<std::uint8_t>(packet.sequence - universe.sequence - 1);
        const double passed = at_seconds - universe.last_at;
        if (universe.interval > 0)
            universe.jitter += (std::abs(passed - universe.interval) - universe.jitter) / 16;
        universe.interval += (passed - universe.interval) / (universe.interval > 0 ? 16 : 1);
    }
    universe.source_name = packet.source_name;
    universe.priority = packet.priority;
    universe.sequence = packet.sequence;
    universe.levels = packet.levels;
    universe.last_at = at_seconds;
    universe.terminations = packet.terminated ? universe.terminations + 1 : 0;
    ++universe.packets;
    return true;
}

} // namespace pulsepin
