// SPDX-License-Identifier: GPL-3.0-or-later
//
// What is set once for all pieces: found, changed, put back; keys of commands; help on what one points at.
#include "commands/kept_shortcuts.h"
#include "commands/settings_dialog.h"
#include "session/calm.h"
#include "session/settings.h"
#include "shell/application.h"
#include "shell/help_window.h"
#include "shell/manual.h"
#include "support/desk.h"
#include "support/file_dialog.h"
#include "support/test_program.h"

#include <QAbstractSpinBox>
#include <QAccessible>
#include <QDialogButtonBox>
#include <QDir>
#include <QDoubleSpinBox>
#include <QFile>
#include <QKeySequenceEdit>
#include <QScopeGuard>
#include <QTableWidget>

using namespace pulsepin;
using namespace pulsepin::test;

namespace {

SettingsDialog* settings_of(Desk& desk) {
    desk.window.timeline().setFocus();
    desk.key(Qt::Key_Comma, Qt::ControlModifier);
    auto* dialog = desk.window.findChild<SettingsDialog*>("settings");
    if (dialog)
        (void)QTest::qWaitForWindowActive(dialog);
    return dialog;
}

template <class Widget>
Widget* seen(QWidget* in, const QString& name) {
    auto* widget = in->findChild<Widget*>(name);
    return widget && widget->isVisible() ? widget : nullptr;
}

void choose_in(QWidget* dialog, const QString& field, const QString& id) {
    auto* box = dialog->findChild<QComboBox*>(field);
    box->setCurrentIndex(box->findData(id));
    emit box->activated(box->currentIndex());
}

void close(Desk& desk, QDialog* dialog) {
    QTest::keyClick(dialog, Qt::Key_Escape);
    QVERIFY(QTest::qWaitFor([&] { return !desk.window.findChild<SettingsDialog*>("settings"); }, 3000));
}

QTableWidget* shortcuts_in(QDialog* dialog, const QString& words) {
    dialog->findChild<QPushButton*>("shortcuts page")->click();
    auto* find = dialog->findChild<QLineEdit*>("settings words");
    find->clear();
    QTest::keyClicks(find, words);
    return dialog->findChild<QTableWidget*>("shortcut table");
}

} // namespace

class JourneysSettings : public QObject {
    Q_OBJECT
private slots:
    void cleanup() {
        QSettings().clear();
        look_again_whether_calm();
    }

    void settings_that_make_no_sense_count_as_initial() {
        QSettings().setValue("look/size", 7000);
        QSettings().setValue("new/rate", "a hundred");
        QSettings().setValue("snap/mode", 17);
        QCOMPARE(setting_number("look/size"), 100.0);
        QCOMPARE(setting_text("new/rate"), QString("24"));
        QCOMPARE(setting_text("snap/mode"), QString("near"));
        change_setting(*find_setting("look/size"), 7000.0); // by hand it is as near as may be
        QCOMPARE(setting_number("look/size"), 200.0);
        for (const auto& row : setting_rows()) {
            reset_setting(row);
            QVERIFY(is_initial(row));
        }
    }

    /// Delays were kept in seconds before there was one place for all settings.
    void what_an_older_version_kept_is_read() {
        QSettings().setValue("play/extra delay", 0.125);
        QSettings().setValue("snap/mode", 2);
        QSettings().setValue("play/few bars", 8);
        QCOMPARE(setting_number("play/extra delay"), 125.0);
        QCOMPARE(setting_text("snap/mode"), QString("always"));
        Desk desk;
        QVERIFY(std::abs(desk.window.player().extra_delay().value - 0.125) < 1e-9);
        QCOMPARE(desk.window.view().snap(), Snap::Always);
    }

