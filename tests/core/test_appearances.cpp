// SPDX-License-Identifier: GPL-3.0-or-later
//
// Appearances of layers: when they are there, how they come and go, and what counts from them.
#include "hand/stage_hand.h"
#include "interchange/look_file.h"
#include "interchange/project_json.h"
#include "model/duplicate_edits.h"
#include "model/lane_edits.h"
#include "model/stage_edits.h"
#include "schedule/forms.h"
#include "schedule/place.h"
#include "stage/layer_parameters.h"
#include "stage/staged_frame.h"
#include "stage/trigger_acts.h"
#include "support/scene.h"
#include "support/test_program.h"

#include <QTemporaryDir>
#include <QTest>
#include <chrono>

using namespace pulsepin;
using namespace pulsepin::test;

class TestAppearances : public QObject {
    Q_OBJECT
private slots:
    void a_layer_without_a_lane_of_appearances_is_always_there() {
        Scene scene;
        const LayerId ring = shape(scene);
        QCOMPARE(scene.of(ring, 0).size(), std::size_t{1});
        QCOMPARE(scene.of(ring, 700).size(), std::size_t{1});
        const LaneId lane = scene.appear(ring);
        QVERIFY(scene.of(ring, 700).empty());
        scene.pin(lane, 2, lasting(40)); // frame 24; it begins to come three frames before
        QVERIFY(scene.of(ring, 20).empty() && scene.of(ring, 64).empty());
        QCOMPARE(scene.of(ring, 21).size(), std::size_t{1});
        QCOMPARE(scene.of(ring, 63).size(), std::size_t{1});
    }

    // Forty frames on every second beat: while one still grows the next begins, and none is cut short.
    void appearances_overlap_each_with_its_own_age() {
        Scene scene;
        const LayerId ring = shape(scene);
        const LaneId lane = scene.appear(ring);
        Showing showing = *part_of<Showing>(*scene.project.lane(lane));
        showing.comes = {"grow", {Length::Unit::InFrames, 40}, {}};
        showing.early = Frames(0);
        scene.project = *with_showing(scene.project, lane, showing);
        for (int beat = 0; beat < 20; beat += 2)
            scene.pin(lane, beat, lasting(40));
        const auto there = scene.of(ring, 24 * 5 + 10);
        QCOMPARE(there.size(), std::size_t{2});
        // Straight from nothing to 100 % over its 40 frames: ages 34 and 10.
        QVERIFY(std::abs(there[0].values.of("scale") - 100 * 34.0 / 40) < 1e-6);
        QVERIFY(std::abs(there[1].values.of("scale") - 100 * 10.0 / 40) < 1e-6);
        const Schedule schedule(scene.project);
        for (const auto& span : schedule.spans(lane).appearances)
            QCOMPARE(span.end - span.comes, Frames(40));
    }

    void what_arrives_is_all_there_on_its_beat() {
        Scene scene;
        const LayerId ring = shape(scene);
        const LaneId lane = scene.appear(ring);
        Showing showing = *part_of<Showing>(*scene.project.lane(lane));
        showing.comes = {"grow", {Length::Unit::InFrames, 10}, {.id = "linear"}};
        showing.arrives = true;
        scene.project = *with_showing(scene.project, lane, showing);
        scene.pin(lane, 4, lasting(40)); // frame 48
        QVERIFY(scene.of(ring, 37).empty());
        QVERIFY(scene.of(ring, 47).front().values.of("scale") < 100);
        QCOMPARE(scene.of(ring, 48).front().values.of("scale"), 100.0);
        // Letters one after another: the last one is there on the beat as well.
        Layer title{{}, layers::title, "Title"};
        title.text = "four";
        const LayerId words = scene.add(title);
        const LaneId titled = scene.appear(words);
        showing.layer = words;
        showing.letter_delay = 5;
        scene.project = *with_showing(scene.project, titled, showing);
        scene.pin(titled, 4, lasting(40));
        QVERIFY(scene.of(words, 48 - 10 - 15 - 1).empty());
        QVERIFY(!scene.of(words, 48 - 10 - 15).empty());
        QVERIFY(scene.of(words, 47).front().letters.back().scale < 1);
        QCOMPARE(scene.of(words, 48).front().letters.back().scale, 1.0);
    }

    void lengths_of_each_kind_end_where_they_say() {
        Scene scene;
        Detection found;
        found.sections = {{Seconds(0), Seconds(8), "A"}, {Seconds(8), Seconds(30), "B"}};
        scene.project = with_detection(scene.project, found, false);
        const LayerId ring = shape(scene);
        const LaneId lane = scene.appear(ring);
        const auto end_of = [&](Length length) {
            AppearanceBody body;
            body.length = length;
            Scene with = scene;
            with.pin(lane, 4, body); // at 2 s
            with.pin(lane, 8, lasting(1));
            const Schedule schedule(with.project);
            return schedule.spans(lane).appearances.front().end.value;
        };
        QCOMPARE(end_of({Length::Unit::InBeats, 6}), 120);
        QCOMPARE(end_of({Length::Unit::InFrames, 10}), 58);
        QCOMPARE(end_of({Length::Unit::InMilliseconds, 500}), 60);
        QCOMPARE(end_of({Length::Unit::ToSectionEnd, 1}), 192);
        QCOMPARE(end_of({Length::Unit::ToEnd, 1}), 1440);
        QCOMPARE(end_of({Length::Unit::UntilNext, 1}), 93); // the next comes three frames before its beat
    }

