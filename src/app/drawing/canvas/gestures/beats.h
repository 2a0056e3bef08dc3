// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "drawing/canvas/gesture.h"

namespace pulsepin {

/// A beat is dragged and the grid bends around it: within its bars, with Ctrl up to held beats, with Alt it
/// alone. Onsets near by pull it, unless Shift is held.
class BendBeat : public Gesture {
public:
    BendBeat(GestureContext context, std::int64_t beat, QPointF from)
        : Gesture(std::move(context), from), beat_(beat) {}
    std::optional<Edit> end(Qt::KeyboardModifiers keys) override;

protected:
    void drag_to(QPointF at, Qt::KeyboardModifiers keys) override;

private:
    std::int64_t beat_;
};

/// The beat whose line lies under the mouse.
[[nodiscard]] std::optional<std::int64_t> beat_under(const GestureContext& context, QPointF at);
/// Pulled to the strongest onset within a few pixels, unless the person wants to be free of them.
[[nodiscard]] Seconds near_onset(const GestureContext& context, Seconds time, bool free);

} // namespace pulsepin
