// SPDX-License-Identifier: GPL-3.0-or-later
//
// What hands, disks, crashes and other programs do: nothing that a person made may vanish.
#include "base/text_file.h"
#include "interchange/project_file.h"
#include "kinds/kinds.h"
#include "model/edits.h"
#include "support/answers.h"
#include "support/desk.h"
#include "support/test_program.h"
#include "time/grid_edits.h"

#include <QComboBox>
#include <QDir>
#include <QDirIterator>
#include <QFileDialog>
#include <QProcess>
#include <QSlider>
#include <QSpinBox>
#include <QStandardPaths>
#include <QTemporaryDir>
#include <QToolButton>
#include <csignal>
#include <sys/stat.h>

using namespace pulsepin;
using namespace pulsepin::test;

class JourneysThroughTrouble : public QObject {
    Q_OBJECT
    QTemporaryDir dir_;
    [[nodiscard]] QString file(const QString& name) const { return dir_.filePath(name); }
    void write(const QString& name, const std::string& text) {
        QVERIFY(write_text_file(file(name).toStdString(), text).has_value());
    }
    static QString recovery_root() {
        return QStandardPaths::writableLocation(QStandardPaths::AppLocalDataLocation) + "/recovery";
    }
    static bool wait_saved(Desk& desk) {
        return QTest::qWaitFor([&] { return !desk.window.document().store().saving(); });
    }
    static QString notice(Desk& desk) {
        auto* bar = desk.window.findChild<NoticeBar*>();
        return bar->text();
    }
    /// A program of its own, as a person starts it, with folders of its own.
    [[nodiscard]] std::unique_ptr<QProcess> start(const QStringList& arguments, const QString& data) const {
        auto process = std::make_unique<QProcess>();
        auto environment = QProcessEnvironment::systemEnvironment();
        environment.insert("QT_QPA_PLATFORM", "offscreen");
        environment.insert("XDG_DATA_HOME", data);
        environment.insert("XDG_CACHE_HOME", data + "/cache");
        process->setProcessEnvironment(environment);
        process->start(PULSEPIN_BINARIES "/pulsepin", QStringList{"--silent"} + arguments);
        return process;
    }
    /// Whether that program has read a song, which it keeps an outline of.
    static bool song_was_read(const QString& data) {
        QDirIterator files(data + "/cache", {"*.outline"}, QDir::Files, QDirIterator::Subdirectories);
        return files.hasNext();
    }
    static QStringList copies_in(const QString& data) {
        QStringList found;
        const QDir root(data + "/pulsepin/pulsepin/recovery");
        for (const auto& folder : root.entryList(QDir::Dirs | QDir::NoDotAndDotDot))
            if (QFile::exists(root.filePath(folder + "/copy.pulsepin")))
                found << root.filePath(folder);
        return found;
    }

private slots:
    void init() { QDir(recovery_root()).removeRecursively(); }

    // -- names

    void journey_save_as_without_an_ending_asks_before_it_replaces() {
        write("kept.pulsepin", "somebody's work");
        Desk desk;
        desk.add_marker(0);
        Answers answers;
        answers.type_name(file("kept")).press("Another name").type_name(file("mine"));
        desk.key(Qt::Key_S, Qt::ControlModifier);
        QTRY_VERIFY(answers.all_asked());
        QVERIFY(wait_saved(desk));
        QCOMPARE(answers.asked()[1], "replace file");
        QCOMPARE(file_text(file("kept.pulsepin")), "somebody's work");
        QVERIFY(load_project(file("mine.pulsepin").toStdString()).has_value());
        QTRY_VERIFY(!desk.window.document().unsaved());
        // And when it shall be replaced, it is.
        Answers replacing;
        replacing.type_name(file("kept")).press("Replace");
        desk.key(Qt::Key_S, Qt::ControlModifier | Qt::ShiftModifier);
        QTRY_VERIFY(replacing.all_asked());
        QVERIFY(wait_saved(desk));
        QVERIFY(load_project(file("kept.pulsepin").toStdString()).has_value());
    }

    void journey_export_without_an_ending_asks_before_it_replaces() {
        write("list.csv", "somebody's list");
        Desk desk;
        QVERIFY(desk.open_demo());
        desk.window.go_to_stop(Stop::Export);
        Answers answers;
        answers.type_name(file("list")).press("Another name").cancel();
        desk.click("export csv");
        QTRY_VERIFY(answers.all_asked());
        QVERIFY(desk.settle());
        QCOMPARE(file_text(file("list.csv")), "somebody's list");
    }

