// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "kinds/layer_kinds.h"
#include "stage/staged_frame.h"

#include <QSize>
#include <map>
#include <string>
#include <vector>

namespace pulsepin::test {

inline constexpr QSize small(320, 180); ///< of a picture of 1280 x 720: four of its pixels are one
inline constexpr Colour red{0xc81e1e}, green{0x1ec81e}, white{0xffffff};

inline StagedLayer shape(const char* kind, Colour colour, std::map<std::string, double> values = {}) {
    return {layers::shape, {}, {}, kind, colour, LayerValues(std::move(values))};
}

inline StagedFrame staged(std::vector<StagedLayer> layers, std::map<std::string, double> camera = {},
                          double seconds = 0) {
    StagedFrame frame;
    frame.seconds = seconds;
    frame.layers = std::move(layers);
    frame.camera = LayerValues(std::move(camera));
    return frame;
}

} // namespace pulsepin::test
