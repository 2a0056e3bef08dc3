// SPDX-License-Identifier: GPL-3.0-or-later
//
// Beats set by hand, and what happens to everything that is pinned to them.
#include "model/anchored_time.h"
#include "model/history.h"
#include "schedule/resolve.h"
#include "support/projects.h"
#include "support/test_program.h"
#include "time/grid_bend.h"
#include "time/grid_edits.h"
#include "time/taps.h"
#include "time/tempo_course.h"

#include <QTest>
#include <random>

using namespace pulsepin;
using namespace pulsepin::test;

namespace {

BeatGrid steady(double bpm = 120, double seconds = 20) {
    return *BeatGrid::steady(Bpm(bpm), Seconds(1), {}, Seconds(seconds));
}

/// Human: each interval a little longer or shorter.
BeatGrid uneven(std::mt19937& random, std::size_t count = 60) {
    std::vector<GridBeat> beats;
    double time = 0.4;
    for (std::size_t i = 0; i < count; ++i) {
        beats.push_back({Seconds(time), 0.9f, random() % 9 == 0 ? BeatOrigin::Held : BeatOrigin::Found});
        time += 0.4 + static_cast<double>(random() % 200) / 1000;
    }
    return *BeatGrid::make(std::move(beats), -static_cast<std::int64_t>(random() % 7),
                           {{0, {3 + static_cast<int>(random() % 3), 4}}, {24, {4, 4}}});
}

Seconds time_of(const BeatGrid& grid, std::int64_t beat) {
    return grid.time_at(Ticks(beat * ticks_per_beat));
}

const GridBeat& beat_of(const BeatGrid& grid, std::int64_t beat) {
    return grid.beats()[static_cast<std::size_t>(beat - grid.first_beat())];
}

/// Does something at random to a grid; says whether names stayed.
std::pair<Result<BeatGrid>, bool> any_edit(const BeatGrid& grid, std::mt19937& random) {
    const auto beat = grid.first_beat() + static_cast<std::int64_t>(random() % grid.beats().size());
    const Seconds by(static_cast<double>(static_cast<int>(random() % 400) - 200) / 1000);
    switch (random() % 13) {
    case 0:
        return {with_beat_moved(grid, beat, time_of(grid, beat) + by, BendReach::Bar), true};
    case 1:
        return {with_beat_moved(grid, beat, time_of(grid, beat) + by, BendReach::Held), true};
    case 2:
        return {with_beat_moved(grid, beat, time_of(grid, beat) + by, BendReach::OnlyThis), true};
    case 3:
        return {with_beat_held(grid, beat, random() % 2 == 0), true};
    case 4:
        return {shifted(grid, by), true};
    case 5:
        return {on_the_off_beats(grid), true};
    case 6:
        return {with_beat_times(grid, fit_steps(grid).times), true};
    case 7:
        return {with_beat_added(grid, grid.time_at(Beats(static_cast<double>(beat) + 0.4))), false};
    case 8:
        return {without_beat(grid, beat), false};
    case 9:
        return {
            with_tempo_ratio(grid, 1 + static_cast<int>(random() % 3), 1 + static_cast<int>(random() % 3)),
            false};
    case 10:
        return {with_bar_one_at(grid, beat), false};
    case 11:
        return {with_metre_from(grid, beat, {2 + static_cast<int>(random() % 6), 4}), false};
    default:
        return {with_beats_between(grid, grid.first_beat() + 2, grid.first_beat() + 6,
                                   2 + static_cast<int>(random() % 6)),
                false};
    }
}

} // namespace

class TestGridBend : public QObject {
    Q_OBJECT
private slots:
    void a_dragged_beat_bends_a_bar_to_each_side() {
        const auto grid = steady();
        const auto bent = *with_beat_moved(grid, 8, time_of(grid, 8) + Seconds(0.04), BendReach::Bar);
        QCOMPARE(time_of(bent, 8).value, time_of(grid, 8).value + 0.04);
        QCOMPARE(beat_of(bent, 8).origin, BeatOrigin::Held);
        QCOMPARE(time_of(bent, 4), time_of(grid, 4));
        QCOMPARE(time_of(bent, 12), time_of(grid, 12));
        // Even spacing on either side: a quarter of the way each.
        for (int i = 1; i < 4; ++i) {
            QVERIFY(std::abs((time_of(bent, 4 + i) - time_of(grid, 4 + i)).value - 0.01 * i) < 1e-9);
            QVERIFY(std::abs((time_of(bent, 12 - i) - time_of(grid, 12 - i)).value - 0.01 * i) < 1e-9);
            QCOMPARE(beat_of(bent, 4 + i).origin, BeatOrigin::Corrected);
        }
    }

