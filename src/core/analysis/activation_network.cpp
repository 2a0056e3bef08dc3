// SPDX-License-Identifier: GPL-3.0-or-later
#include "analysis/activation_network.h"

#include "analysis/front_end.h"
#include "dsp/convolution.h"

#include <algorithm>
#include <bit>
#include <cmath>
#include <cstdint>
#include <cstring>

extern "C" {
extern const std::byte pulsepin_activation_network_begin[];
extern const std::byte pulsepin_activation_network_end[];
extern const std::byte pulsepin_drum_network_begin[];
extern const std::byte pulsepin_drum_network_end[];
}

namespace pulsepin {
namespace {

constexpr std::size_t inputs = FrontEnd::quick_bands + FrontEnd::slow_bands;
constexpr float slope = 0.1f;
constexpr char signature[] = {'P', 'P', 'L', '2'};

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
    /// A number of the shape, from 1 to `most`.
    std::size_t number(std::size_t most) {
        std::uint16_t value = 0;
        if (bytes_.size() < 2) {
            short_ = true;
            return 1;
        }
        std::memcpy(&value, bytes_.data(), 2);
        bytes_ = bytes_.subspan(2);
        short_ = short_ || value == 0 || value > most;
        return std::clamp<std::size_t>(value, 1, most);
    }
    std::vector<std::size_t> dilations() {
        std::vector<std::size_t> out(number(16));
        for (auto& dilation : out)
            dilation = number(ActivationNetwork::context / 4);
        return out;
    }
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

/// Residual blocks of one width, the dilation of each.
struct Stage {
    std::size_t channels;
    std::vector<std::size_t> dilations;
    [[nodiscard]] std::size_t farthest() const {
        return *std::max_element(dilations.begin(), dilations.end());
    }
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
    std::size_t outputs;
    Stage quick_stage, slow_stage;
    std::size_t hidden;
    std::vector<float> mean, scale;
    Convolution first;
    std::vector<Block> quick;
    Convolution join;
    std::vector<Block> slow;
    Convolution mix, out;

