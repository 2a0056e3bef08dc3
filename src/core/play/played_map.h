// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "base/quantity.h"

#include <array>
#include <atomic>

namespace pulsepin {

/// Where in the song a moment of the device's clock lies.
struct SongPlace {
    Samples position;
    bool playing = false;
    double speed = 1;      ///< seconds of song to a second
    std::uint32_t run = 0; ///< which call of play() this belongs to
    friend bool operator==(const SongPlace&, const SongPlace&) = default;
};

/// Remembers at which device position which part of the song was handed to the device, so that what is
/// *heard* can be told from what was last mixed. One thread writes, any may read; neither waits.
class PlayedMap {
public:
    /// From that device position on, the song runs on from `place`, or stands still there.
    void turn(Samples device, SongPlace place);

    /// The place at a device position. Before all that is remembered: the oldest.
    [[nodiscard]] SongPlace at(Samples device) const;

private:
    static constexpr std::uint64_t kept = 256;
    struct Entry {
        std::atomic<std::int64_t> device{0};
        std::atomic<std::int64_t> position{0};
        std::atomic<bool> playing{false};
        std::atomic<double> speed{1.0};
        std::atomic<std::uint32_t> run{0};
    };
    std::array<Entry, kept> entries_;
    std::atomic<std::uint64_t> count_{0};
};

} // namespace pulsepin
