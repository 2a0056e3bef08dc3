// SPDX-License-Identifier: GPL-3.0-or-later
//
// A property that is hit on chosen beats, through the real window.
#include "pages/stops/motion_panel.h"
#include "schedule/pulses.h"
#include "support/motion_desk.h"
#include "support/test_program.h"

#include <QComboBox>
#include <QDoubleSpinBox>
#include <QInputDialog>
#include <QTemporaryDir>

using namespace pulsepin;
using namespace pulsepin::test;

class JourneysMotion : public QObject {
    Q_OBJECT

    static const Lane& lane(Desk& desk) { return *desk.project().first_lane(body_type<PulseBody>); }
    static const MotionCurve& curve(Desk& desk) { return desk.window.document().spans(lane(desk).id).motion; }

    static void drag(PulseCurve* widget, QPointF from, QPointF to) {
        QTest::mousePress(widget, Qt::LeftButton, {}, from.toPoint());
        for (int i = 1; i <= 4; ++i) {
            const QPointF at = from + (to - from) * i / 4;
            QMouseEvent move(QEvent::MouseMove, at, widget->mapToGlobal(at), Qt::NoButton, Qt::LeftButton,
                             Qt::NoModifier);
            QApplication::sendEvent(widget, &move);
        }
        QTest::mouseRelease(widget, Qt::LeftButton, {}, to.toPoint());
    }

private slots:
    void journey_a_pulse_on_every_chosen_beat() {
        Desk desk;
        QVERIFY(desk.open_demo());
        auto& window = desk.window;
        add_motion_lane(desk, "Pulses", "Kite scale");
        QCOMPARE(lane(desk).name, std::string("Kite scale"));
        desk.click("pulse arrival");
        QVERIFY(part_of<Motion>(lane(desk))->pulse.arrives);
        window.go_to_stop(Stop::Place);
        auto* lanes = window.findChild<QComboBox*>("lane choice");
        lanes->setCurrentIndex(row_of(lanes, "Kite scale"));
        choose(desk, "every", "2nd");
        desk.type("from", "13.1");
        desk.type("until", "17.1");
        desk.click("place");
        QCOMPARE(lane(desk).pins.size(), std::size_t{8});
        const auto frame_of = [&](std::size_t i) {
            return window.document().schedule().pins(lane(desk).id).pins[i].frame.value;
        };
        // The peak lies on each beat's frame, the rest four frames before.
        for (std::size_t i = 0; i < 8; ++i) {
            QCOMPARE(curve(desk).value_at(static_cast<double>(frame_of(i))), 130.0);
            QCOMPARE(curve(desk).value_at(static_cast<double>(frame_of(i) - 4)), 100.0);
        }
        // Another range: the same places, other values.
        window.go_to_stop(Stop::Motion);
        number(desk, "rest value", 0);
        number(desk, "peak value", 12);
        QCOMPARE(curve(desk).value_at(static_cast<double>(frame_of(3))), 12.0);
        // The end is dragged two frames further, the peak to the beat itself.
        auto* shape = window.findChild<PulseCurve*>("pulse curve");
        const auto down = part_of<Motion>(lane(desk))->pulse.down.amount;
        const QPointF end = *shape->grip_position(PulseCurve::Grip::Down);
        const double frame = end.x() - shape->grip_position(PulseCurve::Grip::Held)->x();
        drag(shape, end, end + QPointF(frame / down * 2, 0));
        QCOMPARE(part_of<Motion>(lane(desk))->pulse.down.amount, down + 2);
        QCOMPARE(window.document().undo_name(), QString("change pulse")); // one step, however it was dragged
        shape->setFocus();
        QTest::keyClick(shape, Qt::Key_Left);
        QCOMPARE(part_of<Motion>(lane(desk))->pulse.down.amount, down + 1);
        // An easing with handles, bent by one of them.
        choose(desk, "pulse falling", "curve");
        const auto handle = shape->grip_position(PulseCurve::Grip::FallingFirst);
        QVERIFY(handle.has_value());
        const auto before = part_of<Motion>(lane(desk))->pulse.falling.handles;
        drag(shape, *handle, *handle + QPointF(20, 10));
        QVERIFY(part_of<Motion>(lane(desk))->pulse.falling.handles[0] > before[0]);
        QCOMPARE(part_of<Motion>(lane(desk))->pulse.falling.handles[2], before[2]);
        // One place is weaker than the others.
        window.view().select({lane(desk).pins[2].id});
        number(desk, "pulse strength", 50);
        QVERIFY(std::abs(curve(desk).value_at(static_cast<double>(frame_of(2))) - 6) < 1e-9);
        QCOMPARE(curve(desk).value_at(static_cast<double>(frame_of(3))), 12.0);
        window.grab();
        int steps = 0;
        window.timeline().setFocus();
        while (window.document().can_undo() && ++steps < 40)
            desk.key(Qt::Key_Z, Qt::ControlModifier);
        QVERIFY(!desk.project().first_lane(body_type<PulseBody>));
    }

