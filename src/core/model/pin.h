// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "time/anchor.h"

#include <string>
#include <variant>
#include <vector>

namespace pulsepin {

struct ClipId {
    std::uint64_t value = 0; ///< 0 names no clip
    friend auto operator<=>(const ClipId&, const ClipId&) = default;
};

struct LaneId {
    std::uint64_t value = 0;
    friend auto operator<=>(const LaneId&, const LaneId&) = default;
};

struct PlantingId {
    std::uint64_t value = 0; ///< 0: placed by hand
    friend auto operator<=>(const PlantingId&, const PlantingId&) = default;
};

struct MarkerBody {
    std::string name;
    std::string note;
    friend bool operator==(const MarkerBody&, const MarkerBody&) = default;
};

/// From here on that shot is seen, beginning at `in_point` of its clip.
struct CutBody {
    ClipId shot;
    Seconds in_point;
    friend bool operator==(const CutBody&, const CutBody&) = default;
};

enum class FadeCurve { Linear, EqualPower };

/// A stretch of a sound of the bin, heard from the pin on.
struct SoundBody {
    ClipId sound;
    Seconds in_point;
    Seconds length;
    double gain_db = 0;
    Seconds fade_in, fade_out;
    FadeCurve curve_in = FadeCurve::Linear, curve_out = FadeCurve::Linear;
    friend bool operator==(const SoundBody&, const SoundBody&) = default;
};

using PinBody = std::variant<MarkerBody, CutBody, SoundBody>;

/// An item on the timeline that has an anchor.
struct Pin {
    PinId id;
    Anchor anchor;
    PinBody body;
    PlantingId planting;
    friend bool operator==(const Pin&, const Pin&) = default;
};

enum class LaneKind { Marker, Cut, Sound };

/// One row under the song. All its pins have the body of its kind; their order is of no meaning.
struct Lane {
    LaneId id;
    LaneKind kind = LaneKind::Marker;
    std::string name;
    Frames lead; ///< how much earlier the lane acts than its anchors
    std::vector<Pin> pins;
    bool muted = false;
    bool solo = false; ///< of lanes that sound, only those are heard
    friend bool operator==(const Lane&, const Lane&) = default;
};

} // namespace pulsepin
