// SPDX-License-Identifier: GPL-3.0-or-later
//
// What asks something: every command and every button that ends in dots is tried, and what comes up has whole
// texts, goes on with Return from where the keys are and goes away with Escape; long lists are found in by
// typing.
#include "pages/stops/stop_panel.h"
#include "support/motion_desk.h"
#include "support/test_program.h"
#include "support/whole_texts.h"

#include <QFileDialog>
#include <QPlainTextEdit>

using namespace pulsepin;
using namespace pulsepin::test;

namespace {

/// Presses a key in whatever dialog is in front, and looks at it before.
class DialogKeys {
public:
    explicit DialogKeys(Qt::Key key) : key_(key) {
        timer_.setInterval(15);
        QObject::connect(&timer_, &QTimer::timeout, &timer_, [this] { look(); });
        timer_.start();
    }
    QString asked_by; ///< what was tried just now
    QStringList complaints;
    std::set<QString> seen;

private:
    void look() {
        if (auto* popup = QApplication::activePopupWidget()) {
            popup->close();
            return;
        }
        auto* dialog = qobject_cast<QDialog*>(QApplication::activeModalWidget());
        if (!dialog || !dialog->isVisible())
            return;
        if (qobject_cast<QFileDialog*>(dialog)) // the toolkit's own
            return dialog->reject();
        if (dialog != last_) {
            last_ = dialog;
            looks_ = 0;
            seen.insert(dialog->windowTitle());
            for (const auto& text : cut_texts(*dialog))
                complain(text);
            if (const QString both = lying_on_each_other(*dialog); !both.isEmpty())
                complain(both + " lie on each other");
            return;
        }
        if (++looks_ == 1 || looks_ == 11) { // a second time where it came too early on a busy machine
            QWidget* focus = dialog->focusWidget() ? dialog->focusWidget() : dialog;
            QTest::keyClick(focus, key_);
        } else if (looks_ > 20) {
            // In a text of several lines Return is a line; and what would do nothing is not accepted.
            if (key_ == Qt::Key_Escape ||
                (!qobject_cast<QPlainTextEdit*>(dialog->focusWidget()) && can_be_accepted(*dialog)))
                complain("stays");
            last_ = nullptr;
            dialog->reject();
        }
    }
    static bool can_be_accepted(const QDialog& dialog) {
        for (const auto* button : dialog.findChildren<QPushButton*>())
            if (button->isDefault())
                return button->isEnabled();
        return true;
    }
    void complain(const QString& what) {
        const QString whole =
            QString("%1, “%2”: %3").arg(asked_by, last_ ? last_->windowTitle() : QString(), what);
        if (!complaints.contains(whole))
            complaints << whole;
    }
    Qt::Key key_;
    QTimer timer_;
    QPointer<QDialog> last_;
    int looks_ = 0;
};

/// Until nothing asks any more and nothing of what was tried is left: another piece may be open by then,
/// since Return in the list of commands takes the first of them.
[[nodiscard]] bool taken_back(Desk& desk, const Project& start, const QString& file) {
    if (!QTest::qWaitFor(
            [] { return !QApplication::activeModalWidget() && !QApplication::activePopupWidget(); }, 5000))
        return false;
    QTest::qWait(20); // what was chosen happens after its dialog has gone
    while (desk.window.document().can_undo() && !same_content(desk.project(), start))
        desk.window.document().undo();
    if (same_content(desk.project(), start))
        return true;
    desk.window.open_path(file);
    return desk.settle() && same_content(desk.project(), start);
}

} // namespace