    void held_beats_stay() {
        auto grid = *with_beat_held(steady(), 6, true);
        for (const auto reach : {BendReach::Bar, BendReach::Held, BendReach::OnlyThis}) {
            const auto bent = *with_beat_moved(grid, 8, time_of(grid, 8) + Seconds(0.1), reach);
            QCOMPARE(time_of(bent, 6), time_of(grid, 6));
            QCOMPARE(time_of(bent, 3), time_of(grid, 3));
        }
        // Up to held beats: with none behind, all that follows moves along.
        const auto bent = *with_beat_moved(grid, 8, time_of(grid, 8) + Seconds(0.1), BendReach::Held);
        QVERIFY(std::abs((time_of(bent, 20) - time_of(grid, 20)).value - 0.1) < 1e-9);
        const auto alone = *with_beat_moved(grid, 8, time_of(grid, 8) + Seconds(0.1), BendReach::OnlyThis);
        QCOMPARE(time_of(alone, 9), time_of(grid, 9));
        QCOMPARE(time_of(alone, 7), time_of(grid, 7));
    }

    void a_beat_never_passes_its_neighbours() {
        const auto grid = steady();
        for (const double to : {-100.0, 100.0, 1e9})
            for (const auto reach : {BendReach::Bar, BendReach::OnlyThis}) {
                const auto bent = with_beat_moved(grid, 8, Seconds(to), reach);
                QVERIFY(bent);
                for (std::size_t i = 1; i < bent->beats().size(); ++i)
                    QVERIFY(bent->beats()[i].time - bent->beats()[i - 1].time > Seconds(0.0299));
            }
        QVERIFY(!with_beat_moved(grid, 999, Seconds(1), BendReach::Bar));
        QVERIFY(!with_beat_moved(grid, 1, Seconds(std::nan("")), BendReach::Bar));
    }

    void adding_and_deleting_are_each_others_reverse() {
        std::mt19937 random(3);
        for (int turn = 0; turn < 300; ++turn) {
            const auto grid = uneven(random);
            const double place =
                static_cast<double>(grid.first_beat()) + static_cast<double>(random() % 5800) / 100;
            const Seconds time = grid.time_at(Beats(place));
            const auto added = with_beat_added(grid, time);
            if (!added)
                continue; // on a beat
            QCOMPARE(added->beats().size(), grid.beats().size() + 1);
            const auto number = added->nearest_beat(time).value / ticks_per_beat;
            QCOMPARE(beat_of(*added, number).time, time);
            const auto again = without_beat(*added, number);
            QVERIFY(again);
            QCOMPARE(again->beats(), grid.beats());
            QCOMPARE(again->first_beat(), grid.first_beat());
            QCOMPARE(again->metres(), grid.metres());
        }
        QVERIFY(!with_beat_added(steady(), Seconds(1.01)));
        QVERIFY(!without_beat(*BeatGrid::make({{Seconds(0)}, {Seconds(1)}}, 0, {}), 0));
    }

    void bar_one_stays_when_a_beat_is_added_in_front() {
        const auto grid = *with_bar_one_at(steady(), 8);
        const Seconds bar_one = time_of(grid, 0);
        const auto added = *with_beat_added(grid, bar_one - Seconds(0.75));
        QCOMPARE(time_of(added, 0), bar_one);
        const auto behind = *with_beat_added(grid, bar_one + Seconds(0.75));
        QCOMPARE(time_of(behind, 0), bar_one);
        QCOMPARE(time_of(behind, 3), time_of(grid, 2));
    }

    void even_beats_between_two() {
        const auto grid = steady();
        const auto fewer = *with_beats_between(grid, 4, 8, 2);
        QCOMPARE(time_of(fewer, 4), time_of(grid, 4));
        QCOMPARE(time_of(fewer, 5), time_of(grid, 6));
        QCOMPARE(time_of(fewer, 6), time_of(grid, 8));
        QCOMPARE(time_of(fewer, 8), time_of(grid, 10));
        QVERIFY(!with_beats_between(grid, 4, 8, 0));
        QVERIFY(!with_beats_between(grid, 4, 8, 1000));
        QVERIFY(!with_beats_between(grid, 8, 4, 2));
    }

    // 3:2 by hand: beats at 0, 2/3, 4/3, 2 old ones (common practice: a hemiola).
    void a_ratio_of_tempo() {
        const auto grid = steady();
        const auto faster = *with_tempo_ratio(grid, 3, 2);
        QVERIFY(std::abs(faster.typical_tempo().value - 180) < 1e-6);
        QCOMPARE(time_of(faster, 0), time_of(grid, 0));
        QVERIFY(std::abs((time_of(faster, 3) - time_of(grid, 2)).value) < 1e-12);
        for (const auto& [beats, of] : {std::pair{1, 2}, {2, 1}, {3, 2}, {2, 3}, {3, 1}, {1, 3}, {4, 3}}) {
            const auto there = *with_tempo_ratio(grid, beats, of);
            const auto back = *with_tempo_ratio(there, of, beats);
            for (auto beat = back.first_beat(); beat <= back.last_beat(); ++beat)
                QVERIFY(std::abs((time_of(back, beat) - time_of(grid, beat)).value) < 1e-9);
        }
        QVERIFY(!with_tempo_ratio(grid, 0, 2));
        QVERIFY(!with_tempo_ratio(grid, 1, 17));
        QVERIFY(!with_tempo_ratio(*BeatGrid::make({{Seconds(0)}, {Seconds(1)}}, 0, {}), 1, 4));
    }

