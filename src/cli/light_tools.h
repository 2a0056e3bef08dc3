// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "base/error.h"

#include <string>
#include <vector>

namespace pulsepin {

struct LightReceiverRequest {
    std::vector<int> universes{1};
    int port = 5568;
    std::string log;    ///< file for all that arrives, as CSV; - is the standard output; empty: none
    double seconds = 0; ///< after which it ends; 0: until it is ended
    bool replace = false;
};
/// Listens to levels of lamps (sACN, ANSI E1.31), and tells each second what arrives: how many packets, lost
/// ones, jitter, from whom. Ends on Ctrl+C. Fails where the port or a group cannot be listened to.
[[nodiscard]] Result<void> receive_lights(const LightReceiverRequest& request);

struct LightTestRequest {
    std::vector<std::string> levels; ///< "CHANNEL=LEVEL" or "FROM-UNTIL=LEVEL"
    int universe = 1, port = 5568, priority = 100;
    std::string to = "127.0.0.1"; ///< an address, or "multicast"
    double seconds = 3;
};
/// Lights lamps for a while, to see that they are patched as they should be; ends with three packets that say
/// so.
[[nodiscard]] Result<void> test_lights(const LightTestRequest& request);

} // namespace pulsepin
