// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/picker.h"
#include "model/pin.h"
#include "time/clock_grid.h"

#include <cstdint>
#include <optional>
#include <string>
#include <vector>

namespace pulsepin {

/// Which shot each new cut shows, and from where.
struct ShotChoice {
    enum class Order {
        InTurn,    ///< as they lie in the bin, going on after the shot before
        AtRandom,  ///< never twice running, and all of them before one comes again
        Weighted,  ///< at random by weight, never twice running
        BySection, ///< each section that sounds alike keeps to a shot
        OneShot    ///< the first of `shots`
    };
    enum class Start {
        AtInPoint,  ///< each from `in_point`
        Continuing, ///< where the shot was left when it was last seen
        AtMarker,   ///< at the marker of that name on the shot, which so meets the beat
        SameMoment  ///< cameras: at the same moment of the song
    };
    struct Share {
        ClipId shot;
        double weight = 1;
        friend bool operator==(const Share&, const Share&) = default;
    };
    Order order = Order::InTurn;
    std::vector<Share> shots; ///< empty: all of the bin
    std::uint32_t seed = 1;
    Start start = Start::AtInPoint;
    Seconds in_point;
    std::string marker;
    Frames shortest = Frames(0); ///< no shot becomes shorter than this
    friend bool operator==(const ShotChoice&, const ShotChoice&) = default;
};

/// How triggers of one planting differ from each other.
struct Variation {
    enum class Strength {
        Same,       ///< as the form has it
        Alternates, ///< high, low, high, low
        Ramps,      ///< from low up to high over the whole group
        Onsets,     ///< between low and high by the strength of the onset
        Random      ///< between low and high, by the seed
    };
    enum class Colours { Same, InTurn, Random, Ramp };
    Strength strength = Strength::Same;
    double low = 40, high = 100; ///< percent
    Colours colours = Colours::Same;
    std::vector<Colour> palette;
    std::uint32_t seed = 1;
    friend bool operator==(const Variation&, const Variation&) = default;
};

/// How appearances of one planting differ from each other: by a step from each to the next, and at random.
struct Spread {
    double step_x = 0, step_y = 0; ///< pixels
    double step_turn = 0;          ///< degrees
    double step_scale = 0;         ///< percent
    double step_later = 0;         ///< frames
    double wide_x = 0, wide_y = 0; ///< up to so many to either side
    double wide_turn = 0, wide_scale = 0, wide_later = 0;
    std::vector<Colour> palette = {}; ///< in turn
    std::uint32_t seed = 1;
    friend bool operator==(const Spread&, const Spread&) = default;
};

/// What is placed on each picked position.
struct PlantingForm {
    PinBody body;
    /// What differs from one place to the next: which shot cuts show, how strong and of which colour others
    /// are; nothing where all are alike.
    std::variant<std::monostate, ShotChoice, Variation, Spread> choice = {};

    /// The choice of shots, or the usual one.
    [[nodiscard]] ShotChoice shots() const {
        const auto* chosen = std::get_if<ShotChoice>(&choice);
        return chosen ? *chosen : ShotChoice{};
    }
    /// How they differ; not at all where nothing is said.
    [[nodiscard]] Variation variation() const {
        const auto* chosen = std::get_if<Variation>(&choice);
        return chosen ? *chosen : Variation{};
    }
    /// How appearances differ; not at all where nothing is said.
    [[nodiscard]] Spread spread() const {
        const auto* chosen = std::get_if<Spread>(&choice);
        return chosen ? *chosen : Spread{};
    }
    friend bool operator==(const PlantingForm&, const PlantingForm&) = default;
};

/// What one use of a picker placed. It remembers how, so that it can be changed and run again; what a person
/// corrected in it stays as an exception.
struct Planting {
    PlantingId id;
    LaneId lane;
    std::string description;           ///< "beats, every 2nd, 19.1 until 23.1"
    std::optional<Picker> picker = {}; ///< none where it cannot be run again
    PlantingForm form = {};
    Ticks shift = Ticks(0);           ///< how far the group was moved off its picker's places,
    Frames nudge = Frames(0);         ///< and by how many frames besides
    std::vector<Ticks> left_out = {}; ///< places of the picker that were emptied by hand, rising
    friend bool operator==(const Planting&, const Planting&) = default;

    /// Where what was picked for `home` lies while no one corrects it.
    [[nodiscard]] Anchor place_of(Ticks home, FrameRate rate) const {
        if (by_clock())
            return TimeAnchor{clock_time(home + shift) + rate.start_of(nudge)};
        return nudge == Frames(0) ? MusicalAnchor{home + shift, Seconds(0)}
                                  : MusicalAnchor{home + shift, nudge};
    }
    [[nodiscard]] bool by_clock() const { return picker && picker->by_clock; }
};

} // namespace pulsepin
