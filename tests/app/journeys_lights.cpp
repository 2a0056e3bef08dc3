// SPDX-License-Identifier: GPL-3.0-or-later
//
// Lamps by hand: eight lanterns and a chase, cells in the score, groups that the drums drive, and the show on
// its way to a receiver.
#include "drawing/canvas/light_rows.h"
#include "hand/light_hand.h"
#include "interchange/project_file.h"
#include "lights/lit.h"
#include "lights/patch.h"
#include "model/rig_edits.h"
#include "pages/dialogs/patch_dialog.h"
#include "pages/dialogs/receiver_window.h"
#include "pages/stops/lights_page.h"
#include "support/desk.h"
#include "support/motion_desk.h"
#include "support/test_program.h"
#include "wires/udp_socket.h"

#include <QCheckBox>
#include <QDialog>
#include <QSpinBox>
#include <QTableWidget>

using namespace pulsepin;
using namespace pulsepin::test;
using namespace std::chrono_literals;

class JourneysLights : public QObject {
    Q_OBJECT

    static LightsPage& page(Desk& desk) { return desk.window.findChild<MotionPanel*>()->lights(); }
    static void open_lights(Desk& desk) {
        desk.window.go_to_stop(Stop::Motion);
        desk.click("lights");
        QTRY_VERIFY(page(desk).isVisible());
    }
    /// By the dialog, as a person fills it.
    static void add_lamps(Desk& desk, const QString& name, int count, double down) {
        bool seen = false;
        QTimer::singleShot(200, &desk.window, [&] {
            auto* dialog = qobject_cast<QDialog*>(QApplication::activeModalWidget());
            if (!dialog)
                return;
            seen = true;
            dialog->findChild<QLineEdit*>("lamps name")->setText(name);
            dialog->findChild<QDoubleSpinBox*>("lamps count")->setValue(count);
            dialog->findChild<QDoubleSpinBox*>("lamps y")->setValue(down);
            dialog->accept();
        });
        desk.click("add lamps");
        QTRY_VERIFY(seen);
        QTRY_VERIFY(QApplication::activeModalWidget() == nullptr);
    }
    static const Lane& lights(Desk& desk) { return *desk.project().first_lane(body_type<LightBody>); }
    static std::size_t index_of(Desk& desk, LaneId id) {
        const auto& lanes = desk.project().lanes;
        return static_cast<std::size_t>(
            std::ranges::find_if(lanes, [&](const auto& lane) { return lane->id == id; }) - lanes.begin());
    }
    /// The middle of a cell of a lamp, in the timeline.
    static QPoint cell(Desk& desk, std::size_t row, Seconds at, double into = 6) {
        auto& timeline = desk.window.timeline();
        timeline.reveal_lane(lights(desk).id);
        timeline.grab();
        const auto rows = light_rows(*desk.project().rig, timeline.lane_row(lights(desk).id), false);
        return {static_cast<int>(timeline.scale().x(at) + into),
                static_cast<int>(rows[row].rect.center().y())};
    }
    static std::vector<Lit> lit(Desk& desk, Seconds at) {
        return lit_at(desk.window.document().curves(),
                      std::round((at.value + 1e-4) * desk.project().settings->frame_rate.per_second()));
    }
    static void show(Desk& desk, int from, int until) {
        desk.window.timeline().show_range(desk.bar(from), desk.bar(until));
        desk.window.timeline().grab();
    }
    static void drag_right(QWidget& drawing, QPoint from, QPoint to) {
        QTest::mousePress(&drawing, Qt::RightButton, {}, from);
        for (int i = 1; i <= 5; ++i) {
            const QPoint at = from + (to - from) * i / 5;
            QMouseEvent move(QEvent::MouseMove, at, drawing.mapToGlobal(at), Qt::NoButton, Qt::RightButton,
                             {});
            QApplication::sendEvent(&drawing, &move);
        }
        QTest::mouseRelease(&drawing, Qt::RightButton, {}, to);
    }

private slots:
    // Eight lanterns in two rows; a chase from left to right on the beats, red going to black; recoloured as
    // a group, copied to three further bars, nudged by a beat.
    void journey_eight_lanterns_and_a_chase() {
        Desk desk;
        QVERIFY(desk.open_demo());
        open_lights(desk);
        add_lamps(desk, "far", 4, 30);
        add_lamps(desk, "near", 4, 70);
        const Rig& rig = *desk.project().rig;
        QCOMPARE(rig.fixtures.size(), std::size_t{8});
        QCOMPARE(rig.groups.size(), std::size_t{2});
        QCOMPARE(rig.fixtures[7].first_channel, 22);
        QVERIFY(desk.project().first_lane(body_type<LightBody>));
        show(desk, 13, 18);
        desk.window.view().set_playhead(desk.bar(13) + Seconds(0.01));

        // The brush: red, fading, a beat long, left to right half a beat apart.
        LightBody brush = desk.window.view().light_brush();
        brush.from = {0xff0000};
        desk.window.view().set_light_brush(brush); // the colour dialog is another window's test
        desk.click("fade");
        choose(desk, "brush pattern", "left to right");
        QCOMPARE(desk.window.view().light_brush().to, Colour{0});
        choose(desk, "choose group", "far");
        QVERIFY(says(desk.window.findChild<QPushButton*>("light on beats")->text(), "4"));

        // One light by the keyboard: a chase over the whole group from bar 13.
        desk.window.timeline().setFocus();
        desk.key(Qt::Key_J);
        QCOMPARE(lights(desk).pins.size(), std::size_t{1});
        const Seconds beat = desk.bar(13, 2) - desk.bar(13);
        for (int i = 0; i < 4; ++i) {
            const auto at = lit(desk, desk.bar(13) + beat * (0.5 * i));
            QVERIFY(at[static_cast<std::size_t>(i)].red > 0.8);
            QVERIFY(i == 3 || at[static_cast<std::size_t>(i + 1)].dark());
            QVERIFY(at[4].dark());
        }
        QVERIFY(std::abs(desk.window.view().playhead().value - desk.bar(13, 2).value) < 1e-6); // it went on

        // Recoloured as a group.
        brush = desk.window.view().light_brush();
        brush.from = {0x0000ff};
        desk.window.view().set_light_brush(brush);
        desk.click("recolour");
        QVERIFY(lit(desk, desk.bar(13))[0].blue > 0.8);
        QVERIFY(lit(desk, desk.bar(13))[0].red == 0);

        // Copied to three further bars.
        desk.window.view().select({lights(desk).pins[0].id});
        once_a_dialog_is_open(300, [] {
            auto* dialog = qobject_cast<QDialog*>(QApplication::activeModalWidget());
            QVERIFY(dialog);
            for (auto* spin : dialog->findChildren<QSpinBox*>())
                if (spin->objectName().contains("times"))
                    spin->setValue(3);
            dialog->accept();
        });
        desk.click("repeat lights");
        QTRY_COMPARE(lights(desk).pins.size(), std::size_t{4});
        for (const int bar : {13, 14, 15, 16})
            QVERIFY2(lit(desk, desk.bar(bar))[0].blue > 0.8, qPrintable(QString::number(bar)));
        QVERIFY(lit(desk, desk.bar(17))[0].dark());

        // Nudged by a beat.
        PinSet all;
        for (const auto& pin : lights(desk).pins)
            all.insert(pin.id);
        desk.window.view().select(all);
        desk.window.timeline().setFocus();
        desk.key(Qt::Key_Right, Qt::AltModifier);
        QVERIFY(lit(desk, desk.bar(13))[0].dark());
        QVERIFY(lit(desk, desk.bar(13, 2))[0].blue > 0.8);
        QVERIFY(lit(desk, desk.bar(16, 2))[0].blue > 0.8);
        for (int i = 0; i < 9; ++i)
            desk.window.document().undo();
        QCOMPARE(desk.project().rig->fixtures.size(), std::size_t{0});
    }

