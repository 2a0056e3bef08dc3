// SPDX-License-Identifier: GPL-3.0-or-later
//
// Markers, lyrics and notes of a Standard MIDI File as markers, by its own tempo map.
#include "base/unicode.h"
#include "interchange/list_readers.h"
#include "interchange/midi_file.h"

#include <array>
#include <fmt/core.h>
#include <map>

namespace pulsepin {
namespace {

constexpr ParamChoice whats[] = {
    {"markers", "its markers"}, {"lyrics", "its lyrics"}, {"notes", "the notes of a channel"}};
constexpr ParamSpec own[] = {
    {.id = "what", .label = "what comes in", .type = ParamType::Choice, .choices = whats},
    {.id = "channel",
     .label = "channel",
     .type = ParamType::Whole,
     .least = 0,
     .most = 16,
     .explains = "whose notes; 0: of all channels"},
    {.id = "note",
     .label = "note",
     .type = ParamType::Whole,
     .least = -1,
     .most = 127,
     .initial = -1,
     .explains = "only this one (36 is usually a kick, 38 a snare); -1: all of them"}};

/// As "C#3", with C4 for note 60 (common practice).
std::string note_name(unsigned note) {
    static constexpr std::array names{"C", "C#", "D", "D#", "E", "F", "F#", "G", "G#", "A", "A#", "B"};
    return fmt::format("{}{}", names[note % 12], static_cast<int>(note / 12) - 1);
}

class List {
public:
    List(const midi::File& file, const ParamValues& values)
        : clock_(file), what_(values.text("what")), channel_(static_cast<unsigned>(values.whole("channel"))),
          note_(values.whole("note")) {}

    void take(const midi::Event& event) {
        const Seconds at = clock_.time_at(event.tick);
        if (event.status == 0xff) {
            const auto wanted = what_ == "markers" ? midi::Meta::Marker : midi::Meta::Lyric;
            if (what_ != "notes" && event.meta == static_cast<unsigned>(wanted))
                add(at, as_utf8(event.data));
            return;
        }
        const unsigned kind = event.status & 0xf0u, channel = (event.status & 0x0fu) + 1;
        if (what_ != "notes" || event.data.size() < 2 || (channel_ != 0 && channel != channel_))
            return;
        const auto note = static_cast<unsigned char>(event.data[0]);
        const auto velocity = static_cast<unsigned char>(event.data[1]);
        if (note_ >= 0 && note != note_)
            return;
        if (kind == 0x90 && velocity > 0) {
            add(at, note_name(note));
            list_.items.back().note = fmt::format("channel {}, velocity {}", channel, velocity);
            sounding_[{channel, note}] = list_.items.size() - 1;
        } else if (kind == 0x80 || kind == 0x90) {
            if (const auto found = sounding_.find({channel, note}); found != sounding_.end()) {
                list_.items[found->second].until = std::max(at, list_.items[found->second].at);
                sounding_.erase(found);
            }
        }
    }
    BroughtIn& list() { return list_; }

private:
    void add(Seconds at, std::string name) {
        BroughtItem item;
        item.at = item.until = at;
        item.name = std::move(name);
        list_.items.push_back(std::move(item));
    }
    midi::Clock clock_;
    std::string what_;
    unsigned channel_;
    std::int64_t note_;
    std::map<std::pair<unsigned, unsigned>, std::size_t> sounding_;
    BroughtIn list_;
};

Result<BroughtIn> read(std::string_view bytes, const ListReading& reading) {
    const auto file = midi::read(bytes);
    if (!file)
        return tl::unexpected(file.error());
    List list(*file, reading.values);
    for (const auto& event : file->events)
        list.take(event);
    if (list.list().items.empty())
        return fail("There are none of those in this MIDI file.", {},
                    "Choose markers, lyrics or notes: whichever it has.");
    return std::move(list.list());
}

} // namespace

const ListReaderRow midi_list_reader{"midi", "Standard MIDI File", "mid midi smf", read, own};

} // namespace pulsepin
