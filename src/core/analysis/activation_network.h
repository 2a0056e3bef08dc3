// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "base/error.h"

#include <array>
#include <cstddef>
#include <memory>
#include <span>
#include <vector>

namespace pulsepin {

/// What the network tells about each hundredth of a second.
enum class Activation { Onset, Kick, Snare, Hat, Beat, Downbeat };
inline constexpr std::size_t activation_count = 6;

/// Log odds, frame after frame, one curve for each kind.
struct Activations {
    std::array<std::vector<float>, activation_count> log_odds;
    [[nodiscard]] const std::vector<float>& operator[](Activation kind) const {
        return log_odds[static_cast<std::size_t>(kind)];
    }
};

/// A small convolutional network over the spectra of FrontEnd: residual blocks with growing dilation, at 100
/// frames a second for what sounds and at 50 for metre (in the manner of Davies and Boeck 2019, temporal
/// convolution for beat tracking). Trained by training/train_listener.py on made material only.
class ActivationNetwork {
public:
    /// The parameters that come with the program. Fails when they are damaged.
    [[nodiscard]] static Result<ActivationNetwork> built_in();
    /// bytes: what training/pack_listener.py writes.
    [[nodiscard]] static Result<ActivationNetwork> from_bytes(std::span<const std::byte> bytes);
    ~ActivationNetwork();
    ActivationNetwork(ActivationNetwork&&) noexcept;
    ActivationNetwork& operator=(ActivationNetwork&&) noexcept;

    /// Frames at either end of a stretch whose values depend on what lies outside of it.
    static constexpr std::size_t context = 2100;

    /// spectra: frames x (54 quick + 60 slow bands). Appends frames [from, until) of the answer.
    void activate(std::span<const float> spectra, std::size_t from, std::size_t until,
                  Activations& out) const;

private:
    struct Network;
    explicit ActivationNetwork(std::unique_ptr<const Network> network);
    std::unique_ptr<const Network> network_;
};

} // namespace pulsepin
