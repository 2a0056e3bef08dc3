// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QTest>
#include <chrono>
#include <cstdint>
#include <cstdlib>
#include <vector>

namespace pulsepin::test {

/// Another one each day (days since 1970, UTC); PULSEPIN_SEED has one of another day again.
inline std::uint32_t seed_of_the_day() {
    if (const char* told = std::getenv("PULSEPIN_SEED"))
        return static_cast<std::uint32_t>(std::strtoul(told, nullptr, 10));
    const auto now = std::chrono::system_clock::now().time_since_epoch();
    return static_cast<std::uint32_t>(std::chrono::duration_cast<std::chrono::hours>(now).count() / 24);
}

/// What a test makes its random numbers from; says itself where the test fails with it.
class Seed {
public:
    Seed(std::uint32_t value) : value_(value) {}
    Seed(const Seed&) = delete;
    Seed& operator=(const Seed&) = delete;
    ~Seed() {
        if (QTest::currentTestFailed())
            qWarning("with the seed %u; those of the day are from PULSEPIN_SEED=%u", value_,
                     seed_of_the_day());
    }
    operator std::uint32_t() const { return value_; }

private:
    std::uint32_t value_;
};

/// `count` seeds from `first` on, which are the same each day, and half as many of the day.
inline std::vector<std::uint32_t> seeds(std::uint32_t first, std::uint32_t count) {
    std::vector<std::uint32_t> all;
    for (std::uint32_t i = 0; i < count; ++i)
        all.push_back(first + i);
    for (std::uint32_t i = 0; i < (count + 1) / 2; ++i)
        all.push_back(seed_of_the_day() * 1000 + first + i);
    return all;
}

} // namespace pulsepin::test
