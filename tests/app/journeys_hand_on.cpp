// SPDX-License-Identifier: GPL-3.0-or-later
//
// Handing the piece on to other programs: copied as text, and in all formats at once. In a real window.
#include "interchange/exporters.h"
#include "kinds/kinds.h"
#include "model/pin_edits.h"
#include "support/desk.h"
#include "support/file_dialog.h"
#include "support/test_program.h"

#include <QClipboard>
#include <QDialogButtonBox>
#include <QMessageBox>
#include <QProcess>
#include <QPushButton>
#include <QTableWidget>

using namespace pulsepin;
using namespace pulsepin::test;

namespace {

QPushButton* to_hand_on(Desk& desk, const char* button) {
    desk.window.go_to_stop(Stop::Export);
    desk.click("page of formats");
    return desk.window.findChild<QPushButton*>(button);
}

/// What to do with the next dialog of that name.
template <class Do>
void in_dialog(const QString& name, Do what, int after_ms = 300) {
    once_a_dialog_is_open(after_ms, [name, what] {
        auto* dialog = qobject_cast<QDialog*>(QApplication::activeModalWidget());
        QVERIFY2(dialog && dialog->objectName() == name, qPrintable(name));
        what(*dialog);
    });
}

QStringList files_in(const QString& folder) {
    return QDir(folder).entryList(QDir::Files, QDir::Name);
}

} // namespace

class JourneysHandOn : public QObject {
    Q_OBJECT
private slots:
    // An edit list goes out, a shot is recut elsewhere, and it comes in beside what is there; a broken line
    // is told, Escape and undo leave all as it was.
    void journey_an_edit_list_comes_back_beside_the_cuts() {
        Desk desk;
        QVERIFY(desk.open_demo());
        QTemporaryDir dir;
        const auto text = exporter("edl")->write(desk.project());
        QVERIFY(text.has_value());
        const QString path = dir.filePath("recut & <b>more.edl");
        {
            QFile file(path);
            QVERIFY(file.open(QIODevice::WriteOnly));
            file.write(text->data(), static_cast<qint64>(text->size()));
            file.write("900 this is no event of any kind\n");
        }
        const Project before = desk.project();
        const auto lanes = before.lanes.size();
        const auto bring_in = [&](const std::function<void(QDialog&)>& answer) {
            save_as(path);
            QTimer::singleShot(900, qApp, [answer] {
                for (auto* widget : QApplication::topLevelWidgets())
                    if (auto* dialog = qobject_cast<QDialog*>(widget);
                        dialog && dialog->isVisible() && dialog->objectName() == "bring in")
                        return answer(*dialog);
                QFAIL("no dialog");
            });
            desk.window.action("bring in")->trigger();
        };
        bool told = false;
        bring_in([&](QDialog& dialog) {
            const auto* outcome = dialog.findChild<QLabel*>("bring in outcome");
            told = outcome && outcome->textFormat() == Qt::PlainText && says(outcome->text(), "cuts") &&
                   says(outcome->text(), "Line ");
            QTest::keyClick(&dialog, Qt::Key_Escape);
        });
        QTRY_VERIFY(told);
        QVERIFY(same_content(desk.project(), before));
        bring_in([](QDialog& dialog) {
            QTest::mouseClick(dialog.findChild<QPushButton*>("bring in now"), Qt::LeftButton);
        });
        QTRY_COMPARE(desk.project().lanes.size(), lanes + 2); // of cuts, and of markers
        const Lane& came = *desk.project().lanes[lanes];
        QCOMPARE(desk.project().lanes.back()->pins.size(), desk.markers().pins.size());
        const auto frames = [&](const Lane& lane) {
            std::vector<std::int64_t> all;
            for (const auto& shot : desk.window.document().spans(lane.id).shots)
                if (shot.shot.value != 0)
                    all.push_back(shot.start.value);
            return all;
        };
        QCOMPARE(frames(came), frames(desk.cuts()));
        QVERIFY2(says(desk.message(), "not understood: 1"), qPrintable(desk.message()));
        desk.window.timeline().setFocus();
        desk.key(Qt::Key_Z, Qt::ControlModifier);
        QVERIFY(same_content(desk.project(), before));
    }

