// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/draw_picture.h"

#include "render/resampling.h"
#include "render/turned_sampler.h"

#include <algorithm>
#include <cmath>
#include <cstdint>
#include <new>
#include <utility>
#include <vector>

namespace pulsepin {
namespace {

/// What is nearer than this to whole pixels lies on them: an edge as faint would not be seen.
constexpr double tolerance = 1.0 / 256;

double on_whole_pixels(double place) {
    return std::abs(std::round(place) - place) < tolerance ? std::round(place) : place;
}

/// Where an upright one is put on the device.
QRectF upright_place(const QTransform& seen, const QRectF& place) {
    const QRectF there = seen.mapRect(place);
    return {QPointF(on_whole_pixels(there.left()), on_whole_pixels(there.top())),
            QPointF(on_whole_pixels(there.right()), on_whole_pixels(there.bottom()))};
}

/// Along one axis: an image of so many pixels laid from one place to another on the device.
struct Axis {
    double begin, end;
    int count;
    /// With the middles of the outer pixels where they were, as all bilinear enlarging has it.
    [[nodiscard]] Between at(int device) const {
        return Between::held((device + 0.5 - begin) * count / (end - begin) - 0.5, count);
    }
    /// In 256ths how much of that pixel of the device it covers.
    [[nodiscard]] std::uint32_t covered(int device) const {
        const double much = std::min(end, device + 1.0) - std::max<double>(begin, device);
        return static_cast<std::uint32_t>(std::lround(std::clamp(much, 0.0, 1.0) * 256));
    }
};

/// Samples an image row by row, across first: of an enlarged one each row is widened once.
class Sampler {
public:
    Sampler(const QImage& image, const Axis& across, const Axis& down, int left, int right)
        : image_(image), down_(down) {
        for (int x = left; x < right; ++x) {
            across_.push_back(across.at(x));
            covered_.push_back(across.covered(x));
        }
        for (auto& row : wide_)
            row.pixels.resize(across_.size());
    }
    void write_row(int y, std::uint32_t* to) {
        const Between rows = down_.at(y);
        const auto* above = reinterpret_cast<const std::uint8_t*>(widened(rows.first, rows.second));
        const auto* below = reinterpret_cast<const std::uint8_t*>(widened(rows.second, rows.first));
        mix_rows(above, below, rows.share, across_.size() * 4, reinterpret_cast<std::uint8_t*>(to));
        soften_edges(to, down_.covered(y));
    }

private:
    /// What the image covers in part only is transparent in part; in a row all, or the outer pixels.
    void soften_edges(std::uint32_t* row, std::uint32_t covered) const {
        const std::size_t count = across_.size();
        for (std::size_t x = 0; x < count; ++x) {
            const std::uint32_t much = covered_[x] * covered / 256;
            if (much < 256)
                row[x] = faded(row[x], much);
            else if (x + 1 < count && covered_[count - 1] == 256)
                break;
            else if (x + 2 < count)
                x = count - 2;
        }
    }

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
        mix_across(from, across_, wide.pixels.data());
        return wide.pixels.data();
    }

    const QImage& image_;
    Axis down_;
    std::vector<Between> across_;
    std::vector<std::uint32_t> covered_;
    WideRow wide_[2];
};

constexpr int rows_at_once = 32; // stay near the processor, and ask the system for no memory

/// What a sampler writes, onto those pixels of the device. Each drawing goes by the painter's opacity,
/// blending and clip.
template <class Rows>
void draw_rows(QPainter& painter, const QRect& seen, bool opaque, Rows& sampler) {
    QImage rows(seen.width(), rows_at_once,
                opaque ? QImage::Format_RGB32 : QImage::Format_ARGB32_Premultiplied);
    if (rows.isNull())
        throw std::bad_alloc();
    for (int top = seen.top(); top <= seen.bottom(); top += rows_at_once) {
        const int count = std::min(rows_at_once, seen.bottom() + 1 - top);
        for (int y = 0; y < count; ++y)
            sampler.write_row(top + y, reinterpret_cast<std::uint32_t*>(rows.scanLine(y)));
        painter.drawImage(QPoint(seen.left(), top), rows, QRect(0, 0, seen.width(), count));
    }
}

void draw_upright(QPainter& painter, const QRectF& there, const QRect& seen, const QImage& image) {
    if (QRectF(there.toRect()) == there && there.toRect().size() == image.size())
        return painter.drawImage(there.toRect().topLeft(), image);
    const Axis across{there.left(), there.right(), image.width()},
        down{there.top(), there.bottom(), image.height()};
    Sampler sampler(image, across, down, seen.left(), seen.right() + 1);
    draw_rows(painter, seen, there.contains(QRectF(seen)), sampler);
}

/// Opaque, laid flat, and neither so large nor made so small that whole numbers could not tell its places.
bool drawn_here(const QTransform& seen, const QRectF& place, const QImage& image) {
    constexpr int widest = 32767;
    constexpr double smallest = 1.0 / 256;
    return image.format() == QImage::Format_RGB32 && seen.type() < QTransform::TxProject &&
           !place.isEmpty() && std::max(image.width(), image.height()) <= widest &&
           std::abs(seen.determinant()) * place.width() * place.height() >
               smallest * image.width() * image.height();
}

} // namespace

void draw_picture(QPainter& painter, const QRectF& place, const QImage& image) {
    const QTransform seen = painter.combinedTransform();
    if (!drawn_here(seen, place, image)) {
        painter.drawImage(place, image);
        return;
    }
    const bool upright = seen.type() <= QTransform::TxScale && seen.m11() > 0 && seen.m22() > 0;
    const QRectF there = upright ? upright_place(seen, place) : seen.mapRect(place).adjusted(-1, -1, 1, 1);
    const QRect pixels =
        there.toAlignedRect() & QRect(0, 0, painter.device()->width(), painter.device()->height());
    if (pixels.isEmpty())
        return;
    const QTransform before = painter.transform();
    painter.resetTransform();
    if (upright)
        draw_upright(painter, there, pixels, image);
    else {
        QTransform from_pixels = seen;
        from_pixels.translate(place.left(), place.top());
        from_pixels.scale(place.width() / image.width(), place.height() / image.height());
        TurnedSampler sampler(image, from_pixels, pixels.left(), pixels.right() + 1);
        draw_rows(painter, pixels, false, sampler);
    }
    painter.setTransform(before);
}

} // namespace pulsepin
