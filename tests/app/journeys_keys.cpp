// SPDX-License-Identifier: GPL-3.0-or-later
//
// Whose the keys are: the drawing's after any click, a field's while it is filled, and never nobody's.
#include "kinds/kinds.h"
#include "pages/stops/stop_panel.h"
#include "support/desk.h"
#include "support/test_program.h"

#include <QAbstractItemView>
#include <QAbstractSlider>
#include <random>

using namespace pulsepin;
using namespace pulsepin::test;

namespace {

QWidget* focus(Desk& desk) {
    return desk.window.focusWidget();
}

bool has_drawing_the_keys(Desk& desk) {
    return focus(desk) == &desk.window.timeline();
}

QString told(Desk& desk) {
    return focus(desk)
               ? QString("%1 “%2”").arg(focus(desk)->metaObject()->className(), focus(desk)->objectName())
               : QString("nothing");
}

/// To where the focus is, as the keyboard sends it: what asks for a shortcut first, then the key.
void press(Desk& desk, Qt::Key key, Qt::KeyboardModifiers modifiers = Qt::NoModifier) {
    QTest::keyClick(focus(desk) ? focus(desk) : &desk.window, key, modifiers);
}

void plays_by_space(Desk& desk, const QString& after) {
    press(desk, Qt::Key_Space);
    QVERIFY2(desk.window.player().playing(), qPrintable(after + ": " + told(desk)));
    press(desk, Qt::Key_Space);
    QVERIFY2(!desk.window.player().playing(), qPrintable(after + ": " + told(desk)));
}

/// The name of the first marker, in the form that shows it, with the focus by a click.
QLineEdit* click_marker_name(Desk& desk) {
    desk.window.view().select({desk.markers().pins.front().id});
    auto* name = desk.window.findChild<QLineEdit*>("marker name");
    if (!name || !QTest::qWaitFor([&] { return name->isVisible(); }))
        return nullptr;
    QTest::mouseClick(name, Qt::LeftButton);
    name->selectAll();
    return name;
}

std::string first_name(Desk& desk) {
    return body_of<MarkerBody>(desk.markers().pins.front().body).name;
}

} // namespace

class JourneysKeys : public QObject {
    Q_OBJECT
private slots:
    /// Every button that only shows something, every stop, list, tree and field of every stop is clicked.
    void journey_space_plays_after_any_click() {
        Desk desk;
        QVERIFY(desk.open_demo());
        int clicked = 0;
        for (int stop = 0; stop < 7; ++stop) {
            desk.window.go_to_stop(static_cast<Stop>(stop));
            QTest::qWait(60);
            plays_by_space(desk, QString("stop %1").arg(stop));
            std::vector<QPointer<QWidget>> all;
            for (auto* widget : desk.window.findChildren<QWidget*>()) {
                const auto* button = qobject_cast<QAbstractButton*>(widget);
                const bool shows = button && button->objectName().startsWith("page ");
                if (shows || qobject_cast<QAbstractItemView*>(widget) || qobject_cast<QComboBox*>(widget) ||
                    qobject_cast<QAbstractSpinBox*>(widget))
                    all.emplace_back(widget);
            }
            for (const auto& widget : all) {
                if (!widget || !widget->isVisible() || !widget->isEnabled() ||
                    widget->window() != &desk.window || widget->width() < 12)
                    continue;
                const QString name =
                    QString("%1 “%2”").arg(widget->metaObject()->className(), widget->objectName());
                if (const auto* box = qobject_cast<QComboBox*>(widget); box && box->isEditable())
                    continue; // text is typed there
                auto* area = qobject_cast<QAbstractScrollArea*>(widget);
                QTest::mouseClick(area ? area->viewport() : widget.data(), Qt::LeftButton, {}, {6, 6});
                if (auto* popup = QApplication::activePopupWidget())
                    popup->close();
                QTest::qWait(5);
                QVERIFY2(focus(desk), qPrintable(name));
                plays_by_space(desk, name);
                ++clicked;
            }
        }
        QVERIFY2(clicked > 30, qPrintable(QString::number(clicked)));
    }

