// SPDX-License-Identifier: GPL-3.0-or-later
//
// What the mouse does to layers of the picture and to the camera, without a window.
#include "kinds/kinds.h"
#include "kinds/layer_kinds.h"
#include "picture/picture_gestures.h"
#include "support/test_program.h"

#include <QTest>
#include <cmath>

using namespace pulsepin;

namespace {

struct Frame {
    StagedFrame staged;
    Project project = new_project();
    LayerId kite{7}, sign{8};

    Frame() {
        staged.layers.push_back({layers::shape, kite, {}, "disc", {}, LayerValues()});
        staged.layers.push_back({layers::shape, sign, {}, "disc", {}, LayerValues()});
        staged.layers[1].values.set("position-x", 100);
        staged.layers[1].values.set("position-y", -50);
    }
    [[nodiscard]] PictureGesture::Draft drag(LayerId layer, PictureGrip grip, QPointF from, QPointF to,
                                             double reach = 0, bool steps = false,
                                             bool camera = false) const {
        const auto gesture = picture_gesture(staged, layer, camera, QRectF(-40, -40, 80, 80), grip, from,
                                             guide_lines(staged, project, layer));
        return gesture->at(to, steps, reach);
    }
    void turn_camera(double degrees, double scale, double x, double y) {
        staged.camera.set("rotation", degrees);
        staged.camera.set("scale", scale);
        staged.camera.set("position-x", x);
        staged.camera.set("position-y", y);
    }
};

} // namespace

class TestPictureGestures : public QObject {
    Q_OBJECT
private slots:
    void a_layer_goes_with_the_mouse() {
        const Frame frame;
        const auto draft = frame.drag(frame.sign, PictureGrip::Body, {110, -40}, {160, -100});
        QCOMPARE(draft.values, (SeenValues{{"position-x", 150}, {"position-y", -110}}));
        QVERIFY(draft.guides.empty());
    }

    void what_the_mouse_holds_stays_under_it_however_the_camera_looks() {
        Frame frame;
        frame.turn_camera(30, 150, -80, 40);
        const auto place = [&] { return seen_place(frame.staged, frame.staged.layers[1]).map(QPointF()); };
        const QPointF before = place(), to = before + QPointF(93, -41);
        const auto draft = frame.drag(frame.sign, PictureGrip::Body, before, to);
        for (const auto& [id, value] : draft.values)
            frame.staged.layers[1].values.set(id, value);
        QVERIFY(QLineF(place(), to).length() < 0.75); // whole and half pixels are kept
    }

    void lines_pull_the_middle_and_edges_the_sides() {
        const Frame frame;
        auto draft = frame.drag(frame.kite, PictureGrip::Body, {0, 0}, {208, 4}, 8);
        QCOMPARE(draft.values.at("position-x"), 213.5); // a third of 1280, to half a pixel
        QCOMPARE(draft.values.at("position-y"), 0.0);
        QCOMPARE(draft.guides.size(), std::size_t{2});
        draft = frame.drag(frame.kite, PictureGrip::Body, {0, 0}, {596, 200}, 8);
        QCOMPARE(draft.values.at("position-x"), 600.0); // its right side on the frame's
        QCOMPARE(draft.values.at("position-y"), 200.0);
        draft = frame.drag(frame.kite, PictureGrip::Body, {0, 0}, {596, 200}, 0);
        QCOMPARE(draft.values.at("position-x"), 596.0);
    }

    void along_one_axis() {
        const Frame frame;
        const auto draft = frame.drag(frame.kite, PictureGrip::Body, {0, 0}, {90, 30}, 0, true);
        QCOMPARE(draft.values, (SeenValues{{"position-x", 90}, {"position-y", 0}}));
    }

    void a_corner_scales_and_the_arm_turns() {
        const Frame frame;
        QCOMPARE(frame.drag(frame.kite, PictureGrip::Corner, {40, 40}, {60, 60}).values.at("scale"), 150.0);
        QCOMPARE(frame.drag(frame.kite, PictureGrip::Corner, {40, 40}, {53, 53}, 0, true).values.at("scale"),
                 130.0);
        QCOMPARE(frame.drag(frame.kite, PictureGrip::Corner, {40, 40}, {40.3, 40.3}, 5).values.at("scale"),
                 100.0);
        QCOMPARE(frame.drag(frame.kite, PictureGrip::Arm, {0, -60}, {60, 0}).values.at("rotation"), 90.0);
        QCOMPARE(frame.drag(frame.kite, PictureGrip::Arm, {0, -60}, {-60, 0}).values.at("rotation"), -90.0);
        QCOMPARE(frame.drag(frame.kite, PictureGrip::Arm, {0, -60}, {20, -60}, 0, true).values.at("rotation"),
                 15.0);
        QCOMPARE(frame.drag(frame.kite, PictureGrip::Arm, {0, -60}, {59, 1}, 5).values.at("rotation"), 90.0);
    }

    void the_camera_takes_the_picture_along() {
        Frame frame;
        const auto draft = frame.drag({}, PictureGrip::Body, {0, 0}, {30, 20}, 0, false, true);
        QCOMPARE(draft.values, (SeenValues{{"position-x", -30}, {"position-y", -20}}));
        // Its frame drawn in shows less: it comes closer.
        QCOMPARE(
            frame.drag({}, PictureGrip::Corner, {300, 200}, {150, 100}, 0, false, true).values.at("scale"),
            200.0);
        frame.turn_camera(90, 200, 0, 0);
        const auto turned = frame.drag({}, PictureGrip::Body, {0, 0}, {0, 40}, 0, false, true);
        QVERIFY(std::abs(turned.values.at("position-x") - 20) < 1);
        QVERIFY(std::abs(turned.values.at("position-y")) < 1);
    }

    void the_camera_on_a_box_shows_all_of_it() {
        const auto values = camera_on({100, -60, 320, 90}, 1280, 720);
        StagedFrame staged;
        for (const auto& [id, value] : values)
            staged.camera.set(id, value);
        const QRectF seen = camera_view(staged).mapRect(QRectF(100, -60, 320, 90));
        QVERIFY(std::abs(seen.center().x()) < 3 && std::abs(seen.center().y()) < 3);
        QVERIFY(std::abs(seen.width() - 1280) < 3); // its long side fills the frame
    }
};

PULSEPIN_TEST_CLASS(TestPictureGestures, "test_picture_gestures")
#include "test_picture_gestures.moc"
