// SPDX-License-Identifier: GPL-3.0-or-later
//
// What a frame shows: appearances with an age of their own, groups, how values meet, sparks, effects in their
// order, triggers on the layers they name.
#include "hand/stage_hand.h"
#include "interchange/look_file.h"
#include "interchange/project_json.h"
#include "model/duplicate_edits.h"
#include "model/lane_edits.h"
#include "model/stage_edits.h"
#include "schedule/forms.h"
#include "schedule/place.h"
#include "stage/layer_kinds.h"
#include "stage/staged_frame.h"
#include "stage/trigger_acts.h"
#include "support/projects.h"

#include <QTemporaryDir>
#include <QTest>
#include <chrono>

using namespace pulsepin;
using namespace pulsepin::test;

namespace {

struct Scene {
    Project project = steady_project(120, 0, 60); // 12 frames a beat
    LayerId add(Layer layer) {
        project = *with_layer(project, std::move(layer));
        return project.stage->layers[project.stage->layers.size() - 2].id;
    }
    LaneId appear(LayerId layer) {
        auto made = *with_lane_of_appearances(project, layer, kind_that(&LaneKindRow::appears));
        project = std::move(made.project);
        return made.lane;
    }
    void pin(LaneId lane, double beat, PinBody body) {
        project = *with_pins(
            project, lane,
            {{{}, MusicalAnchor{Ticks(static_cast<std::int64_t>(beat * 960))}, std::move(body), {}}});
    }
    LaneId drive(LaneKind kind, Feed feed) {
        project = with_lane(project, kind, "motion");
        Motion motion;
        motion.own = std::move(feed);
        const LaneId lane = project.lanes.back()->id;
        project = *with_motion(project, lane, std::move(motion));
        return lane;
    }
    void change_layer(LayerId id, const std::function<void(Layer&)>& how) {
        Layer layer = *project.stage->layer(id);
        how(layer);
        project = *with_changed_layer(project, std::move(layer));
    }
    [[nodiscard]] StagedFrame at(std::int64_t frame) const {
        return staged_at({Schedule(project)}, Frames(frame));
    }
    /// Those of a layer, whatever group they lie in.
    [[nodiscard]] std::vector<StagedLayer> of(LayerId id, std::int64_t frame) const {
        std::vector<StagedLayer> found;
        const StagedFrame staged = at(frame);
        for_staged(staged.layers, [&](const StagedLayer& layer, const auto&) {
            if (layer.id == id)
                found.push_back(layer);
        });
        return found;
    }
};

AppearanceBody lasting(double frames) {
    AppearanceBody body;
    body.length = {Length::Unit::InFrames, frames};
    return body;
}

Feed feed_of(LayerId layer, std::string parameter, double low, double high) {
    Feed feed;
    feed.property = parameter;
    feed.unit = layer_parameter(parameter)->unit;
    feed.low = low;
    feed.high = high;
    feed.target = {layer, std::move(parameter)};
    return feed;
}

LayerId shape(Scene& scene, const char* name = "Ring") {
    return scene.add({{}, LayerKind::Shape, name});
}

} // namespace

