// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "media/video_reader.h"

#include <QImage>
#include <new>

namespace pulsepin {

/// A decoded picture as an image of its own: opaque, or premultiplied where it has holes. Throws
/// std::bad_alloc where there is no memory for it.
[[nodiscard]] inline QImage image_of(const Picture& picture) {
    const auto& pixels = picture.pixels;
    QImage image =
        QImage(pixels.bytes.data(), pixels.width, pixels.height, static_cast<qsizetype>(pixels.stride),
               picture.transparent ? QImage::Format_ARGB32_Premultiplied : QImage::Format_RGB32)
            .copy();
    if (image.isNull() && pixels.width > 0 && pixels.height > 0)
        throw std::bad_alloc();
    return image;
}

} // namespace pulsepin
