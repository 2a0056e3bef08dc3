// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <functional>
#include <stop_token>

namespace pulsepin {

/// Carried into long work: where to report to, and whether to go on.
/// The work reports from whatever thread it runs on.
struct Progress {
    std::function<void(double)> report = [](double) {}; ///< share done, 0 to 1
    std::stop_token stop = {};

    [[nodiscard]] bool cancelled() const { return stop.stop_requested(); }

    /// The same work seen as the part [from, to] of a larger whole.
    [[nodiscard]] Progress part(double from, double to) const {
        return {[report = report, from, to](double share) { report(from + (to - from) * share); }, stop};
    }
};

} // namespace pulsepin
