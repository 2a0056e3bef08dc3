// SPDX-License-Identifier: GPL-3.0-or-later
#include "shell/keyboard.h"

#include "drawing/canvas/canvas.h"
#include "pages/route_list.h"
#include "picture/plan_view.h"
#include "picture/preview_view.h"

#include <QAbstractButton>
#include <QAbstractItemView>
#include <QAbstractSlider>
#include <QAbstractSpinBox>
#include <QApplication>
#include <QComboBox>
#include <QDialog>
#include <QKeyEvent>
#include <QLineEdit>
#include <QPlainTextEdit>
#include <QTabBar>
#include <QTextEdit>

namespace pulsepin {
namespace {

bool is_of_buttons(const QObject* widget) {
    const auto* box = qobject_cast<const QComboBox*>(widget);
    return qobject_cast<const QAbstractButton*>(widget) || qobject_cast<const QTabBar*>(widget) ||
           qobject_cast<const QAbstractSlider*>(widget) || qobject_cast<const RouteList*>(widget) ||
           (box && !box->isEditable());
}

void leave_keys_on_click(QWidget& widget) {
    if (is_of_buttons(&widget) && (widget.focusPolicy() & Qt::ClickFocus) != 0)
        widget.setFocusPolicy(Qt::TabFocus);
}

/// The field of numbers that it is, or is a part of.
QAbstractSpinBox* number_field(QObject* widget) {
    if (auto* field = qobject_cast<QAbstractSpinBox*>(widget))
        return field;
    return qobject_cast<QAbstractSpinBox*>(widget->parent());
}

bool takes_text(QObject* widget) {
    return !number_field(widget) && (qobject_cast<QLineEdit*>(widget) || qobject_cast<QTextEdit*>(widget) ||
                                     qobject_cast<QPlainTextEdit*>(widget));
}

/// Also what is written in the picture.
bool is_drawing(const QObject* widget) {
    return qobject_cast<const Canvas*>(widget) || qobject_cast<const PreviewView*>(widget) ||
           qobject_cast<const PlanView*>(widget) || qobject_cast<const PreviewView*>(widget->parent());
}

QLineEdit* line_of(QObject* widget) {
    if (auto* line = qobject_cast<QLineEdit*>(widget))
        return line;
    if (auto* box = qobject_cast<QComboBox*>(widget))
        return box->lineEdit();
    auto* field = number_field(widget);
    return field ? field->findChild<QLineEdit*>() : nullptr;
}

bool is_return(int key) {
    return key == Qt::Key_Return || key == Qt::Key_Enter;
}

} // namespace

Keyboard::Keyboard(QWidget& window, std::function<QWidget*()> drawing)
    : QObject(&window), window_(window), drawing_(std::move(drawing)) {
    for (auto* widget : window.findChildren<QWidget*>())
        leave_keys_on_click(*widget);
    qApp->installEventFilter(this);
    seeking_.setSingleShot(true);
    seeking_.setInterval(0);
    connect(&seeking_, &QTimer::timeout, this, &Keyboard::find_focus_again);
    connect(qApp, &QApplication::focusChanged, this, &Keyboard::focus_moved);
}

bool Keyboard::is_in_window(const QObject* watched) const {
    const auto* widget = qobject_cast<const QWidget*>(watched);
    return widget && widget->window() == &window_;
}

/// What is not taken by what has the focus comes to what it lies in, too.
bool Keyboard::has_keys(const QObject* watched) const {
    return is_in_window(watched) && watched == QApplication::focusWidget() &&
           !QApplication::activePopupWidget();
}

bool Keyboard::eventFilter(QObject* watched, QEvent* event) {
    switch (event->type()) {
    case QEvent::Polish:
    case QEvent::Show:
        if (is_in_window(watched)) // made, or put there, later
            leave_keys_on_click(*static_cast<QWidget*>(watched));
        break;
    case QEvent::FocusIn:
        if (is_in_window(watched)) {
            const auto reason = static_cast<QFocusEvent*>(event)->reason();
            by_tab_ = reason == Qt::TabFocusReason || reason == Qt::BacktabFocusReason;
        }
        break;
    case QEvent::MouseButtonPress:
        if (is_in_window(watched))
            finish_field(*static_cast<QWidget*>(watched));
        break;
    case QEvent::ShortcutOverride:
        if (has_keys(watched))
            return override_shortcut(*static_cast<QWidget*>(watched), *static_cast<QKeyEvent*>(event));
        break;
    case QEvent::KeyPress:
        if (has_keys(watched))
            return press_key(*static_cast<QWidget*>(watched), *static_cast<QKeyEvent*>(event));
        break;
    default:
        break;
    }
    return false;
}

bool Keyboard::override_shortcut(QWidget& widget, QKeyEvent& key) const {
    const bool plain = (key.modifiers() & ~(Qt::KeypadModifier | Qt::ShiftModifier)) == 0;
    const int code = key.key();
    if (!plain || is_drawing(&widget))
        return false;
    const auto decide = [&](bool is_own) { // or else it is a command
        key.setAccepted(is_own);
        return true;
    };
    if (code == Qt::Key_Escape)
        return decide(true);
    if (takes_text(&widget))
        return false;
    if (code == Qt::Key_Space) {
        const auto* line = number_field(&widget) ? line_of(&widget) : nullptr;
        return decide(line && line->isModified());
    }
    const bool is_written = code > Qt::Key_Space && code <= Qt::Key_AsciiTilde; // a letter, a digit, a sign
    if (is_written && (number_field(&widget) || by_tab_))
        return decide(true);
    const bool lists = qobject_cast<QAbstractItemView*>(&widget) || qobject_cast<QAbstractSlider*>(&widget) ||
                       qobject_cast<RouteList*>(&widget);
    const bool moves = code >= Qt::Key_Home && code <= Qt::Key_PageDown;
    const bool opens = qobject_cast<QComboBox*>(&widget) && (code == Qt::Key_Up || code == Qt::Key_Down);
    if ((lists && moves) || opens || (is_return(code) && (lists || is_of_buttons(&widget))))
        return decide(true);
    return false;
}

bool Keyboard::press_key(QWidget& widget, const QKeyEvent& key) {
    if (is_drawing(&widget) || (key.modifiers() & ~Qt::KeypadModifier) != 0)
        return false;
    if (key.key() == Qt::Key_Escape) {
        if (auto* line = line_of(&widget);
            line && field_ == QApplication::focusWidget() && line->isModified())
            line->setText(text_before_);
        give_back();
        return true;
    }
    if (!is_return(key.key()))
        return false;
    if (auto* button = qobject_cast<QAbstractButton*>(&widget)) {
        button->click();
        return true;
    }
    // It is finished first, as the toolkit does on Return.
    if (line_of(&widget) && !qobject_cast<QPlainTextEdit*>(&widget))
        QTimer::singleShot(0, this, &Keyboard::give_back);
    return false;
}

/// What is clicked elsewhere finishes a field, also where it takes no keys itself.
void Keyboard::finish_field(const QWidget& clicked) {
    auto* field = QApplication::focusWidget();
    if (field && is_in_window(field) && line_of(field) && !is_drawing(field) && field != &clicked &&
        !field->isAncestorOf(&clicked) && (clicked.focusPolicy() & Qt::ClickFocus) == 0)
        give_back();
}

void Keyboard::give_back() {
    seeking_.stop();
    if (auto* dialog = qobject_cast<QDialog*>(QApplication::activeModalWidget())) // asked by what was typed
        connect(dialog, &QDialog::finished, this, &Keyboard::give_back,
                static_cast<Qt::ConnectionType>(Qt::QueuedConnection | Qt::UniqueConnection));
    else if (auto* drawing = drawing_())
        drawing->setFocus(Qt::OtherFocusReason);
}

void Keyboard::focus_moved(QWidget* from, QWidget* to) {
    if (QApplication::activeModalWidget() || QApplication::activePopupWidget())
        return;
    const bool lost = !to && QApplication::activeWindow() == &window_;
    // What is hidden, disabled or taken away hands its focus to whatever lies beside it.
    const bool fell =
        to && from && is_in_window(to) && !is_drawing(to) && (!from->isVisible() || !from->isEnabled());
    if (lost || fell) { // an edit may do so while the focus is on its way: what it led to first counts then
        if (!seeking_.isActive()) {
            sought_ = fell ? from->objectName() : name_;
            seeking_.start();
        }
        return;
    }
    if (!to || !is_in_window(to))
        return;
    name_ = to->objectName();
    field_ = line_of(to) ? to : nullptr;
    text_before_ = field_ ? line_of(to)->text() : QString();
}

void Keyboard::find_focus_again() {
    if (QApplication::activeModalWidget() || QApplication::activePopupWidget() ||
        QApplication::activeWindow() != &window_)
        return;
    if (!sought_.isEmpty())
        for (auto* again : window_.findChildren<QWidget*>(sought_))
            if (again->isVisible() && again->isEnabled() && again->focusPolicy() != Qt::NoFocus)
                return again->setFocus(Qt::TabFocusReason);
    give_back();
}

} // namespace pulsepin