    void each_has_its_place_turn_size_colour_time_and_words() {
        Scene scene;
        Layer title{{}, layers::title, "Words"};
        title.text = "all";
        title.values = {{"position-x", 10}, {"scale", 50}};
        const LayerId words = scene.add(title);
        const LaneId lane = scene.appear(words);
        AppearanceBody body = lasting(30);
        body.x = 100;
        body.y = -20;
        body.turn = 45;
        body.scale = 300;
        body.coloured = true;
        body.colour = {0x123456};
        body.later = Frames(5);
        body.text = "own";
        scene.pin(lane, 2, body);
        QVERIFY(scene.of(words, 24).empty());
        const auto one = scene.of(words, 24 + 5 + 4).front(); // it has come
        QCOMPARE(one.values.of("position-x"), 110.0);
        QCOMPARE(one.values.of("position-y"), -20.0);
        QCOMPARE(one.values.of("rotation"), 45.0);
        QCOMPARE(one.values.of("scale"), 150.0);
        QCOMPARE(one.colour, (Colour{0x123456}));
        QCOMPARE(one.text, std::string("own"));
    }

    void a_spread_steps_from_each_to_the_next_and_scatters_the_same_way_each_time() {
        const Scene scene;
        Spread spread;
        spread.step_x = 50;
        spread.step_turn = -10;
        spread.wide_y = 20;
        spread.palette = {{0xff0000}, {0x00ff00}};
        const LaneKind kind = kind_of(body_type<AppearanceBody>);
        const Project project = with_lane(scene.project, kind, "a");
        std::vector<Picked> places;
        for (int i = 0; i < 40; ++i)
            places.push_back({Ticks(960 * i), 1, Seconds(i * 0.5)});
        const PlantingForm form{AppearanceBody{}, spread};
        const auto bodies = *bodies_for(project, *project.lanes.back(), places, form);
        double lowest = 1e9, highest = -1e9;
        for (std::size_t i = 0; i < bodies.size(); ++i) {
            const auto& body = body_of<AppearanceBody>(*bodies[i]);
            QCOMPARE(body.x, 50.0 * static_cast<double>(i));
            QCOMPARE(body.turn, -10.0 * static_cast<double>(i));
            QCOMPARE(body.colour, spread.palette[i % 2]);
            lowest = std::min(lowest, body.y);
            highest = std::max(highest, body.y);
        }
        QVERIFY(lowest >= -20 && lowest < -10 && highest <= 20 && highest > 10);
        QVERIFY(*bodies_for(project, *project.lanes.back(), places, form) == bodies);
    }

    void a_planting_of_appearances_runs_again_and_keeps_exceptions() {
        Scene scene;
        const LayerId ring = shape(scene);
        const LaneId lane = scene.appear(ring);
        Spread spread;
        spread.step_x = 30;
        const Picker every{"beats", Ticks(0), Ticks(960 * 32), {{"every-nth", {{"n", 4.0}}}}};
        auto placed = *place(scene.project, lane, every, {lasting(40), spread});
        scene.project = std::move(placed.project);
        QCOMPARE(scene.project.lane(lane)->pins.size(), std::size_t{8});
        AppearanceBody own = body_of<AppearanceBody>(scene.project.lane(lane)->pins[2].body);
        own.scale = 250;
        const PinId exception = scene.project.lane(lane)->pins[2].id;
        scene.project = *with_body(scene.project, exception, own);
        Picker more = every;
        more.filters.front().values.set("n", 2.0);
        const auto again = run_again(scene.project, placed.planting, more, {lasting(20), spread});
        QVERIFY2(again.has_value(), again ? "" : again.error().message().c_str());
        const auto& pins = again->project.lane(lane)->pins;
        QCOMPARE(pins.size(), std::size_t{16});
        for (const auto& pin : pins) {
            const auto& body = body_of<AppearanceBody>(pin.body);
            QCOMPARE(body.scale, pin.id == exception ? 250.0 : 100.0);
            QCOMPARE(body.length.amount, pin.id == exception ? 40.0 : 20.0);
        }
        // A second one at another place is not in its way; one at the same place is one too many.
        AppearanceBody aside = lasting(40);
        aside.x = 400;
        const auto second = place(again->project, lane, every, {aside, Spread{}});
        QCOMPARE(second->count, std::size_t{8});
        QVERIFY(!place(second->project, lane, every, {aside, Spread{}}));
    }

