// SPDX-License-Identifier: GPL-3.0-or-later
#include "kinds/kinds.h"
#include "model/history.h"
#include "schedule/sound_parts.h"
#include "support/projects.h"
#include "support/seed.h"
#include "support/test_program.h"
#include "time/grid_edits.h"

#include <QTest>
#include <cmath>
#include <map>
#include <set>

using namespace pulsepin;
using namespace pulsepin::test;

namespace {

std::map<PinId, Seconds> times_of(const Project& project) {
    std::map<PinId, Seconds> times;
    for (const auto& lane : resolve(project))
        for (const auto& pin : lane.pins)
            times[pin.id] = pin.time;
    return times;
}

std::size_t count_pins(const Project& project) {
    std::size_t count = 0;
    for (const auto& lane : project.lanes)
        count += lane->pins.size();
    return count;
}

BeatGrid random_grid(std::mt19937& random) {
    std::vector<GridBeat> beats;
    double time = static_cast<double>(random() % 1000) / 1000;
    for (int i = 0; i < 130; ++i) {
        beats.push_back({Seconds(time)});
        time += 0.3 + static_cast<double>(random() % 1000) / 2500;
    }
    return *BeatGrid::make(std::move(beats), static_cast<std::int64_t>(random() % 5) - 2, {});
}

} // namespace

class TestModel : public QObject {
    Q_OBJECT
private slots:
    void a_new_project_has_its_lanes() {
        const auto project = new_project();
        for (const LaneKind kind : lane_kinds())
            QCOMPARE(project.first_lane(kind) != nullptr, kind->from_the_start);
        QVERIFY(!project.song && !project.grid);
        QCOMPARE(*lane_kind_by_id("cuts"), kind_of(body_type<CutBody>));
        QVERIFY(!lane_kind_by_id("nothing"));
        QCOMPARE(count_text(1, kind_of(body_type<CutBody>)), "1 cut");
        QCOMPARE(count_text(3, kind_of(body_type<MarkerBody>)), "3 markers");
    }

    // Relabelling renames beats: over random projects and edits every item keeps its time, none is lost.
    void relabelling_keeps_every_item_in_time() {
        for (const Seed seed : seeds(0, 40)) {
            std::mt19937 random(seed);
            Project project = with_random_pins(relabelled(steady_project(), random_grid(random)), seed, 60);
            const auto before = times_of(project);
            for (int step = 0; step < 6; ++step) {
                const auto& grid = *project.grid;
                const Result<BeatGrid> next =
                    random() % 4 == 0   ? with_tempo_ratio(grid, 1, 2)
                    : random() % 3 == 0 ? with_tempo_ratio(grid, 2, 1)
                    : random() % 2 == 0 ? with_bar_one_at(grid, static_cast<std::int64_t>(random() % 30))
                                        : with_metre(grid, {static_cast<int>(random() % 6) + 2, 4});
                if (!next) { // too slow or too fast to be music: told, and the grid stays
                    QVERIFY(next.error().what.find("beats a minute") != std::string::npos);
                    continue;
                }
                project = relabelled(project, *next);
            }
            const auto after = times_of(project);
            QCOMPARE(after.size(), before.size());
            for (const auto& [id, time] : before)
                QVERIFY2(std::abs((after.at(id) - time).value) < 1e-3, "an item moved in time");
        }
    }

    // Whole beats keep their time to the last bit, and their offset stays zero.
    void relabelling_is_exact_on_beats() {
        Project project = steady_project(118, 0.4);
        project = *with_pins(project, lane_of_kind(project, kind_of(body_type<MarkerBody>)),
                             {{{}, MusicalAnchor{Ticks(16 * 960)}, MarkerBody{}, {}},
                              {{}, MusicalAnchor{Ticks(17 * 960)}, MarkerBody{}, {}}});
        const auto before = times_of(project);
        const auto half = relabelled(project, *with_tempo_ratio(*project.grid, 1, 2));
        for (const auto& [id, time] : times_of(half))
            QVERIFY(std::abs((time - before.at(id)).value) < 1e-12);
        for (const auto& pin : half.first_lane(body_type<MarkerBody>)->pins)
            QCOMPARE(std::get<MusicalAnchor>(pin.anchor).offset, Offset(Seconds(0)));
    }

