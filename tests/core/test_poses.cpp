// SPDX-License-Identifier: GPL-3.0-or-later
//
// Poses: all that places a layer, as one key.
#include "hand/hand_edits.h"
#include "hand/poses.h"
#include "hand/seen_values.h"
#include "interchange/lottie.h"
#include "interchange/project_json.h"
#include "interchange/property_keys.h"
#include "kinds/layer_kinds.h"
#include "model/duplicate_edits.h"
#include "model/lane_edits.h"
#include "model/piece_edits.h"
#include "model/stage_edits.h"
#include "schedule/place.h"
#include "stage/staged_frame.h"
#include "support/projects.h"
#include "support/test_program.h"

#include <QTest>

using namespace pulsepin;
using namespace pulsepin::test;

namespace {

struct PoseScene {
    Project project = steady_project(); // 120 BPM, 24 frames a second: a beat is 12 frames
    LayerId logo;

    PoseScene() {
        Layer layer{{}, layers::shape, "Logo"};
        layer.values = {{"position-x", 40}, {"scale", 80}};
        project = *with_layer(project, layer);
        logo = project.stage->layers[1].id;
    }
    bool pose(std::int64_t frame, std::vector<PinId> at = {}) {
        auto posed =
            with_pose(Schedule(project), logo, project.settings->frame_rate.start_of(Frames(frame)), at);
        if (posed)
            project = posed->project;
        return posed.has_value();
    }
    bool put(const SeenValues& values, std::int64_t frame) {
        auto next = with_seen_values({Schedule(project)}, logo, values, Frames(frame));
        if (next)
            project = *std::move(next);
        return next.has_value();
    }
    [[nodiscard]] const Lane& lane() const { return *pose_lane_of(project, logo); }
    [[nodiscard]] double seen(const char* parameter, double frame) const {
        return staged_at({Schedule(project)}, Frames(static_cast<std::int64_t>(frame)))
            .layers[1]
            .values.of(parameter);
    }
};

} // namespace

class TestPoses : public QObject {
    Q_OBJECT
private slots:
    void what_is_seen_becomes_one_key() {
        PoseScene scene;
        QVERIFY(scene.pose(24));
        QCOMPARE(scene.lane().name, std::string("Logo poses"));
        QCOMPARE(scene.lane().pins.size(), std::size_t{1});
        const auto& body = body_of<PoseBody>(scene.lane().pins[0].body);
        QCOMPARE(body.values, (std::array<double, pose_size>{40, 0, 80, 0, 100}));
        QCOMPARE(scene.lane().pins[0].anchor, Anchor(MusicalAnchor{Ticks(2 * 960)}));
        QCOMPARE(scene.seen("position-x", 300), 40.0); // it changes nothing yet
        // A second one there is the same one.
        QVERIFY(scene.pose(24));
        QCOMPARE(scene.lane().pins.size(), std::size_t{1});
        QVERIFY(!scene.project.lanes.empty());
        QVERIFY(!with_pose(Schedule(scene.project), LayerId{99}, Seconds(0)));
    }

    void what_is_dragged_changes_the_pose_there_or_makes_one() {
        PoseScene scene;
        QVERIFY(scene.pose(0));
        QVERIFY(scene.pose(48));
        QVERIFY(scene.put({{"position-x", 140}, {"rotation", 90}}, 48));
        QCOMPARE(scene.lane().pins.size(), std::size_t{2});
        QCOMPARE(scene.seen("position-x", 48), 140.0);
        QCOMPARE(scene.seen("rotation", 48), 90.0);
        QCOMPARE(scene.seen("position-x", 0), 40.0);
        // Half the way in time is half the way by the usual ease, which is even (sine in and out).
        QVERIFY(std::abs(scene.seen("position-x", 24) - 90) < 1e-9);
        QVERIFY(scene.put({{"scale", 200}}, 24));
        QCOMPARE(scene.lane().pins.size(), std::size_t{3});
        QVERIFY(std::abs(scene.seen("position-x", 24) - 90) < 1e-9); // all else as it was there
        QCOMPARE(scene.seen("scale", 24), 200.0);
    }

