// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/follower.h"
#include "model/pulse.h"

#include <algorithm>
#include <optional>
#include <string>
#include <vector>

namespace pulsepin {

/// A parameter of a layer of the picture; none without a layer.
struct Target {
    LayerId layer;
    std::string parameter = {};
    friend bool operator==(const Target&, const Target&) = default;
};

/// How what a lane drives meets the value that is there already: the layer's own, and what lanes before it
/// made of that.
enum class Meets {
    Usual,   ///< the first lane instead of it, further ones added from their low ends
    Instead, ///< whatever is there
    Added,
    Times ///< percent of it; of what is counted otherwise so many times
};

/// A property that a lane's curve drives: the curve's 0 becomes `low`, its 1 becomes `high`. Swapped ends
/// invert it.
struct Feed {
    std::string property = "scale";
    std::string unit = "%";
    double low = 100, high = 130;
    Target target = {};
    struct Limits {
        double least = 0, most = 0;
        friend bool operator==(const Limits&, const Limits&) = default;
    };
    std::optional<Limits> limits = {}; ///< values beyond are cut to these
    Offset lead = Frames(0);           ///< of this property, besides the lane's
    Meets meets = Meets::Usual;
    /// The curve's first pin lies where each appearance of the layer begins, instead of where it is.
    bool by_age = false;
    /// Of a colour, whose ends the others have no meaning for: from one to the other, or with each pin to the
    /// next of the palette.
    Colour low_colour = {}, high_colour = {0xf4b331};
    std::vector<Colour> palette = {};
    friend bool operator==(const Feed&, const Feed&) = default;
};

/// Which value of a pose drives it: of pose_parameters(); pose_size for none.
[[nodiscard]] inline std::size_t pose_index(const Feed& feed) {
    return feed.target.parameter.empty() ? pose_index_labelled(feed.property)
                                         : pose_index(feed.target.parameter);
}

/// The property's value where the curve has that one.
[[nodiscard]] inline double fed(const Feed& feed, double share) {
    const double value = feed.low + (feed.high - feed.low) * share;
    return feed.limits
               ? std::clamp(value, feed.limits->least, std::max(feed.limits->least, feed.limits->most))
               : value;
}

/// Where the curve is when the property has that value.
[[nodiscard]] inline double share_of(const Feed& feed, double value) {
    return feed.high == feed.low ? 0 : (value - feed.low) / (feed.high - feed.low);
}

/// What a lane drives, and by which curve.
struct Motion {
    using lane_part = void;
    Feed own{};    ///< the property in whose values the lane is drawn
    Pulse pulse{}; ///< of a lane of pulses
    Follower follower{};
    std::vector<Feed> feeds{}; ///< further properties that the same curve drives
    friend bool operator==(const Motion&, const Motion&) = default;
};

} // namespace pulsepin
