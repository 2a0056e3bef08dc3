// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "drawing/canvas/gesture.h"

namespace pulsepin {

// Gestures that change what is looked at, and nothing of the project.

/// The playhead goes where the mouse is.
class MovePlayhead : public Gesture {
public:
    MovePlayhead(GestureContext context, QPointF from);
    std::optional<Edit> end(Qt::KeyboardModifiers) override { return std::nullopt; }
    [[nodiscard]] bool outlives_changes() const override { return true; }

protected:
    void drag_to(QPointF at, Qt::KeyboardModifiers keys) override;
};

/// A range is drawn; a mere click takes it away and moves the playhead.
class MarkRange : public Gesture {
public:
    using Gesture::Gesture;
    std::optional<Edit> end(Qt::KeyboardModifiers keys) override;
    [[nodiscard]] bool outlives_changes() const override { return true; }

protected:
    void drag_to(QPointF at, Qt::KeyboardModifiers keys) override;
};

/// What the frame touches is selected; with Ctrl beside what was selected before.
class Lasso : public Gesture {
public:
    Lasso(GestureContext context, QPointF from, Qt::KeyboardModifiers keys);
    std::optional<Edit> end(Qt::KeyboardModifiers) override { return std::nullopt; }
    void paint(QPainter& painter, const Palette& palette) const override;

protected:
    void drag_to(QPointF at, Qt::KeyboardModifiers keys) override;

private:
    PinSet before_;
    QPointF to_;
};

} // namespace pulsepin
