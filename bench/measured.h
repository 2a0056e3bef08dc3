// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QString>
#include <algorithm>
#include <chrono>
#include <cmath>
#include <cstdio>
#include <functional>
#include <numeric>
#include <optional>
#include <string>
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

/// How quick the machine is now: plain arithmetic, and a walk through more memory than its caches hold. Both
/// in multiples of what the machine took on which the limits were set.
struct Yardstick {
    double arithmetic_ms = 0, memory_ms = 0;

    static Yardstick taken() {
        volatile double sink = 0;
        const double arithmetic = milliseconds(15, [&] {
            double sum = 0;
            for (int i = 1; i < 400'000; ++i)
                sum += std::sqrt(static_cast<double>(i));
            sink = sum;
        });
        static std::vector<std::uint32_t> field(12'000'000);
        const double memory = milliseconds(5, [&] {
            std::uint32_t sum = 0;
            for (std::size_t i = 0; i < field.size(); i += 4)
                sum += field[i] += 3;
            sink = sum;
        });
        return {arithmetic, memory};
    }
    /// How many times as long as there things may take here.
    [[nodiscard]] double slowness() const {
        constexpr double arithmetic_there = 0.78, memory_there = 6.0;
        return std::max(arithmetic_ms / arithmetic_there, memory_ms / memory_there);
    }
};

/// Rows of a table, and which of them broke their limits by more than half.
class BenchTable {
public:
    BenchTable() : yardstick_(Yardstick::taken()) {
        std::printf("| what | ms | limit | times the yardstick (%.2f ms; memory %.2f) |\n"
                    "| --- | --- | --- | --- |\n",
                    yardstick_.arithmetic_ms, yardstick_.memory_ms);
    }

    /// limit: milliseconds on the machine on which it was set. What breaks it is measured again, since other
    /// programs may have been in its way, and counts when it does so each time.
    void measure(const QString& what, std::optional<double> limit, const std::function<double()>& measured) {
        constexpr int attempts = 3;
        constexpr double too_far = 1.5;
        double ms = measured();
        for (int again = 1; limit && ms > too_far * *limit * yardstick_.slowness(); ++again) {
            if (again == attempts) {
                broken_.push_back(what);
                break;
            }
            yardstick_ = Yardstick::taken();
            ms = measured();
        }
        std::printf("| %s | %.2f | %s | %.2f |\n", qPrintable(what), ms,
                    limit ? qPrintable(QString::number(*limit)) : "-", ms / yardstick_.arithmetic_ms);
        std::fflush(stdout);
    }
    void row(const QString& what, int runs, std::optional<double> limit, const std::function<void()>& work) {
        measure(what, limit, [&] { return milliseconds(runs, work); });
    }

    /// Could not be measured, which fails.
    void fail(const QString& what) { broken_.push_back(what); }

    /// To be returned by the program.
    [[nodiscard]] int outcome() const {
        for (const auto& what : broken_)
            std::fprintf(stderr, "takes more than half as long again as it may, or fails: %s\n",
                         qPrintable(what));
        return broken_.empty() ? 0 : 1;
    }

private:
    Yardstick yardstick_;
    std::vector<QString> broken_;
};

} // namespace pulsepin::test
