// SPDX-License-Identifier: GPL-3.0-or-later
#include "dsp/convolution.h"

#include "dsp/wide.h"

#include <algorithm>
#include <cstring>

namespace pulsepin {
namespace {

constexpr std::size_t lane = FrameBuffer::lane;
using Lanes = float __attribute__((vector_size(lane * sizeof(float))));

struct Shape {
    std::size_t frames, in, padded_out, width;
    std::ptrdiff_t x_stride, y_stride, x_step; ///< x_step: between the frames that one output looks at
    bool adding;
};

/// Groups of frames share each weight that is read. `rows` frames by eight outputs fit into registers.
template <std::size_t rows>
[[gnu::always_inline]] inline void group(const Shape& s, const float* x, const float* weights,
                                         const float* bias, float* y) {
    for (std::size_t o = 0; o < s.padded_out; o += lane) {
        Lanes sum[rows];
        for (std::size_t r = 0; r < rows; ++r) {
            std::memcpy(&sum[r], bias + o, sizeof(Lanes));
            if (s.adding) {
                Lanes there;
                std::memcpy(&there, y + static_cast<std::ptrdiff_t>(r) * s.y_stride + o, sizeof(Lanes));
                sum[r] += there;
            }
        }
        for (std::size_t k = 0; k < s.width; ++k) {
            const float* from = x + static_cast<std::ptrdiff_t>(k) * s.x_step;
            const float* w = weights + k * s.in * s.padded_out + o;
            for (std::size_t i = 0; i < s.in; ++i) {
                Lanes weight;
                std::memcpy(&weight, w + i * s.padded_out, sizeof(Lanes));
                for (std::size_t r = 0; r < rows; ++r)
                    sum[r] +=
                        weight *
                        from[static_cast<std::ptrdiff_t>(r) * s.x_stride + static_cast<std::ptrdiff_t>(i)];
            }
        }
        for (std::size_t r = 0; r < rows; ++r)
            std::memcpy(y + static_cast<std::ptrdiff_t>(r) * s.y_stride + o, &sum[r], sizeof(Lanes));
    }
}

PULSEPIN_FUSED void convolve(const Shape& s, const float* x, const float* weights, const float* bias,
                             float* y) {
    constexpr std::size_t rows = 8;
    std::size_t t = 0;
    for (; t + rows <= s.frames; t += rows)
        group<rows>(s, x + static_cast<std::ptrdiff_t>(t) * s.x_stride, weights, bias,
                    y + static_cast<std::ptrdiff_t>(t) * s.y_stride);
    for (; t < s.frames; ++t)
        group<1>(s, x + static_cast<std::ptrdiff_t>(t) * s.x_stride, weights, bias,
                 y + static_cast<std::ptrdiff_t>(t) * s.y_stride);
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
    convolve(shape, x.frame(-static_cast<std::ptrdiff_t>(reach())), weights_.data(), bias_.data(),
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