    /// They hold from the next start on, and give way to what the desktop says itself.
    void size_and_dialogs_of_the_next_start() {
        const auto at_start = [](const char* name, const char* from_desktop) {
            from_desktop ? qputenv(name, from_desktop) : qunsetenv(name);
            prepare_start();
            const QByteArray now = qgetenv(name);
            qunsetenv(name);
            return now;
        };
        const QByteArray places = qgetenv("XDG_DATA_DIRS"), bus = qgetenv("DBUS_SESSION_BUS_ADDRESS");
        const auto put_back = qScopeGuard([&] {
            places.isNull() ? qunsetenv("XDG_DATA_DIRS") : qputenv("XDG_DATA_DIRS", places);
            bus.isNull() ? qunsetenv("DBUS_SESSION_BUS_ADDRESS") : qputenv("DBUS_SESSION_BUS_ADDRESS", bus);
        });
        const QTemporaryDir shared;
        qputenv("XDG_DATA_DIRS", shared.path().toUtf8());
        qputenv("DBUS_SESSION_BUS_ADDRESS", "unix:path=/nowhere");
        QCOMPARE(at_start("QT_QPA_PLATFORMTHEME", nullptr), QByteArray());
        change_setting(*find_setting("desktop/file dialogs"), std::string("portal"));
        QCOMPARE(at_start("QT_QPA_PLATFORMTHEME", nullptr), QByteArray()); // there is no portal
        QVERIFY(QDir(shared.path()).mkpath("dbus-1/services"));
        QFile service(shared.filePath("dbus-1/services/org.freedesktop.portal.Desktop.service"));
        QVERIFY(service.open(QIODevice::WriteOnly));
        QCOMPARE(at_start("QT_QPA_PLATFORMTHEME", nullptr), QByteArray("xdgdesktopportal"));
        QCOMPARE(at_start("QT_QPA_PLATFORMTHEME", "gtk3"), QByteArray("gtk3"));
        QCOMPARE(at_start("QT_SCALE_FACTOR", nullptr), QByteArray());
        change_setting(*find_setting("look/size"), 150.0);
        QCOMPARE(at_start("QT_SCALE_FACTOR", nullptr), QByteArray("1.5"));
        QCOMPARE(at_start("QT_SCALE_FACTOR", "2"), QByteArray("3"));
    }

    void journey_a_setting_is_found_changed_and_put_back() {
        Desk desk;
        auto* dialog = settings_of(desk);
        QVERIFY(dialog);
        auto* words = dialog->findChild<QLineEdit*>("settings words");
        QCOMPARE(dialog->focusWidget(), words);
        QTest::keyClicks(words, "snap");
        QVERIFY(seen<QComboBox>(dialog, "setting snap/mode"));
        QVERIFY(!seen<QWidget>(dialog, "setting look/language"));
        choose_in(dialog, "setting snap/mode", "always");
        QCOMPARE(desk.window.view().snap(), Snap::Always); // at once
        auto* back = seen<QPushButton>(dialog, "reset snap/mode");
        QVERIFY(back && back->isEnabled());
        back->click();
        QCOMPARE(desk.window.view().snap(), Snap::Near);
        QVERIFY(!back->isEnabled());
        QTest::keyClicks(words, " nothing has these");
        QVERIFY(!seen<QComboBox>(dialog, "setting snap/mode"));
        close(desk, dialog);
    }

    void journey_new_projects_begin_as_set() {
        Desk desk;
        auto* dialog = settings_of(desk);
        QVERIFY(dialog);
        choose_in(dialog, "setting new/rate", "30000/1001");
        auto* width = dialog->findChild<QDoubleSpinBox*>("setting new/width");
        QVERIFY(width);
        width->setValue(1920);
        close(desk, dialog);
        desk.window.document().start_new();
        QCOMPARE(QString::fromStdString(desk.project().settings->frame_rate.text()), QString("29.97"));
        QCOMPARE(desk.project().settings->picture_width, 1920);
        QCOMPARE(desk.project().settings->picture_height, 720);
        QVERIFY(!desk.window.document().unsaved());
    }

    void journey_high_contrast_and_back() {
        Desk desk;
        QVERIFY(desk.open_demo());
        const QColor before = desk.window.palette().color(QPalette::Window);
        auto* dialog = settings_of(desk);
        choose_in(dialog, "setting look/colours", "contrast");
        QCOMPARE(desk_palette().desk, contrast_palette().desk);
        QVERIFY(desk.window.timeline().grab().toImage().pixelColor(400, 300) !=
                day_palette().paper); // the paper is dark, too
        choose_in(dialog, "setting look/colours", "day");
        QCOMPARE(desk_palette().desk, day_palette().desk);
        QVERIFY(before.isValid());
        close(desk, dialog);
    }

    void journey_nothing_flashes_when_it_is_to_be_calm() {
        Desk desk;
        QVERIFY(desk.open_demo());
        change_setting(*find_setting("look/motion"), std::string("calm"));
        look_again_whether_calm();
        QVERIFY(is_calm());
        set_desktop_calm(false);
        QVERIFY(is_calm()); // the person's word counts more
        change_setting(*find_setting("look/motion"), std::string("system"));
        set_desktop_calm(true);
        QVERIFY(is_calm());
        set_desktop_calm(false);
        QVERIFY(!is_calm());
    }

