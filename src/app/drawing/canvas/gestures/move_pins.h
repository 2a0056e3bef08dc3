// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "drawing/canvas/gesture.h"

namespace pulsepin {

/// What dragging heads up or down means, of a kind for which it means anything.
struct Lift {
    /// How many rows, or how much of a value, so many pixels down are.
    double (*amount)(const LaneScene&, double pixels);
    Project (*lifted)(const Project&, std::span<const PinId>, double amount);
    QString (*told)(const PinBody&); ///< beside where it is dragged to; may be null
};

/// The selected pins, dragged along the beats and, where their kind gives it a meaning, up and down.
class MovePins : public Gesture {
public:
    MovePins(GestureContext context, PinId pin, QPointF from, const Lift* lift = nullptr)
        : Gesture(std::move(context), from), pin_(pin), lift_(lift) {}

    std::optional<Edit> end(Qt::KeyboardModifiers keys) override;

protected:
    void drag_to(QPointF at, Qt::KeyboardModifiers keys) override;
    /// Shown when the pin was dragged by so many ticks.
    virtual void show_moved(Ticks by, const QString& place);
    [[nodiscard]] virtual QString name() const;
    [[nodiscard]] PinId pin() const { return pin_; }

private:
    [[nodiscard]] double lifted_by(QPointF at) const;

    PinId pin_;
    const Lift* lift_;
    std::optional<Seconds> in_time_; ///< without beats
    double lift_by_ = 0;
    std::optional<std::pair<Ticks, double>> shown_;
};

} // namespace pulsepin
