// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "drawing/canvas/scene.h"

namespace pulsepin {

/// Bars shaded by turns and a line at each beat and bar: the same from top to bottom, so it is a row of
/// pixels that is hung (Ink::hang()) behind the ruler, and one for all below it.
struct Paper {
    QImage ruler, below;
};
/// From `left` on, `width` pixels with `ratio` of them a unit.
[[nodiscard]] Paper paper_of(const Scene& scene, double left, int width, double ratio);
/// Bar numbers and beat numbers, as dense as there is room; the range as a strip along the top.
void paint_ruler(QPainter& painter, const Scene& scene, const QRectF& row);
/// Along the bottom of the row, beat by beat: the surer the thicker.
void paint_confidence(QPainter& painter, const Scene& scene, const QRectF& row);
/// Where each row of onsets lies that is shown.
struct ShownOnsetRow {
    const OnsetRow* row;
    QRectF place;
};
[[nodiscard]] std::vector<ShownOnsetRow> shown_onset_rows(const Detection* detection, const QRectF& area);
/// Row by row one dot an onset, its size its strength.
void paint_onsets(QPainter& painter, const Scene& scene, const QRectF& area);
/// Each section as a band with its letter.
void paint_sections(QPainter& painter, const Scene& scene, const QRectF& row);

} // namespace pulsepin
