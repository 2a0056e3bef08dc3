// SPDX-License-Identifier: GPL-3.0-or-later
//
// Standard MIDI Files 1.0 (MIDI Manufacturers Association, RP-001).
#include "interchange/midi_tempo_map.h"

#include "base/whole.h"
#include "interchange/midi_file.h"
#include "schedule/resolve.h"

#include <algorithm>
#include <bit>
#include <cmath>
#include <limits>
#include <memory>

namespace pulsepin {
namespace {

constexpr std::int64_t quarter = ticks_per_beat;
constexpr std::string_view bar_one_text = "bar 1"; ///< tells which beat is bar 1, where whole beats lead in

constexpr int metres_first = 0, then_tempi = 1, then_texts = 2, then_markers = 3;

using midi::meta;
using midi::Meta;
using midi::put_number;

std::string tempo_event(std::uint32_t microseconds_a_quarter) {
    std::string data;
    put_number(data, std::clamp<std::uint32_t>(microseconds_a_quarter, 1, 0xffffff), 3);
    return meta(Meta::Tempo, data);
}

std::string metre_event(Metre metre) {
    std::string data;
    data += static_cast<char>(metre.beats_per_bar);
    data += static_cast<char>(std::bit_width(static_cast<unsigned>(metre.beat_unit)) - 1);
    data += static_cast<char>(24);
    data += static_cast<char>(8);
    return meta(Meta::Metre, data);
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
                events_.push_back({tick_, then_texts, meta(Meta::Text, std::string(bar_one_text))});
            if (beat < grid.last_beat())
                run(beat_ticks(beat), time_of(beat + 1));
        }
    }

    void mark(Seconds time, const std::string& name) {
        events_.push_back({tick_at(time), then_markers, meta(Meta::Marker, name)});
    }

    /// What lies far behind the end is as far behind it as the format can say.
    [[nodiscard]] std::int64_t tick_at(Seconds time) const {
        const double place = grid_.beats_at(time).value;
        const auto near = std::clamp(floor_whole(place), first_, grid_.last_beat());
        const auto at = std::min(
            tick_of_beat_[static_cast<std::size_t>(near - first_)] +
                nearest_whole((place - static_cast<double>(near)) * static_cast<double>(beat_ticks(near))),
            tick_ + 0x0fffffff);
        return std::max<std::int64_t>(0, at);
    }

    [[nodiscard]] std::string bytes() const { return midi::track_of(events_, tick_); }

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
        events_.push_back({tick_, then_tempi, tempo_event(tempo)});
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
            {0, metres_first,
             metre_event({static_cast<int>(std::min<std::int64_t>(beats, 32)), metre_at(first_).beat_unit})});
        run(beats * beat_ticks(first_), start);
    }

    void put_metre(std::int64_t beat) {
        const bool changes = std::any_of(grid_.metres().begin(), grid_.metres().end(),
                                         [&](const MetreChange& c) { return c.beat == beat; });
        if (changes || beat == first_bar_)
            events_.push_back({tick_, metres_first, metre_event(metre_at(beat))});
        else if (beat == first_) // what is left of a bar
            events_.push_back(
                {tick_, metres_first,
                 metre_event({static_cast<int>(first_bar_ - first_), metre_at(beat).beat_unit})});
    }

    const BeatGrid& grid_;
    std::int64_t first_, first_bar_ = std::numeric_limits<std::int64_t>::min();
    std::int64_t tick_ = 0;
    double time_ = 0;
    std::vector<std::int64_t> tick_of_beat_; ///< from the first on
    std::vector<midi::Placed> events_;
};

} // namespace

Result<MidiTempoMap> midi_tempo_map(const Schedule& schedule) {
    const Project& project = schedule.project();
    if (!project.grid)
        return fail("There are no beats to write.", {}, "Find the beats first.");
    const auto grid = std::make_shared<const BeatGrid>(*project.grid);
    const auto tempi = std::make_shared<TempoTrack>(*grid);
    for (std::size_t i = 0; i < schedule.size(); ++i)
        if (holds<MarkerBody>(project.lanes[i]->kind))
            for (const auto& pin : schedule[i].pins)
                tempi->mark(pin.time, body_of<MarkerBody>(project.lanes[i]->pins[pin.index].body).name);
    return MidiTempoMap{tempi->bytes(), [grid, tempi](Seconds time) { return tempi->tick_at(time); }};
}

Result<std::string> write_midi_tempo_map(const Schedule& schedule) {
    return midi_tempo_map(schedule).map(
        [](const MidiTempoMap& tempi) { return midi::file_of({tempi.track}, quarter); });
}

namespace {

Result<BeatGrid> grid_of(const midi::File& file) {
    constexpr std::size_t most_read = 200'000; // five hours at ten beats a second
    midi::Clock clock(file);
    std::optional<std::int64_t> told_bar_one;
    for (const auto& event : file.events)
        if (event.status == 0xff && event.meta == static_cast<unsigned>(Meta::Text) &&
            event.data == bar_one_text)
            told_bar_one = event.tick;
    std::vector<GridBeat> beats;
    std::vector<MetreChange> metres;
    std::int64_t bar_one = 0;
    for (std::int64_t tick = 0; tick <= file.end;) {
        if (beats.size() == most_read)
            return fail("This MIDI file has more beats than a piece of music.", {},
                        "Write it again, up to the end of the song only.");
        const auto beat = static_cast<std::int64_t>(beats.size());
        const Metre metre = clock.metre_at(tick, beat, metres);
        if (told_bar_one == tick)
            bar_one = beat;
        beats.push_back({clock.time_at(tick), 1.0f, BeatOrigin::Corrected});
        tick += std::max<std::int64_t>(1, static_cast<std::int64_t>(file.division) * 4 / metre.beat_unit);
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
    const auto file = midi::read(bytes);
    return file ? grid_of(*file) : tl::unexpected(file.error());
}

} // namespace pulsepin
