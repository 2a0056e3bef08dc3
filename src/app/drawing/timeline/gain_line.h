// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "drawing/canvas/scene.h"
#include "model/song_edits.h"

namespace pulsepin {

/// A line of gain over a sound: where it is drawn, and what lies under the mouse.
struct GainLineView {
    QRectF row;      ///< of the sound, as far as it is heard
    TimeScale scale; ///< of the row
    Seconds zero;    ///< where the sound's own first sample lies
    const std::vector<GainPoint>& line;

    [[nodiscard]] double y(double db) const;
    [[nodiscard]] double db(double y) const;
    [[nodiscard]] QPointF place(const GainPoint& point) const;
    /// Where in the sound.
    [[nodiscard]] Seconds at(double x) const { return scale.time(x) - zero; }

    [[nodiscard]] std::optional<std::size_t> point_under(QPointF at) const;
    [[nodiscard]] bool is_on(QPointF at) const; ///< on the line or one of its points
    void paint(QPainter& painter, const Palette& palette) const;
};

/// Lines that hold points are always drawn, others while lines are to be drawn at all.
[[nodiscard]] inline bool gain_line_shown(const std::vector<GainPoint>& line, const ViewState& view) {
    return !line.empty() || view.look().gain_lines;
}

} // namespace pulsepin
