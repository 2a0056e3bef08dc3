// SPDX-License-Identifier: GPL-3.0-or-later
#include "analysis/bars.h"

#include <algorithm>
#include <cmath>
#include <functional>

namespace pulsepin {
namespace {

constexpr std::size_t harmony_bands = 60;

struct BeatSpectrum {
    std::array<float, harmony_bands> bands{};
    float level = 0;
};

std::vector<BeatSpectrum> spectra_by_beat(const Features& f, const BeatTrack& beats) {
    std::vector<BeatSpectrum> spectra(beats.size());
    const auto frames = static_cast<std::ptrdiff_t>(f.harmony.frames());
    if (frames == 0)
        return spectra;
    const double to_coarse = f.harmony.frames_per_second / Features::slow_rate;
    for (std::size_t i = 0; i < beats.size(); ++i) {
        const double end =
            i + 1 < beats.size() ? beats[i + 1] : beats[i] + (i > 0 ? beats[i] - beats[i - 1] : 50.0);
        const auto from = std::clamp<std::ptrdiff_t>(std::llround(beats[i] * to_coarse) + 1, 0, frames - 1);
        const auto until = std::clamp<std::ptrdiff_t>(std::llround(end * to_coarse), from + 1, frames);
        std::array<std::uint32_t, harmony_bands> sums{};
        for (auto t = from; t < until; ++t) {
            const auto frame = f.harmony.frame(static_cast<std::size_t>(t));
            for (std::size_t b = 0; b < harmony_bands; ++b)
                sums[b] += frame[b];
        }
        auto& s = spectra[i];
        for (std::size_t b = 0; b < harmony_bands; ++b) {
            s.bands[b] = static_cast<float>(sums[b]) / static_cast<float>(until - from);
            s.level += s.bands[b] / static_cast<float>(harmony_bands);
        }
    }
    return spectra;
}

struct BandSpan {
    std::size_t first = 0, last = 0;
};

BandSpan bands_between(double from_hz, double until_hz) {
    BandSpan span;
    while (span.first < harmony_bands && Features::harmony_hz(span.first) < from_hz)
        ++span.first;
    span.last = span.first;
    while (span.last < harmony_bands && Features::harmony_hz(span.last) < until_hz)
        ++span.last;
    return span;
}

/// 1 - cosine of two spectra in that range, each with its own mean over bands taken off.
float change(const BeatSpectrum& a, const BeatSpectrum& b, BandSpan span) {
    float mean_a = 0, mean_b = 0;
    const auto count = static_cast<float>(span.last - span.first);
    for (std::size_t k = span.first; k < span.last; ++k) {
        mean_a += a.bands[k] / count;
        mean_b += b.bands[k] / count;
    }
    float dot = 0, aa = 1, bb = 1;
    for (std::size_t k = span.first; k < span.last; ++k) {
        const float x = a.bands[k] - mean_a, y = b.bands[k] - mean_b;
        dot += x * y;
        aa += x * x;
        bb += y * y;
    }
    return 1 - dot / std::sqrt(aa * bb);
}

float log_odds(float probability) {
    const float p = std::clamp(probability, 0.005f, 0.995f);
    return std::log(p / (1 - p));
}

/// v -> ln(1 + 2v/mean), so that loud and quiet songs look alike.
void to_logs(std::vector<BarModel::Row>& rows, std::size_t channel) {
    double mean = 1e-6;
    for (const auto& row : rows)
        mean += static_cast<double>(row[channel]) / static_cast<double>(rows.size());
    for (auto& row : rows)
        row[channel] = std::log(1 + 2 * row[channel] / static_cast<float>(mean));
}

void less_local_mean(std::vector<BarModel::Row>& rows, std::size_t channel) {
    const auto n = static_cast<std::ptrdiff_t>(rows.size());
    std::vector<double> sums(rows.size() + 1, 0.0);
    for (std::size_t i = 0; i < rows.size(); ++i)
        sums[i + 1] = sums[i] + static_cast<double>(rows[i][channel]);
    for (std::ptrdiff_t i = 0; i < n; ++i) {
        const auto from = std::max<std::ptrdiff_t>(i - 6, 0), until = std::min<std::ptrdiff_t>(i + 7, n);
        rows[static_cast<std::size_t>(i)][channel] -= static_cast<float>(
            (sums[static_cast<std::size_t>(until)] - sums[static_cast<std::size_t>(from)]) /
            static_cast<double>(until - from));
    }
}

constexpr std::size_t lanes = 8;
using PaddedRow = std::array<float, (bar_channels + lanes - 1) / lanes * lanes>;

float dot(const PaddedRow& a, const PaddedRow& b) {
    std::array<float, lanes> sums{};
    for (std::size_t c = 0; c < a.size(); c += lanes)
        for (std::size_t lane = 0; lane < lanes; ++lane)
            sums[lane] += a[c + lane] * b[c + lane];
    return ((sums[0] + sums[1]) + (sums[2] + sums[3])) + ((sums[4] + sums[5]) + (sums[6] + sums[7]));
}

/// How much more alike beats are that lie one or two bars apart than others: per beat, for each metre.
class Repetition {
public:
    explicit Repetition(const std::vector<BarModel::Row>& rows) : count_(rows.size()) {
        std::array<double, bar_channels> square{};
        for (const auto& row : rows)
            for (std::size_t c = 0; c < bar_channels; ++c)
                square[c] += static_cast<double>(row[c]) * static_cast<double>(row[c]) /
                             static_cast<double>(rows.size());
        std::array<float, bar_channels> scale{};
        for (std::size_t c = 0; c < bar_channels; ++c)
            scale[c] = 1 / static_cast<float>(std::sqrt(square[c] + 1e-6));
        std::vector<PaddedRow> unit(rows.size(), PaddedRow{});
        for (std::size_t i = 0; i < rows.size(); ++i) {
            for (std::size_t c = 0; c < bar_channels; ++c)
                unit[i][c] = rows[i][c] * scale[c];
            const float by = 1 / std::sqrt(1e-6f + dot(unit[i], unit[i]));
            for (float& v : unit[i])
                v *= by;
        }
        for (std::size_t lag = 2; lag < sums_.size(); ++lag) {
            sums_[lag].assign(rows.size() + 1, 0.0);
            for (std::size_t i = 0; i < rows.size(); ++i) {
                const float alike = i >= lag ? dot(unit[i], unit[i - lag]) : 0.0f;
                sums_[lag][i + 1] = sums_[lag][i] + static_cast<double>(alike);
            }
        }
    }
    [[nodiscard]] double at(std::size_t beat, int metre) const {
        const auto m = static_cast<std::size_t>(metre);
        double all = 0;
        for (std::size_t lag = 2; lag <= 8; ++lag)
            all += around(beat, lag) / 7;
        return 0.5 * (around(beat, m) + around(beat, 2 * m)) - all;
    }

