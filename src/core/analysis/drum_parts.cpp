// SPDX-License-Identifier: GPL-3.0-or-later
#include "analysis/drum_parts.h"

#include "analysis/analyze.h"
#include "analysis/drum_strokes.h"
#include "media/masked_sound.h"
#include "media/sound_part.h"

#include <algorithm>
#include <cmath>

namespace pulsepin {
namespace {

constexpr double low_until_hz = 170; // up to where bass and kick are
constexpr double learned_from = 16;  // seconds of each stretch that shapes are learned from
constexpr std::size_t most_stretches = 6;

struct DrumTimes {
    std::array<std::vector<std::ptrdiff_t>, drum_count> frames; ///< where the shapes of the strokes begin
};

Result<DrumTimes> drum_times(const SampleStore& sound, const SeparationShape& shape,
                             const Progress& progress) {
    auto heard = extract_features(sound, {.rhythm = true, .drums = true, .loudness = false}, progress);
    if (!heard)
        return tl::unexpected(heard.error());
    const auto rate = static_cast<double>(sound.format().sample_rate);
    DrumTimes times;
    for (std::size_t drum = 0; drum < drum_count; ++drum) {
        OnsetSettings settings;
        settings.function = drum_names[drum];
        for (const Onset& hit : OnsetFinder(heard->features, settings.function).find(settings)) {
            // Frame f is centred on sample f * hop + window / 2.
            const double frame = (hit.time.value * rate - static_cast<double>(shape.window) / 2) /
                                 static_cast<double>(shape.hop);
            times.frames[drum].push_back(static_cast<std::ptrdiff_t>(std::lround(frame)) - DrumShapes::lead);
        }
    }
    return times;
}

DrumStretch stretch_of(const DrumTimes& times, std::vector<float> magnitudes, std::size_t bins,
                       std::int64_t first, std::size_t reach) {
    DrumStretch stretch;
    stretch.bins = bins;
    stretch.magnitudes = std::move(magnitudes);
    const auto last = first + static_cast<std::int64_t>(stretch.frames());
    for (std::size_t drum = 0; drum < drum_count; ++drum) {
        const auto& all = times.frames[drum];
        const auto from = std::lower_bound(all.begin(), all.end(), first - static_cast<std::int64_t>(reach));
        for (auto at = from; at != all.end() && *at < last; ++at)
            stretch.strokes[drum].push_back({*at - first});
    }
    return stretch;
}

/// Stretches spread over the whole sound.
DrumShapes learned_shapes(const SoundSide& side, const DrumTimes& times, const SeparationShape& shape,
                          std::int64_t frames, double rate) {
    const double per_second = rate / static_cast<double>(shape.hop);
    const auto low =
        static_cast<std::size_t>(std::lround(low_until_hz / rate * static_cast<double>(shape.window)));
    DrumShapes shapes(per_second, low);
    const auto length = std::min(frames, static_cast<std::int64_t>(learned_from * per_second));
    const auto count = static_cast<std::size_t>(std::clamp<std::int64_t>(
        frames / std::max<std::int64_t>(1, length), 1, static_cast<std::int64_t>(most_stretches)));
    std::vector<DrumStretch> stretches;
    for (std::size_t i = 0; i < count; ++i) {
        const auto room = frames - length;
        const auto first = count == 1
                               ? room / 2
                               : room * static_cast<std::int64_t>(i) / static_cast<std::int64_t>(count - 1);
        stretches.push_back(stretch_of(times, magnitudes_of(side, shape, first, first + length),
                                       shape.window / 2 + 1, first, 0));
    }
    shapes.learn(stretches);
    return shapes;
}

float sharpened(float value) {
    return value * std::sqrt(value);
}

/// How much of each bin is of the wanted kind, of the frames of the stretch but `around` at either end.
std::vector<float> shares(const DrumStretch& stretch, std::span<const SoundKind> kinds, std::size_t around,
                          SoundKind wanted) {
    std::vector<float> out(kinds.size());
    for (std::size_t i = 0; i < out.size(); ++i) {
        const std::size_t at = i + around * stretch.bins;
        const float drums = stretch.drums[at], going_on = stretch.going_on[at];
        const float rest = std::max(0.0f, stretch.magnitudes[at] - drums - going_on);
        const float of[] = {sharpened(drums), sharpened(going_on), sharpened(rest)};
        const float whole = of[0] + of[1] + of[2];
        if (!(whole > 0)) {
            out[i] = wanted == SoundKind::Residual ? 1.0f : 0.0f;
            continue;
        }
        const float mine = (wanted == SoundKind::Percussive ? of[0] : 0) +
                           (wanted == SoundKind::Harmonic ? of[1] : 0) + (kinds[i] == wanted ? of[2] : 0);
        out[i] = mine / whole;
    }
    return out;
}

} // namespace

Result<LoadedSound> part_by_drums(const SampleStore& sound, const std::string& part,
                                  const std::string& side_name, const Progress& progress) {
    const auto rate = static_cast<double>(sound.format().sample_rate);
    const SeparationShape shape = separation_shape(rate);
    const auto times = drum_times(sound, shape, progress.part(0, 0.25));
    if (!times)
        return tl::unexpected(times.error());
    const SoundSide side(sound, side_name);
    const auto frames = sound.length().value / static_cast<std::int64_t>(shape.hop) + 1;
    const DrumShapes shapes = learned_shapes(side, *times, shape, frames, rate);
    if (!shapes.any())
        return sound_part(sound, {part, side_name}, progress.part(0.3, 1));
    const SoundKind wanted = part == "percussive" ? SoundKind::Percussive
                             : part == "harmonic" ? SoundKind::Harmonic
                                                  : SoundKind::Residual;
    const std::size_t around = shapes.reach(), beside = shape.in_time / 2;
    const auto weights = [&](std::span<const float> magnitudes, std::size_t bins, std::int64_t first,
                             std::int64_t) {
        auto stretch = stretch_of(*times, {magnitudes.begin(), magnitudes.end()}, bins,
                                  first - static_cast<std::int64_t>(around), around);
        shapes.explain(stretch);
        const std::size_t beyond = (around - beside) * bins;
        const auto kinds =
            kinds_of_bins(magnitudes.subspan(beyond, magnitudes.size() - 2 * beyond), bins, shape);
        return shares(stretch, kinds, around, wanted);
    };
    return masked_sound(sound, side_name, shape, {around, weights}, progress.part(0.35, 1));
}

} // namespace pulsepin
