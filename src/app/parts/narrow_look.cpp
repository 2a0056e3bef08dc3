// SPDX-License-Identifier: GPL-3.0-or-later
#include "parts/narrow_look.h"

#include "parts/form_area.h"

#include <QStackedWidget>

namespace pulsepin {
namespace {

const QString narrow_sheet =
    QStringLiteral("QPushButton, QComboBox, QSpinBox, QDoubleSpinBox, QLineEdit { padding: 4px 4px; }"
                   "QPushButton[role=\"main\"] { padding: 6px 6px; }");

} // namespace

void NarrowLook::dress(QWidget& part) {
    if (auto* area = dynamic_cast<FormArea*>(&part))
        area->attach();
    if (auto* stack = qobject_cast<QStackedWidget*>(&part)) {
        connect(stack, &QStackedWidget::currentChanged, this, &NarrowLook::dress_front_page,
                Qt::UniqueConnection);
        if (auto* front = stack->currentWidget())
            dress(*front);
    } else if (part.findChild<QStackedWidget*>()) {
        for (auto* child : part.findChildren<QWidget*>(Qt::FindDirectChildrenOnly))
            if (!child->isWindow())
                dress(*child);
    } else if (const QString there = part.styleSheet(), sheet = narrow_ ? narrow_sheet : QString();
               there != sheet && (there.isEmpty() || there == narrow_sheet)) {
        part.setStyleSheet(sheet);
    }
}

void NarrowLook::dress_front_page() {
    if (auto* stack = qobject_cast<QStackedWidget*>(sender()))
        dress(*stack);
}

} // namespace pulsepin