    /// The same over the whole song.
    [[nodiscard]] double of_all(int metre) const {
        const auto mean = [&](std::size_t lag) {
            const auto pairs = count_ - std::min(count_, lag);
            return pairs < 4 ? 0.0 : sums_[lag][count_] / static_cast<double>(pairs);
        };
        const auto m = static_cast<std::size_t>(metre);
        double all = 0;
        for (std::size_t lag = 2; lag <= 8; ++lag)
            all += mean(lag) / 7;
        return 0.5 * (mean(m) + mean(2 * m)) - all;
    }

private:
    [[nodiscard]] double around(std::size_t beat, std::size_t lag) const {
        const std::size_t from = beat < 16 ? 0 : beat - 16, until = std::min(count_, beat + 17 + lag);
        return (sums_[lag][until] - sums_[lag][from]) / static_cast<double>(until - from);
    }
    std::size_t count_;
    std::array<std::vector<double>, 15> sums_; // by lag
};

struct Metre {
    int beats;
    double prior;       ///< log
    double per_bar = 0; ///< log; two or six beats are rather half a bar of four or two of three
};
constexpr Metre open_metres[] = {{4, 0, 0},     {3, -1.5, 0}, {5, -5, 0},
                                 {6, -5, -0.8}, {7, -6, 0},   {2, -6, -1.2}};
constexpr double change_of_metre = -12, on_the_first = 2, repetition_weight = 1.0;

} // namespace

BarModel::BarModel(const Features& features, const Accents& accents)
    : features_(features), accents_(accents) {}

std::vector<BarModel::Row> BarModel::measure(const BeatTrack& beats) const {
    const auto spectra = spectra_by_beat(features_, beats);
    static const BandSpan bass = bands_between(40, 260), mid = bands_between(260, 2400);
    std::vector<Row> rows(beats.size(), Row{});
    for (std::size_t i = 0; i < beats.size(); ++i) {
        auto& row = rows[i];
        const double here = beats[i];
        const double half = i + 1 < beats.size() ? 0.5 * (beats[i] + beats[i + 1])
                                                 : here + (i > 0 ? 0.5 * (beats[i] - beats[i - 1]) : 25.0);
        for (std::size_t a = 0; a < 8; ++a)
            row[a] = accents_.at(static_cast<Accent>(a), here);
        if (i > 0) {
            row[8] = change(spectra[i], spectra[i - 1], bass);
            row[9] = change(spectra[i], spectra[i - 1], mid);
            row[10] = std::max(0.0f, spectra[i].level - spectra[i - 1].level);
        }
        if (i > 1) {
            row[11] = change(spectra[i], spectra[i - 2], bass);
            row[12] = change(spectra[i], spectra[i - 2], mid);
        }
        row[13] = accents_.at(Accent::Bass, half);
        row[14] = accents_.at(Accent::SnareBand, half);
        row[15] = 2 * accents_.at(Accent::Kick, here);
        row[16] = 2 * accents_.at(Accent::Snare, here);
        row[17] = 2 * accents_.at(Accent::Hat, here);
        row[18] = 2 * accents_.at(Accent::Kick, half);
        row[19] = 2 * accents_.at(Accent::Snare, half);
        if (accents_.with_network()) {
            row[20] = 0.5f * log_odds(accents_.at(Accent::Downbeat, here));
            row[21] = 0.5f * log_odds(accents_.at(Accent::Beat, here));
        }
    }
    for (std::size_t c = 0; c < bar_channels; ++c) {
        if (c < 15)
            to_logs(rows, c);
        less_local_mean(rows, c);
    }
    return rows;
}

namespace {

/// How likely each beat is a first one, by its own row and its neighbours'.
std::vector<double> downbeat_chances(const std::vector<BarModel::Row>& rows, const BarWeights& weights) {
    std::vector<double> chances(rows.size());
    for (std::size_t i = 0; i < rows.size(); ++i) {
        double sum = weights.bias;
        for (std::size_t c = 0; c < bar_channels; ++c) {
            sum += weights.here[c] * static_cast<double>(rows[i][c]);
            if (i > 0)
                sum += weights.before[c] * static_cast<double>(rows[i - 1][c]);
            if (i + 1 < rows.size())
                sum += weights.after[c] * static_cast<double>(rows[i + 1][c]);
        }
        chances[i] = std::clamp(1 / (1 + std::exp(-sum)), 0.01, 0.99);
    }
    return chances;
}

/// The most likely way through the bars (Viterbi 1967). States: metre after metre, within each its places.
class BarPath {
public:
    BarPath(std::vector<Metre> metres, const std::vector<double>& chances,
            const std::vector<BarModel::Row>& rows)
        : metres_(std::move(metres)), beats_(chances.size()), repetition_(rows) {
        for (const auto& m : metres_)
            offset_.push_back(offset_.back() + static_cast<std::size_t>(m.beats));
        for (const double p : chances) {
            yes_.push_back(std::log(p));
            no_.push_back(std::log(1 - p));
        }
        value_.resize(states());
        from_.assign(states() * beats_, 0);
        for (std::size_t m = 0; m < metres_.size(); ++m)
            for (std::size_t place = 0; place < places(m); ++place)
                value_[offset_[m] + place] =
                    metres_[m].prior + (place == 0 ? on_the_first + yes_[0] : no_[0]);
        for (std::size_t i = 1; i < beats_; ++i)
            step(i);
    }

