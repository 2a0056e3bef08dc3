// SPDX-License-Identifier: GPL-3.0-or-later
#include "analysis/activation_network.h"

#include "analysis/front_end.h"
#include "dsp/convolution.h"

#include <algorithm>
#include <bit>
#include <cstdint>
#include <cstring>

extern "C" {
extern const std::byte pulsepin_activation_network_begin[];
extern const std::byte pulsepin_activation_network_end[];
}

namespace pulsepin {
namespace {

constexpr std::size_t inputs = FrontEnd::quick_bands + FrontEnd::slow_bands;
constexpr std::size_t quick_channels = 40, long_channels = 48, hidden = 32;
constexpr std::array<std::size_t, 4> quick_dilations{1, 2, 4, 8};
constexpr std::array<std::size_t, 9> long_dilations{1, 2, 4, 8, 16, 32, 64, 128, 256};
constexpr float slope = 0.1f;
constexpr char signature[] = {'P', 'P', 'L', '1'};

float from_half(std::uint16_t half) {
    const std::uint32_t sign = static_cast<std::uint32_t>(half & 0x8000u) << 16;
    const std::uint32_t exponent = (half >> 10) & 0x1fu;
    const std::uint32_t mantissa = half & 0x3ffu;
    if (exponent == 0)
        return (sign ? -1.0f : 1.0f) * static_cast<float>(mantissa) * 0x1p-24f;
    return std::bit_cast<float>(sign | ((exponent + 112) << 23) | (mantissa << 13));
}

/// Hands out tensors from front to back.
class Reader {
public:
    explicit Reader(std::span<const std::byte> bytes) : bytes_(bytes) {}
    std::vector<float> take(std::size_t count) {
        std::vector<float> out(count);
        if (count * 2 > bytes_.size()) {
            short_ = true;
            return out;
        }
        for (std::size_t i = 0; i < count; ++i) {
            std::uint16_t half = 0;
            std::memcpy(&half, bytes_.data() + 2 * i, 2);
            out[i] = from_half(half);
        }
        bytes_ = bytes_.subspan(2 * count);
        return out;
    }
    Convolution convolution(std::size_t in, std::size_t out, std::size_t width, std::size_t dilation) {
        const auto weights = take(out * in * width);
        return {in, out, width, dilation, weights, take(out)};
    }
    [[nodiscard]] bool complete() const { return !short_ && bytes_.empty(); }

private:
    std::span<const std::byte> bytes_;
    bool short_ = false;
};

struct Block {
    Convolution wide, point;

