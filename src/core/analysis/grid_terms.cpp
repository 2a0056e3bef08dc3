// SPDX-License-Identifier: GPL-3.0-or-later
#include "analysis/grid_terms.h"

#include "dsp/smoothing.h"

#include <algorithm>
#include <cmath>

namespace pulsepin {
namespace {

constexpr std::size_t parts = 12; // a beat is looked at in twelfths: halves, thirds and quarters

/// A grid with all that the terms look at.
struct Profile {
    double period = 0, bpm = 0;
    std::array<std::array<double, parts>, accent_count> mean{}; ///< over the beats, by place within the beat
    std::array<double, parts> total{};                          ///< of the five bands
    std::array<std::vector<double>, accent_count> on, half;     ///< on and between the beats
    double occupied = 0;                                        ///< share of beats on which something starts
    double odds_on = 0, odds_half = 0, odds_third = 0,
           odds_quarter = 0; ///< mean log odds that the network gives for a beat
    double covered = 0;      ///< share of the network's beats that the grid takes up
    double left_out = 0;     ///< share of what it hears clearly as beats that lies beside the grid
    double filled = 0; ///< mean of the log odds below 0 on the beats: the grid has some where it hears none
    double by_twos = 0,
           by_threes = 0; ///< how much surer it is of every second, third beat than of the others
    double bend = 0;      ///< deviation of the logarithm of the period from beat to beat
    double ioi = 0;       ///< between starts, in beats
    double first_off = 0; ///< distance of the first start from the grid, in beats
    double share_sounding = 0;
    const BarFit& bars;

