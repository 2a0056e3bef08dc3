// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "wires/light_monitor.h"

#include <memory>

namespace pulsepin {

/// Listens, on a thread of its own, to the levels that arrive at this computer for some universes.
class LightEar {
public:
    /// Fails where the port cannot be listened to.
    [[nodiscard]] static Result<std::unique_ptr<LightEar>> open(std::vector<int> universes,
                                                                std::uint16_t port = sacn::port);
    ~LightEar();
    LightEar(const LightEar&) = delete;
    LightEar& operator=(const LightEar&) = delete;
    /// What came until now, and how many seconds that has been.
    struct Heard {
        LightMonitor monitor;
        double now = 0;
    };
    [[nodiscard]] Heard heard() const;

private:
    struct Inside;
    explicit LightEar(std::unique_ptr<Inside> inside);
    std::unique_ptr<Inside> inside_;
};

} // namespace pulsepin
