// SPDX-License-Identifier: GPL-3.0-or-later
#include "ended.h"

#include <atomic>
#include <csignal>

namespace pulsepin {
namespace {

std::atomic<bool> ended = false; // all that a signal may touch

} // namespace

void end_by_signals() {
    std::signal(SIGINT, [](int) { ended = true; });
    std::signal(SIGTERM, [](int) { ended = true; });
}

bool is_ended() {
    return ended;
}

} // namespace pulsepin
