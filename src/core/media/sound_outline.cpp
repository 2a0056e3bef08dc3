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

Result<void> save_outline(const SoundOutline& outline, std::string_view fingerprint,
                          const std::filesystem::path& path) {
    return save_kept(outline, version, fingerprint, path, each_field);
}

Result<SoundOutline> load_outline(std::string_view fingerprint, const std::filesystem::path& path) {
    return load_kept<SoundOutline>(version, fingerprint, path, each_field);
}

} // namespace pulsepin
