// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/motion.h"
#include "time/frame_rate.h"

#include <functional>
#include <map>
#include <mutex>
#include <utility>
#include <vector>

namespace pulsepin {

/// How many turns have passed of what turns at a rate that is driven: the rate summed over the frames, each
/// frame once, however often it is asked. May be shared between threads.
class RateSums {
public:
    /// Turns over the frames [0, until); `rate` gives those a second at a frame.
    [[nodiscard]] double until(const Target& target, Frames until, double frames_per_second,
                               const std::function<double(Frames)>& rate) {
        const std::lock_guard lock(mutex_);
        auto& sums = sums_[{target.layer.value, target.parameter}];
        if (sums.empty())
            sums.push_back(0);
        for (auto i = static_cast<std::int64_t>(sums.size()); i <= until.value; ++i)
            sums.push_back(sums.back() + rate(Frames(i - 1)) / frames_per_second);
        return sums[static_cast<std::size_t>(until.value)];
    }

private:
    std::mutex mutex_;
    std::map<std::pair<std::uint64_t, std::string>, std::vector<double>> sums_;
};

} // namespace pulsepin
