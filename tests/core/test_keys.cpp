// SPDX-License-Identifier: GPL-3.0-or-later
//
// Single keys, own shapes, the layers of the picture, and that all of it is kept in the project file.
#include "interchange/project_json.h"
#include "kinds/kinds.h"
#include "kinds/layer_kinds.h"
#include "model/key_edits.h"
#include "model/lane_edits.h"
#include "model/pin_edits.h"
#include "model/rate_edits.h"
#include "model/stage_edits.h"
#include "schedule/forms.h"
#include "schedule/lane_spans.h"
#include "schedule/place.h"
#include "support/projects.h"
#include "support/test_program.h"

#include <QTest>

using namespace pulsepin;
using namespace pulsepin::test;

namespace {

Easing ease(const char* id) {
    Easing easing;
    easing.id = id;
    return easing;
}

/// Keys at beats of a steady 120 BPM, 24 frames a second.
Project with_keys(const std::vector<std::pair<double, double>>& beats_and_values,
                  const char* easing = "linear") {
    auto project = with_lane(steady_project(120, 0, 60), kind_of(body_type<KeyBody>), "Scale");
    std::vector<Pin> pins;
    for (const auto& [beat, value] : beats_and_values)
        pins.push_back(
            {{}, MusicalAnchor{Ticks(std::llround(beat * 960))}, KeyBody{value, ease(easing)}, {}});
    return *with_pins(project, project.lanes.back()->id, pins);
}

KeyCurve key_curve_of(const Project& project) {
    const Lane& lane = *project.first_lane(body_type<KeyBody>);
    return {lane, resolve(project, lane)};
}

std::vector<PinId> all(const Lane& lane) {
    std::vector<PinId> pins;
    for (const auto& pin : lane.pins)
        pins.push_back(pin.id);
    return pins;
}

} // namespace

class TestKeys : public QObject {
    Q_OBJECT

private slots:
    void between_keys_the_easing_leads() {
        const auto curve = key_curve_of(with_keys({{1, 100}, {2, 200}, {4, 0}}));
        QCOMPARE(curve.value_at(0), 100.0); // still before the first and after the last
        QCOMPARE(curve.value_at(18), 150.0);
        QCOMPARE(curve.value_at(24), 200.0);
        QCOMPARE(curve.value_at(36), 100.0);
        QCOMPARE(curve.value_at(1000), 0.0);
        QCOMPARE(KeyCurve().value_at(3), 0.0);
        const auto held = key_curve_of(with_keys({{0, 1}, {1, 2}}, "steps"));
        QCOMPARE(held.value_at(12), 2.0);
    }

    // Common practice: base 0.8, 0.25 for exactly one frame on the hit, then back.
    void a_dip_of_one_frame_is_three_keys() {
        auto project = with_lane(steady_project(), kind_of(body_type<KeyBody>), "Zoom");
        const auto id = project.lanes.back()->id;
        const KeyBody base{0.8, held_easing()}, dip{0.25, held_easing()};
        project = *with_pins(project, id,
                             {{{}, MusicalAnchor{Ticks(0)}, base, {}},
                              {{}, MusicalAnchor{Ticks(960)}, dip, {}},
                              {{}, MusicalAnchor{Ticks(960), Frames(1)}, base, {}}});
        const auto curve = key_curve_of(project);
        QCOMPARE(curve.value_at(11), 0.8);
        QCOMPARE(curve.value_at(12), 0.25);
        QCOMPARE(curve.value_at(13), 0.8);
    }

    void keys_run_backwards() {
        const auto project = with_keys({{1, 0}, {2, 10}, {5, 50}}, "sine-in");
        const auto before = key_curve_of(project);
        const auto after = key_curve_of(keys_reversed(project, all(*project.first_lane(body_type<KeyBody>))));
        for (double frame = 12; frame <= 60; frame += 0.5)
            QVERIFY(std::abs(after.value_at(72 - frame) - before.value_at(frame)) < 1e-9);
        Easing bent = ease("bezier");
        bent.handles = {0.1, 0.2, 0.3, 0.9};
        const auto back = mirrored(bent).handles;
        QVERIFY(std::abs(back[0] - 0.7) < 1e-12 && std::abs(back[3] - 0.8) < 1e-12);
        QCOMPARE(mirrored(ease("back-in-out")), ease("back-in-out"));
        QCOMPARE(mirrored(mirrored(ease("bounce-out"))), ease("bounce-out"));
    }

