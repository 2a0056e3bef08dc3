// SPDX-License-Identifier: GPL-3.0-or-later
//
// Not for use outside of this layer.
#pragma once

#include "model/project.h"

#include <algorithm>
#include <string>
#include <vector>

namespace pulsepin {

struct BarOnSheet {
    std::string number;
    std::vector<Seconds> beats; ///< where each begins
    Seconds until;
};

/// Those that have something of [from, until); without a grid four seconds each.
[[nodiscard]] std::vector<BarOnSheet> bars_of(const Project& project, Seconds from, Seconds until);

/// One line of bars: what lies where across the paper.
class BarLine {
public:
    BarLine(const std::vector<BarOnSheet>& bars, std::size_t first, std::size_t count, std::size_t full,
            double left, double right)
        : left_(left), right_(right) {
        std::size_t beats = 0;
        for (std::size_t i = first; i < first + count; ++i)
            beats += bars[i].beats.size();
        // A last line that is not full has beats as wide as those of the others.
        beats += (full - count) * bars[first + count - 1].beats.size();
        beat_wide_ = (right - left) / static_cast<double>(beats);
        double x = left;
        for (std::size_t i = first; i < first + count; ++i)
            for (const Seconds beat : bars[i].beats) {
                places_.push_back({beat, x});
                x += beat_wide_;
            }
        places_.push_back({bars[first + count - 1].until, x});
    }

    [[nodiscard]] double left() const { return left_; }
    [[nodiscard]] double right() const { return right_; }
    [[nodiscard]] double end() const { return places_.back().x; }
    [[nodiscard]] double beat_wide() const { return beat_wide_; }
    [[nodiscard]] Seconds from() const { return places_.front().time; }
    [[nodiscard]] Seconds until() const { return places_.back().time; }
    [[nodiscard]] double x_of(Seconds time) const {
        if (time <= from())
            return left_;
        if (time >= until())
            return end();
        const auto after = std::ranges::upper_bound(places_, time, {}, &Place::time);
        const auto before = after - 1;
        return before->x + (after->x - before->x) * ((time - before->time) / (after->time - before->time));
    }

private:
    struct Place {
        Seconds time;
        double x;
    };
    double left_, right_, beat_wide_ = 1;
    std::vector<Place> places_;
};

} // namespace pulsepin
