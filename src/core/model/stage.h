// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/layer_kind.h"
#include "model/pin.h"
#include "model/words.h"
#include "params/ids.h"
#include "params/length.h"

#include <map>
#include <string>
#include <vector>

namespace pulsepin {

/// An effect of a layer. Those of one kind are told apart by their numbers, which their parameters bear
/// (parameter_id()).
struct EffectUse {
    std::string effect;
    int number = 1;
    bool off = false;
    friend bool operator==(const EffectUse&, const EffectUse&) = default;
};

/// A point of a drawn line, in the picture's pixels from the layer's middle.
struct LinePoint {
    double x = 0, y = 0;
    double width = 1; ///< share of the line's own
    friend bool operator==(const LinePoint&, const LinePoint&) = default;
};

/// What lets a layer be seen only in places.
struct Matte {
    enum class Kind {
        None,
        LayerAlpha, ///< where another layer is
        LayerLight, ///< where another layer is bright
        OwnLight,   ///< where it is bright itself
        Straight,   ///< a wipe with a straight edge
        Round       ///< a wipe that opens as a circle
    };
    Kind kind = Kind::None;
    LayerId layer = {};
    bool inverted = false;
    friend bool operator==(const Matte&, const Matte&) = default;
};

/// One layer of the picture.
struct Layer {
    LayerId id;
    LayerKind kind = layers::shots;
    std::string name = {};
    LaneId cuts = {};      ///< of shots: the lane that is shown; 0: the first lane of cuts
    ClipId picture = {};   ///< of a picture: a clip of the bin
    LaneId drawings = {};  ///< of a picture: the lane of exposures that says which one is shown; 0: none
    std::string text = {}; ///< of a title; may have several lines
    std::string shape = "disc";
    Colour colour = {0xf4b331}; ///< of what is drawn
    bool hidden = false;
    std::map<std::string, double> values = {}; ///< parameters that are not as in their table
    std::map<std::string, Colour> colours = {};
    std::map<std::string, std::string> options = {}; ///< choices and texts
    std::vector<EffectUse> effects = {};             ///< in the order in which they act
    LayerId group = {};                              ///< that it lies in; 0: in none
    LayerId parent = {}; ///< whose place, turn and scale it takes part in; 0: of none
    std::string blend = "normal";
    Matte matte = {};
    bool locked = false;      ///< not taken hold of in the picture
    bool motion_blur = false; ///< blurred along its way while the shutter is open
    std::vector<LinePoint> points = {};

    friend bool operator==(const Layer&, const Layer&) = default;
};

/// Effects in an order, or how a title is set, kept under a name.
struct Look {
    std::string name;
    bool of_title = false; ///< how a title is set, besides its effects
    std::vector<EffectUse> effects = {};
    std::map<std::string, double> values = {};
    std::map<std::string, Colour> colours = {};
    std::map<std::string, std::string> options = {};
    friend bool operator==(const Look&, const Look&) = default;
};

/// How something goes over the length of an event, kept under a name.
struct KeptCurve {
    std::string name;
    std::vector<TriggerAct::Point> points = {};
    friend bool operator==(const KeptCurve&, const KeptCurve&) = default;
};

/// The picture as a stack of layers, the lowest first. The last one is the camera, and the only one.
struct Stage {
    std::vector<Layer> layers = {
        {.id = LayerId{1}, .kind = layers::shots, .name = "Shots", .values = {{"stays-full", 1}}},
        {.id = LayerId{2}, .kind = layers::camera, .name = "Camera", .values = {{"stays-full", 1}}}};
    std::vector<Look> looks = {};
    std::vector<KeptCurve> curves = {};
    bool motion_blur = false; ///< of all layers
    double shutter = 180;     ///< degrees of a frame that the shutter is open for
    int blur_samples = 8;     ///< pictures that a blurred frame is made of
    RunningBand band = {};

    /// Null when there is none of that id.
    [[nodiscard]] const Layer* layer(LayerId id) const {
        for (const auto& one : layers)
            if (one.id == id)
                return &one;
        return nullptr;
    }
    friend bool operator==(const Stage&, const Stage&) = default;
};

} // namespace pulsepin
