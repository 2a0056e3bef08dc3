// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "base/progress.h"
#include "media/sample_store.h"
#include "media/sound_outline.h"

#include <filesystem>
#include <memory>
#include <optional>
#include <string>

namespace pulsepin {

class ShelvedDraft;

/// A sound file, decoded and ready to be drawn, heard and analysed.
struct LoadedSound {
    std::filesystem::path path;
    std::shared_ptr<const SampleStore> samples;
    std::shared_ptr<const SoundOutline> outline; ///< null where it was not asked for
    std::string fingerprint; ///< of the decoded samples: tells whether a file is still the same
    bool from_shelf = false; ///< it was decoded another time, and so is its outline kept
    std::shared_ptr<ShelvedDraft> to_shelve = {}; ///< it was decoded now: for shelve()
    int damaged_packets = 0;                      ///< what had to be left out
    Samples missing; ///< at its end, of what its header counts; 0 where it is whole or does not count
};

/// Two folders of a cache: samples of files that were decoded, and outlines by the fingerprint of the
/// samples.
struct SoundShelf {
    std::filesystem::path samples, outlines;
};

struct LoadOptions {
    std::int64_t sample_rate = 0;  ///< 0: the file's own
    Samples from;                  ///< what lies before is left out; below 0: so much silence comes first
    std::optional<Samples> length; ///< what lies after is left out; counts from there
    bool for_drawing = true;       ///< with an outline
    std::optional<SoundShelf> shelf = {}; ///< where it is looked for first (media/sound_shelf.h)
};

/// Decodes the whole file in one pass. Fails when it cannot be read, holds no sample, or is cancelled.
[[nodiscard]] Result<LoadedSound> load_sound(const std::filesystem::path& path, const Progress& progress = {},
                                             const LoadOptions& options = {});

/// What a person is to be told of a sound that is damaged or cut off; empty where it is whole.
[[nodiscard]] std::string told_of_damage(const LoadedSound& sound);

} // namespace pulsepin
