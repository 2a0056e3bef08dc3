// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "schedule/key_curve.h"

namespace pulsepin {

/// One pulse as it happens, in frames counted from the start of the piece; parts of frames are kept.
struct PulseSpan {
    PinId pin;
    std::size_t index = 0; ///< into the lane's pins
    double start = 0, peak = 0, hold_end = 0, end = 0;
    double strength = 1;
    bool shrunk = false;                         ///< shorter than its shape, so that it fits
    std::shared_ptr<const Pulse> own_shape = {}; ///< null: the lane's
};

/// The pulses of a lane of motion by time, and how they go together.
class MotionCurve {
public:
    MotionCurve() = default;
    MotionCurve(const Project& project, const Lane& lane, const ResolvedLane& resolved);

    /// The property's value at a frame; parts of frames for drawing.
    [[nodiscard]] double value_at(double frame) const { return fed(motion_.own, share_at(frame)); }
    /// How much of the way from rest to peak; more or less than the whole way while it overshoots.
    [[nodiscard]] double share_at(double frame) const;
    [[nodiscard]] const std::vector<PulseSpan>& pulses() const { return pulses_; }
    [[nodiscard]] std::size_t shrunk() const;

    /// As few as say the same: rest, peak, end of peak, rest for each pulse. Where pulses run into each other
    /// (join, highest, add) each frame between is a key.
    [[nodiscard]] std::vector<CurveKey> keys() const;

private:
    [[nodiscard]] double shape_at(const PulseSpan& pulse, double frame) const;
    [[nodiscard]] const Pulse& shape_of(const PulseSpan& pulse) const {
        return pulse.own_shape ? *pulse.own_shape : motion_.pulse;
    }
    Motion motion_;
    std::vector<PulseSpan> pulses_;
    double longest_ = 0;
};

/// Pulses that come with the program, as starting points (common practice where a comment says so).
[[nodiscard]] std::span<const Pulse> pulse_library();

} // namespace pulsepin
