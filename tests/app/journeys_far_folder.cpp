// SPDX-License-Identifier: GPL-3.0-or-later
//
// A piece whose folder lies on another machine, which stops to answer: everything goes on, and what was asked
// for is done once it answers again. The stand-in for it is support/hanging_folder.c.
#include "support/desk.h"
#include "support/dialogs.h"
#include "support/test_program.h"

#include <QDirIterator>
#include <QFileDialog>
#include <QFileInfo>
#include <QLineEdit>
#include <QProcess>
#include <QStandardPaths>
#include <dlfcn.h>

using namespace pulsepin;
using namespace pulsepin::test;

namespace {

/// The stand-in; not there where the program runs without it.
struct FarFolder {
    void (*hang)(const char*) = reinterpret_cast<void (*)(const char*)>(dlsym(RTLD_DEFAULT, "hang_folder"));
    int (*calls_of_main_thread)() = reinterpret_cast<int (*)()>(dlsym(RTLD_DEFAULT, "calls_of_main_thread"));
    int (*calls_that_hung)() = reinterpret_cast<int (*)()>(dlsym(RTLD_DEFAULT, "calls_that_hung"));
    QTemporaryDir own;
    FarFolder() {
        std::filesystem::copy(PULSEPIN_DEMO, own.path().toStdString(),
                              std::filesystem::copy_options::recursive);
    }
    ~FarFolder() { answers(); }
    [[nodiscard]] QString project() const { return own.filePath("kite-day.pulsepin"); }
    void stops() { hang(qPrintable(own.path())); }
    void answers() { hang(nullptr); }
};

} // namespace

class JourneysFarFolder : public QObject {
    Q_OBJECT
private slots:
    void initTestCase() {
        if (!dlsym(RTLD_DEFAULT, "hang_folder"))
            QSKIP("the stand-in for a far folder is not loaded (LD_PRELOAD)");
    }

