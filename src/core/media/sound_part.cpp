// SPDX-License-Identifier: GPL-3.0-or-later
#include "media/sound_part.h"

#include "base/in_order.h"
#include "dsp/biquad.h"
#include "media/masked_sound.h"
#include "media/sound_builder.h"

#include <algorithm>
#include <cmath>
#include <fmt/core.h>

namespace pulsepin {
namespace {

Result<void> append(SoundBuilder& builder, const Channels& channels, std::size_t from, std::size_t until) {
    std::vector<float> interleaved;
    interleaved.reserve((until - from) * channels.size());
    for (std::size_t i = from; i < until; ++i)
        for (const auto& channel : channels)
            interleaved.push_back(channel[i]);
    return builder.append(interleaved);
}

Result<LoadedSound> separated(const SampleStore& sound, const std::string& side, SoundKind wanted,
                              const Progress& progress) {
    const auto shape = separation_shape(static_cast<double>(sound.format().sample_rate));
    const auto weights = [&](std::span<const float> magnitudes, std::size_t bins, std::int64_t,
                             std::int64_t) {
        const auto kinds = kinds_of_bins(magnitudes, bins, shape);
        std::vector<float> share(kinds.size());
        std::transform(kinds.begin(), kinds.end(), share.begin(),
                       [&](SoundKind kind) { return kind == wanted ? 1.0f : 0.0f; });
        return share;
    };
    return masked_sound(sound, side, shape, {shape.in_time / 2, weights}, progress);
}

/// One side, or a band of it.
Result<LoadedSound> filtered(const SampleStore& sound, const std::string& side_name, double from_hz,
                             double until_hz, const Progress& progress) {
    const SoundSide side(sound, side_name);
    const auto rate = static_cast<double>(sound.format().sample_rate);
    auto builder = SoundBuilder::create({sound.format().sample_rate, static_cast<int>(side.channels())});
    if (!builder)
        return tl::unexpected(builder.error());
    const auto sections = band_pass_sections(from_hz, until_hz, rate);
    const auto block = static_cast<std::int64_t>(8 * rate), length = sound.length().value;
    const auto margin = static_cast<std::int64_t>(0.75 * rate); // what the filters need to settle
    const auto blocks = static_cast<std::size_t>((length + block - 1) / block);
    auto done = in_order(
        blocks, progress,
        [&](std::size_t i) {
            const auto from = static_cast<std::int64_t>(i) * block, until = std::min(length, from + block);
            Channels channels;
            side.read(from - margin, until + margin, channels);
            std::vector<double> signal;
            for (auto& channel : channels) {
                if (!sections.empty()) {
                    signal.assign(channel.begin(), channel.end());
                    run_forward(sections, signal);
                    run_backward(sections, signal);
                    std::transform(signal.begin(), signal.end(), channel.begin(),
                                   [](double value) { return static_cast<float>(value); });
                }
                channel.erase(channel.begin(), channel.begin() + margin);
                channel.resize(static_cast<std::size_t>(until - from));
            }
            return channels;
        },
        [&](std::size_t, const Channels& channels) {
            sound.give_back_memory();
            return append(*builder, channels, 0, channels.front().size());
        });
    if (!done)
        return tl::unexpected(done.error());
    return std::move(*builder).finish();
}

} // namespace

Result<LoadedSound> sound_part(const SampleStore& sound, const SoundPartSpec& spec,
                               const Progress& progress) {
    if (spec.part == "vocal") {
        // A band within a band: the narrower limits count.
        const double from = std::max(spec.from_hz, vocal_from_hz);
        const double until = spec.until_hz > 0 ? std::min(spec.until_hz, vocal_until_hz) : vocal_until_hz;
        return filtered(sound, spec.side, from, std::max(until, from), progress);
    }
    if (spec.part == "whole")
        return filtered(sound, spec.side, spec.from_hz, spec.until_hz, progress);
    const SoundKind kind = spec.part == "percussive" ? SoundKind::Percussive
                           : spec.part == "harmonic" ? SoundKind::Harmonic
                                                     : SoundKind::Residual;
    const bool band = spec.from_hz > 0 || spec.until_hz > 0;
    auto part = separated(sound, spec.side, kind, progress.part(0, band ? 0.8 : 1));
    if (!part || !band)
        return part;
    return filtered(*part->samples, "both", spec.from_hz, spec.until_hz, progress.part(0.8, 1));
}

std::string key_of(const SoundPartSpec& spec) {
    return fmt::format("{} of {}, {} to {} Hz", spec.part, spec.side, spec.from_hz, spec.until_hz);
}

} // namespace pulsepin
