// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "base/error.h"

#include <array>
#include <cstddef>
#include <cstdint>
#include <memory>
#include <span>
#include <vector>

namespace pulsepin {

/// What the network that hears rhythm tells about each hundredth of a second.
enum class Activation { Onset, Kick, Snare, Hat, Beat, Downbeat };
inline constexpr std::size_t activation_count = 6;

/// What the network that tells drums apart hears. Crash: splashes and chinas as well; Clap: also the rim.
enum class Drum { Kick, Snare, Hat, Tom, Ride, Crash, Clap };
inline constexpr std::size_t drum_count = 7;

/// Log odds, frame after frame, one curve for each kind.
struct Activations {
    std::array<std::vector<float>, activation_count> log_odds;
    [[nodiscard]] const std::vector<float>& operator[](Activation kind) const {
        return log_odds[static_cast<std::size_t>(kind)];
    }
};

/// The same of drums, in sixteenths from -8 to 8, so that hours of it are small.
struct DrumActivations {
    std::array<std::vector<std::int8_t>, drum_count> sixteenths;

    [[nodiscard]] bool empty() const { return sixteenths.front().empty(); }
    [[nodiscard]] std::size_t frames() const { return sixteenths.front().size(); }
    [[nodiscard]] float log_odds(Drum drum, std::size_t frame) const {
        return static_cast<float>(sixteenths[static_cast<std::size_t>(drum)][frame]) / 16;
    }
    [[nodiscard]] std::vector<float> log_odds(Drum drum) const;
    /// Appends frames that a network told.
    void append(std::span<const std::vector<float>> log_odds);
};

/// A small convolutional network over the spectra of FrontEnd: residual blocks with growing dilation, at 100
/// frames a second for what sounds and at 50 for metre (in the manner of Davies and Boeck 2019, temporal
/// convolution for beat tracking). Its shape is told by its parameters. Trained by training/train_listener.py
/// on made material only.
class ActivationNetwork {
public:
    /// The parameters that come with the program: answers as Activation and as Drum list them. Fail when they
    /// are damaged.
    [[nodiscard]] static Result<ActivationNetwork> for_rhythm();
    [[nodiscard]] static Result<ActivationNetwork> for_drums();
    /// bytes: what training/pack_listener.py writes; refused where it has not so many outputs.
    [[nodiscard]] static Result<ActivationNetwork> from_bytes(std::span<const std::byte> bytes,
                                                              std::size_t outputs);
    ~ActivationNetwork();
    ActivationNetwork(ActivationNetwork&&) noexcept;
    ActivationNetwork& operator=(ActivationNetwork&&) noexcept;

    /// Frames at either end of a stretch whose values depend on what lies outside of it.
    static constexpr std::size_t context = 2100;

    /// spectra: frames x (54 quick + 60 slow bands). Appends frames [from, until) of the answer to `out`, one
    /// curve for each output.
    void activate(std::span<const float> spectra, std::size_t from, std::size_t until,
                  std::span<std::vector<float>> out) const;

private:
    struct Network;
    explicit ActivationNetwork(std::unique_ptr<const Network> network);
    std::unique_ptr<const Network> network_;
};

} // namespace pulsepin
