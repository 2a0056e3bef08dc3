// SPDX-License-Identifier: GPL-3.0-or-later
//
// All of a further kind of layer: its row, how it is painted, and the two tables, with it, that stand in for
// the program's own.
#include "eleventh/rays_kind.h"

#include "kinds/layer_kinds.h"
#include "kinds/layers/shared_rows.h"
#include "render/content/content_painter.h"

#include <array>
#include <cmath>

namespace pulsepin {
namespace {

constexpr ParamSpec own[] = {
    colour_row,
    {.id = "rays", .label = "rays", .least = 1, .most = 64, .initial = 4, .usual_low = 2, .usual_high = 24},
    {.id = "rays-length",
     .label = "length",
     .unit = "px",
     .least = 0,
     .most = 2000,
     .initial = 200,
     .usual_low = 50,
     .usual_high = 400},
};

constexpr LayerKindRow row{.id = "rays",
                           .label = "Rays",
                           .parameters = own,
                           .added_as = "Rays",
                           .begin = [](Layer& layer) { layer.colour = {0xff0000}; },
                           .more_fields = fields_of_colour,
                           .drawn = true};

void draw(QPainter& painter, const StagedLayer& layer, const ContentContext&) {
    const int count = static_cast<int>(layer.values.of("rays"));
    painter.setPen(QPen(shown(layer.colour), 20));
    for (int i = 0; i < count; ++i) {
        const double turn = 2 * 3.14159265358979323846 * i / count;
        painter.drawLine(QPointF(0, 0),
                         layer.values.of("rays-length") * QPointF(std::cos(turn), std::sin(turn)));
    }
}

QRectF box(const StagedLayer& layer, const ContentContext&) {
    const double far = layer.values.of("rays-length") + 10;
    return {-far, -far, 2 * far, 2 * far};
}

const ContentPainter rays_content{draw, box};

} // namespace

constinit const LayerKind layers::rays{row};

std::span<const LayerKind> layer_kinds() {
    static const std::array table{layers::shots,  layers::picture, layers::title, layers::shape,
                                  layers::camera, layers::group,   layers::line,  layers::bars,
                                  layers::wave,   layers::sparks,  layers::lamps, layers::rays};
    return table;
}

std::span<const KindContent> kind_contents() {
    static const std::array table{
        KindContent{layers::shots, shots_content}, KindContent{layers::picture, shots_content},
        KindContent{layers::title, title_content}, KindContent{layers::shape, shape_content},
        KindContent{layers::line, line_content},   KindContent{layers::bars, bars_content},
        KindContent{layers::wave, wave_content},   KindContent{layers::sparks, sparks_content},
        KindContent{layers::lamps, lamps_content}, KindContent{layers::rays, rays_content}};
    return table;
}

} // namespace pulsepin