    void journey_close_beats_are_told_and_never_overlap() {
        Desk desk;
        QVERIFY(desk.open_demo());
        add_motion_lane(desk, "Pulses", "Blur");
        desk.click("pulse gust"); // eleven frames; half a beat is six
        desk.window.go_to_stop(Stop::Place);
        auto* lanes = desk.window.findChild<QComboBox*>("lane choice");
        lanes->setCurrentIndex(row_of(lanes, "Blur"));
        choose(desk, "source", "half beats");
        choose(desk, "every", "one");
        desk.type("from", "13.1");
        desk.type("until", "15.1");
        desk.click("place");
        const auto pulses = curve(desk).pulses();
        QCOMPARE(pulses.size(), std::size_t{16});
        for (std::size_t i = 0; i + 1 < pulses.size(); ++i)
            QVERIFY(pulses[i].end <= pulses[i + 1].start + 1e-9);
        desk.window.go_to_stop(Stop::Motion);
        bool told = false;
        for (const auto* label : desk.window.findChildren<QLabel*>("motion told"))
            told = told || says(label->text(), "16 shortened to fit");
        QVERIFY(told || speaks_otherwise());
        desk.click("pulse crowding join");
        QCOMPARE(part_of<Motion>(lane(desk))->pulse.crowding, Crowding::Join);
        QVERIFY(curve(desk).value_at((pulses[3].peak + pulses[4].peak) / 2) > 120);
        // The picture rate tripled: no peak moves by more than half a frame.
        const auto was = pulses;
        const double slow = desk.project().settings->frame_rate.per_second();
        desk.window.go_to_stop(Stop::Song);
        choose(desk, "frame rate", "60 fps");
        for (std::size_t i = 0; i < was.size(); ++i)
            QVERIFY(std::abs(curve(desk).pulses()[i].peak / 60 - was[i].peak / slow) <=
                    0.5 / slow + 0.5 / 60 + 1e-9);
    }

    void journey_a_dip_of_one_frame_on_every_kick_handed_on() {
        Desk desk;
        QVERIFY(desk.open_demo());
        add_motion_lane(desk, "Pulses", "Zoom");
        desk.click("pulse dip");
        number(desk, "rest value", 0.8);
        number(desk, "peak value", 0.25);
        desk.window.go_to_stop(Stop::Place);
        auto* lanes = desk.window.findChild<QComboBox*>("lane choice");
        lanes->setCurrentIndex(row_of(lanes, "Zoom"));
        choose(desk, "source", "onsets of");
        choose(desk, "source row", "kick");
        choose(desk, "every", "one");
        desk.type("from", "13.1");
        desk.type("until", "17.1");
        desk.click("place");
        QVERIFY(lane(desk).pins.size() > 8);
        QTemporaryDir folder;
        const QString file = folder.filePath("keys.csv");
        desk.window.export_panel().write(*exporter("keys-csv"), file);
        QVERIFY(desk.settle());
        QFile written(file);
        QVERIFY(written.open(QIODevice::ReadOnly));
        const auto rows = QString::fromUtf8(written.readAll()).split("\r\n", Qt::SkipEmptyParts);
        QCOMPARE(rows.size(), static_cast<qsizetype>(1 + 2 * curve(desk).pulses().size()));
        for (qsizetype i = 1; i + 1 < rows.size(); i += 2) {
            const auto low = rows[i].split(','), back = rows[i + 1].split(',');
            QCOMPARE(low[5], QString("0.25"));
            QCOMPARE(back[5], QString("0.8"));
            QCOMPARE(back[3].toInt(), low[3].toInt() + 1); // for exactly one frame
        }
    }
};

PULSEPIN_TEST_CLASS(JourneysMotion, "journeys_motion")
#include "journeys_motion.moc"
