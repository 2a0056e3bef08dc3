// SPDX-License-Identifier: GPL-3.0-or-later
//
// Tapping along, and courses of the tempo.
#include "support/test_program.h"
#include "time/grid_bend.h"
#include "time/grid_edits.h"
#include "time/taps.h"
#include "time/tempo_course.h"

#include <QTest>
#include <random>

using namespace pulsepin;

namespace {

/// Taps at a tempo with a human scatter (some 12 ms; common practice in finger tapping: 2 to 4 % of the
/// interval).
std::vector<Tap> taps_at(double bpm, double from, int count, std::uint32_t seed, double scatter = 0.012) {
    std::mt19937 random(seed);
    std::normal_distribution<double> normal(0, scatter);
    std::vector<Tap> taps;
    for (int i = 0; i < count; ++i)
        taps.push_back({Seconds(from + 60 / bpm * i + normal(random)), i % 4 == 0});
    return taps;
}

BeatGrid grid_of(const std::vector<double>& times) {
    std::vector<GridBeat> beats;
    for (const double time : times)
        beats.push_back({Seconds(time)});
    return *BeatGrid::make(std::move(beats), 0, {});
}

} // namespace

class TestTaps : public QObject {
    Q_OBJECT
private slots:
    void tempo_of_taps_data() {
        QTest::addColumn<double>("bpm");
        for (const double bpm : {45.0, 72.5, 118.0, 174.0, 230.0})
            QTest::addRow("%.1f", bpm) << bpm;
    }
    void tempo_of_taps() {
        QFETCH(double, bpm);
        for (std::uint32_t seed = 0; seed < 30; ++seed) {
            const auto fit = fit_taps(taps_at(bpm, 3, 24, seed));
            QVERIFY(fit);
            // The error of a slope through 24 points with that scatter is 0.35 ms a beat; four times that.
            QVERIFY2(std::abs(fit->interval.value - 60 / bpm) < 0.0015,
                     qPrintable(QString::number(fit->tempo().value)));
            QVERIFY(fit->used() >= 22);
        }
    }

    void beats_that_were_left_out_are_counted() {
        auto taps = taps_at(120, 1, 20, 4);
        taps.erase(taps.begin() + 5, taps.begin() + 8);
        taps.erase(taps.begin() + 11);
        const auto fit = fit_taps(taps);
        QVERIFY(fit);
        QCOMPARE(fit->beat.back(), std::int64_t{19});
        QCOMPARE(fit->used(), taps.size());
    }

    void stray_taps_are_told() {
        auto taps = taps_at(118, 2, 16, 5);
        taps[7].time += Seconds(0.13);
        taps.insert(taps.begin() + 11, Tap{taps[10].time + Seconds(0.07)}); // hit twice
        const auto fit = fit_taps(taps);
        QVERIFY(fit);
        QVERIFY(fit->stray[7]);
        QVERIFY(fit->stray[11]);
        QCOMPARE(fit->used(), taps.size() - 2);
        QVERIFY(std::abs(fit->tempo().value - 118) < 0.8);
    }

    void too_few_taps_say_nothing() {
        QVERIFY(!fit_taps({}));
        QVERIFY(!fit_taps(taps_at(120, 0, 2, 1)));
        QVERIFY(!fit_taps(std::vector<Tap>(5, Tap{Seconds(1)})));
        const auto grid = *BeatGrid::steady(Bpm(120), Seconds(0), {}, Seconds(10));
        QVERIFY(!with_tapped_beats(&grid, taps_at(120, 0, 2, 1)));
        QVERIFY(!with_tapped_phase(grid, taps_at(120, 0, 2, 1)));
        QVERIFY(!tap_latency(grid, {}));
    }

    void taps_become_beats() {
        auto taps = taps_at(120, 4.2, 17, 6);
        taps.erase(taps.begin() + 8);
        const auto alone = *with_tapped_beats(nullptr, taps);
        QCOMPARE(alone.beats().size(), std::size_t{17}); // the one that was left out is there
        QCOMPARE(alone.first_beat(), std::int64_t{0});
        const auto grid = *BeatGrid::steady(Bpm(100), Seconds(0.1), {}, Seconds(30));
        const auto tapped = *with_tapped_beats(&grid, taps);
        for (const auto& tap : taps) {
            const auto beat = tapped.nearest_beat(tap.time);
            QCOMPARE(tapped.time_at(beat), tap.time);
        }
        QCOMPARE(tapped.beats().front(), grid.beats().front());
        QCOMPARE(tapped.beats().back().time, grid.beats().back().time);
        QVERIFY(tapped.is_downbeat(tapped.nearest_beat(taps.front().time).value / ticks_per_beat));
    }

