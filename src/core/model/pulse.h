// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "params/length.h"

#include <array>
#include <memory>
#include <string>

namespace pulsepin {

/// How a value goes from one to another: a row of easings() with what it can be bent by.
struct Easing {
    std::string id = "linear";
    std::array<double, 4> handles{0.25, 0.1, 0.25, 1}; ///< of "bezier": x1, y1, x2, y2, as CSS has them
    double amount = 1.70158; ///< of "back": how far it overshoots; of "steps": how many
    friend bool operator==(const Easing&, const Easing&) = default;
};

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
    double strength = 100; ///< percent of the way from rest to peak
    /// The shape of this place alone; null: the lane's.
    std::shared_ptr<const Pulse> shape = {};
    friend bool operator==(const PulseBody& a, const PulseBody& b) {
        return a.strength == b.strength &&
               (a.shape == b.shape || (a.shape && b.shape && *a.shape == *b.shape));
    }
};

/// A value that a property has at a moment, and how it gets there from the key before.
struct KeyBody {
    double value = 0;
    Easing easing{};
    friend bool operator==(const KeyBody&, const KeyBody&) = default;
};

} // namespace pulsepin
