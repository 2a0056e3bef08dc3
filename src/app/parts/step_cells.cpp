// SPDX-License-Identifier: GPL-3.0-or-later
#include "parts/step_cells.h"

#include "parts/palette.h"

#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <algorithm>
#include <cmath>

namespace pulsepin {

StepCells::StepCells(QWidget* parent) : QWidget(parent) {
    setObjectName("steps");
    setAccessibleName(tr("Pattern of steps"));
    setToolTip(tr("Click or paint the steps that count; arrow keys and Return do the same"));
    setFocusPolicy(Qt::StrongFocus);
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
}

void StepCells::set_shape(int bars, int a_bar, int a_beat) {
    a_bar_ = std::max(1, a_bar);
    a_beat_ = std::max(1, a_beat);
    on_.resize(static_cast<std::size_t>(std::clamp(bars * a_bar_, 1, 64)), false);
    focused_ = std::min(focused_, static_cast<int>(on_.size()) - 1);
    update();
}

void StepCells::set_steps(std::vector<bool> on) {
    on.resize(on_.size(), false);
    on_ = std::move(on);
    update();
}

QRectF StepCells::cell(int step) const {
    const auto count = static_cast<double>(on_.size());
    const double gap = count > 24 ? 1 : 3;
    const double bar_gap = 5;
    const double bars = std::ceil(count / a_bar_);
    const double w = (width() - 2 - bar_gap * (bars - 1)) / count;
    const double x = 1 + step * w + bar_gap * (step / a_bar_);
    return {x, 1, std::max(2.0, w - gap), static_cast<double>(height()) - 2};
}

QString StepCells::item_name(int item) const {
    return item_chosen(item) ? tr("step %1, on").arg(item + 1) : tr("step %1, off").arg(item + 1);
}

QPoint StepCells::middle_of(int step) const {
    return cell(step).center().toPoint();
}

int StepCells::step_at(QPointF at) const {
    for (int i = 0; i < static_cast<int>(on_.size()); ++i)
        if (cell(i).adjusted(-1.5, -2, 1.5, 2).contains(at))
            return i;
    return -1;
}

void StepCells::put(int step, bool on) {
    if (step < 0 || on_[static_cast<std::size_t>(step)] == on)
        return;
    on_[static_cast<std::size_t>(step)] = on;
    update();
    emit changed();
}

void StepCells::paintEvent(QPaintEvent*) {
    const auto& p = desk_palette();
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    QFont small = font();
    small.setPixelSize(11);
    small.setWeight(QFont::DemiBold);
    painter.setFont(small);
    for (int i = 0; i < static_cast<int>(on_.size()); ++i) {
        const QRectF rect = cell(i);
        const bool on = on_[static_cast<std::size_t>(i)], beat = i % a_beat_ == 0;
        painter.setPen(QPen(hasFocus() && i == focused_ ? p.playing
                            : on                        ? p.desk_text
                                                        : p.desk_line,
                            on ? 1.4 : 1));
        painter.setBrush(on ? p.selection : beat ? p.desk_raised : p.desk_well);
        painter.drawRoundedRect(rect, 3, 3);
        if (rect.width() < 12)
            continue;
        painter.setPen(on ? p.paper : p.desk_quiet);
        painter.drawText(rect, Qt::AlignCenter,
                         beat ? QString::number(i % a_bar_ / a_beat_ + 1) : QStringLiteral("·"));
    }
}

void StepCells::mousePressEvent(QMouseEvent* event) {
    const int step = step_at(event->position());
    if (step < 0 || event->button() != Qt::LeftButton)
        return;
    painting_ = !on_[static_cast<std::size_t>(step)];
    focused_ = step;
    put(step, painting_);
}

void StepCells::mouseMoveEvent(QMouseEvent* event) {
    if (event->buttons() & Qt::LeftButton)
        put(step_at(event->position()), painting_);
}

bool StepCells::event(QEvent* event) {
    // Its own keys come before those of the window.
    if (event->type() == QEvent::ShortcutOverride) {
        const int key = static_cast<QKeyEvent*>(event)->key();
        if (key == Qt::Key_Return || key == Qt::Key_Left || key == Qt::Key_Right) {
            event->accept();
            return true;
        }
    }
    return QWidget::event(event);
}

void StepCells::keyPressEvent(QKeyEvent* event) {
    switch (event->key()) {
    case Qt::Key_Left:
    case Qt::Key_Right:
        focused_ = std::clamp(focused_ + (event->key() == Qt::Key_Left ? -1 : 1), 0,
                              static_cast<int>(on_.size()) - 1);
        update();
        break;
    case Qt::Key_Return:
    case Qt::Key_Enter:
        put(focused_, !on_[static_cast<std::size_t>(focused_)]);
        break;
    default:
        QWidget::keyPressEvent(event);
    }
}

} // namespace pulsepin
