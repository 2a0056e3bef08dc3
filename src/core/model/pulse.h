// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/place_parameters.h"
#include "params/easing.h"
#include "params/length.h"

#include <memory>
#include <string>

namespace pulsepin {

/// What happens where pulses are closer together than they are long.
enum class Crowding {
    Shrink,  ///< each is shortened in proportion until it fits
    Join,    ///< from one peak straight to the next, without a rest between
    Highest, ///< whichever is higher at each moment
    Add      ///< both together
};

/// The shape of one hit: rest, peak, rest; as a share of the way from the rest value to the peak value.
struct Pulse {
    std::string name = "hit";
    Length up{Length::Unit::InFrames, 1};
    Length held{Length::Unit::InFrames, 0};
    Length down{Length::Unit::InFrames, 4};
    Easing rising{};
    Easing falling{};
    bool arrives = false; ///< its peak lies on the beat; else it starts there
    Crowding crowding = Crowding::Shrink;
    int least_frames = 2; ///< shorter than this no pulse is made by shrinking
    friend bool operator==(const Pulse&, const Pulse&) = default;
};

/// A place where a motion lane's pulse happens.
struct PulseBody {
    using pin_body = void;
    double strength = 100; ///< percent of the way from rest to peak
    /// The shape of this place alone; null: the lane's.
    std::shared_ptr<const Pulse> shape = {};
    friend bool operator==(const PulseBody& a, const PulseBody& b) {
        return a.strength == b.strength &&
               (a.shape == b.shape || (a.shape && b.shape && *a.shape == *b.shape));
    }
};

/// What a key does in a lane that follows: it is one of the drawn curve, or lies over what was computed.
enum class KeyRole {
    Drawn,
    Lift,    ///< adds its value, which may be below 0, for its length
    Replace, ///< is the curve for its length
    Acts     ///< where there are such keys, the curve is 0 but for their lengths
};

/// A value that a property has at a moment, and how it gets there from the key before.
struct KeyBody {
    using pin_body = void;
    double value = 0;
    Easing easing{};
    KeyRole role = KeyRole::Drawn;
    Length length = {};            ///< of what lies over a curve
    Seconds fade_in{}, fade_out{}; ///< before it, and after
    friend bool operator==(const KeyBody&, const KeyBody&) = default;
};

/// All that places a layer at a moment, and how it gets there from the pose before.
struct PoseBody {
    using pin_body = void;
    std::array<double, pose_size> values = initial_pose(); ///< in the order of pose_parameters()
    Easing easing = {.id = "sine-in-out"};
    friend bool operator==(const PoseBody&, const PoseBody&) = default;
};

} // namespace pulsepin