    explicit Profile(const BarFit& fit) : bars(fit) {}
    [[nodiscard]] double at(Accent kind, std::size_t k) const {
        return mean[static_cast<std::size_t>(kind)][k];
    }
    [[nodiscard]] double average(Accent kind) const {
        double sum = 0;
        for (const double v : mean[static_cast<std::size_t>(kind)])
            sum += v / parts;
        return sum;
    }
    [[nodiscard]] const std::vector<double>& beats(Accent kind) const {
        return on[static_cast<std::size_t>(kind)];
    }
    [[nodiscard]] const std::vector<double>& halves(Accent kind) const {
        return half[static_cast<std::size_t>(kind)];
    }
};

double log_odds(double p) {
    p = std::clamp(p, 0.0067, 0.9933);
    return std::log(p / (1 - p));
}

double mean_of(const std::vector<double>& values) {
    double sum = 0;
    for (const double v : values)
        sum += v;
    return values.empty() ? 0 : sum / static_cast<double>(values.size());
}

/// Means over every fourth value.
std::array<double, 4> by_four(const std::vector<double>& values) {
    std::array<double, 4> sum{}, count{};
    for (std::size_t i = 0; i < values.size(); ++i) {
        sum[i % 4] += values[i];
        count[i % 4] += 1;
    }
    for (std::size_t i = 0; i < 4; ++i)
        sum[i] = sum[i] / std::max(count[i], 1.0) + 0.05;
    return sum;
}

/// How differently even and odd beats sound, signed, -1 to 1.
double alternation(const std::vector<double>& values) {
    double even = 0, odd = 0;
    for (std::size_t i = 0; i < values.size(); ++i)
        (i % 2 == 0 ? even : odd) += values[i] / (0.5 * static_cast<double>(values.size()));
    return (even - odd) / (even + odd + 0.1);
}

double ratio(const Profile& p, Accent kind) {
    return std::log(p.at(kind, 0) / p.at(kind, 6));
}

double share_between(const Profile& p, Accent kind) {
    return (p.at(kind, 0) - p.at(kind, 6)) / (p.at(kind, 0) + p.at(kind, 6));
}

double strongest_of_four(const std::vector<double>& values) {
    const auto y = by_four(values);
    return std::log(*std::max_element(y.begin(), y.end()) / ((y[0] + y[1] + y[2] + y[3]) / 4));
}

double at_quarters(const Profile& p, Accent kind) {
    return p.at(kind, 3) + p.at(kind, 9);
}

double octave(const Profile& p) {
    return std::log2(p.bpm / 120);
}

struct Term {
    const char* name;
    double (*value)(const Profile&);
};

constexpr Term table[] = {
    {"octave", octave},
    {"octave squared", [](const Profile& p) { return octave(p) * octave(p); }},
    {"above two thirds of an octave", [](const Profile& p) { return std::max(0.0, octave(p) - 0.45); }},
    {"below two thirds of an octave", [](const Profile& p) { return std::max(0.0, -octave(p) - 0.45); }},
    {"long tones on the beat",
     [](const Profile& p) { return std::log(p.at(Accent::Agogic, 0) / p.average(Accent::Agogic)); }},
    {"downbeats clear", [](const Profile& p) { return p.bars.contrast; }},
    {"bars fit", [](const Profile& p) { return p.bars.fit; }},
    {"occupied", [](const Profile& p) { return p.occupied; }},
    {"kick on the beat", [](const Profile& p) { return mean_of(p.beats(Accent::Kick)); }},
    {"snare on the beat", [](const Profile& p) { return mean_of(p.beats(Accent::Snare)); }},
    {"hat on the beat", [](const Profile& p) { return mean_of(p.beats(Accent::Hat)); }},
    {"kick between", [](const Profile& p) { return mean_of(p.halves(Accent::Kick)); }},
    {"snare between", [](const Profile& p) { return mean_of(p.halves(Accent::Snare)); }},
    {"hat between", [](const Profile& p) { return mean_of(p.halves(Accent::Hat)); }},
    {"swing", [](const Profile& p) { return std::log(p.total[8] / p.total[4]); }},
    {"starts a half apart", [](const Profile& p) { return (std::log2(p.ioi) + 1) * (std::log2(p.ioi) + 1); }},
    {"starts an eighth apart",
     [](const Profile& p) { return std::exp(-0.5 * std::pow(std::log2(8 * p.ioi) / 0.12, 2)); }},
    {"starts a quarter apart",
     [](const Profile& p) { return std::exp(-0.5 * std::pow(std::log2(4 * p.ioi) / 0.12, 2)); }},
    {"bass changes by four", [](const Profile& p) { return strongest_of_four(p.beats(Accent::BassChange)); }},
    {"bass changes on rather than between",
     [](const Profile& p) {
         const auto on = by_four(p.beats(Accent::BassChange)), half = by_four(p.halves(Accent::BassChange));
         return std::log(*std::max_element(on.begin(), on.end()) /
                         *std::max_element(half.begin(), half.end()));
     }},
    {"harmony changes by two",
     [](const Profile& p) {
         const auto y = by_four(p.beats(Accent::MidChange));
         return std::abs(y[0] + y[2] - y[1] - y[3]) / (y[0] + y[1] + y[2] + y[3]);
     }},
    {"low against snare alternate",
     [](const Profile& p) {
         return -alternation(p.beats(Accent::LowMid)) * alternation(p.beats(Accent::SnareBand));
     }},
    {"kick against snare alternate",
     [](const Profile& p) {
         return -alternation(p.beats(Accent::Kick)) * alternation(p.beats(Accent::Snare));
     }},
    {"low on, snare between",
     [](const Profile& p) {
         return std::max(0.0, share_between(p, Accent::Bass)) *
                std::max(0.0, -share_between(p, Accent::SnareBand));
     }},
    {"kick on, snare between",
     [](const Profile& p) {
         return std::max(0.0, share_between(p, Accent::Kick)) *
                std::max(0.0, -share_between(p, Accent::Snare));
     }},
    {"first start on the grid",
     [](const Profile& p) { return std::exp(-0.5 * std::pow(p.first_off / 0.1, 2)); }},
    {"snare band on the beat",
     [](const Profile& p) { return std::log(p.at(Accent::SnareBand, 0) / p.average(Accent::SnareBand)); }},
    {"bass on the beat",
     [](const Profile& p) { return std::log(p.at(Accent::Bass, 0) / p.average(Accent::Bass)); }},
    {"high band on the beat",
     [](const Profile& p) { return std::log(p.at(Accent::High, 0) / p.average(Accent::High)); }},
    {"tempo bends", [](const Profile& p) { return 20 * p.bend; }},
    {"bass on rather than between", [](const Profile& p) { return ratio(p, Accent::Bass); }},
    {"low mid on rather than between", [](const Profile& p) { return ratio(p, Accent::LowMid); }},
    {"mid on rather than between", [](const Profile& p) { return ratio(p, Accent::Mid); }},
    {"snare band on rather than between", [](const Profile& p) { return ratio(p, Accent::SnareBand); }},
    {"high band on rather than between", [](const Profile& p) { return ratio(p, Accent::High); }},
    {"harmony on rather than between", [](const Profile& p) { return ratio(p, Accent::MidChange); }},
    {"heard as beats", [](const Profile& p) { return p.odds_on; }},
    {"heard between", [](const Profile& p) { return p.odds_half; }},
    {"heard at thirds", [](const Profile& p) { return p.odds_third; }},
    {"heard beats covered", [](const Profile& p) { return p.covered; }},
    {"heard beats and covered", [](const Profile& p) { return p.covered * mean_of(p.beats(Accent::Beat)); }},
    {"sounding part covered", [](const Profile& p) { return p.share_sounding; }},
    {"steady", [](const Profile& p) { return p.bend < 1e-6 ? 1.0 : 0.0; }},
    {"nothing but beats",
     [](const Profile& p) {
         // A click track is what it is, however slow or fast.
         double all = 0;
         for (const double v : p.total)
             all += v - 0.05;
         return all <= 0 ? 0.0 : std::pow((p.total[0] - 0.05) / all, 2) * p.occupied * p.occupied;
     }},
    {"heard downbeats clear",
     [](const Profile& p) {
         double on = 0, off = 0, on_count = 0, off_count = 0;
         const auto& heard = p.beats(Accent::Downbeat);
         for (std::size_t i = 0; i < heard.size(); ++i) {
             (p.bars.place[i] == 0 ? on : off) += heard[i];
             (p.bars.place[i] == 0 ? on_count : off_count) += 1;
         }
         return on / std::max(on_count, 1.0) - off / std::max(off_count, 1.0);
     }},
    {"starts at quarters",
     [](const Profile& p) { return std::log((p.total[3] + p.total[9]) / (2 * p.total[6])); }},
    {"starts between", [](const Profile& p) { return std::log(p.total[6] / p.total[0]); }},
    {"thirds rather than quarters",
     [](const Profile& p) { return std::log((p.total[4] + p.total[8]) / (p.total[3] + p.total[9])); }},
    {"kick at quarters", [](const Profile& p) { return at_quarters(p, Accent::Kick); }},
    {"snare at quarters", [](const Profile& p) { return at_quarters(p, Accent::Snare); }},
    {"hat at quarters", [](const Profile& p) { return at_quarters(p, Accent::Hat); }},
    {"heard at quarters", [](const Profile& p) { return p.odds_quarter; }},
    {"heard rather than between", [](const Profile& p) { return std::max(0.0, p.odds_on - p.odds_half); }},
    {"heard and left out", [](const Profile& p) { return p.left_out; }},
    {"filled where nothing is heard", [](const Profile& p) { return p.filled; }},
    {"heard by twos", [](const Profile& p) { return p.by_twos; }},
    {"heard by threes", [](const Profile& p) { return p.by_threes; }},
};
static_assert(std::size(table) == grid_term_count);

} // namespace

GridTermModel::GridTermModel(const Features& features, const Accents& accents)
    : features_(features), accents_(accents) {
    const auto& starts = accents.starts();
    std::vector<float> gaps;
    for (std::size_t i = 1; i < starts.size(); ++i)
        gaps.push_back(static_cast<float>(starts[i] - starts[i - 1]));
    between_starts_ = std::max(1.0, static_cast<double>(percentile(gaps, 0.5)));
    if (!starts.empty())
        sounding_ = std::max(1.0, starts.back() - starts.front());
}

std::array<const char*, grid_term_count> GridTermModel::names() {
    std::array<const char*, grid_term_count> out{};
    for (std::size_t i = 0; i < grid_term_count; ++i)
        out[i] = table[i].name;
    return out;
}

namespace {

/// What the accents say at each beat and between.
void listen_along(const Accents& accents, const BeatTrack& track, Profile& p) {
    const auto n = static_cast<double>(track.size());
    for (std::size_t i = 0; i < track.size(); ++i) {
        const double step = i + 1 < track.size() ? track[i + 1] - track[i] : track[i] - track[i - 1];
        std::array<std::optional<std::size_t>, parts> frame;
        for (std::size_t k = 0; k < parts; ++k)
            frame[k] = accents.frame_at(track[i] + step * static_cast<double>(k) / parts);
        std::array<double, parts> sum{};
        for (std::size_t a = 0; a < accent_count; ++a) {
            const auto curve = accents.curve(static_cast<Accent>(a));
            std::array<double, parts> v{};
            for (std::size_t k = 0; k < parts; ++k) {
                v[k] = frame[k] ? static_cast<double>(curve[*frame[k]]) : 0.0;
                p.mean[a][k] += v[k];
                if (a < band_count)
                    sum[k] += v[k];
            }
            p.on[a].push_back(v[0]);
            p.half[a].push_back(v[6]);
            if (a == static_cast<std::size_t>(Accent::Beat) && accents.with_network()) {
                p.odds_on += log_odds(v[0]) / n;
                p.odds_half += log_odds(v[6]) / n;
                p.odds_third += 0.5 * (log_odds(v[4]) + log_odds(v[8])) / n;
                p.odds_quarter += 0.5 * (log_odds(v[3]) + log_odds(v[9])) / n;
            }
        }
        if (sum[0] > 0.3 * *std::max_element(sum.begin(), sum.end()))
            p.occupied += 1 / n;
    }
    for (std::size_t a = 0; a < accent_count; ++a)
        for (std::size_t k = 0; k < parts; ++k) {
            p.mean[a][k] = p.mean[a][k] / n + 0.05;
            if (a < band_count)
                p.total[k] += p.mean[a][k] / band_count;
        }
}

/// How far the mean of every n-th value lies above that of the others, at its best phase.
double above_others(const std::vector<double>& values, std::size_t n) {
    std::vector<double> sum(n), count(n);
    double all = 0;
    for (std::size_t i = 0; i < values.size(); ++i) {
        sum[i % n] += values[i];
        count[i % n] += 1;
        all += values[i];
    }
    double most = 0;
    for (std::size_t k = 0; k < n; ++k)
        if (const double others = static_cast<double>(values.size()) - count[k]; count[k] > 0 && others > 0)
            most = std::max(most, sum[k] / count[k] - (all - sum[k]) / others);
    return most;
}

/// What the network hears as beats, against the grid.
void compare_with_heard(const Accents& accents, const BeatTrack& track, Profile& p) {
    if (!accents.with_network())
        return;
    std::vector<double> odds;
    for (const double v : p.beats(Accent::Beat))
        odds.push_back(log_odds(v));
    for (const double v : odds)
        p.filled += std::min(0.0, v) / static_cast<double>(odds.size());
    p.by_twos = above_others(odds, 2);
    p.by_threes = above_others(odds, 3);
    const auto heard = accents.curve(Accent::Beat);
    const double near = std::min(8.0, 0.15 * p.period);
    double all = 0, beside = 0;
    std::size_t k = 0;
    for (std::size_t i = 1; i + 1 < heard.size(); ++i) {
        if (heard[i] <= 0.5f || heard[i] < heard[i - 1] || heard[i] <= heard[i + 1])
            continue;
        const auto at = static_cast<double>(i);
        while (k + 1 < track.size() && std::abs(track[k + 1] - at) <= std::abs(track[k] - at))
            ++k;
        const double clear = log_odds(static_cast<double>(heard[i]));
        all += clear;
        beside += std::abs(track[k] - at) > near ? clear : 0;
    }
    p.left_out = all > 0 ? beside / all : 0;
}

} // namespace

GridTerms GridTermModel::terms(const BeatTrack& track, const BarFit& bars) const {
    const double period = period_of(track);
    Profile p(bars);
    p.period = period;
    p.bpm = bpm_of_period(period);
    listen_along(accents_, track, p);
    compare_with_heard(accents_, track, p);
    double heard = 0;
    for (const double v : p.beats(Accent::Beat))
        heard += v;
    p.covered = heard / (accents_.beats_expected() + 1);
    const auto n = static_cast<double>(track.size());
    double sum = 0, square = 0;
    for (std::size_t i = 2; i < track.size(); ++i) {
        const double d = std::log((track[i] - track[i - 1]) / (track[i - 1] - track[i - 2]));
        sum += d / (n - 2);
        square += d * d / (n - 2);
    }
    p.bend = std::sqrt(std::max(0.0, square - sum * sum));
    p.ioi = between_starts_ / period;
    if (!accents_.starts().empty()) {
        const double turns = (accents_.starts().front() - track.front()) / period;
        p.first_off = turns - std::round(turns);
    }
    p.share_sounding = (track.back() - track.front()) / sounding_;
    GridTerms out{};
    for (std::size_t i = 0; i < grid_term_count; ++i)
        out[i] = std::clamp(table[i].value(p), -6.0, 6.0);
    return out;
}

} // namespace pulsepin
