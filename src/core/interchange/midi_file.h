// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "base/error.h"
#include "base/quantity.h"
#include "time/anchor.h"
#include "time/beat_grid.h"

#include <cstdint>
#include <optional>
#include <string>
#include <string_view>
#include <utility>
#include <vector>

namespace pulsepin {

/// What Standard MIDI Files 1.0 (MIDI Manufacturers Association, RP-001) are made of.
namespace midi {

enum class Meta : unsigned {
    Text = 0x01,
    TrackName = 0x03,
    Lyric = 0x05,
    Marker = 0x06,
    End = 0x2f,
    Tempo = 0x51,
    Metre = 0x58
};

/// An event of a track: of a channel (`status` below 0xf0, its bytes in `data`), or a meta event
/// (`status` 0xff, what it is in `meta`).
struct Event {
    std::int64_t tick = 0;
    int track = 0;
    unsigned status = 0;
    unsigned meta = 0;
    std::string data;
};

struct File {
    std::uint32_t division = 480; ///< ticks a quarter note
    int tracks = 0;
    std::vector<Event> events; ///< by ticks; those of one tick in the order of tracks
    std::int64_t end = 0;      ///< the last tick
};
/// Fails for other files, for those that count in timecode, and for those that end too early.
[[nodiscard]] Result<File> read(std::string_view bytes);

/// What is at ticks of a file, which only rise.
class Clock {
public:
    explicit Clock(const File& file);
    [[nodiscard]] Seconds time_at(std::int64_t tick);
    /// The metre there; where it begins anew, or within a bar, that is noted for the beat.
    [[nodiscard]] Metre metre_at(std::int64_t tick, std::int64_t beat, std::vector<MetreChange>& changes);

private:
    void run_to(double tick);
    std::vector<std::pair<std::int64_t, std::uint32_t>> tempi_; ///< tick, microseconds a quarter
    std::vector<std::pair<std::int64_t, Metre>> metres_;
    std::uint32_t division_;
    std::size_t tempo_ = 0, next_ = 0;
    double time_ = 0, tick_ = 0;
    double microseconds_ = 500'000; ///< 120 BPM where nothing else is said
    Metre now_;
};

// -- writing

void put_number(std::string& out, std::uint32_t value, int bytes);
void put_variable(std::string& out, std::uint32_t value);
[[nodiscard]] std::string meta(Meta type, const std::string& data);

/// What lies at a tick, as bytes; of one tick what has the lower order comes first.
struct Placed {
    std::int64_t tick;
    int order;
    std::string bytes;
};
/// A track of them, which ends at `end` or with the last.
[[nodiscard]] std::string track_of(std::vector<Placed> events, std::int64_t end);
/// A file of format 0 where there is one track, else of format 1.
[[nodiscard]] std::string file_of(const std::vector<std::string>& tracks, std::uint32_t division);

} // namespace midi
} // namespace pulsepin
