// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "drawing/canvas/gesture.h"
#include "drawing/timeline/gain_line.h"

#include <optional>

namespace pulsepin {

void paint_sounds(QPainter& painter, const LaneScene& lane);
/// Where it lies; it may reach out of the row.
[[nodiscard]] QRectF sound_box(const LaneScene& lane, const ResolvedPin& sound);
/// Its body moves a sound, its edges trim it, the handles at its upper corners fade it.
[[nodiscard]] std::optional<Grip> sound_under(const LaneScene& lane, QPointF at);

/// The line of gain of a sound on a lane.
[[nodiscard]] GainLineView gain_line_view(const LaneScene& lane, const ResolvedPin& sound);
/// The courses of a sound's fades, within its box.
void paint_fade_lines(QPainter& painter, const SoundBody& body, const QRectF& box, double pixels_per_second,
                      const Palette& palette);

} // namespace pulsepin
