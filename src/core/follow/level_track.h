// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "base/error.h"
#include "base/progress.h"
#include "media/sample_store.h"
#include "params/param.h"

#include <filesystem>
#include <functional>
#include <map>
#include <memory>
#include <mutex>
#include <string>
#include <vector>

namespace pulsepin {

/// What level is measured of a sound.
struct LevelSpec {
    std::string measure = "rms";      ///< "peak", "rms", "loudness", or "onsets full": a detection function
    std::string part = "whole";       ///< one of listened_parts()
    std::string channel = "both";     ///< one of listened_sides()
    double from_hz = 0, until_hz = 0; ///< 0: no limit
    friend auto operator<=>(const LevelSpec&, const LevelSpec&) = default;
};

/// `values`: of the source "level", completed.
[[nodiscard]] LevelSpec level_spec(const ParamValues& values);

/// A level over time: value i lies at i / per_second.
struct LevelTrack {
    double per_second = 0;
    std::vector<float> values;
    /// In a straight line between the two nearest values; the last one goes on.
    [[nodiscard]] float at(double seconds) const;
};

/// Linear, 1 at full scale: the highest sample within 5 ms; the root of the mean square over two periods of
/// the lowest frequency, 20 to 100 ms; or the loudness of a tenth of a second (ITU-R BS.1770), 1 at 0 LUFS.
/// All windows are centred and the bands filtered in both directions, so that nothing comes late. Parts
/// are taken out first (media/sound_part.h). Fails when cancelled, or when there is no room for a part.
[[nodiscard]] Result<LevelTrack> measure_level(const SampleStore& sound, const LevelSpec& spec,
                                               const Progress& progress = {});

/// Levels of one sound, each measured when it is first asked for. May be shared between threads.
class LevelTracks {
public:
    /// Where measured levels are kept beyond this run of the program; both may be left out.
    struct Shelf {
        std::function<std::shared_ptr<const LevelTrack>(const LevelSpec&)> load; ///< null: not there
        std::function<void(const LevelSpec&, const LevelTrack&)> save;
    };
    LevelTracks() = default;
    explicit LevelTracks(Shelf shelf) : shelf_(std::move(shelf)) {}

    /// `measure` is asked where it was not measured before. Fails as that does.
    using Measure = std::function<Result<LevelTrack>(const Progress&)>;
    [[nodiscard]] Result<std::shared_ptr<const LevelTrack>> of(const LevelSpec& spec, const Measure& measure,
                                                               const Progress& progress = {});

private:
    Shelf shelf_;
    std::mutex mutex_;
    std::map<LevelSpec, std::shared_ptr<const LevelTrack>> measured_;
};

/// "rms of whole, both": tells levels of one sound apart, as a key for keeping them.
[[nodiscard]] std::string level_key(const LevelSpec& spec);
/// Private to a version of the program (base/kept_file.h).
[[nodiscard]] Result<void> save_level(const LevelTrack& track, std::string_view key,
                                      const std::filesystem::path& path);
[[nodiscard]] Result<LevelTrack> load_level(std::string_view key, const std::filesystem::path& path);

} // namespace pulsepin
