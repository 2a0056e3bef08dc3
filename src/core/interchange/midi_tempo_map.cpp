// SPDX-License-Identifier: GPL-3.0-or-later
//
// Standard MIDI Files 1.0 (MIDI Manufacturers Association, RP-001).
#include "interchange/midi_tempo_map.h"

#include "base/whole.h"
#include "schedule/resolve.h"

#include <algorithm>
#include <bit>
#include <cmath>
#include <limits>

namespace pulsepin {
namespace {

constexpr std::int64_t quarter = ticks_per_beat;
constexpr std::string_view bar_one_text = "bar 1"; ///< tells which beat is bar 1, where whole beats lead in

struct Event {
    std::int64_t tick;
    int order; ///< metre before tempo before text
    std::string bytes;
};

void put_number(std::string& out, std::uint32_t value, int bytes) {
    for (int i = bytes - 1; i >= 0; --i)
        out += static_cast<char>((value >> (8 * i)) & 0xffu);
}

void put_variable(std::string& out, std::uint32_t value) {
    std::string reversed(1, static_cast<char>(value & 0x7fu));
    while (value >>= 7)
        reversed += static_cast<char>((value & 0x7fu) | 0x80u);
    out.append(reversed.rbegin(), reversed.rend());
}

std::string meta(int type, const std::string& data) {
    std::string out = "\xff";
    out += static_cast<char>(type);
    put_variable(out, static_cast<std::uint32_t>(data.size()));
    return out + data;
}

std::string tempo_event(std::uint32_t microseconds_a_quarter) {
    std::string data;
    put_number(data, std::clamp<std::uint32_t>(microseconds_a_quarter, 1, 0xffffff), 3);
    return meta(0x51, data);
}

std::string metre_event(Metre metre) {
    std::string data;
    data += static_cast<char>(metre.beats_per_bar);
    data += static_cast<char>(std::bit_width(static_cast<unsigned>(metre.beat_unit)) - 1);
    data += static_cast<char>(24);
    data += static_cast<char>(8);
    return meta(0x58, data);
}

class Reader {
public:
    explicit Reader(std::string_view bytes) : bytes_(bytes) {}
    [[nodiscard]] bool failed() const { return failed_; }
    [[nodiscard]] bool at_end() const { return bytes_.empty() || failed_; }
    std::string_view take(std::size_t count) {
        if (count > bytes_.size()) {
            failed_ = true;
            return {};
        }
        const auto out = bytes_.substr(0, count);
        bytes_.remove_prefix(count);
        return out;
    }
    std::uint32_t number(int count) {
        std::uint32_t value = 0;
        for (const char c : take(static_cast<std::size_t>(count)))
            value = value << 8 | static_cast<unsigned char>(c);
        return value;
    }
    std::uint32_t variable() {
        std::uint32_t value = 0;
        for (int i = 0; i < 4; ++i) {
            const auto byte = number(1);
            value = value << 7 | (byte & 0x7fu);
            if (byte < 0x80)
                break;
        }
        return value;
    }

private:
    std::string_view bytes_;
    bool failed_ = false;
};

struct TempoMap {
    std::vector<std::pair<std::int64_t, std::uint32_t>> tempi; ///< tick, microseconds a quarter
    std::vector<std::pair<std::int64_t, Metre>> metres;
    std::optional<std::int64_t> bar_one;
    std::int64_t end = 0;
};

bool read_track(std::string_view bytes, TempoMap& map) {
    Reader r(bytes);
    std::int64_t tick = 0;
    unsigned running = 0;
    while (!r.at_end()) {
        tick += r.variable();
        map.end = std::max(map.end, tick);
        auto status = r.number(1);
        if (status == 0xff) {
            const auto type = r.number(1);
            const auto data = r.take(r.variable());
            Reader d(data);
            if (type == 0x51 && data.size() == 3)
                map.tempi.emplace_back(tick, d.number(3));
            else if (type == 0x58 && data.size() >= 2) {
                const auto beats = static_cast<int>(d.number(1));
                const auto power = d.number(1);
                if (beats >= 1 && beats <= 32 && power <= 6)
                    map.metres.emplace_back(tick, Metre{beats, 1 << power});
            } else if (type == 0x01 && data == bar_one_text)
                map.bar_one = tick;
            if (type == 0x2f)
                break;
        } else if (status == 0xf0 || status == 0xf7) {
            r.take(r.variable());
        } else {
            std::size_t left = 1;
            if (status < 0x80)
                left = 0; // the first data byte was read; the status is that of the event before
            else
                running = status;
            if (running < 0x80)
                return false;
            const bool one = (running & 0xf0u) == 0xc0 || (running & 0xf0u) == 0xd0;
            r.take(left + (one ? 0 : 1));
        }
    }
    return !r.failed();
}

/// Gathers the events of one track: tempi and metres beat by beat, then what else lies at ticks.
class TempoTrack {
public:
    explicit TempoTrack(const BeatGrid& grid) : grid_(grid), first_(grid.first_beat()) {
        // Beats before the first sample cannot be written.
        while (first_ < grid.last_beat() && time_of(first_) < 0)
            ++first_;
        while (!grid.is_downbeat(first_bar_ = std::max(first_bar_, first_)))
            ++first_bar_;
        lead_in();
        for (auto beat = first_; beat <= grid.last_beat(); ++beat) {
            tick_of_beat_.push_back(tick_);
            put_metre(beat);
            if (beat == 0)
                events_.push_back({tick_, 2, meta(0x01, std::string(bar_one_text))});
            if (beat < grid.last_beat())
                run(beat_ticks(beat), time_of(beat + 1));
        }
    }

