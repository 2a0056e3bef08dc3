// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "base/error.h"

#include <string>

namespace pulsepin {

struct LightPlayRequest {
    std::string show;   ///< a project, or a recorded show (.pcap)
    std::string to;     ///< instead of the addresses of the project's outputs; empty: those
    std::string record; ///< file for all packets; empty: none
    std::string from;   ///< where in the song it begins: 3.1, 0:12.4
    double seconds = 0; ///< after which it ends; 0: with the song
    bool silent = false, replace = false;
    bool as_told = false; ///< to the addresses of the project, also where they lead beyond this computer
};
/// Plays a piece's song and sends what it lights in step with what is heard, or sends a recorded show again.
/// Ends with the song, or on Ctrl+C. Fails for what is neither, and where no output can be opened.
[[nodiscard]] Result<void> play_lights(const LightPlayRequest& request);

} // namespace pulsepin
