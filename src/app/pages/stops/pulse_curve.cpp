// SPDX-License-Identifier: GPL-3.0-or-later
#include "pages/stops/pulse_curve.h"

#include "params/easings.h"
#include "parts/palette.h"

#include <QMouseEvent>
#include <QPainter>
#include <QPainterPath>
#include <algorithm>
#include <cmath>

namespace pulsepin {
namespace {

constexpr double reach = 9;

/// The share of the way at a frame counted from the pulse's start.
double share_of(const Pulse& pulse, double up, double held, double down, double frame) {
    if (frame < 0 || frame > up + held + down)
        return 0;
    if (frame < up)
        return eased(pulse.rising, frame / up);
    if (frame <= up + held || down <= 0)
        return 1;
    return 1 - eased(pulse.falling, (frame - up - held) / down);
}

} // namespace

PulseCurve::PulseCurve(QWidget* parent) : QWidget(parent) {
    setObjectName("pulse curve");
    setAccessibleName(tr("Shape of the pulse"));
    setAccessibleDescription(tr("Left and right change the frames down, with Shift the frames up."));
    setToolTip(tr("Drag the peak, its end and the end of the pulse, or the handles of a curve"));
    setFocusPolicy(Qt::StrongFocus);
}

void PulseCurve::show_pulse(const Pulse& pulse, double up, double held, double down) {
    pulse_ = pulse;
    up_ = up;
    held_ = held;
    down_ = down;
    if (!grip_) {
        shown_ = std::max(8.0, std::ceil((up + held + down) * 1.25));
        // What goes beyond rest and peak is in the plot, too.
        lowest_ = 0;
        highest_ = 1;
        const double end = up + held + down;
        for (int i = 0; i <= 400; ++i) {
            const double share = share_at(end * i / 400);
            lowest_ = std::min(lowest_, share);
            highest_ = std::max(highest_, share);
        }
    }
    update();
}

QRectF PulseCurve::area() const {
    return QRectF(rect()).adjusted(14, 18, -14, -22);
}

double PulseCurve::x_of(double frame) const {
    return area().left() + (frame + shown_ * 0.08) / (shown_ * 1.16) * area().width();
}

double PulseCurve::y_of(double share) const {
    return area().bottom() - (share - lowest_) / (highest_ - lowest_) * area().height();
}

double PulseCurve::share_at(double frame) const {
    return share_of(pulse_, up_, held_, down_, frame);
}

std::optional<QPointF> PulseCurve::grip_position(Grip grip) const {
    const auto handle = [&](const Easing& easing, double from, double length, double y0, double y1,
                            bool second) -> std::optional<QPointF> {
        if (easing.id != "bezier" || length <= 0)
            return std::nullopt;
        const double x = easing.handles[second ? 2 : 0], y = easing.handles[second ? 3 : 1];
        return QPointF(x_of(from + x * length), y_of(y0 + (y1 - y0) * y));
    };
    switch (grip) {
    case Grip::Up:
        return QPointF(x_of(up_), y_of(1));
    case Grip::Held:
        return QPointF(x_of(up_ + held_), y_of(1));
    case Grip::Down:
        return QPointF(x_of(up_ + held_ + down_), y_of(0));
    case Grip::RisingFirst:
    case Grip::RisingSecond:
        return handle(pulse_.rising, 0, up_, 0, 1, grip == Grip::RisingSecond);
    case Grip::FallingFirst:
    case Grip::FallingSecond:
        return handle(pulse_.falling, up_ + held_, down_, 1, 0, grip == Grip::FallingSecond);
    }
    return std::nullopt;
}

void PulseCurve::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    const auto& p = desk_palette();
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setPen(QPen(hasFocus() ? p.playing : p.desk_line, 1));
    painter.setBrush(p.desk_well);
    painter.drawRoundedRect(QRectF(rect()).adjusted(0.5, 0.5, -0.5, -0.5), 5, 5);
    const double beat = pulse_.arrives ? up_ : 0;
    QFont small = font();
    small.setPixelSize(10);
    painter.setFont(small);
    painter.setPen(QPen(p.desk_line, 1));
    const double step = shown_ > 40 ? 10 : shown_ > 16 ? 4 : 1;
    for (double frame = std::ceil(-beat / step) * step; beat + frame <= shown_; frame += step)
        painter.drawLine(QPointF(x_of(beat + frame), area().top()),
                         QPointF(x_of(beat + frame), area().bottom()));
    painter.setPen(QPen(p.playing, 2));
    painter.drawLine(QPointF(x_of(beat), area().top() - 8), QPointF(x_of(beat), area().bottom()));
    painter.drawText(QRectF(x_of(beat) - 30, area().bottom() + 4, 60, 14), Qt::AlignCenter, tr("beat"));
    painter.setPen(p.desk_quiet);
    const auto mark = [&](double frame) {
        if (std::abs(x_of(frame) - x_of(beat)) > 30)
            painter.drawText(
                QRectF(x_of(frame) - 30, area().bottom() + 4, 60, 14), Qt::AlignCenter,
                QString("%1%2").arg(frame < beat ? "−" : "+").arg(std::round(std::abs(frame - beat))));
    };
    mark(0);
    mark(up_ + held_ + down_);
    QPainterPath path;
    path.moveTo(area().left(), y_of(share_at(-1)));
    const double pixels = area().width();
    for (double i = 0; i <= pixels * 2; ++i) {
        const double x = area().left() + i / 2;
        const double frame = (x - area().left()) / area().width() * shown_ * 1.16 - shown_ * 0.08;
        path.lineTo(x, std::clamp(y_of(share_at(frame)), area().top(), area().bottom()));
    }
    painter.setPen(QPen(p.desk_text, 2));
    painter.setBrush(Qt::NoBrush);
    painter.drawPath(path);
    const std::pair<Grip, Grip> handles[] = {{Grip::RisingFirst, Grip::RisingSecond},
                                             {Grip::FallingFirst, Grip::FallingSecond}};
    for (const auto& [first, second] : handles) {
        const auto a = grip_position(first), b = grip_position(second);
        if (!a || !b)
            continue;
        const bool rising = first == Grip::RisingFirst;
        painter.setPen(QPen(p.done, 1.2));
        painter.drawLine(rising ? QPointF(x_of(0), y_of(0)) : QPointF(x_of(up_ + held_), y_of(1)), *a);
        painter.drawLine(rising ? QPointF(x_of(up_), y_of(1)) : *grip_position(Grip::Down), *b);
        painter.setBrush(p.done);
        painter.drawEllipse(*a, 3.5, 3.5);
        painter.drawEllipse(*b, 3.5, 3.5);
    }
    painter.setPen(QPen(p.desk_text, 1.6));
    painter.setBrush(p.desk_well);
    for (const Grip grip : {Grip::Up, Grip::Held, Grip::Down})
        painter.drawEllipse(*grip_position(grip), 4.5, 4.5);
}

