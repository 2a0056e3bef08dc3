// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "render/staged_places.h"

class QPainter;

namespace pulsepin {

/// A word of a page as it stands once it has come, whether it is there at the moment or not.
struct PlacedWord {
    PinId pin;          ///< the appearance
    Seconds sung;       ///< when it appears
    StagedLayer staged; ///< what is drawn, without its way in or out
    QTransform place;   ///< from its own pixels to those of the picture, from its middle
    QTransform ground;  ///< from where positions are counted to those
    QRectF box;         ///< what it fills, in its own pixels
    bool there = false; ///< it is seen at the frame
};

/// All appearances of a lane of titles, as a frame's camera and groups see them. Empty for other lanes.
[[nodiscard]] std::vector<PlacedWord> placed_words(const Schedule& schedule, const StagedFrame& seen,
                                                   LaneId titles);

/// Through `view`: from the picture's pixels to the painter's.
void draw_word(QPainter& painter, const PlacedWord& word, const QTransform& view, const StagedFrame& seen);

} // namespace pulsepin
