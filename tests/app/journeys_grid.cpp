// SPDX-License-Identifier: GPL-3.0-or-later
//
// Putting the grid right by eye, ear and hand, each through the real window.
#include "support/answers.h"
#include "support/known_song.h"
#include "support/test_program.h"
#include "time/grid_edits.h"

#include <QComboBox>
#include <QSignalSpy>
#include <QSpinBox>

using namespace pulsepin;
using namespace pulsepin::test;

class JourneysGrid : public QObject, GridHands {
    Q_OBJECT

private slots:
    void journey_drag_a_beat() {
        Desk desk;
        QVERIFY(desk.open_demo());
        desk.window.go_to_stop(Stop::Grid);
        const auto grid = desk.project().grid;
        const Seconds bar = desk.bar(9);
        show(desk, bar.value - 3, bar.value + 3);
        const auto pins = resolve(desk.project());
        drag_beat(desk, bar, bar + Seconds(0.06), Qt::ShiftModifier);
        QCOMPARE(desk.window.document().undo_name(), QString("move beat"));
        const Seconds by = desk.bar(9) - bar;
        QVERIFY(by > Seconds(0.04) && by < Seconds(0.08));
        QCOMPARE(desk.bar(8), grid->time_at(grid->ticks_of({8, 1, 0})));
        QCOMPARE(desk.bar(10), grid->time_at(grid->ticks_of({10, 1, 0})));
        // The marker on that bar went along.
        const auto now = resolve(desk.project());
        bool along = false;
        for (std::size_t lane = 0; lane < now.size(); ++lane)
            for (std::size_t i = 0; i < now[lane].pins.size(); ++i)
                along = along ||
                        (std::abs((pins[lane].pins[i].time - bar).value) < 0.01 &&
                         std::abs((now[lane].pins[i].time - pins[lane].pins[i].time - by).value) < 0.005);
        QVERIFY(along);
        // While it is dragged, Escape gives it up.
        auto* timeline = &desk.window.timeline();
        QTest::mousePress(timeline, Qt::LeftButton, {}, at_beat(desk, desk.bar(9)));
        QMouseEvent move(QEvent::MouseMove, at_beat(desk, desk.bar(9) + Seconds(0.2)),
                         timeline->mapToGlobal(QPoint(0, 0)), Qt::NoButton, Qt::LeftButton, Qt::NoModifier);
        QApplication::sendEvent(timeline, &move);
        QTest::keyClick(timeline, Qt::Key_Escape);
        QTest::mouseRelease(timeline, Qt::LeftButton, {}, at_beat(desk, desk.bar(9)));
        desk.key(Qt::Key_Z, Qt::ControlModifier);
        QCOMPARE(desk.project().grid, grid);
    }

    void journey_hold_fit_add_and_delete() {
        Desk desk;
        QVERIFY(desk.open_demo());
        desk.window.go_to_stop(Stop::Grid);
        desk.click("detect");
        QVERIFY(desk.settle());
        const auto right = *desk.project().grid;
        const Seconds bar = desk.bar(5);
        show(desk, bar.value - 2, bar.value + 4);
        auto* timeline = &desk.window.timeline();
        // Delete three beats of the bar, add a stray one.
        for (int i = 0; i < 3; ++i) {
            const auto beat = right.nearest_beat(bar).value / ticks_per_beat + 1;
            QTest::mouseClick(timeline, Qt::LeftButton, {},
                              at_beat(desk, desk.project().grid->time_at(Ticks(beat * 960))));
            timeline->setFocus();
            desk.key(Qt::Key_Delete);
        }
        QTest::mouseDClick(timeline, Qt::LeftButton, Qt::ShiftModifier, at_beat(desk, bar + Seconds(0.8)));
        QCOMPARE(desk.project().grid->beats().size(), right.beats().size() - 2);
        // Hold the beats to both sides, then let beats be fitted in between.
        for (const Seconds time : {bar, right.time_at(right.ticks_of({6, 1, 0}))}) {
            desk.window.view().choose_beat(std::nullopt);
            desk.window.view().set_playhead(time);
            desk.key(Qt::Key_H);
        }
        desk.window.view().set_playhead(bar + Seconds(0.3));
        desk.key(Qt::Key_F);
        QCOMPARE(desk.project().grid->beats().size(), right.beats().size());
        for (std::size_t i = 0; i < right.beats().size(); ++i)
            QVERIFY(std::abs((desk.project().grid->beats()[i].time - right.beats()[i].time).value) < 0.03);
        // A typed number of beats is taken as it is.
        desk.window.findChild<QSpinBox*>("fit count")->setValue(8);
        desk.click("fit");
        QCOMPARE(desk.project().grid->beats().size(), right.beats().size() + 4);
        // Without held beats around it says what to do.
        desk.window.view().set_playhead(Seconds(0.1));
        desk.click("fit");
        QVERIFY(says(desk.message(), "Hold a beat"));
    }

