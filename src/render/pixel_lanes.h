// SPDX-License-Identifier: GPL-3.0-or-later
//
// Pixels eight at a time, for loops that do the same to each. What uses them is a function marked
// PULSEPIN_WIDE; all that it calls is made part of it, and so in the registers that the machine has.
#pragma once

#include "base/wide.h"

#include <algorithm>
#include <cstdint>
#include <cstring>
#include <opencv2/core.hpp>

#define PULSEPIN_WITHIN __attribute__((always_inline))

namespace pulsepin {

constexpr int lanes = 8;
using Lanes = float __attribute__((vector_size(lanes * sizeof(float))));
using LaneBits = std::int32_t __attribute__((vector_size(lanes * sizeof(std::int32_t))));

/// Eight pixels, each channel from 0 to 255; the colours are premultiplied.
struct PixelLanes {
    Lanes blue, green, red, alpha;
};

PULSEPIN_WITHIN inline void keep_within(Lanes& values, float least, const Lanes& most) {
    values = values < least ? Lanes{} + least : values;
    values = values > most ? most : values;
}
PULSEPIN_WITHIN inline void keep_within(Lanes& values, float least, float most) {
    keep_within(values, least, Lanes{} + most);
}

/// Square roots; loops over parts of a vector become one instruction.
PULSEPIN_WITHIN inline void take_root(Lanes& values) {
    for (int i = 0; i < lanes; ++i)
        values[i] = __builtin_sqrtf(values[i]);
}

/// Of a row of `count` values those from `x` on.
PULSEPIN_WITHIN inline void read_lanes(const float* row, int x, int count, Lanes& values) {
    if (x + lanes <= count)
        std::memcpy(&values, row + x, sizeof(values));
    else
        std::memcpy(&values, row + x, static_cast<std::size_t>(count - x) * sizeof(float));
}

PULSEPIN_WITHIN inline void read_pixels(const LaneBits& bits, PixelLanes& pixels) {
    pixels.blue = __builtin_convertvector(bits & 255, Lanes);
    pixels.green = __builtin_convertvector((bits >> 8) & 255, Lanes);
    pixels.red = __builtin_convertvector((bits >> 16) & 255, Lanes);
    pixels.alpha = __builtin_convertvector((bits >> 24) & 255, Lanes);
}

/// Of a row of `count` pixels those from `x` on; beyond its end they are transparent.
PULSEPIN_WITHIN inline void read_pixels(const unsigned char* row, int x, int count, PixelLanes& pixels) {
    LaneBits bits{};
    std::memcpy(&bits, row + 4 * static_cast<std::ptrdiff_t>(x),
                static_cast<std::size_t>(std::min(lanes, count - x)) * 4);
    read_pixels(bits, pixels);
}

/// Rounded; no colour is stronger than its pixel is opaque.
PULSEPIN_WITHIN inline void write_pixels(PixelLanes& pixels, LaneBits& bits) {
    keep_within(pixels.alpha, 0, 255);
    keep_within(pixels.blue, 0, pixels.alpha);
    keep_within(pixels.green, 0, pixels.alpha);
    keep_within(pixels.red, 0, pixels.alpha);
    bits = __builtin_convertvector(pixels.blue + 0.5f, LaneBits) |
           __builtin_convertvector(pixels.green + 0.5f, LaneBits) << 8 |
           __builtin_convertvector(pixels.red + 0.5f, LaneBits) << 16 |
           __builtin_convertvector(pixels.alpha + 0.5f, LaneBits) << 24;
}

PULSEPIN_WITHIN inline bool anything_in(const LaneBits& bits) {
    std::uint64_t parts[sizeof(bits) / sizeof(std::uint64_t)];
    std::memcpy(parts, &bits, sizeof(bits));
    return (parts[0] | parts[1] | parts[2] | parts[3]) != 0;
}

/// Calls change(PixelLanes&, x of the first, y) with all pixels of an image (blue, green, red, alpha), eight
/// at a time; those beyond a row's end are not kept. Where nothing is nothing is done, unless `everywhere`.
template <bool everywhere = false, class Change>
PULSEPIN_WITHIN inline void change_pixels(cv::Mat& image, const Change& change) {
    for (int y = 0; y < image.rows; ++y) {
        auto* row = image.ptr<unsigned char>(y);
        for (int x = 0; x < image.cols; x += lanes) {
            const auto bytes = static_cast<std::size_t>(std::min(lanes, image.cols - x)) * 4;
            unsigned char* place = row + 4 * static_cast<std::ptrdiff_t>(x);
            LaneBits bits{};
            if (bytes == sizeof(bits))
                std::memcpy(&bits, place, sizeof(bits));
            else
                std::memcpy(&bits, place, bytes);
            if (!everywhere && !anything_in(bits))
                continue;
            PixelLanes pixels;
            read_pixels(bits, pixels);
            change(pixels, x, y);
            write_pixels(pixels, bits);
            if (bytes == sizeof(bits))
                std::memcpy(place, &bits, sizeof(bits));
            else
                std::memcpy(place, &bits, bytes);
        }
    }
}

/// x of each of eight pixels.
PULSEPIN_WITHIN inline void counted_from(int x, Lanes& places) {
    constexpr Lanes along{0, 1, 2, 3, 4, 5, 6, 7};
    places = along + static_cast<float>(x);
}

} // namespace pulsepin
