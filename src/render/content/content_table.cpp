// SPDX-License-Identifier: GPL-3.0-or-later
#include "kinds/layer_kinds.h"
#include "render/content/content_painter.h"

#include <array>

namespace pulsepin {

// Alone in its file, so that a program with a table of its own (tests/app/eleventh) is linked with that one.
std::span<const KindContent> kind_contents() {
    static const std::array table{
        KindContent{layers::shots, shots_content}, KindContent{layers::picture, shots_content},
        KindContent{layers::title, title_content}, KindContent{layers::shape, shape_content},
        KindContent{layers::line, line_content},   KindContent{layers::bars, bars_content},
        KindContent{layers::wave, wave_content},   KindContent{layers::sparks, sparks_content},
        KindContent{layers::lamps, lamps_content}};
    return table;
}

} // namespace pulsepin
