// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "params/ids.h"
#include "params/length.h"

#include <map>
#include <string>
#include <vector>

namespace pulsepin {

enum class LayerKind { Shots, Picture, Title, Shape, Camera };

/// One layer of the picture.
struct Layer {
    LayerId id;
    LayerKind kind = LayerKind::Shots;
    std::string name = {};
    LaneId cuts = {};      ///< of shots: the lane that is shown; 0: the first lane of cuts
    ClipId picture = {};   ///< of a picture: a clip of the bin
    std::string text = {}; ///< of a title: one line
    std::string shape = "disc";
    Colour colour = {0xf4b331}; ///< of a title or shape
    bool hidden = false;
    std::map<std::string, double> values = {}; ///< parameters that are not as in their table
    friend bool operator==(const Layer&, const Layer&) = default;
};

/// The picture as a stack of layers, the lowest first. The last one is the camera, and the only one.
struct Stage {
    std::vector<Layer> layers = {{LayerId{1}, LayerKind::Shots, "Shots"},
                                 {LayerId{2}, LayerKind::Camera, "Camera"}};

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
