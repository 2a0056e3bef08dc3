// SPDX-License-Identifier: GPL-3.0-or-later
#include "parts/calm_choices.h"

#include <QAbstractItemView>
#include <QAbstractSpinBox>
#include <QApplication>
#include <QComboBox>
#include <QDialog>
#include <QKeyEvent>
#include <QScrollArea>

namespace pulsepin {
namespace {

bool turns_numbers(QObject* watched) {
    return qobject_cast<QComboBox*>(watched) || qobject_cast<QAbstractSpinBox*>(watched) ||
           (watched->parent() && qobject_cast<QAbstractSpinBox*>(watched->parent()));
}

/// The scroll area around it goes on as if the field were not there.
void scroll_around(QWidget* field, QEvent* event) {
    for (QWidget* around = field->parentWidget(); around; around = around->parentWidget())
        if (auto* area = qobject_cast<QAbstractScrollArea*>(around)) {
            QApplication::sendEvent(area->viewport(), event);
            return;
        }
}

} // namespace

bool CalmChoices::eventFilter(QObject* watched, QEvent* event) {
    if (event->type() == QEvent::Wheel && turns_numbers(watched)) {
        scroll_around(static_cast<QWidget*>(watched), event);
        return true;
    }
    if (event->type() != QEvent::KeyPress) // asking for a list that was never opened makes it
        return false;
    auto* choice = qobject_cast<QComboBox*>(watched);
    if (!choice || choice->isEditable() || choice->view()->isVisible())
        return false;
    const auto* key = static_cast<QKeyEvent*>(event);
    switch (key->key()) {
    case Qt::Key_Return:
    case Qt::Key_Enter:
        if (qobject_cast<QDialog*>(choice->window())) { // which it accepts
            event->ignore();
            return true;
        }
        [[fallthrough]];
    case Qt::Key_Up:
    case Qt::Key_Down:
    case Qt::Key_F4:
        if ((key->modifiers() & ~(Qt::AltModifier | Qt::KeypadModifier)) == 0)
            choice->showPopup();
        return true;
    case Qt::Key_Tab:
    case Qt::Key_Backtab:
    case Qt::Key_Escape:
        return false;
    default:
        event->ignore(); // letters and the keys of the playhead are not for a closed list
        return true;
    }
}

} // namespace pulsepin