    void mark(Seconds time, const std::string& name) {
        const double place = grid_.beats_at(time).value;
        const auto near = std::clamp(floor_whole(place), first_, grid_.last_beat());
        // What lies far behind the end is as far behind it as the format can say.
        const auto at = std::min(
            tick_of_beat_[static_cast<std::size_t>(near - first_)] +
                nearest_whole((place - static_cast<double>(near)) * static_cast<double>(beat_ticks(near))),
            tick_ + 0x0fffffff);
        events_.push_back({std::max<std::int64_t>(0, at), 3, meta(0x06, name)});
    }

    [[nodiscard]] std::string bytes() {
        std::stable_sort(events_.begin(), events_.end(), [](const Event& a, const Event& b) {
            return std::pair(a.tick, a.order) < std::pair(b.tick, b.order);
        });
        std::string track;
        std::int64_t at = 0;
        for (const auto& event : events_) {
            put_variable(track, static_cast<std::uint32_t>(event.tick - at));
            track += event.bytes;
            at = event.tick;
        }
        put_variable(track, static_cast<std::uint32_t>(std::max<std::int64_t>(0, tick_ - at)));
        return track + meta(0x2f, {});
    }

private:
    [[nodiscard]] double time_of(std::int64_t beat) const {
        return grid_.time_at(Ticks(beat * ticks_per_beat)).value;
    }
    [[nodiscard]] Metre metre_at(std::int64_t beat) const {
        return grid_.metre_at(Ticks(beat * ticks_per_beat));
    }
    [[nodiscard]] std::int64_t beat_ticks(std::int64_t beat) const {
        return quarter * 4 / metre_at(beat).beat_unit;
    }

    /// So many ticks at the tempo that ends at a time. What a tempo is rounded by is made up for by the next.
    void run(std::int64_t ticks, double until) {
        const double quarters = static_cast<double>(ticks) / static_cast<double>(quarter);
        const auto tempo = static_cast<std::uint32_t>(
            std::clamp(std::llround((until - time_) / quarters * 1e6), 1ll, 0xffffffll));
        events_.push_back({tick_, 1, tempo_event(tempo)});
        time_ += static_cast<double>(tempo) * quarters * 1e-6;
        tick_ += ticks;
    }

    /// What sounds before the first beat is a bar of its own.
    void lead_in() {
        const double start = time_of(first_), interval = time_of(first_ + 1) - start;
        const auto beats = start < 0.0005 ? 0 : std::max<std::int64_t>(1, std::llround(start / interval));
        if (beats == 0)
            return;
        events_.push_back(
            {0, 0,
             metre_event({static_cast<int>(std::min<std::int64_t>(beats, 32)), metre_at(first_).beat_unit})});
        run(beats * beat_ticks(first_), start);
    }

    void put_metre(std::int64_t beat) {
        const bool changes = std::any_of(grid_.metres().begin(), grid_.metres().end(),
                                         [&](const MetreChange& c) { return c.beat == beat; });
        if (changes || beat == first_bar_)
            events_.push_back({tick_, 0, metre_event(metre_at(beat))});
        else if (beat == first_) // what is left of a bar
            events_.push_back(
                {tick_, 0, metre_event({static_cast<int>(first_bar_ - first_), metre_at(beat).beat_unit})});
    }