    void journey_tap_along() {
        Desk desk;
        QVERIFY(desk.open_demo());
        desk.window.go_to_stop(Stop::Grid);
        auto& window = desk.window;
        QVERIFY(window.taps().isVisible());
        // With the key while it plays, and with the button.
        window.timeline().setFocus();
        desk.key(Qt::Key_Space);
        for (int i = 0; i < 3; ++i) {
            QTest::qWait(120);
            desk.key(Qt::Key_T, i == 0 ? Qt::ShiftModifier : Qt::NoModifier);
        }
        QTest::qWait(120);
        desk.click("tap");
        desk.key(Qt::Key_Space);
        QCOMPARE(window.taps().taps().size(), std::size_t{4});
        QVERIFY(window.taps().taps().front().first_of_bar);
        QVERIFY(!window.taps().taps().back().first_of_bar);

        // Taps that are 40 ms late, on a grid that is right: that much is taken off from now on.
        const auto tap_on = [&](double later, int count) {
            window.taps().forget();
            for (int i = 0; i < count; ++i)
                window.taps().tap_in_song(desk.bar(5 + i / 4, 1 + i % 4) + Seconds(later), 1, i % 4 == 0);
        };
        tap_on(0.04, 16);
        desk.click("measure latency");
        QCOMPARE(window.findChild<QSpinBox*>("tap latency")->value(), 40);
        const auto grid = desk.project().grid;
        // Shift the grid away, tap where it was: phase brings it back.
        const Seconds bar = desk.bar(5);
        tap_on(0.04 + 0.05, 16);
        desk.click("taps for phase");
        QVERIFY(std::abs((desk.bar(5) - bar).value - 0.05) < 0.003);
        desk.key(Qt::Key_Z, Qt::ControlModifier);
        QCOMPARE(desk.project().grid, grid);
        // As beats: they lie on the taps.
        tap_on(0.04 + 0.03, 16);
        const Seconds tapped = window.taps().taps()[5].time;
        desk.click("taps for beats");
        QVERIFY(std::abs((desk.project().grid->time_at(desk.project().grid->nearest_beat(tapped)) - tapped)
                             .value) < 1e-9);
        desk.key(Qt::Key_Z, Qt::ControlModifier);
        // As markers.
        const auto markers = desk.markers().pins.size();
        desk.click("taps for markers");
        QCOMPARE(desk.markers().pins.size(), markers + 16);
        desk.key(Qt::Key_Z, Qt::ControlModifier);
        // As a tempo, also without playback.
        window.findChild<QSpinBox*>("tap latency")->setValue(0);
        desk.click("taps for tempo");
        QVERIFY(std::abs(desk.project().grid->typical_tempo().value - grid->typical_tempo().value) < 0.5);
        window.taps().forget();
        for (int i = 0; i < 4; ++i) {
            desk.key(Qt::Key_T);
            QTest::qWait(100);
        }
        QCOMPARE(window.taps().taps().size(), std::size_t{4});
        QVERIFY(
            !window.findChild<QPushButton*>("taps for phase")->isEnabled()); // no place in the song is known
    }

