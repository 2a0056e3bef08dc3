// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QDoubleSpinBox>

namespace pulsepin {

/// Keeps three decimals of what is typed, and shows no more than a number has.
class NumberField : public QDoubleSpinBox {
public:
    explicit NumberField(QWidget* parent = nullptr) : QDoubleSpinBox(parent) { setDecimals(3); }
    [[nodiscard]] QString textFromValue(double value) const override {
        return locale().toString(value, 'g', 12).remove(locale().groupSeparator());
    }
};

} // namespace pulsepin