    void journey_a_command_gets_other_keys() {
        Desk desk;
        auto* dialog = settings_of(desk);
        auto* table = shortcuts_in(dialog, "zoom in");
        QVERIFY(table->rowCount() >= 1);
        table->selectRow(0);
        auto* keys = dialog->findChild<QKeySequenceEdit*>("shortcut keys");
        // Taken by another: that is told, and happens when it is wanted all the same.
        keys->setKeySequence(QKeySequence("Ctrl+D"));
        QVERIFY(says(dialog->findChild<QLabel*>("shortcut told")->text(), "Find the beats"));
        QVERIFY(!desk.window.action("detect")->shortcuts().isEmpty());
        dialog->findChild<QPushButton*>("shortcut take")->click();
        QVERIFY(desk.window.action("detect")->shortcuts().isEmpty());
        QCOMPARE(desk.window.action("zoom in")->shortcut(), QKeySequence("Ctrl+D"));
        close(desk, dialog);
        {
            Desk again; // at the next start
            QCOMPARE(again.window.action("zoom in")->shortcut(), QKeySequence("Ctrl+D"));
            QVERIFY(again.window.action("detect")->shortcuts().isEmpty());
        }
        dialog = settings_of(desk);
        shortcuts_in(dialog, "");
        dialog->findChild<QPushButton*>("shortcut all back")->click();
        QCOMPARE(desk.window.action("detect")->shortcut(), QKeySequence("Ctrl+D"));
        QVERIFY(desk.window.commands().has_first_keys(*desk.window.action("zoom in")));
        QVERIFY(QSettings().allKeys().filter("shortcuts/").isEmpty());
        close(desk, dialog);
    }

    void journey_shortcuts_are_exported_and_imported() {
        QTemporaryDir folder;
        const QString file = folder.filePath("my keys.txt");
        Desk desk;
        auto* dialog = settings_of(desk);
        auto* table = shortcuts_in(dialog, "tap first");
        QVERIFY(table);
        shortcuts_in(dialog, "the beat");
        dialog->findChild<QTableWidget*>("shortcut table")->selectRow(0);
        dialog->findChild<QKeySequenceEdit*>("shortcut keys")->setKeySequence(QKeySequence("Ctrl+Alt+7"));
        dialog->findChild<QPushButton*>("shortcut take")->click();
        save_as(file);
        dialog->findChild<QPushButton*>("shortcut write")->click();
        QVERIFY(QFile::exists(file));
        dialog->findChild<QPushButton*>("shortcut all back")->click();
        save_as(file);
        dialog->findChild<QPushButton*>("shortcut read")->click();
        int with = 0;
        for (const auto& row : desk.window.commands().rows())
            with += row.action->shortcuts().contains(QKeySequence("Ctrl+Alt+7"));
        QCOMPARE(with, 1);
        close(desk, dialog);
    }

    void wrong_lists_of_shortcuts_change_nothing() {
        Desk desk;
        const auto& commands = desk.window.commands();
        const auto refused = [&](const char* text) {
            return !shortcuts_of_text(QString::fromUtf8(text), commands).has_value();
        };
        QVERIFY(refused(""));
        QVERIFY(refused("zoom in\tCtrl+D\n"));
        QVERIFY(refused("# Pulse Pin shortcuts\nno such command\tCtrl+D\n"));
        QVERIFY(refused("# Pulse Pin shortcuts\nzoom in\tCtrl+Nothing+Ever\n"));
        QVERIFY(refused("# Pulse Pin shortcuts\nzoom in\tCtrl+D\nzoom out\tCtrl+D\n"));
        const auto read =
            shortcuts_of_text("# Pulse Pin shortcuts\n# mine\nzoom in\tCtrl+D\nzoom out\n", commands);
        QVERIFY(read && read->size() == 2 && read->at("zoom out").isEmpty());
        QCOMPARE(shortcuts_of_text(text_of_shortcuts(*read), commands).value(), *read);
    }

    /// A page is chosen by a button that stays down, also when a screen reader presses it.
    void journey_pages_are_turned_by_screen_readers() {
        Desk desk;
        QVERIFY(desk.open_demo());
        desk.window.go_to_stop(Stop::Export);
        QTest::qWait(100);
        QPushButton* page = nullptr;
        for (auto* button : desk.window.findChildren<QPushButton*>())
            if (button->isVisible() && tells(button->text(), "Data files"))
                page = button;
        QVERIFY(page && !page->isChecked());
        auto* access = QAccessible::queryAccessibleInterface(page);
        access->actionInterface()->doAction(QAccessibleActionInterface::toggleAction());
        QTRY_VERIFY(page->isChecked());
        QTRY_VERIFY(desk.window.findChild<QPushButton*>("export edl")->isVisible());
    }