    void journey_find_again_keep_held() {
        Desk desk;
        QVERIFY(desk.open_demo());
        desk.window.go_to_stop(Stop::Grid);
        desk.click("detect");
        QVERIFY(desk.settle());
        // Someone spoils the grid but for one beat that is held.
        const auto found = *desk.project().grid;
        const Seconds kept = desk.bar(13);
        desk.window.view().set_playhead(kept);
        desk.window.timeline().setFocus();
        desk.key(Qt::Key_H);
        auto spoilt = desk.project().grid->beats();
        for (std::size_t i = 0; i < spoilt.size(); ++i)
            if (spoilt[i].origin != BeatOrigin::Held)
                spoilt[i].time += Seconds(i % 2 == 0 ? 0.05 : -0.04),
                    spoilt[i].origin = BeatOrigin::Corrected;
        desk.window.document().apply(
            retimed(desk.project(), *BeatGrid::make(spoilt, found.first_beat(), found.metres())), "spoil");
        const auto before = desk.project().grid;
        desk.click("detect"); // now "Find the rest"
        QVERIFY(desk.settle());
        auto* take = desk.window.findChild<QPushButton*>("take proposal");
        QVERIFY(take->isVisible());
        QCOMPARE(desk.project().grid, before); // shown beside it, not taken
        QVERIFY(desk.window.document().detection().proposal());
        desk.click("leave proposal");
        // Another tempo is proposed as well, where there are corrections to lose.
        desk.click("tempo candidate 2");
        QVERIFY(desk.settle());
        QCOMPARE(desk.project().grid, before);
        desk.window.document().detection().leave_proposal();
        QVERIFY(!take->isVisible());
        QCOMPARE(desk.project().grid, before);
        desk.click("detect");
        QVERIFY(desk.settle());
        desk.click("take proposal");
        int right = 0, held = 0;
        for (const auto& beat : desk.project().grid->beats()) {
            right += std::abs((found.time_at(found.nearest_beat(beat.time)) - beat.time).value) < 0.02;
            held += beat.origin == BeatOrigin::Held && beat.time == kept;
        }
        QCOMPARE(held, 1);
        // What was found is kept beside it, and finding once more still asks.
        QVERIFY(!(*desk.project().detection->grid == *desk.project().grid));
        const auto taken = desk.project().grid;
        desk.click("detect");
        QVERIFY(desk.settle());
        QVERIFY(take->isVisible());
        QCOMPARE(desk.project().grid, taken);
        desk.click("leave proposal");
        // A grid that keeps to what is held may begin a little later.
        QVERIFY2(right > static_cast<int>(0.9 * static_cast<double>(found.beats().size())),
                 qPrintable(QString::number(right)));
        desk.window.timeline().setFocus();
        desk.key(Qt::Key_Z, Qt::ControlModifier);
        QCOMPARE(desk.project().grid, before);
    }

    void journey_exclude_a_stretch() {
        Desk desk;
        QVERIFY(desk.open_demo());
        desk.window.action("exclude")->trigger();
        QVERIFY(says(desk.message(), "Drag over the ruler"));
        desk.window.view().set_range(TimeRange{Seconds(10), Seconds(14)});
        desk.window.action("exclude")->trigger();
        QCOMPARE(*desk.project().excluded, (std::vector<TimeSpan>{{Seconds(10), Seconds(14)}}));
        QTemporaryDir dir; // it is kept in the file
        const auto file = dir.filePath("a.pulsepin").toStdString();
        QVERIFY(desk.window.document().save_now(file));
        desk.window.document().start_new();
        QVERIFY(desk.window.document().open(file));
        QCOMPARE(desk.project().excluded->size(), std::size_t{1});
        desk.window.view().set_range(TimeRange{Seconds(9), Seconds(15)});
        desk.window.action("include")->trigger();
        QVERIFY(desk.project().excluded->empty());
    }

