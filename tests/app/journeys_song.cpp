// SPDX-License-Identifier: GPL-3.0-or-later
//
// Ways of moving through a song, looking at it and playing it, each through the real window.
#include "base/text_file.h"
#include "interchange/project_file.h"
#include "model/edits.h"
#include "shell/main_window.h"
#include "support/desk.h"
#include "support/test_program.h"

#include <QApplication>
#include <QDropEvent>
#include <QFile>
#include <QFileDialog>
#include <QListWidget>
#include <QMessageBox>
#include <QMimeData>
#include <QProcess>
#include <QPushButton>
#include <QSignalSpy>
#include <QStandardPaths>
#include <QTemporaryDir>
#include <QTest>
#include <QWheelEvent>
#include <cmath>

using namespace pulsepin;
using namespace pulsepin::test;

class JourneysThroughTheSong : public QObject {
    Q_OBJECT

private slots:
    void journey_zoom_scroll_and_go() {
        Desk desk;
        QVERIFY(desk.open_demo());
        auto& timeline = desk.window.timeline();
        timeline.show_all();
        const QPoint at(600, 100);
        const Seconds under = timeline.scale().time(600);
        const double wide = timeline.scale().pixels_per_second;
        for (int i = 0; i < 6; ++i)
            desk.wheel(at, 120);
        QVERIFY(timeline.scale().pixels_per_second > 6 * wide);
        QVERIFY(std::abs((timeline.scale().time(600) - under).value) < 0.02);
        const Seconds start = timeline.scale().start;
        desk.wheel(at, -120, Qt::ShiftModifier);
        QVERIFY(timeline.scale().start > start);
        for (int i = 0; i < 40; ++i)
            desk.wheel(at, -120);
        QVERIFY(timeline.scale().span() < Seconds(70)); // no further out than the song
        for (int i = 0; i < 60; ++i)
            desk.wheel(at, 120); // down to single samples
        QTest::qWait(30);
        QVERIFY(timeline.scale().pixels_per_second > 48'000 * 4);
        timeline.show_all();
        QTest::mouseClick(&timeline, Qt::LeftButton, {}, desk.in_ruler(Seconds(30)));
        QVERIFY(std::abs(desk.window.view().playhead().value - 30) < 0.1);
        timeline.setFocus();
        desk.key(Qt::Key_Home);
        QCOMPARE(desk.window.view().playhead(), Seconds(0));
        const auto rate = desk.project().settings->frame_rate;
        for (int i = 0; i < 5; ++i)
            desk.key(Qt::Key_Right);
        QCOMPARE(rate.frame_at(desk.window.view().playhead()).value, 5);
        desk.key(Qt::Key_Left);
        QCOMPARE(rate.frame_at(desk.window.view().playhead()).value, 4);
        desk.key(Qt::Key_Right, Qt::ControlModifier);
        QCOMPARE(desk.window.view().playhead(), moment_of(desk.bar(1), *desk.project().settings));
        desk.key(Qt::Key_Right, Qt::ControlModifier);
        desk.key(Qt::Key_Right, Qt::ShiftModifier);
        QCOMPARE(desk.window.view().playhead(), moment_of(desk.bar(2, 2), *desk.project().settings));
        desk.key(Qt::Key_PageDown);
        QCOMPARE(desk.window.view().selection().size(), std::size_t{1});
    }

    void journey_loop_a_range() {
        Desk desk;
        QVERIFY(desk.open_demo());
        desk.window.timeline().show_range(desk.bar(1), desk.bar(9));
        QTest::qWait(30);
        desk.drag(desk.in_ruler(desk.bar(2) + Seconds(0.02)), desk.in_ruler(desk.bar(2, 2) - Seconds(0.02)));
        QVERIFY(desk.window.view().range().has_value());
        QCOMPARE(desk.window.view().range()->from, desk.bar(2)); // snapped
        QCOMPARE(desk.window.view().range()->until, desk.bar(2, 2));
        desk.window.timeline().setFocus();
        desk.key(Qt::Key_L);
        desk.key(Qt::Key_Space);
        QElapsedTimer clock;
        clock.start();
        bool outside = false;
        int turns = 0;
        Seconds last = desk.bar(2);
        while (clock.elapsed() < 1800) {
            QTest::qWait(10);
            const Seconds now = desk.window.view().playhead();
            outside = outside || now < desk.bar(2) - Seconds(0.001) || now > desk.bar(2, 2) + Seconds(0.001);
            turns += now < last;
            last = now;
        }
        desk.key(Qt::Key_Space);
        QVERIFY(!outside);
        QVERIFY2(turns >= 2, qPrintable(QString::number(turns)));
    }

    void journey_a_few_seconds() {
        Desk desk;
        QVERIFY(desk.open_demo());
        desk.window.timeline().setFocus();
        desk.window.view().set_playhead(Seconds(20));
        desk.key(Qt::Key_Space, Qt::ShiftModifier);
        QVERIFY(desk.window.player().playing());
        QTest::qWait(400);
        QVERIFY(desk.window.transport().lamps().lit() >= 0);
        desk.key(Qt::Key_Space, Qt::ShiftModifier);
        QVERIFY(!desk.window.player().playing());
        QCOMPARE(desk.window.view().playhead(), Seconds(20)); // back, to hear it again
        QVERIFY(desk.window.status().device_note().contains("silently"));
    }

    // Slower and faster without losing the place; the picture follows.
    void journey_slow_motion_for_the_ear() {
        Desk desk;
        QVERIFY(desk.open_demo());
        desk.window.timeline().setFocus();
        desk.window.view().set_playhead(Seconds(10));
        desk.key(Qt::Key_Comma);
        desk.key(Qt::Key_Comma);
        QCOMPARE(desk.window.player().speed(), 0.5);
        desk.key(Qt::Key_Space);
        QElapsedTimer clock;
        clock.start();
        QTest::qWait(1500);
        const double wall = static_cast<double>(clock.nsecsElapsed()) * 1e-9;
        const double song = desk.window.player().position().value - 10;
        QVERIFY2(song > 0.3 * wall && song < 0.6 * wall,
                 qPrintable(QString("%1 s in %2 s").arg(song).arg(wall)));
        const Seconds before = desk.window.player().position();
        desk.key(Qt::Key_Period); // while playing: it goes on from where it is
        QVERIFY(desk.window.player().playing());
        QVERIFY(std::abs((desk.window.player().position() - before).value) < 0.2);
        desk.key(Qt::Key_Space);
        desk.key(Qt::Key_Period);
        QCOMPARE(desk.window.player().speed(), 1.0);
    }

    void journey_jump_from_mark_to_mark() {
        Desk desk;
        QVERIFY(desk.open_demo());
        desk.window.timeline().setFocus();
        desk.key(Qt::Key_Home);
        // To the frame that acts; where that is the later of two, the playhead stands a little behind the
        // bar.
        const auto rate = desk.project().settings->frame_rate;
        const auto stands_at = [&](std::int64_t bar) {
            const auto frame = round_to_frame(desk.bar(bar), rate, FrameRounding::Nearest).frame;
            return desk.window.view().playhead() == std::max(desk.bar(bar), rate.start_of(frame));
        };
        desk.key(Qt::Key_PageDown, Qt::ShiftModifier);
        QVERIFY(stands_at(9)); // the first marker
        desk.key(Qt::Key_PageDown, Qt::ControlModifier);
        QVERIFY(stands_at(11)); // the next cut
        desk.key(Qt::Key_PageUp, Qt::ControlModifier);
        QVERIFY(stands_at(9));
        desk.window.view().select({desk.markers().pins[2].id});
        desk.key(Qt::Key_G);
        QVERIFY(stands_at(21));
        desk.key(Qt::Key_I);
        desk.key(Qt::Key_Right, Qt::ControlModifier);
        desk.key(Qt::Key_O);
        QVERIFY(desk.window.view().range() == (TimeRange{desk.bar(21), desk.bar(22)}));
    }

    void journey_stop_returns_if_wished() {
        Desk desk;
        QVERIFY(desk.open_demo());
        desk.window.timeline().setFocus();
        desk.window.view().set_playhead(Seconds(12));
        desk.window.action("stop returns")->setChecked(true);
        desk.key(Qt::Key_Space);
        QTest::qWait(300);
        desk.key(Qt::Key_Space);
        QCOMPARE(desk.window.view().playhead(), Seconds(12));
        desk.window.action("stop returns")->setChecked(false);
        desk.key(Qt::Key_Space);
        QTest::qWait(400);
        desk.key(Qt::Key_Space);
        QVERIFY(desk.window.view().playhead() > Seconds(12));
    }

    void journey_see_what_the_waveform_hides() {
        Desk desk;
        QVERIFY(desk.open_demo());
        auto& timeline = desk.window.timeline();
        QTRY_VERIFY(timeline.tiles().complete());
        const auto wave = [&] { return timeline.grab(timeline.wave_row().toRect()).toImage(); };
        const auto spectrum = [&] { return timeline.grab(timeline.spectrum_row().toRect()).toImage(); };
        const auto settled = [&] {
            QTest::qWait(30);
            return QTest::qWaitFor([&] { return timeline.tiles().complete(); });
        };
        const QImage normal = wave(), bands = spectrum();
        desk.window.action("higher wave")->trigger();
        QVERIFY(settled());
        QTRY_VERIFY(wave() != normal);
        const QImage higher = wave();
        desk.window.action("Waveform: Left and right")->trigger();
        QVERIFY(settled());
        QTRY_VERIFY(wave() != higher);
        desk.window.action("Spectrum: Logarithmic")->trigger();
        QVERIFY(settled());
        QTRY_VERIFY(spectrum() != bands);
        const QImage dim = spectrum();
        desk.window.action("brighter")->trigger();
        QVERIFY(settled());
        QTRY_VERIFY(spectrum() != dim);
        const double height = timeline.wave_row().height();
        desk.window.action("Spectrum: Folded")->trigger();
        QTest::qWait(30);
        QCOMPARE(timeline.spectrum_row().height(), 0.0);
        QVERIFY(timeline.wave_row().height() > height);
        desk.window.action("Waveform: Folded")->trigger();
        QTest::qWait(30);
        QCOMPARE(timeline.wave_row().height(), 0.0);
        for (const char* under :
             {"Ruler counts: Seconds", "Ruler counts: Timecode", "Ruler counts: Frames"}) {
            const QImage before = timeline.grab(timeline.ruler_row().toRect()).toImage();
            desk.window.action(under)->trigger();
            QTest::qWait(30);
            QVERIFY2(timeline.grab(timeline.ruler_row().toRect()).toImage() != before, under);
        }
        QVERIFY(!desk.window.document().unsaved()); // a view, never a change of the work
    }

    // However one zooms and scrolls, no place of the waveform stays blank while tiles are on their way.
    void journey_no_blank_while_zooming() {
        Desk desk;
        QVERIFY(desk.open_demo());
        auto& timeline = desk.window.timeline();
        timeline.show_all();
        QTRY_VERIFY(timeline.tiles().complete());
        for (int i = 0; i < 12; ++i) {
            desk.wheel({700, 100}, i < 8 ? 120 : -120);
            const QImage now = timeline.grab(timeline.wave_row().toRect()).toImage();
            int blank = 0;
            const int middle = now.height() / 2;
            for (int x = 0; x < now.width(); ++x) {
                const QColor c = now.pixelColor(x, middle);
                blank += c.lightness() > 200; // paper shows where the waveform should be
            }
            QVERIFY2(blank < now.width() / 12,
                     qPrintable(QString("step %1: %2 blank columns").arg(i).arg(blank)));
        }
    }
};

PULSEPIN_TEST_CLASS(JourneysThroughTheSong, "journeys_song")
#include "journeys_song.moc"
