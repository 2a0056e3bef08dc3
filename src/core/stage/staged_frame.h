// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "follow/feeds.h"
#include "stage/effects.h"

#include <vector>

namespace pulsepin {

struct StagedLayer {
    LayerKind kind = LayerKind::Shots;
    LayerId id; ///< of layers of shots and pictures: whose picture is shown
    std::string text, shape;
    Colour colour;
    LayerValues values;
    friend bool operator==(const StagedLayer&, const StagedLayer&) = default;
};

/// All that a frame's picture is made of, but the pictures of shots themselves: what is the same gives the
/// same picture, whoever paints it.
struct StagedFrame {
    int width = 1280, height = 720; ///< of the whole picture, in whose pixels lengths are counted
    double seconds = 0;
    std::vector<StagedLayer> layers; ///< the lowest first; without those that are hidden
    LayerValues camera;
    friend bool operator==(const StagedFrame&, const StagedFrame&) = default;
};

/// Triggers whose effect is known act on the camera (stage/trigger_acts.h).
[[nodiscard]] StagedFrame staged_at(const Curves& curves, Frames frame);

/// Whether a frame is more than one layer of shots as they are.
[[nodiscard]] bool needs_composing(const Curves& curves, Frames frame);

} // namespace pulsepin
