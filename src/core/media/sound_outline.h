// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "base/error.h"
#include "media/peaks.h"
#include "media/sample_store.h"

#include <algorithm>
#include <array>
#include <filesystem>
#include <span>
#include <string_view>
#include <vector>

namespace pulsepin {

/// A sound as it is drawn: enough for any zoom but the closest, without its samples.
struct SoundOutline {
    std::int64_t sample_rate = 0;
    Peaks mean;                  ///< of the channels
    std::vector<Peaks> channels; ///< left and right; empty for mono

    [[nodiscard]] Samples length() const { return mean.length(); }
    [[nodiscard]] Seconds duration() const {
        return Seconds(static_cast<double>(length().value) /
                       static_cast<double>(std::max<std::int64_t>(sample_rate, 1)));
    }
};

/// From blocks of samples, one or two channels interleaved, front to back.
class OutlineBuilder {
public:
    explicit OutlineBuilder(SoundFormat format) : format_(format) {}
    void append(std::span<const float> interleaved);
    [[nodiscard]] SoundOutline finish() &&;

private:
    SoundFormat format_;
    PeaksBuilder mean_;
    std::array<PeaksBuilder, 2> each_;
    std::vector<float> work_;
};

/// Of a sound that is there.
[[nodiscard]] SoundOutline outline_of(const SampleStore& sound);

/// Keeps an outline under the fingerprint of the samples, so that a song is drawn before it is decoded.
/// Private to a version of the program (base/kept_file.h).
[[nodiscard]] Result<void> save_outline(const SoundOutline& outline, std::string_view fingerprint,
                                        const std::filesystem::path& path);
[[nodiscard]] Result<SoundOutline> load_outline(std::string_view fingerprint,
                                                const std::filesystem::path& path);

} // namespace pulsepin
