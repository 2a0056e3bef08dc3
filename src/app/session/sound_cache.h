// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "analysis/analyze.h"
#include "analysis/spectrum_map.h"
#include "follow/level_track.h"
#include "media/load_sound.h"

#include <optional>
#include <string>

namespace pulsepin {

/// What was computed of sounds, kept in the user's cache under the fingerprint of their samples: features,
/// outlines, spectra, levels. Bounded; what was not wanted for longest goes first. May be deleted at any
/// time, and used from any thread. A disk that is full only means that it is computed again.
namespace sound_cache {

[[nodiscard]] std::optional<FeatureSet> features(const std::string& fingerprint);
[[nodiscard]] bool has_features(const std::string& fingerprint);
void keep(const std::string& fingerprint, const FeatureSet& features);

[[nodiscard]] bool has_outline(const std::string& fingerprint);
[[nodiscard]] std::optional<SoundOutline> outline(const std::string& fingerprint);
void keep(const std::string& fingerprint, const SoundOutline& outline);

[[nodiscard]] bool has_spectrum(const std::string& fingerprint);
[[nodiscard]] std::optional<SpectrumMap> spectrum(const std::string& fingerprint);
void keep(const std::string& fingerprint, const SpectrumMap& map);

/// Where decoded sounds are kept: they are asked for with it, so that they need not be decoded again.
[[nodiscard]] SoundShelf shelf();
/// A sound that was decoded is there at once the next time, samples and outline. Waits for the disk.
void keep(const LoadedSound& sound);

[[nodiscard]] LevelTracks::Shelf level_shelf(const std::string& fingerprint);

} // namespace sound_cache

} // namespace pulsepin