    void journey_next_doubtful_place() {
        Desk desk;
        QVERIFY(desk.open_demo());
        desk.window.go_to_stop(Stop::Grid);
        desk.click("detect");
        QVERIFY(desk.settle());
        // Two bars half a beat off.
        auto beats = desk.project().grid->beats();
        const auto first = static_cast<std::size_t>(desk.project().grid->ticks_of({5, 1, 0}).value / 960 -
                                                    desk.project().grid->first_beat());
        for (std::size_t i = first; i < first + 8; ++i)
            beats[i].time += Seconds(0.13);
        desk.window.document().apply(
            retimed(desk.project(),
                    *BeatGrid::make(beats, desk.project().grid->first_beat(), desk.project().grid->metres())),
            "spoil");
        desk.window.view().set_playhead(Seconds(0));
        desk.window.timeline().setFocus();
        desk.key(Qt::Key_D);
        QTRY_VERIFY(desk.window.view().range());
        const auto range = desk.window.view().range();
        QVERIFY(range->from <= desk.bar(5) + Seconds(0.01) && range->until >= desk.bar(6));
        QVERIFY(desk.window.view().looping());
        QVERIFY(desk.window.player().playing());
        desk.key(Qt::Key_Space);
    }

    void journey_courses_of_the_tempo() {
        KnownSong song;
        QVERIFY(song.make(125, 16));
        Desk desk;
        QVERIFY(open(desk, song));
        auto* constant = desk.window.findChild<QPushButton*>("course constant");
        QEnterEvent enter(QPointF(5, 5), QPointF(5, 5), QPointF(5, 5));
        QApplication::sendEvent(constant, &enter);
        QVERIFY(desk.window.view().course());
        QCOMPARE(desk.window.view().course()->errors.size(), desk.project().grid->beats().size());
        const QImage with_course = desk.window.timeline().grab().toImage();
        QEvent leave(QEvent::Leave);
        QApplication::sendEvent(constant, &leave);
        QVERIFY(!desk.window.view().course());
        QVERIFY(desk.window.timeline().grab().toImage() != with_course); // its residuals were drawn
        desk.click("course constant");
        const auto grid = desk.project().grid;
        QVERIFY(std::abs(grid->typical_tempo().value - 125) < 0.05);
        for (std::size_t i = 2; i < grid->beats().size(); ++i) {
            const auto& b = grid->beats();
            QVERIFY(std::abs((b[i].time - b[i - 1].time - (b[i - 1].time - b[i - 2].time)).value) < 1e-6);
        }
        QVERIFY(song.right(*grid));
        QVERIFY(constant->isChecked());
        desk.click("course beats");
        QVERIFY(song.right(*desk.project().grid));
        desk.click("course steps");
        QVERIFY(song.right(*desk.project().grid));
    }

    void journey_tempo_typed_and_dragged() {
        Desk desk;
        QVERIFY(desk.open_demo());
        desk.window.go_to_stop(Stop::Grid);
        auto* tempo = desk.window.findChild<TempoField*>("tempo");
        auto* edit = tempo->findChild<QLineEdit*>();
        const auto before = desk.project().grid->typical_tempo();
        const Seconds bar_one = desk.bar(1);
        QTest::mousePress(edit, Qt::LeftButton, {}, QPoint(10, 8));
        for (const int x : {20, 40, 60}) {
            QMouseEvent move(QEvent::MouseMove, QPointF(x, 8), edit->mapToGlobal(QPointF(x, 8)), Qt::NoButton,
                             Qt::LeftButton, Qt::NoModifier);
            QApplication::sendEvent(edit, &move);
        }
        QCOMPARE(desk.project().grid->typical_tempo().value, before.value); // not before it is let go
        QTest::mouseRelease(edit, Qt::LeftButton, {}, QPoint(60, 8));
        QVERIFY(std::abs(desk.project().grid->typical_tempo().value - before.value - 5) < 0.2);
        QVERIFY(std::abs((desk.bar(1) - bar_one).value) < 1e-9);
        // Typed, it asks what becomes of what hangs on the beats; given up, nothing changes.
        const auto tempo_now = [&] { return desk.project().grid->typical_tempo().value; };
        const auto type = [&](const char* text) {
            edit->selectAll();
            QTest::keyClicks(edit, text);
            QTest::keyClick(edit, Qt::Key_Return);
        };
        const auto marker_times = [&] { return times(desk.project(), desk.markers()); };
        const auto as_dragged = marker_times();
        const double dragged = tempo_now();
        Answers answers;
        answers.cancel();
        type("120.5");
        QCOMPARE(tempo_now(), dragged);
        QCOMPARE(marker_times(), as_dragged);
        answers.press("Keep times");
        type("120.5");
        QVERIFY(std::abs(tempo_now() - 120.5) < 0.01);
        for (std::size_t i = 0; i < as_dragged.size(); ++i)
            QVERIFY(std::abs(marker_times()[i] - as_dragged[i]) < 1e-6);
        QTRY_COMPARE(desk.window.focusWidget(), static_cast<QWidget*>(&desk.window.timeline()));
        desk.key(Qt::Key_Z, Qt::ControlModifier);
        QCOMPARE(tempo_now(), dragged);
        answers.press("Keep beats");
        type("120.5");
        QVERIFY(std::abs(tempo_now() - 120.5) < 0.01);
        QVERIFY(std::abs(marker_times().back() - as_dragged.back()) > 0.1);
        QVERIFY(answers.all_asked());
        // Letters mean nothing there; when it is finished they are commands again.
        edit->setFocus();
        desk.key(Qt::Key_T);
        QCOMPARE(desk.window.taps().taps().size(), std::size_t{0});
        desk.key(Qt::Key_Return);
        QTRY_COMPARE(desk.window.focusWidget(), static_cast<QWidget*>(&desk.window.timeline()));
        desk.key(Qt::Key_T);
        QCOMPARE(desk.window.taps().taps().size(), std::size_t{1});
    }

