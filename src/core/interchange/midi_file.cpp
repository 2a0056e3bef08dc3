// SPDX-License-Identifier: GPL-3.0-or-later
#include "interchange/midi_file.h"

#include <algorithm>

namespace pulsepin::midi {
namespace {

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

bool read_track(std::string_view bytes, int track, File& file) {
    Reader r(bytes);
    std::int64_t tick = 0;
    unsigned running = 0;
    while (!r.at_end()) {
        tick += r.variable();
        file.end = std::max(file.end, tick);
        const auto status = r.number(1);
        if (status == 0xff) {
            const auto type = r.number(1);
            const auto data = r.take(r.variable());
            if (type == static_cast<unsigned>(Meta::End))
                break;
            if (!r.failed())
                file.events.push_back({tick, track, status, type, std::string(data)});
        } else if (status == 0xf0 || status == 0xf7) {
            r.take(r.variable());
        } else {
            std::string data;
            if (status < 0x80) // a data byte; the status is that of the event before
                data += static_cast<char>(status);
            else
                running = status;
            if (running < 0x80)
                return false;
            const bool one = (running & 0xf0u) == 0xc0 || (running & 0xf0u) == 0xd0;
            data += r.take((one ? 1 : 2) - data.size());
            if (!r.failed() && running < 0xf0)
                file.events.push_back({tick, track, running, 0, std::move(data)});
        }
    }
    return !r.failed();
}

} // namespace

Result<File> read(std::string_view bytes) {
    Reader r(bytes);
    if (r.take(4) != "MThd" || r.number(4) < 6)
        return fail("This is no Standard MIDI File.", {}, "Choose a file that ends in .mid.");
    r.number(2);
    const auto tracks = r.number(2), division = r.number(2);
    if (division == 0 || (division & 0x8000u))
        return fail("This MIDI file counts in timecode, not in beats.", {},
                    "Write it again with a division in ticks per quarter note.");
    File file;
    file.division = division;
    for (std::uint32_t i = 0; i < tracks && !r.at_end(); ++i) {
        const auto name = r.take(4);
        const auto body = r.take(r.number(4));
        if (r.failed() || (name == "MTrk" && !read_track(body, file.tracks++, file)))
            return fail("This MIDI file is damaged.", {}, "Write it again with the program that made it.");
    }
    std::ranges::stable_sort(file.events, {}, &Event::tick);
    return file;
}

Clock::Clock(const File& file) : division_(file.division) {
    for (const auto& event : file.events) {
        const auto byte = [&](std::size_t i) {
            return static_cast<std::uint32_t>(static_cast<unsigned char>(event.data[i]));
        };
        if (event.status != 0xff)
            continue;
        if (event.meta == static_cast<unsigned>(Meta::Tempo) && event.data.size() == 3)
            tempi_.emplace_back(event.tick, byte(0) << 16 | byte(1) << 8 | byte(2));
        if (event.meta == static_cast<unsigned>(Meta::Metre) && event.data.size() >= 2)
            if (byte(0) >= 1 && byte(0) <= 32 && byte(1) <= 6)
                metres_.emplace_back(event.tick, Metre{static_cast<int>(byte(0)), 1 << byte(1)});
    }
}

Seconds Clock::time_at(std::int64_t tick) {
    const auto until = static_cast<double>(tick);
    while (tempo_ < tempi_.size() && static_cast<double>(tempi_[tempo_].first) <= until) {
        run_to(std::max(tick_, static_cast<double>(tempi_[tempo_].first)));
        microseconds_ = tempi_[tempo_++].second;
    }
    run_to(until);
    return Seconds(time_);
}

Metre Clock::metre_at(std::int64_t tick, std::int64_t beat, std::vector<MetreChange>& changes) {
    for (; next_ < metres_.size() && metres_[next_].first <= tick; ++next_) {
        now_ = metres_[next_].second;
        if (!changes.empty() && changes.back().beat == beat)
            changes.pop_back();
        const bool begins_bar =
            !changes.empty() && (beat - changes.back().beat) % changes.back().metre.beats_per_bar == 0;
        if (!begins_bar || !(changes.back().metre == now_))
            changes.push_back({beat, now_});
    }
    return now_;
}

void Clock::run_to(double tick) {
    time_ += (tick - tick_) / static_cast<double>(division_) * microseconds_ * 1e-6;
    tick_ = tick;
}

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

std::string meta(Meta type, const std::string& data) {
    std::string out = "\xff";
    out += static_cast<char>(type);
    put_variable(out, static_cast<std::uint32_t>(data.size()));
    return out + data;
}

std::string track_of(std::vector<Placed> events, std::int64_t end) {
    std::stable_sort(events.begin(), events.end(), [](const Placed& a, const Placed& b) {
        return std::pair(a.tick, a.order) < std::pair(b.tick, b.order);
    });
    std::string track;
    std::int64_t at = 0;
    for (const auto& event : events) {
        put_variable(track, static_cast<std::uint32_t>(event.tick - at));
        track += event.bytes;
        at = event.tick;
    }
    put_variable(track, static_cast<std::uint32_t>(std::max<std::int64_t>(0, end - at)));
    return track + meta(Meta::End, {});
}

std::string file_of(const std::vector<std::string>& tracks, std::uint32_t division) {
    std::string out = "MThd";
    put_number(out, 6, 4);
    put_number(out, tracks.size() == 1 ? 0 : 1, 2);
    put_number(out, static_cast<std::uint32_t>(tracks.size()), 2);
    put_number(out, division, 2);
    for (const auto& track : tracks) {
        out += "MTrk";
        put_number(out, static_cast<std::uint32_t>(track.size()), 4);
        out += track;
    }
    return out;
}

} // namespace pulsepin::midi