    const BeatGrid& grid_;
    std::int64_t first_, first_bar_ = std::numeric_limits<std::int64_t>::min();
    std::int64_t tick_ = 0;
    double time_ = 0;
    std::vector<std::int64_t> tick_of_beat_; ///< from the first on
    std::vector<Event> events_;
};

} // namespace

Result<std::string> write_midi_tempo_map(const Schedule& schedule) {
    const Project& project = schedule.project();
    if (!project.grid)
        return fail("There are no beats to write.", {}, "Find the beats first.");
    TempoTrack tempi(*project.grid);
    for (std::size_t i = 0; i < schedule.size(); ++i)
        if (project.lanes[i]->kind->marks)
            for (const auto& pin : schedule[i].pins)
                tempi.mark(pin.time, body_of<MarkerBody>(project.lanes[i]->pins[pin.index].body).name);
    const std::string track = tempi.bytes();
    std::string out = "MThd";
    put_number(out, 6, 4);
    put_number(out, 0, 2);
    put_number(out, 1, 2);
    put_number(out, static_cast<std::uint32_t>(quarter), 2);
    out += "MTrk";
    put_number(out, static_cast<std::uint32_t>(track.size()), 4);
    return out + track;
}

namespace {

/// Time and metre at ticks, which only rise.
class TickClock {
public:
    TickClock(const TempoMap& map, std::uint32_t division) : map_(map), division_(division) {}

    Seconds time_at(std::int64_t tick) {
        const auto until = static_cast<double>(tick);
        while (tempo_ < map_.tempi.size() && static_cast<double>(map_.tempi[tempo_].first) <= until) {
            run_to(std::max(tick_, static_cast<double>(map_.tempi[tempo_].first)));
            microseconds_ = map_.tempi[tempo_++].second;
        }
        run_to(until);
        return Seconds(time_);
    }
    /// The metre there; where it begins anew, or within a bar, that is noted for the beat.
    Metre metre_at(std::int64_t tick, std::int64_t beat, std::vector<MetreChange>& changes) {
        for (; next_ < map_.metres.size() && map_.metres[next_].first <= tick; ++next_) {
            now_ = map_.metres[next_].second;
            if (!changes.empty() && changes.back().beat == beat)
                changes.pop_back();
            const bool begins_bar =
                !changes.empty() && (beat - changes.back().beat) % changes.back().metre.beats_per_bar == 0;
            if (!begins_bar || !(changes.back().metre == now_))
                changes.push_back({beat, now_});
        }
        return now_;
    }

private:
    void run_to(double tick) {
        time_ += (tick - tick_) / static_cast<double>(division_) * microseconds_ * 1e-6;
        tick_ = tick;
    }
    const TempoMap& map_;
    std::uint32_t division_;
    std::size_t tempo_ = 0, next_ = 0;
    double time_ = 0, tick_ = 0;
    double microseconds_ = 500'000; ///< 120 BPM where nothing else is said
    Metre now_;
};

Result<BeatGrid> grid_of(const TempoMap& map, std::uint32_t division) {
    constexpr std::size_t most_read = 200'000; // five hours at ten beats a second
    TickClock clock(map, division);
    std::vector<GridBeat> beats;
    std::vector<MetreChange> metres;
    std::int64_t bar_one = 0;
    for (std::int64_t tick = 0; tick <= map.end;) {
        if (beats.size() == most_read)
            return fail("This MIDI file has more beats than a piece of music.", {},
                        "Write it again, up to the end of the song only.");
        const auto beat = static_cast<std::int64_t>(beats.size());
        const Metre metre = clock.metre_at(tick, beat, metres);
        if (map.bar_one && *map.bar_one == tick)
            bar_one = beat;
        beats.push_back({clock.time_at(tick), 1.0f, BeatOrigin::Corrected});
        tick += std::max<std::int64_t>(1, static_cast<std::int64_t>(division) * 4 / metre.beat_unit);
    }
    if (beats.size() < 2)
        return fail("There are fewer than two beats in this MIDI file.", {},
                    "It needs a tempo map or notes up to the end of the song.");
    for (auto& change : metres)
        change.beat -= bar_one;
    return of_usual_tempo(BeatGrid::make(std::move(beats), -bar_one, std::move(metres)));
}

} // namespace

Result<BeatGrid> read_midi_tempo_map(std::string_view bytes) {
    Reader r(bytes);
    if (r.take(4) != "MThd" || r.number(4) < 6)
        return fail("This is no Standard MIDI File.", {}, "Choose a file that ends in .mid.");
    r.number(2);
    const auto tracks = r.number(2), division = r.number(2);
    if (division == 0 || (division & 0x8000u))
        return fail("This MIDI file counts in timecode, not in beats.", {},
                    "Write it again with a division in ticks per quarter note.");
    TempoMap map;
    for (std::uint32_t i = 0; i < tracks && !r.at_end(); ++i) {
        const auto name = r.take(4);
        const auto body = r.take(r.number(4));
        if (r.failed() || (name == "MTrk" && !read_track(body, map)))
            return fail("This MIDI file is damaged.", {}, "Write it again with the program that made it.");
    }
    const auto earlier = [](const auto& a, const auto& b) { return a.first < b.first; };
    std::stable_sort(map.tempi.begin(), map.tempi.end(), earlier);
    std::stable_sort(map.metres.begin(), map.metres.end(), earlier);
    return grid_of(map, division);
}

} // namespace pulsepin
