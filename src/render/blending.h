// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QImage>
#include <QPainter>

namespace pulsepin {

/// How colours meet what is below them.
enum class Blend { Normal, Add, Multiply, Screen, Overlay, Lighten, Darken, Difference };

/// By the word of a layer's row; any other is normal.
[[nodiscard]] Blend blend_of(std::string_view word);
[[nodiscard]] QPainter::CompositionMode composition_mode(Blend blend);

/// Lays an image with its upper left corner at a pixel of another, what lies beyond that one left out. Both
/// are premultiplied (separable blend modes of W3C's Compositing and Blending Level 1); as much of the
/// difference that it makes is seen as `opacity` says.
void lay_over(QImage& ground, QPoint corner, const QImage& image, Blend blend, double opacity);

} // namespace pulsepin
