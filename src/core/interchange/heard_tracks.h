// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "interchange/export_material.h"

#include <filesystem>
#include <string>
#include <vector>

namespace pulsepin {

/// One stretch of what is heard, as lists of tracks have it.
struct HeardItem {
    std::string name;
    std::filesystem::path file; ///< empty: it is not in the bin
    Seconds file_length;        ///< 0: not known
    Seconds from;               ///< in its file, of what is heard first
    Seconds start, end;         ///< in the piece
    Seconds cut;                ///< so much of its beginning lies before the piece and is not heard
    SoundBody body;             ///< its gain and its fades, from where it would begin
};

/// How loud it is so long after where it is heard first; -70 dB and less is silence.
[[nodiscard]] double decibels_at(const HeardItem& item, Seconds after);

struct HeardTrack {
    std::string name;
    bool is_song = false;
    std::vector<HeardItem> items; ///< in their order, none over another
};

/// The song first, where it is heard; then each lane of sounds, as several tracks where its stretches lie
/// over each other. Empty tracks are left out.
[[nodiscard]] std::vector<HeardTrack> heard_tracks(const ExportMaterial& material);

} // namespace pulsepin
