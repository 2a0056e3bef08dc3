// SPDX-License-Identifier: GPL-3.0-or-later
#include "model/edits.h"

#include "model/anchored_time.h"
#include "model/lane_kinds.h"
#include "time/grid_edits.h"

#include <algorithm>
#include <cmath>

namespace pulsepin {
namespace {

/// Replaces each lane that `change` alters; lanes without a change stay shared.
template <class Change>
Project with_each_pin(Project project, Change&& change) {
    for (auto& shared : project.lanes) {
        std::shared_ptr<Lane> altered;
        for (std::size_t i = 0; i < shared->pins.size(); ++i) {
            Pin pin = shared->pins[i];
            change(pin);
            if (pin == shared->pins[i])
                continue;
            if (!altered)
                altered = std::make_shared<Lane>(*shared);
            altered->pins[i] = std::move(pin);
        }
        if (altered)
            shared = std::move(altered);
    }
    return project;
}

class PinSet {
public:
    explicit PinSet(std::span<const PinId> pins) : sorted_(pins.begin(), pins.end()) {
        std::sort(sorted_.begin(), sorted_.end());
    }
    [[nodiscard]] bool has(PinId id) const { return std::binary_search(sorted_.begin(), sorted_.end(), id); }

private:
    std::vector<PinId> sorted_;
};

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

template <class T>
Project with_pin(const Project& project, PinId id, T&& change) {
    return with_each_pin(project, [&](Pin& pin) {
        if (pin.id == id)
            change(pin);
    });
}

tl::unexpected<Error> no_such_pin() {
    return fail("That item is no longer there.");
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
    next.detection = std::make_shared<const Detection>(std::move(detection));
    if (!grid || (project.grid && !take_grid))
        return next;
    return relabelled(next, *grid);
}

namespace {

Project with_rows(const Project& project, std::vector<OnsetRow> rows) {
    Project next = project;
    Detection detection = project.detection ? *project.detection : Detection{};
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

Project relabelled(const Project& project, BeatGrid grid) {
    Project next = project;
    if (project.grid)
        next = with_each_pin(std::move(next), [&](Pin& pin) {
            if (auto* anchor = std::get_if<MusicalAnchor>(&pin.anchor))
                *anchor = renamed(*anchor, *project.grid, grid, project.settings->frame_rate);
        });
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
        const auto* cut = std::get_if<CutBody>(&pin.body);
        const auto* sound = std::get_if<SoundBody>(&pin.body);
        return (cut && cut->shot == clip) || (sound && sound->sound == clip);
    };
    for (const auto& lane : project.lanes)
        if (std::any_of(lane->pins.begin(), lane->pins.end(), uses))
            return fail("This clip is still used in \"" + lane->name + "\".", {},
                        "Delete what uses it there, or give it another one, first.");
    Project next = project;
    auto bin = *project.bin;
    std::erase_if(bin, [clip](const Clip& c) { return c.id == clip; });
    next.bin = std::make_shared<const std::vector<Clip>>(std::move(bin));
    return next;
}

Result<Project> with_pins(const Project& project, LaneId lane, std::vector<Pin> pins) {
    Project next = project;
    for (auto& shared : next.lanes) {
        if (shared->id != lane)
            continue;
        const auto wanted = lane_kind(shared->kind).empty_body().index();
        auto altered = std::make_shared<Lane>(*shared);
        for (auto& pin : pins) {
            if (pin.body.index() != wanted)
                return fail("\"" + shared->name + "\" holds " + std::string(lane_kind(shared->kind).id) +
                            " only.");
            pin.id = PinId{next.next_id++};
            altered->pins.push_back(std::move(pin));
        }
        shared = std::move(altered);
        return next;
    }
    return fail("That lane is no longer there.");
}

Project without_pins(const Project& project, std::span<const PinId> pins) {
    Project next = project;
    const PinSet listed(pins);
    for (auto& shared : next.lanes) {
        const auto goes = [&](const Pin& pin) { return listed.has(pin.id); };
        if (std::none_of(shared->pins.begin(), shared->pins.end(), goes))
            continue;
        auto altered = std::make_shared<Lane>(*shared);
        std::erase_if(altered->pins, goes);
        shared = std::move(altered);
    }
    return next;
}

Result<Project> with_anchor(const Project& project, PinId id, Anchor anchor) {
    if (!project.pin(id))
        return no_such_pin();
    return with_pin(project, id, [&](Pin& pin) { pin.anchor = anchor; });
}

Result<Project> with_body(const Project& project, PinId id, PinBody body) {
    const Pin* old = project.pin(id);
    if (!old)
        return no_such_pin();
    if (old->body.index() != body.index())
        return fail("An item keeps its kind.");
    return with_pin(project, id, [&](Pin& pin) { pin.body = body; });
}

Project with_lane(const Project& project, LaneKind kind, std::string name) {
    Project next = project;
    Lane lane{LaneId{next.next_id++}, kind, std::move(name), Frames(0), {}, false, false};
    next.lanes.push_back(std::make_shared<const Lane>(std::move(lane)));
    return next;
}

Result<Project> with_mute_and_solo(const Project& project, LaneId lane, bool muted, bool solo) {
    Project next = project;
    for (auto& shared : next.lanes)
        if (shared->id == lane) {
            auto altered = std::make_shared<Lane>(*shared);
            altered->muted = muted;
            altered->solo = solo;
            shared = std::move(altered);
            return next;
        }
    return fail("That lane is no longer there.");
}

Result<Project> with_sound_split(const Project& project, PinId id, Seconds at) {
    const Pin* pin = project.pin(id);
    const auto* body = pin ? std::get_if<SoundBody>(&pin->body) : nullptr;
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
    return with_pins(with_pin(project, id, [&](Pin& p) { p.body = first; }), lane, {rest});
}

Result<Project> with_song_trimmed(const Project& project, Seconds from, Seconds until) {
    if (!project.song)
        return fail("There is no song to trim.", {}, "Open one first.");
    Song song = *project.song;
    const double rate = static_cast<double>(song.sample_rate);
    const auto first = std::clamp<std::int64_t>(std::llround(from.value * rate), 0, song.length.value);
    const auto last = std::clamp<std::int64_t>(std::llround(until.value * rate), 0, song.length.value);
    if (last - first < song.sample_rate / 10)
        return fail("There would be hardly anything left of the song.", {}, "Make a longer range.");
    const Seconds shift(-static_cast<double>(first) / rate);
    song.from += Samples(first);
    song.length = Samples(last - first);
    song.fingerprint.clear(); // of other samples than before
    Project next = with_each_pin(project, [shift](Pin& pin) {
        if (auto* loose = std::get_if<TimeAnchor>(&pin.anchor))
            loose->at += shift;
    });
    next.song = std::make_shared<const Song>(std::move(song));
    if (project.grid)
        next.grid = std::make_shared<const BeatGrid>(*shifted(*project.grid, shift));
    if (project.detection) {
        Detection detection = *project.detection;
        if (detection.grid)
            detection.grid = *shifted(*detection.grid, shift);
        const Seconds end = next.song->duration();
        for (auto& row : detection.rows) {
            for (auto& onset : row.onsets)
                onset.time += shift;
            std::erase_if(row.onsets,
                          [&](const FoundOnset& o) { return o.time < Seconds(0) || o.time > end; });
            if (row.like) {
                row.like->from += shift;
                row.like->until += shift;
            }
        }
        for (auto& section : detection.sections) {
            section.start = std::max(section.start + shift, Seconds(0));
            section.end = std::min(section.end + shift, end);
        }
        std::erase_if(detection.sections,
                      [](const FoundSection& section) { return section.start >= section.end; });
        next.detection = std::make_shared<const Detection>(std::move(detection));
    }
    return next;
}

Result<Project> with_lead(const Project& project, LaneId lane, Frames lead) {
    Project next = project;
    for (auto& shared : next.lanes)
        if (shared->id == lane) {
            auto altered = std::make_shared<Lane>(*shared);
            altered->lead = lead;
            shared = std::move(altered);
            return next;
        }
    return fail("That lane is no longer there.");
}

Project moved_by(const Project& project, std::span<const PinId> pins, Ticks by) {
    const PinSet listed(pins);
    return with_each_pin(project, [&](Pin& pin) {
        if (!listed.has(pin.id))
            return;
        if (auto* musical = std::get_if<MusicalAnchor>(&pin.anchor)) {
            musical->at += by;
        } else if (auto* loose = std::get_if<TimeAnchor>(&pin.anchor); loose && project.grid) {
            const auto beats = static_cast<double>(by.value) / static_cast<double>(ticks_per_beat);
            loose->at = project.grid->time_at(project.grid->beats_at(loose->at) + Beats(beats));
        }
    });
}

Result<Project> with_pinned(const Project& project, PinId id, bool pinned) {
    const Pin* pin = project.pin(id);
    if (!pin)
        return no_such_pin();
    if (!project.grid)
        return fail("There is no grid yet to pin to.", {}, "Detect the beats first.");
    const auto& grid = *project.grid;
    if (const auto* musical = std::get_if<MusicalAnchor>(&pin->anchor); musical && !pinned)
        return with_anchor(
            project, id,
            TimeAnchor{grid.time_at(musical->at) + time_of(musical->offset, project.settings->frame_rate)});
    if (const auto* loose = std::get_if<TimeAnchor>(&pin->anchor); loose && pinned) {
        const Ticks beat = grid.nearest_beat(loose->at);
        return with_anchor(project, id, MusicalAnchor{beat, loose->at - grid.time_at(beat)});
    }
    return project;
}

} // namespace pulsepin