    void journey_the_text_dialog_cancelled_keeps_nothing() {
        Desk desk;
        QVERIFY(desk.open_demo());
        const Project before = desk.project();
        desk.window.go_to_stop(Stop::Export);
        once_a_dialog_is_open(200, [] {
            auto* dialog = QApplication::activeModalWidget();
            dialog->findChild<QLineEdit*>("text pattern")->setText("{frame} {value} {time}");
            QTest::keyClick(dialog, Qt::Key_Escape);
        });
        desk.click("export keys-text");
        QVERIFY(same_content(desk.project(), before) && !desk.window.document().can_undo());
    }

    // -- saving that fails

    void journey_a_save_that_fails_stays_in_sight_until_it_is_saved() {
        Desk desk;
        QVERIFY(QFile::copy(demo, file("protected.pulsepin")));
        desk.window.open_path(file("protected.pulsepin"));
        desk.add_marker(1);
        QCOMPARE(::chmod(file("protected.pulsepin").toUtf8().constData(), 0444), 0);
        QVERIFY(notice(desk).isEmpty());
        desk.key(Qt::Key_S, Qt::ControlModifier);
        QVERIFY(wait_saved(desk));
        QTRY_VERIFY(notice(desk).contains("write-protected"));
        QVERIFY(notice(desk).startsWith("Not saved.") && desk.window.document().unsaved());
        QTest::qWait(300);
        desk.add_marker(2); // whatever is done then, it stays
        QVERIFY(notice(desk).contains("write-protected"));
        auto* bar = desk.window.findChild<NoticeBar*>();
        QVERIFY(
            QRect({}, desk.window.size()).contains(QRect(bar->mapTo(&desk.window, QPoint()), bar->size())));
        Answers answers;
        answers.type_name(file("elsewhere"));
        desk.click("notice save as");
        QTRY_VERIFY(answers.all_asked());
        QVERIFY(wait_saved(desk));
        QTRY_VERIFY(notice(desk).isEmpty());
        QVERIFY(!desk.window.document().unsaved());
    }

    void journey_closing_waits_for_the_disk_and_stays_when_it_fails() {
        Desk desk;
        QVERIFY(QFile::copy(demo, file("closing.pulsepin")));
        desk.window.open_path(file("closing.pulsepin"));
        desk.add_marker(1);
        QCOMPARE(::chmod(file("closing.pulsepin").toUtf8().constData(), 0444), 0);
        Answers answers;
        answers.press("Save");
        desk.window.close();
        QVERIFY(wait_saved(desk));
        QTest::qWait(100);
        QVERIFY(desk.window.isVisible() && desk.window.document().unsaved()); // not closed over lost work
        QCOMPARE(::chmod(file("closing.pulsepin").toUtf8().constData(), 0644), 0);
        answers.press("Save");
        desk.window.close();
        QTRY_VERIFY(!desk.window.isVisible());
        QVERIFY(!desk.window.document().unsaved());
    }

    void journey_saved_and_closed_at_once_asks_nothing() {
        Desk desk;
        QVERIFY(QFile::copy(demo, file("quick.pulsepin")));
        desk.window.open_path(file("quick.pulsepin"));
        desk.add_marker(1);
        desk.key(Qt::Key_S, Qt::ControlModifier);
        desk.window.close();
        QVERIFY(!desk.window.isVisible());
        QCOMPARE(load_project(file("quick.pulsepin").toStdString())
                     ->first_lane(body_type<MarkerBody>)
                     ->pins.size(),
                 desk.markers().pins.size());
    }

    // -- several windows, other programs

    void journey_two_windows_on_one_project() {
        QVERIFY(QFile::copy(demo, file("shared.pulsepin")));
        Desk first;
        first.window.open_path(file("shared.pulsepin"));
        QVERIFY(notice(first).isEmpty());
        Desk second;
        second.window.open_path(file("shared.pulsepin"));
        QVERIFY2(notice(second).contains("open in another window"), qPrintable(notice(second)));
        second.add_marker(3);
        second.key(Qt::Key_S, Qt::ControlModifier);
        QVERIFY(wait_saved(second));
        QTRY_VERIFY(!second.window.document().unsaved());
        // The first is told, and its save does not win silently.
        QTRY_VERIFY(notice(first).contains("changed on the disk"));
        const auto theirs = file_text(file("shared.pulsepin"));
        first.add_marker(5);
        Answers answers;
        answers.press("Cancel");
        first.key(Qt::Key_S, Qt::ControlModifier);
        QTRY_VERIFY(answers.all_asked());
        QVERIFY(wait_saved(first));
        QCOMPARE(answers.asked(), QStringList{"file was changed"});
        QCOMPARE(file_text(file("shared.pulsepin")), theirs);
        QVERIFY(first.window.document().unsaved());
        answers.press("Replace it");
        first.key(Qt::Key_S, Qt::ControlModifier);
        QTRY_VERIFY(answers.all_asked());
        QVERIFY(wait_saved(first));
        QTRY_VERIFY(!first.window.document().unsaved() && notice(first).isEmpty());
        QVERIFY(file_text(file("shared.pulsepin")) != theirs);
    }

