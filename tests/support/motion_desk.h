// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "support/desk.h"

#include <QTableView>

namespace pulsepin::test {

/// The value of a layer, typed into its table.
inline void layer_value(Desk& desk, const QString& name, const QString& value) {
    auto* table = desk.window.findChild<QTableView*>("layer values");
    QVERIFY(table && QTest::qWaitFor([&] { return table->isVisible(); }, 1000));
    for (int row = 0; row < table->model()->rowCount(); ++row) {
        const QModelIndex cell = table->model()->index(row, 1);
        if (!tells(table->model()->index(row, 0).data().toString(), name))
            continue;
        table->scrollTo(cell);
        QTest::mouseClick(table->viewport(), Qt::LeftButton, {}, table->visualRect(cell).center());
        auto* editor = table->viewport()->findChild<QDoubleSpinBox*>();
        QVERIFY(editor);
        editor->selectAll();
        QTest::keyClicks(editor, value);
        QTest::keyClick(editor, Qt::Key_Return);
        QTest::qWait(20); // it is taken when the key was
        return;
    }
    QFAIL(qPrintable("there is no value of that name: " + name));
}

/// An effect, chosen from the menu of the layers' page.
inline void add_effect(Desk& desk, const char* effect) {
    choose_from_menu(desk.window.findChild<QPushButton*>("add effect"), {effect});
}

/// A lane that drives something, by the menu of the stop "Motion"; `kind` is how its entry begins.
inline LaneId add_motion_lane(Desk& desk, const char* kind, const char* name) {
    desk.window.go_to_stop(Stop::Motion);
    answer_with(name);
    choose_from_menu(desk.window.findChild<QPushButton*>("add motion lane"), {kind});
    return desk.project().lanes.back()->id;
}

/// Pins on a lane from bar 13 up to 17.
inline void place_on(Desk& desk, const char* lane, const char* source, const char* every,
                     const char* row = nullptr) {
    desk.window.go_to_stop(Stop::Place);
    auto* lanes = desk.window.findChild<QComboBox*>("lane choice");
    QVERIFY(row_of(lanes, lane) >= 0);
    lanes->setCurrentIndex(row_of(lanes, lane));
    choose(desk, "source", source);
    if (row)
        choose(desk, "source row", row);
    choose(desk, "every", every);
    desk.type("from", "13.1");
    desk.type("until", "17.1");
    desk.click("place");
    desk.window.go_to_stop(Stop::Motion);
}

} // namespace pulsepin::test
