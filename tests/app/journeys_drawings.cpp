// SPDX-License-Identifier: GPL-3.0-or-later
//
// Notes that run with the picture, drawings that are held from beat to beat, a mouth that speaks.
#include "interchange/exporters.h"
#include "schedule/add_pin.h"
#include "support/test_program.h"
#include "support/words_desk.h"

#include <QCheckBox>
#include <QListWidget>
#include <QTableWidget>

using namespace pulsepin;
using namespace pulsepin::test;

class JourneysDrawings : public QObject {
    Q_OBJECT

private slots:
    void journey_a_dubbed_line_runs_with_the_picture() {
        Desk desk;
        QVERIFY(desk.open_demo());
        desk.window.go_to_stop(Stop::Mark);
        desk.click("page of notes");
        desk.window.view().set_playhead(desk.bar(7)); // where "high" is said: bar 7, beat 1
        desk.type("note text", "high over the levee");
        desk.key(Qt::Key_Return);
        const Lane* notes = desk.project().first_lane(body_type<NoteBody>);
        QVERIFY(notes);
        QCOMPARE(notes->pins.size(), 1u);
        desk.click("new lane of notes");
        desk.type("note text", "hoch");
        desk.click("add note");
        QCOMPARE(desk.project().lanes.back()->pins.size(), 1u);
        QVERIFY(part_of<Inked>(*desk.project().lanes.back())->ink != part_of<Inked>(*notes)->ink);
        auto* band = desk.window.findChild<QCheckBox*>("band shown");
        QTest::mouseClick(band, Qt::LeftButton, {}, {8, band->height() / 2});
        QVERIFY(desk.project().stage->band.shown);
        // On the frame of the spoken word its text begins under the line, to one frame's way.
        const auto rate = desk.project().settings->frame_rate;
        const Frames spoken = round_to_frame(desk.bar(7), rate, FrameRounding::Nearest).frame;
        const auto first_ink = [&](Frames frame) { // of the upper row, in the picture's pixels
            const QImage picture = picture_at(desk, frame, {1280, 720});
            const int top = 720 - 720 * 22 / 100;
            for (int x = 0; x < 1280; ++x)
                for (int y = top + 12; y < top + 50; ++y) {
                    const QColor at = picture.pixelColor(x, y);
                    if (std::abs(x - 1280 * 33 / 100) > 6 && at.lightness() < 80 && at.blue() > at.red())
                        return x;
                }
            return -1;
        };
        const double line = 1280 * 0.33, a_frame = 640 / 24.0;
        QVERIFY2(std::abs(first_ink(spoken) - line) <= a_frame + 6,
                 qPrintable(QString::number(first_ink(spoken))));
        // Ten frames before it is as much farther to the right as the band runs in that time.
        QVERIFY(std::abs(first_ink(spoken - Frames(10)) - (line + 10 * a_frame)) <= a_frame + 6);
        // The picture on the screen has it as well.
        desk.window.view().set_playhead(rate.start_of(spoken));
        QVERIFY(QTest::qWaitFor([&] { return desk.window.preview().shown().frame == spoken; }, 20'000));
        QVERIFY(desk.window.preview().staged().band);
        // The list goes to a note, and undo takes the last away.
        QCOMPARE(desk.window.findChild<QListWidget*>("notes")->count(), 1);
    }

    void journey_a_tapped_rhythm_becomes_drawings_markers_and_a_column() {
        Desk desk;
        QVERIFY(desk.open_demo());
        desk.window.go_to_stop(Stop::Mark);
        desk.click("page of exposures");
        desk.window.timeline().setFocus();
        desk.window.view().set_playhead(desk.bar(5));
        for (const int pause : {0, 260, 500, 250}) { // without any music
            QTest::qWait(pause);
            desk.key(Qt::Key_T);
        }
        const auto markers_before = desk.markers().pins.size();
        desk.click("lay taps");
        const Lane* drawn = desk.project().first_lane(body_type<ExposureBody>);
        QVERIFY(drawn);
        const LaneId lane = drawn->id;
        QCOMPARE(drawn->pins.size(), 4u);
        const auto at = times(desk.project(), *drawn);
        QVERIFY(std::abs(at[0] - desk.bar(5).value) < 1e-6);
        QVERIFY(at[2] - at[1] > 0.4 && at[2] - at[1] < 1.2);
        const auto exposures = spans(desk, lane).exposures;
        QCOMPARE(exposures.size(), 4u);
        QCOMPARE(exposures[2].drawing, "3");
        desk.click("markers of drawings");
        QCOMPARE(desk.markers().pins.size(), markers_before + 4);
        // On twos: runs of two frames from place to place.
        desk.click("hold 2");
        QCOMPARE(spans(desk, lane).exposures.front().held.value, 2);
        desk.window.document().undo();
        QTemporaryDir folder;
        const auto path = std::filesystem::path(folder.path().toStdString()) / "column.csv";
        QVERIFY(export_project(ExportMaterial(desk.project()), *exporter("exposures-csv"), path));
        const QStringList lines = file_text(QString::fromStdString(path.string())).split("\r\n");
        QCOMPARE(lines[0], "frame,drawing,held,of");
        const auto first = spans(desk, lane).exposures.front();
        QCOMPARE(lines[1], QString("%1,1,1,%2").arg(first.first.value).arg(first.held.value));
        QCOMPARE(lines[1 + first.held.value], QString("%1,2,1,%2")
                                                  .arg((first.first + first.held).value)
                                                  .arg(spans(desk, lane).exposures[1].held.value));
    }

    void journey_a_mouth_speaks_a_sentence() {
        Desk desk;
        QVERIFY(open_with_text(desk));
        for (const double at : {4.0, 4.5, 5.0})
            set_word_at(desk, at);
        desk.click("page of exposures");
        desk.click("mouth shapes");
        QVERIFY(QTest::qWaitFor([&] { return desk.project().first_lane(body_type<ExposureBody>) != nullptr; },
                                20'000));
        const LaneId lane = desk.project().first_lane(body_type<ExposureBody>)->id;
        const auto drawing = [&](double seconds) {
            const auto* one = exposure_at(spans(desk, lane).exposures, frame_at(desk, Seconds(seconds)));
            return one ? QString::fromStdString(one->drawing) : QString();
        };
        QCOMPARE(drawing(4.02), "lips");   // the p of "pull"
        QCOMPARE(drawing(4.25), "round");  // its u
        QCOMPARE(drawing(4.52), "tongue"); // the th of "the"
        QCOMPARE(drawing(6.5), "rest");
        for (const auto& one : spans(desk, lane).exposures)
            QVERIFY(one.held >= Frames(2));
        // The table can be changed; the shapes are made again.
        QTimer::singleShot(200, qApp, [] {
            for (auto* widget : QApplication::topLevelWidgets())
                if (widget->objectName() == "mouth table" && widget->isVisible()) {
                    auto* table = widget->findChild<QTableWidget*>("mouth shapes table");
                    table->item(1, 0)->setText("shut");
                    QTest::mouseClick(widget->findChild<QPushButton*>("take mouth"), Qt::LeftButton);
                }
        });
        desk.click("mouth table");
        QVERIFY(QTest::qWaitFor([&] { return drawing(4.02) == "shut"; }, 20'000));
    }

    void journey_drawings_of_a_sequence_are_seen_in_a_layer() {
        Desk desk;
        QVERIFY(desk.open_demo());
        QTemporaryDir folder;
        const QColor colours[] = {QColor(200, 30, 30), QColor(30, 200, 30), QColor(30, 30, 200),
                                  QColor(200, 200, 30)};
        for (int i = 0; i < 4; ++i) {
            QImage drawing(64, 36, QImage::Format_RGB32);
            drawing.fill(colours[i]);
            QVERIFY(drawing.save(folder.filePath(QString("kite_%1.png").arg(i + 1, 4, 10, QChar('0')))));
        }
        desk.window.document().add_clips({folder.path().toStdString()});
        QVERIFY(QTest::qWaitFor([&] { return desk.project().bin->size() == 7; }, 20'000));
        desk.window.go_to_stop(Stop::Mark);
        desk.click("page of exposures");
        desk.click("new lane of exposures");
        const LaneId lane = desk.window.view().lane();
        for (const double at : {4.0, 5.0, 6.0, 7.0}) {
            auto added = with_pin_added(desk.project(), lane, Seconds(at));
            desk.window.document().apply(std::move(added->project), "add");
        }
        // Backwards from 3 to 1, then again.
        desk.window.findChild<QSpinBox*>("first drawing")->setValue(3);
        desk.window.findChild<QSpinBox*>("last drawing")->setValue(1);
        desk.click("number drawings");
        choose_from_menu(desk.window.findChild<QPushButton*>("layer of drawings"),
                         {QString::fromStdString(desk.project().bin->back().name)});
        const LayerId layer = desk.window.view().layer();
        QCOMPARE(desk.project().stage->layer(layer)->drawings, lane);
        hide_shots(desk);
        const auto seen = [&](double seconds) {
            desk.window.view().set_playhead(Seconds(seconds));
            const Frames frame = frame_at(desk, Seconds(seconds));
            (void)QTest::qWaitFor(
                [&] {
                    return desk.window.preview().shown().frame == frame &&
                           desk.window.preview().shown().exact;
                },
                10'000);
            return picture_at(desk, frame).pixelColor(320, 180);
        };
        const auto is = [](const QColor& a, const QColor& b) {
            return std::abs(a.red() - b.red()) + std::abs(a.green() - b.green()) +
                       std::abs(a.blue() - b.blue()) <
                   30;
        };
        QVERIFY(is(seen(4.5), colours[2]));
        QVERIFY(is(seen(5.5), colours[1]));
        QVERIFY(is(seen(6.5), colours[0]));
        QVERIFY(is(seen(7.5), colours[2]));
        QVERIFY(is(seen(3.5), Qt::black));
    }
};

PULSEPIN_TEST_CLASS(JourneysDrawings, "journeys_drawings")
#include "journeys_drawings.moc"
