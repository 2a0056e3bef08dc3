// SPDX-License-Identifier: GPL-3.0-or-later
#include "parts/decimal_keys.h"

#include <QCoreApplication>
#include <QDoubleSpinBox>
#include <QKeyEvent>

namespace pulsepin {

bool DecimalKeys::eventFilter(QObject* watched, QEvent* event) {
    if (event->type() != QEvent::KeyPress)
        return false;
    auto* field = qobject_cast<QDoubleSpinBox*>(watched);
    if (!field)
        field = qobject_cast<QDoubleSpinBox*>(watched->parent());
    auto* key = static_cast<QKeyEvent*>(event);
    const QString sign = field ? field->locale().decimalPoint() : QString();
    if (!field || (key->text() != "." && key->text() != ",") || key->text() == sign)
        return false;
    QKeyEvent meant(QEvent::KeyPress, sign == "," ? Qt::Key_Comma : Qt::Key_Period, key->modifiers(), sign,
                    key->isAutoRepeat());
    QCoreApplication::sendEvent(watched, &meant);
    return true;
}

std::optional<double> typed_number(QString text) {
    bool number = false;
    const double value = text.trimmed().replace(',', '.').toDouble(&number);
    return number ? std::optional(value) : std::nullopt;
}

} // namespace pulsepin