    void values_are_scaled_about_one() {
        const auto project = with_keys({{1, 100}, {2, 130}});
        const auto half =
            key_curve_of(keys_scaled(project, all(*project.first_lane(body_type<KeyBody>)), 100, 0.5));
        QCOMPARE(half.value_at(24), 115.0);
        QCOMPARE(half.value_at(12), 100.0);
    }

    void lanes_are_staggered() {
        auto project = with_keys({{1, 0}, {2, 1}});
        for (int i = 0; i < 2; ++i) {
            project = with_lane(project, kind_of(body_type<KeyBody>), "more");
            project = *with_pins(project, project.lanes.back()->id,
                                 {{{}, MusicalAnchor{Ticks(960)}, KeyBody{1, {}}, {}}});
        }
        std::vector<PinId> pins;
        for (const auto& lane : project.lanes)
            for (const auto& pin : lane->pins)
                pins.push_back(pin.id);
        const auto after = staggered(project, pins, Frames(3));
        const auto frame = [&](std::size_t lane) {
            return resolve(after, *after.lanes[lane]).pins.front().frame.value;
        };
        const auto last = after.lanes.size() - 1;
        QCOMPARE(frame(last - 2), 12);
        QCOMPARE(frame(last - 1), 15);
        QCOMPARE(frame(last), 18);
    }

    // Common practice: eased moves look late, so all keys go two or three frames earlier.
    void all_keys_earlier_by_frames_stay_on_their_beats() {
        const auto project = with_keys({{1, 0}, {2, 1}});
        const auto earlier = nudged_by(project, all(*project.first_lane(body_type<KeyBody>)), Frames(-2));
        const Lane& lane = *earlier.first_lane(body_type<KeyBody>);
        QCOMPARE(resolve(earlier, lane).pins.front().frame, Frames(10));
        QVERIFY(std::holds_alternative<MusicalAnchor>(lane.pins.front().anchor));
    }

    void a_new_key_lies_on_the_thread() {
        const auto project = with_keys({{1, 100}, {3, 200}});
        const Lane& lane = *project.first_lane(body_type<KeyBody>);
        const auto body = body_at(project, lane, Ticks(960 * 2), {});
        QCOMPARE(body_of<KeyBody>(*body).value, 150.0);
    }

    void keys_are_placed_by_pickers() {
        auto project = with_lane(steady_project(), kind_of(body_type<KeyBody>), "Zoom");
        const Picker beats{"beats", Ticks(0), Ticks(960 * 8), {}};
        const auto placed = place(project, project.lanes.back()->id, beats, {KeyBody{3, ease("sine-out")}});
        QVERIFY(placed.has_value());
        QCOMPARE(placed->project.lanes.back()->pins.size(), std::size_t{8});
        QCOMPARE(body_of<KeyBody>(placed->project.lanes.back()->pins[3].body).value, 3.0);
    }

    void a_single_place_has_a_shape_of_its_own() {
        auto project = with_lane(steady_project(120, 0, 60), kind_of(body_type<PulseBody>), "Scale");
        const auto id = project.lanes.back()->id;
        Motion motion;
        motion.own.low = 0;
        motion.own.high = 100;
        project = *with_motion(project, id, motion);
        project = *with_pins(project, id,
                             {{{}, MusicalAnchor{Ticks(960)}, PulseBody{}, {}},
                              {{}, MusicalAnchor{Ticks(960 * 4)}, PulseBody{}, {}}});
        Pulse early;
        early.arrives = true;
        early.up = {Length::Unit::InFrames, 6};
        PulseBody own;
        own.shape = std::make_shared<const Pulse>(early);
        project = *with_body(project, project.lanes.back()->pins[1].id, own);
        const Lane& lane = *project.lanes.back();
        const MotionCurve curve(project, lane, resolve(project, lane));
        QCOMPARE(curve.value_at(13), 100.0); // the lane's: one frame up
        QCOMPARE(curve.value_at(48), 100.0); // its own: arrives
        QCOMPARE(curve.value_at(45), 50.0);
        // Changing the lane's pulse leaves it as it is.
        motion.pulse.up = {Length::Unit::InFrames, 3};
        project = *with_motion(project, id, motion);
        const MotionCurve after(project, *project.lanes.back(), resolve(project, *project.lanes.back()));
        QCOMPARE(after.value_at(15), 100.0);
        QCOMPARE(after.value_at(48), 100.0);
    }

