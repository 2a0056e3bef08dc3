// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "base/text_file.h"
#include "pages/dialogs/add_lane_dialog.h"
#include "parts/dragging.h"
#include "parts/finder.h"
#include "parts/rows_field.h"
#include "shell/main_window.h"
#include "support/dialogs.h"
#include "support/in_english.h"

#include <QApplication>
#include <QComboBox>
#include <QDoubleSpinBox>
#include <QDropEvent>
#include <QInputDialog>
#include <QLineEdit>
#include <QListWidget>
#include <QMenu>
#include <QMessageBox>
#include <QMimeData>
#include <QPushButton>
#include <QSettings>
#include <QTemporaryDir>
#include <QTest>
#include <QTimer>
#include <QWheelEvent>
#include <cmath>
#include <functional>
#include <memory>
#include <utility>

namespace pulsepin::test {

inline const QString demo = PULSEPIN_DEMO "/kite-day.pulsepin";

/// Settings of this test alone: what one leaves, no other finds, though several run beside each other.
struct OwnSettings {
    QTemporaryDir folder;
    OwnSettings() { QSettings::setPath(QSettings::NativeFormat, QSettings::UserScope, folder.path()); }
};
inline const OwnSettings own_settings;

/// A window on the screen, with the demo open if wished.
struct Desk {
    MainWindow window{Player::Device::None};
    Desk() {
        window.show();
        window.activateWindow();
        (void)QTest::qWaitForWindowActive(&window);
    }
    ~Desk() {
        // What a test left unsaved is given up on purpose.
        window.document().start_new();
    }

