// SPDX-License-Identifier: GPL-3.0-or-later
#include "check/sync_report.h"

#include "base/csv_text.h"
#include "schedule/lane_spans.h"
#include "stage/trigger_acts.h"
#include "time/musical_text.h"
#include "time/timecode.h"

#include <algorithm>
#include <cmath>
#include <fmt/core.h>
#include <unordered_map>

namespace pulsepin {
namespace {

constexpr Seconds hair{1e-6};

/// Onsets of the row that a planting was placed by, or of everything.
class NearestOnset {
public:
    explicit NearestOnset(const Project& project) : project_(project) {
        static const std::vector<FoundOnset> none;
        all_ = project.detection ? &project.detection->onsets() : &none;
        for (const auto& planting : *project.plantings)
            if (planting.picker && planting.picker->source == "onsets" && project.detection)
                for (const auto& row : project.detection->rows)
                    if (row.name == planting.picker->values.text("row"))
                        rows_[planting.id.value] = &row.onsets;
    }
    [[nodiscard]] std::optional<Seconds> distance(Seconds time, PlantingId planting) const {
        const auto found = planting.value == 0 ? rows_.end() : rows_.find(planting.value);
        const auto& onsets = found == rows_.end() ? *all_ : *found->second;
        if (onsets.empty())
            return std::nullopt;
        const auto after = std::lower_bound(onsets.begin(), onsets.end(), time,
                                            [](const FoundOnset& o, Seconds t) { return o.time < t; });
        if (after == onsets.end())
            return time - onsets.back().time;
        const Seconds right = time - after->time;
        if (after == onsets.begin())
            return right;
        const Seconds left = time - (after - 1)->time;
        return left < -right ? left : right;
    }

private:
    const Project& project_;
    const std::vector<FoundOnset>* all_;
    std::unordered_map<std::uint64_t, const std::vector<FoundOnset>*> rows_;
};

/// The nearest beat or half beat; none outside of the grid.
std::optional<Seconds> nearest_place(const Project& project, Seconds time) {
    const auto& grid = *project.grid;
    const double at = grid.beats_at(time).value;
    if (at < static_cast<double>(grid.first_beat()) - 1 || at > static_cast<double>(grid.last_beat()) + 1)
        return std::nullopt;
    return grid.time_at(Beats(std::round(at * 2) / 2));
}

/// How far a pin's anchor lies from the place that it is meant for.
void compare(SyncRow& row, const Pin& pin, const Project& project,
             const std::unordered_map<std::uint64_t, const Planting*>& plantings) {
    row.loose = std::holds_alternative<TimeAnchor>(pin.anchor);
    if (!project.grid)
        return;
    if (std::holds_alternative<MarkerAnchor>(pin.anchor))
        return;
    if (pin.planting.value != 0 && pin.home) {
        const auto found = plantings.find(pin.planting.value);
        const auto rate = project.settings->frame_rate;
        if (found != plantings.end() && found->second->place_of(*pin.home, rate) == pin.anchor) {
            row.meant = true;
            return;
        }
    }
    if (const auto* musical = std::get_if<MusicalAnchor>(&pin.anchor)) {
        row.meant = true;
        row.off = time_of(musical->offset, project.settings->frame_rate);
        return;
    }
    const bool begins =
        row.frame <= project.settings->frame_rate.frame_at(project.settings->begins.value_or(Seconds(0)));
    if (begins)
        return;
    if (const auto place = nearest_place(project, row.anchor)) {
        row.meant = true;
        row.off = row.anchor - *place;
    }
}

/// The frame of a trigger at which what it does is furthest.
Frames peak_of(const TriggerBody& body, const TriggerSpan& span) {
    double at = 0, most = -1;
    for (const auto& act : acts_of(body))
        for (const auto& point : act.curve)
            if (point.way > most) {
                most = point.way;
                at = point.at;
            }
    const auto length = static_cast<double>((span.end - span.start).value);
    return span.start +
           Frames(std::min<std::int64_t>(std::llround(at / 100 * length), (span.end - span.start).value - 1));
}

/// Where pins of a lane are seen most, by their places in the lane; others where they act.
std::vector<std::optional<Frames>> seen_in(const Lane& lane, const LaneSpans& spans) {
    std::vector<std::optional<Frames>> seen(lane.pins.size());
    for (const auto& span : spans.triggers)
        seen[span.index] = peak_of(body_of<TriggerBody>(lane.pins[span.index].body), span);
    for (const auto& pulse : spans.motion.pulses())
        seen[pulse.index] = Frames(std::llround(pulse.peak));
    for (const auto& span : spans.appearances)
        seen[span.index] = std::min(span.end - Frames(1), span.comes + Frames(std::llround(span.coming)));
    return seen;
}

} // namespace

std::vector<SyncRow> sync_report(const Schedule& schedule) {
    const Project& project = schedule.project();
    const auto rate = project.settings->frame_rate;
    const NearestOnset onsets(project);
    std::unordered_map<std::uint64_t, const Planting*> plantings;
    for (const auto& planting : *project.plantings)
        plantings[planting.id.value] = &planting;
    std::vector<SyncRow> rows;
    for (std::size_t i = 0; i < schedule.size(); ++i) {
        const Lane& lane = *project.lanes[i];
        if (lane.muted || holds<SoundBody>(lane.kind))
            continue;
        const auto seen = seen_in(lane, schedule.spans(i));
        const Seconds lead = time_of(lane.lead, rate);
        for (const auto& pin : schedule[i].pins) {
            if (lane.pins[pin.index].muted)
                continue;
            SyncRow row;
            row.lane = lane.id;
            row.pin = pin.id;
            row.index = pin.index;
            row.anchor = pin.time;
            row.lead = lead;
            row.frame = pin.frame;
            row.rounding = pin.rounding_error;
            row.seen = seen[pin.index].value_or(pin.frame);
            compare(row, lane.pins[pin.index], project, plantings);
            row.from_onset = onsets.distance(rate.start_of(row.seen), lane.pins[pin.index].planting);
            rows.push_back(row);
        }
    }
    return rows;
}

Seconds usual_error(const Settings& settings) {
    const Seconds frame = settings.frame_rate.frame_length();
    return settings.rounding == FrameRounding::Nearest ? frame / 2 : frame;
}

SyncVerdict verdict_of(const std::vector<SyncRow>& rows, const Project& project, Seconds limit,
                       BodyType kind) {
    SyncVerdict verdict;
    const Lane* lane = nullptr;
    for (const auto& row : rows) {
        if (!lane || lane->id != row.lane)
            lane = project.lane(row.lane);
        if (!row.meant || (kind != BodyType() && lane->kind->pin_body != kind))
            continue;
        ++verdict.all;
        const double error = std::abs(row.error().value);
        if (error <= (limit + hair).value)
            ++verdict.within;
        else if (!verdict.worst || error > std::abs(verdict.worst->error().value))
            verdict.worst = row;
    }
    return verdict;
}

std::string lateness(Seconds error) {
    const auto ms = std::llround(std::abs(error.value) * 1000);
    if (ms == 0)
        return "on time";
    return fmt::format("{} ms {}", ms, error > Seconds(0) ? "late" : "early");
}

std::string verdict_text(const std::vector<SyncRow>& rows, const Project& project, Seconds limit) {
    const struct {
        BodyType kind;
        const char *one, *several;
    } kinds[] = {{body_type<CutBody>, "cut", "cuts"},
                 {body_type<TriggerBody>, "trigger", "triggers"},
                 {body_type<PulseBody>, "pulse", "pulses"},
                 {body_type<MarkerBody>, "marker", "markers"},
                 {BodyType(), "pin", "pins"}}; // words, notes, drawings, keys and what else there is
    if (!project.grid)
        return "There are no beats to compare with.";
    const bool usual = std::abs((limit - usual_error(*project.settings)).value) < 1e-9;
    const std::string how = !usual ? fmt::format("{:.4g} ms", limit.value * 1000)
                            : project.settings->rounding == FrameRounding::Nearest ? "half a frame"
                                                                                   : "a frame";
    for (const auto& [kind, one, several] : kinds) {
        const auto verdict = verdict_of(rows, project, limit, kind);
        if (verdict.all == 0)
            continue;
        const auto count = [one = one, several = several](std::size_t n) { return n == 1 ? one : several; };
        if (verdict.within == verdict.all)
            return verdict.all == 1 ? fmt::format("The only {} is within {}", one, how)
                                    : fmt::format("All {} {} within {}", verdict.all, several, how);
        const std::size_t others = verdict.all - verdict.within;
        return fmt::format("{} of {} {} within {}; {} {} {}{}", verdict.within, verdict.all,
                           count(verdict.all), how, others, others == 1 ? "is" : "are",
                           others == 1 ? "" : "up to ", lateness(verdict.worst->error()));
    }
    return "Nothing is placed on the beats yet.";
}

std::string place_name(const Project& project, Seconds time) {
    if (!project.grid)
        return format_clock(time);
    const auto tick = project.grid->nearest_tick(time);
    // Within a millisecond of a beat it is on it: what was put there in time need not meet its tick.
    const auto beat = project.grid->nearest_beat(time);
    const bool on_beat = std::abs((project.grid->time_at(beat) - time).value) < 1e-3;
    return format_position(project.grid->position_of(on_beat ? beat : tick));
}

std::string sync_csv(const std::vector<SyncRow>& rows, const Project& project) {
    const auto rate = project.settings->frame_rate;
    std::string csv =
        "lane,kind,name,place,anchor_seconds,tied,lead_ms,frame,timecode,rounding_ms,off_ms,error_ms,"
        "seen_frame,from_onset_ms\r\n";
    const auto ms = [](Seconds time) { return fmt::format("{:.3f}", time.value * 1000); };
    for (const auto& row : rows) {
        const Lane& lane = *project.lane(row.lane);
        csv += fmt::format(
            "{},{},{},{},{:.6f},{},{},{},{},{},{},{},{},{}\r\n", quoted(lane.name), lane.kind->singular,
            quoted(lane.kind->name_of(lane.pins[row.index].body, project)), place_name(project, row.anchor),
            row.anchor.value, row.loose ? "loose" : "tied", ms(row.lead), row.frame.value,
            format_timecode(row.frame, rate,
                            drop_frame_exists(rate) ? TimecodeCount::Drop : TimecodeCount::NonDrop),
            ms(row.rounding), row.meant ? ms(row.off) : "", row.meant ? ms(row.error()) : "", row.seen.value,
            row.from_onset ? ms(*row.from_onset) : "");
    }
    return csv;
}

} // namespace pulsepin