    // Cells by mouse in the timeline: painted along beats and over rows, made dark by the right button, moved
    // to another lamp, made weaker; and none of it is there after undo.
    void journey_cells_painted_by_mouse() {
        Desk desk;
        QVERIFY(desk.open_demo());
        open_lights(desk);
        add_lamps(desk, "far", 4, 30);
        add_lamps(desk, "near", 4, 70);
        show(desk, 13, 15);
        auto& timeline = desk.window.timeline();
        desk.drag(cell(desk, 1, desk.bar(13)), cell(desk, 1, desk.bar(13, 4)));
        QCOMPARE(lights(desk).pins.size(), std::size_t{4});
        for (int b = 1; b <= 4; ++b) {
            QVERIFY(!lit(desk, desk.bar(13, b))[1].dark());
            QVERIFY(lit(desk, desk.bar(13, b))[0].dark());
        }
        // Down over four rows of one beat.
        desk.drag(cell(desk, 4, desk.bar(14)), cell(desk, 7, desk.bar(14)));
        QCOMPARE(lights(desk).pins.size(), std::size_t{8});
        // A click on what is lit selects it and lights nothing.
        QTest::mouseClick(&timeline, Qt::LeftButton, {}, cell(desk, 1, desk.bar(13)));
        QCOMPARE(lights(desk).pins.size(), std::size_t{8});
        QCOMPARE(desk.window.view().selection().size(), std::size_t{1});
        // Alt and down: weaker.
        desk.drag(cell(desk, 1, desk.bar(13)), cell(desk, 1, desk.bar(13)) + QPoint(0, 40), Qt::AltModifier);
        const auto weaker = lit(desk, desk.bar(13))[1], full = lit(desk, desk.bar(13, 2))[1];
        QVERIFY2(std::abs(weaker.red / full.red - 0.6) < 0.02,
                 qPrintable(QString("%1 %2").arg(weaker.red).arg(full.red)));
        // The right button: dark again.
        drag_right(timeline, cell(desk, 1, desk.bar(13, 2)), cell(desk, 1, desk.bar(13, 3)));
        QCOMPARE(lights(desk).pins.size(), std::size_t{6});
        QVERIFY(lit(desk, desk.bar(13, 3))[1].dark());
        // Dragged up to another lamp and a beat later.
        desk.drag(cell(desk, 1, desk.bar(13, 4), 14), cell(desk, 0, desk.bar(14), 14));
        QVERIFY(lit(desk, desk.bar(13, 4))[1].dark());
        QVERIFY(!lit(desk, desk.bar(14))[0].dark());
        // Shift and drag selects, and lights nothing.
        const auto before = lights(desk).pins.size();
        desk.drag(cell(desk, 4, desk.bar(14), -8), cell(desk, 7, desk.bar(14), 16), Qt::ShiftModifier);
        QCOMPARE(lights(desk).pins.size(), before);
        QVERIFY(desk.window.view().selection().size() >= 4);
        desk.window.timeline().setFocus();
        desk.key(Qt::Key_Delete);
        QCOMPARE(lights(desk).pins.size(), before - 4);
    }

