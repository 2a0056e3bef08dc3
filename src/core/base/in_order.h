// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "base/error.h"
#include "base/guarded.h"
#include "base/progress.h"

#include <algorithm>
#include <thread>
#include <vector>

namespace pulsepin {

/// Does `count` pieces of work, as many at once as there are cores, and hands each result on in order, on the
/// thread that called: take(i, work(i)). Fails where `take` does, and when cancelled between two rounds.
template <class Work, class Take>
Result<void> in_order(std::size_t count, const Progress& progress, const Work& work, const Take& take) {
    using Made = decltype(work(std::size_t{}));
    const std::size_t together = std::clamp<std::size_t>(std::thread::hardware_concurrency(), 1, 16);
    for (std::size_t first = 0; first < count; first += together) {
        if (progress.cancelled())
            return fail_cancelled();
        const std::size_t now = std::min(together, count - first);
        std::vector<Made> made(now);
        FirstFault fault;
        {
            std::vector<std::jthread> threads;
            for (std::size_t i = 1; i < now; ++i)
                threads.emplace_back([&, i] { fault.watch([&] { made[i] = work(first + i); }); });
            made[0] = work(first);
        }
        fault.throw_again();
        for (std::size_t i = 0; i < now; ++i)
            if (Result<void> taken = take(first + i, made[i]); !taken)
                return taken;
        progress.report(static_cast<double>(first + now) / static_cast<double>(count));
    }
    return {};
}

} // namespace pulsepin
