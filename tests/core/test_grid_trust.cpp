// SPDX-License-Identifier: GPL-3.0-or-later
#include "check/grid_trust.h"
#include "hand/near_onsets.h"
#include "support/test_program.h"
#include "time/grid_bend.h"
#include "time/grid_edits.h"

#include <QTest>

using namespace pulsepin;

namespace {

BeatGrid steady(double bpm = 120, double seconds = 32) {
    return *BeatGrid::steady(Bpm(bpm), Seconds(0), {}, Seconds(seconds));
}

/// Strong on beats, weak half way between, none in [from, until).
std::vector<FoundOnset> onsets_on(const BeatGrid& grid, double from = 1e9, double until = 1e9) {
    std::vector<FoundOnset> onsets;
    for (auto beat = grid.first_beat(); beat <= grid.last_beat(); ++beat)
        for (const double half : {0.0, 0.5}) {
            const Seconds time = grid.time_at(Beats(static_cast<double>(beat) + half));
            if (time.value < from || time.value >= until)
                onsets.push_back({time, half > 0 ? 0.3f : 0.9f});
        }
    return onsets;
}

} // namespace

class TestGridTrust : public QObject {
    Q_OBJECT
private slots:
    void what_agrees_is_trusted() {
        const auto grid = steady();
        const auto bars = trust_by_bar(grid, onsets_on(grid));
        QCOMPARE(bars.size(), std::size_t{17});
        for (const auto& bar : bars) {
            QVERIFY(bar.trust > 0.95);
            QVERIFY(bar.error && std::abs(bar.error->value) < 1e-9);
            QVERIFY(!bar.silent);
        }
        QVERIFY(doubtful_places(bars).empty());
    }

    void a_late_grid_says_by_how_much() {
        const auto grid = steady();
        const auto bars = trust_by_bar(*shifted(grid, Seconds(0.03)), onsets_on(grid));
        QVERIFY(bars[3].error && std::abs(bars[3].error->value + 0.03) < 1e-6); // what is heard comes earlier
        QVERIFY(bars[3].trust < 0.6);
        const auto off = trust_by_bar(*on_the_off_beats(grid), onsets_on(grid));
        QVERIFY(off[3].trust < bars[3].trust + 0.5);
        QVERIFY(off[3].trust < 0.95);
    }

    void silence_is_doubtful_and_held_beats_are_not() {
        const auto grid = steady();
        const auto onsets = onsets_on(grid, 8, 12);
        auto places = doubtful_places(trust_by_bar(grid, onsets));
        QCOMPARE(places.size(), std::size_t{1});
        QVERIFY(std::abs(places[0].from.value - 8) < 1e-9 && std::abs(places[0].until.value - 12) < 1e-9);
        QVERIFY(trust_by_bar(grid, onsets)[4].silent);
        auto held = grid;
        for (int beat = 16; beat < 24; ++beat)
            held = *with_beat_held(held, beat, true);
        QVERIFY(doubtful_places(trust_by_bar(held, onsets)).empty());
        QVERIFY(!doubtful_places(trust_by_bar(grid, {})).empty());
    }

    // What was found with little sureness is doubtful, whatever starts there; what a person said is not.
    void unlikely_beats_are_doubtful_until_somebody_says_so() {
        const auto grid = steady();
        auto beats = grid.beats();
        for (std::size_t i = 16; i < 24; ++i)
            beats[i] = {beats[i].time, 0.6f, BeatOrigin::Found};
        const auto unsure = *BeatGrid::make(beats, grid.first_beat(), grid.metres());
        const auto onsets = onsets_on(grid);
        const auto places = doubtful_places(trust_by_bar(unsure, onsets));
        QCOMPARE(places.size(), std::size_t{1});
        QVERIFY(std::abs(places[0].from.value - 8) < 1e-9 && std::abs(places[0].until.value - 12) < 1e-9);
        QVERIFY(doubtful_places(trust_by_bar(*shifted(unsure, Seconds(0.001)), onsets)).empty());
        QVERIFY(
            doubtful_places(trust_by_bar(*with_tempo_ratio(*with_tempo_ratio(unsure, 1, 2), 2, 1), onsets))
                .empty());
        for (std::size_t i = 16; i < 24; ++i)
            beats[i].confidence = 0.9f;
        const auto likely = *BeatGrid::make(beats, grid.first_beat(), grid.metres());
        QVERIFY(doubtful_places(trust_by_bar(likely, onsets)).empty());
        QVERIFY(trust_by_bar(likely, onsets)[4].trust < trust_by_bar(grid, onsets)[4].trust);
    }

    void differences_are_counted() {
        const auto grid = steady();
        QCOMPARE(difference(grid, grid), (GridDifference{grid.beats().size(), 0, 0, 0}));
        const auto moved = *with_beat_moved(grid, 10, Seconds(5.05), BendReach::OnlyThis);
        QCOMPARE(difference(grid, moved).moved, std::size_t{1});
        const auto doubled = *with_tempo_ratio(grid, 2, 1);
        const auto d = difference(grid, doubled);
        QCOMPARE(d.same, grid.beats().size());
        QCOMPARE(d.added, doubled.beats().size() - grid.beats().size());
        QCOMPARE(difference(doubled, grid).dropped, d.added);
    }

    void as_many_beats_as_fit() {
        const auto grid = steady(132, 60);
        const auto onsets = onsets_on(grid);
        for (const int count : {3, 8, 17})
            for (const double wrong : {0.85, 1.0, 1.2}) {
                const Seconds from = grid.time_at(Beats(8)), until = grid.time_at(Beats(8.0 + count));
                QCOMPARE(beats_that_fit(from, until, Seconds(60.0 / 132 * wrong), onsets),
                         std::int64_t{count});
            }
        QCOMPARE(beats_that_fit(Seconds(1), Seconds(3), Seconds(0.5), {}), std::int64_t{4});
    }

    void beats_follow_onsets() {
        const auto grid = steady();
        auto onsets = onsets_on(grid);
        for (auto& onset : onsets)
            onset.time += Seconds(0.02 * std::sin(onset.time.value));
        const auto held = *with_beat_held(grid, 9, true);
        const auto times = follow_onsets(held, onsets);
        QCOMPARE(times[9], held.beats()[9].time);
        for (std::size_t i = 0; i < times.size(); ++i)
            if (i != 9)
                QVERIFY(std::abs(times[i].value - (grid.beats()[i].time.value +
                                                   0.02 * std::sin(grid.beats()[i].time.value))) < 1e-9);
        QVERIFY(distance_from_onsets(times, onsets)->value < 1e-9);
        QVERIFY(!distance_from_onsets(times, {}));
        // Nothing is heard: nothing moves.
        const auto still = follow_onsets(grid, {});
        for (std::size_t i = 0; i < still.size(); ++i)
            QCOMPARE(still[i], grid.beats()[i].time);
    }
};

PULSEPIN_TEST_CLASS(TestGridTrust, "test_grid_trust")
#include "test_grid_trust.moc"
