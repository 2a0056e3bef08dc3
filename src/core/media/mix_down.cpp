// SPDX-License-Identifier: GPL-3.0-or-later
#include "media/mix_down.h"

#include "media/sound_builder.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace pulsepin {

float fade_gain(FadeShape shape, double share) {
    share = std::clamp(share, 0.0, 1.0);
    return static_cast<float>(shape == FadeShape::Linear ? share : std::sin(share * std::numbers::pi / 2));
}

void add_part(const MixPart& part, Samples from, std::span<float> stereo) {
    if (!part.samples)
        return;
    const auto frames = static_cast<std::int64_t>(stereo.size() / 2);
    const auto samples = part.samples->interleaved();
    const auto channels = static_cast<std::size_t>(part.samples->format().channels);
    const auto first = std::max<std::int64_t>(0, part.start.value - from.value);
    const auto last = std::min(frames, part.start.value + part.length.value - from.value);
    for (auto i = first; i < last; ++i) {
        const auto into = from.value + i - part.start.value;
        const auto at = part.in.value + into;
        if (at < 0 || at >= part.samples->length().value)
            continue;
        float gain = part.gain;
        if (into < part.fade_in.value)
            gain *=
                fade_gain(part.shape_in, static_cast<double>(into) / static_cast<double>(part.fade_in.value));
        if (const auto left = part.length.value - into; left < part.fade_out.value)
            gain *= fade_gain(part.shape_out,
                              static_cast<double>(left) / static_cast<double>(part.fade_out.value));
        const auto base = static_cast<std::size_t>(at) * channels;
        stereo[static_cast<std::size_t>(2 * i)] += gain * samples[base];
        stereo[static_cast<std::size_t>(2 * i + 1)] += gain * samples[base + channels - 1];
    }
}

Result<LoadedSound> mix_down(const std::vector<MixPart>& parts, std::int64_t sample_rate, Samples length,
                             const Progress& progress) {
    auto builder = SoundBuilder::create({sample_rate, 2});
    if (!builder)
        return tl::unexpected(builder.error());
    constexpr std::int64_t block = 1 << 15;
    std::vector<float> stereo;
    for (std::int64_t at = 0; at < length.value; at += block) {
        if (progress.cancelled())
            return fail_cancelled();
        stereo.assign(static_cast<std::size_t>(2 * std::min(block, length.value - at)), 0.0f);
        for (const auto& part : parts)
            add_part(part, Samples(at), stereo);
        if (auto added = builder->append(stereo); !added)
            return tl::unexpected(added.error());
        progress.report(static_cast<double>(at) / static_cast<double>(length.value));
        if (at / block % 128 == 127)
            for (const auto& part : parts)
                if (part.samples)
                    part.samples->give_back_memory();
    }
    return std::move(*builder).finish();
}

} // namespace pulsepin
