// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "drawing/canvas/scene.h"
#include "hand/event_keys.h"

#include <optional>

namespace pulsepin {

/// From its first frame to the one after its last: of a trigger, or of what appears.
struct EventFrames {
    Frames first, end;
};
[[nodiscard]] std::optional<EventFrames> event_frames(const LaneSpans& spans, PinId event);

/// An event that lies open in its lane: what it drives as curves over its length, with a handle at each key.
struct EventPanel {
    PinId trigger;
    std::vector<TriggerAct> acts;
    Seconds from, until;
    QRectF area;   ///< from its start to its end, over the height of its lane
    QRectF curves; ///< within it, from none of the way to all of it

    /// Of the opened event, where it lies in that lane.
    [[nodiscard]] static std::optional<EventPanel> in(const LaneScene& lane);

    [[nodiscard]] QPointF place_of(const TriggerAct::Point& key) const;
    [[nodiscard]] Seconds time_at(double x) const;
    [[nodiscard]] double share_at(Seconds time) const; ///< of its length, from 0 to 1
    [[nodiscard]] double way_at(double y) const;       ///< percent
    [[nodiscard]] std::optional<EventKey> key_under(QPointF at) const;
    /// A key, or where one can be added: not the bar above, which is dragged as the event itself.
    [[nodiscard]] bool holds(QPointF at) const;
    /// The act whose curve passes nearest to a point.
    [[nodiscard]] std::size_t act_near(QPointF at) const;

    void paint(QPainter& painter, const LaneScene& lane) const;

    /// An opened event makes its lane at least so high.
    static constexpr double least_height = 148;
};

} // namespace pulsepin