    /// Fills in where each beat lies in its bar, and how well all of it fits.
    void tell(BarFit& out) const {
        auto state =
            static_cast<std::size_t>(std::max_element(value_.begin(), value_.end()) - value_.begin());
        out.fit = value_[state] / static_cast<double>(beats_);
        out.place.resize(beats_);
        out.beats_in_bar.resize(beats_);
        for (std::size_t i = beats_; i-- > 0;) {
            std::size_t m = 0;
            while (state >= offset_[m + 1])
                ++m;
            out.place[i] = static_cast<int>(state - offset_[m]);
            out.beats_in_bar[i] = metres_[m].beats;
            if (i > 0)
                state = from_[i * states() + state];
        }
    }

private:
    [[nodiscard]] std::size_t states() const { return offset_.back(); }
    [[nodiscard]] std::size_t places(std::size_t metre) const {
        return static_cast<std::size_t>(metres_[metre].beats);
    }

    void step(std::size_t i) {
        std::vector<double> next(states());
        const bool look_for_repetition = metres_.size() > 1;
        for (std::size_t m = 0; m < metres_.size(); ++m) {
            const double again =
                look_for_repetition ? repetition_weight * repetition_.at(i, metres_[m].beats) : 0.0;
            for (std::size_t place = 1; place < places(m); ++place) {
                const std::size_t state = offset_[m] + place;
                next[state] = value_[state - 1] + no_[i] + again;
                from_[i * states() + state] = static_cast<std::uint8_t>(state - 1);
            }
            next[offset_[m]] = arrive(i, m) + yes_[i] + again + metres_[m].per_bar;
        }
        value_.swap(next);
    }

