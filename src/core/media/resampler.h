// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <cstdint>
#include <memory>
#include <span>
#include <vector>

namespace pulsepin {

/// Stereo sound at another rate of samples, without delay: the first sample stays the first.
class Resampler {
public:
    Resampler(std::int64_t from, std::int64_t to);
    ~Resampler();
    Resampler(Resampler&&) noexcept;

    /// Interleaved. As many as are ready.
    [[nodiscard]] std::vector<float> add(std::span<const float> stereo);
    /// The rest.
    [[nodiscard]] std::vector<float> finish();

private:
    struct State;
    std::unique_ptr<State> state_;
};

} // namespace pulsepin
