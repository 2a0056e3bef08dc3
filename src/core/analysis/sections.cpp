// SPDX-License-Identifier: GPL-3.0-or-later
#include "analysis/sections.h"

#include "dsp/smoothing.h"

#include <algorithm>
#include <cmath>
#include <numeric>

namespace pulsepin {
namespace {

constexpr std::size_t harmony_parts = 60, rise_parts = Features::rise_bands / 2,
                      dimensions = harmony_parts + rise_parts;
constexpr double step_without_grid = 0.5; // seconds
constexpr int shortest_in_steps = 16;     // four bars of four
constexpr int kernel_reach = 32;
constexpr double alike = 0.72; // correlation of two sections' means from which on they share a letter
constexpr double drop_rise_db = 3.0;

/// What a beat of the song sounds like.
struct Moment {
    Seconds start;
    bool may_begin = true; ///< a section may begin here
    std::array<float, dimensions> sound{};
    double level_db = -90; ///< RMS of the moment
};

std::vector<Moment> empty_moments(const Features& f, const BeatGrid* grid) {
    std::vector<Moment> moments;
    if (!grid) {
        for (double t = 0; t < f.duration.value; t += step_without_grid)
            moments.push_back({Seconds(t), true, {}, -90});
        return moments;
    }
    const auto& beats = grid->beats();
    // What lies before the first beat and after the last is told in beats of the same length.
    const double first_step = beats[1].time.value - beats[0].time.value;
    for (auto k = static_cast<std::int64_t>(beats.front().time.value / first_step); k > 0; --k)
        moments.push_back(
            {beats.front().time - Seconds(static_cast<double>(k) * first_step), false, {}, -90});
    auto number = grid->first_beat();
    for (const auto& beat : beats)
        moments.push_back({beat.time, grid->is_downbeat(number++), {}, -90});
    const double last_step = beats.back().time.value - beats[beats.size() - 2].time.value;
    for (double t = beats.back().time.value + last_step; t < f.duration.value; t += last_step)
        moments.push_back({Seconds(t), grid->is_downbeat(number++), {}, -90});
    return moments;
}

/// Harmony, rises and level of what sounds until `end`.
void listen(const Features& f, Moment& m, Seconds end) {
    const auto span_of = [&](double rate, std::size_t frames) {
        const auto from = static_cast<std::size_t>(std::max(0.0, m.start.value * rate));
        const auto until = static_cast<std::size_t>(std::max(0.0, end.value * rate));
        return std::pair{std::min(from, frames), std::min(std::max(until, from + 1), frames)};
    };
    const auto [h_from, h_until] = span_of(f.harmony.frames_per_second, f.harmony.frames());
    for (auto t = h_from; t < h_until; ++t)
        for (std::size_t b = 0; b < harmony_parts; ++b)
            m.sound[b] += static_cast<float>(f.harmony.frame(t)[b]) * f.harmony.step /
                          static_cast<float>(h_until - h_from);
    const auto [r_from, r_until] = span_of(f.rises.frames_per_second, f.rises.frames());
    for (auto t = r_from; t < r_until; ++t)
        for (std::size_t b = 0; b < Features::rise_bands; ++b)
            m.sound[harmony_parts + b / 2] += 10 * static_cast<float>(f.rises.frame(t)[b]) * f.rises.step /
                                              static_cast<float>(r_until - r_from);
    const auto [l_from, l_until] = span_of(Features::slow_rate, f.rms.size());
    double squares = 0;
    for (auto t = l_from; t < l_until; ++t)
        squares += static_cast<double>(f.rms[t]) * static_cast<double>(f.rms[t]);
    m.level_db = 10 * std::log10(squares / std::max<double>(1, static_cast<double>(l_until - l_from)) + 1e-9);
}

/// Each dimension as its deviation from the song's mean; smoothed over a bar, since sections are not made of
/// beats.
std::vector<Moment> smoothed(const std::vector<Moment>& moments) {
    std::array<float, dimensions> mean{}, spread{};
    const auto n = static_cast<float>(moments.size());
    for (const auto& m : moments)
        for (std::size_t d = 0; d < dimensions; ++d)
            mean[d] += m.sound[d] / n;
    for (const auto& m : moments)
        for (std::size_t d = 0; d < dimensions; ++d)
            spread[d] += (m.sound[d] - mean[d]) * (m.sound[d] - mean[d]) / n;
    float typical = 0;
    for (const float s : spread)
        typical += s / static_cast<float>(dimensions);
    std::vector<Moment> smooth = moments;
    for (std::size_t i = 0; i < moments.size(); ++i) {
        const std::size_t from = i < 2 ? 0 : i - 2, until = std::min(moments.size(), i + 3);
        for (std::size_t d = 0; d < dimensions; ++d) {
            float sum = 0;
            for (std::size_t k = from; k < until; ++k)
                sum += moments[k].sound[d] - mean[d];
            smooth[i].sound[d] =
                sum / static_cast<float>(until - from) / std::sqrt(spread[d] + 0.25f * typical + 1e-9f);
        }
    }
    return smooth;
}

std::vector<Moment> moments_of(const Features& f, const BeatGrid* grid) {
    auto moments = empty_moments(f, grid);
    for (std::size_t i = 0; i < moments.size(); ++i)
        listen(f, moments[i], i + 1 < moments.size() ? moments[i + 1].start : f.duration);
    return smoothed(moments);
}

double correlation(const std::array<float, dimensions>& a, const std::array<float, dimensions>& b) {
    float dot = 0, aa = 1e-6f, bb = 1e-6f;
    for (std::size_t d = 0; d < dimensions; ++d) {
        dot += a[d] * b[d];
        aa += a[d] * a[d];
        bb += b[d] * b[d];
    }
    return static_cast<double>(dot / std::sqrt(aa * bb));
}

/// Per moment: how much more alike the stretches before and after are within themselves than with each other.
std::vector<float> corner_novelty(const std::vector<Moment>& moments) {
    const auto n = static_cast<int>(moments.size());
    const auto reach = std::min(kernel_reach, n / 4);
    std::vector<float> novelty(moments.size(), 0.0f);
    if (reach < 2)
        return novelty;
    // A band of the similarity matrix: [i][lag], lag below 2 * reach.
    const auto lags = static_cast<std::size_t>(2 * reach);
    std::vector<float> similar(moments.size() * lags, 0.0f);
    for (std::size_t i = 0; i < moments.size(); ++i)
        for (std::size_t lag = 0; lag < lags && i + lag < moments.size(); ++lag)
            similar[i * lags + lag] =
                static_cast<float>(correlation(moments[i].sound, moments[i + lag].sound));
    std::vector<float> taper(static_cast<std::size_t>(reach));
    for (int k = 0; k < reach; ++k)
        taper[static_cast<std::size_t>(k)] =
            std::exp(-2.0f * static_cast<float>(k * k) / static_cast<float>(reach * reach));
    for (int t = 1; t < n; ++t) {
        float sum = 0, weight = 0;
        for (int a = -reach; a < reach; ++a)
            for (int b = a + 1; b < reach; ++b) {
                const int i = t + a, j = t + b;
                if (i < 0 || j >= n)
                    continue;
                const auto k = [](int x) { return static_cast<std::size_t>(x < 0 ? -x - 1 : x); };
                const float w = taper[k(a)] * taper[k(b)];
                const bool same_side = (a < 0) == (b < 0);
                sum += (same_side ? w : -w) *
                       similar[static_cast<std::size_t>(i) * lags + static_cast<std::size_t>(j - i)];
                weight += w;
            }
        novelty[static_cast<std::size_t>(t)] = weight > 0 ? std::max(0.0f, sum / weight) : 0.0f;
    }
    return novelty;
}

double mean_level(const std::vector<Moment>& moments, std::size_t from, std::size_t until) {
    double sum = 0;
    for (std::size_t i = from; i < until; ++i)
        sum += moments[i].level_db;
    return until > from ? sum / static_cast<double>(until - from) : -90;
}

/// The section that begins with the largest rise of level, if what comes before it is thin.
void name_the_drop(const std::vector<Moment>& moments, const std::vector<std::size_t>& starts,
                   std::vector<Section>& sections) {
    std::vector<float> levels;
    for (const auto& m : moments)
        levels.push_back(static_cast<float>(m.level_db));
    const double usual = static_cast<double>(percentile(levels, 0.5));
    double largest = drop_rise_db;
    std::size_t drop = 0;
    for (std::size_t s = 1; s < sections.size(); ++s) {
        const std::size_t end = s + 1 < starts.size() ? starts[s + 1] : moments.size();
        const std::size_t before = std::max(starts[s - 1], starts[s] - std::min<std::size_t>(starts[s], 16));
        const double thin = mean_level(moments, before, starts[s]);
        const double rise = mean_level(moments, starts[s], std::min(end, starts[s] + 16)) - thin;
        const bool sounds_before = thin > -60;
        if (rise > largest && thin < usual && sounds_before) {
            largest = rise;
            drop = s;
        }
    }
    if (drop > 0)
        sections[drop].drop = true;
}

} // namespace

std::string section_letter(int letter) {
    std::string text;
    for (int left = letter; left >= 0; left = left / 26 - 1)
        text.insert(text.begin(), static_cast<char>('A' + left % 26));
    return text;
}

namespace {

/// Where a section may begin, and how much is new there.
struct Corner {
    std::size_t at;
    float height;
};

std::size_t nearest_bar(const std::vector<Moment>& moments, std::size_t at) {
    for (std::size_t d = 0; d < 8; ++d) {
        if (at + d < moments.size() && moments[at + d].may_begin)
            return at + d;
        if (at >= d && moments[at - d].may_begin)
            return at - d;
    }
    return at;
}

/// The highest ones that lie far enough from each other, in order of time.
std::vector<Corner> corners_of(const std::vector<Moment>& moments, const std::vector<float>& novelty) {
    const float mean =
        std::accumulate(novelty.begin(), novelty.end(), 0.0f) / static_cast<float>(novelty.size());
    const float least = std::max(0.05f, 1.3f * mean);
    std::vector<Corner> corners;
    for (std::size_t i = 1; i + 1 < novelty.size(); ++i)
        if (novelty[i] > least && novelty[i] >= novelty[i - 1] && novelty[i] > novelty[i + 1])
            corners.push_back({nearest_bar(moments, i), novelty[i]});
    std::stable_sort(corners.begin(), corners.end(),
                     [](const Corner& a, const Corner& b) { return a.height > b.height; });
    std::vector<Corner> kept;
    for (const auto& corner : corners) {
        const auto far = [&](const Corner& other) {
            return std::abs(static_cast<std::ptrdiff_t>(corner.at) - static_cast<std::ptrdiff_t>(other.at)) >=
                   shortest_in_steps / 2;
        };
        const bool inside =
            corner.at >= shortest_in_steps / 4 && corner.at + shortest_in_steps / 4 <= moments.size();
        if (inside && std::all_of(kept.begin(), kept.end(), far))
            kept.push_back(corner);
    }
    std::sort(kept.begin(), kept.end(), [](const Corner& a, const Corner& b) { return a.at < b.at; });
    return kept;
}

/// Sections that sound alike get the same letter.
void letter(std::vector<Section>& sections, const std::vector<Moment>& moments,
            const std::vector<std::size_t>& starts) {
    std::vector<std::array<float, dimensions>> means;
    int letters = 0;
    for (std::size_t s = 0; s < sections.size(); ++s) {
        const std::size_t end = s + 1 < starts.size() ? starts[s + 1] : moments.size();
        std::array<float, dimensions> sound{};
        for (std::size_t i = starts[s]; i < end; ++i)
            for (std::size_t d = 0; d < dimensions; ++d)
                sound[d] += moments[i].sound[d] / static_cast<float>(end - starts[s]);
        double closest = alike;
        int found = -1;
        for (std::size_t other = 0; other < means.size(); ++other)
            if (const double value = correlation(sound, means[other]); value > closest) {
                closest = value;
                found = sections[other].letter;
            }
        sections[s].letter = found >= 0 ? found : letters++;
        means.push_back(sound);
    }
}

} // namespace

std::vector<Section> find_sections(const Features& f, const BeatGrid* grid) {
    if (f.silent || f.duration.value < 1)
        return {};
    const auto moments = moments_of(f, grid);
    if (moments.empty())
        return {};
    std::vector<std::size_t> starts{0};
    std::vector<Section> sections{{Seconds(0), f.duration, 0, false, 1.0f}};
    for (const auto& corner : corners_of(moments, corner_novelty(moments))) {
        sections.back().end = moments[corner.at].start;
        sections.push_back(
            {moments[corner.at].start, f.duration, 0, false, std::min(1.0f, 2 * corner.height)});
        starts.push_back(corner.at);
    }
    letter(sections, moments, starts);
    name_the_drop(moments, starts, sections);
    return sections;
}

} // namespace pulsepin
