// SPDX-License-Identifier: GPL-3.0-or-later
#include "time/tempo_course.h"

#include <algorithm>
#include <cmath>
#include <limits>

namespace pulsepin {
namespace {

constexpr double held_weight = 1000;
constexpr double least_spread = 0.002; // seconds; hands and detectors are not more exact than that

double median_of(std::vector<double> values) {
    if (values.empty())
        return 0;
    const auto middle = values.begin() + static_cast<std::ptrdiff_t>(values.size() / 2);
    std::nth_element(values.begin(), middle, values.end());
    return *middle;
}

std::vector<double> times_of(const BeatGrid& grid) {
    std::vector<double> times;
    times.reserve(grid.beats().size());
    for (const auto& beat : grid.beats())
        times.push_back(beat.time.value);
    return times;
}

std::vector<double> weights_of(const BeatGrid& grid) {
    std::vector<double> weights;
    weights.reserve(grid.beats().size());
    for (const auto& beat : grid.beats())
        weights.push_back(beat.origin == BeatOrigin::Held ? held_weight : 1.0);
    return weights;
}

/// Weighted least squares for heights at knots, in straight lines between them. The normal equations are
/// tridiagonal.
std::vector<double> heights_at(const std::vector<std::size_t>& knots, const std::vector<double>& y,
                               const std::vector<double>& weights) {
    const std::size_t n = knots.size();
    std::vector<double> diagonal(n, 1e-9), beside(n, 0.0), right(n, 0.0);
    std::size_t segment = 0;
    for (std::size_t i = 0; i < y.size(); ++i) {
        while (segment + 2 < n && i > knots[segment + 1])
            ++segment;
        const double length = static_cast<double>(knots[segment + 1] - knots[segment]);
        const double b = static_cast<double>(i - knots[segment]) / length, a = 1 - b;
        diagonal[segment] += weights[i] * a * a;
        diagonal[segment + 1] += weights[i] * b * b;
        beside[segment] += weights[i] * a * b;
        right[segment] += weights[i] * a * y[i];
        right[segment + 1] += weights[i] * b * y[i];
    }
    for (std::size_t i = 1; i < n; ++i) {
        const double factor = beside[i - 1] / diagonal[i - 1];
        diagonal[i] -= factor * beside[i - 1];
        right[i] -= factor * right[i - 1];
    }
    std::vector<double> heights(n);
    for (std::size_t i = n; i-- > 0;)
        heights[i] = (right[i] - (i + 1 < n ? beside[i] * heights[i + 1] : 0.0)) / diagonal[i];
    return heights;
}

std::vector<double> on_lines(const std::vector<std::size_t>& knots, const std::vector<double>& heights,
                             std::size_t count) {
    std::vector<double> out(count);
    std::size_t segment = 0;
    for (std::size_t i = 0; i < count; ++i) {
        while (segment + 2 < knots.size() && i > knots[segment + 1])
            ++segment;
        const double share = static_cast<double>(i - knots[segment]) /
                             static_cast<double>(knots[segment + 1] - knots[segment]);
        out[i] = heights[segment] + (heights[segment + 1] - heights[segment]) * share;
    }
    return out;
}

/// Fits lines through the knots, then again with less weight where a beat lies far off.
CourseFit fit_through(const BeatGrid& grid, const std::vector<std::size_t>& knots) {
    const auto y = times_of(grid);
    const auto given = weights_of(grid);
    auto weights = given;
    std::vector<double> fitted;
    for (int turn = 0; turn < 6; ++turn) {
        fitted = on_lines(knots, heights_at(knots, y, weights), y.size());
        std::vector<double> sizes(y.size());
        for (std::size_t i = 0; i < y.size(); ++i)
            sizes[i] = std::abs(y[i] - fitted[i]);
        const double spread = std::max(1.4826 * median_of(sizes), least_spread);
        for (std::size_t i = 0; i < y.size(); ++i)
            weights[i] =
                given[i] * (given[i] > 1 ? 1.0 : std::min(1.0, 1.345 * spread / std::max(sizes[i], 1e-9)));
    }
    CourseFit out;
    std::vector<double> sizes;
    for (std::size_t i = 0; i < y.size(); ++i) {
        out.times.push_back(Seconds(fitted[i]));
        out.errors.push_back(Seconds(y[i] - fitted[i]));
        sizes.push_back(std::abs(y[i] - fitted[i]));
    }
    out.residual = Seconds(median_of(sizes));
    out.tempi = knots.size() - 1;
    return out;
}

/// What a line through beats [i, j) leaves over, in squares, from sums.
class LineCost {
public:
    LineCost(const std::vector<double>& y, const std::vector<double>& w)
        : w_(y.size() + 1), x_(y.size() + 1), xx_(y.size() + 1), y_(y.size() + 1), xy_(y.size() + 1),
          yy_(y.size() + 1) {
        // The line through the ends is taken off first: sums of squares of small numbers stay exact.
        const double slope = y.size() > 1 ? (y.back() - y.front()) / static_cast<double>(y.size() - 1) : 0;
        for (std::size_t i = 0; i < y.size(); ++i) {
            const auto x = static_cast<double>(i);
            const double v = y[i] - y.front() - slope * x;
            w_[i + 1] = w_[i] + w[i];
            x_[i + 1] = x_[i] + w[i] * x;
            xx_[i + 1] = xx_[i] + w[i] * x * x;
            y_[i + 1] = y_[i] + w[i] * v;
            xy_[i + 1] = xy_[i] + w[i] * x * v;
            yy_[i + 1] = yy_[i] + w[i] * v * v;
        }
    }
    [[nodiscard]] double operator()(std::size_t i, std::size_t j) const {
        const double w = w_[j] - w_[i], x = x_[j] - x_[i], y = y_[j] - y_[i];
        const double sxx = xx_[j] - xx_[i] - x * x / w, sxy = xy_[j] - xy_[i] - x * y / w;
        const double syy = yy_[j] - yy_[i] - y * y / w;
        return std::max(0.0, sxx > 1e-12 ? syy - sxy * sxy / sxx : syy);
    }

private:
    std::vector<double> w_, x_, xx_, y_, xy_, yy_;
};

double left_over(const std::vector<std::size_t>& knots, const std::vector<double>& y,
                 const std::vector<double>& weights) {
    const auto fitted = on_lines(knots, heights_at(knots, y, weights), y.size());
    double sum = 0;
    for (std::size_t i = 0; i < y.size(); ++i)
        sum += weights[i] * (y[i] - fitted[i]) * (y[i] - fitted[i]);
    return sum;
}

/// Knots were found on a coarse grid, for lines that need not meet: each looks for a better place nearby,
/// seen with its neighbours only, since what lies further off hardly feels it.
std::vector<std::size_t> settled(const std::vector<double>& y, const std::vector<double>& weights,
                                 std::vector<std::size_t> knots, std::ptrdiff_t step) {
    for (std::ptrdiff_t by = std::max<std::ptrdiff_t>(step, 2); by >= 1; by /= 2)
        for (int turn = 0, moved = 1; moved > 0 && turn < 8; ++turn) {
            moved = 0;
            for (std::size_t k = 1; k + 1 < knots.size(); ++k) {
                const std::size_t from = k >= 2 ? k - 2 : 0, until = std::min(k + 3, knots.size());
                const auto first = static_cast<std::ptrdiff_t>(knots[from]),
                           last = static_cast<std::ptrdiff_t>(knots[until - 1]) + 1;
                const std::vector<double> part(y.begin() + first, y.begin() + last),
                    part_weights(weights.begin() + first, weights.begin() + last);
                const auto value_at = [&](std::size_t place) {
                    std::vector<std::size_t> around;
                    for (std::size_t i = from; i < until; ++i)
                        around.push_back((i == k ? place : knots[i]) - knots[from]);
                    return left_over(around, part, part_weights);
                };
                double best = value_at(knots[k]);
                const std::size_t here = knots[k];
                for (const std::ptrdiff_t to : {-by, by}) {
                    const auto place = static_cast<std::size_t>(static_cast<std::ptrdiff_t>(here) + to);
                    if (place <= knots[k - 1] + 1 || place + 1 >= knots[k + 1] || place > y.size())
                        continue;
                    if (const double value = value_at(place); value < best) {
                        best = value;
                        knots[k] = place;
                        ++moved;
                    }
                }
            }
        }
    return knots;
}

} // namespace

CourseFit fit_constant(const BeatGrid& grid) {
    return fit_through(grid, {0, grid.beats().size() - 1});
}

CourseFit fit_steps(const BeatGrid& grid) {
    constexpr std::size_t shortest = 4; // beats
    const auto y = times_of(grid);
    const std::size_t n = y.size();
    if (n < 2 * shortest + 1)
        return fit_constant(grid);
    // How much beats scatter about a smooth course: from second differences, whose variance is six times
    // theirs.
    std::vector<double> bends;
    for (std::size_t i = 1; i + 1 < n; ++i)
        bends.push_back(std::abs(y[i + 1] - 2 * y[i] + y[i - 1]));
    const double scatter = std::max(1.4826 * median_of(bends) / std::sqrt(6.0), least_spread);
    const double penalty = 6 * std::log(static_cast<double>(n)) * scatter * scatter;
    const LineCost cost(y, weights_of(grid));
    // Lines begin and end at every coarse-th beat at first: as many places whatever the song's length.
    const std::size_t coarse = std::max<std::size_t>(1, n / 300), places = n / coarse;
    const auto beat_at = [&](std::size_t place) { return place == places ? n : place * coarse; };
    const std::size_t shortest_line = (shortest + coarse - 1) / coarse;
    std::vector<double> best(places + 1, std::numeric_limits<double>::infinity());
    std::vector<std::size_t> before(places + 1, 0);
    best[0] = -penalty;
    for (std::size_t j = shortest_line; j <= places; ++j)
        for (std::size_t i = 0; i + shortest_line <= j; ++i)
            if (const double value = best[i] + cost(beat_at(i), beat_at(j)) + penalty; value < best[j]) {
                best[j] = value;
                before[j] = i;
            }
    std::vector<std::size_t> knots{n - 1};
    for (std::size_t j = places; before[j] > 0; j = before[j])
        knots.push_back(beat_at(before[j]));
    knots.push_back(0);
    std::reverse(knots.begin(), knots.end());
    knots.erase(std::unique(knots.begin(), knots.end()), knots.end());
    return fit_through(grid,
                       settled(y, weights_of(grid), std::move(knots), static_cast<std::ptrdiff_t>(coarse)));
}

Result<BeatGrid> with_beat_times(const BeatGrid& grid, const std::vector<Seconds>& times) {
    auto beats = grid.beats();
    if (times.size() != beats.size())
        return fail("There are not as many times as beats.");
    for (std::size_t i = 0; i < beats.size(); ++i) {
        if (times[i] == beats[i].time)
            continue;
        beats[i].time = times[i];
        beats[i].origin = std::max(beats[i].origin, BeatOrigin::Corrected);
    }
    return BeatGrid::make(std::move(beats), grid.first_beat(), grid.metres());
}

} // namespace pulsepin
