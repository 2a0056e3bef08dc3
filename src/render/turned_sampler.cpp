// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/turned_sampler.h"

#include "base/wide.h"
#include "render/resampling.h"

#include <algorithm>
#include <cmath>
#include <cstring>

namespace pulsepin {
namespace {

constexpr int bits = 16; // behind the point, of places in an image

std::int32_t fixed(double value) {
    constexpr double most = 32767;
    return static_cast<std::int32_t>(std::lround(std::clamp(value, -most, most) * (1 << bits)));
}

constexpr int lanes = 8;
using Eight = std::int32_t __attribute__((vector_size(lanes * sizeof(std::int32_t))));
using Bytes =
    std::uint16_t __attribute__((vector_size(lanes * sizeof(std::int32_t)))); ///< every other one, with room

/// Pixels of an image, and how it goes on to the next row.
struct Pixels {
    const std::uint32_t* first;
    std::int32_t width, height, stride;
};

__attribute__((always_inline)) inline void mix(Bytes& first, const Bytes& second, const Bytes& share) {
    first = (first * (256 - share) + second * share + 128) >> 8;
}

/// Two bytes of each pixel, mixed of four.
__attribute__((always_inline)) inline void mix_four(Bytes here, const Bytes& right, Bytes below,
                                                    const Bytes& across, const Bytes& share_right,
                                                    const Bytes& share_down, Bytes& out) {
    mix(here, right, share_right);
    mix(below, across, share_right);
    mix(here, below, share_down);
    out = here;
}

/// Eight pixels, at places from u and v on.
__attribute__((always_inline)) inline void sample_eight(const Pixels& image, Eight u, Eight v, Eight& out) {
    const auto keep = [](Eight & place, std::int32_t most) __attribute__((always_inline)) {
        place = place < 0 ? Eight{} : place;
        place = place > most ? Eight{} + most : place;
    };
    keep(u, (image.width - 1) << bits);
    keep(v, (image.height - 1) << bits);
    const Eight x = u >> bits, y = v >> bits;
    const Eight at = y * image.stride + x;
    const Eight right = at + ((x < image.width - 1) & 1), down = (y < image.height - 1) & image.stride;
    const auto fetch = [&image](const Eight& offset, Eight& pixels) __attribute__((always_inline)) {
        const auto* p = reinterpret_cast<const std::int32_t*>(image.first);
        pixels = Eight{p[offset[0]], p[offset[1]], p[offset[2]], p[offset[3]],
                       p[offset[4]], p[offset[5]], p[offset[6]], p[offset[7]]};
    };
    Eight here, beside, below, across;
    fetch(at, here);
    fetch(right, beside);
    fetch(at + down, below);
    fetch(right + down, across);
    const Eight of_right = (u >> (bits - 8)) & 255, of_down = (v >> (bits - 8)) & 255;
    const auto share_right = reinterpret_cast<Bytes>(of_right | of_right << 16);
    const auto share_down = reinterpret_cast<Bytes>(of_down | of_down << 16);
    constexpr std::int32_t every_other = 0x00ff00ff;
    Bytes even, odd;
    mix_four(reinterpret_cast<Bytes>(here & every_other), reinterpret_cast<Bytes>(beside & every_other),
             reinterpret_cast<Bytes>(below & every_other), reinterpret_cast<Bytes>(across & every_other),
             share_right, share_down, even);
    mix_four(reinterpret_cast<Bytes>((here >> 8) & every_other),
             reinterpret_cast<Bytes>((beside >> 8) & every_other),
             reinterpret_cast<Bytes>((below >> 8) & every_other),
             reinterpret_cast<Bytes>((across >> 8) & every_other), share_right, share_down, odd);
    out = reinterpret_cast<Eight>(even) | reinterpret_cast<Eight>(odd) << 8;
}

/// `count` pixels, from a place on, each so much further.
PULSEPIN_WIDE void sample(const Pixels& image, std::int32_t u, std::int32_t v, std::int32_t right,
                          std::int32_t down, int count, std::uint32_t* out) {
    constexpr Eight along{0, 1, 2, 3, 4, 5, 6, 7};
    Eight us = u + along * right, vs = v + along * down, pixels;
    for (int i = 0; i < count; i += lanes, us += lanes * right, vs += lanes * down) {
        sample_eight(image, us, vs, pixels);
        std::memcpy(out + i, &pixels,
                    static_cast<std::size_t>(std::min(lanes, count - i)) * sizeof(std::uint32_t));
    }
}

} // namespace

TurnedSampler::TurnedSampler(const QImage& image, const QTransform& seen, int left, int right)
    : pixels_(reinterpret_cast<const std::uint32_t*>(image.constBits())), width_(image.width()),
      height_(image.height()), stride_(static_cast<std::int32_t>(image.bytesPerLine() / 4)),
      back_(seen.inverted()), left_(left), right_(right), wide_(1 / std::hypot(back_.m11(), back_.m21())),
      high_(1 / std::hypot(back_.m12(), back_.m22())) {}

void TurnedSampler::write_row(int y, std::uint32_t* to) const {
    const QPointF first = back_.map(QPointF(left_ + 0.5, y + 0.5));
    constexpr std::int32_t rounded = 1 << (bits - 9); // to 256ths
    const auto place_at = [&](int x) {                // from the middle of the first pixel
        return Place{rounded + fixed(first.x() + back_.m11() * (x - left_) - 0.5),
                     rounded + fixed(first.y() + back_.m12() * (x - left_) - 0.5)};
    };
    const Pixels image{pixels_, width_, height_, stride_};
    const std::int32_t right = fixed(back_.m11()), down = fixed(back_.m12());
    const auto [from, until] = whole_span(first);
    const auto write_edge = [&](int begin, int end) {
        for (int x = begin; x < end; ++x) {
            const Place at = place_at(x);
            const std::uint32_t much = covered(at);
            std::uint32_t pixel = 0;
            if (much > 0)
                sample(image, at.u, at.v, 0, 0, 1, &pixel);
            to[x - left_] = faded(pixel, much);
        }
    };
    write_edge(left_, from);
    const Place begin = place_at(from);
    sample(image, begin.u, begin.v, right, down, until - from, to + (from - left_));
    write_edge(until, right_);
}

/// The pixels of a row whose middles lie so far inside that they are covered as a whole.
std::pair<int, int> TurnedSampler::whole_span(QPointF first) const {
    double from = left_, until = right_;
    const auto narrow = [&](double begin, double step, double margin, double count) {
        if (std::abs(step) < 1e-9) {
            if (begin < margin || begin > count - margin)
                until = from;
            return;
        }
        const double one = (margin - begin) / step + left_, other = (count - margin - begin) / step + left_;
        from = std::max(from, std::ceil(std::min(one, other)));
        until = std::min(until, std::floor(std::max(one, other)) + 1);
    };
    narrow(first.x(), back_.m11(), 0.5 / wide_, width_);
    narrow(first.y(), back_.m12(), 0.5 / high_, height_);
    from = std::clamp<double>(from, left_, right_);
    return {static_cast<int>(from), static_cast<int>(std::clamp<double>(until, from, right_))};
}

/// In 256ths how much of a pixel of the device is covered: by how far its middle lies from each edge.
std::uint32_t TurnedSampler::covered(Place place) const {
    const auto inside = [](std::int32_t at, std::int32_t count, double scale) {
        const double middle = static_cast<double>(at) / (1 << bits) + 0.5;
        return std::clamp(middle * scale + 0.5, 0.0, 1.0) *
               std::clamp((count - middle) * scale + 0.5, 0.0, 1.0);
    };
    return static_cast<std::uint32_t>(
        std::lround(256 * inside(place.u, width_, wide_) * inside(place.v, height_, high_)));
}

} // namespace pulsepin
