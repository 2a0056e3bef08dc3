// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <memory>
#include <span>

namespace pulsepin {

/// Slower or faster without a change of pitch (Rubber Band). Stereo, interleaved. Made on one thread, then
/// used by the sound thread alone, where it neither waits nor allocates.
///
/// Output sample n belongs to input sample n * speed: the library's own delay is taken off.
class TimeStretch {
public:
    static constexpr double slowest = 0.25;
    static constexpr double fastest = 2.0;
    static constexpr std::size_t block = 512; ///< input samples taken at once

    TimeStretch(std::int64_t sample_rate, double speed);
    ~TimeStretch();

    [[nodiscard]] double speed() const;
    [[nodiscard]] std::size_t available() const; ///< stereo samples that can be pulled
    void feed(std::span<const float> stereo);    ///< at most `block` stereo samples
    void pull(std::span<float> stereo);          ///< at most available()

private:
    struct State;
    std::unique_ptr<State> state_;
};

} // namespace pulsepin