    // What a format would lose of this very piece stands beside it, as it is now.
    // All that goes out into a folder comes in again, a file after the other, beside the same song in an
    // empty project: the same frames each time.
    void journey_everything_out_and_into_an_empty_project() {
        QTemporaryDir dir;
        const QString out = dir.filePath("out & <b>");
        QVERIFY(QDir().mkpath(out));
        const auto shots_of = [](const Document& document, const Lane& lane) {
            QStringList all;
            for (const auto& shot : document.spans(lane.id).shots)
                if (const Clip* clip = document.project().clip(shot.shot))
                    all << QString("%1 %2-%3")
                               .arg(QString::fromStdString(clip->name))
                               .arg(shot.start.value)
                               .arg(shot.end.value);
            return all;
        };
        QStringList shots;
        std::vector<double> marks;
        {
            Desk desk;
            QVERIFY(desk.open_demo());
            shots = shots_of(desk.window.document(), desk.cuts());
            for (const auto& pin : resolve(desk.project(), desk.markers()).pins)
                marks.push_back(pin.time.value);
            auto* all = to_hand_on(desk, "export all");
            save_as(out);
            QTest::mouseClick(all, Qt::LeftButton);
            QTRY_VERIFY_WITH_TIMEOUT(says(desk.message(), "formats written into"), 60'000);
        }
        QVERIFY(shots.size() > 4 && marks.size() > 2);
        Desk desk; // empty
        desk.window.open_path(PULSEPIN_DEMO "/over-the-levee.opus");
        QTRY_VERIFY_WITH_TIMEOUT(desk.project().song != nullptr, 60'000);
        QVERIFY(desk.settle());
        for (const QString name : {"kite-day.otio", "kite-day.mlt", "kite-day.edl"}) {
            QVERIFY2(QFile::exists(out + "/" + name), qPrintable(files_in(out).join(' ')));
            const auto lanes = desk.project().lanes.size();
            save_as(out + "/" + name);
            bool answered = false;
            QTimer::singleShot(900, qApp, [&] {
                for (auto* widget : QApplication::topLevelWidgets())
                    if (auto* dialog = qobject_cast<QDialog*>(widget);
                        dialog && dialog->isVisible() && dialog->objectName() == "bring in") {
                        auto* tie = dialog->findChild<QComboBox*>("bring in tie");
                        tie->setCurrentIndex(tie->count() - 1);
                        emit tie->activated(tie->currentIndex());
                        answered = true;
                        QTest::mouseClick(dialog->findChild<QPushButton*>("bring in now"), Qt::LeftButton);
                    }
            });
            desk.window.action("bring in")->trigger();
            QTRY_VERIFY2_WITH_TIMEOUT(desk.project().lanes.size() > lanes,
                                      qPrintable(name + ": " + desk.message()), 30'000);
            QVERIFY(answered && desk.settle());
            for (std::size_t i = lanes; i < desk.project().lanes.size(); ++i) {
                const Lane& came = *desk.project().lanes[i];
                if (holds<CutBody>(came.kind))
                    QCOMPARE(shots_of(desk.window.document(), came), shots);
                QVERIFY2(!holds<SoundBody>(came.kind), "the song is laid twice");
                if (!holds<MarkerBody>(came.kind))
                    continue;
                const auto pins = resolve(desk.project(), came).pins;
                QCOMPARE(pins.size(), marks.size());
                for (std::size_t k = 0; k < pins.size(); ++k) // a list tells its frame
                    QVERIFY(std::abs(pins[k].time.value - marks[k]) < 0.5 / 24 + 1e-9);
            }
        }
    }

    // A timeline with sound, speed and a dissolve, made by OpenTimelineIO's own library: opened, one of its
    // cuts moved by a key, handed back, and read by the library again.
    void journey_a_timeline_from_elsewhere_is_changed_and_handed_back() {
        QTemporaryDir dir;
        const auto by_library = [&](const char* program, const QString& file) {
            QProcess library;
            library.setProcessChannelMode(QProcess::MergedChannels);
            library.start(
                PULSEPIN_TESTS "/support/with-readers",
                {PULSEPIN_BINARIES "/readers", QString(PULSEPIN_TESTS "/support/") + program, file});
            library.waitForFinished(300'000);
            return std::pair(library.exitCode(), QString::fromUtf8(library.readAll()));
        };
        const QString from = dir.filePath("from & elsewhere.otio"), to = dir.filePath("back.otio");
        if (by_library("make_timeline.py", from).first == 77)
            QSKIP("skipped: Python's package index is not reached, or python3-venv is missing");
        Desk desk;
        QVERIFY(desk.open_demo());
        const auto lanes = desk.project().lanes.size();
        save_as(from);
        in_dialog(
            "bring in",
            [](QDialog& dialog) {
                auto* tie = dialog.findChild<QComboBox*>("bring in tie");
                tie->setCurrentIndex(tie->count() - 1); // loose
                emit tie->activated(tie->currentIndex());
                QTest::keyClick(&dialog, Qt::Key_Return);
            },
            900);
        desk.window.action("bring in")->trigger();
        QTRY_COMPARE_WITH_TIMEOUT(desk.project().lanes.size(), lanes + 3, 30'000); // cuts, sounds, markers
        QVERIFY(desk.settle());
        const Lane& cuts = *desk.project().lanes[lanes];
        QVERIFY(holds<CutBody>(cuts.kind));
        const auto mill = std::ranges::find_if(cuts.pins, [&](const Pin& pin) {
            const Clip* clip = desk.project().clip(body_of<CutBody>(pin.body).shot);
            return clip && clip->name == "mill";
        });
        QVERIFY(mill != cuts.pins.end());
        desk.window.view().select({mill->id});
        desk.window.timeline().setFocus();
        desk.key(Qt::Key_Period, Qt::AltModifier); // a frame later
        const auto text = exporter("otio")->write(desk.project());
        QVERIFY(text.has_value());
        {
            QFile file(to);
            QVERIFY(file.open(QIODevice::WriteOnly));
            file.write(text->data(), static_cast<qint64>(text->size()));
        }
        const auto [code, read] = by_library("read_timeline.py", to);
        QVERIFY2(code == 0, qPrintable(read));
        // At 24 a second: three seconds and a frame; two seconds of it, at half its speed, from its fourth
        // on.
        QVERIFY2(
            read.contains("clip mill 73 96 71 LinearTimeWarp 0.5 ExternalReference file:///shots/mill.mov"),
            qPrintable(read));
        QVERIFY2(read.contains("transition SMPTE_Dissolve 5 6"), qPrintable(read));
        QVERIFY2(read.contains("clip bell 48 24 48 ExternalReference file:///sounds/bell.wav"),
                 qPrintable(read));
        QVERIFY2(read.contains("marker look GREEN"), qPrintable(read));
    }

    // Where the record side of an edit list begins is chosen once, and written from then on.
    void journey_the_options_of_an_edit_list() {
        Desk desk;
        QVERIFY(desk.open_demo());
        to_hand_on(desk, "export edl");
        bool asked = false;
        in_dialog("option of export", [&](QDialog& dialog) {
            auto* start = dialog.findChild<QLineEdit*>("option of export start");
            QVERIFY(start && !dialog.findChild<QWidget*>("option of export lane"));
            start->setFocus();
            start->selectAll();
            QTest::keyClicks(start, "10:00:00:00");
            asked = true;
            QTest::keyClick(&dialog, Qt::Key_Return);
        });
        desk.click("options edl");
        QTRY_VERIFY(asked);
        QTemporaryDir dir;
        save_as(dir.filePath("late.edl"));
        desk.click("export edl");
        QTRY_VERIFY(QFile::exists(dir.filePath("late.edl")));
        QFile list(dir.filePath("late.edl"));
        QVERIFY(list.open(QIODevice::ReadOnly));
        QVERIFY(list.readAll().contains(" 10:00:00:"));
    }

    void journey_what_each_format_loses_is_seen_before() {
        Desk desk;
        QVERIFY(desk.open_demo());
        to_hand_on(desk, "export edl");
        const auto told = [&](const char* what) {
            for (const auto* label : desk.window.findChildren<QLabel*>())
                if (label->isVisible() && label->text().contains(what))
                    return true;
            return false;
        };
        QVERIFY(!told("how one shot lies in the picture"));
        const PinId cut[] = {desk.cuts().pins[1].id};
        desk.window.document().apply(
            with_bodies(desk.project(), cut,
                        [](PinBody& body) { body_of<CutBody>(body).framing.scale = 130; }),
            "frame");
        QTRY_VERIFY(told("how one shot lies in the picture"));
        desk.window.document().undo();
        QTRY_VERIFY(!told("how one shot lies in the picture"));
    }

    // The demo's own film, small: each of its cuts is found, and none that is not there; flashes are none.
    void journey_the_cuts_of_a_finished_film_are_found() {
        Desk desk;
        QVERIFY(desk.open_demo());
        QTemporaryDir dir;
        const QString film = dir.filePath("finished & <b>.mp4");
        QProcess render;
        render.setProcessChannelMode(QProcess::MergedChannels);
        render.start(PULSEPIN_BINARIES "/pulsepin-cli",
                     {"render", PULSEPIN_DEMO "/kite-day.pulsepin", "--size", "320x180", "-o", film});
        QVERIFY2(render.waitForFinished(300'000) && render.exitCode() == 0, render.readAll());
        const Project before = desk.project();
        bool asked = false;
        save_as(film);
        QTimer answers;
        connect(&answers, &QTimer::timeout, &answers, [&] {
            for (auto* widget : QApplication::topLevelWidgets())
                if (auto* dialog = qobject_cast<QDialog*>(widget);
                    dialog && dialog->isVisible() && dialog->objectName() == "bring in") {
                    answers.stop();
                    asked = true;
                    QTest::mouseClick(dialog->findChild<QPushButton*>("bring in now"), Qt::LeftButton);
                }
        });
        answers.start(100);
        desk.window.action("bring in")->trigger();
        QTRY_VERIFY_WITH_TIMEOUT(asked, 120'000);
        QTRY_COMPARE_WITH_TIMEOUT(desk.project().lanes.size(), before.lanes.size() + 2,
                                  30'000); // and its chapters
        const auto frames = [&](const Lane& lane) {
            std::vector<std::int64_t> all;
            for (const auto& shot : desk.window.document().spans(lane.id).shots)
                if (shot.shot.value != 0 && shot.start > Frames(0))
                    all.push_back(shot.start.value);
            return all;
        };
        QCOMPARE(frames(*desk.project().lanes[before.lanes.size()]), frames(desk.cuts()));
        const Clip* clip = desk.project().clip(
            body_of<CutBody>(desk.project().lanes[before.lanes.size()]->pins.front().body).shot);
        QVERIFY(clip && clip->width == 320 && clip->has_sound && std::abs(clip->duration.value - 64.7) < 0.2);
        desk.window.timeline().setFocus();
        desk.key(Qt::Key_Z, Qt::ControlModifier);
        QVERIFY(same_content(desk.project(), before));
    }

    // Columns that nobody knows are named by the person; each cue lies on the nearest kick within 80 ms.
    void journey_a_table_of_cues_is_pinned_to_kicks() {
        Desk desk;
        QVERIFY(desk.open_demo());
        desk.key(Qt::Key_2, Qt::ControlModifier);
        desk.click("detect");
        QVERIFY(desk.settle());
        const auto& rows = desk.project().detection->rows;
        const auto kick = std::ranges::find(rows, std::string("kick"), &OnsetRow::name);
        QVERIFY(kick != rows.end() && kick->onsets.size() > 30);
        QTemporaryDir dir;
        const QString path = dir.filePath("cues.csv");
        {
            QFile file(path);
            QVERIFY(file.open(QIODevice::WriteOnly));
            QTextStream out(&file);
            out << "wo;was;wie\n"; // columns of nobody's, decimal commas
            for (int i = 10; i < 20; ++i)
                out << QString("%1;cue %2;a note\n")
                           .arg(kick->onsets[static_cast<std::size_t>(i)].time.value + (i % 2 ? 0.05 : -0.06),
                                0, 'f', 3)
                           .arg(i)
                           .replace('.', ',');
        }
        save_as(path);
        QTimer::singleShot(900, qApp, [] {
            for (auto* widget : QApplication::topLevelWidgets())
                if (auto* dialog = qobject_cast<QDialog*>(widget);
                    dialog && dialog->isVisible() && dialog->objectName() == "bring in") {
                    // Its first rows are seen, and above each column what it is.
                    auto* rows_seen = dialog->findChild<QTableWidget*>("first rows");
                    QVERIFY(rows_seen && rows_seen->isVisible() && rows_seen->columnCount() == 3);
                    QVERIFY(rows_seen->item(1, 1)->text() == "cue 10");
                    const char* const is[] = {"time", "name", "note"};
                    for (int column = 0; column < 3; ++column) {
                        auto* choice = dialog->findChild<QComboBox*>(QString("column %1").arg(column + 1));
                        QVERIFY(choice && choice->currentText() == "left out");
                        choice->setCurrentIndex(row_of(choice, is[column]));
                        emit choice->activated(choice->currentIndex());
                    }
                    QCOMPARE(dialog->findChild<QLineEdit*>("bring in columns")->text(),
                             QString("time, name, note"));
                    auto* tie = dialog->findChild<QComboBox*>("bring in tie");
                    tie->setCurrentIndex(row_of(tie, "on the nearest onset"));
                    emit tie->activated(tie->currentIndex());
                    auto* row = dialog->findChild<QComboBox*>("bring in row");
                    row->setCurrentIndex(row_of(row, "kick"));
                    emit row->activated(row->currentIndex());
                    return QTest::mouseClick(dialog->findChild<QPushButton*>("bring in now"), Qt::LeftButton);
                }
            QFAIL("no dialog");
        });
        desk.window.action("bring in")->trigger();
        QTRY_VERIFY(says(desk.message(), "10 markers"));
        const Lane& lane = *desk.project().lanes.back();
        QCOMPARE(lane.pins.size(), std::size_t{10});
        const auto& found =
            std::ranges::find(desk.project().detection->rows, std::string("kick"), &OnsetRow::name)->onsets;
        for (const auto& pin : resolve(desk.project(), lane).pins) {
            QVERIFY(pin.pinned);
            double nearest = 1;
            for (const auto& onset : found)
                nearest = std::min(nearest, std::abs((onset.time - pin.time).value));
            QVERIFY2(nearest < 1e-6, qPrintable(QString::number(nearest)));
        }

        // Another table that begins with the same line is understood at once.
        const QString second = dir.filePath("more cues.csv");
        {
            QFile file(second);
            QVERIFY(file.open(QIODevice::WriteOnly));
            file.write("wo;was;wie\n1,5;once more;\n");
        }
        save_as(second);
        QString of_second;
        in_dialog(
            "bring in",
            [&](QDialog& dialog) {
                of_second = dialog.findChild<QComboBox*>("column 2")->currentText();
                QTest::keyClick(&dialog, Qt::Key_Escape);
            },
            900);
        desk.window.action("bring in")->trigger();
        QTRY_COMPARE(of_second, QString("name"));
    }

    void journey_a_cue_sheet_is_copied_in_a_pattern_of_ones_own() {
        Desk desk;
        QVERIFY(desk.open_demo());
        auto* copy = to_hand_on(desk, "copy cues");
        QVERIFY(copy);
        QApplication::clipboard()->clear();
        in_dialog("option of export", [](QDialog& dialog) {
            auto* pattern = dialog.findChild<QLineEdit*>("option of export pattern");
            QVERIFY(pattern);
            pattern->setFocus();
            pattern->selectAll();
            QTest::keyClicks(pattern, "{frame} {what} {name}");
            // Each of its fields is seen whole.
            auto* kinds = dialog.findChild<QLineEdit*>("option of export kinds");
            QVERIFY(kinds && kinds->height() >= kinds->sizeHint().height());
            QVERIFY(pattern->height() >= pattern->sizeHint().height());
            kinds->setFocus();
            QTest::keyClicks(kinds, "markers");
            QTest::keyClick(&dialog, Qt::Key_Return);
        });
        QTest::mouseClick(copy, Qt::LeftButton);
        QTRY_VERIFY(!QApplication::clipboard()->text().isEmpty());
        const auto lines = QApplication::clipboard()->text().split('\n', Qt::SkipEmptyParts);
        QCOMPARE(lines.size(), static_cast<qsizetype>(desk.markers().pins.size()));
        QVERIFY2(lines.first().contains(" marker launch"), qPrintable(lines.first()));
        QVERIFY2(says(desk.message(), "copied"), qPrintable(desk.message()));
        // What stands for nothing is said, and what was copied stays.
        in_dialog("option of export", [](QDialog& dialog) {
            auto* pattern = dialog.findChild<QLineEdit*>("option of export pattern");
            QCOMPARE(pattern->text(), QString("{frame} {what} {name}")); // as it was chosen last
            pattern->setFocus();
            pattern->selectAll();
            QTest::keyClicks(pattern, "{nothing}");
            QTest::keyClick(&dialog, Qt::Key_Return);
        });
        QTest::mouseClick(copy, Qt::LeftButton);
        QTRY_VERIFY2(says(desk.message(), "{nothing}"), qPrintable(desk.message()));
        QCOMPARE(QApplication::clipboard()->text().split('\n', Qt::SkipEmptyParts), lines);
    }

    void journey_all_formats_into_a_folder_and_again_with_one_key() {
        Desk desk;
        QVERIFY(desk.open_demo());
        QTemporaryDir folder;
        const QString out = folder.path() + "/<b>a & b $(c)";
        QVERIFY(QDir().mkpath(out));
        QFile letter(out + "/letter.txt"), edl(out + "/kite-day.edl");
        QVERIFY(letter.open(QIODevice::WriteOnly) && letter.write("a letter") == 8);
        letter.close();
        auto* all = to_hand_on(desk, "export all");
        QVERIFY(all);
        save_as(out);
        QTest::mouseClick(all, Qt::LeftButton);
        QTRY_VERIFY_WITH_TIMEOUT(says(desk.message(), "formats written into"), 60'000);
        const auto names = files_in(out);
        QVERIFY2(names.size() >= 11, qPrintable(names.join(' ')));
        QVERIFY(names.contains("kite-day.otio") && names.contains("kite-day.edl"));
        QCOMPARE(letter.size(), 8);

        // One key writes them again: what was changed meanwhile is in them, and nobody is asked.
        const auto before = edl.size();
        desk.window.document().apply(with_pins_removed(desk), "fewer cuts");
        desk.window.timeline().setFocus();
        desk.key(Qt::Key_E, Qt::ControlModifier | Qt::ShiftModifier);
        QTRY_VERIFY_WITH_TIMEOUT(edl.size() < before, 60'000);
        QVERIFY(desk.settle());
        QCOMPARE(files_in(out), names);

        // A folder that holds some of these names is asked about; left, nothing changes.
        const QString other = folder.path() + "/other";
        QVERIFY(QDir().mkpath(other));
        QFile mine(other + "/kite-day.edl");
        QVERIFY(mine.open(QIODevice::WriteOnly) && mine.write("mine") == 4);
        mine.close();
        bool asked = false;
        save_as(other);
        once_a_dialog_is_open(1200, [&] {
            auto* box = qobject_cast<QMessageBox*>(QApplication::activeModalWidget());
            QVERIFY(box);
            asked = says(box->text(), "kite-day.edl");
            QTest::keyClick(box, Qt::Key_Escape);
        });
        QTest::mouseClick(all, Qt::LeftButton);
        QVERIFY(asked);
        QVERIFY(desk.settle());
        QCOMPARE(files_in(other), QStringList{"kite-day.edl"});
        QCOMPARE(mine.size(), 4);
    }

private:
    static Project with_pins_removed(Desk& desk) {
        const std::vector<PinId> last{desk.cuts().pins.back().id};
        return without_pins(desk.project(), last);
    }
};

PULSEPIN_TEST_CLASS(JourneysHandOn, "journeys_hand_on")
#include "journeys_hand_on.moc"