    void pulses_are_kept_by_name() {
        auto project = steady_project();
        Pulse pulse;
        pulse.name = "mine";
        project = *with_pulse_kept(project, pulse);
        pulse.held = {Length::Unit::InFrames, 5};
        project = *with_pulse_kept(project, pulse);
        QCOMPARE(project.pulses->size(), std::size_t{1});
        QCOMPARE(project.pulses->front().held.amount, 5.0);
        pulse.name.clear();
        QVERIFY(!with_pulse_kept(project, pulse));
        QVERIFY(without_pulse(project, "mine").pulses->empty());
    }

    void layers_are_stacked_below_the_camera() {
        auto project = steady_project();
        project = *with_layer(project, {{}, layers::title, "Words"});
        project = *with_layer(project, {{}, layers::shape, "Kite"});
        const auto& layers = project.stage->layers;
        QCOMPARE(layers.size(), std::size_t{4});
        QCOMPARE(layers[1].name, std::string("Words"));
        QCOMPARE(layers.back().kind, layers::camera);
        const auto raised = *with_layer_raised(project, layers[1].id, 1);
        QCOMPARE(raised.stage->layers[2].name, std::string("Words"));
        QCOMPARE(with_layer_raised(raised, raised.stage->layers[2].id, 5)->stage->layers.back().kind,
                 layers::camera);
        QVERIFY(!with_layer(project, {{}, layers::camera, "Second"}));
        QVERIFY(!without_layer(project, layers.back().id));
        // What drove a layer that is gone drives nothing.
        auto driven = with_lane(project, kind_of(body_type<PulseBody>), "p");
        Motion motion;
        motion.own.target = {layers[1].id, "scale"};
        motion.feeds = {{"x", "", 0, 1, {layers[1].id, "blur"}}, {"y", "", 0, 1, {layers[2].id, "blur"}}};
        driven = *with_motion(driven, driven.lanes.back()->id, motion);
        const auto without = *without_layer(driven, layers[1].id);
        QCOMPARE(part_of<Motion>(*without.lanes.back())->own.target, Target{});
        QCOMPARE(part_of<Motion>(*without.lanes.back())->feeds[0].target, Target{});
        QCOMPARE(part_of<Motion>(*without.lanes.back())->feeds[1].target.layer, layers[2].id);
        QCOMPARE(part_of<Motion>(*without.lanes.back())->feeds.size(), std::size_t{2});
    }

    void a_picture_that_a_layer_shows_stays_in_the_bin() {
        auto project = steady_project();
        Layer layer{{}, layers::picture, "Still"};
        layer.picture = project.bin->front().id;
        project = *with_layer(project, layer);
        QVERIFY(!without_clip(project, layer.picture));
    }

    // Common practice: 20 to 60 frames a second at the end, and nothing may move.
    void another_picture_rate_moves_nothing() {
        auto project = with_lane(steady_project(117, 0.1, 60, "20"), kind_of(body_type<PulseBody>), "Scale");
        const auto id = project.lanes.back()->id;
        Motion motion;
        motion.own.lead = Frames(4);
        motion.pulse.up = {Length::Unit::InFrames, 4};
        motion.pulse.held = {Length::Unit::InMilliseconds, 50};
        motion.pulse.down = {Length::Unit::InFrames, 7};
        project = *with_motion(project, id, motion);
        project = *with_lead(project, id, Frames(2));
        PulseBody own;
        own.shape = std::make_shared<const Pulse>(motion.pulse);
        project = *with_pins(project, id,
                             {{{}, MusicalAnchor{Ticks(960)}, PulseBody{}, {}},
                              {{}, MusicalAnchor{Ticks(960 * 3), Frames(3)}, own, {}},
                              {{}, MusicalAnchor{Ticks(960 * 7)}, PulseBody{}, {}}});
        TriggerBody flash;
        flash.length = {Length::Unit::InFrames, 6};
        project = with_lane(project, kind_of(body_type<TriggerBody>), "Flash");
        project = *with_pins(project, project.lanes.back()->id, {{{}, MusicalAnchor{Ticks(960)}, flash, {}}});
        const auto spans_at = [&](const Project& of, std::size_t lane) {
            return spans_of(of, *of.lanes[lane], resolve(of, *of.lanes[lane]));
        };
        for (const char* rate : {"60", "24", "29.97"}) {
            const auto other = with_frame_rate(project, *FrameRate::parse(rate));
            const double fps = other.settings->frame_rate.per_second();
            const std::size_t lane = project.lanes.size() - 2;
            const auto before = spans_at(project, lane).motion.pulses(),
                       after = spans_at(other, lane).motion.pulses();
            QCOMPARE(after.size(), std::size_t{3});
            for (std::size_t i = 0; i < after.size(); ++i)
                for (const auto edge :
                     {&PulseSpan::start, &PulseSpan::peak, &PulseSpan::hold_end, &PulseSpan::end})
                    // Half a frame of either rate for the beat, and of the new one for the lead and the
                    // offset.
                    QVERIFY(std::abs(after[i].*edge / fps - before[i].*edge / 20) <=
                            0.5 / 20 + 1.5 / fps + 1e-9);
            const auto flash_before = spans_at(project, lane + 1).triggers[0],
                       flash_after = spans_at(other, lane + 1).triggers[0];
            QVERIFY(std::abs(static_cast<double>(flash_after.end.value) / fps -
                             static_cast<double>(flash_before.end.value) / 20) <=
                    0.5 / 20 + 0.5 / fps + 1e-9);
            QVERIFY(std::holds_alternative<Frames>(other.lanes[lane]->lead));
        }
        // There and back is the same again.
        QVERIFY(same_content(
            with_frame_rate(with_frame_rate(project, *FrameRate::parse("60")), *FrameRate::parse("20")),
            project));
    }