    void the_manual_knows_its_controls() {
        Manual manual;
        manual.add_page("grid", "# Grid\n\n![x](y.png)\n\n*Find the beats* (**Ctrl+D**) listens.\n\n"
                                "**Another tempo.** What else it may be.\n");
        manual.add_page("song", "# Song\n\nDrop a song here.\n");
        QCOMPARE(manual.about({"Find the beats"}, "grid")->text.left(6), QString("*Find "));
        QCOMPARE(manual.about({"Find the beats…"}, "song")->page, QString("grid")); // marked elsewhere
        QVERIFY(manual.about({"another", "tempo"}, "grid")->text.startsWith("**Another"));
        QCOMPARE(manual.about({"unheard of"}, "song")->text, QString("Drop a song here."));
        QVERIFY(!manual.about({"unheard of"}, "nowhere"));
        QVERIFY(Manual::shipped().paragraphs().size() > 40);
    }

    /// F1 on each control of each stop tells something: the manual's paragraph, and the control's own tip.
    void journey_help_on_every_control() {
        Desk desk;
        QVERIFY(desk.open_demo());
        int controls = 0, marked = 0;
        for (int stop = 0; stop < 7; ++stop) {
            desk.window.go_to_stop(static_cast<Stop>(stop));
            QTest::qWait(30);
            for (auto* widget : desk.window.findChildren<QWidget*>()) {
                if (!widget->isVisible() || !(widget->focusPolicy() & Qt::TabFocus) ||
                    widget->objectName().isEmpty() || widget->objectName().startsWith("qt_"))
                    continue;
                const QString page = page_about(*widget, stop);
                const auto names = names_of_control(*widget);
                const auto* told = Manual::shipped().about(names, page);
                QVERIFY2(told, qPrintable(widget->objectName() + " on " + page));
                ++controls;
                for (const auto& name : names)
                    for (const auto& one : told->marked)
                        marked += one == name.toLower();
            }
        }
        QVERIFY2(controls > 150, qPrintable(QString::number(controls)));
        QVERIFY2(marked > 20, qPrintable(QString::number(marked)));
        desk.window.go_to_stop(Stop::Grid);
        auto* find = desk.window.findChild<QPushButton*>("detect");
        find->setFocus(Qt::TabFocusReason);
        QTest::keyClick(find, Qt::Key_F1);
        auto* help = desk.window.findChild<HelpWindow*>("help");
        QVERIFY(help && help->isVisible());
        QVERIFY2(says(help->told(), "listens to the song"), qPrintable(help->told()));
        // Asked about something else, the same window tells it.
        auto* tempo = desk.window.findChild<QDoubleSpinBox*>("tempo");
        tempo->setFocus(Qt::TabFocusReason);
        desk.window.activateWindow();
        QVERIFY(QTest::qWaitFor([&] { return tempo->hasFocus(); }, 3000));
        QTest::keyClick(tempo, Qt::Key_F1);
        QCOMPARE(desk.window.findChildren<HelpWindow*>("help").size(), 1);
        QVERIFY2(!says(help->told(), "listens to the song"), qPrintable(help->told()));
        help->activateWindow();
        QVERIFY(QTest::qWaitForWindowActive(help));
        help->findChild<QDialogButtonBox*>()->button(QDialogButtonBox::Close)->click();
        QVERIFY(QTest::qWaitFor([&] { return !desk.window.findChild<HelpWindow*>("help"); }, 3000));
        // The toolkit's own dialogs have labels with a sign before the letter that leads there.
        QWidget foreign;
        QLabel label("File &name && kind:", &foreign);
        QLineEdit field(&foreign);
        label.setBuddy(&field);
        QCOMPARE(names_of_control(field).front(), QString("File name & kind"));
        // In a dialog that holds the window up, too.
        auto* dialog = settings_of(desk);
        dialog->activateWindow();
        auto* words = dialog->findChild<QLineEdit*>("settings words");
        words->setFocus(Qt::TabFocusReason);
        QVERIFY(QTest::qWaitFor([&] { return QApplication::focusWidget() == words; }, 3000));
        QTest::keyClick(words, Qt::Key_F1);
        QVERIFY(QTest::qWaitFor([&] { return dialog->findChild<HelpWindow*>("help"); }, 3000));
        QVERIFY2(says(dialog->findChild<HelpWindow*>("help")->told(), "set once for all projects"),
                 qPrintable(dialog->findChild<HelpWindow*>("help")->told()));
    }
};

PULSEPIN_TEST_CLASS(JourneysSettings, "journeys_settings")
#include "journeys_settings.moc"
