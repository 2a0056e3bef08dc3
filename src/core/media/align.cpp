// SPDX-License-Identifier: GPL-3.0-or-later
#include "media/align.h"

#include "dsp/real_fft.h"

#include <algorithm>
#include <bit>
#include <cmath>

namespace pulsepin {
namespace {

constexpr double template_seconds = 30, farthest_seconds = 60;
constexpr float evened = 0.75f; // 0: not at all; 1: phases alone

/// Where the loudest stretch of so many samples begins; looked for in steps of a quarter of a second.
std::int64_t loudest(const SampleStore& sound, std::int64_t length) {
    const std::int64_t step = std::max<std::int64_t>(1, sound.format().sample_rate / 4);
    const auto steps = static_cast<std::size_t>(sound.length().value / step);
    std::vector<double> powers(steps + 1, 0.0);
    std::vector<float> block(static_cast<std::size_t>(step));
    for (std::size_t i = 0; i < steps; ++i) {
        sound.read_mono(Samples(static_cast<std::int64_t>(i) * step), block);
        double power = 0;
        for (const float value : block)
            power += static_cast<double>(value) * static_cast<double>(value);
        powers[i + 1] = powers[i] + power;
    }
    const auto wide = static_cast<std::size_t>(length / step);
    std::size_t best = 0;
    for (std::size_t i = 0; i + wide <= steps; ++i)
        if (powers[i + wide] - powers[i] > powers[best + std::min(wide, steps - best)] - powers[best])
            best = i;
    return static_cast<std::int64_t>(best) * step;
}

std::vector<std::complex<float>> spectrum_of(const SampleStore& sound, std::int64_t from, std::int64_t length,
                                             RealFft& fft) {
    const auto input = fft.input();
    std::fill(input.begin(), input.end(), 0.0f);
    sound.read_mono(Samples(from), input.first(static_cast<std::size_t>(length)));
    const auto spectrum = fft.transform();
    return {spectrum.begin(), spectrum.end()};
}

/// How much all of both is alike when what happens at n in the first happens at n + later in the second.
double product_at(const SampleStore& first, const SampleStore& second, std::int64_t later) {
    constexpr std::int64_t block = 1 << 16;
    std::vector<float> a(block), b(block);
    double sum = 0;
    for (std::int64_t at = std::max<std::int64_t>(0, -later);
         at < std::min(first.length().value, second.length().value - later); at += block) {
        first.read_mono(Samples(at), a);
        second.read_mono(Samples(at + later), b);
        float part = 0;
        for (std::size_t i = 0; i < a.size(); ++i)
            part += a[i] * b[i];
        sum += static_cast<double>(part);
    }
    return sum;
}

} // namespace

Result<Alignment> align(const SampleStore& first, const SampleStore& second, const Progress& progress) {
    const auto rate = first.format().sample_rate;
    if (second.format().sample_rate != rate)
        return fail("Two sounds of different sample rates cannot be laid over each other.");
    const auto samples = [rate](double seconds) {
        return static_cast<std::int64_t>(seconds * static_cast<double>(rate));
    };
    const std::int64_t length = std::min(second.length().value, samples(template_seconds));
    const std::int64_t from = loudest(second, length), farthest = samples(farthest_seconds);
    // What lies at from + n in the second lies somewhere in [from - farthest, from + farthest + length) of
    // the first.
    const std::int64_t begin = std::max<std::int64_t>(0, from - farthest);
    const std::int64_t end = std::min(first.length().value, from + farthest + length);
    if (end <= begin || length <= 0)
        return Alignment{};
    RealFft fft(std::bit_ceil(static_cast<std::size_t>(end - begin + length)));
    const auto searched = spectrum_of(first, begin, end - begin, fft);
    progress.report(0.4);
    if (progress.cancelled())
        return fail_cancelled();
    const auto wanted = spectrum_of(second, from, length, fft);
    progress.report(0.7);
    if (progress.cancelled())
        return fail_cancelled();
    InverseRealFft back(fft.length());
    const auto product = back.input();
    for (std::size_t i = 0; i < product.size(); ++i) {
        const std::complex<float> both = searched[i] * std::conj(wanted[i]);
        product[i] = both / std::pow(std::max(std::abs(both), 1e-12f), evened);
    }
    const auto correlation = back.transform();
    // Index k: the second's template begins at begin + k in the first; those from the end on are before it.
    const auto count = static_cast<std::int64_t>(correlation.size());
    const auto at = [&](std::int64_t k) {
        return correlation[static_cast<std::size_t>((k + count) % count)];
    };
    const std::int64_t lowest = -length + 1, highest = end - begin - 1;
    std::int64_t best = lowest;
    double power = 0;
    for (std::int64_t k = lowest; k <= highest; ++k) {
        power += static_cast<double>(at(k)) * static_cast<double>(at(k));
        if (at(k) > at(best))
            best = k;
    }
    const double mean = std::sqrt(power / static_cast<double>(highest - lowest + 1));
    if (mean <= 0)
        return Alignment{};
    const double clarity = static_cast<double>(at(best)) / mean;
    // A loop that comes again fits at each of its turns: all of both recordings decide between them.
    std::vector<std::int64_t> candidates;
    const auto apart = samples(0.02);
    for (std::int64_t k = lowest + 1; k < highest; ++k)
        if (at(k) > 0.7f * at(best) && at(k) >= at(k - 1) && at(k) > at(k + 1)) {
            if (!candidates.empty() && k - candidates.back() < apart) {
                if (at(k) > at(candidates.back()))
                    candidates.back() = k;
                continue;
            }
            candidates.push_back(k);
        }
    if (candidates.size() > 1) {
        std::sort(candidates.begin(), candidates.end(),
                  [&](std::int64_t a, std::int64_t b) { return at(a) > at(b); });
        constexpr std::size_t most = 48;
        candidates.resize(std::min(candidates.size(), most));
        double together = -1;
        for (const std::int64_t k : candidates) {
            if (progress.cancelled())
                return fail_cancelled();
            if (const double alike = product_at(first, second, from - (begin + k)); alike > together) {
                together = alike;
                best = k;
            }
        }
    }
    progress.report(1);
    return Alignment{Samples(from - (begin + best)), clarity};
}

} // namespace pulsepin