    void all_of_it_is_kept_in_the_file() {
        auto project = with_keys({{1, 0.25}, {2, -3}}, "bounce-out");
        project = *with_lead(project, project.lanes.back()->id, Seconds(0.04));
        project = with_lane(project, kind_that_follows(), "Kick");
        Motion motion;
        motion.own = {"scale", "%", 60, 130, {LayerId{1}, "scale"}, Feed::Limits{0, 200}, Seconds(0.1)};
        motion.follower = {"level",
                           {{"measure", "peak"},
                            {"part", "percussive"},
                            {"channel", "left"},
                            {"from", 30.0},
                            {"until", 110.0}},
                           {{"gate", {{"opens", 0.3}, {"closes", 0.1}}},
                            {"maximum", {{"other", project.lanes[2]->id}}, true}}};
        motion.feeds = {{"blur", "px", 12, 0, {LayerId{2}, "blur"}, {}, Frames(-4)}};
        project = *with_motion(project, project.lanes.back()->id, motion);
        project = *with_pins(project, project.lanes.back()->id,
                             {{{}, TimeAnchor{Seconds(1)}, KeyBody{0.5, ease("sine-in")}, {}}});
        Layer title{{}, layers::title, "Words"};
        title.text = "let it rise";
        title.colour = {0x123456};
        title.hidden = true;
        title.values = {{"scale", 80}, {"blur", 2.5}};
        project = *with_layer(project, title);
        Pulse mine;
        mine.name = "mine";
        mine.rising.handles = {0.1, 0.2, 0.3, 0.4};
        project = *with_pulse_kept(project, mine);
        project = with_lane(project, kind_of(body_type<PulseBody>), "Pulses");
        PulseBody own;
        own.shape = std::make_shared<const Pulse>(mine);
        project = *with_pins(project, project.lanes.back()->id, {{{}, TimeAnchor{Seconds(1)}, own, {}}});
        const auto text = project_to_json(project, "/work");
        const auto back = project_from_json(text, "/work");
        QVERIFY2(back.has_value(), back ? "" : back.error().message().c_str());
        QVERIFY(same_content(project, *back));
        QCOMPARE(project_to_json(*back, "/work"), text);
    }

    void damaged_layers_are_refused_by_name() {
        const auto text = QString::fromStdString(project_to_json(steady_project(), ""));
        const auto refused = [&](const char* from, const char* to) {
            QString broken = text;
            broken.replace(from, to);
            const auto read = project_from_json(broken.toStdString(), "");
            return !read && broken != text ? read.error().message() : std::string();
        };
        QVERIFY(refused("\"kind\": \"camera\"", "\"kind\": \"shots\"").find("camera") != std::string::npos);
        QVERIFY(refused("\"kind\": \"camera\"", "\"kind\": \"lens\"").find("lens") != std::string::npos);
    }

    void files_of_before_have_a_picture_of_shots() {
        QString text = QString::fromStdString(project_to_json(steady_project(), ""));
        text.replace(QString("\"version\": %1").arg(project_format_version), "\"version\": 1");
        const auto start = text.indexOf(" \"layers\":");
        text.remove(start, text.indexOf("\n ],", start) + 5 - start);
        const auto read = project_from_json(text.toStdString(), "");
        QVERIFY2(read.has_value(), read ? "" : read.error().message().c_str());
        Stage before_overscan;
        for (auto& layer : before_overscan.layers)
            layer.values.clear(); // what is there looks as it did
        QCOMPARE(*read->stage, before_overscan);
    }
};

PULSEPIN_TEST_CLASS(TestKeys, "test_keys")
#include "test_keys.moc"