    // Retiming moves beats: every pinned item keeps its beat, every loose one its time.
    void retiming_keeps_every_item_on_its_beat() {
        for (const Seed seed : seeds(100, 30)) {
            std::mt19937 random(seed);
            const Project project = with_random_pins(steady_project(), seed, 60);
            const Project moved = retimed(project, random_grid(random));
            for (std::size_t i = 0; i < project.lanes.size(); ++i)
                QVERIFY(project.lanes[i]->pins == moved.lanes[i]->pins);
            const auto before = times_of(project), after = times_of(moved);
            for (const auto& lane : project.lanes)
                for (const auto& pin : lane->pins)
                    if (std::holds_alternative<TimeAnchor>(pin.anchor))
                        QCOMPARE(after.at(pin.id), before.at(pin.id));
        }
    }

    void pins_keep_their_order_on_any_grid() {
        std::mt19937 random(5);
        Project project = steady_project();
        for (int i = 0; i < 100; ++i)
            project = *with_pins(
                project, lane_of_kind(project, kind_of(body_type<MarkerBody>)),
                {{{}, MusicalAnchor{Ticks(static_cast<std::int64_t>(random() % 90'000))}, MarkerBody{}, {}}});
        const auto order = [](const Project& p) {
            std::vector<PinId> ids;
            for (const auto& pin : resolve(p, *p.first_lane(body_type<MarkerBody>)).pins)
                ids.push_back(pin.id);
            return ids;
        };
        for (int i = 0; i < 20; ++i)
            QCOMPARE(order(retimed(project, random_grid(random))).size(), order(project).size());
        for (int i = 0; i < 20; ++i)
            QVERIFY(order(retimed(project, random_grid(random))) == order(project));
    }

    /// What is done to a set of pins, done to the library's set as well.
    void a_set_of_pins_is_a_set() {
        const Seed seed(seed_of_the_day());
        std::mt19937 random(seed);
        PinSet pins;
        std::set<PinId> plain;
        for (int i = 0; i < 4000; ++i) {
            const PinId one{random() % 300};
            switch (random() % 4) {
            case 0:
                QCOMPARE(pins.erase(one), plain.erase(one));
                break;
            case 1: {
                const std::vector<PinId> several{{random() % 300}, one, {random() % 300}, one};
                pins.insert(several.begin(), several.end());
                plain.insert(several.begin(), several.end());
                break;
            }
            default:
                pins.insert(one);
                plain.insert(one);
            }
            const PinId asked{random() % 300};
            QCOMPARE(pins.contains(asked), plain.contains(asked));
            QCOMPARE(pins.size(), plain.size());
            QCOMPARE(pins.empty(), plain.empty());
            QVERIFY(std::ranges::equal(pins, plain));
        }
        QVERIFY(pins == PinSet(plain.rbegin(), plain.rend()));
        QVERIFY(pins != (PinSet{{7}, {7}}));
        QCOMPARE((PinSet{{7}, {7}}).size(), std::size_t{1});
    }

    void undo_gives_back_the_very_same_value() {
        std::mt19937 random(11);
        History history(steady_project());
        std::vector<Project> values{history.current()};
        for (int step = 0; step < 60; ++step) {
            Project next = history.current();
            switch (random() % 4) {
            case 0:
                next = with_random_pins(next, static_cast<std::uint32_t>(random()), 3);
                break;
            case 1:
                next = retimed(next, random_grid(random));
                break;
            case 2:
                next = relabelled(next, *with_bar_one_at(*next.grid, 3));
                break;
            default:
                for (const auto& lane : next.lanes)
                    if (!lane->pins.empty()) {
                        next = without_pins(next, std::vector{lane->pins.front().id});
                        break;
                    }
            }
            values.push_back(next);
            history.push(next, "step");
        }
        for (std::size_t i = values.size(); i-- > 1;) {
            QVERIFY(same_content(history.current(), values[i]));
            history.undo();
        }
        QVERIFY(same_content(history.current(), values[0]));
        QVERIFY(!history.can_undo());
        for (std::size_t i = 1; i < values.size(); ++i) {
            history.redo();
            QVERIFY(same_content(history.current(), values[i]));
        }
        QVERIFY(!history.can_redo());
    }

    void the_oldest_steps_are_forgotten_when_they_hold_too_much() {
        Project project = with_random_pins(steady_project(), 3, 2000);
        const LaneId lane = lane_of_kind(project, kind_of(body_type<MarkerBody>));
        std::vector<PinId> pins;
        for (const auto& pin : project.lane(lane)->pins)
            pins.push_back(pin.id);
        QVERIFY(pins.size() > 300);
        const auto steps_of = [](const History& history) {
            int steps = 0;
            for (History back = history; back.can_undo(); back.undo())
                ++steps;
            return steps;
        };
        const auto moved = [&](History& history, int times) {
            for (int i = 0; i < times; ++i)
                history.push(moved_by(history.current(), pins, Ticks(1)), "move " + std::to_string(i));
        };
        const std::size_t bytes_of_step = pins.size() * sizeof(Pin);
        History roomy(project), narrow(project, 100 * bytes_of_step), none(project, 0);
        QVERIFY(none.remembers_start());
        moved(none, static_cast<int>(History::fewest_steps) - 1);
        QVERIFY(none.remembers_start());
        moved(none, 1);
        QVERIFY(!none.remembers_start());
        for (auto* history : {&roomy, &narrow, &none}) {
            moved(*history, 1100);
            QVERIFY(!history->remembers_start());
        }
        QCOMPARE(steps_of(roomy), static_cast<int>(History::most_steps) - 1);
        QVERIFY2(steps_of(narrow) > 30 && steps_of(narrow) < 100,
                 qPrintable(QString::number(steps_of(narrow))));
        QCOMPARE(steps_of(none), static_cast<int>(History::fewest_steps) - 1); // as many as anyone wants back
        QCOMPARE(narrow.undo_name(), "move 1099");
        QVERIFY(same_content(narrow.current(), roomy.current()));
        // What is undone and done otherwise counts no more.
        for (int turn = 0; turn < 50; ++turn) {
            for (int i = 0; i < 20; ++i)
                narrow.undo();
            moved(narrow, 20);
        }
        QVERIFY(steps_of(narrow) > 30 && steps_of(narrow) < 100);
        // Small steps find room again.
        const Project with_one_more = with_lane(narrow.current(), kind_of(body_type<CutBody>), "few");
        narrow.push(with_one_more, "lane");
        for (int i = 0; i < 990; ++i)
            narrow.push(*with_lead(narrow.current(), with_one_more.lanes.back()->id, Frames(i % 3)), "lead");
        QVERIFY2(steps_of(narrow) > 980, qPrintable(QString::number(steps_of(narrow))));
    }

    void history_knows_what_was_saved() {
        History history(new_project());
        QVERIFY(history.is_saved());
        history.push(steady_project(), "a");
        QVERIFY(!history.is_saved());
        history.mark_saved();
        history.push(new_project(), "b");
        history.undo();
        QVERIFY(history.is_saved());
        QCOMPARE(history.redo_name(), "b");
        history.undo();
        history.push(new_project(), "c"); // the saved value is gone now
        QVERIFY(!history.is_saved());
        history.undo();
        QVERIFY(!history.is_saved());
    }

    void unchanged_parts_are_shared() {
        const auto project = with_random_pins(steady_project(), 1, 20);
        const auto next = *with_lead(project, lane_of_kind(project, kind_of(body_type<CutBody>)), Frames(2));
        QCOMPARE(next.lanes[0], project.lanes[0]);
        QVERIFY(next.lanes[1] != project.lanes[1]);
        QCOMPARE(next.grid, project.grid);
    }

    void moving_along_the_beats() {
        Project project = steady_project(120);
        project = *with_pins(project, lane_of_kind(project, kind_of(body_type<MarkerBody>)),
                             {{{}, MusicalAnchor{Ticks(960), Seconds(0.01)}, MarkerBody{}, {}},
                              {{}, TimeAnchor{Seconds(2.1)}, MarkerBody{}, {}}});
        std::vector<PinId> ids;
        for (const auto& pin : project.first_lane(body_type<MarkerBody>)->pins)
            ids.push_back(pin.id);
        const auto times = times_of(moved_by(project, ids, Ticks(3 * 960)));
        QVERIFY(std::abs(times.at(ids[0]).value - 2.01) < 1e-12);
        QVERIFY(std::abs(times.at(ids[1]).value - 3.6) < 1e-12);
    }

    void pin_and_unpin_keep_the_time() {
        Project project = steady_project(118, 0.4);
        project = *with_pins(project, lane_of_kind(project, kind_of(body_type<MarkerBody>)),
                             {{{}, MusicalAnchor{Ticks(5 * 960), Frames(2)}, MarkerBody{}, {}}});
        const PinId id = project.first_lane(body_type<MarkerBody>)->pins.front().id;
        const auto before = times_of(project).at(id);
        const auto loose = *with_pinned(project, id, false);
        QVERIFY(std::holds_alternative<TimeAnchor>(loose.pin(id)->anchor));
        QVERIFY(std::abs((times_of(loose).at(id) - before).value) < 1e-12);
        const auto again = *with_pinned(loose, id, true);
        QVERIFY(std::holds_alternative<MusicalAnchor>(again.pin(id)->anchor));
        QVERIFY(std::abs((times_of(again).at(id) - before).value) < 1e-12);
    }

    void a_sound_split_plays_on_as_before() {
        auto project = with_lane(steady_project(118, 0.4), kind_of(body_type<SoundBody>), "Sound");
        const auto lane = lane_of_kind(project, kind_of(body_type<SoundBody>));
        SoundBody body;
        body.sound = project.bin->front().id;
        body.in_point = Seconds(1);
        body.length = Seconds(6);
        body.fade_in = Seconds(0.5);
        body.fade_out = Seconds(0.7);
        project = *with_pins(project, lane, {{{}, MusicalAnchor{Ticks(8 * 960)}, body, {}}});
        const PinId id = project.lane(lane)->pins[0].id;
        const Seconds start = times_of(project).at(id);
        QVERIFY(!with_sound_split(project, id, start));
        QVERIFY(!with_sound_split(project, id, start + Seconds(6)));
        const auto split = *with_sound_split(project, id, start + Seconds(2.5));
        const auto& pins = split.lane(lane)->pins;
        QCOMPARE(pins.size(), std::size_t{2});
        const auto &a = body_of<SoundBody>(pins[0].body), &b = body_of<SoundBody>(pins[1].body);
        QCOMPARE(a.length, Seconds(2.5));
        QCOMPARE(b.length, Seconds(3.5));
        QCOMPARE(b.in_point, Seconds(3.5));
        QCOMPARE(a.fade_out, Seconds(0));
        QCOMPARE(b.fade_out, Seconds(0.7));
        QVERIFY(std::abs((times_of(split).at(pins[1].id) - start).value - 2.5) < 1e-9);
    }

    // "Keep only this part": beats keep their names, items their place in the music, loose ones their moment
    // of the song.
    void trimming_the_song_keeps_all_anchors_right() {
        for (const Seed seed : seeds(0, 20)) {
            const auto project = with_random_pins(steady_project(118, 0.4, 60), seed, 50);
            const Seconds from(17.25), until(49);
            const auto trimmed = *with_song_trimmed(project, from, until);
            QCOMPARE(trimmed.song->from.value, static_cast<std::int64_t>(17.25 * 48000));
            QVERIFY(std::abs(trimmed.song->duration().value - 31.75) < 1e-6);
            const auto before = times_of(project), after = times_of(trimmed);
            QCOMPARE(after.size(), before.size());
            for (const auto& [id, time] : before)
                QVERIFY(std::abs((after.at(id) - (time - from)).value) < 1e-9);
            QVERIFY(project.lanes[1]->pins.size() == trimmed.lanes[1]->pins.size());
        }
        QVERIFY(!with_song_trimmed(steady_project(), Seconds(5), Seconds(5.01)));
        QVERIFY(!with_song_trimmed(new_project(), Seconds(0), Seconds(5)));
    }

    void what_is_tied_to_a_sound_moves_with_it() {
        auto project = with_lane(steady_project(120), kind_of(body_type<SoundBody>), "Sound");
        SoundBody body;
        body.length = Seconds(4);
        const PinId sound{project.next_id};
        project = *with_pins(project, lane_of_kind(project, kind_of(body_type<SoundBody>)),
                             {{{}, TimeAnchor{Seconds(3)}, body, {}}});
        const PinId tied{project.next_id};
        project = *with_pins(project, lane_of_kind(project, kind_of(body_type<MarkerBody>)),
                             {{{}, MarkerAnchor{sound, Seconds(1.5)}, MarkerBody{}, {}}});
        QCOMPARE(times_of(project).at(tied), Seconds(4.5));
        const auto moved = moved_by(project, std::vector{sound}, Ticks(2 * 960));
        QCOMPARE(times_of(moved).at(tied), Seconds(5.5));
    }

    void a_clip_that_sounds_stays_in_the_bin() {
        auto project = with_lane(steady_project(), kind_of(body_type<SoundBody>), "Sound");
        SoundBody body;
        body.sound = project.bin->front().id;
        body.length = Seconds(1);
        project = *with_pins(project, lane_of_kind(project, kind_of(body_type<SoundBody>)),
                             {{{}, TimeAnchor{Seconds(1)}, body, {}}});
        QVERIFY(!without_clip(project, body.sound));
        QVERIFY(without_clip(project, project.bin->back().id));
    }

    void muted_and_solo_lanes() {
        auto project = with_lane(with_lane(steady_project(), kind_of(body_type<SoundBody>), "A"),
                                 kind_of(body_type<SoundBody>), "B");
        SoundBody body;
        body.length = Seconds(4);
        const LaneId a = project.lanes[2]->id, b = project.lanes[3]->id;
        for (const LaneId lane : {a, b})
            project = *with_pins(project, lane, {{{}, TimeAnchor{Seconds(1)}, body, {}}});
        const auto heard = [](const Project& p) { return heard_parts(Schedule(p)).size(); };
        QCOMPARE(heard(project), std::size_t{2});
        QCOMPARE(heard(*with_mute_and_solo(project, a, true, false)), std::size_t{1});
        const auto solo = *with_mute_and_solo(project, b, false, true);
        QCOMPARE(heard(solo), std::size_t{1});
        QVERIFY(song_is_heard(project) && !song_is_heard(solo));
    }

    void what_cannot_be_done_is_refused() {
        const auto project = steady_project();
        QVERIFY(!with_pins(project, LaneId{999}, {}));
        QVERIFY(!with_pins(project, lane_of_kind(project, kind_of(body_type<MarkerBody>)),
                           {{{}, TimeAnchor{}, CutBody{}, {}}}));
        QVERIFY(!with_anchor(project, PinId{999}, TimeAnchor{}));
        QVERIFY(!with_lead(project, LaneId{999}, Frames(1)));
        const auto cut = *with_pins(project, lane_of_kind(project, kind_of(body_type<CutBody>)),
                                    {{{}, TimeAnchor{}, CutBody{project.bin->front().id, {}}, {}}});
        QVERIFY(!without_clip(cut, project.bin->front().id));
        QVERIFY(without_clip(cut, project.bin->back().id));
    }

    void detection_never_overwrites_corrections_unasked() {
        std::mt19937 random(3);
        Project project = retimed(steady_project(), random_grid(random));
        const auto corrected = project.grid;
        const auto found = [&random] {
            Detection detection;
            detection.grid = random_grid(random);
            return detection;
        };
        const auto kept = with_detection(project, found(), false);
        QCOMPARE(kept.grid, corrected);
        QVERIFY(kept.detection != nullptr);
        const auto taken = with_detection(project, found(), true);
        QVERIFY(!(*taken.grid == *corrected));
        QCOMPARE(count_pins(taken), count_pins(project));
    }

    void rows_of_onsets_are_changed_added_and_removed() {
        const Project bare = steady_project();
        QVERIFY(!with_onset_row(bare, 0, {}) && !without_onset_row(bare, 0));
        Detection detection;
        detection.rows.resize(2);
        detection.rows[0].onsets = {{Seconds(1), 0.5f}, {Seconds(3), 1.0f}};
        const Project project = with_detection(bare, detection, false);
        OnsetRow row;
        row.name = "air";
        row.band = {8000, 16000};
        const auto added = with_onset_row(project, 2, row);
        QVERIFY(added && added->detection->rows.size() == 3 && added->detection->rows[2] == row);
        QCOMPARE(project.detection->rows.size(), std::size_t{2});
        row.sensitivity = 0.9;
        const auto changed = with_onset_row(*added, 2, row);
        QCOMPARE(changed->detection->rows[2].sensitivity, 0.9);
        QVERIFY(!with_onset_row(*added, 4, row));
        QVERIFY(!without_onset_row(*added, 0)); // everything that starts is always there
        QCOMPARE(without_onset_row(*added, 1)->detection->rows.size(), std::size_t{2});
        QCOMPARE(changed->detection->onsets().size(), std::size_t{2});
        QVERIFY(Detection{}.onsets().empty());
    }

    void trimming_the_song_moves_what_was_found() {
        Detection detection;
        detection.rows.resize(1);
        detection.rows[0].onsets = {{Seconds(1), 0.5f}, {Seconds(5), 1.0f}, {Seconds(30), 0.2f}};
        detection.rows[0].like = OnsetRow::Like{Seconds(5), Seconds(6), 0.7};
        detection.sections = {{Seconds(0), Seconds(2), "A", false, 1},
                              {Seconds(2), Seconds(60), "B", true, 0.5f}};
        const auto trimmed =
            with_song_trimmed(with_detection(steady_project(), detection, false), Seconds(4), Seconds(20));
        QVERIFY(trimmed.has_value());
        const auto& found = *trimmed->detection;
        QCOMPARE(found.onsets().size(), std::size_t{1});
        QVERIFY(std::abs(found.onsets()[0].time.value - 1) < 1e-3);
        QVERIFY(std::abs(found.rows[0].like->from.value - 1) < 1e-3);
        QCOMPARE(found.sections.size(), std::size_t{1});
        QVERIFY(found.sections[0].start == Seconds(0) && found.sections[0].end.value <= 16.001 &&
                found.sections[0].drop);
    }

    void a_ring_of_markers_is_no_trap() {
        Project project = steady_project();
        const auto lane = lane_of_kind(project, kind_of(body_type<MarkerBody>));
        const PinId first{project.next_id}, second{project.next_id + 1};
        project = *with_pins(project, lane,
                             {{{}, MarkerAnchor{second}, MarkerBody{}, {}},
                              {{}, MarkerAnchor{first}, MarkerBody{}, {}},
                              {{}, MarkerAnchor{PinId{12345}}, MarkerBody{}, {}}});
        QVERIFY(resolve(project, *project.lane(lane)).pins.empty());
    }
};

PULSEPIN_TEST_CLASS(TestModel, "test_model")
#include "test_model.moc"
