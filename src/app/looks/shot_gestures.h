// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "drawing/canvas/gestures/move_pins.h"

namespace pulsepin {

// What is done by hand to cuts in a sequence of shots.

/// The cut is dragged while the pictures after it stay where they are.
class RollCut : public MovePins {
public:
    using MovePins::MovePins;

protected:
    void show_moved(Ticks by, const QString& place) override;
    QString name() const override;
};

/// The cut is dragged with all later ones of its lane.
class RippleCut : public MovePins {
public:
    using MovePins::MovePins;

protected:
    void show_moved(Ticks by, const QString& place) override;
    QString name() const override;
};

/// Another part of the clip comes to lie under the same stretch.
class SlipShot : public Gesture {
public:
    SlipShot(GestureContext context, PinId cut, QPointF from)
        : Gesture(std::move(context), from), cut_(cut) {}
    std::optional<Edit> end(Qt::KeyboardModifiers keys) override;

protected:
    void drag_to(QPointF at, Qt::KeyboardModifiers keys) override;

private:
    PinId cut_;
};

/// A shot is dropped on another: they swap, or with Ctrl the other is replaced.
class DropShot : public Gesture {
public:
    DropShot(GestureContext context, PinId cut, QPointF from)
        : Gesture(std::move(context), from), cut_(cut) {}
    std::optional<Edit> end(Qt::KeyboardModifiers keys) override;
    void paint(QPainter& painter, const Palette& palette) const override;

protected:
    void drag_to(QPointF at, Qt::KeyboardModifiers keys) override;

private:
    PinId cut_;
    std::optional<PinId> onto_;
    bool replacing_ = false;
};

} // namespace pulsepin
