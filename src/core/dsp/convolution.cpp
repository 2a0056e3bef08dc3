// SPDX-License-Identifier: GPL-3.0-or-later
#include "dsp/convolution.h"

#include "base/wide.h"

#include <algorithm>
#include <cstring>

namespace pulsepin {
namespace {

constexpr std::size_t lane = FrameBuffer::lane;
constexpr std::size_t rows = 8;

struct Shape {
    std::size_t frames, in, padded_out, width;
    std::ptrdiff_t x_stride, y_stride, x_step; ///< x_step: between the frames that one output looks at
    bool adding;
};

/// `count` frames by `wide` vectors of outputs from `o` on, which fit into registers: they share each number
/// that is read.
template <class Lanes, std::size_t wide, std::size_t count>
[[gnu::always_inline]] inline void block(const Shape& s, const float* x, const float* weights,
                                         const float* bias, float* y, std::size_t o) {
    constexpr std::size_t width = sizeof(Lanes) / sizeof(float);
    Lanes sum[count][wide];
    for (std::size_t r = 0; r < count; ++r)
        for (std::size_t v = 0; v < wide; ++v) {
            std::memcpy(&sum[r][v], bias + o + v * width, sizeof(Lanes));
            if (s.adding) {
                Lanes there;
                std::memcpy(&there, y + static_cast<std::ptrdiff_t>(r) * s.y_stride + o + v * width,
                            sizeof(Lanes));
                sum[r][v] += there;
            }
        }
    for (std::size_t k = 0; k < s.width; ++k) {
        const float* from = x + static_cast<std::ptrdiff_t>(k) * s.x_step;
        const float* w = weights + k * s.in * s.padded_out + o;
        for (std::size_t i = 0; i < s.in; ++i) {
            Lanes weight[wide];
            for (std::size_t v = 0; v < wide; ++v)
                std::memcpy(&weight[v], w + i * s.padded_out + v * width, sizeof(Lanes));
            for (std::size_t r = 0; r < count; ++r) {
                const float heard =
                    from[static_cast<std::ptrdiff_t>(r) * s.x_stride + static_cast<std::ptrdiff_t>(i)];
                for (std::size_t v = 0; v < wide; ++v)
                    sum[r][v] += weight[v] * heard;
            }
        }
    }
    for (std::size_t r = 0; r < count; ++r)
        for (std::size_t v = 0; v < wide; ++v)
            std::memcpy(y + static_cast<std::ptrdiff_t>(r) * s.y_stride + o + v * width, &sum[r][v],
                        sizeof(Lanes));
}

using Eight = float __attribute__((vector_size(32)));
static_assert(sizeof(Eight) == lane * sizeof(float));

template <std::size_t count>
struct ByEight {
    [[gnu::always_inline]] static inline void run(const Shape& s, const float* x, const float* weights,
                                                  const float* bias, float* y) {
        for (std::size_t o = 0; o < s.padded_out; o += lane)
            block<Eight, 1, count>(s, x, weights, bias, y, o);
    }
};

template <template <std::size_t> class Group>
[[gnu::always_inline]] inline void convolve_by(const Shape& s, const float* x, const float* weights,
                                               const float* bias, float* y) {
    std::size_t t = 0;
    for (; t + rows <= s.frames; t += rows)
        Group<rows>::run(s, x + static_cast<std::ptrdiff_t>(t) * s.x_stride, weights, bias,
                         y + static_cast<std::ptrdiff_t>(t) * s.y_stride);
    for (; t < s.frames; ++t)
        Group<1>::run(s, x + static_cast<std::ptrdiff_t>(t) * s.x_stride, weights, bias,
                      y + static_cast<std::ptrdiff_t>(t) * s.y_stride);
}

PULSEPIN_FUSED void convolve(const Shape& s, const float* x, const float* weights, const float* bias,
                             float* y) {
    convolve_by<ByEight>(s, x, weights, bias, y);
}

#ifdef PULSEPIN_WIDEST
using Sixteen = float __attribute__((vector_size(64)));

template <std::size_t count>
struct BySixteen {
    [[gnu::always_inline]] static inline void run(const Shape& s, const float* x, const float* weights,
                                                  const float* bias, float* y) {
        std::size_t o = 0;
        for (; o + 4 * lane <= s.padded_out; o += 4 * lane)
            block<Sixteen, 2, count>(s, x, weights, bias, y, o);
        for (; o + 2 * lane <= s.padded_out; o += 2 * lane)
            block<Sixteen, 1, count>(s, x, weights, bias, y, o);
        for (; o < s.padded_out; o += lane)
            block<Eight, 1, count>(s, x, weights, bias, y, o);
    }
};

PULSEPIN_WIDEST void convolve_widest(const Shape& s, const float* x, const float* weights, const float* bias,
                                     float* y) {
    convolve_by<BySixteen>(s, x, weights, bias, y);
}
#endif

/// Each output adds its products in the same order whichever it is, so all that fuse give the same bits.
void convolve_here(const Shape& s, const float* x, const float* weights, const float* bias, float* y) {
#ifdef PULSEPIN_WIDEST
    static const bool widest = __builtin_cpu_supports("avx512f") != 0;
    if (widest)
        return convolve_widest(s, x, weights, bias, y);
#endif
    convolve(s, x, weights, bias, y);
}

std::size_t padded(std::size_t channels) {
    return (channels + lane - 1) / lane * lane;
}

} // namespace

FrameBuffer::FrameBuffer(std::size_t frames, std::size_t channels, std::size_t reach)
    : frames_(frames), channels_(channels), stride_(padded(channels)), reach_(reach),
      values_((frames + 2 * reach) * padded(channels), 0.0f) {}

Convolution::Convolution(std::size_t in, std::size_t out, std::size_t width, std::size_t dilation,
                         std::span<const float> weights, std::span<const float> bias)
    : in_(in), out_(out), padded_out_(padded(out)), width_(width), dilation_(dilation),
      weights_(width * in * padded_out_, 0.0f), bias_(padded_out_, 0.0f) {
    for (std::size_t o = 0; o < out; ++o) {
        bias_[o] = bias[o];
        for (std::size_t i = 0; i < in; ++i)
            for (std::size_t k = 0; k < width; ++k)
                weights_[(k * in + i) * padded_out_ + o] = weights[(o * in + i) * width + k];
    }
}

void Convolution::run(const FrameBuffer& x, FrameBuffer& y) const {
    run_into(x, x.frames(), y, 0, false);
}
void Convolution::add(const FrameBuffer& x, FrameBuffer& y) const {
    run_into(x, x.frames(), y, 0, true);
}
void Convolution::run(const FrameBuffer& x, std::size_t count, FrameBuffer& y, std::size_t at) const {
    run_into(x, count, y, at, false);
}

void Convolution::run_into(const FrameBuffer& x, std::size_t count, FrameBuffer& y, std::size_t at,
                           bool adding) const {
    const auto stride = static_cast<std::ptrdiff_t>(x.stride());
    const Shape shape{count,
                      in_,
                      padded_out_,
                      width_,
                      stride,
                      static_cast<std::ptrdiff_t>(y.stride()),
                      stride * static_cast<std::ptrdiff_t>(dilation_),
                      adding};
    convolve_here(shape, x.frame(-static_cast<std::ptrdiff_t>(reach())), weights_.data(), bias_.data(),
                  y.frame(static_cast<std::ptrdiff_t>(at)));
}

void leaky_relu(FrameBuffer& x, float slope) {
    leaky_relu(x, x.frames(), slope);
}

void leaky_relu(FrameBuffer& x, std::size_t frames, float slope) {
    float* values = x.frame(0);
    const std::size_t count = frames * x.stride();
    for (std::size_t i = 0; i < count; ++i)
        values[i] = std::max(values[i], slope * values[i]);
}

} // namespace pulsepin
