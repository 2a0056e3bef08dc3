// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "media/video_reader.h"

#include <QImage>

namespace pulsepin {

/// A decoded picture as an image of its own: opaque, or premultiplied where it has holes.
[[nodiscard]] inline QImage image_of(const Picture& picture) {
    const auto& pixels = picture.pixels;
    return QImage(pixels.bytes.data(), pixels.width, pixels.height, static_cast<qsizetype>(pixels.stride),
                  picture.transparent ? QImage::Format_ARGB32_Premultiplied : QImage::Format_RGB32)
        .copy();
}

} // namespace pulsepin
