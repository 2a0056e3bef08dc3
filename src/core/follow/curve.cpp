// SPDX-License-Identifier: GPL-3.0-or-later
#include "follow/curve.h"

#include <algorithm>
#include <cmath>

namespace pulsepin {

double value_between(const CurveValues& values, double index) {
    if (values.empty())
        return 0;
    const double place = std::clamp(index, 0.0, static_cast<double>(values.size() - 1));
    const auto i = static_cast<std::size_t>(place);
    const auto j = std::min(i + 1, values.size() - 1);
    const auto low = static_cast<double>(values[i]), high = static_cast<double>(values[j]);
    return low + (high - low) * (place - std::floor(place));
}

const CurveValues& FollowerCurve::values() const {
    static const CurveValues none;
    return stages.empty() ? none : *stages.back();
}

double FollowerCurve::share_at(double frame) const {
    return value_between(values(), frame * per_frame);
}

namespace {

/// How far a top rises above the higher of the dips beside it.
float prominence_of(const CurveValues& values, std::size_t top) {
    const auto dip = [&](auto from, auto until) {
        float lowest = values[top];
        for (auto i = from; i != until && *i <= values[top]; ++i)
            lowest = std::min(lowest, *i);
        return lowest;
    };
    const auto at = static_cast<std::ptrdiff_t>(top);
    const float before = dip(std::make_reverse_iterator(values.begin() + at), values.rend()),
                after = dip(values.begin() + at + 1, values.end());
    return values[top] - std::max(before, after);
}

} // namespace

std::vector<CurvePeak> peaks_of(const CurveValues& values, float least, std::size_t gap, float prominence) {
    std::vector<CurvePeak> tops;
    for (std::size_t i = 0; i < values.size(); ++i) {
        const float value = values[i];
        if (value < least || value <= 0 || (i > 0 && values[i - 1] >= value))
            continue;
        std::size_t end = i; // of a flat top
        while (end + 1 < values.size() && values[end + 1] == value)
            ++end;
        if (end + 1 < values.size() && values[end + 1] > value)
            continue;
        if (prominence > 0 && prominence_of(values, i) < prominence) {
            i = end;
            continue;
        }
        if (!tops.empty() && i - tops.back().index < gap) {
            if (value > tops.back().value)
                tops.back() = {i, value};
        } else
            tops.push_back({i, value});
        i = end;
    }
    return tops;
}

} // namespace pulsepin
