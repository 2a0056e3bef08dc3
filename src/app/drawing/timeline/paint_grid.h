// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "drawing/canvas/scene.h"

#include <utility>

namespace pulsepin {

/// Two lines: what was found (or found again), as ticks; and the grid's beats, a dot where found, a ring
/// where corrected, a filled shield where held.
void paint_beats(QPainter& painter, const Scene& scene, const QRectF& row);
/// How well each bar agrees with what is heard, as a curve; doubtful stretches are hatched and told.
void paint_trust(QPainter& painter, const Scene& scene, const QRectF& row);
/// Beats a minute over time; while a course is looked at, how far each beat is from it.
void paint_tempo(QPainter& painter, const Scene& scene, const QRectF& row);
/// Where something would act that is being said, over all that is in the area.
void paint_said_places(QPainter& painter, const Scene& scene, const QRectF& area);
/// The lowest and the highest tempo of the beats in view, a few stray intervals at both ends left out.
[[nodiscard]] std::pair<double, double> tempo_limits(const BeatGrid& grid, const TimeScale& scale);

} // namespace pulsepin
