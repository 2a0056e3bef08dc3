// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/draw_picture.h"

#include <algorithm>
#include <cmath>
#include <cstdint>
#include <optional>
#include <vector>

namespace pulsepin {
namespace {

/// What is further off than this from whole pixels would be seen to jump.
constexpr double tolerance = 1.0 / 256;

/// The pixels that a rectangle covers, if it covers each of them as a whole.
std::optional<QRect> whole_pixels(const QRectF& place) {
    const QRectF near(QPointF(std::round(place.left()), std::round(place.top())),
                      QPointF(std::round(place.right()), std::round(place.bottom())));
    const bool whole = std::abs(near.left() - place.left()) < tolerance &&
                       std::abs(near.top() - place.top()) < tolerance &&
                       std::abs(near.right() - place.right()) < tolerance &&
                       std::abs(near.bottom() - place.bottom()) < tolerance;
    return whole ? std::optional(near.toRect()) : std::nullopt;
}

/// Where the painter would put it on the device, if that is only a larger image there.
std::optional<QRect> enlarged_to(const QPainter& painter, const QRectF& place, const QImage& image) {
    const QTransform seen = painter.combinedTransform();
    if (image.format() != QImage::Format_RGB32 || seen.type() > QTransform::TxScale || seen.m11() <= 0 ||
        seen.m22() <= 0)
        return std::nullopt;
    const auto pixels = whole_pixels(seen.mapRect(place));
    const bool larger = pixels && pixels->width() >= image.width() && pixels->height() >= image.height();
    return larger ? pixels : std::nullopt;
}

/// The two pixels of a row, or rows of an image, that one of the enlarged lies between; in 256ths how much of
/// the second.
struct Between {
    int first = 0, second = 0;
    std::uint32_t share = 0;
};

/// With the middles of the outer pixels where they were, as all bilinear enlarging has it.
Between between(int at, int of, int from) {
    const double place = std::clamp((at + 0.5) * from / of - 0.5, 0.0, from - 1.0);
    const int first = std::min(static_cast<int>(place), from - 1);
    return {first, std::min(first + 1, from - 1),
            static_cast<std::uint32_t>(std::lround((place - first) * 256))};
}

/// The four bytes of a pixel with room between them, so that all are weighted by one multiplication.
std::uint64_t spread(std::uint32_t pixel) {
    return (pixel & 0x00ff00ffu) | static_cast<std::uint64_t>((pixel >> 8) & 0x00ff00ffu) << 32;
}

std::uint32_t mixed(std::uint64_t first, std::uint64_t second, std::uint32_t share) {
    const std::uint64_t sum =
        ((first * (256 - share) + second * share + 0x0080'0080'0080'0080u) >> 8) & 0x00ff'00ff'00ff'00ffu;
    return static_cast<std::uint32_t>(sum) | static_cast<std::uint32_t>(sum >> 32) << 8;
}

/// Enlarges an image row by row, across first: each row of the image is widened once.
class Enlarger {
public:
    Enlarger(const QImage& image, QSize size, int left, int right) : image_(image), size_(size) {
        for (int x = left; x < right; ++x)
            across_.push_back(between(x, size.width(), image.width()));
        for (auto& row : wide_)
            row.pixels.resize(across_.size());
    }
    void write_row(int y, std::uint32_t* to) {
        const Between rows = between(y, size_.height(), image_.height());
        const auto* above = reinterpret_cast<const std::uint8_t*>(widened(rows.first, rows.second));
        const auto* below = reinterpret_cast<const std::uint8_t*>(widened(rows.second, rows.first));
        auto* out = reinterpret_cast<std::uint8_t*>(to);
        const auto share = static_cast<std::uint16_t>(rows.share);
        const auto rest = static_cast<std::uint16_t>(256 - share);
        for (std::size_t i = 0; i < across_.size() * 4; ++i)
            out[i] = static_cast<std::uint8_t>(
                static_cast<std::uint16_t>(above[i] * rest + below[i] * share + 128) >> 8);
    }

private:
    struct WideRow {
        int row = -1;
        std::vector<std::uint32_t> pixels;
    };
    const std::uint32_t* widened(int row, int needed_too) {
        for (auto& there : wide_)
            if (there.row == row)
                return there.pixels.data();
        WideRow& wide = wide_[wide_[0].row == needed_too ? 1 : 0];
        wide.row = row;
        const auto* from = reinterpret_cast<const std::uint32_t*>(image_.constScanLine(row));
        for (std::size_t x = 0; x < across_.size(); ++x)
            wide.pixels[x] =
                mixed(spread(from[across_[x].first]), spread(from[across_[x].second]), across_[x].share);
        return wide.pixels.data();
    }

    const QImage& image_;
    QSize size_;
    std::vector<Between> across_;
    WideRow wide_[2];
};

constexpr int rows_at_once = 32; // stay near the processor, and ask the system for no memory

} // namespace

void draw_picture(QPainter& painter, const QRectF& place, const QImage& image) {
    const auto pixels = enlarged_to(painter, place, image);
    if (!pixels) {
        painter.drawImage(place, image);
        return;
    }
    const QRect seen = *pixels & QRect(0, 0, painter.device()->width(), painter.device()->height());
    if (seen.isEmpty())
        return;
    const QTransform before = painter.transform();
    painter.resetTransform();
    if (pixels->size() == image.size())
        painter.drawImage(pixels->topLeft(), image);
    else {
        Enlarger enlarger(image, pixels->size(), seen.left() - pixels->left(),
                          seen.right() + 1 - pixels->left());
        QImage rows(seen.width(), rows_at_once, QImage::Format_RGB32);
        for (int top = seen.top(); top <= seen.bottom(); top += rows_at_once) {
            const int count = std::min(rows_at_once, seen.bottom() + 1 - top);
            for (int y = 0; y < count; ++y)
                enlarger.write_row(top + y - pixels->top(),
                                   reinterpret_cast<std::uint32_t*>(rows.scanLine(y)));
            painter.drawImage(QPoint(seen.left(), top), rows, QRect(0, 0, seen.width(), count));
        }
    }
    painter.setTransform(before);
}

} // namespace pulsepin
