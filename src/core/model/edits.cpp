// SPDX-License-Identifier: GPL-3.0-or-later
#include "model/edits.h"

#include "model/lane_kinds.h"

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
    for (const auto& lane : project.lanes)
        for (const auto& pin : lane->pins)
            if (const auto* cut = std::get_if<CutBody>(&pin.body); cut && cut->shot == clip)
                return fail("This shot is still used by cuts in \"" + lane->name + "\".", {},
                            "Give those cuts another shot, or delete them first.");
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