    void taps_move_the_grid() {
        for (const double off : {-0.2, -0.06, 0.04, 0.24}) {
            const auto grid = *BeatGrid::steady(Bpm(120), Seconds(0.5), {}, Seconds(30));
            const auto moved = *with_tapped_phase(grid, taps_at(120, 5.5 + off, 16, 8, 0.005));
            QVERIFY2(
                std::abs((moved.beats().front().time - grid.beats().front().time).value - off) < 0.006,
                qPrintable(QString::number((moved.beats().front().time - grid.beats().front().time).value)));
        }
        // The first tap of a bar begins a bar.
        const auto grid = *BeatGrid::steady(Bpm(120), Seconds(0), {}, Seconds(30));
        const auto moved =
            *with_tapped_phase(grid, taps_at(120, 5, 16, 8, 0.002)); // 5 s is beat 10, not a downbeat
        QVERIFY(moved.is_downbeat(10));
    }

    void latency_is_what_taps_are_late_by() {
        const auto grid = *BeatGrid::steady(Bpm(100), Seconds(0.3), {}, Seconds(60));
        const auto late = tap_latency(grid, taps_at(100, 0.3 + 0.045, 40, 3, 0.01));
        QVERIFY(late && std::abs(late->value - 0.045) < 0.006);
    }

    void one_tempo_through_all_beats() {
        std::mt19937 random(2);
        std::normal_distribution<double> normal(0, 0.006);
        std::vector<double> times;
        for (int i = 0; i < 480; ++i)
            times.push_back(1 + i * 60 / 127.31 + normal(random));
        times[100] += 0.11; // one beat is plainly wrong
        const auto fit = fit_constant(grid_of(times));
        const double slope = (fit.times.back() - fit.times.front()).value / 479;
        QVERIFY(std::abs(60 / slope - 127.31) < 0.005);
        // It does not grow: the last beat is as near as the first.
        QVERIFY(std::abs(fit.times.back().value - (1 + 479 * 60 / 127.31)) < 0.002);
        QVERIFY(fit.residual > Seconds(0.002) && fit.residual < Seconds(0.006));
        QCOMPARE(fit.tempi, std::size_t{1});
    }

    void steps_are_found_where_they_are() {
        std::mt19937 random(7);
        std::normal_distribution<double> normal(0, 0.004);
        std::vector<double> exact{0.5}, times;
        for (int i = 1; i < 240; ++i)
            exact.push_back(exact.back() + 60 / (i <= 80 ? 118.0 : i <= 150 ? 122.0 : 96.0));
        for (const double t : exact)
            times.push_back(t + normal(random));
        const auto fit = fit_steps(grid_of(times));
        QCOMPARE(fit.tempi, std::size_t{3});
        for (std::size_t i = 0; i < exact.size(); ++i)
            QVERIFY2(std::abs(fit.times[i].value - exact[i]) < 0.005,
                     qPrintable(QString("%1: %2").arg(i).arg(fit.times[i].value - exact[i])));
        // One tempo throughout is one step; and a held beat is met.
        std::vector<double> even;
        for (int i = 0; i < 200; ++i)
            even.push_back(i * 0.5 + normal(random));
        QCOMPARE(fit_steps(grid_of(even)).tempi, std::size_t{1});
        const auto held = *with_beat_held(grid_of(even), 50, true);
        QVERIFY(std::abs(fit_constant(held).errors[50].value) < 0.001);
    }

    void few_beats_are_no_trouble() {
        for (const std::size_t count : {2u, 3u, 5u, 9u}) {
            std::vector<double> times;
            for (std::size_t i = 0; i < count; ++i)
                times.push_back(0.5 * static_cast<double>(i));
            const auto grid = grid_of(times);
            for (const auto& fit : {fit_constant(grid), fit_steps(grid)}) {
                QCOMPARE(fit.times.size(), count);
                QVERIFY(with_beat_times(grid, fit.times));
            }
        }
        QVERIFY(!with_beat_times(grid_of({0, 1, 2}), {Seconds(0)}));
    }
};

PULSEPIN_TEST_CLASS(TestTaps, "test_taps")
#include "test_taps.moc"
