// SPDX-License-Identifier: GPL-3.0-or-later
//
// Ways of working, each through the real window with mouse and keyboard.
#include "base/text_file.h"
#include "commands/command_dialogs.h"
#include "interchange/project_file.h"
#include "model/edits.h"
#include "shell/main_window.h"
#include "support/attempts.h"
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
#include <QScreen>
#include <QSignalSpy>
#include <QStandardPaths>
#include <QTemporaryDir>
#include <QTest>
#include <QWheelEvent>
#include <cmath>

using namespace pulsepin;
using namespace pulsepin::test;

class Journeys : public QObject {
    Q_OBJECT
    QTemporaryDir dir_;
    [[nodiscard]] QString file(const QString& name) const { return dir_.filePath(name); }

private slots:
    void initTestCase() { QVERIFY(dir_.isValid()); }

    // The main job, start to end.
    void journey_demo_to_edit_list() {
        Desk desk;
        QVERIFY(desk.open_demo());
        const Project before = desk.project();

        desk.key(Qt::Key_2, Qt::ControlModifier);
        desk.click("detect");
        QVERIFY(desk.settle());
        QVERIFY(std::abs(desk.project().grid->typical_tempo().value - 118) < 0.1);

        desk.key(Qt::Key_4, Qt::ControlModifier);
        desk.type("from", "13.1");
        desk.type("until", "21.1");
        QVERIFY(desk.window.view().outlines().has_value());
        QCOMPARE(desk.window.view().outlines()->outlines.size(), std::size_t{16});
        const auto had = desk.cuts().pins.size();
        desk.click("place");
        QCOMPARE(desk.cuts().pins.size(), had + 16);
        QCOMPARE(desk.window.view().selection().size(), std::size_t{16});

        // Two seconds of playing: the picture is never more than a frame from the sound.
        const Seconds began = desk.bar(13) - Seconds(0.5);
        const auto played = attempted([&]() -> QString {
            desk.window.timeline().setFocus();
            desk.window.view().set_playhead(began);
            int looks = 0, off = 0;
            const auto look = connect(&desk.window.preview(), &PreviewView::picture_shown, this, [&] {
                const auto& shown = desk.window.preview().shown();
                ++looks;
                off += std::abs((shown.frame - desk.project().settings->frame_rate.frame_at(
                                                   desk.window.player().position()))
                                    .value) > 1;
            });
            desk.key(Qt::Key_Space);
            const bool arrived =
                desk.window.player().playing() &&
                QTest::qWaitFor([&] { return desk.window.view().playhead() - began > Seconds(2); }, 20'000);
            desk.key(Qt::Key_Space);
            disconnect(look);
            if (!arrived || desk.window.player().playing())
                return "Space did not play, or did not stop";
            if (looks > 10 && off == 0)
                return {};
            return QString("%1 of %2 pictures were more than a frame from the sound").arg(off).arg(looks);
        });
        if (!played.right && !played.wrong())
            qInfo("too busy a machine to tell: %s", qPrintable(played.why));
        else
            QVERIFY2(played.right, qPrintable(played.why));

        desk.key(Qt::Key_6, Qt::ControlModifier);
        once_a_dialog_is_open(200, [this] {
            auto* dialog = qobject_cast<QFileDialog*>(QApplication::activeModalWidget());
            if (!dialog)
                return;
            dialog->selectFile(file("kite.edl"));
            dialog->findChild<QLineEdit*>()->setText(file("kite.edl"));
            QTest::keyClick(dialog->findChild<QLineEdit*>(), Qt::Key_Return);
        });
        desk.click("export edl");
        desk.window.activateWindow();
        QVERIFY(QTest::qWaitForWindowActive(&desk.window));
        QVERIFY(desk.settle());
        QFile edl(file("kite.edl"));
        QVERIFY(edl.open(QIODevice::ReadOnly));
        QVERIFY(edl.readAll().contains("* FROM CLIP NAME: loop"));

        int steps = 0;
        while (desk.window.document().can_undo() && ++steps < 50)
            desk.key(Qt::Key_Z, Qt::ControlModifier);
        QVERIFY2(steps < 50,
                 qPrintable(desk.window.document().undo_name() + desk.window.focusWidget()->objectName()));
        QVERIFY(same_content(desk.project(), before));
        QVERIFY(!desk.window.document().unsaved());
    }

    void journey_files_that_are_not_what_they_seem() {
        Desk desk;
        QVERIFY(desk.open_demo());
        const Project before = desk.project();
        QVERIFY(write_text_file(file("words.mp3").toStdString(), "These are words.\n").has_value());
        const auto whole = read_text_file(demo.toStdString());
        QVERIFY(write_text_file(file("cut.pulsepin").toStdString(), whole->substr(0, whole->size() / 2))
                    .has_value());
        const std::pair<QString, const char*> cases[] = {{file("words.mp3"), "not a sound or video file"},
                                                         {file("cut.pulsepin"), "not a Pulse Pin project"},
                                                         {file("gone.wav"), "does not exist"},
                                                         {file("gone.pulsepin"), "does not exist"}};
        for (const auto& [path, words] : cases) {
            desk.window.open_path(path);
            QVERIFY(desk.settle());
            QVERIFY2(desk.message().contains(words) && desk.message().contains(path),
                     qPrintable(desk.message()));
            QVERIFY(same_content(desk.project(), before));
            QVERIFY(desk.window.document().sound() != nullptr);
        }
    }

    void journey_a_song_dropped_on_the_window() {
        Desk desk;
        QMimeData data;
        data.setUrls({QUrl::fromLocalFile(PULSEPIN_DEMO "/over-the-levee.opus"),
                      QUrl::fromLocalFile(PULSEPIN_DEMO "/loop.webm"),
                      QUrl::fromLocalFile(PULSEPIN_DEMO "/tail.webm")});
        QDragEnterEvent enter({300, 300}, Qt::CopyAction, &data, Qt::LeftButton, Qt::NoModifier);
        QApplication::sendEvent(&desk.window, &enter);
        QVERIFY(enter.isAccepted());
        QDropEvent drop({300, 300}, Qt::CopyAction, &data, Qt::LeftButton, Qt::NoModifier);
        QApplication::sendEvent(&desk.window, &drop);
        QVERIFY(desk.settle());
        QVERIFY(desk.project().song && desk.project().grid);
        QCOMPARE(desk.project().bin->size(), std::size_t{2});
        QVERIFY(desk.project().grid->beats().size() > 100);
        QVERIFY(desk.window.windowTitle().contains("not saved"));
    }

    void journey_unsaved_work_is_asked_for() {
        Desk desk;
        QVERIFY(desk.open_demo());
        desk.window.timeline().setFocus();
        desk.key(Qt::Key_M);
        const auto count = desk.markers().pins.size();
        int asked = 0;
        answer(QMessageBox::Cancel, asked);
        QVERIFY(!desk.window.close());
        QCOMPARE(asked, 1);
        answer(QMessageBox::Cancel, asked);
        desk.window.open_path(demo);
        QCOMPARE(asked, 2);
        QCOMPARE(desk.markers().pins.size(), count);
        // Saved elsewhere, nothing is asked any more.
        QVERIFY(desk.window.document().save_now(file("kept.pulsepin").toStdString()).has_value());
        QVERIFY(!desk.window.document().unsaved());
        // Discarded, what was not saved is gone, and the other project is there.
        desk.window.timeline().setFocus();
        for (int beats = 0; beats < 6; ++beats)
            desk.key(Qt::Key_Right, Qt::ShiftModifier);
        desk.key(Qt::Key_M);
        QVERIFY2(desk.window.document().unsaved(), qPrintable(desk.message()));
        answer(QMessageBox::Discard, asked);
        desk.window.open_path(demo);
        QCOMPARE(asked, 3);
        QVERIFY(!desk.window.document().unsaved());
        QCOMPARE(desk.markers().pins.size(), count - 1);
        QCOMPARE(
            load_project(file("kept.pulsepin").toStdString())->first_lane(body_type<MarkerBody>)->pins.size(),
            count);
        QVERIFY(ProjectStore::recent_files().contains(file("kept.pulsepin")));
    }

    void journey_pins_dragged_along_the_beats() {
        Desk desk;
        QVERIFY(desk.open_demo());
        desk.window.timeline().show_range(desk.bar(8), desk.bar(15));
        const PinId drop = desk.markers().pins[1].id;
        const auto ticks = [&] { return std::get<MusicalAnchor>(desk.project().pin(drop)->anchor).at; };
        QCOMPARE(ticks(), desk.project().grid->ticks_of({13, 1, 0}));
        QTest::qWait(50);
        const auto head = desk.window.timeline().head_position(drop).toPoint();
        const double beat =
            (desk.bar(9, 2) - desk.bar(9)).value * desk.window.timeline().scale().pixels_per_second;
        desk.drag(head, head + QPoint(static_cast<int>(2.2 * beat), 0));
        QCOMPARE(ticks(), desk.project().grid->ticks_of({13, 3, 0})); // snapped to a beat
        QVERIFY(desk.window.view().selection().contains(drop));

        const auto again = desk.window.timeline().head_position(drop).toPoint();
        desk.drag(again, again + QPoint(static_cast<int>(0.5 * beat), 0), Qt::ShiftModifier);
        const auto off = ticks().value - desk.project().grid->ticks_of({13, 3, 0}).value;
        QVERIFY2(off > 400 && off < 560, qPrintable(QString::number(off)));

        desk.window.timeline().setFocus();
        desk.key(Qt::Key_Right, Qt::AltModifier);
        QCOMPARE(ticks().value, desk.project().grid->ticks_of({13, 4, 0}).value + off);
        for (int i = 0; i < 3; ++i)
            desk.key(Qt::Key_Z, Qt::ControlModifier);
        QCOMPARE(ticks(), desk.project().grid->ticks_of({13, 1, 0}));
        QVERIFY(!desk.window.document().unsaved());

        // Escape in the middle of a drag leaves all as it was.
        const auto start = desk.window.timeline().head_position(drop).toPoint();
        QTest::mousePress(&desk.window.timeline(), Qt::LeftButton, {}, start);
        QMouseEvent move(QEvent::MouseMove, start + QPoint(200, 0),
                         desk.window.timeline().mapToGlobal(start + QPoint(200, 0)), Qt::NoButton,
                         Qt::LeftButton, {});
        QApplication::sendEvent(&desk.window.timeline(), &move);
        QTest::keyClick(&desk.window.timeline(), Qt::Key_Escape);
        QTest::mouseRelease(&desk.window.timeline(), Qt::LeftButton, {}, start + QPoint(200, 0));
        QVERIFY(!desk.window.document().unsaved());
    }

    void journey_delete_and_undo() {
        Desk desk;
        QVERIFY(desk.open_demo());
        const auto count = desk.cuts().pins.size();
        desk.window.timeline().setFocus();
        desk.key(Qt::Key_A, Qt::ControlModifier);
        std::size_t all = 0;
        for (const auto& lane : desk.project().lanes)
            all += lane->pins.size();
        QVERIFY(all > count);
        QCOMPARE(desk.window.view().selection().size(), all);
        desk.key(Qt::Key_Delete);
        QVERIFY(desk.cuts().pins.empty() && desk.markers().pins.empty());
        QVERIFY(desk.window.view().selection().empty());
        desk.key(Qt::Key_Z, Qt::ControlModifier);
        QCOMPARE(desk.cuts().pins.size(), count);
        desk.key(Qt::Key_Z, Qt::ControlModifier | Qt::ShiftModifier);
        QVERIFY(desk.cuts().pins.empty());
    }

    void journey_double_click_adds() {
        Desk desk;
        QVERIFY(desk.open_demo());
        desk.window.timeline().show_range(desk.bar(20), desk.bar(28));
        QTest::qWait(30);
        auto& timeline = desk.window.timeline();
        const auto row = timeline.lane_row(desk.cuts().id);
        const double x = timeline.scale().x(desk.bar(25, 3)) + 4; // beside the beat: it snaps
        const auto before = desk.cuts().pins.size();
        QTest::mouseDClick(&timeline, Qt::LeftButton, {},
                           QPoint(static_cast<int>(x), static_cast<int>(row.center().y())));
        QCOMPARE(desk.cuts().pins.size(), before + 1);
        const Pin& added = desk.cuts().pins.back();
        QCOMPARE(std::get<MusicalAnchor>(added.anchor).at, desk.project().grid->ticks_of({25, 3, 0}));
        QVERIFY(desk.project().clip(body_of<CutBody>(added.body).shot));
        QVERIFY(desk.window.view().selection() == PinSet{added.id});
    }

    void journey_put_the_grid_right() {
        Desk desk;
        QVERIFY(desk.open_demo());
        desk.key(Qt::Key_2, Qt::ControlModifier);
        const auto time_of_drop = [&] {
            return anchored_time(desk.markers().pins[1].anchor, desk.project())->value;
        };
        const double before = time_of_drop();
        const auto beats = desk.project().grid->beats().size();
        QTest::mouseClick(desk.window.findChild<QToolButton*>("half tempo"), Qt::LeftButton);
        QCOMPARE(desk.project().grid->beats().size(), (beats + 1) / 2);
        QVERIFY(std::abs(time_of_drop() - before) < 1e-9); // renamed: items keep their time
        QTest::mouseClick(desk.window.findChild<QToolButton*>("double tempo"), Qt::LeftButton);
        QVERIFY(std::abs(time_of_drop() - before) < 1e-9);
        desk.click("shift 10");
        desk.click("shift 1");
        QVERIFY(std::abs(time_of_drop() - before - 0.011) < 1e-9); // moved: items keep their beat
        desk.window.view().set_playhead(desk.bar(2, 3));
        desk.click("bar 1 here");
        QVERIFY(std::abs(time_of_drop() - before - 0.011) < 1e-9);
        QCOMPARE(desk.project().grid->position_of(std::get<MusicalAnchor>(desk.markers().pins[1].anchor).at),
                 (MusicalPosition{11, 3, 0}));
        while (desk.window.document().can_undo())
            desk.key(Qt::Key_Z, Qt::ControlModifier);
        QCOMPARE(time_of_drop(), before);
    }

    void journey_what_is_selected() {
        Desk desk;
        QVERIFY(desk.open_demo());
        desk.window.timeline().show_range(Seconds(0), desk.bar(13));
        QTest::qWait(30);
        const PinId cut = desk.cuts().pins[1].id;
        QTest::mouseClick(&desk.window.timeline(), Qt::LeftButton, {},
                          desk.window.timeline().head_position(cut).toPoint());
        QVERIFY(desk.window.view().selection() == PinSet{cut});
        auto* shot = desk.window.findChild<QComboBox*>("cut shot");
        QVERIFY(shot->isVisible());
        QCOMPARE(shot->currentText(), "launch");
        shot->setFocus();
        QTest::keyClick(shot, Qt::Key_Down); // opens the list: nothing is changed by mistake
        QTRY_VERIFY(shot->view()->isVisible());
        QTest::keyClick(shot->view(), Qt::Key_Down);
        QTest::keyClick(shot->view(), Qt::Key_Return);
        QCOMPARE(desk.project().clip(body_of<CutBody>(desk.project().pin(cut)->body).shot)->name,
                 std::string("tail"));
        desk.click("pinned"); // Unpin
        QVERIFY(std::holds_alternative<TimeAnchor>(desk.project().pin(cut)->anchor));
        auto* lead = desk.window.findChild<QDoubleSpinBox*>("lead amount");
        lead->setFocus();
        QTest::keyClick(lead, Qt::Key_Up);
        QTest::keyClick(lead, Qt::Key_Up);
        QCOMPARE(desk.cuts().lead, Offset(Frames(2)));
        const PinId marker = desk.markers().pins[0].id;
        QTest::mouseClick(&desk.window.timeline(), Qt::LeftButton, {},
                          desk.window.timeline().head_position(marker).toPoint());
        desk.type("marker name", "let go");
        QTest::keyClick(desk.window.findChild<QLineEdit*>("marker name"), Qt::Key_Return);
        QCOMPARE(body_of<MarkerBody>(desk.project().pin(marker)->body).name, std::string("let go"));
    }

    // Another sound under the song: laid, trimmed, faded, split, made quieter, muted; the head shows the sum.
    void journey_a_second_sound_under_the_song() {
        Desk desk;
        QVERIFY(desk.open_demo());
        QProcess make;
        make.start("ffmpeg", {"-nostdin", "-loglevel", "error", "-y", "-f", "lavfi", "-i",
                              "sine=f=330:r=44100:d=8", file("tone.wav")});
        QVERIFY(make.waitForFinished() && make.exitCode() == 0);
        auto& document = desk.window.document();
        auto& timeline = desk.window.timeline();
        const Project before = desk.project();
        const auto* song = document.heard()->samples.get();
        document.add_sound(file("tone.wav").toStdString(), desk.bar(3));
        QVERIFY(desk.settle());
        const Lane* lane = desk.project().first_lane(body_type<SoundBody>);
        QVERIFY(lane && lane->pins.size() == 1);
        QVERIFY(document.heard()->samples.get() != song); // the sum is another sound, as long as the song
        QCOMPARE(document.heard()->samples->length(), document.sound()->samples->length());
        const PinId id = lane->pins[0].id;
        const auto body = [&] { return body_of<SoundBody>(desk.project().pin(id)->body); };

        timeline.show_range(desk.bar(1), desk.bar(11));
        QTest::qWait(40);
        const auto row = timeline.lane_row(lane->id);
        const int y = static_cast<int>(row.center().y());
        const auto x = [&](Seconds t) { return static_cast<int>(std::lround(timeline.scale().x(t))); };
        desk.drag({x(desk.bar(3) + Seconds(8)) - 1, y}, {x(desk.bar(6)) + 3, y}); // the right edge, to a beat
        QVERIFY(std::abs((body().length - (desk.bar(6) - desk.bar(3))).value) < 1e-6);
        desk.drag({x(desk.bar(3)) + 1, y},
                  {x(desk.bar(4)), y}); // the left edge: what is heard stays where it was
        QVERIFY(std::abs((body().in_point - (desk.bar(4) - desk.bar(3))).value) < 1e-6);
        QVERIFY(
            std::abs((*anchored_time(desk.project().pin(id)->anchor, desk.project()) - desk.bar(4)).value) <
            1e-6);
        desk.window.view().select({id});
        QTest::qWait(30);
        const int top = static_cast<int>(row.top()) + 6;
        desk.drag({x(desk.bar(4)) + 1, top}, {x(desk.bar(4) + Seconds(1)), top},
                  Qt::ShiftModifier); // its fade
        QVERIFY2(std::abs(body().fade_in.value - 1) < 0.1, qPrintable(QString::number(body().fade_in.value)));

        auto* gain = desk.window.findChild<QDoubleSpinBox*>("gain");
        QVERIFY(gain->isVisible());
        gain->setFocus();
        gain->selectAll();
        QTest::keyClicks(gain, "-6");
        QTest::keyClick(gain, Qt::Key_Return);
        QCOMPARE(body().gain_db, -6.0);

        timeline.setFocus();
        desk.window.view().set_playhead(desk.bar(5));
        desk.key(Qt::Key_X);
        QCOMPARE(desk.project().lane(lane->id)->pins.size(), std::size_t{2});

        // The lane's own switch: muted, the head shows the song alone again.
        QVERIFY(desk.settle());
        QTest::mouseClick(&timeline, Qt::LeftButton, {}, timeline.switch_position(lane->id, 'M').toPoint());
        QVERIFY(desk.project().lane(lane->id)->muted);
        QVERIFY(desk.settle());
        QCOMPARE(document.heard()->samples.get(), document.sound()->samples.get());
        int steps = 0;
        while (document.can_undo() && ++steps < 40)
            desk.key(Qt::Key_Z, Qt::ControlModifier);
        QVERIFY(same_content(desk.project(), before));
        QVERIFY(desk.settle());
    }

    void journey_keep_only_a_part_of_the_song() {
        Desk desk;
        QVERIFY(desk.open_demo());
        const Seconds drop = desk.bar(13);
        const auto length = desk.window.document().sound()->samples->length();
        desk.window.view().set_range(TimeRange{desk.bar(9), desk.bar(21)});
        const Seconds from = desk.bar(9);
        const double kept = (desk.bar(21) - desk.bar(9)).value;
        const Project before = desk.project();
        int asked = 0;
        answer(QStringLiteral("Cancel"), asked);
        desk.window.action("trim")->trigger();
        QVERIFY(same_content(desk.project(), before));
        answer(QStringLiteral("Remove them"), asked);
        desk.window.action("trim")->trigger();
        QVERIFY(desk.settle());
        QVERIFY(pins_outside_song(desk.window.document().schedule()).empty());
        desk.window.timeline().setFocus();
        desk.key(Qt::Key_Z, Qt::ControlModifier);
        QVERIFY(desk.settle());
        desk.window.view().set_range(TimeRange{desk.bar(9), desk.bar(21)});
        answer(QStringLiteral("Keep them"), asked);
        desk.window.action("trim")->trigger();
        QVERIFY(desk.settle());
        QCOMPARE(asked, 3);
        QVERIFY(!pins_outside_song(desk.window.document().schedule()).empty());
        QVERIFY(desk.window.document().sound() != nullptr);
        QVERIFY(std::abs(desk.window.document().sound()->samples->duration().value - kept) < 0.001);
        QVERIFY(std::abs((desk.bar(5) - (drop - from)).value) < 1e-4); // bar 9 is bar 1 now
        QVERIFY(QTest::qWaitFor([&] { return desk.window.timeline().tiles().complete(); }));
        desk.window.timeline().setFocus();
        desk.key(Qt::Key_Z, Qt::ControlModifier);
        QVERIFY(desk.settle());
        QCOMPARE(desk.window.document().sound()->samples->length(), length);
        QCOMPARE(desk.bar(13), drop);
    }

    void journey_detection_cancelled() {
        Desk desk;
        QVERIFY(desk.open_demo());
        const Project before = desk.project();
        desk.window.document().detection().detect({}, true);
        for (const auto& job : desk.window.document().jobs().all())
            job->cancel();
        QVERIFY(desk.settle());
        QVERIFY(same_content(desk.project(), before));
        QVERIFY(says(desk.message(), "cancelled"));
    }

    // A few letters find a command, with its keys; Return does it.
    void journey_a_command_is_found_by_its_letters() {
        Desk desk;
        QVERIFY(desk.open_demo());
        const auto before = desk.markers().pins.size();
        desk.window.timeline().setFocus();
        desk.key(Qt::Key_K, Qt::ControlModifier);
        auto* search = desk.window.findChild<CommandSearch*>("command search");
        QVERIFY(search && search->isVisible());
        auto* list = search->findChild<QListWidget*>("commands found");
        auto* words = search->findChild<QLineEdit*>("command words");
        QVERIFY(list->count() > 80); // everything, before a letter was typed
        QTest::keyClicks(words, "mark add");
        QVERIFY(list->count() >= 2 && list->count() < 6);
        QVERIFY(says(list->item(0)->text(), "Add a marker here") && list->item(0)->text().endsWith("M"));
        QTest::keyClick(words, Qt::Key_Down);
        QCOMPARE(list->currentRow(), 1);
        QTest::keyClick(words, Qt::Key_Up);
        QTest::keyClick(words, Qt::Key_Return);
        QTRY_VERIFY(!desk.window.findChild<CommandSearch*>("command search"));
        QCOMPARE(desk.markers().pins.size(), before + 1);
        // Nothing is found, and nothing done; what is not possible is not done either.
        desk.key(Qt::Key_K, Qt::ControlModifier);
        search = desk.window.findChild<CommandSearch*>("command search");
        words = search->findChild<QLineEdit*>("command words");
        QTest::keyClicks(words, "no such thing");
        QTest::keyClick(words, Qt::Key_Return);
        QVERIFY(search->isVisible());
        words->clear();
        QTest::keyClicks(words, "redo");
        QTest::keyClick(words, Qt::Key_Return);
        QVERIFY(search->isVisible());
        QTest::keyClick(words, Qt::Key_Escape);
        QTRY_VERIFY(!desk.window.findChild<CommandSearch*>("command search"));
    }

    void journey_every_control_is_told_and_reachable() {
        Desk desk;
        QVERIFY(desk.open_demo());
        for (auto* widget : desk.window.findChildren<QWidget*>()) {
            const bool control = qobject_cast<QAbstractButton*>(widget) || qobject_cast<QComboBox*>(widget) ||
                                 qobject_cast<QSlider*>(widget) || qobject_cast<QAbstractSpinBox*>(widget);
            if (!control || widget->objectName().startsWith("qt_") ||
                widget->parentWidget()->inherits("QAbstractSpinBox") ||
                widget->inherits("QTableCornerButton")) // never seen: tables have no row heads
                continue;
            const auto* button = qobject_cast<QAbstractButton*>(widget);
            QVERIFY2(
                !widget->accessibleName().isEmpty() || (button && !button->text().isEmpty()),
                qPrintable(QString("%1 %2").arg(widget->metaObject()->className(), widget->objectName())));
            QVERIFY2(
                widget->focusPolicy() & Qt::TabFocus,
                qPrintable(QString("%1 %2").arg(widget->metaObject()->className(), widget->objectName())));
        }
        std::set<QString> keys;
        for (const auto& line : shortcut_lines(desk.window.commands()))
            for (const auto& key : line.keys.split(" or "))
                QVERIFY2(keys.insert(key).second,
                         qPrintable(line.what + ": " + key)); // none means two things
        desk.key(Qt::Key_F1, Qt::ControlModifier);
        QTRY_VERIFY(desk.window.findChild<QDialog*>("shortcuts"));
        desk.window.action("shortcuts")->trigger(); // once more, the same sheet comes to the front
        QCOMPARE(desk.window.findChildren<QDialog*>("shortcuts").size(), 1);
        const auto* sheet = desk.window.findChild<QDialog*>("shortcuts");
        const QSize room = sheet->screen()->availableSize();
        QVERIFY2(sheet->width() < room.width() && sheet->height() < room.height(),
                 qPrintable(QString("%1 x %2").arg(sheet->width()).arg(sheet->height())));
        desk.window.findChild<QDialog*>("shortcuts")->close();
        desk.key(Qt::Key_F9);
        desk.key(Qt::Key_F9);
        desk.window.action("night")->trigger();
        desk.window.action("night")->trigger();
    }

    void journey_a_piece_with_no_song() {
        Desk desk;
        desk.window.timeline().setFocus();
        for (const auto& line : shortcut_lines(desk.window.commands()))
            (void)line;
        for (const char* name :
             {"play", "few seconds", "beat on", "bar back", "pin on", "delete", "add cut", "zoom in",
              "whole song", "undo", "redo", "earlier", "bar 1", "end", "detect"})
            desk.window.action(name)->trigger(); // each says what is missing, or does nothing
        QVERIFY(desk.cuts().pins.empty() && !desk.project().grid);
        QVERIFY(!desk.window.document().unsaved());
        for (int stop = 0; stop < 4; ++stop)
            desk.window.go_to_stop(static_cast<Stop>(stop));
        desk.window.action("add marker")->trigger();
        QCOMPARE(desk.markers().pins.size(), std::size_t{1}); // loose, at the start
    }
};

PULSEPIN_TEST_CLASS(Journeys, "journeys")
#include "journeys.moc"
