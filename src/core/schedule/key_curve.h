// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "schedule/resolve.h"

namespace pulsepin {

/// A frame where a straight or eased stretch ends, with the easing that leads up to it.
struct CurveKey {
    Frames frame;
    double value = 0;
    Easing easing; ///< from the key before
    friend bool operator==(const CurveKey&, const CurveKey&) = default;
};

/// The keys of a lane by frame: from each to the next by its easing, and still before the first and after
/// the last.
class KeyCurve {
public:
    KeyCurve() = default;
    /// keys: in any order; of two on one frame the later one counts.
    explicit KeyCurve(std::vector<CurveKey> keys);
    KeyCurve(const Lane& lane, const ResolvedLane& resolved);

    /// 0 without keys.
    [[nodiscard]] double value_at(double frame) const;
    [[nodiscard]] const std::vector<CurveKey>& keys() const { return keys_; }
    [[nodiscard]] bool empty() const { return keys_.empty(); }

private:
    std::vector<CurveKey> keys_;
};

/// Stays at the value before until the key's own frame, and jumps there.
[[nodiscard]] Easing held_easing();

} // namespace pulsepin
