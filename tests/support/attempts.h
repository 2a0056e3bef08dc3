// SPDX-License-Identifier: GPL-3.0-or-later
//
// For tests of what happens in real time, on machines that may be busy with something else.
#pragma once

#include <QString>
#include <QTest>
#include <algorithm>
#include <atomic>
#include <chrono>
#include <thread>

namespace pulsepin::test {

/// How late this machine wakes threads that asked to be woken, at worst, while it lives.
class Lateness {
public:
    Lateness() {
        for (auto& watch : watches_)
            watch = std::jthread([this](const std::stop_token& stop) {
                using namespace std::chrono;
                while (!stop.stop_requested()) {
                    const auto due = steady_clock::now() + milliseconds(2);
                    std::this_thread::sleep_until(due);
                    const auto late = duration_cast<microseconds>(steady_clock::now() - due).count();
                    for (auto worst = worst_.load();
                         late > worst && !worst_.compare_exchange_weak(worst, late);)
                        ;
                }
            });
    }
    std::chrono::microseconds worst() const { return std::chrono::microseconds(worst_.load()); }

private:
    std::atomic<std::int64_t> worst_ = 0;
    std::jthread watches_[2]; // more than one: a thread may be lucky
};

/// What attempts at something in real time say together.
struct Attempted {
    bool right = false;        ///< one was right
    int told = 0;              ///< wrong ones in which the machine kept its time: these are faults
    QString why;               ///< of the last wrong one that tells something, or of the last
    double worst_lateness = 0; ///< milliseconds, over all attempts
    /// Enough is known to call it a fault; else the machine was too busy to tell.
    bool wrong() const { return !right && told > 1; }
};

/// Tries up to `most` times. `attempt` returns an empty text when all was right, else what was not. What goes
/// wrong while threads are woken more than `limit` late is tried again, after a pause, and accuses nobody.
template <class Attempt>
Attempted attempted(Attempt&& attempt, std::chrono::microseconds limit = std::chrono::milliseconds(8),
                    int most = 4) {
    Attempted all;
    for (int i = 0; i < most && !all.right && all.told < 3; ++i) {
        const Lateness lateness;
        const QString wrong = attempt();
        const bool kept_time = lateness.worst() <= limit;
        const double late = static_cast<double>(lateness.worst().count()) / 1000;
        all.worst_lateness = std::max(all.worst_lateness, late);
        all.right = wrong.isEmpty();
        if (all.right)
            break;
        qInfo("attempt %d: %s; threads were woken up to %.1f ms late", i + 1, qPrintable(wrong), late);
        all.told += kept_time;
        if (kept_time || all.told == 0)
            all.why = wrong;
        if (!kept_time)
            QTest::qWait(1000);
    }
    return all;
}

} // namespace pulsepin::test

/// Passes, fails or, on a machine too busy to tell, skips the test that it stands in.
#define PULSEPIN_VERIFY_ATTEMPTS(all)                                                                        \
    do {                                                                                                     \
        const pulsepin::test::Attempted& result = (all);                                                     \
        if (!result.right && !result.wrong())                                                                \
            QSKIP(qPrintable(QString("too busy a machine to tell: threads were woken up to %1 ms late (%2)") \
                                 .arg(result.worst_lateness)                                                 \
                                 .arg(result.why)));                                                         \
        QVERIFY2(result.right, qPrintable(result.why));                                                      \
    } while (false)
