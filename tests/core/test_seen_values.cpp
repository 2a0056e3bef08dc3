// SPDX-License-Identifier: GPL-3.0-or-later
//
// What is seen of a layer is changed by hand: own values, keys at a frame, ranges of pulses.
#include "hand/seen_values.h"
#include "kinds/layer_kinds.h"
#include "model/lane_edits.h"
#include "model/stage_edits.h"
#include "support/projects.h"
#include "support/test_program.h"

#include <QTest>

using namespace pulsepin;
using namespace pulsepin::test;

namespace {

struct DrivenScene {
    Project project = steady_project(); // 120 BPM, 24 frames a second
    LayerId logo;
    LaneId lane;

    DrivenScene() {
        project = *with_layer(project, {{}, layers::shape, "Logo"});
        logo = project.stage->layers[1].id;
    }
    /// A lane that drives one parameter of the logo between 0 and 100.
    void drive(const char* parameter, BodyType does) {
        project = with_lane(project, kind_of(does), parameter);
        lane = project.lanes.back()->id;
        Motion motion = *part_of<Motion>(*project.lane(lane));
        motion.own = {parameter, "px", 0, 100, {logo, parameter}};
        project = *with_motion(project, lane, motion);
    }
    void key(double seconds, double value, const char* easing = "linear") {
        project =
            *with_pins(project, lane, {{{}, TimeAnchor{Seconds(seconds)}, KeyBody{value, {easing}}, {}}});
    }
    [[nodiscard]] Curves curves() const { return {Schedule(project)}; }
    [[nodiscard]] double seen(const char* parameter, double frame) const {
        const auto value = driven_value(curves(), {logo, parameter}, frame);
        return value ? *value : project.stage->layer(logo)->values.at(parameter);
    }
    bool put(const SeenValues& values, std::int64_t frame) {
        auto next = with_seen_values(curves(), logo, values, Frames(frame));
        if (next)
            project = *std::move(next);
        return next.has_value();
    }
};

} // namespace

class TestSeenValues : public QObject {
    Q_OBJECT
private slots:
    void what_nothing_drives_is_the_layers_own() {
        DrivenScene scene;
        QVERIFY(scene.put({{"position-x", 120}, {"rotation", 14}}, 100));
        QCOMPARE(scene.seen("position-x", 0), 120.0);
        QCOMPARE(scene.seen("rotation", 900), 14.0);
    }

    void a_key_is_set_at_the_frame_and_changed_where_there_is_one() {
        DrivenScene scene;
        scene.drive("position-x", body_type<KeyBody>);
        scene.key(1, 0);
        scene.key(3, 80, "sine-out");
        QVERIFY(scene.put({{"position-x", 33}, {"scale", 150}}, 49));
        QCOMPARE(scene.project.lane(scene.lane)->pins.size(), std::size_t{3});
        QCOMPARE(scene.seen("position-x", 49), 33.0);
        QCOMPARE(scene.seen("position-x", 24), 0.0);
        QCOMPARE(scene.seen("position-x", 72), 80.0);
        QCOMPARE(scene.seen("scale", 300), 150.0); // nothing drives it
        QCOMPARE(body_of<KeyBody>(scene.project.lane(scene.lane)->pins[2].body).easing.id,
                 std::string("sine-out")); // as the way had it on which it was put
        QVERIFY(scene.put({{"position-x", 44}}, 49));
        QCOMPARE(scene.project.lane(scene.lane)->pins.size(), std::size_t{3});
        QCOMPARE(scene.seen("position-x", 49), 44.0);
    }

    void leads_are_taken_into_account() {
        DrivenScene scene;
        scene.drive("position-x", body_type<KeyBody>);
        scene.project = *with_lead(scene.project, scene.lane, Frames(2));
        Motion motion = *part_of<Motion>(*scene.project.lane(scene.lane));
        motion.own.lead = Frames(3);
        scene.project = *with_motion(scene.project, scene.lane, motion);
        scene.key(1, 0);
        scene.key(5, 80);
        QVERIFY(scene.put({{"position-x", 7}}, 60));
        QCOMPARE(scene.seen("position-x", 60), 7.0);
        QVERIFY(scene.put({{"position-x", 9}}, 60));
        QCOMPARE(scene.project.lane(scene.lane)->pins.size(), std::size_t{3});
        QCOMPARE(scene.seen("position-x", 60), 9.0);
    }

    void another_property_of_a_lane_keeps_its_own_range() {
        DrivenScene scene;
        scene.drive("position-x", body_type<KeyBody>);
        Motion motion = *part_of<Motion>(*scene.project.lane(scene.lane));
        motion.feeds.push_back({"scale", "%", 100, 200, {scene.logo, "scale"}});
        scene.project = *with_motion(scene.project, scene.lane, motion);
        scene.key(1, 0);
        scene.key(3, 100);
        QVERIFY(scene.put({{"scale", 130}}, 48));
        QVERIFY(std::abs(scene.seen("scale", 48) - 130) < 1e-9);
        QVERIFY(std::abs(scene.seen("position-x", 48) - 30) < 1e-9);
    }

    void of_pulses_the_range_moves() {
        DrivenScene scene;
        scene.drive("scale", body_type<PulseBody>);
        scene.project =
            *with_pins(scene.project, scene.lane, {{{}, MusicalAnchor{Ticks(4 * 960)}, PulseBody{}, {}}});
        const double peak = scene.seen("scale", 49), rest = scene.seen("scale", 10);
        QVERIFY(peak > rest);
        QVERIFY(scene.put({{"scale", rest + 25}}, 10));
        QCOMPARE(scene.seen("scale", 10), rest + 25);
        QCOMPARE(scene.seen("scale", 49), peak + 25);
    }

    void a_locked_lane_stays_as_it_is() {
        DrivenScene scene;
        scene.drive("position-x", body_type<KeyBody>);
        scene.key(1, 5);
        scene.project = *with_lane_locked(scene.project, scene.lane, true);
        const Project before = scene.project;
        QVERIFY(!scene.put({{"position-x", 50}}, 24));
        QVERIFY(scene.project.lanes == before.lanes && scene.project.stage == before.stage);
        QVERIFY(!with_seen_values(scene.curves(), LayerId{999}, {{"scale", 1}}, Frames(0)));
    }
};

PULSEPIN_TEST_CLASS(TestSeenValues, "test_seen_values")
#include "test_seen_values.moc"