    bool open_demo() {
        window.open_path(demo);
        return QTest::qWaitFor(
            [&] { return window.document().sound() != nullptr && !window.document().jobs().busy(); }, 30'000);
    }
    bool settle() {
        return QTest::qWaitFor([&] { return !window.document().jobs().busy(); }, 60'000);
    }

    [[nodiscard]] const Project& project() { return window.document().project(); }
    [[nodiscard]] const Lane& cuts() { return *project().first_lane(body_type<CutBody>); }
    [[nodiscard]] const Lane& markers() { return *project().first_lane(body_type<MarkerBody>); }
    [[nodiscard]] QString message() { return window.status().message(); }
    void click(const char* name) { QTest::mouseClick(window.findChild<QPushButton*>(name), Qt::LeftButton); }
    void key(Qt::Key key, Qt::KeyboardModifiers modifiers = Qt::NoModifier) {
        if (!window.isActiveWindow()) { // a dialog had the keys
            window.activateWindow();
            (void)QTest::qWaitForWindowActive(&window);
        }
        QTest::keyClick(window.focusWidget() ? window.focusWidget() : &window, key, modifiers);
    }
    void add_marker(double seconds) {
        window.view().set_playhead(Seconds(seconds));
        window.timeline().setFocus();
        key(Qt::Key_M);
    }
    void type(const char* field, const QString& text) {
        auto* edit = window.findChild<QLineEdit*>(field);
        QTest::mouseClick(edit, Qt::LeftButton);
        edit->selectAll();
        QTest::keyClicks(edit, text);
    }
    [[nodiscard]] Seconds bar(std::int64_t number, int beat = 1) {
        return project().grid->time_at(project().grid->ticks_of({number, beat, 0}));
    }
    [[nodiscard]] QPoint in_ruler(Seconds time) {
        return {static_cast<int>(std::lround(window.timeline().scale().x(time))), 20};
    }
    void drag(QPoint from, QPoint to, Qt::KeyboardModifiers modifiers = Qt::NoModifier) {
        drag_in(window.timeline(), from, to, modifiers);
    }
    static void press_and_move(QWidget& drawing, QPoint from, QPoint to, Qt::KeyboardModifiers modifiers) {
        QTest::mousePress(&drawing, Qt::LeftButton, modifiers, from);
        for (int i = 1; i <= 5; ++i) {
            const QPoint at = from + (to - from) * i / 5;
            QMouseEvent move(QEvent::MouseMove, at, drawing.mapToGlobal(at), Qt::NoButton, Qt::LeftButton,
                             modifiers);
            QApplication::sendEvent(&drawing, &move);
        }
    }
    static void drag_in(QWidget& drawing, QPoint from, QPoint to,
                        Qt::KeyboardModifiers modifiers = Qt::NoModifier) {
        press_and_move(drawing, from, to, modifiers);
        QTest::mouseRelease(&drawing, Qt::LeftButton, modifiers, to);
    }
    void wheel(QPoint at, int turn, Qt::KeyboardModifiers modifiers = Qt::NoModifier) {
        QWheelEvent event(at, window.timeline().mapToGlobal(at), {}, {0, turn}, Qt::NoButton, modifiers,
                          Qt::NoScrollPhase, false);
        QApplication::sendEvent(&window.timeline(), &event);
    }
};

/// Chooses an entry of a list, or rows of onsets, as a person does.
inline void choose(Desk& desk, const char* box, const QString& text) {
    if (auto* rows = desk.window.findChild<RowsField*>(box)) {
        rows->show_rows(text.toStdString());
        emit rows->edited();
        return;
    }
    auto* combo = desk.window.findChild<QComboBox*>(box);
    QVERIFY2(combo && row_of(combo, text) >= 0, qPrintable(QString("%1: %2").arg(box, text)));
    combo->setCurrentIndex(row_of(combo, text));
    emit combo->activated(combo->currentIndex());
}

inline void number(Desk& desk, const char* spin, double value) {
    auto* field = desk.window.findChild<QDoubleSpinBox*>(spin);
    QVERIFY2(field && QTest::qWaitFor([&] { return field->isVisible(); }, 1000), spin);
    field->setValue(value);
}

/// What is dragged is let go on a widget. Whether it was taken.
inline bool drop(QWidget& on, QPointF at, const Dragged& item, Qt::KeyboardModifiers keys = {}) {
    const std::unique_ptr<QMimeData> mime(mime_of(item));
    QDragEnterEvent enter(at.toPoint(), Qt::CopyAction, mime.get(), Qt::LeftButton, keys);
    QApplication::sendEvent(&on, &enter);
    QDragMoveEvent move(at.toPoint(), Qt::CopyAction, mime.get(), Qt::LeftButton, keys);
    QApplication::sendEvent(&on, &move);
    QDropEvent let_go(at, Qt::CopyAction, mime.get(), Qt::LeftButton, keys);
    QApplication::sendEvent(&on, &let_go);
    return let_go.isAccepted();
}

/// Of a lane's pins, in order.
inline std::vector<double> times(const Project& project, const Lane& lane) {
    std::vector<double> out;
    for (const auto& pin : resolve(project, lane).pins)
        out.push_back(pin.time.value);
    return out;
}

/// What a file holds; empty when there is none.
inline QString file_text(const QString& path) {
    return QString::fromStdString(read_text_file(path.toStdString()).value_or(std::string()));
}

/// In a list with a field to type in: the words are typed, and the row of that name is clicked.
inline void find_in(QWidget& finder, const QStringList& path) {
    if (!speaks_otherwise()) // its words are those of the window
        QTest::keyClicks(finder.findChild<QLineEdit*>("finder words"), path.join(' '));
    auto* list = finder.findChild<QListWidget*>("finder list");
    QString group;
    for (int row = 0; row < list->count(); ++row) {
        auto* item = list->item(row);
        if ((item->flags() & Qt::ItemIsSelectable) == 0) {
            group = item->text();
            continue;
        }
        if (!begins_to_tell(item->text(), path.back()) ||
            (speaks_otherwise() && path.size() > 1 && !says(group, path.front())))
            continue;
        list->scrollToItem(item);
        return QTest::mouseClick(list->viewport(), Qt::LeftButton, {}, list->visualItemRect(item).center());
    }
    finder.close();
    QFAIL(qPrintable("not in the list: " + path.join(", ")));
}

/// Clicks through the menu or the list that `open` opens, entry by entry, as the mouse does. Texts are
/// compared by their beginnings.
inline void choose_from_menu(const std::function<void()>& open, const QStringList& path) {
    struct Walk {
        QStringList path;
        std::function<void()> step;
        int waited = 0;
    };
    auto walk = std::make_shared<Walk>();
    walk->path = path;
    walk->step = [walk = walk.get()] {
        auto* popup = QApplication::activePopupWidget();
        if (popup && popup->findChild<QLineEdit*>("finder words")) {
            find_in(*popup, std::exchange(walk->path, {}));
            return;
        }
        auto* menu = qobject_cast<QMenu*>(QApplication::activePopupWidget());
        if (!menu && ++walk->waited < 125) // a busy window opens it later
            return QTimer::singleShot(40, qApp, [walk] { walk->step(); });
        for (auto* action : menu ? menu->actions() : QList<QAction*>())
            if (begins_to_tell(action->text(), walk->path.front())) {
                walk->path.removeFirst();
                if (!walk->path.isEmpty())
                    QTimer::singleShot(80, qApp, [walk] { walk->step(); });
                const QPoint at = menu->actionGeometry(action).center();
                QTest::mouseMove(menu, at);
                QTest::mouseClick(menu, Qt::LeftButton, {}, at);
                return;
            }
        QStringList there;
        for (auto* action : menu ? menu->actions() : QList<QAction*>())
            there << action->text();
        while (auto* popup = QApplication::activePopupWidget())
            popup->close();
        QFAIL(qPrintable("not in the menu: " + walk->path.front() + "; there is: " + there.join(", ")));
    };
    QTimer::singleShot(80, qApp, [walk] { walk->step(); });
    open();
    // The menus of some buttons keep the mouse press for themselves, those of others return at once.
    (void)QTest::qWaitFor([&] { return walk->path.isEmpty() && !QApplication::activePopupWidget(); }, 10'000);
}

/// The menu of a button.
inline void choose_from_menu(QWidget* button, const QStringList& path) {
    choose_from_menu([button] { QTest::mouseClick(button, Qt::LeftButton); }, path);
}

/// The menu that the right button opens there.
inline void choose_from_menu_at(QWidget* widget, QPoint at, const QStringList& path) {
    choose_from_menu(
        [widget, at] {
            QTest::mouseClick(widget, Qt::RightButton, {}, at);
            QContextMenuEvent asked(QContextMenuEvent::Mouse, at, widget->mapToGlobal(at));
            QApplication::sendEvent(widget, &asked);
        },
        path);
}

/// Types into the next dialog that asks for a text or a number, and accepts it.
inline void answer_with(const QString& text) {
    once_a_dialog_is_open(200, [text] {
        if (auto* lane = qobject_cast<AddLaneDialog*>(QApplication::activeModalWidget())) {
            if (auto* layer = lane->findChild<QComboBox*>("driven layer");
                layer && layer->findData(qulonglong{0}) >= 0)
                layer->setCurrentIndex(
                    layer->findData(qulonglong{0})); // it has a name, and drives nothing yet
            lane->findChild<QLineEdit*>("lane name")->setText(text);
            return lane->accept();
        }
        auto* dialog = qobject_cast<QInputDialog*>(QApplication::activeModalWidget());
        QVERIFY2(dialog, "nothing was asked");
        if (dialog->inputMode() == QInputDialog::DoubleInput)
            dialog->setDoubleValue(text.toDouble());
        else if (dialog->inputMode() == QInputDialog::IntInput)
            dialog->setIntValue(text.toInt());
        else
            dialog->setTextValue(text);
        dialog->accept();
    });
}

/// Presses a button of the next question that comes up.
inline void answer(QMessageBox::StandardButton button, int& asked) {
    QTimer::singleShot(150, qApp, [button, &asked] {
        if (auto* box = qobject_cast<QMessageBox*>(QApplication::activeModalWidget())) {
            ++asked;
            QTest::mouseClick(box->button(button), Qt::LeftButton);
        }
    });
}

/// The same, by what is written on it.
inline void answer(const QString& text, int& asked) {
    once_a_dialog_is_open(150, [text, &asked] {
        auto* box = qobject_cast<QMessageBox*>(QApplication::activeModalWidget());
        QVERIFY2(box, "nothing was asked");
        for (auto* button : box->buttons())
            if (tells(button->text().remove('&'), text)) {
                ++asked;
                return QTest::mouseClick(button, Qt::LeftButton);
            }
        box->reject();
        QFAIL(qPrintable("no such answer: " + text));
    });
}

} // namespace pulsepin::test