    void journey_another_program_changes_the_file() {
        QVERIFY(QFile::copy(demo, file("synced.pulsepin")));
        Desk desk;
        desk.window.open_path(file("synced.pulsepin"));
        const auto bytes = read_text_file(file("synced.pulsepin").toStdString());
        write("synced.pulsepin", *bytes); // a copy that is the same is no change
        QTest::qWait(600);
        QVERIFY(notice(desk).isEmpty());
        auto other = *load_project(file("synced.pulsepin").toStdString());
        other = with_lane(other, kind_of(body_type<TriggerBody>), "From elsewhere");
        QVERIFY(save_project(other, file("synced.pulsepin").toStdString()).has_value());
        QTRY_VERIFY(notice(desk).contains("changed on the disk"));
        const auto before = desk.project();
        desk.click("notice keep");
        QTRY_VERIFY(notice(desk).isEmpty());
        QVERIFY(same_content(desk.project(), before));
        desk.add_marker(4);
        desk.key(Qt::Key_S, Qt::ControlModifier); // it was decided: nothing is asked
        QVERIFY(wait_saved(desk));
        QTRY_VERIFY(!desk.window.document().unsaved());
        QVERIFY(save_project(other, file("synced.pulsepin").toStdString()).has_value());
        QTRY_VERIFY(notice(desk).contains("changed on the disk"));
        desk.click("notice load");
        QTRY_VERIFY(notice(desk).isEmpty());
        QCOMPARE(desk.project().lanes.back()->name, std::string("From elsewhere"));
    }

    // -- crashes

    void journey_recovery_after_a_crash() {
        const QString data = file("crash");
        QVERIFY(QFile::copy(demo, file("crashed.pulsepin")));
        {
            Desk desk;
            desk.window.open_path(file("crashed.pulsepin"));
            desk.add_marker(1);
            desk.window.document().keep_unsaved_work(); // as at the next turn of its clock
            const QDir root(recovery_root());
            const auto folders = root.entryList(QDir::Dirs | QDir::NoDotAndDotDot);
            QCOMPARE(folders.size(), 1);
            // A window that is open is no crash, whatever its process number.
            QVERIFY(RecoveryFolder::left_behind().empty());
            // What a crash leaves is a folder that nobody holds.
            QVERIFY(root.mkdir("left"));
            for (const char* name : {"copy.pulsepin", "original"})
                QVERIFY(QFile::copy(root.filePath(folders[0] + "/" + name),
                                    root.filePath(QString("left/") + name)));
        }
        Desk desk;
        Answers answers;
        answers.press("Recover");
        QVERIFY(desk.window.files().offer_recovery() == FileCommands::Recovered::Yes);
        QCOMPARE(desk.markers().pins.size(), std::size_t{5});
        QVERIFY(desk.window.document().unsaved());
        QCOMPARE(QString::fromStdString(desk.window.document().path().string()), file("crashed.pulsepin"));
        // The copy stays until the work is saved: a second crash loses nothing, a full disk neither.
        QVERIFY(RecoveryFolder::left_behind().empty());
        QCOMPARE(QDir(recovery_root()).entryList(QDir::Dirs | QDir::NoDotAndDotDot).size(), 1);
        desk.window.timeline().setFocus();
        desk.key(Qt::Key_S, Qt::ControlModifier);
        QVERIFY(wait_saved(desk));
        desk.window.document().store().finish();
        QTRY_VERIFY(!desk.window.document().unsaved());
        desk.window.document().store().finish();
        QCOMPARE(QDir(recovery_root()).entryList(QDir::Dirs | QDir::NoDotAndDotDot).size(), 0);
    }

