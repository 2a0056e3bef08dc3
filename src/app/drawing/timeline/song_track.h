// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "drawing/timeline/gain_line.h"

namespace pulsepin {

/// The song as a sound that is shaped, drawn over its waveform: what of it is heard, its fades, its gain.
struct SongTrackView {
    const Scene& scene;
    QRectF row; ///< of the waveform

    [[nodiscard]] QRectF heard() const; ///< the stretch that is heard, as far as it is in view
    [[nodiscard]] GainLineView gain() const;
    /// An edge or a fade under the mouse. The edges are taken hold of along the top, where the fades' grips
    /// are.
    [[nodiscard]] std::optional<SoundEdge> edge_under(QPointF at) const;
    void paint(QPainter& painter) const;

private:
    [[nodiscard]] double x_of(SoundEdge edge) const;
};

/// Where the piece begins and ends, as brackets along the bottom of the ruler; what lies outside is covered.
struct PieceView {
    const Scene& scene;
    QRectF ruler;

    enum class End { Begin, End };
    [[nodiscard]] double x_of(End end) const;
    [[nodiscard]] std::optional<End> under(QPointF at) const;
    void paint(QPainter& painter) const;
    /// Over all that lies outside, down to `bottom`.
    void cover_outside(QPainter& painter, double bottom) const;
};

} // namespace pulsepin
