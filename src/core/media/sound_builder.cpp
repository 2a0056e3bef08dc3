// SPDX-License-Identifier: GPL-3.0-or-later
#include "media/sound_builder.h"

#include <bit>
#include <fmt/core.h>

namespace pulsepin {

Result<SoundBuilder> SoundBuilder::create(SoundFormat format, bool with_peaks) {
    auto store = SampleStoreWriter::create(format);
    if (!store)
        return tl::unexpected(store.error());
    return SoundBuilder(format, *std::move(store), with_peaks);
}

void SoundBuilder::add_peaks(std::span<const float> interleaved) {
    if (format_.channels == 1)
        return mean_.append(interleaved);
    work_.resize(interleaved.size() / 2);
    for (std::size_t channel = 0; channel < 2; ++channel) {
        for (std::size_t i = 0; i < work_.size(); ++i)
            work_[i] = interleaved[2 * i + channel];
        each_[channel].append(work_);
    }
    for (std::size_t i = 0; i < work_.size(); ++i)
        work_[i] = 0.5f * (interleaved[2 * i] + interleaved[2 * i + 1]);
    mean_.append(work_);
}

Result<void> SoundBuilder::append(std::span<const float> interleaved) {
    if (auto written = store_.append(interleaved); !written)
        return written;
    for (const float value : interleaved)
        fingerprint_ = (fingerprint_ ^ std::bit_cast<std::uint32_t>(value)) * 0x100000001b3ULL;
    if (with_peaks_)
        add_peaks(interleaved);
    return {};
}

Result<LoadedSound> SoundBuilder::finish() && {
    auto samples = store_.finish();
    if (!samples)
        return tl::unexpected(samples.error());
    LoadedSound sound;
    sound.samples = *samples;
    sound.fingerprint = fmt::format("{:016x}", fingerprint_);
    if (!with_peaks_)
        return sound;
    SoundOutline outline{format_.sample_rate, std::move(mean_).finish(), {}};
    if (format_.channels == 2)
        for (auto& channel : each_)
            outline.channels.push_back(std::move(channel).finish());
    sound.outline = std::make_shared<const SoundOutline>(std::move(outline));
    return sound;
}

} // namespace pulsepin
