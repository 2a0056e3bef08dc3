// SPDX-License-Identifier: GPL-3.0-or-later
//
// The piece as a whole: its size, and what it is called where it is handed on.
#include "follow/feeds.h"
#include "interchange/chapters_vtt.h"
#include "interchange/edl.h"
#include "interchange/lottie.h"
#include "interchange/project_json.h"
#include "kinds/kinds.h"
#include "model/edits.h"
#include "model/lane_edits.h"
#include "model/piece_edits.h"
#include "model/stage_edits.h"
#include "support/projects.h"

#include <QTest>

using namespace pulsepin;
using namespace pulsepin::test;

class TestPiece : public QObject {
    Q_OBJECT
private slots:
    void layers_keep_their_place_in_another_size() {
        Project project = steady_project(); // 1280 x 720
        Layer logo{{}, LayerKind::Shape, "Logo"};
        logo.values = {{"position-x", 320}, {"position-y", -90}, {"scale", 150}};
        project = *with_layer(project, logo);
        const LayerId id = project.stage->layers[1].id;
        project = with_lane(project, kind_that(&LaneKindRow::keyed), "x");
        const LaneId lane = project.lanes.back()->id;
        Motion motion = *project.lane(lane)->motion;
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

    void what_the_piece_is_called_is_handed_on() {
        Project project = steady_project();
        const LaneId lane = project.first_lane(&LaneKindRow::cuts)->id;
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

QTEST_APPLESS_MAIN(TestPiece)
#include "test_piece.moc"