class JourneysDialogs : public QObject {
    Q_OBJECT
private slots:
    void journey_what_asks_is_read_and_answered_by_keys_data() {
        QTest::addColumn<int>("key");
        QTest::addColumn<QSize>("size");
        QTest::newRow("Return at 1280") << int(Qt::Key_Return) << QSize(1280, 800);
        QTest::newRow("Escape at 1024") << int(Qt::Key_Escape) << QSize(1024, 700);
    }
    void journey_what_asks_is_read_and_answered_by_keys() {
        QFETCH(int, key);
        QFETCH(QSize, size);
        QTemporaryDir folder;
        std::filesystem::copy(PULSEPIN_DEMO, folder.path().toStdString(),
                              std::filesystem::copy_options::recursive);
        Desk desk;
        desk.window.resize(size);
        const QString file = folder.filePath("kite-day-in-motion.pulsepin");
        desk.window.open_path(file);
        QVERIFY(desk.settle());
        const Project start = desk.project();
        DialogKeys keys(static_cast<Qt::Key>(key));
        static const QStringList apart{"quit", "new"};
        for (auto* action : desk.window.actions()) {
            const QString id = action->objectName();
            if (!action->text().endsWith(QChar(0x2026)) || apart.contains(id))
                continue;
            desk.window.view().select({desk.markers().pins.front().id});
            keys.asked_by = id;
            action->trigger();
            QVERIFY2(taken_back(desk, start, file), qPrintable(id));
        }
        for (int stop = 0; stop < 7; ++stop)
            for (const auto& lane : start.lanes) { // what is tried changes those of the window
                desk.window.go_to_stop(static_cast<Stop>(stop));
                desk.window.view().choose_lane(lane->id);
                desk.window.view().select(lane->pins.empty() ? PinSet{} : PinSet{lane->pins.front().id});
                QTest::qWait(5);
                std::vector<QPointer<QAbstractButton>> asking;
                for (auto* button : desk.window.findChildren<QAbstractButton*>())
                    if (button->isVisible() && button->isEnabled() &&
                        button->text().endsWith(QChar(0x2026)) && !tried_.contains(button->objectName()))
                        asking.emplace_back(button);
                for (const auto& button : asking) {
                    if (!button || !button->isVisible() || !button->isEnabled())
                        continue;
                    tried_ << button->objectName();
                    keys.asked_by = "button " + button->objectName();
                    button->click();
                    QVERIFY2(taken_back(desk, start, file), qPrintable(keys.asked_by));
                }
            }
        tried_.clear();
        QVERIFY(QTest::qWaitFor([&] { return !QApplication::activeModalWidget(); }, 2000));
        for (const auto& complaint : keys.complaints)
            qWarning("%s", qPrintable(complaint));
        QVERIFY(keys.complaints.isEmpty());
        QVERIFY2(keys.seen.size() > 15, qPrintable(QString::number(keys.seen.size())));
    }

    void journey_a_long_list_is_found_in_by_typing() {
        Desk desk;
        QVERIFY(desk.open_demo());
        desk.window.go_to_stop(Stop::Motion);
        desk.click("layers of the picture");
        auto* button = desk.window.findChild<QPushButton*>("add effect");
        QVERIFY(button && QTest::qWaitFor([&] { return button->isVisible() && button->isEnabled(); }, 2000));
        const auto open = [&] {
            QTest::mouseClick(button, Qt::LeftButton);
            return QApplication::activePopupWidget();
        };
        const auto list_of = [](const QWidget* finder) {
            return finder->findChild<QListWidget*>("finder list");
        };
        const auto effects_of = [&] { return desk.project().stage->layers.back().effects.size(); };
        auto* finder = open();
        QVERIFY(finder);
        QVERIFY(list_of(finder)->count() > 20);
        const int all = list_of(finder)->count();
        // Space is a letter here, and nothing plays.
        QTest::keyClicks(finder->findChild<QLineEdit*>("finder words"), "gb sp");
        QVERIFY(!desk.window.player().playing());
        QCOMPARE(list_of(finder)->currentItem()->text(), QString("RGB split"));
        QTest::keyClick(finder->findChild<QLineEdit*>("finder words"), Qt::Key_Return);
        QCOMPARE(effects_of(), std::size_t{1});
        // What was chosen last is the first.
        finder = open();
        QCOMPARE(list_of(finder)->item(0)->text(), QString("RGB split"));
        QCOMPARE(list_of(finder)->count(), all);
        auto* words = finder->findChild<QLineEdit*>("finder words");
        QTest::keyClick(words, Qt::Key_Down);
        QVERIFY(list_of(finder)->currentItem()->flags() & Qt::ItemIsSelectable);
        QVERIFY(list_of(finder)->currentRow() > 1);
        QTest::keyClick(words, Qt::Key_Escape);
        QVERIFY(!QApplication::activePopupWidget());
        QCOMPARE(effects_of(), std::size_t{1});
        // No word has that: Return chooses nothing.
        finder = open();
        words = finder->findChild<QLineEdit*>("finder words");
        QTest::keyClicks(words, "qqq");
        QTest::keyClick(words, Qt::Key_Return);
        QVERIFY(QApplication::activePopupWidget());
        QTest::keyClick(words, Qt::Key_Escape);
        QCOMPARE(effects_of(), std::size_t{1});
    }

private:
    QStringList tried_;
};

PULSEPIN_TEST_CLASS(JourneysDialogs, "journeys_dialogs")
#include "journeys_dialogs.moc"
