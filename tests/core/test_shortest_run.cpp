// SPDX-License-Identifier: GPL-3.0-or-later
//
// How a run of random hands that fails is made shorter.
#include "support/shortest_run.h"
#include "support/test_program.h"

#include <QTest>
#include <algorithm>
#include <numeric>
#include <random>

using namespace pulsepin::test;

class TestShortestRun : public QObject {
    Q_OBJECT

    static std::vector<int> first(int count) {
        std::vector<int> all(static_cast<std::size_t>(count));
        std::iota(all.begin(), all.end(), 0);
        return all;
    }
    static bool has(const std::vector<int>& all, const std::vector<int>& some) {
        return std::ranges::includes(all, some);
    }

private slots:
    void what_fails_together_is_what_is_left() {
        std::mt19937 random(7);
        for (int turn = 0; turn < 200; ++turn) {
            const int count = 1 + static_cast<int>(random() % 400);
            std::vector<int> guilty;
            std::ranges::sample(first(count), std::back_inserter(guilty), 1 + random() % 5, random);
            int asked = 0;
            const auto left = shortest_failing(first(count), [&](const std::vector<int>& run) {
                ++asked;
                return has(run, guilty);
            });
            QCOMPARE(left, guilty);
            QVERIFY(asked < 250);
        }
    }
    void what_fails_in_one_of_two_ways_is_one_of_them() {
        const std::vector<int> a{3, 40}, b{9, 77, 78};
        const auto left = shortest_failing(
            first(100), [&](const std::vector<int>& run) { return has(run, a) || has(run, b); });
        QVERIFY(left == a || left == b);
    }
    void what_fails_only_as_a_whole_stays_and_questions_end() {
        const auto whole = first(20);
        QCOMPARE(shortest_failing(whole, [&](const auto& run) { return run == whole; }), whole);
        QCOMPARE(shortest_failing({5}, [](const auto&) { return true; }), std::vector<int>{5});
        QCOMPARE(shortest_failing({}, [](const auto&) { return true; }), std::vector<int>{});
        int asked = 0;
        const auto left = shortest_failing(
            first(1000),
            [&](const auto& run) {
                return ++asked, has(run, {1, 500, 999});
            },
            10);
        QCOMPARE(asked, 10);
        QVERIFY(has(left, {1, 500, 999}) && left.size() < 1000);
    }
    void ranges_are_read_as_they_are_written() {
        QCOMPARE(written_ranges({0, 1, 2, 3, 7, 9, 10}), std::string("0-3,7,9-10"));
        QCOMPARE(written_ranges({}), std::string());
        for (const auto& numbers : {std::vector<int>{}, {4}, {0, 2, 4}, {1, 2, 3, 100}, {8, 9}})
            QCOMPARE(read_ranges(written_ranges(numbers)), numbers);
        QCOMPARE(read_ranges("x,3,,5-4"), std::vector<int>{3});
    }
};

PULSEPIN_TEST_CLASS(TestShortestRun, "test_shortest_run")
#include "test_shortest_run.moc"