    // Cells over a chorus in the score; dark at the start, until it plays.
    void journey_cells_in_the_score() {
        Desk desk;
        QVERIFY(desk.open_demo());
        open_lights(desk);
        add_lamps(desk, "far", 4, 30);
        desk.window.show_score(true);
        auto& score = desk.window.score();
        score.reveal(desk.bar(13));
        score.grab();
        const auto in_score = [&](std::size_t row, Seconds at) {
            const QPointF middle =
                score.cell_position(lights(desk).id, desk.project().grid->nearest_tick(at));
            const double high = 8 * 4;
            const auto rows =
                light_rows(*desk.project().rig, QRectF(0, middle.y() - high / 2, 10, high), true);
            return QPoint(static_cast<int>(middle.x()) + 5, static_cast<int>(rows[row].rect.center().y()));
        };
        Desk::drag_in(score, in_score(0, desk.bar(13)), in_score(0, desk.bar(13, 4)));
        Desk::drag_in(score, in_score(2, desk.bar(14)), in_score(2, desk.bar(14, 4)));
        QCOMPARE(lights(desk).pins.size(), std::size_t{8});
        for (int b = 1; b <= 4; ++b) {
            QVERIFY(!lit(desk, desk.bar(13, b))[0].dark());
            QVERIFY(!lit(desk, desk.bar(14, b))[2].dark());
        }
        drag_right(score, in_score(0, desk.bar(13, 4)), in_score(0, desk.bar(13, 4)));
        QCOMPARE(lights(desk).pins.size(), std::size_t{7});
        auto* dark = desk.window.findChild<QCheckBox*>("dark at the start");
        QVERIFY(dark->isChecked());
        QVERIFY(desk.project().rig->dark_at_start);
    }

