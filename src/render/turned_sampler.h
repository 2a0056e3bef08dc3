// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QImage>
#include <QTransform>
#include <cstdint>

namespace pulsepin {

/// Samples an opaque image that is turned or skewed, bilinearly, row by row. An edge is as soft as a pixel is
/// wide.
class TurnedSampler {
public:
    /// `seen`: from the image's pixels to the device's, of which the columns from `left` to before `right`
    /// are wanted. The image has no more than 32 767 pixels along either axis, and lives as long as this.
    TurnedSampler(const QImage& image, const QTransform& seen, int left, int right);

    /// Of that row of the device; transparent where the image is not.
    void write_row(int y, std::uint32_t* to) const;

private:
    struct Place {
        std::int32_t u, v;
    };
    [[nodiscard]] std::pair<int, int> whole_span(QPointF first) const;
    [[nodiscard]] std::uint32_t covered(Place place) const;

    const std::uint32_t* pixels_;
    std::int32_t width_, height_, stride_;
    QTransform back_; ///< from the device's pixels to the image's
    int left_, right_;
    double wide_, high_; ///< pixels of the device from one of the image's to the next, across its edges
};

} // namespace pulsepin
