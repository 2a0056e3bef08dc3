// SPDX-License-Identifier: GPL-3.0-or-later
//
// The piece as a whole: its size, and what it is called where it is handed on.
#include "follow/feeds.h"
#include "interchange/chapters_vtt.h"
#include "interchange/edl.h"
#include "interchange/lottie.h"
#include "interchange/project_json.h"
#include "kinds/kinds.h"
#include "kinds/layer_kinds.h"
#include "model/duplicate_edits.h"
#include "model/edits.h"
#include "model/lane_edits.h"
#include "model/piece_edits.h"
#include "model/stage_edits.h"
#include "support/projects.h"
#include "support/test_program.h"

#include <QTest>
#include <algorithm>
#include <set>

using namespace pulsepin;
using namespace pulsepin::test;

class TestPiece : public QObject {
    Q_OBJECT
private slots:
    void layers_keep_their_place_in_another_size() {
        Project project = steady_project(); // 1280 x 720
        Layer logo{{}, layers::shape, "Logo"};
        logo.values = {{"position-x", 320}, {"position-y", -90}, {"scale", 150}};
        project = *with_layer(project, logo);
        const LayerId id = project.stage->layers[1].id;
        project = with_lane(project, kind_of(body_type<KeyBody>), "x");
        const LaneId lane = project.lanes.back()->id;
        Motion motion = *part_of<Motion>(*project.lane(lane));
        motion.own = {"x", "px", -100, 200, {id, "position-x"}, Feed::Limits{-10'000, 10'000}};
        motion.feeds.push_back({"turn", "°", 0, 10, {id, "rotation"}});
        project = *with_motion(project, lane, motion);
        project = *with_pins(
            project, lane,
            {{{}, TimeAnchor{Seconds(1)}, KeyBody{80}, {}}, {{}, TimeAnchor{Seconds(3)}, KeyBody{-40}, {}}});
        const auto driven = [&](const Project& p, const char* parameter, double frame) {
            return *driven_value({Schedule(p)}, {id, parameter}, frame);
        };
        const Project upright = *with_picture_size(project, 720, 1280);
        const auto& values = upright.stage->layer(id)->values;
        QCOMPARE(values.at("position-x"), 320 * 720.0 / 1280);
        QCOMPARE(values.at("position-y"), -90 * 1280.0 / 720);
        QCOMPARE(values.at("scale"), 150.0);
        for (const double frame : {24.0, 40.0, 72.0}) {
            QVERIFY(std::abs(driven(upright, "position-x", frame) -
                             driven(project, "position-x", frame) * 720 / 1280) < 1e-9);
            QVERIFY(std::abs(driven(upright, "rotation", frame) - driven(project, "rotation", frame)) < 1e-9);
        }
        // And back again, all is as it was.
        const Project back = *with_picture_size(upright, 1280, 720);
        QVERIFY(std::abs(back.stage->layer(id)->values.at("position-x") - 320) < 1e-9);
        QVERIFY(std::abs(driven(back, "position-x", 40) - driven(project, "position-x", 40)) < 1e-9);
        QVERIFY(!with_picture_size(project, 0, 720));
        QVERIFY(!with_picture_size(project, 1280, 20'000));
    }

    void a_layer_is_duplicated_with_the_lanes_that_drive_it() {
        Project project = steady_project();
        project = *with_layer(project, {{}, layers::shape, "Kite"});
        const LayerId kite = project.stage->layers[1].id;
        project = *with_layer(project, {{}, layers::title, "Words"});
        project = with_lane(project, kind_of(body_type<KeyBody>), "Kite x");
        const LaneId lane = project.lanes.back()->id;
        Motion motion = *part_of<Motion>(*project.lane(lane));
        motion.own = {"x", "px", 0, 100, {kite, "position-x"}};
        motion.feeds = {{"s", "%", 100, 200, {project.stage->layers[2].id, "scale"}},
                        {"r", "°", 0, 90, {kite, "rotation"}}};
        project = *with_motion(project, lane, motion);
        project = *with_pins(
            project, lane,
            {{{}, TimeAnchor{Seconds(1)}, KeyBody{0}, {}}, {{}, TimeAnchor{Seconds(3)}, KeyBody{80}, {}}});
        const Project twice = *with_layer_duplicated(project, kite, Frames(6));
        QCOMPARE(twice.stage->layers.size(), project.stage->layers.size() + 1);
        const Layer& copy = twice.stage->layers[2];
        QCOMPARE(copy.name, std::string("Kite 2"));
        QCOMPARE(twice.stage->layers[3].name, std::string("Words")); // above the copy, as above the first
        const Curves curves{Schedule(twice)};
        for (const double frame : {30.0, 45.0, 70.0}) {
            QCOMPARE(*driven_value(curves, {copy.id, "position-x"}, frame + 6),
                     *driven_value(curves, {kite, "position-x"}, frame));
            QCOMPARE(*driven_value(curves, {copy.id, "rotation"}, frame + 6),
                     *driven_value(curves, {kite, "rotation"}, frame));
            // What the lane drove besides is driven once, as before.
            QCOMPARE(*driven_value(curves, {project.stage->layers[2].id, "scale"}, frame),
                     *driven_value({Schedule(project)}, {project.stage->layers[2].id, "scale"}, frame));
        }
        QVERIFY(!with_layer_duplicated(project, project.stage->layers.back().id)); // one camera
        const Project again = *with_layer_duplicated(twice, copy.id);
        QCOMPARE(again.stage->layers[3].name, std::string("Kite 3"));
    }

    void a_lane_is_duplicated_with_its_pins_or_without() {
        Project project = with_random_pins(steady_project(), 3, 40);
        const auto ids = [](const Project& p) {
            std::set<std::uint64_t> all;
            for (const auto& lane : p.lanes)
                for (const auto& pin : lane->pins)
                    all.insert(pin.id.value);
            return all;
        };
        for (const auto& lane : project.lanes) {
            const Project twice = *with_lane_duplicated(project, lane->id, true);
            QCOMPARE(twice.lanes.size(), project.lanes.size() + 1);
            QCOMPARE(ids(twice).size(), ids(project).size() + lane->pins.size()); // no id twice
            const Schedule before(project), then(twice);
            const auto at = static_cast<std::size_t>(
                std::find(project.lanes.begin(), project.lanes.end(), lane) - project.lanes.begin());
            QCOMPARE(then[at + 1].pins.size(), before[at].pins.size());
            for (std::size_t i = 0; i < before[at].pins.size(); ++i)
                QCOMPARE(then[at + 1].pins[i].time, before[at].pins[i].time);
            QVERIFY(with_lane_duplicated(project, lane->id, false)->lanes[at + 1]->pins.empty());
        }
        QVERIFY(!with_lane_duplicated(project, LaneId{999'999}, true));
    }

    void what_the_piece_is_called_is_handed_on() {
        Project project = steady_project();
        const LaneId lane = project.first_lane(body_type<CutBody>)->id;
        project =
            *with_pins(project, lane,
                       {{{}, MusicalAnchor{Ticks(0)}, CutBody{project.shots().front()->id, Seconds(0)}, {}}});
        project = with_piece_named(project, "Kite day", "A & B", "first\nversion --> two");
        const ExportMaterial material(project);
        const auto edl = *write_edl(material);
        QVERIFY(edl.find("TITLE: Kite day") != std::string::npos);
        QVERIFY(edl.find("* AUTHOR: A & B\n") != std::string::npos);
        QVERIFY(edl.find("* REMARKS: first version --> two\n") != std::string::npos);
        const auto vtt = *write_chapters_vtt(material);
        // WebVTT (W3C): a comment block has no "-->" in it, and ends with an empty line.
        const auto note = vtt.substr(0, vtt.find("\n\n1\n"));
        QVERIFY(note.find("NOTE Kite day · A &amp; B · first version") != std::string::npos);
        QVERIFY(note.find("-->") == std::string::npos);
        // It is kept in the project's file.
        const auto read = project_from_json(project_to_json(project, {}), {});
        QVERIFY(read);
        QCOMPARE(read->settings->author, std::string("A & B"));
        QCOMPARE(read->settings->remarks, std::string("first\nversion --> two"));
    }
};

PULSEPIN_TEST_CLASS(TestPiece, "test_piece")
#include "test_piece.moc"
