// SPDX-License-Identifier: GPL-3.0-or-later
//
// An animator: a logo placed by hand, posed at markers, eased in the lane, ahead of the beat.
#include "drawing/canvas/gesture.h"
#include "drawing/ease_handles.h"
#include "hand/poses.h"
#include "interchange/property_keys.h"
#include "kinds/kinds.h"
#include "kinds/layer_kinds.h"
#include "model/stage_edits.h"
#include "support/picture_desk.h"
#include "support/test_program.h"

#include <QSpinBox>

using namespace pulsepin;
using namespace pulsepin::test;

class JourneysPoses : public QObject {
    Q_OBJECT

    static void drag(Desk& desk, QPointF from, QPointF to) {
        Desk::drag_in(desk.window.preview(), from.toPoint(), to.toPoint(), Qt::ControlModifier);
    }
    static double seen(Desk& desk, LayerId layer, const char* parameter) {
        const auto value = driven_value(desk.window.document().curves(), {layer, parameter},
                                        static_cast<double>(desk.window.preview().frame_now().value));
        return value.value_or(-1e9);
    }

private slots:
    void journey_a_logo_posed_at_three_markers() {
        Desk desk;
        QVERIFY(desk.open_demo());
        auto& window = desk.window;
        auto& hands = window.picture().hands();
        desk.click("picture beside");
        const LayerId logo = add_layer(desk, {{}, layers::shape, "Logo"});
        std::vector<Seconds> times;
        PinSet markers;
        for (const int bar : {20, 21, 22}) {
            times.push_back(desk.bar(bar));
            desk.add_marker(times.back().value);
            markers.insert(window.view().selection().begin(), window.view().selection().end());
        }
        QCOMPARE(markers.size(), std::size_t{3});
        window.view().set_playhead(times[0]);
        window.view().choose_layer(logo);
        QVERIFY(shown(desk));
        const auto start = *hands.grip_position(PictureGrip::Body);
        drag(desk, start, start + QPointF(-60, 20));
        // What is seen, at each of the three markers: one action.
        window.view().select(markers);
        desk.click("key pose here");
        const Lane* lane = pose_lane_of(desk.project(), logo);
        QVERIFY(lane);
        const LaneId poses = lane->id;
        QCOMPARE(lane->pins.size(), std::size_t{3});
        QCOMPARE(window.view().selection().size(), std::size_t{3});
        QCOMPARE(window.view().lane(), poses);
        // At the second it is dragged, scaled and turned: the pose there takes it.
        window.view().set_playhead(times[1]);
        QVERIFY(shown(desk));
        auto body = *hands.grip_position(PictureGrip::Body);
        drag(desk, body, body + QPointF(90, -30));
        auto corner = *hands.grip_position(PictureGrip::Corner);
        body = *hands.grip_position(PictureGrip::Body);
        drag(desk, corner, body + (corner - body) * 1.8);
        auto arm = *hands.grip_position(PictureGrip::Arm);
        const auto away = arm - body;
        drag(desk, arm, body + QPointF(-away.y(), away.x()));
        QCOMPARE(desk.project().lane(poses)->pins.size(), std::size_t{3});
        QVERIFY(std::abs(seen(desk, logo, "scale") - 180) < 4);
        QVERIFY(std::abs(seen(desk, logo, "rotation") - 90) < 2);
        const auto posed = resolve(desk.project(), *desk.project().lane(poses)).pins;
        const auto rate = desk.project().settings->frame_rate;
        window.view().set_playhead(moment_of(posed[0], rate));
        QVERIFY(std::abs(seen(desk, logo, "scale") - 100) < 0.01);
        window.view().set_playhead(moment_of(posed[2], rate));
        QVERIFY(std::abs(seen(desk, logo, "rotation")) < 0.01);
        // All of them eased at once by a handle in the lane.
        auto& timeline = window.timeline();
        timeline.show_range(times[0] - Seconds(1), times[2] + Seconds(1));
        timeline.reveal_lane(poses);
        PinSet all;
        for (const auto& pin : desk.project().lane(poses)->pins)
            all.insert(pin.id);
        window.view().select(all);
        timeline.grab(); // laid out
        const auto scale = timeline.scale();
        const QRectF row = timeline.lane_row(poses);
        // The way to the second pose rises from the foot of the row to its top: its last handle is found
        // there.
        const double x1 = scale.x(times[0]), x2 = scale.x(times[1]);
        std::optional<QPoint> handle;
        for (int x = static_cast<int>(x1 + (x2 - x1) * 0.4); x < x2 && !handle; x += 3)
            for (int y = static_cast<int>(row.top()); y < row.bottom() && !handle; y += 3)
                if (says(timeline.hint_for(QPoint(x, y)), "bend"))
                    handle = QPoint(x, y);
        QVERIFY(handle);
        desk.drag(*handle, {static_cast<int>(x1 + (x2 - x1) * 0.3), static_cast<int>(row.top() + 16)});
        for (const auto& pin : desk.project().lane(poses)->pins)
            QCOMPARE(body_of<PoseBody>(pin.body).easing.id, std::string("bezier"));
        QVERIFY(body_of<PoseBody>(desk.project().lane(poses)->pins[1].body).easing.handles[2] < 0.45);
        // Two frames early.
        window.go_to_stop(Stop::Motion);
        window.findChild<QSpinBox*>("earlier by")->setValue(2);
        desk.click("keys earlier");
        const auto resolved = resolve(desk.project(), *desk.project().lane(poses));
        for (std::size_t i = 0; i < 3; ++i)
            QCOMPARE(resolved.pins[i].frame,
                     round_to_frame(times[i], rate, FrameRounding::Nearest).frame - Frames(2));
        // What is handed on is split into its properties.
        std::set<std::string> written;
        for (const auto& property : keys_of_properties(window.document().curves()))
            if (property.lane == desk.project().lane(poses)->name)
                written.insert(property.property);
        QCOMPARE(written,
                 (std::set<std::string>{"position x", "position y", "scale", "rotation", "opacity"}));
        desk.click("picture in bench");
    }

