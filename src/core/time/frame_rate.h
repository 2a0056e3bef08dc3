// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "base/error.h"
#include "base/quantity.h"

#include <span>
#include <string>
#include <string_view>

namespace pulsepin {

/// Pictures a second as an exact fraction, in lowest terms. Every frame number and every time is computed
/// from the start of the picture, so that errors never accumulate.
class FrameRate {
public:
    constexpr FrameRate() = default; ///< 24 a second

    /// Fails unless 1 <= numerator/denominator <= 1000 and both are positive.
    [[nodiscard]] static Result<FrameRate> make(std::int64_t numerator, std::int64_t denominator);

    /// Reads "25", "30000/1001", or one of the short names 23.976, 29.97, 47.952, 59.94, 119.88.
    [[nodiscard]] static Result<FrameRate> parse(std::string_view text);

    [[nodiscard]] std::int64_t numerator() const { return numerator_; }
    [[nodiscard]] std::int64_t denominator() const { return denominator_; }
    [[nodiscard]] double per_second() const {
        return static_cast<double>(numerator_) / static_cast<double>(denominator_);
    }

    /// The whole number that timecode counts in: 30 for 30000/1001.
    [[nodiscard]] std::int64_t nominal() const { return (numerator_ + denominator_ / 2) / denominator_; }
    [[nodiscard]] Seconds frame_length() const;

    /// When the frame starts; correctly rounded, never summed up.
    [[nodiscard]] Seconds start_of(Frames frame) const;

    /// Whole milliseconds to the frame's start, rounded up: at that time the frame is on screen, not the one
    /// before. In whole numbers throughout.
    [[nodiscard]] std::int64_t milliseconds_until(Frames frame) const;

    /// The frame on screen at that time. A time within a nanosecond before a frame's start counts as that
    /// start.
    [[nodiscard]] Frames frame_at(Seconds time) const;

    /// The frame on screen at a sample, in whole numbers throughout.
    [[nodiscard]] Frames frame_at(Samples sample, std::int64_t sample_rate) const;

    [[nodiscard]] std::string text() const; ///< "24", "29.97", "30000/1001" only where there is no short name

    friend bool operator==(const FrameRate&, const FrameRate&) = default;

private:
    constexpr FrameRate(std::int64_t numerator, std::int64_t denominator)
        : numerator_(numerator), denominator_(denominator) {}
    std::int64_t numerator_ = 24;
    std::int64_t denominator_ = 1;
};

/// The rates a person is offered.
[[nodiscard]] std::span<const FrameRate> common_frame_rates();

enum class FrameRounding {
    Nearest,  ///< the frame whose start is closest
    NeverLate ///< the last frame that starts no later than the time
};

struct RoundedFrame {
    Frames frame;
    Seconds error; ///< start of the frame minus the wanted time: positive is late
};

/// The frame for something that should happen at `time`, and how far that frame's start is from it. Which of
/// two frames is nearest is decided without rounding; exactly half way it is the earlier one.
[[nodiscard]] RoundedFrame round_to_frame(Seconds time, FrameRate rate, FrameRounding rounding);

} // namespace pulsepin