    void poses_hang_on_markers_and_go_with_them() {
        PoseScene scene;
        std::vector<PinId> markers;
        for (const double at : {1.0, 2.0, 4.0}) {
            markers.push_back(PinId{scene.project.next_id});
            scene.project =
                *with_pins(scene.project, lane_of_kind(scene.project, kind_of(body_type<MarkerBody>)),
                           {{{}, TimeAnchor{Seconds(at)}, MarkerBody{"m", ""}, {}}});
        }
        QVERIFY(scene.pose(0, markers));
        QCOMPARE(scene.lane().pins.size(), std::size_t{3});
        const auto frames = [&] {
            std::vector<std::int64_t> all;
            for (const auto& pin : resolve(scene.project, scene.lane()).pins)
                all.push_back(pin.frame.value);
            return all;
        };
        QCOMPARE(frames(), (std::vector<std::int64_t>{24, 48, 96}));
        scene.project = *with_anchor(scene.project, markers[1], TimeAnchor{Seconds(3)});
        QCOMPARE(frames(), (std::vector<std::int64_t>{24, 72, 96}));
        scene.project = *with_lead(scene.project, scene.lane().id, Frames(2));
        QCOMPARE(frames(), (std::vector<std::int64_t>{22, 70, 94}));
        QVERIFY(scene.put({{"position-y", -50}}, 70)); // the pose there, lead included
        QCOMPARE(scene.lane().pins.size(), std::size_t{3});
    }

    void a_key_in_this_frame_may_act_on_the_next() {
        PoseScene scene;
        QVERIFY(scene.pose(0));
        const LaneId lane = scene.lane().id;
        // 20.7 frames: seen on frame 20, acts on 21.
        scene.project =
            *with_pins(scene.project, lane, {{{}, TimeAnchor{Seconds(20.7 / 24)}, PoseBody{}, {}}});
        const auto keyed = [&](std::int64_t frame) {
            return keyed_frame({Schedule(scene.project)}, scene.logo, Frames(frame)).value;
        };
        QCOMPARE(keyed(20), 21);
        QCOMPARE(keyed(21), 21);
        QCOMPARE(keyed(19), 19);
        QCOMPARE(keyed(0), 0);
    }

    void what_pulses_add_comes_on_top_whichever_lane_is_first() {
        for (const bool pulses_first : {true, false}) {
            PoseScene scene;
            const auto add_pulses = [&] {
                scene.project = with_lane(scene.project, kind_of(body_type<PulseBody>), "Hits");
                Motion motion = *part_of<Motion>(*scene.project.lanes.back());
                motion.own = {"scale", "%", 100, 130, {scene.logo, "scale"}};
                motion.pulse.up = {Length::Unit::InFrames, 2};
                scene.project = *with_motion(scene.project, scene.project.lanes.back()->id, motion);
                scene.project = *with_pins(scene.project, scene.project.lanes.back()->id,
                                           {{{}, TimeAnchor{Seconds(2)}, PulseBody{}, {}}});
            };
            if (pulses_first)
                add_pulses();
            QVERIFY(scene.pose(0));
            if (!pulses_first)
                add_pulses();
            // What is driven already is seen as it was; else its own value goes into the pose. At the peak 30
            // more.
            const double rest = pulses_first ? 100 : 80;
            QCOMPARE(scene.seen("scale", 10), rest);
            QCOMPARE(scene.seen("scale", 50), rest + 30);
        }
    }

    void exports_split_them_into_their_properties() {
        PoseScene scene;
        QVERIFY(scene.pose(0));
        QVERIFY(scene.pose(48));
        QVERIFY(scene.put({{"position-x", 140}, {"rotation", 90}, {"opacity", 50}}, 48));
        const auto written = keys_of_properties(Curves{Schedule(scene.project)});
        QCOMPARE(written.size(), std::size_t{5});
        const auto property = [&](const std::string& name) {
            return *std::find_if(written.begin(), written.end(),
                                 [&](const PropertyKeys& one) { return one.property == name; });
        };
        QCOMPARE(property("position x").keys.size(), std::size_t{2});
        QCOMPARE(property("position x").keys[1].value, 140.0);
        QCOMPARE(property("position x").keys[1].frame, Frames(48));
        QCOMPARE(property("position x").keys[1].easing.id, std::string("sine-in-out"));
        QCOMPARE(property("rotation").keys[1].value, 90.0);
        QCOMPARE(property("opacity").keys[0].value, 100.0);
        QCOMPARE(property("opacity").unit, std::string("%"));
        const auto each = frames_of_properties(Curves{Schedule(scene.project)});
        QVERIFY(std::abs(each[0].keys[24].value - 90) < 1e-9);
    }

