// SPDX-License-Identifier: GPL-3.0-or-later
#include "show/wire.h"

#include <algorithm>
#include <array>

namespace pulsepin {

std::span<const WireKind> wire_kinds() {
    static const std::array all{wires::sacn_wire, wires::artnet_wire, wires::osc_wire, wires::midi_wire,
                                wires::timecode_wire};
    return all;
}

const WireKind* wire_kind(std::string_view id) {
    const auto all = wire_kinds();
    const auto found = std::ranges::find(all, id, &WireKind::id);
    return found == all.end() ? nullptr : &*found;
}

} // namespace pulsepin