    void bar_one_named_earlier_leaves_one_metre() {
        const auto grid = *with_bar_one_at(*with_bar_one_at(steady(), 10), -7);
        QCOMPARE(grid.metres().size(), std::size_t{1});
        for (int beat = 0; beat < 20; ++beat)
            QCOMPARE(grid.is_downbeat(beat), beat % 4 == 0);
        const auto changed = *with_bar_one_at(*with_metre_from(steady(), 8, {3, 4}), 4);
        QCOMPARE(changed.metres().size(), std::size_t{2});
        QVERIFY(changed.is_downbeat(4) && changed.is_downbeat(7) && !changed.is_downbeat(8));
    }

    void metre_from_a_bar_on() {
        const auto grid = *with_metre_from(steady(), 8, {3, 4});
        QCOMPARE(grid.position_of(Ticks(7 * 960)), (MusicalPosition{2, 4, 0}));
        QCOMPARE(grid.position_of(Ticks(8 * 960)), (MusicalPosition{3, 1, 0}));
        QCOMPARE(grid.position_of(Ticks(11 * 960)), (MusicalPosition{4, 1, 0}));
        const auto again = *with_metre_from(grid, 8, {6, 8});
        QCOMPARE(again.metres().size(), std::size_t{2});
        QCOMPARE(again.metres().back().metre, (Metre{6, 8}));
    }

    void found_again_with_what_was_held() {
        auto before = *with_beat_held(*with_bar_one_at(steady(), 5), 3, true);
        before = *with_beat_moved(before, 3, time_of(before, 3) + Seconds(0.02), BendReach::OnlyThis);
        const auto found = *shifted(steady(), Seconds(0.004));
        const auto merged = *with_held_of(found, before, true);
        QCOMPARE(merged.position_of(merged.nearest_beat(time_of(before, 0))), (MusicalPosition{1, 1, 0}));
        QCOMPARE(time_of(merged, 3), time_of(before, 3));
        QCOMPARE(beat_of(merged, 3).origin, BeatOrigin::Held);
        QCOMPARE(with_held_of(found, before, false)->first_beat(), found.first_beat());
    }

    // Over random projects and random edits: nothing is lost, order is kept under retiming, times are kept
    // under relabelling, undo restores the very same value, and a place leads to a time and back.
    void whatever_is_done_to_the_grid_keeps_what_is_pinned() {
        std::mt19937 random(11);
        for (int turn = 0; turn < 60; ++turn) {
            Project project = with_random_pins(steady_project(), static_cast<std::uint32_t>(random()), 60);
            project = relabelled(project, uneven(random));
            History history(project);
            for (int step = 0; step < 12; ++step) {
                const Project before = history.current();
                const auto [grid, keeps_names] = any_edit(*before.grid, random);
                if (!grid)
                    continue;
                history.push(keeps_names ? retimed(before, *grid) : relabelled(before, *grid), "edit");
                const auto old_schedule = resolve(before), now = resolve(history.current());
                for (std::size_t lane = 0; lane < now.size(); ++lane) {
                    QCOMPARE(now[lane].pins.size(), old_schedule[lane].pins.size());
                    if (keeps_names)
                        continue;
                    for (std::size_t i = 0; i < now[lane].pins.size(); ++i)
                        QVERIFY(std::abs((now[lane].pins[i].time - old_schedule[lane].pins[i].time).value) <
                                1e-9);
                }
                // Pinned to whole beats without an offset: order is kept where beats move.
                const auto& changed = *history.current().grid;
                for (int k = 0; k < 20; ++k) {
                    const Beats place(static_cast<double>(static_cast<int>(random() % 8000) - 1000) / 100);
                    QVERIFY(std::abs(changed.beats_at(changed.time_at(place)).value - place.value) < 1e-9);
                    QVERIFY(changed.time_at(place) < changed.time_at(Beats(place.value + 0.01)));
                }
                const Project after = history.current();
                history.undo();
                QVERIFY(same_content(history.current(), before));
                QVERIFY(history.current().grid == before.grid);
                history.redo();
                QVERIFY(same_content(history.current(), after));
            }
            while (history.can_undo())
                history.undo();
            QVERIFY(same_content(history.current(), project));
        }
    }

    void excluded_stretches_join_and_part() {
        Project project = steady_project();
        project = with_excluded(project, {Seconds(4), Seconds(6)}, true);
        project = with_excluded(project, {Seconds(10), Seconds(12)}, true);
        QCOMPARE(project.excluded->size(), std::size_t{2});
        project = with_excluded(project, {Seconds(5), Seconds(11)}, true);
        QCOMPARE(*project.excluded, (std::vector<TimeSpan>{{Seconds(4), Seconds(12)}}));
        project = with_excluded(project, {Seconds(6), Seconds(7)}, false);
        QCOMPARE(*project.excluded,
                 (std::vector<TimeSpan>{{Seconds(4), Seconds(6)}, {Seconds(7), Seconds(12)}}));
    }
};

PULSEPIN_TEST_CLASS(TestGridBend, "test_grid_bend")
#include "test_grid_bend.moc"
