// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <cstddef>
#include <span>
#include <vector>

namespace pulsepin {

/// Frames by channels, with zeros before the first and after the last frame, so that convolutions may reach
/// out.
class FrameBuffer {
public:
    static constexpr std::size_t lane = 8; ///< channels are stored in multiples of this
    FrameBuffer(std::size_t frames, std::size_t channels, std::size_t reach);

    [[nodiscard]] std::size_t frames() const { return frames_; }
    [[nodiscard]] std::size_t channels() const { return channels_; }
    [[nodiscard]] std::size_t stride() const { return stride_; }
    [[nodiscard]] std::size_t reach() const { return reach_; }
    [[nodiscard]] float* frame(std::ptrdiff_t i) {
        return values_.data() +
               (static_cast<std::ptrdiff_t>(reach_) + i) * static_cast<std::ptrdiff_t>(stride_);
    }
    [[nodiscard]] const float* frame(std::ptrdiff_t i) const {
        return values_.data() +
               (static_cast<std::ptrdiff_t>(reach_) + i) * static_cast<std::ptrdiff_t>(stride_);
    }

private:
    std::size_t frames_, channels_, stride_, reach_;
    std::vector<float> values_;
};

/// A one-dimensional convolution over time, its weights ordered for speed.
class Convolution {
public:
    /// weights: out x in x width as PyTorch stores them; bias: out.
    Convolution(std::size_t in, std::size_t out, std::size_t width, std::size_t dilation,
                std::span<const float> weights, std::span<const float> bias);

    [[nodiscard]] std::size_t reach() const { return width_ / 2 * dilation_; }

    /// y[t] = bias + sum over k of W_k x[t + (k - width/2) * dilation]. x must have the channels and reach
    /// for it.
    void run(const FrameBuffer& x, FrameBuffer& y) const;
    /// The same, added to what is in y.
    void add(const FrameBuffer& x, FrameBuffer& y) const;
    /// Of the first `count` frames of x frames [at, at + count) of y.
    void run(const FrameBuffer& x, std::size_t count, FrameBuffer& y, std::size_t at) const;

private:
    void run_into(const FrameBuffer& x, std::size_t count, FrameBuffer& y, std::size_t at, bool adding) const;
    std::size_t in_, out_, padded_out_, width_, dilation_;
    std::vector<float> weights_; ///< width x in x padded_out
    std::vector<float> bias_;
};

/// x if positive, slope * x otherwise, in place; padding stays zero.
void leaky_relu(FrameBuffer& x, float slope);
/// The same of its first `count` frames.
void leaky_relu(FrameBuffer& x, std::size_t count, float slope);

} // namespace pulsepin
