// SPDX-License-Identifier: GPL-3.0-or-later
//
// The picture as a place to work on: where it stands, and layers under the mouse.
#include "kinds/kinds.h"
#include "kinds/layer_kinds.h"
#include "model/lane_edits.h"
#include "model/stage_edits.h"
#include "support/picture_desk.h"
#include "support/test_program.h"

#include <QListWidget>

using namespace pulsepin;
using namespace pulsepin::test;

class JourneysPicture : public QObject {
    Q_OBJECT

    static void drag(Desk& desk, QPointF from, QPointF to, Qt::KeyboardModifiers keys = Qt::NoModifier) {
        Desk::drag_in(desk.window.preview(), from.toPoint(), to.toPoint(), keys);
    }
    static double value(Desk& desk, LayerId layer, const char* parameter) {
        const auto& values = desk.project().stage->layer(layer)->values;
        const auto found = values.find(parameter);
        return found == values.end() ? 0 : found->second;
    }

private slots:
    void journey_the_picture_in_three_places() {
        Desk desk;
        QVERIFY(desk.open_demo());
        auto& window = desk.window;
        window.view().set_playhead(desk.bar(2));
        const QSize in_bench = window.preview().size();
        desk.key(Qt::Key_F8);
        QCOMPARE(window.picture_room().place(), PicturePlace::Beside);
        QVERIFY(QTest::qWaitFor([&] { return window.preview().width() > in_bench.width() * 3 / 2; }, 2000));
        QVERIFY(window.preview().isVisible());
        const double share = static_cast<double>(window.picture().width()) / window.width();
        QVERIFY2(share > 0.33 && share < 0.52, qPrintable(QString::number(share)));
        // The song is still seen whole, and nothing of the bench was lost.
        QVERIFY(window.timeline().scale().x(desk.project().song->duration()) <= window.timeline().width());
        QVERIFY(shown(desk));
        // The bench folded away takes nothing of the picture with it.
        desk.key(Qt::Key_F9);
        QVERIFY(window.preview().isVisible());
        desk.key(Qt::Key_F9);
        desk.key(Qt::Key_F8);
        QCOMPARE(window.picture_room().place(), PicturePlace::Window);
        QVERIFY(window.preview().window() != &window);
        QVERIFY(QTest::qWaitFor([&] { return window.preview().isVisible(); }, 2000));
        // Its keys are those of the other window.
        const Seconds before = window.view().playhead();
        window.preview().window()->activateWindow();
        QVERIFY(QTest::qWaitForWindowActive(window.preview().window()));
        QTest::keyClick(window.preview().window(), Qt::Key_Home);
        QVERIFY(window.view().playhead() < before);
        // The whole screen is the picture's, and back.
        QTest::keyClick(window.preview().window(), Qt::Key_F11);
        QVERIFY(window.preview().window()->isFullScreen());
        QVERIFY(QTest::qWaitFor([&] { return window.preview().size() == window.preview().window()->size(); },
                                3000));
        QTest::keyClick(window.preview().window(), Qt::Key_F11);
        QVERIFY(!window.preview().window()->isFullScreen());
        QVERIFY(QTest::qWaitFor(
            [&] { return window.preview().height() < window.preview().window()->height(); }, 3000));
        // Closing it puts the picture back.
        window.preview().window()->close();
        QCOMPARE(window.picture_room().place(), PicturePlace::Bench);
        QVERIFY(window.preview().window() == &window);
        // In the bench, folding it away leaves the picture in view, and back again.
        window.activateWindow();
        desk.key(Qt::Key_F9);
        QVERIFY(window.preview().isVisible());
        desk.key(Qt::Key_F9);
        QCOMPARE(window.picture_room().place(), PicturePlace::Bench);
        // Each project has it where it was left.
        desk.click("picture beside");
        window.open_path(demo);
        QVERIFY(desk.settle());
        QCOMPARE(window.picture_room().place(), PicturePlace::Beside);
        desk.click("picture in bench");
    }

