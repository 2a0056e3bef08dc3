// SPDX-License-Identifier: GPL-3.0-or-later
#include "analysis/feature_cache.h"

#include "base/kept_file.h"

namespace pulsepin {
namespace {

constexpr std::string_view version = "Pulse Pin heard 9"; // to be raised whenever Features change

/// One list of fields for both directions.
constexpr auto each_field = [](auto& archive, auto& feature_set) {
    auto& f = feature_set.features;
    archive(f.duration.value);
    archive(f.silent);
    archive(f.sounds_from);
    archive(f.sounds_until);
    for (auto* curve : {&f.flux, &f.energy_rise, &f.high_rise, &f.surprise, &f.raw, &f.novelty,
                        &f.bass_change, &f.mid_change, &f.rms, &f.peak, &f.percussive, &f.harmonic})
        archive(*curve);
    for (auto& curve : f.bands)
        archive(curve);
    for (auto& curve : f.activations.log_odds)
        archive(curve);
    for (auto& curve : f.drums.sixteenths)
        archive(curve);
    archive(f.sharpness);
    for (auto* table : {&f.rises, &f.harmony}) {
        archive(table->bands);
        archive(table->frames_per_second);
        archive(table->step);
        archive(table->values);
    }
    archive(feature_set.loudness.integrated);
    archive(feature_set.loudness.short_term);
    archive(feature_set.loudness.tenths);
};

} // namespace

Result<void> save_features(const FeatureSet& feature_set, std::string_view fingerprint,
                           const std::filesystem::path& path) {
    return save_kept(feature_set, version, fingerprint, path, each_field);
}

Result<FeatureSet> load_features(std::string_view fingerprint, const std::filesystem::path& path) {
    return load_kept<FeatureSet>(version, fingerprint, path, each_field);
}

} // namespace pulsepin
