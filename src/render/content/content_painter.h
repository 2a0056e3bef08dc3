// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "render/composed.h"

#include <QPainter>
#include <QPainterPath>
#include <span>

namespace pulsepin {

struct ContentContext {
    const LayerPictures& pictures;
    QSize picture; ///< the whole, in whose pixels lengths are counted
    double seconds = 0;
};

/// What a kind of layer shows, around its own middle, in the picture's pixels.
struct ContentPainter {
    void (*draw)(QPainter&, const StagedLayer&, const ContentContext&) = nullptr;
    /// All that it fills.
    QRectF (*box)(const StagedLayer&, const ContentContext&) = nullptr;
    /// Part of it lies over another part, which would be seen through it; null: it may.
    bool (*lies_over_itself)(const StagedLayer&) = nullptr;
};

/// Of a camera or a group it draws nothing.
[[nodiscard]] const ContentPainter& content_painter(LayerKind kind);

struct KindContent {
    LayerKind kind;
    const ContentPainter& painter;
};
/// One for each kind that draws.
[[nodiscard]] std::span<const KindContent> kind_contents();

// One each, in a file of its own.
extern const ContentPainter shots_content, title_content, shape_content, line_content, bars_content,
    wave_content, sparks_content, lamps_content;

[[nodiscard]] inline QColor shown(Colour colour, double opacity = 1) {
    QColor made = QColor::fromRgb(static_cast<QRgb>(colour.rgb));
    made.setAlphaF(static_cast<float>(opacity));
    return made;
}
/// The first part of a path, by its length; each of its pieces in turn.
[[nodiscard]] QPainterPath part_of_path(const QPainterPath& path, double share);
/// A pen as thick as the layer's values say, with their dashes.
[[nodiscard]] QPen line_pen(const LayerValues& values, const QColor& colour, double width);
/// How thick a line is that was not told.
inline constexpr double usual_line_width = 6;
[[nodiscard]] inline double width_of_line(const LayerValues& values) {
    const double width = values.of("line-width");
    return width > 0 ? width : usual_line_width;
}
[[nodiscard]] inline bool filled_and_lined(const StagedLayer& layer) {
    return layer.values.of("fill") > 0 && layer.values.of("line-width") > 0;
}
[[nodiscard]] QPainterPath shape_path(const std::string& shape, double radius, double corners = 0);

/// The words of a title as they are set.
[[nodiscard]] QPainterPath title_path(const StagedLayer& title, int picture_height);

} // namespace pulsepin
