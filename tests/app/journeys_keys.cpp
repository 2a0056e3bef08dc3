// SPDX-License-Identifier: GPL-3.0-or-later
//
// Whose the keys are: the drawing's after any click, a field's while it is filled, and never nobody's.
#include "application.h"
#include "kinds/kinds.h"
#include "stops/stop_panel.h"
#include "support/desk.h"

#include <QAbstractItemView>
#include <QAbstractSlider>

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
    return std::get<MarkerBody>(desk.markers().pins.front().body).name;
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

int main(int argc, char** argv) {
    QApplication application(argc, argv);
    prepare_application(application);
    JourneysKeys test;
    return QTest::qExec(&test, argc, argv);
}
#include "journeys_keys.moc"
