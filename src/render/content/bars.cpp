// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/content/content_painter.h"
#include "schedule/triggers.h"

#include <cmath>
#include <numbers>

namespace pulsepin {
namespace {

/// The heights in the order in which they are drawn.
std::vector<double> heights_of(const StagedLayer& layer) {
    std::vector<double> heights = layer.heights;
    if (!layer.values.flag("bars-turned"))
        return heights;
    std::vector<double> both(heights.rbegin(), heights.rend()); // the lowest in the middle, to either side
    both.insert(both.end(), heights.begin(), heights.end());
    return both;
}

void draw(QPainter& painter, const StagedLayer& layer, const ContentContext&) {
    const auto& values = layer.values;
    const auto heights = heights_of(layer);
    if (heights.empty())
        return;
    const std::string layout = values.option("bars-layout");
    const auto count = static_cast<double>(heights.size());
    const double radius = values.of("bars-radius"), full = values.of("bars-height"),
                 least = values.of("bars-least"), corners = values.of("bars-round");
    const double length = layout == "round" ? 2 * std::numbers::pi * radius : values.of("bars-length");
    const double place = length / count, wide = place * (1 - values.of("bars-gap") / 100);
    const Colour to = values.colour("gradient-colour");
    for (std::size_t i = 0; i < heights.size(); ++i) {
        const double high = std::max(least, full * heights[i] / 100);
        const double share = count > 1 ? static_cast<double>(i) / (count - 1) : 0;
        painter.setPen(Qt::NoPen);
        painter.setBrush(shown(mixed(layer.colour, to, share)));
        if (layout == "round") {
            painter.save();
            painter.rotate(360.0 * static_cast<double>(i) / count);
            painter.drawRoundedRect(QRectF(-wide / 2, -radius - high, wide, high), corners, corners);
            painter.restore();
            continue;
        }
        const double left = -length / 2 + place * static_cast<double>(i) + (place - wide) / 2;
        const QRectF bar =
            layout == "mirrored" ? QRectF(left, -high, wide, 2 * high) : QRectF(left, -high, wide, high);
        painter.drawRoundedRect(bar, corners, corners);
    }
}

QRectF box(const StagedLayer& layer, const ContentContext&) {
    const auto& values = layer.values;
    const double high = std::max(values.of("bars-least"), values.of("bars-height"));
    if (values.option("bars-layout") == "round") {
        const double far = values.of("bars-radius") + high;
        return {-far, -far, 2 * far, 2 * far};
    }
    const double length = values.of("bars-length");
    return {-length / 2, -high, length, values.option("bars-layout") == "mirrored" ? 2 * high : high};
}

} // namespace

const ContentPainter bars_content{draw, box, [](const StagedLayer&) { return false; }};

} // namespace pulsepin
