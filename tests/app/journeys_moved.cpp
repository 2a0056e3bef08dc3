// SPDX-License-Identifier: GPL-3.0-or-later
//
// A piece that lost its files, and one that takes them along.
#include "hand/files_found.h"
#include "interchange/project_file.h"
#include "support/desk.h"
#include "support/file_dialog.h"
#include "support/test_program.h"

#include <QDir>
#include <QProcess>

using namespace pulsepin;
using namespace pulsepin::test;

class JourneysMoved : public QObject {
    Q_OBJECT

    /// As it is offered.
    static void pack_into(Desk& desk, const QString& folder) {
        QTimer::singleShot(300, qApp, [&desk, folder] {
            auto* dialog = desk.window.findChild<QDialog*>("pack");
            QVERIFY(dialog);
            save_as(folder);
            QTest::mouseClick(dialog->findChild<QPushButton*>("pack now"), Qt::LeftButton);
        });
        desk.window.action("pack")->trigger();
    }

private slots:
    // Opened without its song and shots; shown the folder where they are now, by one step that is undone;
    // then packed, moved, and opened again where nothing is missing.
    void journey_lost_files_are_found_and_packed() {
        QTemporaryDir dir;
        const QString folder = dir.filePath("moved <b>&"), piece = dir.filePath("kite-day.pulsepin");
        QVERIFY(QDir().mkpath(folder + "/deep"));
        QVERIFY(QFile::copy(PULSEPIN_DEMO "/kite-day.pulsepin", piece));
        for (const char* name :
             {"spool.webm", "launch.webm", "tail.webm", "crowd.webm", "loop.webm", "landing.webm"})
            QVERIFY(QFile::copy(QString(PULSEPIN_DEMO "/") + name, folder + "/deep/" + name));
        QVERIFY(QFile::copy(PULSEPIN_DEMO "/over-the-levee.opus", folder + "/another name.opus"));
        Desk desk;
        desk.window.open_path(piece);
        QVERIFY(desk.settle());
        QCOMPARE(missing_files(desk.project()).size(), std::size_t{7});
        const Project before = desk.project();

        save_as(dir.filePath("."));
        desk.window.action("find files")->trigger();
        QTRY_VERIFY_WITH_TIMEOUT(missing_files(desk.project()).empty(), 60'000);
        QVERIFY(desk.settle());
        QTRY_VERIFY_WITH_TIMEOUT(desk.window.document().sound() != nullptr, 60'000);
        desk.window.timeline().setFocus();
        desk.key(Qt::Key_Z, Qt::ControlModifier);
        QVERIFY(same_content(desk.project(), before));
        desk.key(Qt::Key_Z, Qt::ControlModifier | Qt::ShiftModifier);
        QVERIFY(missing_files(desk.project()).empty());
        desk.window.action("find files")->trigger(); // nobody is asked
        QVERIFY2(says(desk.message(), "No file is missing"), qPrintable(desk.message()));

        pack_into(desk, dir.path());
        QTRY_VERIFY2_WITH_TIMEOUT(says(desk.message(), "7 files packed"), qPrintable(desk.message()), 60'000);
        const QString packed = dir.filePath("kite-day packed"), moved = dir.filePath("elsewhere");
        QVERIFY(QDir().rename(packed, moved));
        const auto again = load_project((moved + "/kite-day.pulsepin").toStdString());
        QVERIFY(again && missing_files(*again).empty());
        QCOMPARE(again->lanes.size(), before.lanes.size());
        // There already: told, and nothing in it changes.
        QVERIFY(QDir().mkpath(packed) && QFile::copy(piece, packed + "/mine.pulsepin"));
        pack_into(desk, dir.path());
        QTRY_VERIFY2_WITH_TIMEOUT(says(desk.message(), "not empty"), qPrintable(desk.message()), 30'000);
        QCOMPARE(QDir(packed).entryList(QDir::NoDotAndDotDot | QDir::AllEntries),
                 QStringList{"mine.pulsepin"});
    }
};

PULSEPIN_TEST_CLASS(JourneysMoved, "journeys_moved")
#include "journeys_moved.moc"
