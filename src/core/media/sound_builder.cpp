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

Result<SoundBuilder> SoundBuilder::create_in(int descriptor, SoundFormat format, bool with_peaks) {
    auto store = SampleStoreWriter::create_in(descriptor, format);
    if (!store)
        return tl::unexpected(store.error());
    return SoundBuilder(format, *std::move(store), with_peaks);
}

Result<void> SoundBuilder::append(std::span<const float> interleaved) {
    if (auto written = store_.append(interleaved); !written)
        return written;
    for (const float value : interleaved)
        fingerprint_ = (fingerprint_ ^ std::bit_cast<std::uint32_t>(value)) * 0x100000001b3ULL;
    if (outline_)
        outline_->append(interleaved);
    return {};
}

Result<LoadedSound> SoundBuilder::finish() && {
    auto samples = store_.finish();
    if (!samples)
        return tl::unexpected(samples.error());
    LoadedSound sound;
    sound.samples = *samples;
    sound.fingerprint = fmt::format("{:016x}", fingerprint_);
    if (outline_)
        sound.outline = std::make_shared<const SoundOutline>(std::move(*outline_).finish());
    return sound;
}

} // namespace pulsepin