    void journey_a_click_on_buttons_leaves_the_keys_with_the_drawing() {
        Desk desk;
        QVERIFY(desk.open_demo());
        desk.window.timeline().setFocus();
        for (int stop = 0; stop < 7; ++stop) {
            desk.window.go_to_stop(static_cast<Stop>(stop));
            for (auto* button : desk.window.findChildren<QAbstractButton*>())
                if (button->isVisible() && button->window() == &desk.window)
                    QVERIFY2((button->focusPolicy() & Qt::ClickFocus) == 0, qPrintable(button->objectName()));
            for (auto* box : desk.window.findChildren<QComboBox*>())
                if (box->isVisible() && !box->isEditable())
                    QVERIFY2((box->focusPolicy() & Qt::ClickFocus) == 0, qPrintable(box->objectName()));
        }
        desk.window.go_to_stop(Stop::Export);
        desk.click("page of film");
        QVERIFY2(has_drawing_the_keys(desk), qPrintable(told(desk)));
        desk.window.view().set_playhead(Seconds(20));
        press(desk, Qt::Key_Home);
        QTRY_VERIFY(desk.window.view().playhead() < Seconds(1));
        const auto markers = desk.markers().pins.size();
        press(desk, Qt::Key_M);
        QTRY_COMPARE(desk.markers().pins.size(), markers + 1);
    }

    /// A marker's name, Tab, its note, Tab, and so on: letters, also those of commands, stay in the form.
    void journey_letters_are_no_commands_in_a_form() {
        Desk desk;
        QVERIFY(desk.open_demo());
        const Project before = desk.project();
        auto* name = click_marker_name(desk);
        QVERIFY(name);
        QTest::keyClicks(name, "second verse");
        for (int field = 0; field < 9; ++field) {
            press(desk, Qt::Key_Tab);
            QTest::qWait(20);
            QVERIFY(focus(desk));
            if (has_drawing_the_keys(desk))
                break;
            for (const Qt::Key key : {Qt::Key_S, Qt::Key_T, Qt::Key_M, Qt::Key_B, Qt::Key_E, Qt::Key_C})
                press(desk, key);
            QVERIFY2(!desk.window.player().playing(), qPrintable(told(desk)));
        }
        const auto& now = desk.project();
        QCOMPARE(now.lanes.size(), before.lanes.size());
        for (std::size_t i = 0; i < now.lanes.size(); ++i)
            QCOMPARE(now.lanes[i]->pins.size(), before.lanes[i]->pins.size());
        QCOMPARE(first_name(desk), std::string("second verse"));
        QCOMPARE(desk.window.player().speed(), 1.0);
    }

    /// Keys alone, at random, over the forms of all stops and of pins of all kinds: while a field is filled,
    /// or what Tab led to has the keys, nothing that is written is ever a command.
    void journey_random_keys_trigger_nothing_in_forms() {
        Desk desk;
        desk.window.open_path(PULSEPIN_DEMO "/kite-day-in-motion.pulsepin");
        QVERIFY(desk.settle());
        QStringList triggered;
        for (auto* action : desk.window.findChildren<QAction*>())
            if (!action->shortcuts().isEmpty())
                connect(action, &QAction::triggered, this, [&, action] { triggered << action->text(); });
        QVERIFY(desk.window.findChildren<QAction*>().size() > 60);
        std::mt19937 random(11);
        constexpr Qt::Key written[] = {
            Qt::Key_B, Qt::Key_C, Qt::Key_D, Qt::Key_E,     Qt::Key_H,      Qt::Key_K, Qt::Key_L, Qt::Key_M,
            Qt::Key_N, Qt::Key_S, Qt::Key_T, Qt::Key_V,     Qt::Key_X,      Qt::Key_Z, Qt::Key_1, Qt::Key_4,
            Qt::Key_0, Qt::Key_W, Qt::Key_P, Qt::Key_Comma, Qt::Key_Period, Qt::Key_G, Qt::Key_I, Qt::Key_O};
        int pressed = 0;
        for (int stop = 0; stop < 7; ++stop) {
            std::set<LaneKind> seen;
            for (std::size_t i = 0; i < desk.project().lanes.size(); ++i) {
                const auto lane = desk.project().lanes[i];
                if (lane->pins.empty() || !seen.insert(lane->kind).second)
                    continue;
                desk.window.go_to_stop(static_cast<Stop>(stop));
                desk.window.view().select({lane->pins.front().id});
                desk.window.timeline().setFocus();
                press(desk, Qt::Key_Tab);
                for (int step = 0; step < 60; ++step) {
                    if (!focus(desk) || has_drawing_the_keys(desk) || focus(desk) == &desk.window.score() ||
                        focus(desk) == &desk.window.preview()) {
                        press(desk, Qt::Key_Tab);
                        continue;
                    }
                    const QString where = told(desk);
                    triggered.clear();
                    press(desk, written[random() % std::size(written)],
                          random() % 4 == 0 ? Qt::ShiftModifier : Qt::NoModifier);
                    QVERIFY2(
                        triggered.isEmpty(),
                        qPrintable(
                            QString("%1 at stop %2: %3").arg(where).arg(stop).arg(triggered.join(", "))));
                    ++pressed;
                    if (random() % 3 == 0)
                        press(desk, random() % 5 == 0 ? Qt::Key_Backtab : Qt::Key_Tab);
                    while (auto* popup = QApplication::activePopupWidget())
                        popup->close();
                }
            }
        }
        QVERIFY2(pressed > 800, qPrintable(QString::number(pressed)));
        QVERIFY(!desk.window.player().playing());
        QCOMPARE(desk.window.player().speed(), 1.0);
    }

