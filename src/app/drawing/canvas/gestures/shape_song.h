// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "drawing/canvas/gesture.h"
#include "drawing/timeline/song_track.h"
#include "model/song_edits.h"

namespace pulsepin {

/// An edge or a fade of the song is dragged. Edges go to beats as snapping says; fades run free.
class ShapeSong : public Gesture {
public:
    ShapeSong(GestureContext context, SoundEdge edge, QPointF from)
        : Gesture(std::move(context), from), edge_(edge) {}
    std::optional<Edit> end(Qt::KeyboardModifiers keys) override;

protected:
    void drag_to(QPointF at, Qt::KeyboardModifiers keys) override;

private:
    SoundEdge edge_;
};

/// A point of a line of gain is dragged; pressed beside one, the line gets a new one there. Shift moves it up
/// and down by a fifth.
class DragGain : public Gesture {
public:
    DragGain(GestureContext context, SoundChoice sound, const GainLineView& view, QPointF from);
    std::optional<Edit> end(Qt::KeyboardModifiers keys) override;

protected:
    void drag_to(QPointF at, Qt::KeyboardModifiers keys) override;

private:
    SoundChoice sound_;
    std::vector<GainPoint> line_; ///< with the point that is dragged, as it was pressed
    std::size_t point_ = 0;
    QRectF row_;
    TimeScale scale_;
    Seconds zero_;
    bool added_ = false;
};

/// Where the piece begins or ends is dragged along the ruler; back on the song's own end it goes with that
/// again.
class DragPieceEnd : public Gesture {
public:
    DragPieceEnd(GestureContext context, PieceView::End end, QPointF from)
        : Gesture(std::move(context), from), end_(end) {}
    std::optional<Edit> end(Qt::KeyboardModifiers keys) override;

protected:
    void drag_to(QPointF at, Qt::KeyboardModifiers keys) override;

private:
    PieceView::End end_;
};

} // namespace pulsepin
