// SPDX-License-Identifier: GPL-3.0-or-later
//
// Standard MIDI Files 1.0 (MIDI Manufacturers Association, RP-001).
#include "interchange/midi_tempo_map.h"

#include "base/whole.h"
#include "schedule/resolve.h"

#include <algorithm>
#include <bit>
#include <cmath>

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

} // namespace

Result<std::string> write_midi_tempo_map(const Project& project) {
    if (!project.grid)
        return fail("There are no beats to write.", {}, "Find the beats first.");
    const auto& grid = *project.grid;
    // Beats before the first sample cannot be written.
    auto first = grid.first_beat();
    while (first < grid.last_beat() && grid.time_at(Ticks(first * ticks_per_beat)) < Seconds(0))
        ++first;
    auto first_bar = first;
    while (!grid.is_downbeat(first_bar))
        ++first_bar;
    const auto beat_ticks = [&](std::int64_t beat) {
        return quarter * 4 / grid.metre_at(Ticks(beat * ticks_per_beat)).beat_unit;
    };
    const double start = grid.time_at(Ticks(first * ticks_per_beat)).value;
    const double interval = grid.time_at(Ticks((first + 1) * ticks_per_beat)).value - start;
    const auto lead_in = start < 0.0005 ? 0 : std::max<std::int64_t>(1, std::llround(start / interval));
    std::vector<Event> events;
    std::int64_t tick = 0;
    double time = 0;
    const auto run = [&](std::int64_t ticks, double until) {
        const double quarters = static_cast<double>(ticks) / static_cast<double>(quarter);
        const auto tempo = static_cast<std::uint32_t>(
            std::clamp(std::llround((until - time) / quarters * 1e6), 1ll, 0xffffffll));
        events.push_back({tick, 1, tempo_event(tempo)});
        time += static_cast<double>(tempo) * quarters * 1e-6;
        tick += ticks;
    };
    std::vector<std::pair<std::int64_t, std::int64_t>> tick_of_beat; // beat, tick
    if (lead_in > 0) {
        events.push_back({0, 0,
                          metre_event({static_cast<int>(std::min<std::int64_t>(lead_in, 32)),
                                       grid.metre_at(Ticks(first * ticks_per_beat)).beat_unit})});
        run(lead_in * beat_ticks(first), start);
    }
    for (auto beat = first; beat <= grid.last_beat(); ++beat) {
        tick_of_beat.emplace_back(beat, tick);
        const bool changes = std::any_of(grid.metres().begin(), grid.metres().end(),
                                         [&](const MetreChange& c) { return c.beat == beat; });
        if (changes || beat == first_bar)
            events.push_back({tick, 0, metre_event(grid.metre_at(Ticks(beat * ticks_per_beat)))});
        else if (beat == first) // what is left of a bar
            events.push_back({tick, 0,
                              metre_event({static_cast<int>(first_bar - first),
                                           grid.metre_at(Ticks(beat * ticks_per_beat)).beat_unit})});
        if (beat == 0)
            events.push_back({tick, 2, meta(0x01, std::string(bar_one_text))});
        if (beat < grid.last_beat())
            run(beat_ticks(beat), grid.time_at(Ticks((beat + 1) * ticks_per_beat)).value);
    }
    for (const auto& lane : project.lanes) {
        if (!lane->kind->marks)
            continue;
        for (const auto& pin : resolve(project, *lane).pins) {
            const double place = grid.beats_at(pin.time).value;
            const auto near = std::clamp(floor_whole(place), first, grid.last_beat());
            // What lies far behind the end is as far behind it as the format can say.
            const auto at = std::min(tick_of_beat[static_cast<std::size_t>(near - first)].second +
                                         nearest_whole((place - static_cast<double>(near)) *
                                                       static_cast<double>(beat_ticks(near))),
                                     tick + 0x0fffffff);
            events.push_back({std::max<std::int64_t>(0, at), 3,
                              meta(0x06, std::get<MarkerBody>(lane->pins[pin.index].body).name)});
        }
    }
    std::stable_sort(events.begin(), events.end(), [](const Event& a, const Event& b) {
        return std::pair(a.tick, a.order) < std::pair(b.tick, b.order);
    });
    std::string track;
    std::int64_t at = 0;
    for (const auto& event : events) {
        put_variable(track, static_cast<std::uint32_t>(event.tick - at));
        track += event.bytes;
        at = event.tick;
    }
    put_variable(track, static_cast<std::uint32_t>(std::max<std::int64_t>(0, tick - at)));
    track += meta(0x2f, {});
    std::string out = "MThd";
    put_number(out, 6, 4);
    put_number(out, 0, 2);
    put_number(out, 1, 2);
    put_number(out, static_cast<std::uint32_t>(quarter), 2);
    out += "MTrk";
    put_number(out, static_cast<std::uint32_t>(track.size()), 4);
    return out + track;
}

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
    std::stable_sort(map.tempi.begin(), map.tempi.end(), [](auto& a, auto& b) { return a.first < b.first; });
    std::stable_sort(map.metres.begin(), map.metres.end(),
                     [](auto& a, auto& b) { return a.first < b.first; });
    const auto ppq = static_cast<double>(division);
    std::vector<GridBeat> beats;
    std::vector<MetreChange> metres;
    std::size_t tempo = 0, metre = 0;
    double time = 0;
    std::int64_t bar_one = 0;
    double microseconds = 500'000; // 120 BPM where nothing else is said
    Metre now;
    std::int64_t last_tick = 0;
    double tick = 0;
    const auto advance = [&](double until) {
        while (tempo < map.tempi.size() && static_cast<double>(map.tempi[tempo].first) <= until) {
            const auto at = static_cast<double>(map.tempi[tempo].first);
            if (at > tick) {
                time += (at - tick) / ppq * microseconds * 1e-6;
                tick = at;
            }
            microseconds = map.tempi[tempo++].second;
        }
        time += (until - tick) / ppq * microseconds * 1e-6;
        tick = until;
    };
    constexpr std::size_t most_read = 200'000; // five hours at ten beats a second
    while (last_tick <= map.end) {
        if (beats.size() == most_read)
            return fail("This MIDI file has more beats than a piece of music.", {},
                        "Write it again, up to the end of the song only.");
        for (; metre < map.metres.size() && map.metres[metre].first <= last_tick; ++metre) {
            now = map.metres[metre].second;
            const auto beat = static_cast<std::int64_t>(beats.size());
            if (!metres.empty() && metres.back().beat == beat)
                metres.pop_back();
            const bool begins_bar =
                !metres.empty() && (beat - metres.back().beat) % metres.back().metre.beats_per_bar == 0;
            if (!begins_bar || !(metres.back().metre == now))
                metres.push_back({beat, now});
        }
        advance(static_cast<double>(last_tick));
        if (map.bar_one && *map.bar_one == last_tick)
            bar_one = static_cast<std::int64_t>(beats.size());
        beats.push_back({Seconds(time), 1.0f, BeatOrigin::Corrected});
        last_tick += std::max<std::int64_t>(1, static_cast<std::int64_t>(division) * 4 / now.beat_unit);
    }
    if (beats.size() < 2)
        return fail("There are fewer than two beats in this MIDI file.", {},
                    "It needs a tempo map or notes up to the end of the song.");
    for (auto& change : metres)
        change.beat -= bar_one;
    return of_usual_tempo(BeatGrid::make(std::move(beats), -bar_one, std::move(metres)));
}

} // namespace pulsepin