    void journey_poses_are_copied_and_written() {
        Desk desk;
        QVERIFY(desk.open_demo());
        auto& window = desk.window;
        const LayerId logo = add_layer(desk, {{}, layers::shape, "Logo"});
        window.view().choose_layer(logo);
        window.view().set_playhead(desk.bar(4));
        window.timeline().setFocus();
        desk.key(Qt::Key_K, Qt::ShiftModifier); // here, where no marker is selected
        const Lane* lane = pose_lane_of(desk.project(), logo);
        QVERIFY(lane);
        QCOMPARE(lane->pins.size(), std::size_t{1});
        auto* field = window.findChild<QDoubleSpinBox*>("pose rotation");
        QVERIFY(field && field->isVisible());
        field->setValue(30);
        QCOMPARE(seen(desk, logo, "rotation"), 30.0);
        desk.key(Qt::Key_C, Qt::ControlModifier);
        window.view().set_playhead(desk.bar(6));
        desk.key(Qt::Key_V, Qt::ControlModifier);
        lane = pose_lane_of(desk.project(), logo);
        QCOMPARE(lane->pins.size(), std::size_t{2});
        QVERIFY(std::abs(resolve(desk.project(), *lane).pins[1].time.value - desk.bar(6).value) < 1e-6);
        window.view().select({});
        desk.key(Qt::Key_K, Qt::ShiftModifier);
        QCOMPARE(pose_lane_of(desk.project(), logo)->pins.size(), std::size_t{2}); // the one that is there
        window.view().choose_layer({});
        desk.key(Qt::Key_K, Qt::ShiftModifier);
        QVERIFY(says(desk.message(), "No layer is chosen"));
    }

    void journey_a_layer_turns_about_its_pivot() {
        Desk desk;
        QVERIFY(desk.open_demo());
        auto& window = desk.window;
        auto& hands = window.picture().hands();
        desk.click("picture beside");
        Layer square{{}, layers::shape, "Square"};
        square.shape = "square";
        const LayerId layer = add_layer(desk, square);
        window.view().set_playhead(desk.bar(2));
        window.view().choose_layer(layer);
        QVERIFY(shown(desk));
        desk.click("pivot");
        const auto corner = *hands.grip_position(PictureGrip::Corner);
        // Near the corner, which pulls it.
        Desk::drag_in(window.preview(), hands.grip_position(PictureGrip::Pivot)->toPoint(),
                      (corner - QPointF(3, 3)).toPoint());
        const auto& values = desk.project().stage->layer(layer)->values;
        QVERIFY(values.at("pivot-x") > 50);
        QCOMPARE(values.at("pivot-x"), values.at("pivot-y"));
        QVERIFY(std::abs(values.at("position-x")) < 1e-6); // nothing is seen to move
        QVERIFY((*hands.grip_position(PictureGrip::Pivot) - *hands.grip_position(PictureGrip::Corner))
                    .manhattanLength() < 2);
        // A turn leaves the corner where it is.
        const auto arm = *hands.grip_position(PictureGrip::Arm),
                   pivot = *hands.grip_position(PictureGrip::Pivot);
        const auto away = arm - pivot;
        drag(desk, arm, pivot + QPointF(-away.y(), away.x()));
        QVERIFY(std::abs(desk.project().stage->layer(layer)->values.at("rotation") - 90) < 1);
        QVERIFY((*hands.grip_position(PictureGrip::Pivot) - pivot).manhattanLength() < 2);
        desk.click("pivot");
        desk.click("picture in bench");
    }
};

PULSEPIN_TEST_CLASS(JourneysPoses, "journeys_poses")
#include "journeys_poses.moc"