    // Two groups, placed on the rows of kick and snare, each falling over half a beat.
    void journey_groups_on_kick_and_snare() {
        Desk desk;
        QVERIFY(desk.open_demo());
        open_lights(desk);
        add_lamps(desk, "far", 4, 30);
        add_lamps(desk, "near", 4, 70);
        desk.window.go_to_stop(Stop::Place);
        auto* lanes = desk.window.findChild<QComboBox*>("lane choice");
        QVERIFY(row_of(lanes, "Lights") >= 0);
        lanes->setCurrentIndex(row_of(lanes, "Lights"));
        emit lanes->activated(lanes->currentIndex());
        for (const auto& [row, group] : {std::pair("kick", "far"), std::pair("snare", "near")}) {
            choose(desk, "source", "onsets of");
            choose(desk, "source row", row);
            choose(desk, "every", "one");
            choose(desk, "form lamps", group);
            auto* fall = desk.window.findChild<QDoubleSpinBox*>("form light fall");
            QVERIFY(fall);
            fall->setValue(100);
            auto* amount = desk.window.findChild<QWidget*>("form light length")->findChild<QDoubleSpinBox*>();
            QVERIFY(amount);
            amount->setValue(0.5);
            desk.type("from", "13.1");
            desk.type("until", "17.1");
            desk.click("place");
        }
        QVERIFY(lights(desk).pins.size() > 8);
        const Rig& rig = *desk.project().rig;
        int far = 0, near = 0;
        const Schedule& schedule = desk.window.document().schedule();
        for (const auto& span : schedule.spans(lights(desk).id).lights.all) {
            const auto& body = body_of<LightBody>(lights(desk).pins[span.index].body);
            QCOMPARE(body.fall, 100.0);
            (rig.fixtures[span.fixture].group == rig.groups[0].id ? far : near) += 1;
            const double middle = static_cast<double>(span.start.value + span.end.value) / 2;
            const double half =
                lit_by(body, span, middle).red / lit_by(body, span, double(span.start.value)).red;
            QVERIFY(std::abs(half - 0.5) < 0.01);
        }
        const auto onsets = [&](const char* name) {
            int count = 0;
            for (const auto& row : desk.project().detection->rows)
                if (row.name == name)
                    for (const auto& onset : row.onsets)
                        count += onset.time >= desk.bar(13) - Seconds(0.02) &&
                                 onset.time < desk.bar(17) - Seconds(0.02);
            return count;
        };
        QVERIFY2(
            std::abs(far / 4 - onsets("kick")) <= 1 && std::abs(near / 4 - onsets("snare")) <= 1,
            qPrintable(
                QString("%1 %2 %3 %4").arg(far / 4).arg(onsets("kick")).arg(near / 4).arg(onsets("snare"))));
    }

