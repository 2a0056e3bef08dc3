// SPDX-License-Identifier: GPL-3.0-or-later
#include "media/sound_outline.h"

#include "base/kept_file.h"

namespace pulsepin {
namespace {

constexpr std::string_view version = "Pulse Pin outline 1"; // to be raised whenever Peaks change

constexpr auto each_field = [](auto& archive, auto& outline) {
    archive(outline.sample_rate);
    each_field_of_peaks(archive, outline.mean);
    auto channels = static_cast<std::uint8_t>(outline.channels.size());
    archive(channels);
    if constexpr (requires { outline.channels.resize(channels); })
        outline.channels.resize(channels);
    for (auto& channel : outline.channels)
        each_field_of_peaks(archive, channel);
};

} // namespace

void OutlineBuilder::append(std::span<const float> interleaved) {
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

SoundOutline OutlineBuilder::finish() && {
    SoundOutline outline{format_.sample_rate, std::move(mean_).finish(), {}};
    if (format_.channels == 2)
        for (auto& channel : each_)
            outline.channels.push_back(std::move(channel).finish());
    return outline;
}

SoundOutline outline_of(const SampleStore& sound) {
    const auto channels = static_cast<std::size_t>(sound.format().channels);
    const auto all = sound.interleaved();
    OutlineBuilder builder(sound.format());
    constexpr std::size_t block = 1 << 16;
    for (std::size_t at = 0; at < all.size(); at += block * channels)
        builder.append(all.subspan(at, std::min(block * channels, all.size() - at)));
    sound.give_back_memory();
    return std::move(builder).finish();
}

Result<void> save_outline(const SoundOutline& outline, std::string_view fingerprint,
                          const std::filesystem::path& path) {
    return save_kept(outline, version, fingerprint, path, each_field);
}

Result<SoundOutline> load_outline(std::string_view fingerprint, const std::filesystem::path& path) {
    return load_kept<SoundOutline>(version, fingerprint, path, each_field);
}

} // namespace pulsepin
