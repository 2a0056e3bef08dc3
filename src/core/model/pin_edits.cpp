// SPDX-License-Identifier: GPL-3.0-or-later
#include "model/pin_edits.h"

#include "model/anchored_time.h"
#include "model/change_pins.h"
#include "model/few_pins.h"
#include "model/lane_kind.h"

#include <cmath>
#include <map>
#include <set>

namespace pulsepin {
namespace {

tl::unexpected<Error> no_such_pin() {
    return fail("That item is no longer there.");
}

tl::unexpected<Error> is_locked() {
    return fail("That item is locked.", {}, "Unlock it, or its lane, first.");
}

bool locked(const Lane& lane, const Pin& pin) {
    return lane.locked || pin.locked;
}

/// Those of whose pins none would stay behind: they are changed as one.
std::set<PlantingId> whole_plantings(const Project& project, const PinSet& pins) {
    if (project.plantings->empty())
        return {};
    std::set<PlantingId> touched, torn;
    PlantingId last_touched, last_torn; // neighbours mostly belong together
    for (const auto& lane : project.lanes)
        for (const auto& pin : lane->pins) {
            if (pin.planting.value == 0)
                continue;
            const bool goes = pins.contains(pin.id) && !locked(*lane, pin);
            auto& last = goes ? last_touched : last_torn;
            if (last != pin.planting)
                (goes ? touched : torn).insert(pin.planting);
            last = pin.planting;
        }
    std::erase_if(touched, [&](PlantingId id) { return torn.contains(id); });
    return touched;
}

template <class Change>
Project with_each_of(const Project& project, const PinSet& pins, Change&& change) {
    return with_each_pin(
        project,
        [&](const Lane& lane, const Pin& pin) { return pins.contains(pin.id) && !locked(lane, pin); },
        std::forward<Change>(change));
}

template <class Change>
Project with_plantings(Project project, Change&& change) {
    if (project.plantings->empty())
        return project;
    auto plantings = *project.plantings;
    change(plantings);
    if (plantings != *project.plantings)
        project.plantings = std::make_shared<const std::vector<Planting>>(std::move(plantings));
    return project;
}

/// Times differ by what adding them rounds off.
bool same_place(const Anchor& a, const Anchor& b) {
    const auto *at = std::get_if<TimeAnchor>(&a), *other = std::get_if<TimeAnchor>(&b);
    return at && other ? std::abs((at->at - other->at).value) < 1e-6 : a == b;
}

/// Moves the pins, and by `move_planting` the rule of each planting that goes as a whole. Without that, or
/// where only a part of a planting goes, its pins become exceptions.
enum class Ruler { Beats, Clock, Either };

template <class Move>
Project moved(const Project& project, std::span<const PinId> pins, Move&& move,
              const std::function<void(Planting&)>& move_planting = nullptr, Ruler ruler = Ruler::Beats) {
    const PinSet listed(pins);
    auto whole = move_planting ? whole_plantings(project, listed) : std::set<PlantingId>();
    // What was picked in plain time moves in plain time as a rule, what was picked by beats by beats.
    std::erase_if(whole, [&](PlantingId id) {
        const Planting* planting = project.planting(id);
        return ruler != Ruler::Either && planting && planting->by_clock() != (ruler == Ruler::Clock);
    });
    Project next = with_plantings(project, [&](std::vector<Planting>& plantings) {
        for (auto& planting : plantings)
            if (whole.contains(planting.id))
                move_planting(planting);
    });
    std::map<PlantingId, const Planting*> by_id;
    for (const auto& planting : *next.plantings)
        by_id[planting.id] = &planting;
    return with_each_of(next, listed, [&](Pin& pin) {
        move(pin);
        const auto planting = by_id.find(pin.planting);
        if (planting == by_id.end() || !pin.home)
            return;
        const Anchor place = planting->second->place_of(*pin.home, project.settings->frame_rate);
        if (!whole.contains(pin.planting))
            pin.moved = !same_place(pin.anchor, place);
        else if (planting->second->by_clock() && !pin.moved)
            pin.anchor = place; // the clock of the rule counts in ticks, else they would drift apart
    });
}

/// An offset that is so much later.
Offset later(const Offset& offset, Seconds by, FrameRate rate) {
    return time_of(offset, rate) + by;
}

/// What hung on a pin that goes takes its anchor over.
Anchor taken_over(const Anchor& host, const Offset& offset, FrameRate rate) {
    const Seconds by = time_of(offset, rate);
    if (const auto* loose = std::get_if<TimeAnchor>(&host))
        return TimeAnchor{loose->at + by};
    if (const auto* musical = std::get_if<MusicalAnchor>(&host))
        return MusicalAnchor{musical->at, later(musical->offset, by, rate)};
    const auto& tied = std::get<MarkerAnchor>(host);
    return MarkerAnchor{tied.marker, later(tied.offset, by, rate)};
}

} // namespace

Result<Project> with_pins(const Project& project, LaneId id, std::vector<Pin> pins) {
    const Lane* lane = project.lane(id);
    if (!lane)
        return fail("That lane is no longer there.");
    if (lane->locked)
        return fail("\"" + lane->name + "\" is locked.", {}, "Unlock the lane first.");
    const LaneKind kind = lane->kind;
    for (const auto& pin : pins)
        if (!pin.body.same_kind_as(kind->empty_body()))
            return fail("\"" + lane->name + "\" holds " + std::string(kind->id) + " only.");
    std::uint64_t next_id = project.next_id;
    auto next = with_changed_lane(project, id, [&](Lane& changed) {
        for (auto& pin : pins) {
            pin.id = PinId{next_id++};
            changed.pins.push_back(std::move(pin));
        }
    });
    next->next_id = next_id;
    return next;
}

namespace {

/// What lasts as long as a word goes with it.
bool hangs_on_word(const Pin& pin, const PinSet& words) {
    const auto* tied = std::get_if<MarkerAnchor>(&pin.anchor);
    const auto* body = body_if<AppearanceBody>(&pin.body);
    return tied && body && words.contains(tied->marker) &&
           (body->length.unit == Length::Unit::WithWord || body->length.unit == Length::Unit::ToLineEnd);
}

} // namespace

Project without_pins(const Project& project, std::span<const PinId> pins) {
    const PinSet listed(pins);
    std::map<PinId, Anchor> gone;
    std::map<PlantingId, std::vector<Ticks>> emptied;
    std::set<PlantingId> left;
    Project next = project;
    for (auto& shared : next.lanes) {
        const auto goes = [&](const Pin& pin) {
            return (listed.contains(pin.id) || hangs_on_word(pin, listed)) && !locked(*shared, pin);
        };
        bool any = false;
        for (const auto& pin : shared->pins) {
            if (!goes(pin)) {
                left.insert(pin.planting);
                continue;
            }
            any = true;
            gone.emplace(pin.id, pin.anchor);
            if (pin.home)
                emptied[pin.planting].push_back(*pin.home);
        }
        if (!any)
            continue;
        auto altered = std::make_shared<Lane>(*shared);
        std::erase_if(altered->pins, goes);
        shared = std::move(altered);
    }
    if (gone.empty())
        return next;
    const auto rate = project.settings->frame_rate;
    next = with_each_pin(
        std::move(next),
        [](const Lane&, const Pin& pin) { return std::holds_alternative<MarkerAnchor>(pin.anchor); },
        [&](Pin& pin) {
            // A chain of those that go is followed to its end; a ring of them has none.
            for (std::size_t steps = 0; steps <= gone.size(); ++steps) {
                const auto* tied = std::get_if<MarkerAnchor>(&pin.anchor);
                const auto host = tied ? gone.find(tied->marker) : gone.end();
                if (host == gone.end())
                    return;
                pin.anchor = taken_over(host->second, tied->offset, rate);
            }
        });
    return with_plantings(std::move(next), [&](std::vector<Planting>& plantings) {
        std::erase_if(plantings, [&](const Planting& planting) {
            return emptied.contains(planting.id) && !left.contains(planting.id);
        });
        for (auto& planting : plantings) {
            const auto places = emptied.find(planting.id);
            if (places == emptied.end())
                continue;
            auto& out = planting.left_out;
            out.insert(out.end(), places->second.begin(), places->second.end());
            std::sort(out.begin(), out.end());
            out.erase(std::unique(out.begin(), out.end()), out.end());
        }
    });
}

Result<Project> with_anchor(const Project& project, PinId id, Anchor anchor) {
    if (!project.pin(id))
        return no_such_pin();
    const PinId only[] = {id};
    if (locked_among(project, only) > 0)
        return is_locked();
    return moved(project, only, [&](Pin& pin) { pin.anchor = anchor; });
}

Result<Project> with_body(const Project& project, PinId id, PinBody body) {
    const Pin* old = project.pin(id);
    if (!old)
        return no_such_pin();
    if (!old->body.same_kind_as(body))
        return fail("An item keeps its kind.");
    const PinId only[] = {id};
    if (locked_among(project, only) > 0)
        return is_locked();
    return with_bodies(project, only, [&](PinBody& changed) { changed = body; });
}

Project with_bodies(const Project& project, std::span<const PinId> pins,
                    const std::function<void(PinBody&)>& change) {
    const PinSet listed(pins);
    const auto whole = whole_plantings(project, listed);
    Project next = with_plantings(project, [&](std::vector<Planting>& plantings) {
        for (auto& planting : plantings)
            if (whole.contains(planting.id))
                change(planting.form.body);
    });
    return with_each_of(next, listed, [&](Pin& pin) {
        const PinBody before = pin.body;
        change(pin.body);
        if (pin.body != before && pin.planting.value != 0 && !whole.contains(pin.planting))
            pin.altered = true;
    });
}

Project with_pins_locked(const Project& project, std::span<const PinId> pins, bool lock) {
    const PinSet listed(pins);
    return with_each_pin(
        project, [&](const Lane&, const Pin& pin) { return listed.contains(pin.id); },
        [lock](Pin& pin) { pin.locked = lock; });
}

Project with_pins_muted(const Project& project, std::span<const PinId> pins, bool mute) {
    return with_each_of(project, PinSet(pins), [mute](Pin& pin) { pin.muted = mute; });
}

std::size_t locked_among(const Project& project, std::span<const PinId> pins) {
    if (pins.size() <= few_pins)
        return static_cast<std::size_t>(std::ranges::count_if(pins, [&](PinId id) {
            const Lane* lane = project.lane_of(id);
            return lane && locked(*lane, *project.pin(id));
        }));
    const PinSet listed(pins);
    std::size_t count = 0;
    for (const auto& lane : project.lanes)
        for (const auto& pin : lane->pins)
            if (locked(*lane, pin) && listed.contains(pin.id))
                ++count;
    return count;
}

Project moved_by(const Project& project, std::span<const PinId> pins, Ticks by) {
    const auto rate = project.settings->frame_rate;
    const Beats beats(static_cast<double>(by.value) / static_cast<double>(ticks_per_beat));
    const auto shifted = [&](Seconds at) {
        return project.grid->time_at(project.grid->beats_at(at) + beats);
    };
    const PinSet listed(pins);
    return moved(
        project, pins,
        [&](Pin& pin) {
            if (auto* musical = std::get_if<MusicalAnchor>(&pin.anchor)) {
                musical->at += by;
            } else if (auto* loose = std::get_if<TimeAnchor>(&pin.anchor); loose && project.grid) {
                loose->at = shifted(loose->at);
            } else if (auto* tied = std::get_if<MarkerAnchor>(&pin.anchor);
                       tied && project.grid && !listed.contains(tied->marker)) { // else its host carries it
                if (const auto at = anchored_time(pin.anchor, project))
                    tied->offset = later(tied->offset, shifted(*at) - *at, rate);
            }
        },
        [by](Planting& planting) { planting.shift += by; });
}

Project nudged_by(const Project& project, std::span<const PinId> pins, Frames by) {
    const auto rate = project.settings->frame_rate;
    const PinSet listed(pins);
    const auto nudge = [&](Offset& offset) {
        if (auto* frames = std::get_if<Frames>(&offset))
            *frames += by;
        else if (std::get<Seconds>(offset) == Seconds(0))
            offset = by;
        else
            offset = later(offset, rate.start_of(by), rate);
        if (offset == Offset(Frames(0)))
            offset = Seconds(0);
    };
    return moved(
        project, pins,
        [&](Pin& pin) {
            if (auto* musical = std::get_if<MusicalAnchor>(&pin.anchor))
                nudge(musical->offset);
            else if (auto* loose = std::get_if<TimeAnchor>(&pin.anchor))
                loose->at += rate.start_of(by);
            else if (auto& tied = std::get<MarkerAnchor>(pin.anchor); !listed.contains(tied.marker))
                nudge(tied.offset);
        },
        [by](Planting& planting) { planting.nudge += by; }, Ruler::Either);
}

Project moved_in_time(const Project& project, std::span<const PinId> pins, Seconds by) {
    const auto rate = project.settings->frame_rate;
    const PinSet listed(pins);
    return moved(
        project, pins,
        [&](Pin& pin) {
            if (auto* musical = std::get_if<MusicalAnchor>(&pin.anchor))
                musical->offset = later(musical->offset, by, rate);
            else if (auto* loose = std::get_if<TimeAnchor>(&pin.anchor))
                loose->at += by;
            else if (auto& tied = std::get<MarkerAnchor>(pin.anchor); !listed.contains(tied.marker))
                tied.offset = later(tied.offset, by, rate);
        },
        [by](Planting& planting) { planting.shift += clock_ticks(by); }, Ruler::Clock);
}

Project moved_by_bars(const Project& project, std::span<const PinId> pins, std::int64_t by) {
    if (!project.grid)
        return project;
    const auto& grid = *project.grid;
    const auto in_bar = [&](Ticks at) {
        auto place = grid.position_of(at);
        place.bar += by;
        return grid.ticks_of(place);
    };
    const PinSet listed(pins);
    const auto rate = project.settings->frame_rate;
    return moved(
        project, pins,
        [&](Pin& pin) {
            if (auto* musical = std::get_if<MusicalAnchor>(&pin.anchor)) {
                musical->at = in_bar(musical->at);
                return;
            }
            const auto at = anchored_time(pin.anchor, project);
            auto* tied = std::get_if<MarkerAnchor>(&pin.anchor);
            if (!at || (tied && listed.contains(tied->marker)))
                return;
            const Ticks tick = grid.nearest_tick(*at);
            const Seconds to = grid.time_at(in_bar(tick)) + (*at - grid.time_at(tick));
            if (tied)
                tied->offset = later(tied->offset, to - *at, rate);
            else
                std::get<TimeAnchor>(pin.anchor).at = to;
        },
        [&](Planting& planting) {
            const Ticks from = (planting.picker ? planting.picker->from : Ticks(0)) + planting.shift;
            planting.shift += in_bar(from) - from;
        });
}

Project with_rows_moved(const Project& project, std::span<const PinId> pins, int down) {
    return with_bodies(project, pins, [down](PinBody& body) {
        if (int* row = body.row())
            *row = std::clamp(*row + down, 0, most_trigger_rows - 1);
    });
}

Result<Project> with_pinned(const Project& project, PinId id, bool pinned) {
    const Pin* pin = project.pin(id);
    if (!pin)
        return no_such_pin();
    if (!project.grid)
        return fail("There is no grid yet to pin to.", {},
                    "Find the beats, tap them or type a tempo (stop Grid).");
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

Result<Project> with_marker_on(const Project& project, PinId marker, std::optional<PinId> host) {
    const Pin* pin = project.pin(marker);
    const auto at = pin ? anchored_time(pin->anchor, project) : std::nullopt;
    if (!at)
        return no_such_pin();
    if (!host) {
        if (!project.grid)
            return with_anchor(project, marker, TimeAnchor{*at});
        const Ticks tick = project.grid->nearest_tick(*at);
        return with_anchor(project, marker, MusicalAnchor{tick, *at - project.grid->time_at(tick)});
    }
    const Pin* carrier = project.pin(*host);
    const auto start = carrier ? anchored_time(carrier->anchor, project) : std::nullopt;
    if (!start)
        return no_such_pin();
    auto next = with_anchor(project, marker, MarkerAnchor{*host, *at - *start});
    if (next && !anchored_time(next->pin(marker)->anchor, *next))
        return fail("A marker cannot travel with what travels with it.");
    return next;
}

Result<SnappedToOnsets> snapped_to_onsets(const Project& project, std::span<const PinId> pins,
                                          std::size_t row, Seconds limit) {
    if (!project.detection || row >= project.detection->rows.size())
        return fail("There are no onsets to snap to.", {},
                    "Find the beats, or another row of onsets (stop Grid).");
    const auto& onsets = project.detection->rows[row].onsets;
    const auto rate = project.settings->frame_rate;
    SnappedToOnsets out{project, 0, 0, 0, Seconds(0)};
    out.project = moved(project, pins, [&](Pin& pin) {
        const auto at = anchored_time(pin.anchor, project);
        if (!at)
            return;
        const auto after = std::lower_bound(onsets.begin(), onsets.end(), *at,
                                            [](const FoundOnset& o, Seconds t) { return o.time < t; });
        std::optional<Seconds> nearest;
        if (after != onsets.end())
            nearest = after->time;
        if (after != onsets.begin() && (!nearest || *at - (after - 1)->time < *nearest - *at))
            nearest = (after - 1)->time;
        if (!nearest || std::abs((*nearest - *at).value) > limit.value + 1e-9) {
            ++out.too_far;
            return;
        }
        const Seconds by = *nearest - *at;
        if (std::abs(by.value) < 1e-6) {
            ++out.there_already;
            return;
        }
        ++out.moved;
        out.farthest = std::max(out.farthest, Seconds(std::abs(by.value)));
        if (auto* musical = std::get_if<MusicalAnchor>(&pin.anchor)) {
            const Ticks tick = project.grid->nearest_tick(*nearest);
            *musical = {tick, *nearest - project.grid->time_at(tick)};
        } else if (auto* tied = std::get_if<MarkerAnchor>(&pin.anchor)) {
            tied->offset = later(tied->offset, by, rate);
        } else {
            pin.anchor = TimeAnchor{*nearest};
        }
    });
    return out;
}

} // namespace pulsepin
