// SPDX-License-Identifier: GPL-3.0-or-later
//
// A piece whose folder lies on another machine, which stops to answer: everything goes on, and what was asked
// for is done once it answers again. The stand-in for it is support/hanging_folder.c.
#include "support/desk.h"
#include "support/test_program.h"

#include <QFileInfo>
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