    /// Tab goes to the next field, though the edit makes the form anew.
    void journey_tab_goes_on_in_the_form() {
        Desk desk;
        QVERIFY(desk.open_demo());
        QVERIFY(click_marker_name(desk));
        press(desk, Qt::Key_Tab); // nothing is changed
        QTest::qWait(40);
        const QString next = told(desk);
        auto* name = click_marker_name(desk);
        QTest::keyClicks(name, "x");
        press(desk, Qt::Key_Tab); // what was typed is taken
        QTest::qWait(40);
        QCOMPARE(told(desk), next);
        QCOMPARE(first_name(desk), std::string("x"));
    }

    void journey_return_and_escape_give_the_keys_back() {
        Desk desk;
        QVERIFY(desk.open_demo());
        const auto before = first_name(desk);
        auto* name = click_marker_name(desk);
        QVERIFY(name);
        QTest::keyClicks(name, "never");
        press(desk, Qt::Key_Escape);
        QTRY_VERIFY2(has_drawing_the_keys(desk), qPrintable(told(desk)));
        QCOMPARE(first_name(desk), before);
        QVERIFY(!desk.window.view().selection().empty()); // the innermost thing only
        name = click_marker_name(desk);
        QCOMPARE(name->text().toStdString(), before);
        QTest::keyClicks(name, "taken");
        press(desk, Qt::Key_Return);
        QTRY_VERIFY2(has_drawing_the_keys(desk), qPrintable(told(desk)));
        QCOMPARE(first_name(desk), std::string("taken"));
        QTest::qWait(50);
        QVERIFY2(has_drawing_the_keys(desk), qPrintable(told(desk)));
        press(desk, Qt::Key_Escape);
        QTRY_VERIFY2(desk.window.view().selection().empty(), qPrintable(told(desk)));
    }

    /// What had the focus goes, and the drawing has it.
    void journey_the_focus_is_never_lost() {
        Desk desk;
        QVERIFY(desk.open_demo());
        QVERIFY(click_marker_name(desk));
        desk.window.view().select({});
        QTRY_VERIFY2(has_drawing_the_keys(desk), qPrintable(told(desk)));
        plays_by_space(desk, "after a field was gone");
        QVERIFY(click_marker_name(desk));
        desk.window.go_to_stop(Stop::Export); // where the form is not seen
        QTRY_VERIFY2(has_drawing_the_keys(desk), qPrintable(told(desk)));
        plays_by_space(desk, "after a stop was gone to");
    }
};

PULSEPIN_TEST_CLASS(JourneysKeys, "journeys_keys")
#include "journeys_keys.moc"
