// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "render/staged_places.h"
#include "schedule/schedule.h"

#include <QColor>
#include <QPainterPath>

namespace pulsepin {

/// A word of a page as it stands once it has come, whether it is there at a moment or not.
struct PlacedWord {
    PinId pin;         ///< the appearance
    Seconds sung;      ///< when it appears
    QTransform own;    ///< from its own pixels to where positions are counted
    QRectF box;        ///< what it fills, in its own pixels
    QPainterPath path; ///< its letters, in its own pixels
    QColor colour;
};

/// All appearances of a lane of titles. Empty for other lanes.
[[nodiscard]] std::vector<PlacedWord> placed_words(const Schedule& schedule, LaneId titles);

/// From where positions of that lane's layer are counted to the picture's pixels, from its middle: through
/// its groups and the camera, as they are at a frame.
[[nodiscard]] QTransform ground_of_words(const Project& project, const StagedFrame& seen, LaneId titles);

/// The appearances that are seen at a frame.
[[nodiscard]] PinSet appearing_at(const StagedFrame& seen);

} // namespace pulsepin
