// SPDX-License-Identifier: GPL-3.0-or-later
#include "shell/end_in_time.h"

#include <cstdlib>

namespace pulsepin {

EndInTime::~EndInTime() {
    {
        const std::scoped_lock lock(mutex_);
        ended_ = true;
    }
    changed_.notify_all();
}

void EndInTime::begin(std::chrono::milliseconds left, int code) {
    clock_.emplace([this, left, code] {
        std::unique_lock lock(mutex_);
        if (!changed_.wait_for(lock, left, [this] { return ended_; }))
            std::_Exit(code); // no destructor is run: one of them waits for ever
    });
}

} // namespace pulsepin
