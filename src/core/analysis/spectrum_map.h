// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "base/progress.h"
#include "media/sample_store.h"

#include <array>
#include <cstdint>
#include <filesystem>
#include <string_view>
#include <vector>

namespace pulsepin {

/// A coarse picture of the whole song's spectrum for drawing: `bands` values a frame, from low to high on a
/// logarithmic scale, each 0 to 255 over 70 dB below the song's loudest.
class SpectrumMap {
public:
    static constexpr std::size_t bands = 60; ///< 30 Hz to 16 kHz; five of them make one of twelve
    static constexpr double rate = 50;       ///< frames a second

    [[nodiscard]] std::size_t frames() const { return values_.size() / bands; }

    /// The loudest of each band between two times; zeros outside of the song.
    [[nodiscard]] std::array<std::uint8_t, bands> between(Seconds from, Seconds until) const;

private:
    friend Result<SpectrumMap> make_spectrum_map(const SampleStore&, const Progress&);
    friend Result<void> save_spectrum(const SpectrumMap&, std::string_view, const std::filesystem::path&);
    friend Result<SpectrumMap> load_spectrum(std::string_view, const std::filesystem::path&);
    std::vector<std::uint8_t> values_;
};

/// Fails only when cancelled.
[[nodiscard]] Result<SpectrumMap> make_spectrum_map(const SampleStore& sound, const Progress& progress = {});

/// Kept under the fingerprint of the samples; private to a version of the program (base/kept_file.h).
[[nodiscard]] Result<void> save_spectrum(const SpectrumMap& map, std::string_view fingerprint,
                                         const std::filesystem::path& path);
[[nodiscard]] Result<SpectrumMap> load_spectrum(std::string_view fingerprint,
                                                const std::filesystem::path& path);

} // namespace pulsepin
