// SPDX-License-Identifier: GPL-3.0-or-later
#include "kinds/layer_kinds.h"

#include <array>

namespace pulsepin {

// Alone in its file, so that a program with a table of its own (tests/app/eleventh) is linked with that one.
std::span<const LayerKind> layer_kinds() {
    static const std::array table{layers::shots,  layers::picture, layers::title, layers::shape,
                                  layers::camera, layers::group,   layers::line,  layers::bars,
                                  layers::wave,   layers::sparks,  layers::lamps};
    return table;
}

} // namespace pulsepin
