// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "timeline/scene.h"

#include <optional>

namespace pulsepin {

/// Where on a sound the mouse is: its body moves it, its edges trim it, the handles at its upper corners fade
/// it.
enum class SoundGrip { Body, LeftEdge, RightEdge, FadeIn, FadeOut };

struct GrippedSound {
    PinId pin;
    SoundGrip grip;
};

void paint_sounds(QPainter& painter, const LaneScene& lane);
[[nodiscard]] std::optional<GrippedSound> sound_under(const LaneScene& lane, QPointF at);

/// The sound as it is after its grip was dragged by so much; within what its file holds (`available`, none if
/// that is not known). Trimming the left edge moves the start as well, by the returned time.
struct DraggedSound {
    SoundBody body;
    Seconds start_moved;
};
[[nodiscard]] DraggedSound dragged(const SoundBody& body, SoundGrip grip, Seconds by,
                                   std::optional<Seconds> available);

} // namespace pulsepin
