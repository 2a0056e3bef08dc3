// SPDX-License-Identifier: GPL-3.0-or-later
#include "model/edits.h"

#include "base/whole.h"

#include "model/anchored_time.h"
#include "model/change_pins.h"
#include "model/lane_kind.h"
#include "model/limits.h"
#include "model/onset_edits.h"
#include "time/clock_grid.h"
#include "time/grid_edits.h"

#include <algorithm>
#include <cmath>
#include <set>
#include <utility>

namespace pulsepin {
namespace {

/// The same moment under another grid. An offset in frames becomes one in seconds where a rest is left over,
/// since the time matters more than its unit.
MusicalAnchor renamed(const MusicalAnchor& anchor, const BeatGrid& from, const BeatGrid& to, FrameRate rate) {
    const Seconds base = from.time_at(anchor.at);
    const Ticks at = to.nearest_tick(base);
    const Seconds rest = base - to.time_at(at);
    if (std::abs(rest.value) < 1e-9)
        return {at, anchor.offset};
    return {at, time_of(anchor.offset, rate) + rest};
}

} // namespace

Project with_settings(const Project& project, Settings settings) {
    Project next = project;
    next.settings = std::make_shared<const Settings>(std::move(settings));
    return next;
}

Project with_song(const Project& project, Song song) {
    Project next = project;
    next.song = std::make_shared<const Song>(std::move(song));
    next.song_track = std::make_shared<const SongTrack>();
    next.grid = nullptr;
    next.detection = nullptr;
    return next;
}

Project with_song_path(const Project& project, std::filesystem::path path) {
    Project next = project;
    if (!project.song)
        return next;
    Song song = *project.song;
    song.path = std::move(path);
    next.song = std::make_shared<const Song>(std::move(song));
    return next;
}

Project with_detection(const Project& project, Detection detection, bool take_grid) {
    const auto grid = detection.grid;
    Project next = project;
    if (project.detection) // what a person corrected is not lost by listening once more
        detection.rows = carried_over(project.detection->rows, std::move(detection.rows));
    next.detection = std::make_shared<const Detection>(std::move(detection));
    if (!grid || (project.grid && !take_grid))
        return next;
    return relabelled(next, *grid);
}

namespace {

Project with_rows(const Project& project, std::vector<OnsetRow> rows) {
    Project next = project;
    Detection detection = project.detection ? *project.detection : Detection{};
    refresh_merged(rows);
    detection.rows = std::move(rows);
    next.detection = std::make_shared<const Detection>(std::move(detection));
    return next;
}

} // namespace

Result<Project> with_onset_row(const Project& project, std::size_t index, OnsetRow row) {
    if (!project.detection || index > project.detection->rows.size())
        return fail("There is no such row of onsets.", {}, "Let the song be listened to first.");
    auto rows = project.detection->rows;
    if (index == rows.size())
        rows.push_back(std::move(row));
    else
        rows[index] = std::move(row);
    return with_rows(project, std::move(rows));
}

Result<Project> without_onset_row(const Project& project, std::size_t index) {
    if (!project.detection || index >= project.detection->rows.size())
        return fail("There is no such row of onsets.");
    if (index == 0)
        return fail("The row of everything that starts stays.", {}, "Hide it instead.");
    auto rows = project.detection->rows;
    rows.erase(rows.begin() + static_cast<std::ptrdiff_t>(index));
    return with_rows(project, std::move(rows));
}

Project retimed(const Project& project, BeatGrid grid) {
    Project next = project;
    next.grid = std::make_shared<const BeatGrid>(std::move(grid));
    return next;
}

namespace {

/// Whose ticks are those of the clock.
std::set<PlantingId> plantings_by_clock(const Project& project) {
    std::set<PlantingId> out;
    for (const auto& planting : *project.plantings)
        if (planting.by_clock())
            out.insert(planting.id);
    return out;
}

Picker renamed(Picker picker, const auto& new_name) {
    if (picker.by_clock) // it knows no beats
        return picker;
    picker.from = new_name(picker.from);
    picker.until = new_name(picker.until);
    for (auto& at : picker.list)
        at = new_name(at);
    return picker;
}

} // namespace

Project relabelled(const Project& project, BeatGrid grid) {
    Project next = project;
    if (project.grid) {
        const BeatGrid& old = *project.grid;
        const auto new_name = [&](Ticks at) { return grid.nearest_tick(old.time_at(at)); };
        const auto by_clock = plantings_by_clock(project);
        next = with_each_pin(std::move(next), [&](Pin& pin) {
            if (pin.home && !by_clock.contains(pin.planting))
                pin.home = new_name(*pin.home);
            if (auto* anchor = std::get_if<MusicalAnchor>(&pin.anchor))
                *anchor = renamed(*anchor, old, grid, project.settings->frame_rate);
        });
        auto plantings = *project.plantings;
        for (auto& planting : plantings) {
            if (planting.by_clock())
                continue;
            const Ticks somewhere = planting.picker ? planting.picker->from : Ticks(0);
            planting.shift = new_name(somewhere + planting.shift) - new_name(somewhere);
            for (auto& at : planting.left_out)
                at = new_name(at);
            if (planting.picker)
                planting.picker = renamed(*planting.picker, new_name);
        }
        next.plantings = std::make_shared<const std::vector<Planting>>(std::move(plantings));
        auto pickers = *project.pickers;
        for (auto& named : pickers)
            named.picker = renamed(named.picker, new_name);
        next.pickers = std::make_shared<const std::vector<NamedPicker>>(std::move(pickers));
    }
    next.grid = std::make_shared<const BeatGrid>(std::move(grid));
    return next;
}

Project with_excluded(const Project& project, TimeSpan span, bool excluded) {
    std::vector<TimeSpan> spans;
    for (const auto& old : *project.excluded) {
        const bool apart = old.until < span.from || old.from > span.until;
        if (apart) {
            spans.push_back(old);
        } else if (excluded) {
            span = {std::min(span.from, old.from), std::max(span.until, old.until)};
        } else {
            if (old.from < span.from)
                spans.push_back({old.from, span.from});
            if (old.until > span.until)
                spans.push_back({span.until, old.until});
        }
    }
    if (excluded && span.from < span.until)
        spans.push_back(span);
    std::sort(spans.begin(), spans.end(),
              [](const TimeSpan& a, const TimeSpan& b) { return a.from < b.from; });
    Project next = project;
    next.excluded = std::make_shared<const std::vector<TimeSpan>>(std::move(spans));
    return next;
}

Project with_clips(const Project& project, std::vector<Clip> added) {
    Project next = project;
    auto bin = *project.bin;
    for (auto& clip : added) {
        clip.id = ClipId{next.next_id++};
        bin.push_back(std::move(clip));
    }
    next.bin = std::make_shared<const std::vector<Clip>>(std::move(bin));
    return next;
}

Result<Project> without_clip(const Project& project, ClipId clip) {
    const auto uses = [clip](const Pin& pin) {
        const auto* cut = body_if<CutBody>(&pin.body);
        const auto* sound = body_if<SoundBody>(&pin.body);
        return (cut && cut->shot == clip) || (sound && sound->sound == clip);
    };
    for (const auto& lane : project.lanes)
        if (std::any_of(lane->pins.begin(), lane->pins.end(), uses))
            return fail("This clip is still used in \"" + lane->name + "\".", {},
                        "Delete what uses it there, or give it another one, first.");
    if (project.rig->picture == clip)
        return fail("This clip is still used in the plan of lamps.", {},
                    "Choose another ground there first.");
    for (const auto& layer : project.stage->layers)
        if (layer.kind == layers::picture && layer.picture == clip)
            return fail("This clip is still used in the layer \"" + layer.name + "\".", {},
                        "Delete the layer, or give it another picture, first.");
    Project next = project;
    auto bin = *project.bin;
    std::erase_if(bin, [clip](const Clip& c) { return c.id == clip; });
    next.bin = std::make_shared<const std::vector<Clip>>(std::move(bin));
    return next;
}

Result<Project> with_sound_split(const Project& project, PinId id, Seconds at) {
    const Pin* pin = project.pin(id);
    const auto* body = pin ? body_if<SoundBody>(&pin->body) : nullptr;
    if (!body)
        return fail("Only a sound can be split.");
    const auto start = anchored_time(pin->anchor, project);
    if (!start || at <= *start || at >= *start + body->length)
        return fail("The playhead is not inside of that sound.", {},
                    "Put it where the sound shall be split.");
    SoundBody first = *body, second = *body;
    first.length = at - *start;
    first.fade_in = std::min(first.fade_in, first.length);
    first.fade_out = Seconds(0);
    second.in_point += first.length;
    second.length -= first.length;
    second.fade_in = Seconds(0);
    second.fade_out = std::min(second.fade_out, second.length);
    Pin rest{{}, TimeAnchor{at}, second, pin->planting};
    if (std::holds_alternative<MusicalAnchor>(pin->anchor) && project.grid) {
        const Ticks tick = project.grid->nearest_tick(at);
        rest.anchor = MusicalAnchor{tick, at - project.grid->time_at(tick)};
    }
    const LaneId lane = project.lane_of(id)->id;
    const PinId only[] = {id};
    return with_pins(with_bodies(project, only, [&](PinBody& changed) { changed = first; }), lane, {rest});
}

namespace {

/// A sound is heard to begin up to so much before the beat that it belongs to: what lies so close before a
/// range that was drawn along the beats begins with it.
constexpr Seconds onset_tolerance{0.04};

void trim(Seconds& time, Seconds shift) {
    time += shift;
    if (time < Seconds(0) && time >= -onset_tolerance)
        time = Seconds(0);
}

void trim(std::vector<FoundOnset>& onsets, Seconds shift, Seconds end) {
    for (auto& onset : onsets)
        trim(onset.time, shift);
    std::erase_if(onsets, [&](const FoundOnset& o) { return o.time < Seconds(0) || o.time > end; });
    // Of several that now lie at the beginning the strongest is left.
    const auto after =
        std::find_if(onsets.begin(), onsets.end(), [](const FoundOnset& o) { return o.time > Seconds(0); });
    if (after - onsets.begin() > 1) {
        const auto weaker = [](const FoundOnset& a, const FoundOnset& b) { return a.strength < b.strength; };
        onsets.front() = *std::max_element(onsets.begin(), after, weaker);
        onsets.erase(onsets.begin() + 1, after);
    }
}

/// Its places lie at the same moments of the song as before. One of the whole song counts on from where the
/// song began.
Picker trimmed(Picker picker, Seconds shift, Seconds song) {
    if (!picker.by_clock)
        return picker;
    if (std::exchange(picker.whole, false)) {
        picker.from = Ticks(0);
        picker.until = clock_ticks(song);
    }
    const Ticks by = clock_ticks(shift);
    picker.from += by;
    picker.until += by;
    for (auto& at : picker.list)
        at += by;
    return picker;
}

/// Pins go by `shift`. What was picked in plain time keeps its rule: it lies where that says, which the clock
/// counts in 9600ths of a second.
Project with_pins_trimmed(const Project& project, Seconds shift) {
    const auto by_clock = plantings_by_clock(project);
    const Seconds song = project.song->duration();
    const FrameRate rate = project.settings->frame_rate;
    Project next = with_each_pin(project, [&](Pin& pin) {
        auto* loose = std::get_if<TimeAnchor>(&pin.anchor);
        if (!pin.home || !by_clock.contains(pin.planting)) {
            if (loose)
                loose->at += shift;
            return;
        }
        const Planting& planting = *project.planting(pin.planting);
        *pin.home += clock_ticks(shift);
        if (!pin.moved)
            pin.anchor = planting.place_of(*pin.home, rate);
        else if (loose)
            loose->at += shift;
    });
    auto plantings = *project.plantings;
    for (auto& planting : plantings)
        if (planting.by_clock()) {
            planting.picker = trimmed(*planting.picker, shift, song);
            for (auto& at : planting.left_out)
                at += clock_ticks(shift);
        }
    next.plantings = std::make_shared<const std::vector<Planting>>(std::move(plantings));
    auto pickers = *project.pickers;
    for (auto& named : pickers)
        named.picker = trimmed(named.picker, shift, song);
    next.pickers = std::make_shared<const std::vector<NamedPicker>>(std::move(pickers));
    return next;
}

constexpr float silence_lufs = -70; // as the gate of ITU-R BS.1770 has it

Detection trimmed(Detection found, Seconds shift, Seconds end) {
    if (found.grid)
        found.grid = *shifted(*found.grid, shift);
    const auto cut_off = std::clamp<std::ptrdiff_t>(
        static_cast<std::ptrdiff_t>(nearest_whole(-shift.value * 10)), 0, std::ssize(found.levels));
    found.levels.erase(found.levels.begin(), found.levels.begin() + cut_off);
    if (shift > Seconds(0) && !found.levels.empty()) // silence comes first
        found.levels.insert(found.levels.begin(), static_cast<std::size_t>(nearest_whole(shift.value * 10)),
                            silence_lufs);
    for (auto& row : found.rows) {
        trim(row.onsets, shift, end);
        for (auto& one : row.by_hand)
            for (auto* at : {&one.was, &one.now})
                if (*at)
                    trim(**at, shift);
        std::erase_if(row.by_hand, [end](const OnsetRow::Correction& one) {
            const Seconds at = one.now ? *one.now : *one.was;
            return at < Seconds(0) || at >= end;
        });
        if (row.like) {
            row.like->from += shift;
            row.like->until += shift;
        }
    }
    for (auto& section : found.sections) {
        section.start = std::max(section.start + shift, Seconds(0));
        section.end = std::min(section.end + shift, end);
    }
    std::erase_if(found.sections, [](const FoundSection& section) { return section.start >= section.end; });
    return found;
}

/// It is heard from and until the same moments, as far as they are still there, and its line of gain lies
/// under the same ones.
SongTrack trimmed(SongTrack track, Seconds shift, Seconds song) {
    constexpr Seconds shortest(0.01);
    auto& body = track.body;
    for (auto& point : body.gain_line)
        point.at += shift;
    const Seconds until = body.in_point + body.length + shift;
    body.in_point = std::max(body.in_point + shift, Seconds(0));
    if (body.length > Seconds(0)) // else it is heard to its end, as before
        body.length = std::max(std::min(until, song) - body.in_point, shortest);
    return track;
}

} // namespace

Result<Project> with_song_trimmed(const Project& project, Seconds from, Seconds until) {
    if (!project.song)
        return fail("There is no song to trim.", {}, "Open one first.");
    Song song = *project.song;
    const double rate = static_cast<double>(song.sample_rate);
    // Before the song begins there may be what was trimmed off, or silence.
    const auto earliest = std::min<std::int64_t>(0, limits::first_sample.least - song.from.value);
    const auto first =
        std::clamp<std::int64_t>(nearest_whole(from.value * rate), earliest, song.length.value);
    const auto last = std::clamp<std::int64_t>(nearest_whole(until.value * rate), 0, song.length.value);
    if (last - first < song.sample_rate / 10)
        return fail("There would be hardly anything left of the song.", {}, "Make a longer range.");
    const Seconds shift(-static_cast<double>(first) / rate);
    song.from += Samples(first);
    song.length = Samples(last - first);
    song.fingerprint.clear(); // of other samples than before
    Project next = with_pins_trimmed(project, shift);
    next.song = std::make_shared<const Song>(std::move(song));
    next.song_track =
        std::make_shared<const SongTrack>(trimmed(*project.song_track, shift, next.song->duration()));
    if (project.settings->begins || project.settings->ends) {
        Settings settings = *project.settings;
        for (auto* edge : {&settings.begins, &settings.ends})
            if (*edge)
                **edge += shift;
        if (settings.begins && *settings.begins <= Seconds(0))
            settings.begins.reset();
        if (settings.ends && *settings.ends <= settings.begins.value_or(Seconds(0)))
            settings.ends.reset();
        next.settings = std::make_shared<const Settings>(std::move(settings));
    }
    if (project.grid)
        next.grid = std::make_shared<const BeatGrid>(*shifted(*project.grid, shift));
    const Seconds end = next.song->duration();
    if (project.detection)
        next.detection = std::make_shared<const Detection>(trimmed(*project.detection, shift, end));
    auto excluded = *project.excluded;
    for (auto& span : excluded)
        span = {std::max(span.from + shift, Seconds(0)), std::min(span.until + shift, end)};
    std::erase_if(excluded, [](const TimeSpan& span) { return span.from >= span.until; });
    next.excluded = std::make_shared<const std::vector<TimeSpan>>(std::move(excluded));
    auto bin = *project.bin;
    for (auto& clip : bin)
        if (clip.begins_at) // a camera shows the same moment of the song as before
            *clip.begins_at += shift;
    next.bin = std::make_shared<const std::vector<Clip>>(std::move(bin));
    if (auto checking = *project.checking; !checking.accepted.empty()) {
        for (auto& accepted : checking.accepted) // it is about the same moment of the song
            accepted.at = Seconds(limits::seconds.nearest((accepted.at + shift).value));
        next.checking = std::make_shared<const Checking>(std::move(checking));
    }
    return next;
}

} // namespace pulsepin