    // What drives the layer may count from where each appearance begins.
    void pulses_and_keys_count_from_the_appearance() {
        Scene scene;
        const LayerId ring = shape(scene);
        const LaneId lane = scene.appear(ring);
        Showing showing = *part_of<Showing>(*scene.project.lane(lane));
        showing.comes.move = "none";
        scene.project = *with_showing(scene.project, lane, showing);
        Feed feed = feed_of(ring, "rotation", 0, 90);
        feed.by_age = true;
        const LaneId keys = scene.drive(kind_of(body_type<KeyBody>), feed);
        scene.pin(keys, 30, KeyBody{0, {}}); // wherever its keys lie, the first is where an appearance begins
        scene.pin(keys, 32, KeyBody{90, {}});
        for (const double beat : {4.0, 5.0, 17.0})
            scene.pin(lane, beat, lasting(60));
        const auto there = scene.of(ring, 5 * 12 + 6);
        QCOMPARE(there.size(), std::size_t{2});
        QVERIFY(std::abs(there[0].values.of("rotation") - 90 * 18.0 / 24) < 1e-6);
        QVERIFY(std::abs(there[1].values.of("rotation") - 90 * 6.0 / 24) < 1e-6);
        QVERIFY(std::abs(scene.of(ring, 17 * 12 + 12).front().values.of("rotation") - 45) < 1e-6);
    }

    void when_the_grid_is_halved_and_moved_all_follow() {
        Scene scene;
        const LayerId ring = shape(scene);
        const LaneId lane = scene.appear(ring);
        for (int beat = 0; beat < 40; beat += 4)
            scene.pin(lane, beat, lasting(40));
        const auto begin = [&](const Project& project, std::size_t i) {
            return Schedule(project).spans(lane).appearances[i].beat.value;
        };
        QCOMPARE(begin(scene.project, 3), 144);
        const auto moved = retimed(scene.project, *BeatGrid::steady(Bpm(60), Seconds(0.25), {}, Seconds(60)));
        for (std::size_t i = 0; i < 10; ++i)
            QCOMPARE(begin(moved, i), static_cast<std::int64_t>(6 + i * 96));
    }

    void coming_and_going_are_eased_and_led() {
        Showing showing;
        showing.comes = {"left", {Length::Unit::InFrames, 8}, {.id = "linear"}};
        showing.goes = {"fade", {Length::Unit::InFrames, 4}, {.id = "linear"}};
        AppearanceMoment at{.age = 0, .left = 100, .coming = 8, .going = 4, .width = 1000, .height = 500};
        QCOMPARE(moved_at(showing, at).x, -1000.0);
        at.age = 4;
        QCOMPARE(moved_at(showing, at).x, -500.0);
        at.age = 8;
        QCOMPARE(moved_at(showing, at), Moved{});
        at.left = 1;
        QCOMPARE(moved_at(showing, at).opacity, 0.25);
        showing.loop = "sway";
        at.left = 50;
        at.loop_turns = 0.25;
        QVERIFY(moved_at(showing, at).rotation > 5.9);
        for (const auto& row : moves()) { // each is over when it has come, whatever its easing
            showing.comes.move = row.id;
            showing.loop = "none";
            at.age = 8;
            QVERIFY2(moved_at(showing, at) == Moved{}, row.id.data());
        }
    }

    void layers_come_one_after_the_other() {
        Scene scene;
        const std::vector<LayerId> layers{shape(scene, "a"), shape(scene, "b"), shape(scene, "c")};
        const std::vector<Ticks> places{Ticks(960 * 8), Ticks(960 * 9), Ticks(960 * 10)};
        scene.project = *with_layers_staggered(scene.project, layers, places, {Length::Unit::ToEnd, 1},
                                               kind_of(body_type<AppearanceBody>));
        for (std::size_t i = 0; i < layers.size(); ++i) {
            const auto beat = static_cast<std::int64_t>(96 + 12 * i);
            QVERIFY(scene.of(layers[i], beat - 4).empty() && scene.of(layers[i], beat).size() == 1);
        }
        QVERIFY(!with_layers_staggered(scene.project, layers, std::span(places).first(2), {},
                                       kind_of(body_type<AppearanceBody>)));
    }

    void titles_of_markers_stay_with_their_markers() {
        Scene scene;
        const LaneId marks = lane_of_kind(scene.project, kind_of(body_type<MarkerBody>));
        scene.pin(marks, 4, MarkerBody{"let it rise"});
        scene.pin(marks, 12, MarkerBody{"over the levee"});
        scene.pin(marks, 20, MarkerBody{});
        std::vector<PinId> ids;
        for (const auto& pin : scene.project.lane(marks)->pins)
            ids.push_back(pin.id);
        auto made = *with_titles_of_markers(scene.project, ids, kind_of(body_type<AppearanceBody>), "Titles");
        scene.project = std::move(made.project);
        QCOMPARE(scene.of(made.layer, 100).front().text, std::string("let it rise"));
        QCOMPARE(scene.of(made.layer, 160).front().text, std::string("over the levee"));
        scene.project = *with_anchor(scene.project, ids[1], MusicalAnchor{Ticks(960 * 8)});
        QCOMPARE(scene.of(made.layer, 100).front().text, std::string("over the levee"));
        QVERIFY(!with_titles_of_markers(scene.project, std::span(ids).last(1),
                                        kind_of(body_type<AppearanceBody>), "x"));
    }
};

PULSEPIN_TEST_CLASS(TestAppearances, "test_appearances")
#include "test_appearances.moc"