    // A loop over two bars stays over them when the beats move, and under the same sound when they are
    // renamed.
    void journey_a_range_goes_with_its_beats() {
        Desk desk;
        QVERIFY(desk.open_demo());
        desk.window.go_to_stop(Stop::Grid);
        const TimeRange bars{desk.bar(5), desk.bar(7)};
        desk.window.view().set_range(bars);
        desk.click("shift 10");
        const auto moved = *desk.window.view().range();
        QVERIFY(std::abs((moved.from - bars.from).value - 0.01) < 1e-9);
        QVERIFY(std::abs((moved.until - bars.until).value - 0.01) < 1e-9);
        desk.click("half");
        QCOMPARE(*desk.window.view().range(), moved);
        desk.window.timeline().setFocus();
        desk.key(Qt::Key_Z, Qt::ControlModifier);
        desk.key(Qt::Key_Z, Qt::ControlModifier);
        QVERIFY(std::abs((desk.window.view().range()->from - bars.from).value) < 1e-9);
    }

    // Frames instead of milliseconds, with Ctrl held.
    void journey_grid_moved_by_frames() {
        Desk desk;
        QVERIFY(desk.open_demo());
        desk.window.go_to_stop(Stop::Grid);
        const Seconds before = desk.bar(5);
        QTest::keyPress(&desk.window, Qt::Key_Control);
        QTest::mouseClick(desk.window.findChild<QPushButton*>("shift 1"), Qt::LeftButton,
                          Qt::ControlModifier);
        QTest::keyRelease(&desk.window, Qt::Key_Control);
        QVERIFY(std::abs((desk.bar(5) - before).value - 1.0 / 24) < 1e-9);
    }

    void journey_three_for_two() {
        Desk desk;
        QVERIFY(desk.open_demo());
        desk.window.go_to_stop(Stop::Grid);
        const auto tempo = desk.project().grid->typical_tempo();
        const auto cuts = resolve(desk.project());
        desk.click("three of two");
        QVERIFY(std::abs(desk.project().grid->typical_tempo() / tempo - 1.5) < 1e-6);
        desk.click("two of three");
        QVERIFY(std::abs(desk.project().grid->typical_tempo() / tempo - 1) < 1e-6);
        const auto now = resolve(desk.project());
        for (std::size_t lane = 0; lane < now.size(); ++lane)
            for (std::size_t i = 0; i < now[lane].pins.size(); ++i)
                QVERIFY(std::abs((now[lane].pins[i].time - cuts[lane].pins[i].time).value) < 1e-9);
    }