    void journey_a_folder_stops_to_answer_and_work_goes_on() {
        FarFolder far;
        Desk desk;
        desk.window.open_path(far.project());
        QVERIFY(desk.settle());
        QVERIFY(desk.project().song);
        far.stops();
        const std::size_t before = desk.markers().pins.size();
        desk.add_marker(5);
        desk.key(Qt::Key_S, Qt::ControlModifier);
        for (int stop = 0; stop < 7; ++stop) {
            desk.window.go_to_stop(static_cast<Stop>(stop));
            QTest::qWait(60);
            desk.window.view().set_playhead(Seconds(9 * stop)); // shots that were not looked at so far
            QTest::qWait(60);
        }
        desk.key(Qt::Key_Space);
        QVERIFY(QTest::qWaitFor([&] { return desk.window.player().playing(); }, 5000));
        QTest::qWait(300);
        desk.key(Qt::Key_Space);
        desk.add_marker(7);
        QCOMPARE(desk.markers().pins.size(), before + 2);
        desk.window.document().undo();
        QCOMPARE(desk.markers().pins.size(), before + 1);
        QVERIFY(far.calls_that_hung() > 0);
        QCOMPARE(far.calls_of_main_thread(), 0);
        QVERIFY(desk.window.document().store().saving());
        // What was asked for is done as it was then: the first marker is in it.
        far.answers();
        QVERIFY(QTest::qWaitFor([&] { return !desk.window.document().store().saving(); }, 20'000));
        const auto saved = load_project(far.project().toStdString());
        QVERIFY(saved);
        QCOMPARE(saved->first_lane(body_type<MarkerBody>)->pins.size(), before + 1);
    }

    void journey_a_piece_is_opened_as_soon_as_its_folder_answers() {
        FarFolder far;
        Desk desk;
        desk.add_marker(3);
        far.stops();
        // What was not saved is asked about before, and again when it is there.
        int asked = 0;
        QTimer answers;
        answers.setInterval(20);
        connect(&answers, &QTimer::timeout, &answers, [&] {
            auto* box = qobject_cast<QMessageBox*>(QApplication::activeModalWidget());
            if (!box || !box->isVisible())
                return;
            ++asked;
            box->button(QMessageBox::Discard)->click();
        });
        answers.start();
        desk.window.open_path(far.project());
        QCOMPARE(asked, 1);
        QVERIFY2(desk.message().contains("kite-day.pulsepin"), qPrintable(desk.message()));
        QVERIFY(!desk.project().song);
        desk.add_marker(4);
        QCOMPARE(desk.markers().pins.size(), std::size_t{2});
        QCOMPARE(far.calls_of_main_thread(), 0);
        far.answers();
        QVERIFY(QTest::qWaitFor([&] { return desk.project().song != nullptr; }, 20'000));
        QCOMPARE(asked, 2);
        QVERIFY(desk.settle());
        QCOMPARE(QString::fromStdString(desk.window.document().path().string()),
                 QFileInfo(far.project()).absoluteFilePath());
    }

    void journey_another_piece_is_begun_while_shots_hang() {
        FarFolder far;
        Desk desk;
        desk.window.open_path(far.project());
        QVERIFY(desk.settle());
        far.stops();
        const int before = far.calls_that_hung();
        for (int place = 1; place < 40 && far.calls_that_hung() < before + 2; ++place) {
            desk.window.view().set_playhead(Seconds(1.5 * place)); // shots that were not looked at so far
            QTest::qWait(60);
        }
        QVERIFY(far.calls_that_hung() > before);
        desk.window.action("new")->trigger();
        QVERIFY(!desk.project().song);
        desk.add_marker(3);
        QCOMPARE(desk.markers().pins.size(), std::size_t{1});
        QCOMPARE(far.calls_of_main_thread(), 0);
        far.answers();
    }

    /// It is told, work goes on, and the window can be left with a copy.
    void journey_the_window_is_closed_while_a_save_hangs() {
        FarFolder far;
        auto desk = std::make_unique<Desk>();
        MainWindow& window = desk->window;
        window.open_path(far.project());
        QVERIFY(desk->settle());
        far.stops();
        const std::size_t before = desk->markers().pins.size();
        desk->add_marker(5);
        desk->key(Qt::Key_S, Qt::ControlModifier);
        QVERIFY(window.document().store().saving());
        const auto close_and_press = [&](const QString& answer) {
            QString told;
            QTimer::singleShot(900, &window, [&] {
                auto* box = qobject_cast<QMessageBox*>(QApplication::activeModalWidget());
                if (!box)
                    return;
                told = box->text();
                for (auto* button : box->buttons())
                    if (says(button->text(), answer))
                        return QTest::mouseClick(button, Qt::LeftButton);
                box->reject();
            });
            window.close();
            return told;
        };
        QVERIFY(says(close_and_press("Back to work"), "still being saved"));
        QVERIFY(window.isVisible());
        desk->add_marker(7);
        QCOMPARE(desk->markers().pins.size(), before + 2);
        QVERIFY(says(close_and_press("Close, keep a copy"), "still being saved"));
        QVERIFY(!window.isVisible());
        QCOMPARE(far.calls_of_main_thread(), 0);
        const auto copies = QStandardPaths::writableLocation(QStandardPaths::AppLocalDataLocation);
        std::size_t most = 0;
        for (QDirIterator all(copies, {"copy.pulsepin"}, QDir::Files, QDirIterator::Subdirectories);
             all.hasNext();)
            if (const auto copy = load_project(all.next().toStdString()))
                most = std::max(most, copy->first_lane(body_type<MarkerBody>)->pins.size());
        QVERIFY(most >= before + 2);
        far.answers();
        desk.reset();
        for (const auto& left : RecoveryFolder::left_behind())
            left->remove();
    }

    /// Another folder answers: what is saved there waits for nothing, and stays the piece's own file, though
    /// the first save ends after all.
    void journey_a_piece_is_saved_elsewhere_while_its_folder_hangs() {
        FarFolder far;
        const QTemporaryDir near;
        Desk desk;
        auto& document = desk.window.document();
        const auto& store = document.store();
        desk.window.open_path(far.project());
        QVERIFY(desk.settle());
        far.stops();
        const std::size_t before = desk.markers().pins.size();
        desk.add_marker(5);
        desk.key(Qt::Key_S, Qt::ControlModifier);
        QTest::qWait(100);
        QVERIFY(store.saving());
        desk.add_marker(7);
        const QString elsewhere = near.filePath("rescued.pulsepin");
        QString offered;
        once_a_dialog_is_open(50, [&] {
            auto* dialog = qobject_cast<QFileDialog*>(QApplication::activeModalWidget());
            if (!dialog)
                return;
            offered = dialog->directory().absolutePath();
            dialog->findChild<QLineEdit*>("fileNameEdit")->setText(elsewhere);
            QMetaObject::invokeMethod(dialog, "accept");
        });
        desk.window.action("save as")->trigger();
        QVERIFY(QTest::qWaitFor([&] { return !store.saving(); }, 10'000));
        QCOMPARE(offered, QDir::homePath());
        QVERIFY(!document.unsaved());
        QCOMPARE(QString::fromStdString(document.path().string()), elsewhere);
        const auto pins_in = [](const QString& file) {
            const auto saved = load_project(file.toStdString());
            return saved ? saved->first_lane(body_type<MarkerBody>)->pins.size() : 0;
        };
        QCOMPARE(pins_in(elsewhere), before + 2);
        // Saved there once more, and left without a question.
        desk.add_marker(9);
        desk.key(Qt::Key_S, Qt::ControlModifier);
        QVERIFY(QTest::qWaitFor([&] { return !document.unsaved(); }, 10'000));
        QCOMPARE(pins_in(elsewhere), before + 3);
        QCOMPARE(far.calls_of_main_thread(), 0);
        desk.add_marker(11);
        far.answers();
        QVERIFY(QTest::qWaitFor([&] { return pins_in(far.project()) == before + 1; }, 20'000));
        QVERIFY(desk.settle());
        QCOMPARE(QString::fromStdString(document.path().string()), elsewhere);
        QVERIFY(document.unsaved());                    // the older save tells nothing of what was done since
        while (desk.markers().pins.size() > before + 3) // it may have been pulled to a beat besides
            document.undo();
        QVERIFY(!document.unsaved());
        QVERIFY(!store.trouble().not_saved && !store.trouble().changed_on_disk);
    }

    void journey_the_window_closes_by_itself_once_it_is_saved() {
        FarFolder far;
        Desk desk;
        desk.window.open_path(far.project());
        QVERIFY(desk.settle());
        far.stops();
        const std::size_t before = desk.markers().pins.size();
        desk.add_marker(5);
        desk.key(Qt::Key_S, Qt::ControlModifier);
        QTimer::singleShot(1500, &desk.window, [&] { far.answers(); });
        bool asked = false;
        QTimer::singleShot(900, &desk.window, [&] {
            const auto* box = QApplication::activeModalWidget();
            asked = box && box->objectName() == "still saving";
        });
        desk.window.close();
        QVERIFY(asked);
        QVERIFY(!desk.window.isVisible());
        const auto saved = load_project(far.project().toStdString());
        QVERIFY(saved);
        QCOMPARE(saved->first_lane(body_type<MarkerBody>)->pins.size(), before + 1);
    }

    /// Though a thread that reads in the folder never comes back.
    void journey_the_program_ends_though_a_folder_does_not_answer() {
        FarFolder far;
        QTemporaryDir own;
        QProcess program;
        auto around = QProcessEnvironment::systemEnvironment();
        around.insert("HANGING_FOLDER", far.own.path());
        for (const char* folder : {"XDG_DATA_HOME", "XDG_CONFIG_HOME", "XDG_CACHE_HOME"})
            around.insert(folder, own.filePath(folder));
        program.setProcessEnvironment(around);
        program.start(PULSEPIN_BINARIES "/pulsepin", {"--silent", far.own.filePath("over-the-levee.opus")});
        QVERIFY(program.waitForStarted());
        QTest::qWait(4000); // it waits for the song
        QCOMPARE(program.state(), QProcess::Running);
        program.terminate();
        QVERIFY2(program.waitForFinished(25'000), "it is there still");
        QCOMPARE(program.exitStatus(), QProcess::NormalExit);
    }

    void journey_recent_pieces_that_lie_far_away_hold_nothing_up() {
        FarFolder far;
        QSettings().setValue("recent", QStringList{far.project()});
        far.stops();
        Desk desk;
        QTest::qWait(200);
        desk.add_marker(3);
        QCOMPARE(desk.markers().pins.size(), std::size_t{1});
        QVERIFY(far.calls_that_hung() > 0);
        QCOMPARE(far.calls_of_main_thread(), 0);
        desk.window.document().undo();
        far.answers();
        QVERIFY(QTest::qWaitFor(
            [&] { return desk.window.findChild<QPushButton*>("recent project") != nullptr; }, 20'000));
        QSettings().remove("recent");
    }
};

PULSEPIN_TEST_CLASS(JourneysFarFolder, "journeys_far_folder")
#include "journeys_far_folder.moc"
