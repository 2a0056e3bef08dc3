// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/content/content_painter.h"

#include <algorithm>

namespace pulsepin {
namespace {

void draw(QPainter& painter, const StagedLayer& layer, const ContentContext&) {
    const double half = layer.values.of("lamps-size") / 2, glow = layer.values.of("lamps-glow");
    painter.setPen(Qt::NoPen);
    for (const auto& lamp : layer.lamps) {
        const QPointF at(lamp.x, lamp.y);
        const double level = std::max({lamp.lit.red, lamp.lit.green, lamp.lit.blue});
        if (level <= 0) {
            painter.setBrush(shown(layer.colour));
            painter.drawEllipse(at, half, half);
            continue;
        }
        // In its full colour, as strong as it is lit: light adds to what lies below.
        const QColor colour =
            shown(colour_of({lamp.lit.red / level, lamp.lit.green / level, lamp.lit.blue / level}));
        const double reach = half + glow;
        QRadialGradient light(at, reach);
        for (const double way : {0.0, 0.25, 0.5, 0.75, 1.0}) {
            QColor ring = colour;
            ring.setAlphaF(static_cast<float>(0.65 * std::min(1.0, level) * (1 - way) * (1 - way)));
            light.setColorAt(way, ring);
        }
        painter.setBrush(light);
        painter.drawEllipse(at, reach, reach);
        painter.setBrush(shown(mixed(
            layer.colour, colour_of({lamp.lit.red / level, lamp.lit.green / level, lamp.lit.blue / level}),
            0.2 + 0.8 * std::min(1.0, level))));
        painter.drawEllipse(at, half, half);
    }
}

QRectF box(const StagedLayer& layer, const ContentContext&) {
    const double reach = layer.values.of("lamps-size") / 2 + layer.values.of("lamps-glow") + 1;
    QRectF all;
    for (const auto& lamp : layer.lamps)
        all |= QRectF(lamp.x - reach, lamp.y - reach, 2 * reach, 2 * reach);
    return all;
}

} // namespace

const ContentPainter lamps_content{draw, box};

} // namespace pulsepin