    void journey_metre_from_a_bar_on() {
        Desk desk;
        QVERIFY(desk.open_demo());
        desk.window.view().set_playhead(desk.bar(9));
        const auto beat = desk.project().grid->nearest_beat(desk.bar(9));
        auto* menu = desk.window.findChild<QMenu*>();
        QVERIFY(menu);
        QAction* chosen = nullptr;
        for (auto* sub : desk.window.action("hold beat")->associatedObjects())
            if (auto* beats = qobject_cast<QMenu*>(sub))
                for (auto* action : beats->actions())
                    if (action->menu() && tells(action->text(), "Metre from this bar on"))
                        for (auto* metre : action->menu()->actions())
                            if (tells(metre->text(), "7/8"))
                                chosen = metre;
        QVERIFY(chosen);
        chosen->trigger();
        QCOMPARE(desk.project().grid->metre_at(beat), (Metre{7, 8}));
        QCOMPARE(desk.project().grid->metre_at(Ticks(0)), (Metre{4, 4}));
        QCOMPARE(desk.project().grid->position_of(beat + Ticks(7 * 960)).beat, 1);
    }

    void journey_beats_in_and_out() {
        Desk desk;
        QVERIFY(desk.open_demo());
        QTemporaryDir dir;
        const auto grid = desk.project().grid;
        for (const char* id : {"midi", "beats-csv", "beats-text", "jams"}) {
            desk.window.document().apply(relabelled(desk.project(), *grid), "again");
            const auto* row = exporter(id);
            QVERIFY(row);
            const QString file = dir.filePath(QString("a.%1").arg(row->extension.data()));
            desk.window.export_panel().write(*row, file);
            QVERIFY(desk.settle());
            desk.window.document().apply(
                relabelled(desk.project(), *BeatGrid::steady(Bpm(77), Seconds(0), {}, Seconds(60))), "other");
            desk.window.open_beats(file);
            // A plain list does not tell which bar is the first.
            const auto by =
                QByteArray(id) == "beats-text" ? desk.project().grid->first_beat() - grid->first_beat() : 0;
            for (auto beat = grid->first_beat(); beat <= grid->last_beat(); ++beat) {
                const double apart = (desk.project().grid->time_at(Ticks((beat + by) * 960)) -
                                      grid->time_at(Ticks(beat * 960)))
                                         .value;
                QVERIFY2(std::abs(apart) < 1e-5,
                         qPrintable(QString("%1 %2 %3 %4").arg(id).arg(beat).arg(apart).arg(desk.message())));
            }
        }
        const auto before = desk.project().grid;
        QFile bad(dir.filePath("bad.mid"));
        QVERIFY(bad.open(QIODevice::WriteOnly));
        bad.write("no");
        bad.close();
        desk.window.open_beats(bad.fileName());
        QVERIFY(says(desk.message(), "bad.mid"));
        QCOMPARE(desk.project().grid, before);
    }

    void journey_snapping() {
        Desk desk;
        QVERIFY(desk.open_demo());
        show(desk, 0, 12);
        const PinId cut = desk.cuts().pins[1].id;
        const auto drag_by = [&](Seconds by) {
            const QPoint from = desk.window.timeline().head_position(cut).toPoint();
            const int pixels = static_cast<int>(by.value * desk.window.timeline().scale().pixels_per_second);
            desk.drag(from, from + QPoint(pixels, 0));
        };
        const auto off_beat = [&] {
            const double beat =
                desk.project()
                    .grid->beats_at(*anchored_time(desk.project().pin(cut)->anchor, desk.project()))
                    .value;
            return std::abs(beat - std::round(beat));
        };
        desk.window.action("snap always")->trigger();
        drag_by(Seconds(0.7));
        QVERIFY(off_beat() < 1e-6);
        desk.window.action("snap off")->trigger();
        drag_by(Seconds(0.7));
        QVERIFY(off_beat() > 0.02);
        desk.window.action("snap near")->trigger();
        const auto& grid = *desk.project().grid;
        const Seconds now = *anchored_time(desk.project().pin(cut)->anchor, desk.project());
        drag_by(grid.time_at(Beats(std::ceil(grid.beats_at(now).value))) - now + Seconds(0.03));
        QVERIFY(off_beat() < 1e-6);
    }
};

PULSEPIN_TEST_CLASS(JourneysGrid, "journeys_grid")
#include "journeys_grid.moc"
