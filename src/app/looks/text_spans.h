// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "drawing/kind_look.h"
#include "schedule/texts.h"

namespace pulsepin::text_spans {

// What words and notes have in common in a lane: texts from their start to their end.

/// Those that may be seen.
[[nodiscard]] std::vector<const TextSpan*> visible(const LaneScene& s);
[[nodiscard]] double left_of(const LaneScene& s, const TextSpan& span);
[[nodiscard]] double right_of(const LaneScene& s, const TextSpan& span);

/// The end of a text, its head, or what lies between; `band` is where a text is drawn.
[[nodiscard]] std::optional<Grip> grip(const LaneScene& s, QPointF at,
                                       QRectF (*band)(const LaneScene&, const TextSpan&));
/// The end is stretched, the rest dragged along the beats.
[[nodiscard]] std::unique_ptr<Gesture> grab(const GestureContext& context, const Grip& grip, QPointF at,
                                            Qt::KeyboardModifiers keys);
[[nodiscard]] QString hint(GripPart part);

} // namespace pulsepin::text_spans