    /// At the first beat of a bar of that metre, from the last of whichever bar is best.
    double arrive(std::size_t i, std::size_t m) {
        double best = -1e300;
        for (std::size_t other = 0; other < metres_.size(); ++other) {
            const std::size_t last = offset_[other + 1] - 1;
            const double arriving =
                value_[last] + (other == m ? 0.0 : change_of_metre + 0.5 * metres_[m].prior);
            if (arriving > best) {
                best = arriving;
                from_[i * states() + offset_[m]] = static_cast<std::uint8_t>(last);
            }
        }
        return best;
    }

    std::vector<Metre> metres_;
    std::size_t beats_;
    Repetition repetition_;
    std::vector<std::size_t> offset_{0};
    std::vector<double> yes_, no_, value_;
    std::vector<std::uint8_t> from_;
};

/// How much likelier the first beats are than the others.
double contrast_of(const BarFit& fit) {
    double on = 0, off = 0;
    int on_count = 0, off_count = 0;
    for (std::size_t i = fit.place.size(); i-- > 0;) {
        (fit.place[i] == 0 ? on : off) += static_cast<double>(fit.downbeat_probability[i]);
        ++(fit.place[i] == 0 ? on_count : off_count);
    }
    return on_count == 0 || off_count == 0 ? 0 : on / on_count - off / off_count;
}

} // namespace

namespace {

/// One metre from the first beat to the last, and which beat of a bar the first one is.
struct Steady {
    int metre = 4, first_downbeat = 0;
};

// Fitted by training/fit_places.py on 455 songs with their true beats; what a song begins with counts for
// less than was best there, since made songs begin with a bar more often than others.
constexpr double by_likelihood = 1.4, by_contrast = 3.3, by_repetition = 5.0, by_beginning = 1.5;

double for_metre(int metre) {
    switch (metre) {
    case 3:
        return -0.20;
    case 2:
        return -1.93;
    case 5:
        return -1.23;
    case 6:
        return -2.94;
    case 7:
        return -1.72;
    default:
        return 0;
    }
}

double score_of(Steady bars, const std::vector<double>& chances, const Repetition& repetition) {
    const auto metre = static_cast<std::size_t>(bars.metre),
               first = static_cast<std::size_t>(bars.first_downbeat);
    double likelihood = 0, on = 0, off = 0;
    std::size_t count = 0;
    for (std::size_t i = 0; i < chances.size(); ++i) {
        const bool downbeat = i % metre == first;
        likelihood += std::log(downbeat ? chances[i] : 1 - chances[i]) / static_cast<double>(chances.size());
        (downbeat ? on : off) += chances[i];
        count += downbeat;
    }
    const double contrast = on / std::max<double>(1, static_cast<double>(count)) -
                            off / std::max<double>(1, static_cast<double>(chances.size() - count));
    return by_likelihood * likelihood + by_contrast * contrast +
           by_repetition * repetition.of_all(bars.metre) + (bars.first_downbeat == 0 ? by_beginning : 0) +
           for_metre(bars.metre);
}

} // namespace

BarFit BarModel::settled(const BeatTrack& beats, std::optional<int> beats_per_bar) const {
    BarFit out = fit(beats, beats_per_bar);
    const bool one_metre = std::adjacent_find(out.beats_in_bar.begin(), out.beats_in_bar.end(),
                                              std::not_equal_to<>()) == out.beats_in_bar.end();
    constexpr std::size_t fewest = 16;
    if (beats.size() < fewest || !one_metre)
        return out;
    const Repetition repetition(measure(beats));
    const std::vector<double> chances(out.downbeat_probability.begin(), out.downbeat_probability.end());
    Steady best;
    double most = -1e300;
    for (const auto& metre : open_metres)
        for (int first = 0; first < metre.beats; ++first) {
            if (beats_per_bar && metre.beats != *beats_per_bar)
                continue;
            if (const double score = score_of({metre.beats, first}, chances, repetition); score > most) {
                most = score;
                best = {metre.beats, first};
            }
        }
    if (most == -1e300) // a metre that only a person tells
        return out;
    for (std::size_t i = 0; i < out.place.size(); ++i) {
        out.place[i] = (static_cast<int>(i) - best.first_downbeat + best.metre) % best.metre;
        out.beats_in_bar[i] = best.metre;
    }
    out.contrast = contrast_of(out);
    return out;
}

BarFit BarModel::fit(const BeatTrack& beats, std::optional<int> beats_per_bar) const {
    BarFit out;
    if (beats.empty())
        return out;
    const auto rows = measure(beats);
    const auto chances = downbeat_chances(rows, bar_weights(accents_.with_network()));
    out.downbeat_probability.assign(chances.begin(), chances.end());
    std::vector<Metre> metres(std::begin(open_metres), std::end(open_metres));
    if (beats_per_bar)
        metres = {{*beats_per_bar, 0, 0}};
    BarPath(std::move(metres), chances, rows).tell(out);
    out.contrast = contrast_of(out);
    return out;
}

} // namespace pulsepin
