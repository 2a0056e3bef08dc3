// SPDX-License-Identifier: GPL-3.0-or-later
//
// Handing the piece on to other programs: copied as text, and in all formats at once. In a real window.
#include "interchange/exporters.h"
#include "model/pin_edits.h"
#include "support/desk.h"
#include "support/file_dialog.h"
#include "support/test_program.h"

#include <QClipboard>
#include <QDialogButtonBox>
#include <QMessageBox>
#include <QPushButton>

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
void in_dialog(const QString& name, Do what) {
    QTimer::singleShot(300, qApp, [name, what] {
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
        QVERIFY2(desk.message().contains("copied"), qPrintable(desk.message()));
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
        QTRY_VERIFY2(desk.message().contains("{nothing}"), qPrintable(desk.message()));
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
        QTRY_VERIFY_WITH_TIMEOUT(desk.message().contains("formats written into"), 60'000);
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
        QTimer::singleShot(1200, qApp, [&] {
            auto* box = qobject_cast<QMessageBox*>(QApplication::activeModalWidget());
            QVERIFY(box);
            asked = box->text().contains("kite-day.edl");
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
