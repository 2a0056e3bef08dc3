// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <algorithm>
#include <chrono>
#include <cmath>
#include <cstdio>
#include <functional>
#include <vector>

namespace pulsepin::test {

/// The median of so many runs.
inline double milliseconds(int runs, const std::function<void()>& work) {
    std::vector<double> times;
    for (int i = 0; i < runs; ++i) {
        const auto start = std::chrono::steady_clock::now();
        work();
        times.push_back(
            std::chrono::duration<double, std::milli>(std::chrono::steady_clock::now() - start).count());
    }
    std::nth_element(times.begin(), times.begin() + runs / 2, times.end());
    return times[static_cast<std::size_t>(runs / 2)];
}

inline double yardstick = 1; ///< milliseconds of plain arithmetic, in the same run

inline void row(const char* what, double ms, const char* limit) {
    std::printf("| %s | %.2f | %s | %.2f |\n", what, ms, limit, ms / yardstick);
    std::fflush(stdout);
}

/// Measures the yardstick and writes the head of the table.
inline void take_yardstick() {
    volatile double sink = 0;
    yardstick = milliseconds(15, [&] {
        double sum = 0;
        for (int i = 1; i < 400'000; ++i)
            sum += std::sqrt(static_cast<double>(i));
        sink = sum;
    });
    std::printf("| what | ms | limit | times the yardstick (%.2f ms) |\n| --- | --- | --- | --- |\n",
                yardstick);
}

} // namespace pulsepin::test
