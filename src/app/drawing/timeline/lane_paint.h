// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "drawing/canvas/scene.h"
#include "drawing/timeline/pin_heads.h"

#include <optional>
#include <span>

namespace pulsepin {

// What the kinds of lanes share when they are drawn in the timeline.

inline constexpr double head_reach = 8; ///< pixels around a head that still count as on it

/// Pins whose heads may be seen, and the next one on either side.
[[nodiscard]] std::span<const ResolvedPin> visible_pins(const LaneScene& s);
/// Whether a head at that time may be seen.
[[nodiscard]] bool in_reach(const LaneScene& s, Seconds time);
[[nodiscard]] std::optional<PinId> head_under(const LaneScene& s, QPointF at);
[[nodiscard]] bool selected(const LaneScene& s, PinId id);
[[nodiscard]] HeadLook head_look(const LaneScene& s, const ResolvedPin& pin);
/// So many heads in the row would only cover each other: each is a stroke then.
[[nodiscard]] bool crowded(const LaneScene& s, std::size_t heads);
/// In the place of a head.
[[nodiscard]] QRect head_stroke(QPointF at);

/// The heads of a lane's pins, or strokes where heads would only cover each other.
class LaneHeads {
public:
    LaneHeads(QPainter& painter, const LaneScene& s);
    /// Those that may be seen.
    [[nodiscard]] std::span<const ResolvedPin> pins() const { return pins_; }
    [[nodiscard]] bool strokes() const { return strokes_; }
    void draw(const ResolvedPin& pin, double y);
    [[nodiscard]] Ink& ink() { return stamps_.ink(); }

private:
    const LaneScene& scene_;
    std::span<const ResolvedPin> pins_;
    bool strokes_;
    HeadStamps stamps_;
};

} // namespace pulsepin
