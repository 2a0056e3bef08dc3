// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "params/ids.h"

#include <optional>
#include <span>
#include <string>
#include <vector>

namespace pulsepin {

/// One lamp, or what lights as one: what it can do, where it stands and which channels it listens to.
struct Fixture {
    enum class Kind { Rgb, Rgbw, Dimmer };
    LampId id;
    std::string name;
    LampId group = {}; ///< 0: none
    Kind kind = Kind::Rgb;
    bool fine = false;                   ///< each channel is followed by one for its 256ths
    double x = 50, y = 50;               ///< of the plan's width and height, percent
    int universe = 0, first_channel = 0; ///< 0: not patched
    friend bool operator==(const Fixture&, const Fixture&) = default;
};

/// Lamps that are named together: a bank, or all points of a prop.
struct LampGroup {
    LampId id;
    std::string name;
    bool one_row = false; ///< in lanes: as for a prop of many lamps
    friend bool operator==(const LampGroup&, const LampGroup&) = default;
};

/// Where levels, notes or messages go.
struct WireOutput {
    std::string wire = "sacn";    ///< one of wire_kinds()
    std::string to = "127.0.0.1"; ///< an address in numbers, "multicast", or a port's name
    int port = 0;                 ///< 0: the usual one of its wire
    int priority = 100;
    int synchronisation = 0; ///< the universe that sets levels in force; 0: they are at once
    double earlier = 0;      ///< milliseconds that it is sent before it is heard
    bool off = false;
    friend bool operator==(const WireOutput&, const WireOutput&) = default;
};

/// All lamps of the piece, and where their levels go.
struct Rig {
    std::vector<LampGroup> groups;
    std::vector<Fixture> fixtures; ///< in the order of their rows and of patterns
    ClipId picture = {};           ///< of the place, below the plan; 0: plain ground
    double dimmer = 100;           ///< of all lamps, percent
    bool dark_at_start = true;     ///< nothing is lit until playing begins
    std::vector<WireOutput> outputs = {{}};

    [[nodiscard]] const Fixture* fixture(LampId id) const;
    [[nodiscard]] const LampGroup* group(LampId id) const;
    /// "far 3" of a lamp, "far" of a group; empty for neither.
    [[nodiscard]] std::string name_of(LampId id) const;
    /// Their places in `fixtures`, rising, each once: of lamps and of the lamps of groups; of none, all.
    [[nodiscard]] std::vector<std::size_t> members(std::span<const LampId> of) const;
    friend bool operator==(const Rig&, const Rig&) = default;
};

/// What lies in a row of a lane of lights: a lamp, or the lamps of a group that shares one.
struct RigRow {
    LampId of;
    LampId group = {};
    std::vector<std::size_t> fixtures; ///< places in Rig::fixtures
};
/// By groups, then the lamps that are in none.
[[nodiscard]] std::vector<RigRow> rows_of(const Rig& rig);

/// Channels that a lamp listens to, from its first on.
[[nodiscard]] int channels_of(const Fixture& fixture);
inline constexpr int channels_of_universe = 512; // ANSI E1.11 (DMX512-A)

/// What is wrong with the patch: a lamp out of its universe, two on one channel. None: nothing.
[[nodiscard]] std::optional<std::string> patch_conflict(const Rig& rig);

} // namespace pulsepin