    // Patched, sent to this computer and received: what arrives is what is lit; the strip tells of it; the
    // receiver that ships sees the same; blackout by its key; three packets end it.
    void journey_the_show_is_sent_and_received() {
        Desk desk;
        QVERIFY(desk.open_demo());
        open_lights(desk);
        add_lamps(desk, "far", 4, 30);
        const auto port = UdpSocket::for_receiving(0)->port();
        const auto socket = UdpSocket::for_receiving(port);
        QVERIFY(socket);
        desk.click("choose all lamps");
        LightBody brush = desk.window.view().light_brush();
        brush.from = brush.to = {0x40c080};
        brush.length = {Length::Unit::InBeats, 4};
        desk.window.view().set_light_brush(brush);
        desk.window.view().set_playhead(desk.bar(13) + Seconds(0.01));
        desk.window.timeline().setFocus();
        desk.key(Qt::Key_J);

        // The patch: moved to channel 101 as a whole; what overlaps is refused and said.
        desk.click("patch");
        QDialog* dialog = nullptr;
        QTRY_VERIFY((dialog = desk.window.findChild<QDialog*>("patch dialog")) && dialog->isVisible());
        dialog->findChild<QSpinBox*>("patch channel")->setValue(101);
        QTest::mouseClick(dialog->findChild<QPushButton*>("patch in order"), Qt::LeftButton);
        QCOMPARE(desk.project().rig->fixtures[1].first_channel, 104);
        auto* table = dialog->findChild<QTableWidget*>("patch table");
        table->item(1, 3)->setText("102");
        QCOMPARE(desk.project().rig->fixtures[1].first_channel, 104);
        QVERIFY(says(dialog->findChild<QLabel*>("patch told")->text(), "share channel"));
        table->item(1, 3)->setText("600");
        QVERIFY(says(dialog->findChild<QLabel*>("patch told")->text(), "512"));
        auto* to_port = dialog->findChild<QDoubleSpinBox*>("output port");
        QVERIFY(to_port);
        to_port->setValue(port);
        emit to_port->editingFinished();
        QTRY_COMPARE(desk.project().rig->outputs[0].port, static_cast<int>(port));
        dialog->reject();
        QTRY_VERIFY(!desk.window.findChild<QDialog*>("patch dialog"));

        auto* strip = desk.window.findChild<QLabel*>("sending");
        QVERIFY(!strip->isVisible());
        desk.click("send lights");
        QTRY_VERIFY(strip->isVisible());
        QVERIFY2(says(strip->text(), "this computer"), qPrintable(strip->text()));
        int last = -1;
        const auto level = [&](int channel) {
            while (const auto bytes = socket->receive(1ms))
                if (const auto packet = sacn::data_packet(*bytes))
                    last = packet->levels[static_cast<std::size_t>(channel - 1)];
            return last;
        };
        QTRY_COMPARE(level(102), 0); // dark at the start
        desk.window.view().set_playhead(desk.bar(13));
        desk.key(Qt::Key_Space);
        QTRY_COMPARE(level(102), 0xc0);
        QCOMPARE(desk.project().rig->fixtures[0].first_channel, 101);
        desk.key(Qt::Key_Q);
        QTRY_COMPARE(level(102), 0);
        desk.key(Qt::Key_Q);
        QTRY_COMPARE(level(102), 0xc0);
        desk.key(Qt::Key_Space);
        desk.click("send lights");
        QTRY_VERIFY(!strip->isVisible());
        int ended = 0;
        while (const auto bytes = socket->receive(200ms))
            if (const auto packet = sacn::data_packet(*bytes))
                ended += packet->terminated;
        QCOMPARE(ended, 3);
    }

    // An address that came with a project is asked about; Escape sends nothing, what a person typed is not
    // asked.
    void journey_an_address_of_a_stranger() {
        Desk desk;
        QVERIFY(desk.open_demo());
        open_lights(desk);
        add_lamps(desk, "far", 2, 30);
        // 192.0.2.0/24 is for documentation (RFC 5737): nobody has it.
        desk.window.document().apply(
            with_rig(desk.project(), [](Rig& rig) { rig.outputs[0].to = "192.0.2.7"; }), "from elsewhere");
        auto* strip = desk.window.findChild<QLabel*>("sending");
        QString asked;
        const auto answer = [&](Qt::Key key) {
            QTimer::singleShot(200, &desk.window, [&asked, key] {
                if (auto* box = qobject_cast<QMessageBox*>(QApplication::activeModalWidget())) {
                    asked = box->text() + box->informativeText();
                    QTest::keyClick(box, key);
                }
            });
        };
        answer(Qt::Key_Escape);
        desk.click("send lights");
        QVERIFY2(asked.contains("192.0.2.7"), qPrintable(asked));
        QVERIFY(!strip->isVisible() && !desk.window.lights().sender().sending());
        QVERIFY(!desk.window.findChild<QPushButton*>("send lights")->isChecked());
        desk.window.document().undo();
        asked.clear();
        desk.click("send lights"); // to this computer: nothing is asked
        QTRY_VERIFY(strip->isVisible());
        QVERIFY(asked.isEmpty());
        desk.click("send lights");
        QTRY_VERIFY(!strip->isVisible());
    }

