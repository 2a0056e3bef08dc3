// SPDX-License-Identifier: GPL-3.0-or-later
#include "pages/stops/tempo_field.h"

#include <QApplication>
#include <QLineEdit>
#include <QMouseEvent>
#include <cmath>
#include <utility>

namespace pulsepin {
namespace {

constexpr double bpm_a_pixel = 0.1;

} // namespace

TempoField::TempoField(QWidget* parent) : QDoubleSpinBox(parent) {
    lineEdit()->installEventFilter(this);
    lineEdit()->setCursor(Qt::SizeHorCursor);
}

bool TempoField::eventFilter(QObject* watched, QEvent* event) {
    const auto mouse = [event] { return static_cast<QMouseEvent*>(event); }; // of those kinds alone
    switch (event->type()) {
    case QEvent::MouseButtonPress:
        held_ = mouse()->button() == Qt::LeftButton;
        moved_ = false;
        from_x_ = mouse()->globalPosition().x();
        from_value_ = value();
        break; // a click still puts the cursor there
    case QEvent::MouseMove: {
        const double by = mouse()->globalPosition().x() - from_x_;
        if (!held_ || (!moved_ && std::abs(by) < QApplication::startDragDistance()))
            break;
        moved_ = true;
        setValue(from_value_ + by * bpm_a_pixel * (mouse()->modifiers() & Qt::ShiftModifier ? 0.1 : 1.0));
        return true;
    }
    case QEvent::MouseButtonRelease:
        held_ = false;
        if (std::exchange(moved_, false)) {
            emit dragged();
            return true;
        }
        break;
    default:
        break;
    }
    return QDoubleSpinBox::eventFilter(watched, event);
}

} // namespace pulsepin
