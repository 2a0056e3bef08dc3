// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "drawing/canvas/gesture.h"
#include "drawing/canvas/light_rows.h"

namespace pulsepin {

/// Cells of a lane of lights are lit, as the brush has them, where the mouse is dragged over them, or made
/// dark. What is lit already stays as it is.
class PaintLights : public Gesture {
public:
    enum class Way { Light, Erase };
    PaintLights(GestureContext context, LaneId lane, Way way, QPointF from);
    std::optional<Edit> end(Qt::KeyboardModifiers keys) override;

protected:
    void drag_to(QPointF at, Qt::KeyboardModifiers keys) override;

private:
    /// All rows and cells between two points, so that a quick hand leaves none out.
    void paint_between(QPointF a, QPointF b);
    void paint_at(QPointF at);

    LaneId lane_;
    Way way_;
    QPointF last_;
    int count_ = 0;
};

/// How strong the selected lights are, by dragging up and down.
class ShadeLights : public Gesture {
public:
    ShadeLights(GestureContext context, PinId light, QPointF from);
    std::optional<Edit> end(Qt::KeyboardModifiers keys) override;

protected:
    void drag_to(QPointF at, Qt::KeyboardModifiers keys) override;

private:
    double strength_ = 100;
};

/// The place of the cell that lies there: of beats, or of parts of one as the brush lasts.
[[nodiscard]] Ticks light_cell_at(const BeatGrid& grid, Seconds time, const Length& brush);

} // namespace pulsepin
