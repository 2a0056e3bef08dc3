// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "follow/feeds.h"
#include "schedule/lights.h"
#include "schedule/moves.h"
#include "stage/effects.h"
#include "stage/sparks.h"
#include "stage/staged_band.h"

#include <optional>
#include <vector>

namespace pulsepin {

/// How much of what comes out from behind something is still there, in shares of its own size: to the right
/// and down of its place, cut off at its place's edge.
struct Behind {
    double x = 0, y = 0;
    friend bool operator==(const Behind&, const Behind&) = default;
};

/// A lamp of the rig: where it stands in the picture, in pixels from its middle, and how it is lit.
struct StagedLamp {
    double x = 0, y = 0;
    Lit lit = {};
    friend bool operator==(const StagedLamp&, const StagedLamp&) = default;
};

/// A layer, or one of its appearances, as it is seen at a frame.
struct StagedLayer {
    LayerKind kind = layers::shots;
    LayerId id; ///< of layers of shots and pictures: whose picture is shown
    std::string text, shape;
    Colour colour;
    LayerValues values;
    std::string blend = "normal";
    Matte matte = {};
    /// What the matte's other layer shows; one of it, or nothing.
    std::vector<StagedLayer> matte_of = {};
    std::vector<Placement> hung = {};     ///< where its parents are put, the nearest first
    std::vector<StagedLayer> inner = {};  ///< of a group, the lowest first
    std::vector<StagedLayer> echoes = {}; ///< as it was, the latest first
    std::vector<Placement> path = {};     ///< where it is while the shutter is open; empty: it rests
    std::optional<Moved> wipe = {};       ///< while it comes or goes by a wipe
    std::optional<Behind> behind = {};    ///< while it comes out from behind something
    std::vector<Moved> letters = {};      ///< of a title whose letters move one after another
    std::vector<LinePoint> points = {};
    std::vector<double> heights = {}; ///< of bars and waveforms, percent
    double heights_begin =
        0; ///< how far before a waveform its first height lies, in steps from one to the next
    std::vector<Spark> sparks = {};
    std::vector<StagedLamp> lamps = {};
    Moved added = {};      ///< what its appearance makes of its place, in its values already
    PinId appearance = {}; ///< 0: it is there all the time
    bool locked = false;
    std::optional<double> turning = {}; ///< seconds that what turns in it counts from; none: the frame's
    friend bool operator==(const StagedLayer&, const StagedLayer&) = default;
};

/// All that a frame's picture is made of, but the pictures of shots themselves: what is the same gives the
/// same picture, whoever paints it.
struct StagedFrame {
    int width = 1280, height = 720; ///< of the whole picture, in whose pixels lengths are counted
    double seconds = 0;
    std::vector<StagedLayer> layers; ///< the lowest first; without those that are hidden
    LayerValues camera;
    std::vector<Placement> camera_path = {}; ///< while the shutter is open; empty: it rests
    std::vector<StagedFrame> before = {};    ///< frames that the camera's echo shows, the latest first
    std::optional<StagedBand> band = {};     ///< of words and notes, over all of it
    friend bool operator==(const StagedFrame&, const StagedFrame&) = default;
};

/// Triggers whose effect is known act on the layers that they name, or on the camera (stage/trigger_acts.h).
[[nodiscard]] StagedFrame staged_at(const Curves& curves, Frames frame);

/// Whether a frame is more than one layer of shots as they are.
[[nodiscard]] bool needs_composing(const Curves& curves, Frames frame);

/// Calls `see` with each layer that is staged, those in groups as well, and the groups around it, the
/// outermost first.
template <class See>
void for_staged(const std::vector<StagedLayer>& layers, See see,
                std::vector<const StagedLayer*> around = {}) {
    for (const auto& layer : layers) {
        see(layer, around);
        if (layer.inner.empty())
            continue;
        auto inside = around;
        inside.push_back(&layer);
        for_staged(layer.inner, see, std::move(inside));
    }
}

} // namespace pulsepin