    void the_file_keeps_them_and_the_piece_grows_with_them() {
        PoseScene scene;
        QVERIFY(scene.pose(24));
        QVERIFY(scene.put({{"position-x", 140}, {"position-y", -60}}, 24));
        const auto read = project_from_json(project_to_json(scene.project, {}), {});
        QVERIFY2(read.has_value(), read ? "" : read.error().message().c_str());
        QVERIFY(same_content(*read, scene.project));
        const Project tall = *with_picture_size(scene.project, 640, 1440);
        const auto& body = body_of<PoseBody>(pose_lane_of(tall, scene.logo)->pins[0].body);
        QCOMPARE(body.values[0], 70.0);
        QCOMPARE(body.values[1], -120.0);
    }

    void a_copy_of_a_layer_has_poses_of_its_own() {
        PoseScene scene;
        QVERIFY(scene.pose(24));
        const Project twice = *with_layer_duplicated(scene.project, scene.logo, Frames(0));
        const LayerId copy = twice.stage->layers[2].id;
        QVERIFY(pose_lane_of(twice, copy) && pose_lane_of(twice, copy) != pose_lane_of(twice, scene.logo));
        QCOMPARE(part_of<Motion>(*pose_lane_of(twice, copy))->feeds.size(), pose_size - 1);
        QCOMPARE(pose_lane_of(twice, copy)->pins.size(), std::size_t{1});
    }

    void values_and_shapes_are_taken_from_others() {
        PoseScene scene;
        scene.project = *with_layer(scene.project, {{}, layers::title, "Words", {}, {}, {}, "rise"});
        const LayerId words = scene.project.stage->layers[2].id;
        const Project taken = *with_values_of(scene.project, words, scene.logo);
        QCOMPARE(taken.stage->layer(words)->values, scene.project.stage->layer(scene.logo)->values);
        QCOMPARE(taken.stage->layer(words)->text, std::string("rise"));
        Project project = with_lane(scene.project, kind_of(body_type<PulseBody>), "One");
        const LaneId one = project.lanes.back()->id;
        project = with_lane(project, kind_of(body_type<PulseBody>), "Other");
        const LaneId other = project.lanes.back()->id;
        Motion motion = *part_of<Motion>(*project.lane(one));
        motion.pulse.up = {Length::Unit::InFrames, 7};
        motion.own.high = 300;
        project = *with_motion(project, one, motion);
        const Project shaped = *with_shape_of(project, other, one);
        QCOMPARE(part_of<Motion>(*shaped.lane(other))->pulse, motion.pulse);
        QCOMPARE(part_of<Motion>(*shaped.lane(other))->own.high, Feed{}.high); // its range is its own
        QVERIFY(!with_shape_of(project, other, lane_of_kind(project, kind_of(body_type<CutBody>))));
    }

    void pickers_place_them_and_they_are_set_by_number() {
        PoseScene scene;
        QVERIFY(scene.pose(0));
        Picker picker;
        picker.whole = true;
        const auto placed = place(scene.project, scene.lane().id, picker);
        QVERIFY(placed && placed->count > 100);
        PinSet pins;
        for (const auto& pin : scene.lane().pins)
            pins.insert(pin.id);
        const auto set = hand_edit("set")->run({Schedule(scene.project),
                                                pins,
                                                {},
                                                {},
                                                {},
                                                {{"rotation", 45.0}, {"easing", Easing{"bounce-out"}}}});
        QVERIFY(set.has_value());
        const auto& body = body_of<PoseBody>(pose_lane_of(set->project, scene.logo)->pins[0].body);
        QCOMPARE(body.values[3], 45.0);
        QCOMPARE(body.values[0], 40.0); // what was not told stays
        QCOMPARE(body.easing.id, std::string("bounce-out"));
    }

    void a_pivot_is_what_a_layer_turns_about() {
        PoseScene scene;
        Layer logo = *scene.project.stage->layer(scene.logo);
        logo.values = {{"rotation", 90}, {"pivot-x", 100}};
        scene.project = *with_changed_layer(scene.project, logo);
        const auto placed = placement_of(staged_at({Schedule(scene.project)}, Frames(0)).layers[1].values, 0);
        QCOMPARE(placed.pivot_x, 100.0);
        QCOMPARE(placed.rotation, 90.0);
        // A Lottie file has it as the anchor, and the layer's place counts from there (Lottie specification,
        // layers/transform: "a" is the anchor point, "p" where it lies).
        const auto written = write_lottie(scene.project);
        QVERIFY(written.has_value());
        QVERIFY2(written->find(R"("p":{"a":0,"k":[100.0,0.0,0.0]},"a":{"a":0,"k":[100.0,0.0,0.0]})") !=
                     std::string::npos,
                 written->substr(0, 1500).c_str());
    }
};

PULSEPIN_TEST_CLASS(TestPoses, "test_poses")
#include "test_poses.moc"