    void journey_a_logo_dragged_scaled_and_turned() {
        Desk desk;
        QVERIFY(desk.open_demo());
        auto& preview = desk.window.preview();
        desk.window.picture_room().set_place(PicturePlace::Beside);
        desk.window.view().set_playhead(desk.bar(2));
        const LayerId logo = add_layer(desk, {{}, layers::shape, "Logo"});
        QVERIFY(shown(desk));
        // A click chooses what is on top; a drag places it.
        const auto middle = preview.scale().to_widget(QPointF());
        QTest::mouseClick(&preview, Qt::LeftButton, {}, middle.toPoint());
        QCOMPARE(desk.window.view().layer(), logo);
        const double points = preview.scale().points;
        drag(desk, middle, middle + QPointF(-60, 31), Qt::ControlModifier);
        QVERIFY(std::abs(value(desk, logo, "position-x") + 60 / points) < 3);
        QVERIFY(std::abs(value(desk, logo, "position-y") - 31 / points) < 3);
        QCOMPARE(desk.window.document().undo_name(), QString("place layer"));
        // Near the third of the frame, the third pulls.
        const auto at = *desk.window.picture().hands().grip_position(PictureGrip::Body);
        const auto third = preview.scale().to_widget(QPointF(-1280.0 / 6, 0));
        drag(desk, at, {third.x() + 4, at.y()});
        QVERIFY2(
            std::abs(value(desk, logo, "position-x") + 213.5) < 0.6,
            qPrintable(
                QString("%1 at scale %2").arg(value(desk, logo, "position-x")).arg(preview.scale().points)));
        const auto corner = *desk.window.picture().hands().grip_position(PictureGrip::Corner);
        const auto body = *desk.window.picture().hands().grip_position(PictureGrip::Body);
        drag(desk, corner, body + (corner - body) * 1.5);
        QVERIFY(std::abs(value(desk, logo, "scale") - 150) < 4);
        const auto arm = *desk.window.picture().hands().grip_position(PictureGrip::Arm);
        const auto away = arm - body;
        drag(desk, arm, body + QPointF(-away.y(), away.x())); // a quarter to the right
        QVERIFY(std::abs(value(desk, logo, "rotation") - 90) < 1);
        // Keys nudge; each drag and each nudge is one step back.
        preview.setFocus();
        const double x = value(desk, logo, "position-x");
        QTest::keyClick(&preview, Qt::Key_Right);
        QTest::keyClick(&preview, Qt::Key_Left, Qt::ShiftModifier);
        QCOMPARE(value(desk, logo, "position-x"), x - 9);
        for (int i = 0; i < 6; ++i)
            desk.window.document().undo();
        QCOMPARE(value(desk, logo, "position-x"), 0.0);
        QVERIFY(desk.project().stage->layer(logo)->values.empty());
        // A drag that is given up changes nothing.
        Desk::press_and_move(preview, middle.toPoint(), middle.toPoint() + QPoint(60, 0), {});
        QTest::keyClick(&preview, Qt::Key_Escape);
        QTest::mouseRelease(&preview, Qt::LeftButton, {}, middle.toPoint() + QPoint(60, 0));
        QVERIFY(desk.project().stage->layer(logo)->values.empty());
    }

    void journey_a_click_goes_through_the_stack() {
        Desk desk;
        QVERIFY(desk.open_demo());
        auto& preview = desk.window.preview();
        desk.window.view().set_playhead(desk.bar(2));
        const LayerId disc = add_layer(desk, {{}, layers::shape, "Disc"});
        const LayerId words = add_layer(desk, {{}, layers::title, "Words", {}, {}, {}, "rise"});
        QVERIFY(shown(desk));
        const QPoint at = preview.scale().to_widget(QPointF()).toPoint();
        const LayerId shots = desk.project().stage->layers.front().id;
        for (const LayerId expected : {words, disc, shots, words}) {
            QTest::mouseClick(&preview, Qt::LeftButton, {}, at);
            QCOMPARE(desk.window.view().layer(), expected);
        }
        QVERIFY(desk.project().stage->layer(shots)->values.empty()); // clicks move nothing
        // The list of layers shows the same one.
        desk.window.go_to_stop(Stop::Motion);
        desk.click("layers of the picture");
        QCOMPARE(desk.window.findChild<QListWidget*>("layers")->currentItem()->text(), QString("Words"));
    }

