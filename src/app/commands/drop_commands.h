// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "commands/commands.h"
#include "hand/composition.h"
#include "parts/dragging.h"

#include <QPointF>

namespace pulsepin {

class PictureHands;

/// What comes of dropping something from a list onto a lane or the picture.
class DropCommands : public Commands {
    Q_OBJECT
public:
    DropCommands(const Workplace& at, PictureHands& hands) : Commands(at), hands_(hands) {}

    /// A lane of pulses on each of the row's onsets drives that: in the range, or in the whole song.
    void drop_on_row(const Target& target, std::size_t row);
    /// With Shift on every second one.
    void hit_on(const Target& target, const std::string& row, Qt::KeyboardModifiers keys);
    void drop_on_lane(const Dragged& item, LaneId lane, std::optional<PinId> pin, Seconds time);
    /// A composition, over the stretch that is meant there.
    void use_ready(const ReadyThing& thing, const CompositionPlace& place);
    /// pixel: of the picture, from its middle. A clip is a cut at the playhead, with Ctrl it replaces the
    /// shot that is seen, with Shift it is a layer there.
    void drop_on_picture(const Dragged& item, QPointF pixel, Qt::KeyboardModifiers keys);

private:
    void cut_to(ClipId clip, bool replacing);
    void add_picture(ClipId clip, QPointF pixel);
    void place_row(LaneId lane, const std::string& row);
    [[nodiscard]] std::optional<TimeSpan> range() const;
    void feed_lane(LaneId lane, const Target& target);
    PictureHands& hands_;
};

} // namespace pulsepin
