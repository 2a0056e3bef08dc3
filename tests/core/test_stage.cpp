// SPDX-License-Identifier: GPL-3.0-or-later
//
// What a frame shows: how values meet, groups, effects in their order, triggers on the layers they name.
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

class TestStage : public QObject {
    Q_OBJECT
private slots:
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
                with.pin(with.drive(kind_of(body_type<KeyBody>), feed), 0, KeyBody{at, {}});
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
        const LaneId keys = scene.drive(kind_of(body_type<KeyBody>), feed);
        scene.pin(keys, 0, KeyBody{0, {}});
        scene.pin(keys, 2, KeyBody{1, {}});
        QCOMPARE(scene.of(ring, 12).front().colour, (Colour{0x804000}));
        feed.palette = {{0xff0000}, {0x00ff00}, {0x0000ff}};
        Motion motion = *part_of<Motion>(*scene.project.lane(keys));
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
        const LaneId keys = scene.drive(kind_of(body_type<KeyBody>), feed);
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
        const LayerId a = scene.add({{}, layers::group, "a"}), b = scene.add({{}, layers::group, "b"});
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
            if (layer.kind == layers::shape) {
                const LayerValues values(layer);
                places.push_back(values.of("position-x") + values.of("rotation") / 1000);
            }
        std::sort(places.begin(), places.end());
        QCOMPARE(places, (std::vector<double>{0, 40.015, 80.03, 120.045}));
        // Each acts two frames later than the one before.
        QCOMPARE(scene.at(48 - 3).layers.size(), std::size_t{2}); // the shots, and the first
        QCOMPARE(scene.at(48 + 3).layers.size(), std::size_t{5});
    }

    /// A copied lane drives the copy alone: of what its original drives besides, nothing is left, not even a
    /// name that no file would keep.
    void a_copied_layer_has_lanes_that_drive_nothing_else() {
        Scene scene;
        const LayerId a = shape(scene, "a"), b = shape(scene, "b");
        scene.drive(kind_of(body_type<KeyBody>), feed_of(a, "rotation", 0, 90));
        Lane both = *scene.project.lanes.back();
        part_of<Motion>(both)->feeds = {feed_of(b, "opacity", 0, 100)};
        scene.project.lanes.back() = std::make_shared<const Lane>(both);
        const auto twice = with_layer_duplicated(scene.project, b);
        QVERIFY(twice);
        QCOMPARE(twice->lanes.size(), scene.project.lanes.size() + 1);
        const Motion& copied = *part_of<Motion>(*twice->lanes.back());
        QVERIFY(copied.own.target == Target{});
        QCOMPARE(copied.feeds.size(), std::size_t{1});
        QCOMPARE(copied.feeds.front().target.parameter, std::string("opacity"));
        QVERIFY(copied.feeds.front().target.layer != b && copied.feeds.front().target.layer.value != 0);
    }

    void a_group_is_copied_with_what_is_in_it_and_lanes_go_over_to_another() {
        Scene scene;
        const LayerId a = shape(scene, "a"), b = shape(scene, "b");
        const LayerId both[] = {a, b};
        scene.project = *with_group_of(scene.project, both, "both");
        scene.drive(kind_of(body_type<KeyBody>), feed_of(a, "rotation", 0, 90));
        scene.project = *with_layer_duplicated(scene.project, scene.project.stage->layer(a)->group);
        std::map<std::uint64_t, int> in_group;
        for (const auto& layer : scene.project.stage->layers)
            if (layer.kind == layers::shape)
                ++in_group[layer.group.value];
        QCOMPARE(in_group.size(), std::size_t{2});
        for (const auto& [group, count] : in_group)
            QCOMPARE(count, 2);
        QCOMPARE(std::count_if(scene.project.lanes.begin(), scene.project.lanes.end(),
                               [](const auto& lane) { return is_keyed(lane->kind); }),
                 2);
        scene.project = *with_lanes_of(scene.project, b, a);
        const auto driven =
            std::count_if(scene.project.lanes.begin(), scene.project.lanes.end(), [&](const auto& lane) {
                return part_of<Motion>(*lane) && part_of<Motion>(*lane)->own.target == Target{b, "rotation"};
            });
        QCOMPARE(driven, 1);
    }

    // One parameter has one row, whichever kind of layer has it.
    void parameters_that_kinds_share_are_the_same() {
        for (const LayerKind kind : layer_kinds())
            for (const auto& spec : kind->parameters) {
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
        const LaneId lane = scene.drive(kind_of(body_type<KeyBody>), feed_of(kite, "blur", 0, 9));
        Motion motion = *part_of<Motion>(*scene.project.lane(lane));
        motion.own.target.parameter = "blur#2";
        scene.project = *with_motion(scene.project, lane, motion);
        scene.pin(lane, 0, KeyBody{7, {}});
        QCOMPARE(scene.of(kite, 5).front().values.of("blur#2"), 7.0);
        scene.project = *without_effect(scene.project, kite, 0);
        QCOMPARE(part_of<Motion>(*scene.project.lane(lane))->own.target, Target{});
        QVERIFY(!scene.project.stage->layer(kite)->values.contains("blur#2"));
        QVERIFY(scene.project.stage->layer(kite)->values.contains("blur"));
        QVERIFY(!with_effect(scene.project, kite, "no such"));
    }

    void a_look_is_taken_kept_and_shared() {
        Scene scene;
        const LayerId words = scene.add({{}, layers::title, "Words"});
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
        scene.project = with_lane(scene.project, kind_of(body_type<TriggerBody>), "Flash");
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
        QVERIFY(body_of<TriggerBody>(scene.project.lane(lane)->pins.front().body).on.empty());
    }

    void acts_of_a_trigger_stretch_with_it() {
        Scene scene;
        const LayerId kite = shape(scene);
        scene.project = with_lane(scene.project, kind_of(body_type<TriggerBody>), "t");
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
        scene.project = with_lane(scene.project, kind_of(body_type<TriggerBody>), "t");
        TriggerBody strobe{"strobe", {Length::Unit::InBeats, 4}};
        strobe.on = {kite};
        strobe.strobe_beats = 0.5; // six frames: three lit, three dark
        scene.pin(scene.project.lanes.back()->id, 3.25, strobe);
        for (int i = 0; i < 24; ++i)
            QCOMPARE(placement_of(scene.of(kite, 39 + i).front().values, 0).opacity, i % 6 < 3 ? 1.0 : 0.0);
    }

    // -- shots

    void a_shot_runs_faster_backwards_or_not_at_all() {
        Scene scene;
        const auto cuts = lane_of_kind(scene.project, kind_of(body_type<CutBody>));
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
        const LayerId words = scene.add({{}, layers::title, "Words"});
        const LayerId line = scene.add({{}, layers::line, "Line"});
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
        Showing showing{words,
                        {"type", {Length::Unit::InBeats, 2}, {.id = "back-out"}},
                        Frames(5),
                        false,
                        {"fade", {Length::Unit::InFrames, 6}, {}},
                        "sway",
                        4,
                        50,
                        1.5};
        scene.project = *with_showing(scene.project, lane, showing);
        AppearanceBody body{
            {Length::Unit::ToSectionEnd, 1}, 1, 2, 3, 4, true, {0x445566}, Frames(7), 8, "nine"};
        body.row = 2;
        scene.pin(lane, 3, body);
        Feed feed = feed_of(words, "colour", 0, 1);
        feed.meets = Meets::Times;
        feed.by_age = true;
        feed.palette = {{1}, {2}};
        scene.drive(kind_of(body_type<KeyBody>), feed);
        scene.project = with_lane(scene.project, kind_of(body_type<TriggerBody>), "t");
        TriggerBody trigger;
        trigger.name = "mine";
        trigger.on = {words};
        trigger.acts = {{"blur#2", 1, 9, {{0, 0}, {100, 100}}}};
        trigger.strobe_beats = 0.25;
        scene.pin(scene.project.lanes.back()->id, 1, trigger);
        CutBody cut{scene.project.shots().front()->id, Seconds(0)};
        cut.speed = -50;
        cut.change = CutBody::Change::Rush;
        scene.pin(lane_of_kind(scene.project, kind_of(body_type<CutBody>)), 1, cut);
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
        const LayerId a = scene.add({{}, layers::group, "loop"});
        std::string text = project_to_json(scene.project, "/");
        const std::string id = "\"id\": " + std::to_string(a.value);
        const auto place = text.find("\"kind\": \"group\"");
        QVERIFY(place != std::string::npos);
        text.insert(place, "\"group\": " + std::to_string(a.value) + ", ");
        const auto read = project_from_json(text, "/");
        QVERIFY(!read && read.error().message().find("lies in itself") != std::string::npos);
    }
};

PULSEPIN_TEST_CLASS(TestStage, "test_stage")
#include "test_stage.moc"
