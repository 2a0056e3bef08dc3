// SPDX-License-Identifier: GPL-3.0-or-later
#include "interchange/midi_notes.h"

#include "base/whole.h"
#include "follow/follow.h"
#include "interchange/midi_file.h"
#include "interchange/midi_tempo_map.h"
#include "schedule/lasting.h"
#include "schedule/piece_length.h"

#include <algorithm>
#include <fmt/core.h>
#include <map>

namespace pulsepin {
namespace {

constexpr int first_pitch = 36, last_pitch = 127;
constexpr int names_first = 0, then_controls = 1, offs = 2, lyrics = 3, ons = 4; // of one tick
constexpr int most_controllers = 33;

/// Undefined ones of MIDI 1.0: 20 to 31, 85 to 87, 102 to 119.
int controller(int number) {
    return number < 12 ? 20 + number : number < 15 ? 85 + number - 12 : 102 + number - 15;
}

std::string bytes(int first, int second, int third) {
    return {static_cast<char>(first), static_cast<char>(second), static_cast<char>(third)};
}

/// Where pins end that last.
std::map<PinId, Seconds> ends_of(const ExportMaterial& material, const Lane& lane) {
    const auto rate = material.project.settings->frame_rate;
    const LaneSpans& spans = material.curves.schedule.spans(lane.id);
    std::map<PinId, Seconds> ends;
    for (const auto& span : spans.triggers)
        ends[span.pin] = rate.start_of(span.end);
    for (const auto& span : spans.appearances)
        ends[span.pin] = rate.start_of(span.end);
    for (const auto& span : spans.texts)
        ends[span.pin] = span.end;
    for (const auto& span : spans.shots)
        ends[span.cut] = rate.start_of(span.end);
    return ends;
}

int velocity_of(const Lane& lane, const Pin& pin) {
    for (const auto& told : lane.kind->properties)
        if (told.spec.id == "strength")
            return static_cast<int>(
                std::clamp<std::int64_t>(nearest_whole(std::get<double>(told.get(pin.body))), 1, 127));
    return 100;
}

class Notes {
public:
    Notes(const ExportMaterial& material, const MidiTempoMap& tempi)
        : material_(material), project_(material.project), tempi_(tempi) {}

    void add(const Lane& lane, const ResolvedLane& resolved) {
        std::vector<midi::Placed> events{{0, names_first, midi::meta(midi::Meta::TrackName, lane.name)}};
        if (resolved.pins.empty() && !lane.kind->drives())
            return;
        const int pitch = std::min(first_pitch + lanes_++, last_pitch);
        const auto ends = ends_of(material_, lane);
        std::int64_t sounding = -1; // until then, the note of this lane
        for (const auto& pin : resolved.pins) {
            const Pin& placed = lane.pins[pin.index];
            if (placed.muted || pin.acts_at < Seconds(0))
                continue;
            const auto from = tempi_.tick_at(pin.acts_at);
            auto until = from + ticks_per_beat / 4;
            if (const auto end = ends.find(pin.id); end != ends.end())
                until = std::max(from + 1, tempi_.tick_at(end->second));
            else if (const auto* marker = body_if<MarkerBody>(&placed.body))
                if (const auto lasts = duration_of(marker->length, pin.time, project_))
                    until = std::max(from + 1, tempi_.tick_at(pin.acts_at + *lasts));
            if (from < sounding) // one pitch cannot sound twice: the note before ends here
                std::erase_if(events,
                              [&](const midi::Placed& one) { return one.order == offs && one.tick > from; });
            if (from < sounding)
                events.push_back({from, offs, bytes(0x80, pitch, 64)});
            if (const auto* word = body_if<WordBody>(&placed.body))
                events.push_back({from, lyrics, midi::meta(midi::Meta::Lyric, word->text)});
            events.push_back({from, ons, bytes(0x90, pitch, velocity_of(lane, placed))});
            events.push_back({until, offs, bytes(0x80, pitch, 64)});
            sounding = until;
        }
        if (lane.kind->drives())
            add_curve(lane, events);
        if (events.size() > 1)
            tracks_.push_back(midi::track_of(std::move(events), 0));
    }
    [[nodiscard]] const std::vector<std::string>& tracks() const { return tracks_; }

private:
    /// Where its value, of 128, is another than before.
    void add_curve(const Lane& lane, std::vector<midi::Placed>& events) {
        if (curves_ == most_controllers || !part_of<Motion>(lane))
            return;
        const int number = controller(curves_++);
        const double per_second = project_.settings->frame_rate.per_second();
        const double seconds = project_.settings->frame_rate.start_of(piece_length(project_)).value;
        const LaneSpans& spans = material_.curves.schedule.spans(lane.id);
        int before = -1;
        for (std::int64_t i = 0; static_cast<double>(i) / 100 < seconds; ++i) {
            const double at = static_cast<double>(i) / 100;
            const auto share = lane_share(project_, lane, spans, *material_.curves.followers, at * per_second,
                                          part_of<Motion>(lane)->own);
            const int value =
                static_cast<int>(std::clamp<std::int64_t>(nearest_whole(share.value_or(0) * 127), 0, 127));
            if (value != before)
                events.push_back({tempi_.tick_at(Seconds(at)), then_controls, bytes(0xb0, number, value)});
            before = value;
        }
    }

    const ExportMaterial& material_;
    const Project& project_;
    const MidiTempoMap& tempi_;
    std::vector<std::string> tracks_;
    int lanes_ = 0, curves_ = 0;
};

} // namespace

Result<std::string> write_midi_notes(const ExportMaterial& material) {
    const auto tempi = midi_tempo_map(material.curves.schedule);
    if (!tempi)
        return tl::unexpected(tempi.error());
    Notes notes(material, *tempi);
    for (std::size_t i = 0; i < material.curves.schedule.size(); ++i)
        if (const Lane& lane = *material.project.lanes[i]; !lane.muted)
            notes.add(lane, material.curves.schedule[i]);
    if (notes.tracks().empty())
        return fail("There is nothing placed to write.", {}, "Place something first.");
    std::vector<std::string> tracks{tempi->track};
    tracks.insert(tracks.end(), notes.tracks().begin(), notes.tracks().end());
    return midi::file_of(tracks, ticks_per_beat);
}

std::vector<std::string> midi_notes_losses(const ExportMaterial& material) {
    std::size_t curves = 0;
    for (const auto& lane : material.project.lanes)
        curves += !lane->muted && lane->kind->drives();
    std::vector<std::string> losses;
    if (curves > most_controllers)
        losses.push_back(
            fmt::format("{} lanes of curves, for want of controllers", curves - most_controllers));
    if (curves > 0)
        losses.push_back("what of curves goes beyond their ends");
    return losses;
}

} // namespace pulsepin