    [[nodiscard]] FrameBuffer hear_quick(std::span<const float> spectra) const;
    [[nodiscard]] FrameBuffer hear_slow(const FrameBuffer& heard_quick) const;
    void answer(const FrameBuffer& heard_quick, const FrameBuffer& heard_slow, std::size_t from,
                std::size_t until, std::span<std::vector<float>> answers) const;
};

ActivationNetwork::ActivationNetwork(std::unique_ptr<const Network> network) : network_(std::move(network)) {}
ActivationNetwork::~ActivationNetwork() = default;
ActivationNetwork::ActivationNetwork(ActivationNetwork&&) noexcept = default;
ActivationNetwork& ActivationNetwork::operator=(ActivationNetwork&&) noexcept = default;

Result<ActivationNetwork> ActivationNetwork::from_bytes(std::span<const std::byte> bytes,
                                                        std::size_t outputs) {
    if (bytes.size() < sizeof(signature) || std::memcmp(bytes.data(), signature, sizeof(signature)) != 0)
        return fail("The parameters of the listening network are not what was expected.", {},
                    "Install Pulse Pin again.");
    constexpr std::size_t most_channels = 256;
    Reader reader(bytes.subspan(sizeof(signature)));
    const std::size_t told = reader.number(most_channels);
    Stage quick_stage{reader.number(most_channels), {}};
    quick_stage.dilations = reader.dilations();
    Stage slow_stage{reader.number(most_channels), {}};
    slow_stage.dilations = reader.dilations();
    const std::size_t hidden = reader.number(most_channels);
    const std::size_t quick_channels = quick_stage.channels, slow_channels = slow_stage.channels;
    auto mean = reader.take(2 * inputs);
    auto scale = reader.take(2 * inputs);
    auto first = reader.convolution(2 * inputs, quick_channels, 3, 1);
    std::vector<Block> quick, slow;
    for (const auto dilation : quick_stage.dilations) {
        auto wide = reader.convolution(quick_channels, quick_channels, 3, dilation);
        quick.push_back({std::move(wide), reader.convolution(quick_channels, quick_channels, 1, 1)});
    }
    auto join = reader.convolution(2 * quick_channels, slow_channels, 1, 1);
    for (const auto dilation : slow_stage.dilations) {
        auto wide = reader.convolution(slow_channels, slow_channels, 5, dilation);
        slow.push_back({std::move(wide), reader.convolution(slow_channels, slow_channels, 1, 1)});
    }
    auto mix = reader.convolution(quick_channels + slow_channels, hidden, 1, 1);
    auto out = reader.convolution(hidden, told, 1, 1);
    if (!reader.complete() || told != outputs)
        return fail("The parameters of the listening network are damaged.", {}, "Install Pulse Pin again.");
    return ActivationNetwork(std::make_unique<const Network>(
        Network{told, std::move(quick_stage), std::move(slow_stage), hidden, std::move(mean),
                std::move(scale), std::move(first), std::move(quick), std::move(join), std::move(slow),
                std::move(mix), std::move(out)}));
}

std::vector<float> DrumActivations::log_odds(Drum drum) const {
    const auto& counts = sixteenths[static_cast<std::size_t>(drum)];
    std::vector<float> values(counts.size());
    std::transform(counts.begin(), counts.end(), values.begin(),
                   [](std::int8_t count) { return static_cast<float>(count) / 16; });
    return values;
}

void DrumActivations::append(std::span<const std::vector<float>> log_odds) {
    for (std::size_t drum = 0; drum < drum_count; ++drum)
        for (const float value : log_odds[drum])
            sixteenths[drum].push_back(
                static_cast<std::int8_t>(std::clamp(std::lround(value * 16), -128l, 127l)));
}

Result<ActivationNetwork> ActivationNetwork::for_rhythm() {
    return from_bytes({pulsepin_activation_network_begin, pulsepin_activation_network_end}, activation_count);
}

Result<ActivationNetwork> ActivationNetwork::for_drums() {
    return from_bytes({pulsepin_drum_network_begin, pulsepin_drum_network_end}, drum_count);
}

namespace {

/// What is needed of a stretch for a moment only is made of so many frames at a time, which fit into the
/// processor's cache; even, so that pairs of frames stay pairs.
constexpr std::size_t tile = 256;

/// Calls `work` with the first frame and the count of each tile.
template <class Work>
void by_tiles(std::size_t frames, Work work) {
    for (std::size_t at = 0; at < frames; at += tile)
        work(at, std::min(tile, frames - at));
}

std::ptrdiff_t place(std::size_t frame) {
    return static_cast<std::ptrdiff_t>(frame);
}

} // namespace

FrameBuffer ActivationNetwork::Network::hear_quick(std::span<const float> spectra) const {
    const std::size_t known = spectra.size() / inputs, frames = (known + 1) / 2 * 2;
    const std::vector<float> silence(inputs, 0.0f);
    const auto spectrum = [&](std::ptrdiff_t t) {
        return t >= 0 && t < place(known) ? spectra.data() + t * place(inputs) : silence.data();
    };
    const auto write_rise = [&](std::ptrdiff_t t, float* row) {
        if (t < 0 || t >= place(frames)) {
            std::fill_n(row, 2 * inputs, 0.0f);
            return;
        }
        const float *now = spectrum(t), *then = spectrum(t - 2);
        for (std::size_t b = 0; b < inputs; ++b) {
            row[b] = (now[b] - mean[b]) * scale[b];
            row[inputs + b] = (std::max(0.0f, now[b] - then[b]) - mean[inputs + b]) * scale[inputs + b];
        }
    };
    FrameBuffer x(frames, quick_stage.channels, quick_stage.farthest());
    FrameBuffer rise(tile, 2 * inputs, 1);
    by_tiles(frames, [&](std::size_t at, std::size_t count) {
        for (std::ptrdiff_t t = -1; t <= place(count); ++t)
            write_rise(place(at) + t, rise.frame(t));
        first.run(rise, count, x, at);
    });
    leaky_relu(x, slope);
    FrameBuffer scratch(frames, quick_stage.channels, 0);
    for (const auto& block : quick)
        block.run(x, scratch);
    leaky_relu(x, slope);
    return x;
}

FrameBuffer ActivationNetwork::Network::hear_slow(const FrameBuffer& x) const {
    const std::size_t channels = quick_stage.channels;
    FrameBuffer y(x.frames() / 2, slow_stage.channels, 2 * slow_stage.farthest());
    FrameBuffer pairs(tile / 2, 2 * channels, 0);
    by_tiles(x.frames(), [&](std::size_t at, std::size_t count) {
        for (std::size_t t = 0; t < count; ++t)
            std::copy_n(x.frame(place(at + t)), channels, pairs.frame(place(t / 2)) + (t % 2) * channels);
        join.run(pairs, count / 2, y, at / 2);
    });
    leaky_relu(y, slope);
    FrameBuffer scratch(y.frames(), slow_stage.channels, 0);
    for (const auto& block : slow)
        block.run(y, scratch);
    leaky_relu(y, slope);
    return y;
}

void ActivationNetwork::Network::answer(const FrameBuffer& x, const FrameBuffer& y, std::size_t from,
                                        std::size_t until, std::span<std::vector<float>> answers) const {
    FrameBuffer both(tile, x.channels() + y.channels(), 0), mixed(tile, hidden, 0), told(tile, outputs, 0);
    by_tiles(x.frames(), [&](std::size_t at, std::size_t count) {
        if (at + count <= from || at >= until)
            return;
        for (std::size_t t = 0; t < count; ++t) {
            float* row = both.frame(place(t));
            std::copy_n(x.frame(place(at + t)), x.channels(), row);
            std::copy_n(y.frame(place((at + t) / 2)), y.channels(), row + x.channels());
        }
        mix.run(both, count, mixed, 0);
        leaky_relu(mixed, count, slope);
        out.run(mixed, count, told, 0);
        for (std::size_t t = std::max(from, at); t < std::min(until, at + count); ++t)
            for (std::size_t kind = 0; kind < outputs; ++kind)
                answers[kind].push_back(told.frame(place(t - at))[kind]);
    });
}

void ActivationNetwork::activate(std::span<const float> spectra, std::size_t from, std::size_t until,
                                 std::span<std::vector<float>> out) const {
    const FrameBuffer heard_quick = network_->hear_quick(spectra);
    network_->answer(heard_quick, network_->hear_slow(heard_quick), from, until, out);
}

} // namespace pulsepin
