// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QDoubleSpinBox>

namespace pulsepin {

/// A tempo that is typed, or dragged: sideways with the mouse, with Shift a tenth as fast.
class TempoField : public QDoubleSpinBox {
    Q_OBJECT
public:
    explicit TempoField(QWidget* parent = nullptr);

signals:
    void dragged(); ///< the mouse let go of it

protected:
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    double from_x_ = 0, from_value_ = 0;
    bool held_ = false, moved_ = false;
};

} // namespace pulsepin