class TestStage : public QObject {
    Q_OBJECT
private slots:
    // -- appearances

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
        Showing showing = *scene.project.lane(lane)->showing;
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
        Layer title{{}, LayerKind::Title, "Words"};
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
        const LaneKind kind = kind_that(&LaneKindRow::appears);
        const Project project = with_lane(scene.project, kind, "a");
        std::vector<Picked> places;
        for (int i = 0; i < 40; ++i)
            places.push_back({Ticks(960 * i), 1, Seconds(i * 0.5)});
        const PlantingForm form{AppearanceBody{}, spread};
        const auto bodies = *bodies_for(project, *project.lanes.back(), places, form);
        double lowest = 1e9, highest = -1e9;
        for (std::size_t i = 0; i < bodies.size(); ++i) {
            const auto& body = std::get<AppearanceBody>(*bodies[i]);
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
        AppearanceBody own = std::get<AppearanceBody>(scene.project.lane(lane)->pins[2].body);
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
            const auto& body = std::get<AppearanceBody>(pin.body);
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
        Showing showing = *scene.project.lane(lane)->showing;
        showing.comes.move = "none";
        scene.project = *with_showing(scene.project, lane, showing);
        Feed feed = feed_of(ring, "rotation", 0, 90);
        feed.by_age = true;
        const LaneId keys = scene.drive(kind_that(&LaneKindRow::keyed), feed);
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
                                               kind_that(&LaneKindRow::appears));
        for (std::size_t i = 0; i < layers.size(); ++i) {
            const auto beat = static_cast<std::int64_t>(96 + 12 * i);
            QVERIFY(scene.of(layers[i], beat - 4).empty() && scene.of(layers[i], beat).size() == 1);
        }
        QVERIFY(!with_layers_staggered(scene.project, layers, std::span(places).first(2), {},
                                       kind_that(&LaneKindRow::appears)));
    }

    void titles_of_markers_stay_with_their_markers() {
        Scene scene;
        const LaneId marks = lane_of_kind(scene.project, kind_that(&LaneKindRow::marks));
        scene.pin(marks, 4, MarkerBody{"let it rise"});
        scene.pin(marks, 12, MarkerBody{"over the levee"});
        scene.pin(marks, 20, MarkerBody{});
        std::vector<PinId> ids;
        for (const auto& pin : scene.project.lane(marks)->pins)
            ids.push_back(pin.id);
        auto made = *with_titles_of_markers(scene.project, ids, kind_that(&LaneKindRow::appears), "Titles");
        scene.project = std::move(made.project);
        QCOMPARE(scene.of(made.layer, 100).front().text, std::string("let it rise"));
        QCOMPARE(scene.of(made.layer, 160).front().text, std::string("over the levee"));
        scene.project = *with_anchor(scene.project, ids[1], MusicalAnchor{Ticks(960 * 8)});
        QCOMPARE(scene.of(made.layer, 100).front().text, std::string("over the levee"));
        QVERIFY(!with_titles_of_markers(scene.project, std::span(ids).last(1),
                                        kind_that(&LaneKindRow::appears), "x"));
    }

    // -- how values meet

    void feeds_meet_the_layers_own_value_as_they_say() {
        Scene scene;
        const LayerId logo = shape(scene);
        scene.change_layer(logo, [](Layer& layer) { layer.values["scale"] = 60; });
        const auto value = [&](std::vector<std::pair<Meets, double>> feeds) {
            Scene with = scene;
            for (const auto& [meets, at] : feeds) {
                Feed feed = feed_of(logo, "scale", at, at);
                feed.meets = meets;
                with.pin(with.drive(kind_that(&LaneKindRow::keyed), feed), 0, KeyBody{at, {}});
            }
            return with.of(logo, 10).front().values.of("scale");
        };
        QCOMPARE(value({}), 60.0);
        QCOMPARE(value({{Meets::Usual, 130}}), 130.0); // as files of earlier versions have it
        QCOMPARE(value({{Meets::Instead, 80}}), 80.0);
        QCOMPARE(value({{Meets::Added, 15}}), 75.0);
        QCOMPARE(value({{Meets::Times, 150}}), 90.0);
        QCOMPARE(value({{Meets::Times, 150}, {Meets::Added, 40}}), 150.0); // what multiplies does so last
        QCOMPARE(value({{Meets::Added, 40}, {Meets::Instead, 10}}), 10.0);
    }

    void a_colour_is_driven_between_two_or_takes_the_next_with_each_pin() {
        Scene scene;
        const LayerId ring = shape(scene);
        Feed feed = feed_of(ring, "colour", 0, 1);
        feed.low_colour = {0x000000};
        feed.high_colour = {0xff8000};
        const LaneId keys = scene.drive(kind_that(&LaneKindRow::keyed), feed);
        scene.pin(keys, 0, KeyBody{0, {}});
        scene.pin(keys, 2, KeyBody{1, {}});
        QCOMPARE(scene.of(ring, 12).front().colour, (Colour{0x804000}));
        feed.palette = {{0xff0000}, {0x00ff00}, {0x0000ff}};
        Motion motion = *scene.project.lane(keys)->motion;
        motion.own = feed;
        scene.project = *with_motion(scene.project, keys, motion);
        scene.pin(keys, 4, KeyBody{1, {}});
        scene.pin(keys, 6, KeyBody{1, {}});
        QCOMPARE(scene.of(ring, 12).front().colour, (Colour{0xff0000}));
        QCOMPARE(scene.of(ring, 24).front().colour, (Colour{0x00ff00}));
        QCOMPARE(scene.of(ring, 50).front().colour, (Colour{0x0000ff}));
        QCOMPARE(scene.of(ring, 80).front().colour, (Colour{0xff0000}));
    }

    // -- groups and parents

    void a_group_places_what_is_in_it_and_goes_without_taking_it_along() {
        Scene scene;
        const LayerId a = shape(scene, "a"), b = shape(scene, "b");
        const LayerId both[] = {a, b};
        scene.project = *with_group_of(scene.project, both, "both");
        const LayerId group = scene.project.stage->layer(a)->group;
        QVERIFY(group.value != 0);
        const auto staged = scene.at(0);
        QCOMPARE(staged.layers.back().id, group);
        QCOMPARE(staged.layers.back().inner.size(), std::size_t{2});
        // One thing in a group appears, another is always there; the group's age is that of what is in it.
        const LaneId lane = scene.appear(group);
        Feed feed = feed_of(a, "rotation", 0, 120);
        feed.by_age = true;
        const LaneId keys = scene.drive(kind_that(&LaneKindRow::keyed), feed);
        scene.pin(keys, 0, KeyBody{0, {}});
        scene.pin(keys, 2, KeyBody{120, {}});
        scene.pin(lane, 8, lasting(40));
        QVERIFY(scene.of(a, 50).empty());
        QVERIFY(std::abs(scene.of(a, 96 - 3 + 12).front().values.of("rotation") - 60) < 1e-6);
        scene.project = *without_layer(scene.project, group);
        QCOMPARE(scene.project.stage->layer(a)->group, LayerId{});
        QCOMPARE(scene.of(a, 50).size(), std::size_t{1});
    }

    void what_would_lie_in_itself_is_refused() {
        Scene scene;
        const LayerId a = scene.add({{}, LayerKind::Group, "a"}), b = scene.add({{}, LayerKind::Group, "b"});
        scene.change_layer(a, [&](Layer& layer) { layer.group = b; });
        Layer other = *scene.project.stage->layer(b);
        other.group = a;
        QVERIFY(!with_changed_layer(scene.project, other));
        other.group = {};
        other.parent = a;
        QVERIFY(!with_changed_layer(scene.project, other));
        QVERIFY(!with_layer_placed(scene.project, b, 0, a));
        const LayerId camera[] = {scene.project.stage->layers.back().id};
        QVERIFY(!with_group_of(scene.project, camera, "x"));
    }

    void copies_go_a_step_further_each_with_their_lanes() {
        Scene scene;
        const LayerId ring = shape(scene);
        scene.pin(scene.appear(ring), 4, lasting(20));
        const std::size_t lanes = scene.project.lanes.size();
        scene.project =
            *with_layer_repeated(scene.project, ring, {.x = 40, .turn = 15, .later = Frames(2)}, 3);
        QCOMPARE(scene.project.lanes.size(), lanes + 3);
        std::vector<double> places;
        for (const auto& layer : scene.project.stage->layers)
            if (layer.kind == LayerKind::Shape) {
                const LayerValues values(layer);
                places.push_back(values.of("position-x") + values.of("rotation") / 1000);
            }
        std::sort(places.begin(), places.end());
        QCOMPARE(places, (std::vector<double>{0, 40.015, 80.03, 120.045}));
        // Each acts two frames later than the one before.
        QCOMPARE(scene.at(48 - 3).layers.size(), std::size_t{2}); // the shots, and the first
        QCOMPARE(scene.at(48 + 3).layers.size(), std::size_t{5});
    }

    void a_group_is_copied_with_what_is_in_it_and_lanes_go_over_to_another() {
        Scene scene;
        const LayerId a = shape(scene, "a"), b = shape(scene, "b");
        const LayerId both[] = {a, b};
        scene.project = *with_group_of(scene.project, both, "both");
        scene.drive(kind_that(&LaneKindRow::keyed), feed_of(a, "rotation", 0, 90));
        scene.project = *with_layer_duplicated(scene.project, scene.project.stage->layer(a)->group);
        std::map<std::uint64_t, int> in_group;
        for (const auto& layer : scene.project.stage->layers)
            if (layer.kind == LayerKind::Shape)
                ++in_group[layer.group.value];
        QCOMPARE(in_group.size(), std::size_t{2});
        for (const auto& [group, count] : in_group)
            QCOMPARE(count, 2);
        QCOMPARE(std::count_if(scene.project.lanes.begin(), scene.project.lanes.end(),
                               [](const auto& lane) { return lane->kind->keyed; }),
                 2);
        scene.project = *with_lanes_of(scene.project, b, a);
        const auto driven =
            std::count_if(scene.project.lanes.begin(), scene.project.lanes.end(), [&](const auto& lane) {
                return lane->motion && lane->motion->own.target == Target{b, "rotation"};
            });
        QCOMPARE(driven, 1);
    }

    // One parameter has one row, whichever kind of layer has it.
    void parameters_that_kinds_share_are_the_same() {
        for (const auto& kind : layer_kinds())
            for (const auto& spec : kind.parameters) {
                const auto* row = layer_parameter(spec.id);
                QVERIFY2(row && row->initial == spec.initial && row->least == spec.least &&
                             row->most == spec.most && row->type == spec.type,
                         spec.id.data());
            }
    }

    void a_pulse_becomes_a_curve_over_the_length_of_a_trigger() {
        for (const auto& pulse : pulse_library()) {
            TriggerAct act{"blur", 0, 1, points_of_pulse(pulse)};
            QVERIFY(std::is_sorted(act.curve.begin(), act.curve.end(),
                                   [](const auto& a, const auto& b) { return a.at < b.at; }));
            double highest = 0;
            for (int i = 0; i <= 100; ++i)
                highest = std::max(highest, way_at(act, i / 100.0));
            QVERIFY2(highest >= 0.95, pulse.name.c_str());
        }
    }

    // -- effects

    void effects_act_in_their_order_and_several_of_one_kind() {
        Scene scene;
        const LayerId kite = shape(scene);
        for (const char* effect : {"blur", "glow", "blur"})
            scene.project = *with_effect(scene.project, kite, effect);
        scene.change_layer(kite, [](Layer& layer) { layer.values["blur#2"] = 3; });
        const auto acting = acting_effects(scene.of(kite, 0).front().values);
        QCOMPARE(acting.size(), std::size_t{3});
        QCOMPARE(std::string(acting[2].row->id) + std::to_string(acting[2].number), std::string("blur2"));
        QCOMPARE(EffectValues(scene.of(kite, 0).front().values, 2).of("blur"), 3.0);
        scene.project = *with_effect_moved(scene.project, kite, 2, -2);
        QCOMPARE(acting_effects(scene.of(kite, 0).front().values).front().number, 2);
        scene.project = *with_effect_off(scene.project, kite, 0, true);
        QCOMPARE(acting_effects(scene.of(kite, 0).front().values).size(), std::size_t{2});
        // The second one is driven for itself; taken away, its lane drives nothing.
        const LaneId lane = scene.drive(kind_that(&LaneKindRow::keyed), feed_of(kite, "blur", 0, 9));
        Motion motion = *scene.project.lane(lane)->motion;
        motion.own.target.parameter = "blur#2";
        scene.project = *with_motion(scene.project, lane, motion);
        scene.pin(lane, 0, KeyBody{7, {}});
        QCOMPARE(scene.of(kite, 5).front().values.of("blur#2"), 7.0);
        scene.project = *without_effect(scene.project, kite, 0);
        QCOMPARE(scene.project.lane(lane)->motion->own.target, Target{});
        QVERIFY(!scene.project.stage->layer(kite)->values.contains("blur#2"));
        QVERIFY(scene.project.stage->layer(kite)->values.contains("blur"));
        QVERIFY(!with_effect(scene.project, kite, "no such"));
    }

    void a_look_is_taken_kept_and_shared() {
        Scene scene;
        const LayerId words = scene.add({{}, LayerKind::Title, "Words"});
        for (const auto& look : ready_looks()) {
            const auto taken = with_look(scene.project, words, look);
            QVERIFY2(taken.has_value(), look.name.c_str());
            const Look again = look_of(*taken->stage->layer(words), look.name, look.of_title);
            QCOMPARE(again.effects, look.effects);
            QCOMPARE(again.values, look.values);
            for (const auto& [id, value] : look.values)
                QVERIFY2(layer_parameter(id), id.c_str());
        }
        const LayerId kite = shape(scene);
        QVERIFY(!with_look(scene.project, kite, ready_looks().front())); // one for titles
        const QTemporaryDir folder;
        const std::string path = folder.filePath("looks.json").toStdString();
        QVERIFY(write_looks(ready_looks(), path));
        const auto read = read_looks(path);
        QVERIFY(read && std::equal(read->begin(), read->end(), ready_looks().begin(), ready_looks().end()));
        const auto wrong = read_looks(std::string(PULSEPIN_DEMO) + "/kite-day.pulsepin");
        QVERIFY(!wrong && wrong.error().message().find("kite-day") != std::string::npos);
    }

    // -- triggers

    void triggers_act_on_what_they_name_and_on_nothing_else() {
        Scene scene;
        const LayerId kite = shape(scene, "kite"), sign = shape(scene, "sign");
        scene.project = with_lane(scene.project, kind_that(&LaneKindRow::triggers), "Flash");
        const LaneId lane = scene.project.lanes.back()->id;
        TriggerBody flash{"flash", {Length::Unit::InFrames, 4}, 100, {0xff0000}, {0xff0000}};
        flash.on = {kite};
        scene.pin(lane, 2, flash);
        QCOMPARE(scene.of(kite, 24).front().values.of("flash"), 80.0);
        QCOMPARE(scene.of(kite, 24).front().values.light("flash"), std::optional(Colour{0xff0000}));
        QCOMPARE(scene.of(kite, 26).front().values.of("flash"), 40.0);
        QCOMPARE(scene.of(sign, 24).front().values.of("flash"), 0.0);
        QCOMPARE(scene.at(24).camera.of("flash"), 0.0);
        QCOMPARE(scene.of(kite, 28).front().values.of("flash"), 0.0);
        scene.project = *without_layer(scene.project, kite); // it goes back to the camera
        QVERIFY(std::get<TriggerBody>(scene.project.lane(lane)->pins.front().body).on.empty());
    }

    void acts_of_a_trigger_stretch_with_it() {
        Scene scene;
        const LayerId kite = shape(scene);
        scene.project = with_lane(scene.project, kind_that(&LaneKindRow::triggers), "t");
        const LaneId lane = scene.project.lanes.back()->id;
        TriggerBody trigger{"mine", {Length::Unit::InFrames, 10}};
        trigger.on = {kite};
        trigger.acts = {{"blur", 0, 20, {{0, 0}, {50, 100}, {100, 0}}}, {"rotation", 0, 90, {}}};
        scene.pin(lane, 2, trigger);
        QCOMPARE(scene.of(kite, 24 + 5).front().values.of("blur"), 20.0);
        QCOMPARE(scene.of(kite, 24 + 2).front().values.of("rotation"), 90.0);
        trigger.length.amount = 20;
        const PinId id = scene.project.lane(lane)->pins.front().id;
        scene.project = *with_body(scene.project, id, trigger);
        QCOMPARE(scene.of(kite, 24 + 5).front().values.of("blur"), 10.0);
        QCOMPARE(scene.of(kite, 24 + 10).front().values.of("blur"), 20.0);
    }

    void a_strobe_is_counted_in_parts_of_a_beat_from_its_start() {
        Scene scene;
        const LayerId kite = shape(scene);
        scene.project = with_lane(scene.project, kind_that(&LaneKindRow::triggers), "t");
        TriggerBody strobe{"strobe", {Length::Unit::InBeats, 4}};
        strobe.on = {kite};
        strobe.strobe_beats = 0.5; // six frames: three lit, three dark
        scene.pin(scene.project.lanes.back()->id, 3.25, strobe);
        for (int i = 0; i < 24; ++i)
            QCOMPARE(placement_of(scene.of(kite, 39 + i).front().values, 0).opacity, i % 6 < 3 ? 1.0 : 0.0);
    }

    // -- sparks

    void sparks_are_born_by_the_integral_of_the_rate() {
        Scene scene;
        Layer layer{{}, LayerKind::Sparks, "Sparks"};
        layer.values = {{"rate", 48}, {"spark-life", 0.5}, {"spark-life-spread", 0}};
        const LayerId sparks = scene.add(layer);
        // Two a frame for half a second: 24, from the piece's first frame on, since they ran before it.
        for (const int frame : {0, 1, 37, 700})
            QCOMPARE(scene.of(sparks, frame).front().sparks.size(), std::size_t{24});
        // At a rate that rises evenly from 0 to 240 over ten seconds: half of that by the middle.
        const LaneId keys = scene.drive(kind_that(&LaneKindRow::keyed), feed_of(sparks, "rate", 0, 240));
        scene.pin(keys, 0, KeyBody{0, {}});
        scene.pin(keys, 20, KeyBody{240, {}});
        scene.change_layer(sparks, [](Layer& changed) { changed.values["spark-life"] = 30; });
        const auto count = static_cast<double>(scene.of(sparks, 120).front().sparks.size());
        QVERIFY2(std::abs(count - 24.0 * 25 / 2) < 4, qPrintable(QString::number(count))); // 24/s² over 5 s
    }

    void a_burst_is_born_at_each_pulse() {
        Scene scene;
        Layer layer{{}, LayerKind::Sparks, "Sparks"};
        layer.values = {{"spark-life", 1}, {"spark-life-spread", 0}};
        const LayerId sparks = scene.add(layer);
        const LaneId pulses = scene.drive(kind_that(&LaneKindRow::pulses), feed_of(sparks, "burst", 0, 200));
        scene.pin(pulses, 4, PulseBody{});
        scene.pin(pulses, 5, PulseBody{50});
        const auto peak = Schedule(scene.project).spans(pulses).motion.pulses().front().peak;
        const auto frame = static_cast<std::int64_t>(peak);
        QVERIFY(scene.of(sparks, frame - 1).front().sparks.empty());
        QCOMPARE(scene.of(sparks, frame).front().sparks.size(), std::size_t{200});
        QCOMPARE(scene.of(sparks, frame + 12).front().sparks.size(), std::size_t{300});
        QCOMPARE(scene.of(sparks, frame + 24).front().sparks.size(), std::size_t{100});
    }

    void sparks_fly_as_the_equations_say() {
        SparkSource source;
        source.longest = 3;
        source.born_until = [](std::int64_t) { return 0.0; };
        source.bursts = {{0, 100, 5}};
        const auto with = [&](std::map<std::string, double> values) {
            source.values_at = [values](double) { return LayerValues(values); };
            return sparks_at(source, 24); // one second later
        };
        const std::map<std::string, double> still{
            {"spark-life", 3},   {"spark-life-spread", 0}, {"spark-speed", 100}, {"spark-speed-spread", 0},
            {"spark-spread", 0}, {"spark-direction", 0},   {"spark-gravity", 0}, {"spark-drag", 0}};
        for (const auto& spark : with(still))
            QVERIFY(std::abs(spark.x - 100) < 1e-9 && std::abs(spark.y) < 1e-9);
        auto falling = still;
        falling["spark-gravity"] = 80; // g t² / 2
        for (const auto& spark : with(falling))
            QVERIFY(std::abs(spark.y - 40) < 1e-9);
        auto braked = still;
        braked["spark-drag"] = 2; // v / k (1 - e^-kt): Stokes' drag
        for (const auto& spark : with(braked))
            QVERIFY(std::abs(spark.x - 50 * (1 - std::exp(-2.0))) < 1e-9);
    }

    void the_same_frame_has_the_same_sparks_however_it_is_reached() {
        Scene scene;
        Layer layer{{}, LayerKind::Sparks, "Sparks"};
        layer.values = {{"rate", 90}};
        const LayerId sparks = scene.add(layer);
        const LaneId keys = scene.drive(kind_that(&LaneKindRow::keyed), feed_of(sparks, "rate", 0, 300));
        for (int i = 0; i < 20; ++i)
            scene.pin(keys, i * 3, KeyBody{i % 2 == 0 ? 20.0 : 300.0, {}});
        const LaneId moves =
            scene.drive(kind_that(&LaneKindRow::keyed), feed_of(sparks, "position-x", -300, 300));
        scene.pin(moves, 0, KeyBody{-300, {}});
        scene.pin(moves, 60, KeyBody{300, {}});
        const Curves played{Schedule(scene.project)};
        for (int frame = 0; frame < 700; ++frame)
            (void)staged_at(played, Frames(frame));
        const Curves jumped{Schedule(scene.project)};
        QVERIFY(staged_at(played, Frames(700)) == staged_at(jumped, Frames(700)));
        const auto back = staged_at(jumped, Frames(300));
        QVERIFY(back == staged_at(played, Frames(300)));
    }

    // -- shots

    void a_shot_runs_faster_backwards_or_not_at_all() {
        Scene scene;
        const auto cuts = lane_of_kind(scene.project, kind_that(&LaneKindRow::cuts));
        CutBody cut{scene.project.shots().front()->id, Seconds(4)};
        for (const auto& [speed, seconds] :
             {std::pair(100.0, 5.0), {200.0, 6.0}, {-100.0, 3.0}, {25.0, 4.25}, {0.0, 4.0}}) {
            Scene with = scene;
            cut.speed = speed;
            with.pin(cuts, 0, cut);
            const auto shots = Schedule(with.project).spans(cuts).shots;
            QVERIFY(std::abs(clip_time(shots.front(), Frames(24), with.project.settings->frame_rate).value -
                             seconds) < 1e-9);
        }
        cut.speed = 400; // nine seconds of clip are over after two
        scene.pin(cuts, 0, cut);
        QVERIFY(Schedule(scene.project).spans(cuts).shots.front().too_short);
    }

    // -- kept

    void all_of_it_is_saved_and_read_again() {
        Scene scene;
        const LayerId words = scene.add({{}, LayerKind::Title, "Words"});
        const LayerId line = scene.add({{}, LayerKind::Line, "Line"});
        scene.change_layer(words, [&](Layer& layer) {
            layer.text = "two\nlines";
            layer.options = {{"font", "Inter"}, {"align", "left"}};
            layer.colours = {{"shadow-colour", {0x112233}}};
            layer.values = {{"shown", 40}, {"blur#2", 4}};
            layer.effects = {{"blur", 2}, {"glow", 1, true}};
            layer.blend = "screen";
            layer.matte = {Matte::Kind::LayerAlpha, line, true};
            layer.parent = line;
            layer.locked = layer.motion_blur = true;
        });
        scene.change_layer(line, [](Layer& layer) { layer.points = {{0, 0, 1}, {50, 20, 2}}; });
        const LayerId both[] = {words, line};
        scene.project = *with_group_of(scene.project, both, "both");
        const LaneId lane = scene.appear(words);
        Showing showing{words,     {"type", {Length::Unit::InBeats, 2}, {.id = "back-out"}},
                        Frames(5), {"fade", {Length::Unit::InFrames, 6}, {}},
                        "sway",    4,
                        50,        1.5};
        scene.project = *with_showing(scene.project, lane, showing);
        AppearanceBody body{
            {Length::Unit::ToSectionEnd, 1}, 1, 2, 3, 4, true, {0x445566}, Frames(7), 8, "nine", 2};
        scene.pin(lane, 3, body);
        Feed feed = feed_of(words, "colour", 0, 1);
        feed.meets = Meets::Times;
        feed.by_age = true;
        feed.palette = {{1}, {2}};
        scene.drive(kind_that(&LaneKindRow::keyed), feed);
        scene.project = with_lane(scene.project, kind_that(&LaneKindRow::triggers), "t");
        TriggerBody trigger;
        trigger.name = "mine";
        trigger.on = {words};
        trigger.acts = {{"blur#2", 1, 9, {{0, 0}, {100, 100}}}};
        trigger.strobe_beats = 0.25;
        scene.pin(scene.project.lanes.back()->id, 1, trigger);
        CutBody cut{scene.project.shots().front()->id, Seconds(0)};
        cut.speed = -50;
        cut.change = CutBody::Change::Rush;
        scene.pin(lane_of_kind(scene.project, kind_that(&LaneKindRow::cuts)), 1, cut);
        scene.project = with_motion_blur(scene.project, true, 270, 12);
        scene.project =
            *with_look_kept(scene.project, look_of(*scene.project.stage->layer(words), "mine", true));
        const std::string text = project_to_json(scene.project, "/");
        const auto read = project_from_json(text, "/");
        QVERIFY2(read.has_value(), read ? "" : read.error().message().c_str());
        QVERIFY(same_content(*read, scene.project));
        QCOMPARE(project_to_json(*read, "/"), text);
    }

    void a_file_in_which_a_layer_lies_in_itself_is_refused() {
        Scene scene;
        const LayerId a = scene.add({{}, LayerKind::Group, "loop"});
        std::string text = project_to_json(scene.project, "/");
        const std::string id = "\"id\": " + std::to_string(a.value);
        const auto place = text.find("\"kind\": \"group\"");
        QVERIFY(place != std::string::npos);
        text.insert(place, "\"group\": " + std::to_string(a.value) + ", ");
        const auto read = project_from_json(text, "/");
        QVERIFY(!read && read.error().message().find("lies in itself") != std::string::npos);
    }
};

QTEST_GUILESS_MAIN(TestStage)
#include "test_stage.moc"
