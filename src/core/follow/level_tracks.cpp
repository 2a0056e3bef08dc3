// SPDX-License-Identifier: GPL-3.0-or-later
//
// Levels that were measured, in memory and on the disk.
#include "base/kept_file.h"
#include "follow/level_track.h"

#include <fmt/core.h>

namespace pulsepin {
namespace {

constexpr std::string_view version =
    "Pulse Pin level 2"; // to be raised whenever levels are measured otherwise

constexpr auto each_field = [](auto& archive, auto& track) {
    archive(track.per_second);
    archive(track.values);
};

} // namespace

Result<std::shared_ptr<const LevelTrack>> LevelTracks::of(const LevelSpec& spec, const Measure& measure,
                                                          const Progress& progress) {
    {
        const std::lock_guard lock(mutex_);
        if (const auto found = measured_.find(spec); found != measured_.end())
            return found->second;
    }
    std::shared_ptr<const LevelTrack> track = shelf_.load ? shelf_.load(spec) : nullptr;
    if (!track) {
        auto measured = measure(progress);
        if (!measured)
            return tl::unexpected(measured.error());
        track = std::make_shared<const LevelTrack>(*std::move(measured));
        if (shelf_.save)
            shelf_.save(spec, *track);
    }
    const std::lock_guard lock(mutex_);
    return measured_.insert_or_assign(spec, track).first->second;
}

std::string level_key(const LevelSpec& spec) {
    return fmt::format("{} of {}, {}, {} to {} Hz", spec.measure, spec.part, spec.channel, spec.from_hz,
                       spec.until_hz);
}

Result<void> save_level(const LevelTrack& track, std::string_view key, const std::filesystem::path& path) {
    return save_kept(track, version, key, path, each_field);
}

Result<LevelTrack> load_level(std::string_view key, const std::filesystem::path& path) {
    return load_kept<LevelTrack>(version, key, path, each_field);
}

} // namespace pulsepin