    void journey_several_copies_one_of_them_damaged() {
        const auto leave_copy = [&](const std::string& lane, const char* damage) {
            const auto folder = RecoveryFolder::make();
            QVERIFY(folder &&
                    folder->keep(with_lane(new_project(), kind_of(body_type<TriggerBody>), lane), {})
                        .has_value());
            if (damage)
                QVERIFY(write_text_file(folder->copy(), damage).has_value());
            QTest::qWait(20);
        };
        leave_copy("old", nullptr);
        leave_copy("damaged", "{\"format\": \"pulsepin-pro");
        Desk desk;
        Answers answers;
        answers.press("Recover").press("OK").press("Recover");
        QVERIFY(desk.window.files().offer_recovery() == FileCommands::Recovered::Yes);
        QCOMPARE(answers.asked(), (QStringList{"work to recover", "damaged copy", "work to recover"}));
        QCOMPARE(desk.project().lanes.back()->name, std::string("old"));
        QCOMPARE(RecoveryFolder::left_behind().size(), std::size_t{1}); // the damaged one stays
    }

    void journey_copies_of_earlier_versions_are_offered() {
        QDir().mkpath(recovery_root());
        // Named by the number of a process: by that of this one, which is no window that wrote it.
        const auto copy = QString("%1/%2").arg(recovery_root()).arg(QCoreApplication::applicationPid());
        QVERIFY(save_recovery_copy(with_lane(new_project(), kind_of(body_type<TriggerBody>), "mine"),
                                   (copy + ".pulsepin").toStdString())
                    .has_value());
        QVERIFY(write_text_file((copy + ".origin").toStdString(), "/somewhere/p.pulsepin").has_value());
        const auto left = RecoveryFolder::left_behind();
        QCOMPARE(left.size(), std::size_t{1});
        QCOMPARE(left[0]->original(), std::filesystem::path("/somewhere/p.pulsepin"));
    }

    void journey_a_copy_that_cannot_be_written_is_told_and_tried_again() {
        Desk desk;
        // A file where the folder of copies should be.
        QVERIFY(write_text_file(recovery_root().toStdString(), "in the way").has_value());
        desk.add_marker(1);
        desk.window.document().store().keep_copy(desk.project());
        QTRY_VERIFY(notice(desk).contains("no copy for the case of a crash"));
        QVERIFY(QFile::remove(recovery_root()));
        desk.window.document().store().keep_copy(desk.project());
        QTRY_VERIFY(notice(desk).isEmpty());
    }

    void journey_the_system_ends_the_program() {
        for (const int signal : {SIGTERM, SIGHUP}) {
            const QString data = file(QString("ended by %1").arg(signal));
            auto program = start({PULSEPIN_DEMO "/over-the-levee.opus"}, data);
            // The song is read and opened: unsaved work, twenty seconds before the clock's first copy.
            QTRY_VERIFY_WITH_TIMEOUT(song_was_read(data), 15'000);
            QTest::qWait(1500);
            QVERIFY(copies_in(data).isEmpty());
            QCOMPARE(::kill(static_cast<pid_t>(program->processId()), signal), 0);
            QVERIFY(program->waitForFinished(20'000));
            QCOMPARE(program->exitStatus(), QProcess::NormalExit);
            const auto copies = copies_in(data);
            QCOMPARE(copies.size(), 1);
            const auto kept = load_project((copies[0] + "/copy.pulsepin").toStdString());
            QVERIFY(kept && kept->song);
        }
    }

    void journey_work_recovered_is_not_put_away_for_the_file_that_was_named() {
        const QString data = file("named");
        auto program = start({PULSEPIN_DEMO "/over-the-levee.opus"}, data);
        QTRY_VERIFY_WITH_TIMEOUT(song_was_read(data), 30'000);
        QTest::qWait(1500);
        ::kill(static_cast<pid_t>(program->processId()), SIGTERM);
        QVERIFY(program->waitForFinished(20'000));
        QCOMPARE(copies_in(data).size(), 1);
        Desk desk; // what main() does, with the same answer
        QVERIFY(QDir().mkpath(QFileInfo(recovery_root()).path()));
        QVERIFY(QFile::rename(data + "/pulsepin/pulsepin/recovery", recovery_root()));
        Answers answers;
        answers.press("Recover");
        QVERIFY(desk.window.files().offer_recovery() == FileCommands::Recovered::Yes);
        QVERIFY(desk.project().song && desk.window.document().unsaved());
    }

    void journey_the_desktop_ends_the_session() {
        Desk desk;
        desk.add_marker(0);
        Answers answers;
        answers.press("Cancel");
        QVERIFY(!desk.window.files().may_end_session());
        answers.press("Save").type_name(file("session"));
        QVERIFY(desk.window.files().may_end_session());
        QVERIFY(load_project(file("session.pulsepin").toStdString()).has_value());
    }
};

PULSEPIN_TEST_CLASS(JourneysThroughTrouble, "journeys_reliability")
#include "journeys_reliability.moc"
