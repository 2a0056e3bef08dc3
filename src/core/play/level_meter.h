// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <cstdint>
#include <memory>
#include <span>

namespace pulsepin {

/// Peak and short-term loudness (ITU-R BS.1770 by libebur128: the last three seconds) of what it is given.
class LevelMeter {
public:
    explicit LevelMeter(std::int64_t sample_rate);
    ~LevelMeter();

    void add(std::span<const float> stereo);
    void reset();

    /// The largest sample of the last half second, falling by 20 dB a second after it; dBFS, -100 for
    /// silence.
    [[nodiscard]] double peak_db() const;
    /// LUFS; -100 while there is nothing to measure.
    [[nodiscard]] double short_term_lufs() const;

private:
    struct State;
    std::unique_ptr<State> state_;
};

} // namespace pulsepin
