// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "stage/staged_frame.h"

#include <QPointF>
#include <QString>
#include <vector>

namespace pulsepin {

/// Where keys put a layer before and after a moment, and the way between.
struct KeyTrace {
    std::vector<Frames> keys;    ///< the nearest one before the frame and the nearest after it
    std::vector<QString> places; ///< "13.1", of each
    std::vector<Frames> between; ///< from the first of them to the last, for drawing the way
};

/// Empty where no keys drive the layer's place.
[[nodiscard]] KeyTrace key_trace(const Curves& curves, LayerId layer, Frames frame);

/// The layer and the camera where they are put at a frame, without effects: a shake is no part of the way.
[[nodiscard]] StagedFrame placed_at(const Curves& curves, LayerId layer, Frames frame);

} // namespace pulsepin
