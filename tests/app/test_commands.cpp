// SPDX-License-Identifier: GPL-3.0-or-later
//
// Commands are rows: what is added is in the menu, has its keys, and is found by its letters. A stop is a
// panel.
#include "commands/command_dialogs.h"
#include "pages/route_list.h"
#include "shell/main_window.h"
#include "support/test_program.h"

#include <QApplication>
#include <QTest>

using namespace pulsepin;

class TestCommands : public QObject {
    Q_OBJECT
private slots:
    void a_command_is_a_row() {
        QMainWindow window;
        QMenu menu("Kite");
        CommandList commands(&window);
        int flown = 0;
        bool windy = false;
        commands.add(&menu, {{"fly", "Fly the kite", {QKeySequence("Ctrl+J")}, [&] { ++flown; }},
                             {"wind", "Wind", {}, {}, [&](bool on) { windy = on; }},
                             {"tap", "Tap the line", {QKeySequence("J")}, [] {}, {}, false}});
        QCOMPARE(menu.actions().size(), 3);
        window.show();
        QVERIFY(QTest::qWaitForWindowExposed(&window));
        QTest::keyClick(&window, Qt::Key_J, Qt::ControlModifier);
        QCOMPARE(flown, 1);
        commands.action("wind")->trigger();
        QVERIFY(windy && commands.action("wind")->isChecked());
        QVERIFY(!commands.action("tap")->autoRepeat() && commands.action("fly")->autoRepeat());
        const auto lines = shortcut_lines(commands);
        QCOMPARE(lines.size(), std::size_t{2});
        QCOMPARE(lines[0].group + lines[0].what + lines[0].keys, QString("KiteFly the kiteCtrl+J"));
    }

    void commands_are_found_by_letters_of_text_and_group() {
        QMainWindow window;
        QMenu play("Play"), pins("Pins");
        CommandList commands(&window);
        commands.add(&play, {{"a", "To the start", {}, [] {}}, {"b", "Start to play", {}, [] {}}});
        commands.add(&pins, {{"c", "Add a marker", {}, [] {}}});
        const auto found = [&](const char* words) {
            QStringList ids;
            for (const auto* row : commands.found(words))
                ids << row->action->objectName();
            return ids.join(',');
        };
        QCOMPARE(found(""), QString("a,b,c"));
        QCOMPARE(found("start"), QString("b,a")); // what begins with it comes first
        QCOMPARE(found("MARK pins"), QString("c"));
        QCOMPARE(found("marker play"), QString());
        QCOMPARE(found("  to   st "), QString("a,b"));
    }

    // Nothing is in a menu of the window that the list does not know, and each has a name and a group.
    void all_menus_are_made_of_commands() {
        MainWindow window(Player::Device::None);
        std::set<QString> texts;
        for (const auto& row : window.commands().rows()) {
            QVERIFY2(!row.group.isEmpty() && !row.action->text().isEmpty(),
                     qPrintable(row.action->objectName()));
            QVERIFY2(texts.insert(row.group + row.action->text()).second, qPrintable(row.action->text()));
        }
        QVERIFY(texts.size() > 90);
        for (const auto* action : window.actions())
            QVERIFY2(std::any_of(window.commands().rows().begin(), window.commands().rows().end(),
                                 [&](const CommandList::Row& row) { return row.action == action; }),
                     qPrintable(action->text()));
    }

    void a_stop_is_a_panel() {
        Document document;
        ViewState view;
        class Panel : public StopPanel {
        public:
            using StopPanel::StopPanel;
            [[nodiscard]] QString title() const override { return "Check"; }
            [[nodiscard]] QString summary() const override { return "nothing to say"; }
            [[nodiscard]] bool complete() const override { return true; }
            void refresh() override {}
        };
        Panel first(document, view), second(document, view);
        RouteList route({&first, &second});
        int chosen = -1;
        connect(&route, &RouteList::chosen, this, [&](int index) { chosen = index; });
        route.set_current(1);
        QCOMPARE(chosen, 1);
    }
};

PULSEPIN_TEST_CLASS(TestCommands, "test_commands")
#include "test_commands.moc"