    /// x + point(leaky_relu(wide(x)))
    void run(FrameBuffer& x, FrameBuffer& scratch) const {
        wide.run(x, scratch);
        leaky_relu(scratch, slope);
        point.add(scratch, x);
    }
};

} // namespace

struct ActivationNetwork::Network {
    std::vector<float> mean, scale;
    Convolution first;
    std::vector<Block> quick;
    Convolution join;
    std::vector<Block> slow;
    Convolution mix, out;
};

ActivationNetwork::ActivationNetwork(std::unique_ptr<const Network> network) : network_(std::move(network)) {}
ActivationNetwork::~ActivationNetwork() = default;
ActivationNetwork::ActivationNetwork(ActivationNetwork&&) noexcept = default;
ActivationNetwork& ActivationNetwork::operator=(ActivationNetwork&&) noexcept = default;

Result<ActivationNetwork> ActivationNetwork::from_bytes(std::span<const std::byte> bytes) {
    if (bytes.size() < sizeof(signature) || std::memcmp(bytes.data(), signature, sizeof(signature)) != 0)
        return fail("The parameters of the listening network are not what was expected.", {},
                    "Install Pulse Pin again.");
    Reader reader(bytes.subspan(sizeof(signature)));
    auto mean = reader.take(2 * inputs);
    auto scale = reader.take(2 * inputs);
    auto first = reader.convolution(2 * inputs, quick_channels, 3, 1);
    std::vector<Block> quick, slow;
    for (const auto dilation : quick_dilations) {
        auto wide = reader.convolution(quick_channels, quick_channels, 3, dilation);
        quick.push_back({std::move(wide), reader.convolution(quick_channels, quick_channels, 1, 1)});
    }
    auto join = reader.convolution(2 * quick_channels, long_channels, 1, 1);
    for (const auto dilation : long_dilations) {
        auto wide = reader.convolution(long_channels, long_channels, 5, dilation);
        slow.push_back({std::move(wide), reader.convolution(long_channels, long_channels, 1, 1)});
    }
    auto mix = reader.convolution(quick_channels + long_channels, hidden, 1, 1);
    auto out = reader.convolution(hidden, activation_count, 1, 1);
    if (!reader.complete())
        return fail("The parameters of the listening network are damaged.", {}, "Install Pulse Pin again.");
    return ActivationNetwork(std::make_unique<const Network>(
        Network{std::move(mean), std::move(scale), std::move(first), std::move(quick), std::move(join),
                std::move(slow), std::move(mix), std::move(out)}));
}

Result<ActivationNetwork> ActivationNetwork::built_in() {
    return from_bytes({pulsepin_activation_network_begin, pulsepin_activation_network_end});
}

void ActivationNetwork::activate(std::span<const float> spectra, std::size_t from, std::size_t until,
                                 Activations& out) const {
    const Network& n = *network_;
    const std::size_t frames = (spectra.size() / inputs + 1) / 2 * 2;
    const std::size_t known = spectra.size() / inputs;
    FrameBuffer x(frames, quick_channels, quick_dilations.back());
    {
        FrameBuffer rise(frames, 2 * inputs, 1);
        for (std::size_t t = 0; t < frames; ++t) {
            float* row = rise.frame(static_cast<std::ptrdiff_t>(t));
            for (std::size_t b = 0; b < inputs; ++b) {
                const float now = t < known ? spectra[t * inputs + b] : 0.0f;
                const float then = t >= 2 && t - 2 < known ? spectra[(t - 2) * inputs + b] : 0.0f;
                row[b] = (now - n.mean[b]) * n.scale[b];
                row[inputs + b] = (std::max(0.0f, now - then) - n.mean[inputs + b]) * n.scale[inputs + b];
            }
        }
        n.first.run(rise, x);
    }
    leaky_relu(x, slope);
    {
        FrameBuffer scratch(frames, quick_channels, 0);
        for (const auto& block : n.quick)
            block.run(x, scratch);
    }
    leaky_relu(x, slope);

    FrameBuffer y(frames / 2, long_channels, 2 * long_dilations.back());
    {
        FrameBuffer pairs(frames / 2, 2 * quick_channels, 0);
        for (std::size_t t = 0; t < frames; ++t)
            std::copy_n(x.frame(static_cast<std::ptrdiff_t>(t)), quick_channels,
                        pairs.frame(static_cast<std::ptrdiff_t>(t / 2)) + (t % 2) * quick_channels);
        n.join.run(pairs, y);
    }
    leaky_relu(y, slope);
    {
        FrameBuffer scratch(frames / 2, long_channels, 0);
        for (const auto& block : n.slow)
            block.run(y, scratch);
    }
    leaky_relu(y, slope);

    FrameBuffer both(frames, quick_channels + long_channels, 0), mixed(frames, hidden, 0),
        answer(frames, activation_count, 0);
    for (std::size_t t = 0; t < frames; ++t) {
        float* row = both.frame(static_cast<std::ptrdiff_t>(t));
        std::copy_n(x.frame(static_cast<std::ptrdiff_t>(t)), quick_channels, row);
        std::copy_n(y.frame(static_cast<std::ptrdiff_t>(t / 2)), long_channels, row + quick_channels);
    }
    n.mix.run(both, mixed);
    leaky_relu(mixed, slope);
    n.out.run(mixed, answer);
    for (std::size_t t = from; t < until; ++t)
        for (std::size_t kind = 0; kind < activation_count; ++kind)
            out.log_odds[kind].push_back(answer.frame(static_cast<std::ptrdiff_t>(t))[kind]);
}

} // namespace pulsepin