    // On the plan: lamps are chosen and moved by mouse and keys, painted over the bar, and deleted with what
    // lit them.
    void journey_the_plan() {
        Desk desk;
        QVERIFY(desk.open_demo());
        open_lights(desk);
        add_lamps(desk, "star", 6, 50);
        auto& plan = page(desk).plan();
        const auto at = [&](std::size_t lamp) { return plan.position_of(lamp).toPoint(); };
        QTest::mouseClick(&plan, Qt::LeftButton, {}, at(2));
        QCOMPARE(desk.window.view().lamps(), (std::vector{desk.project().rig->fixtures[2].id}));
        const double x = desk.project().rig->fixtures[2].x, y = desk.project().rig->fixtures[2].y;
        Desk::drag_in(plan, at(2), at(2) + QPoint(0, -20));
        QVERIFY(desk.project().rig->fixtures[2].y < y - 5);
        QVERIFY(std::abs(desk.project().rig->fixtures[2].x - x) < 1);
        plan.setFocus();
        QTest::keyClick(&plan, Qt::Key_Right);
        QVERIFY(std::abs(desk.project().rig->fixtures[2].x - x - 1) < 0.02);
        // A frame around all; Escape chooses none.
        Desk::drag_in(plan, QPoint(at(0).x() - 14, at(2).y() - 14), QPoint(at(5).x() + 14, at(0).y() + 14));
        QCOMPARE(desk.window.view().lamps().size(), std::size_t{6});
        QTest::keyClick(&plan, Qt::Key_Escape);
        QVERIFY(desk.window.view().lamps().empty());
        // A double click beside them adds one to their group.
        QTest::mouseDClick(&plan, Qt::LeftButton, {}, at(0) + QPoint(0, 40));
        QCOMPARE(desk.project().rig->fixtures.size(), std::size_t{7});
        QCOMPARE(desk.project().rig->fixtures[6].name, std::string("star 7"));
        QCOMPARE(desk.project().rig->groups.size(), std::size_t{1});
        desk.window.document().undo();
        // Painted: a light over the bar on the lamps that the brush went over.
        desk.window.view().set_playhead(desk.bar(13, 2));
        desk.click("paint on plan");
        Desk::drag_in(plan, at(3), at(4));
        QCOMPARE(lights(desk).pins.size(), std::size_t{1});
        const auto painted = lit(desk, desk.bar(13, 3));
        QVERIFY(!painted[3].dark() && !painted[4].dark() && painted[0].dark() && painted[5].dark());
        QVERIFY(lit(desk, desk.bar(14))[3].dark());
        drag_right(plan, at(3), at(3));
        QVERIFY(lit(desk, desk.bar(13, 3))[3].dark() && !lit(desk, desk.bar(13, 3))[4].dark());
        desk.click("paint on plan");
        QTest::mouseClick(&plan, Qt::LeftButton, {}, at(4));
        plan.setFocus();
        QTest::keyClick(&plan, Qt::Key_Delete);
        QCOMPARE(desk.project().rig->fixtures.size(), std::size_t{5});
        QVERIFY(lights(desk).pins.empty());
        desk.window.document().undo();
        QCOMPARE(desk.project().rig->fixtures.size(), std::size_t{6});
        QCOMPARE(lights(desk).pins.size(), std::size_t{1});
    }
};

PULSEPIN_TEST_CLASS(JourneysLights, "journeys_lights")
#include "journeys_lights.moc"
