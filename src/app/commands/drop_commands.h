// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "commands/context.h"
#include "dragging.h"

#include <QPointF>

namespace pulsepin {

/// What comes of dropping something from a list onto a lane or the picture.
class DropCommands : public Commands {
    Q_OBJECT
public:
    explicit DropCommands(CommandContext& context) : Commands(context) {}

    void drop_on_lane(const Dragged& item, LaneId lane, std::optional<PinId> pin, Seconds time);
    /// pixel: of the picture, from its middle.
    void drop_on_picture(const Dragged& item, QPointF pixel);

private:
    void feed_lane(LaneId lane, const Target& target);
};

} // namespace pulsepin
