// SPDX-License-Identifier: GPL-3.0-or-later
#include "analysis/beat_path.h"

#include "analysis/features.h"
#include "base/wide.h"
#include "dsp/smoothing.h"

#include <algorithm>
#include <cmath>
#include <cstring>

namespace pulsepin {
namespace {

constexpr float never = -1e30f;
constexpr std::size_t lane = 8;
using Lanes = float __attribute__((vector_size(lane * sizeof(float))));
using Labels = std::int32_t __attribute__((vector_size(lane * sizeof(std::int32_t))));

/// Which d are possible for a lane of periods.
struct Steps {
    std::int32_t from, until;
};

/// For each of `periods` (a multiple of eight) the largest of values[p + d] - cost[d][p] over the d that are
/// possible there, and that d.
PULSEPIN_WIDE void best_departures(const float* values, const float* cost, std::size_t periods,
                                   const Steps* possible, float* out, std::int32_t* best) {
    for (std::size_t p = 0; p < periods; p += lane) {
        Lanes most;
        Labels label;
        for (std::size_t i = 0; i < lane; ++i) {
            most[i] = never;
            label[i] = 0;
        }
        for (std::int32_t d = possible[p / lane].from; d < possible[p / lane].until; ++d) {
            Lanes value, price;
            std::memcpy(&value, values + p + static_cast<std::size_t>(d), sizeof(value));
            std::memcpy(&price, cost + static_cast<std::size_t>(d) * periods + p, sizeof(price));
            const Lanes candidate = value - price;
            const Labels better = candidate > most;
            most = better ? candidate : most;
            const Labels now = Labels{} + d;
            label = better ? now : label;
        }
        std::memcpy(out + p, &most, sizeof(most));
        std::memcpy(best + p, &label, sizeof(label));
    }
}

/// For each period the best value with which a beat can be left for the next one after that period.
class Departures {
public:
    explicit Departures(const PathModel& m) : periods_(static_cast<std::size_t>(m.longest - m.shortest + 1)) {
        padded_periods_ = (periods_ + lane - 1) / lane * lane;
        reach_ = static_cast<std::size_t>(m.reach * m.longest + m.slack);
        reach_ = std::min(reach_, std::min<std::size_t>(periods_ - 1, 120));
        const std::size_t width = 2 * reach_ + 1;
        cost_.assign(width * padded_periods_, -never);
        possible_.assign(padded_periods_ / lane, Steps{static_cast<std::int32_t>(width), 0});
        for (std::size_t d = 0; d < width; ++d)
            for (std::size_t p = 0; p < periods_; ++p) {
                const auto step = static_cast<double>(d) - static_cast<double>(reach_);
                const double from = static_cast<double>(p) + step;
                const double period = m.shortest + static_cast<double>(p);
                if (from < 0 || from >= static_cast<double>(periods_) ||
                    std::abs(step) > m.reach * period + m.slack)
                    continue;
                Steps& possible = possible_[p / lane];
                possible.from = std::min(possible.from, static_cast<std::int32_t>(d));
                possible.until = std::max(possible.until, static_cast<std::int32_t>(d) + 1);
                cost_[d * padded_periods_ + p] =
                    static_cast<float>(static_cast<double>(m.stiffness) * std::max(0.0, std::abs(step) - 1) /
                                       (m.shortest + from));
            }
        padded_.assign(padded_periods_ + 2 * reach_, never);
        best_.resize(padded_periods_);
        best_step_.resize(padded_periods_);
    }

    [[nodiscard]] std::size_t periods() const { return periods_; }

    /// values: of arriving at this beat, by period. out, step: of leaving it, and from which period.
    void from(std::span<const float> values, float* out, std::int8_t* step) {
        std::copy(values.begin(), values.end(), padded_.begin() + static_cast<std::ptrdiff_t>(reach_));
        best_departures(padded_.data(), cost_.data(), padded_periods_, possible_.data(), best_.data(),
                        best_step_.data());
        for (std::size_t p = 0; p < periods_; ++p) {
            out[p] = best_[p];
            step[p] = static_cast<std::int8_t>(best_step_[p] - static_cast<std::int32_t>(reach_));
        }
    }

private:
    std::size_t periods_, padded_periods_ = 0, reach_ = 0;
    std::vector<float> cost_, padded_, best_;
    std::vector<Steps> possible_;
    std::vector<std::int32_t> best_step_;
};

} // namespace

double period_of(const BeatTrack& track) {
    if (track.size() < 2)
        return 0;
    std::vector<float> periods;
    for (std::size_t i = 1; i < track.size(); ++i)
        periods.push_back(static_cast<float>(track[i] - track[i - 1]));
    return static_cast<double>(percentile(periods, 0.5));
}

double bpm_of_period(double period) {
    return 60 * Features::slow_rate / period;
}
double period_of_bpm(double bpm) {
    return 60 * Features::slow_rate / bpm;
}

BeatTrack best_path(const PathModel& m, std::span<const float> reward) {
    Departures departures(m);
    const std::size_t periods = departures.periods();
    const auto frames = static_cast<int>(reward.size());
    const int ring = m.longest + 1;
    std::vector<float> leaving(static_cast<std::size_t>(ring) * periods, never);
    std::vector<std::int8_t> steps(static_cast<std::size_t>(frames) * periods, 0);
    std::vector<float> values(periods), logs(periods);
    for (std::size_t p = 0; p < periods; ++p)
        logs[p] = std::log(static_cast<float>(m.shortest) + static_cast<float>(p));

    float best = never;
    int best_frame = -1;
    std::size_t best_period = 0;
    for (int t = 0; t < frames; ++t) {
        const float now = reward[static_cast<std::size_t>(t)];
        const int here = t % ring;
        for (std::size_t p = 0; p < periods; ++p) {
            const int period = m.shortest + static_cast<int>(p);
            const int then = here >= period ? here - period : here - period + ring;
            values[p] = now + (t >= period ? leaving[static_cast<std::size_t>(then) * periods + p] : 0.0f);
        }
        if (!m.expected.empty()) {
            const float expected = std::log(m.expected[static_cast<std::size_t>(t)]);
            for (std::size_t p = 0; p < periods; ++p)
                values[p] -= m.pull * (logs[p] - expected) * (logs[p] - expected);
        }
        for (std::size_t p = 0; t + m.longest >= frames && p < periods; ++p)
            if (t + m.shortest + static_cast<int>(p) >= frames && values[p] > best) {
                best = values[p];
                best_frame = t;
                best_period = p;
            }
        departures.from(values, leaving.data() + static_cast<std::size_t>(here) * periods,
                        steps.data() + static_cast<std::size_t>(t) * periods);
    }
    BeatTrack beats;
    while (best_frame >= 0) {
        beats.push_back(best_frame);
        const int before = best_frame - m.shortest - static_cast<int>(best_period);
        if (before < 0)
            break;
        const int step = steps[static_cast<std::size_t>(before) * periods + best_period];
        best_period = static_cast<std::size_t>(static_cast<int>(best_period) + step);
        best_frame = before;
    }
    std::reverse(beats.begin(), beats.end());
    return beats;
}

} // namespace pulsepin