    void journey_words_are_written_in_the_picture() {
        Desk desk;
        QVERIFY(desk.open_demo());
        auto& preview = desk.window.preview();
        desk.window.view().set_playhead(desk.bar(2));
        const LayerId words = add_layer(desk, {{}, layers::title, "Words", {}, {}, {}, "rise"});
        QVERIFY(shown(desk));
        const QPoint at = preview.scale().to_widget(QPointF()).toPoint();
        QTest::mouseDClick(&preview, Qt::LeftButton, {}, at);
        auto* field = preview.findChild<QLineEdit*>("words in the picture");
        QVERIFY(field);
        QTest::keyClicks(field, "let it rise");
        QTest::keyClick(field, Qt::Key_Return);
        QCOMPARE(desk.project().stage->layer(words)->text, std::string("let it rise"));
        QTest::mouseDClick(&preview, Qt::LeftButton, {}, at);
        QVERIFY(QTest::qWaitFor([&] { return preview.findChildren<QLineEdit*>().size() == 1; }, 1000));
        field = preview.findChild<QLineEdit*>("words in the picture");
        QTest::keyClicks(field, "no");
        QTest::keyClick(field, Qt::Key_Escape);
        QCOMPARE(desk.project().stage->layer(words)->text, std::string("let it rise"));
    }

    void journey_a_driven_layer_gets_a_key_where_it_is_dragged() {
        Desk desk;
        QVERIFY(desk.open_demo());
        auto& window = desk.window;
        auto& preview = window.preview();
        window.picture_room().set_place(PicturePlace::Beside);
        const LayerId logo = add_layer(desk, {{}, layers::shape, "Logo"});
        Project project = with_lane(desk.project(), kind_of(body_type<KeyBody>), "Logo x");
        const LaneId lane = project.lanes.back()->id;
        Motion motion = *part_of<Motion>(*project.lane(lane));
        motion.own = {"position-x", "px", 0, 100, {logo, "position-x"}};
        window.document().apply(with_motion(project, lane, motion), "add lane");
        const auto rate = desk.project().settings->frame_rate;
        for (const int bar : {2, 4}) {
            window.view().set_playhead(desk.bar(bar));
            QVERIFY(shown(desk));
            window.view().choose_layer(logo);
            const auto at = *window.picture().hands().grip_position(PictureGrip::Body);
            drag(desk, at, at + QPointF(bar * 20, 0), Qt::ControlModifier);
        }
        QCOMPARE(desk.project().lane(lane)->pins.size(), std::size_t{2});
        const auto x = [&](Seconds time) {
            return *driven_value(window.document().curves(), {logo, "position-x"},
                                 static_cast<double>(rate.frame_at(time).value));
        };
        const double points = preview.scale().points;
        QVERIFY(std::abs(x(desk.bar(2)) - 40 / points) < 3);
        QVERIFY(std::abs(x(desk.bar(4)) - 120 / points) < 3);
        QVERIFY(x(desk.bar(3)) > x(desk.bar(2)) && x(desk.bar(3)) < x(desk.bar(4)));
        QVERIFY(desk.project().stage->layer(logo)->values.count("position-x") == 0);
    }

    void journey_around_the_frame_is_seen_too() {
        Desk desk;
        QVERIFY(desk.open_demo());
        auto& preview = desk.window.preview();
        desk.window.picture_room().set_place(PicturePlace::Beside);
        desk.window.view().set_playhead(desk.bar(2));
        Layer outside{{}, layers::shape, "Outside"};
        outside.colour = {0xff0000};
        outside.values["position-x"] = 760;
        add_layer(desk, outside);
        QVERIFY(shown(desk));
        QWheelEvent away(QRectF(preview.rect()).center(), preview.mapToGlobal(preview.rect().center()), {},
                         {0, -480}, Qt::NoButton, Qt::NoModifier, Qt::NoScrollPhase, false);
        QApplication::sendEvent(&preview, &away);
        QVERIFY(!preview.fits());
        QVERIFY(shown(desk));
        QVERIFY(QTest::qWaitFor(
            [&] {
                const QImage seen = preview.grab().toImage();
                const auto at =
                    (preview.scale().to_widget(QPointF(760, 0)) * seen.devicePixelRatio()).toPoint();
                return seen.rect().contains(at) && QColor(seen.pixel(at)).red() > 60 &&
                       QColor(seen.pixel(at)).blue() < 60;
            },
            5000));
        desk.click("picture fits");
        QVERIFY(preview.fits());
    }
};

PULSEPIN_TEST_CLASS(JourneysPicture, "journeys_picture")
#include "journeys_picture.moc"
