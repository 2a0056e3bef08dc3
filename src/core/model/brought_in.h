// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "base/quantity.h"
#include "time/frame_rate.h"

#include <optional>
#include <string>
#include <vector>

namespace pulsepin {

/// Something of another program's list, before it becomes a pin. Times are of the piece, counted from where
/// the list begins.
struct BroughtItem {
    enum class Kind { Cut, Gap, Sound, Marker };
    Kind kind = Kind::Marker;
    Seconds at, until;        ///< `until` is not before `at`
    std::string name = {};    ///< of the clip, or of the marker
    std::string note = {};    ///< of a marker
    std::string colour = {};  ///< of a marker: a common word for it, in small letters; empty: none
    std::string file = {};    ///< of a clip: its path, or what of it is told; empty: nothing is
    Seconds in_point = {};    ///< where in its clip it begins
    bool by_timecode = false; ///< counted as the clip's own timecode is, where it has one
    double speed = 1;         ///< of a cut; below 0 backwards, 0 held
    Seconds fade = {};  ///< of a cut: over which it takes the place of the one before, half of it before `at`
    bool wiped = false; ///< by a wipe instead
    double gain_db = 0; ///< of a sound
    int track = 0;      ///< which of several of its kind, from 0
    int line = 0;       ///< of the file, from 1; 0: it has none
    friend bool operator==(const BroughtItem&, const BroughtItem&) = default;
};

/// A list of another program, as it was understood.
struct BroughtIn {
    std::string title = {};
    std::vector<BroughtItem> items = {};          ///< in the order of the file
    std::vector<std::string> not_understood = {}; ///< "Line 12: …", a sentence each
    friend bool operator==(const BroughtIn&, const BroughtIn&) = default;
};

} // namespace pulsepin