void PulseCurve::mousePressEvent(QMouseEvent* event) {
    grip_.reset();
    double nearest = reach;
    // Handles lie on top; of peak and its end in one place the end is taken, so that a hold can be drawn out.
    for (const Grip grip : {Grip::RisingFirst, Grip::RisingSecond, Grip::FallingFirst, Grip::FallingSecond,
                            Grip::Down, Grip::Held, Grip::Up})
        if (const auto at = grip_position(grip)) {
            const QPointF apart = *at - event->position();
            const double distance = std::hypot(apart.x(), apart.y());
            if (distance < nearest) {
                nearest = distance;
                grip_ = grip;
            }
        }
    // The peak itself is moved by its left half.
    if (grip_ == Grip::Held && held_ < 0.01 && event->position().x() <= x_of(up_))
        grip_ = Grip::Up;
}

void PulseCurve::drag_to(QPointF at, bool done) {
    if (!grip_)
        return;
    const double frame = (at.x() - area().left()) / area().width() * shown_ * 1.16 - shown_ * 0.08;
    const double share = (area().bottom() - at.y()) / area().height();
    const auto whole = [](double value) { return std::max(0.0, std::round(value)); };
    switch (*grip_) {
    case Grip::Up:
        emit lengths_dragged(whole(frame), held_, down_, done);
        return;
    case Grip::Held:
        emit lengths_dragged(up_, whole(frame - up_), down_, done);
        return;
    case Grip::Down:
        emit lengths_dragged(up_, held_, whole(frame - up_ - held_), done);
        return;
    default:
        break;
    }
    const bool rising = *grip_ == Grip::RisingFirst || *grip_ == Grip::RisingSecond;
    const bool second = *grip_ == Grip::RisingSecond || *grip_ == Grip::FallingSecond;
    auto handles = rising ? pulse_.rising.handles : pulse_.falling.handles;
    const double x = rising ? frame / std::max(up_, 0.01) : (frame - up_ - held_) / std::max(down_, 0.01);
    handles[second ? 2 : 0] = std::clamp(x, 0.0, 1.0);
    handles[second ? 3 : 1] = std::clamp(rising ? share : 1 - share, -1.0, 2.0);
    emit handles_dragged(rising, handles, done);
}

void PulseCurve::mouseMoveEvent(QMouseEvent* event) {
    drag_to(event->position(), false);
}

void PulseCurve::mouseReleaseEvent(QMouseEvent* event) {
    drag_to(event->position(), true);
    grip_.reset();
}

void PulseCurve::keyPressEvent(QKeyEvent* event) {
    const int by = event->key() == Qt::Key_Left ? -1 : event->key() == Qt::Key_Right ? 1 : 0;
    if (by == 0)
        return QWidget::keyPressEvent(event);
    const bool up = event->modifiers() & Qt::ShiftModifier;
    emit lengths_dragged(std::max(0.0, std::round(up_) + (up ? by : 0)), held_,
                         std::max(0.0, std::round(down_) + (up ? 0 : by)), true);
}

QPixmap pulse_picture(const Pulse& pulse, QSize size, bool chosen, std::optional<double> bead) {
    QPixmap picture(size);
    picture.fill(Qt::transparent);
    QPainter painter(&picture);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setPen(QPen(chosen ? desk_palette().playing : desk_palette().desk_quiet, 1.6));
    const auto length = [](const Length& l) { return l.unit == Length::Unit::InFrames ? l.amount : 6.0; };
    const double up = length(pulse.up), held = length(pulse.held), down = length(pulse.down);
    const double whole = std::max(6.0, (up + held + down) * 1.4);
    const auto place = [&](double x) {
        const double frame = x / size.width() * whole - (whole - up - held - down) / 2;
        return QPointF(x, size.height() - 3 -
                              std::clamp(share_of(pulse, up, held, down, frame), -0.2, 1.2) *
                                  (size.height() - 8));
    };
    QPainterPath path;
    for (int x = 0; x <= size.width() * 2; ++x) {
        const QPointF at = place(x / 2.0);
        if (x == 0)
            path.moveTo(at);
        else
            path.lineTo(at);
    }
    painter.drawPath(path);
    if (bead) {
        painter.setPen(Qt::NoPen);
        painter.setBrush(desk_palette().playing);
        painter.drawEllipse(place(*bead * size.width()), 3, 3);
    }
    return picture;
}

} // namespace pulsepin
