// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "base/error.h"
#include "base/quantity.h"

#include <filesystem>
#include <string>
#include <string_view>
#include <vector>

namespace pulsepin {

/// A cue point of a WAV file: "cue ", and "labl", "note" and "ltxt" of its list "adtl" (Multimedia
/// Programming Interface and Data Specifications 1.0, IBM and Microsoft, 1991).
struct WavCue {
    Samples at, length = Samples(0); ///< of a region, where it is one
    std::string label = {}, note = {};
    friend bool operator==(const WavCue&, const WavCue&) = default;
};

struct WavCues {
    std::int64_t sample_rate = 0;
    std::int64_t counted = 0; ///< samples of each channel, as the header counts them; 0 where it does not
    std::vector<WavCue> cues; ///< in the order of their places
};
/// Those of a file, its samples left where they are. Fails for what is no WAV file (RIFF or RF64).
[[nodiscard]] Result<WavCues> read_wav_cues(const std::filesystem::path& path);

/// The chunks that say so; empty where there are none.
[[nodiscard]] std::string cue_chunks(const std::vector<WavCue>& cues);
/// The chunk "bext" of a Broadcast Wave file (EBU Tech 3285, version 1): what it is, who made it, and at how
/// many samples since midnight it begins. Texts are cut to what it can hold.
[[nodiscard]] std::string broadcast_chunk(std::string_view description, std::string_view originator,
                                          Samples since_midnight);

} // namespace pulsepin
