// SPDX-License-Identifier: GPL-3.0-or-later
#include "analysis/drum_hits.h"
#include "analysis/onsets.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace pulsepin {
namespace {

DetectionCurve on_fast_clock(const std::vector<float>& values, float least) {
    return {.values = values, .least = least};
}

DetectionCurve on_slow_clock(const std::vector<float>& values, float least) {
    return {.values = values,
            .rate = Features::slow_rate,
            .first = Seconds(Features::slow_time(0)),
            .least = least,
            .reach = Seconds(0.02)};
}

/// What a network tells.
DetectionCurve heard(const std::vector<float>& log_odds, float least_probability) {
    return {.values = log_odds,
            .rate = Features::slow_rate,
            .first = Seconds(Features::activation_time(0)),
            .least = std::log(least_probability / (1 - least_probability)),
            .per_sensitivity = 5,
            .above_surroundings = false,
            .to_the_attack = true,
            .reach = Seconds(0.02)};
}

const std::vector<float>& band(const Features& f, Band kind) {
    return f.bands[static_cast<std::size_t>(kind)];
}

/// Where the level of the next 400 ms lies above or below that of the last, in dB.
std::vector<float> level_steps(const Features& f) {
    constexpr std::size_t span = 40;
    std::vector<double> sums(f.rms.size() + 1, 0.0);
    for (std::size_t i = 0; i < f.rms.size(); ++i)
        sums[i + 1] = sums[i] + static_cast<double>(f.rms[i]) * static_cast<double>(f.rms[i]);
    std::vector<float> out(f.rms.size(), 0.0f);
    const auto level = [&](std::size_t from, std::size_t until) {
        return 10 * std::log10((sums[until] - sums[from]) / static_cast<double>(until - from) + 1e-7);
    };
    for (std::size_t i = span; i + span < f.rms.size(); ++i)
        out[i] = static_cast<float>(std::abs(level(i, i + span) - level(i - span, i)));
    return out;
}

DetectionCurve by_flux(const Features& f) {
    return on_fast_clock(f.flux, 0.010f);
}

DetectionCurve by_everything(const Features& f) {
    if (f.activations[Activation::Onset].empty())
        return by_flux(f);
    auto curve = heard(f.activations[Activation::Onset], 0.24f);
    auto elsewhere = by_flux(f); // speech, noise and swells rise all the time; what stands out of that starts
    elsewhere.times_surroundings = 3;
    elsewhere.reach = Seconds(0.06);
    curve.elsewhere = {std::move(elsewhere)};
    return curve;
}

/// How much rises where vowels are strong, within 90 ms (weighed by a cosine), against what usually does: the
/// loudness of that region swells once a syllable (Mermelstein, JASA 58(4), 1975).
std::vector<float> vowel_rise(const Features& f) {
    constexpr double from_hz = 400, until_hz = 2800;
    constexpr std::ptrdiff_t half = 4;
    const auto frames = static_cast<std::ptrdiff_t>(f.rises.frames());
    std::vector<float> rise(f.rises.frames(), 0.0f), smooth(rise);
    for (std::size_t i = 0; i < rise.size(); ++i)
        for (std::size_t b = 0; b < f.rises.bands; ++b)
            if (const double hz = Features::rise_band_hz(b); hz >= from_hz && hz <= until_hz)
                rise[i] += static_cast<float>(f.rises.frame(i)[b]) * f.rises.step;
    double squares = 0;
    int risen = 0;
    for (std::ptrdiff_t i = 0; i < frames; ++i) {
        double sum = 0;
        for (auto k = std::max<std::ptrdiff_t>(-half, -i); k <= std::min(half, frames - 1 - i); ++k)
            sum += static_cast<double>(rise[static_cast<std::size_t>(i + k)]) *
                   (1 + std::cos(std::numbers::pi * static_cast<double>(k) / (half + 1)));
        smooth[static_cast<std::size_t>(i)] = static_cast<float>(sum);
        squares += sum * sum;
        risen += sum > 0 ? 1 : 0;
    }
    if (risen > 0)
        for (float& v : smooth)
            v /= static_cast<float>(std::sqrt(squares / risen));
    return smooth;
}

DetectionCurve by_syllable(const Features& f) {
    auto curve = on_slow_clock(vowel_rise(f), 0.6f);
    curve.above_surroundings = false;
    curve.to_the_attack = false; // which is that of the consonant
    curve.reach = Seconds(0.06);
    return curve;
}

/// What the network of drums tells, weighed in this song; without it what rises in a band, for the three that
/// have one of their own.
template <Drum drum>
DetectionCurve by_drum(const Features& f) {
    struct Rise {
        std::optional<Band> band;
        float least;
    };
    constexpr std::array<Rise, drum_count> without_network{
        {{Band::Bass, 1.2f}, {Band::Snare, 1.5f}, {Band::High, 0.8f}, {}, {}, {}, {}}};
    if (!f.drums.empty())
        return heard(weighed_hits(f, drum), 0.5f);
    constexpr Rise rise = without_network[static_cast<std::size_t>(drum)];
    return rise.band ? on_slow_clock(band(f, *rise.band), rise.least) : DetectionCurve{};
}

template <Band kind>
std::vector<float> rise_of(const Features& f) {
    return band(f, kind);
}

constexpr OnsetFunction table[] = {
    {"full", "All that starts", by_everything, [](const Features& f) { return f.raw; }},
    {"kick", "Kick", by_drum<Drum::Kick>, rise_of<Band::Bass>},
    {"snare", "Snare", by_drum<Drum::Snare>, rise_of<Band::Snare>},
    {"hat", "Hat", by_drum<Drum::Hat>, rise_of<Band::High>},
    {"tom", "Toms", by_drum<Drum::Tom>, rise_of<Band::LowMid>},
    {"ride", "Ride cymbal", by_drum<Drum::Ride>, rise_of<Band::High>},
    {"crash", "Crash cymbals", by_drum<Drum::Crash>, rise_of<Band::High>},
    {"clap", "Clap or rim", by_drum<Drum::Clap>, rise_of<Band::Snare>},
    {"syllables", "Syllables, in speech", by_syllable, vowel_rise},
    {"flux", "Rising spectrum", by_flux, [](const Features& f) { return f.raw; }},
    {"energy", "Rising energy", [](const Features& f) { return on_fast_clock(f.energy_rise, 1.0f); },
     [](const Features& f) { return f.raw; }},
    {"high", "High-frequency content", [](const Features& f) { return on_fast_clock(f.high_rise, 1.5f); },
     [](const Features& f) { return band(f, Band::High); }},
    {"complex", "Change of pitch or level",
     [](const Features& f) {
         float mean = 1e-9f;
         for (const float v : f.surprise)
             mean += v / static_cast<float>(f.sounds_until - f.sounds_from);
         auto curve = on_slow_clock(f.surprise, 0.25f);
         for (float& v : curve.values)
             v /= mean;
         return curve;
     },
     [](const Features& f) { return f.raw; }},
    {"bass", "Bass band", [](const Features& f) { return on_slow_clock(band(f, Band::Bass), 0.8f); },
     [](const Features& f) { return band(f, Band::Bass); }},
    {"mid", "Middle band", [](const Features& f) { return on_slow_clock(band(f, Band::Mid), 0.8f); },
     [](const Features& f) { return band(f, Band::Mid); }},
    {"air", "High band", [](const Features& f) { return on_slow_clock(band(f, Band::High), 0.8f); },
     [](const Features& f) { return band(f, Band::High); }},
    {"step", "Jumps of volume",
     [](const Features& f) {
         auto curve = on_slow_clock(level_steps(f), 6.0f);
         curve.above_surroundings = false;
         curve.to_the_attack = false;
         curve.reach = Seconds(0.4);
         return curve;
     },
     level_steps},
};

} // namespace

std::span<const OnsetFunction> onset_functions() {
    return table;
}

const OnsetFunction* onset_function(std::string_view id) {
    const auto* found = std::find_if(std::begin(table), std::end(table),
                                     [&](const OnsetFunction& function) { return function.id == id; });
    return found == std::end(table) ? nullptr : found;
}

} // namespace pulsepin
