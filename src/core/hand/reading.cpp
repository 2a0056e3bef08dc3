// SPDX-License-Identifier: GPL-3.0-or-later
#include "hand/reading.h"

#include "model/change_pins.h"
#include "schedule/add_pin.h"
#include "schedule/texts.h"

#include <algorithm>
#include <map>

namespace pulsepin {
namespace {

constexpr double hair = 1e-6; // of a second, or a letter: what is computed may differ by as much

/// What the lines of a lane are to keep.
struct Limits {
    Seconds least, gap;
};

Limits limits_of(const Schedule& schedule, const Lane& lane) {
    const auto rate = schedule.project().settings->frame_rate;
    return {rate.start_of(part_of<LaneText>(lane)->least), rate.start_of(part_of<LaneText>(lane)->gap)};
}

} // namespace

std::vector<ReadingFinding> reading_findings(const Schedule& schedule, LaneId id) {
    std::vector<ReadingFinding> findings;
    const Lane* lane = schedule.project().lane(id);
    if (!lane || !part_of<LaneText>(*lane))
        return findings;
    const auto& text = *part_of<LaneText>(*lane);
    const double frames = schedule.project().settings->frame_rate.per_second();
    const auto [least, gap] = limits_of(schedule, *lane);
    const auto& lines = schedule.spans(id).lines;
    for (std::size_t i = 0; i < lines.size(); ++i) {
        const auto& line = lines[i];
        if (line.letters_a_second() > text.most_letters + hair)
            findings.push_back(
                {ReadingFault::TooFast, i, line.start, line.letters_a_second(), text.most_letters});
        if ((line.end - line.start) < least - Seconds(hair))
            findings.push_back({ReadingFault::TooShort, i, line.start, (line.end - line.start).value * frames,
                                static_cast<double>(text.least.value)});
        if (i + 1 < lines.size() && lines[i + 1].start - line.end < gap - Seconds(hair))
            findings.push_back({ReadingFault::NoGap, i, line.start,
                                (lines[i + 1].start - line.end).value * frames,
                                static_cast<double>(text.gap.value)});
    }
    return findings;
}

Result<ReadingMended> with_reading_mended(const Schedule& schedule, LaneId id,
                                          const std::vector<ReadingFault>& faults) {
    const Project& project = schedule.project();
    const Lane* lane = project.lane(id);
    if (!lane || !part_of<LaneText>(*lane))
        return fail("That lane of words is no longer there.");
    if (lane->locked)
        return fail("\"" + lane->name + "\" is locked.", {}, "Unlock the lane first.");
    const auto [least, gap] = limits_of(schedule, *lane);
    const auto& lines = schedule.spans(id).lines;
    const auto& spans = schedule.spans(id).texts;
    std::map<std::size_t, std::vector<ReadingFault>> wrong; // of each line
    for (const auto& finding : reading_findings(schedule, id))
        if (std::find(faults.begin(), faults.end(), finding.fault) != faults.end())
            wrong[finding.line].push_back(finding.fault);
    if (wrong.empty())
        return fail("Nothing is to be fixed: every line can be read.");
    std::map<PinId, Length> lengths;
    for (const auto& [i, what] : wrong) {
        const auto& line = lines[i];
        const auto& last = spans[line.until - 1];
        if (lane->pins[last.index].locked)
            continue;
        Seconds end = line.end;
        for (const auto fault : what) {
            if (fault == ReadingFault::TooFast)
                end = std::max(end,
                               line.start + Seconds(line.letters / part_of<LaneText>(*lane)->most_letters));
            if (fault == ReadingFault::TooShort)
                end = std::max(end, line.start + least);
        }
        if (i + 1 < lines.size())
            end = std::min(end, lines[i + 1].start - gap);
        const Seconds begins = last.start + time_of(lane->lead, project.settings->frame_rate);
        const Seconds until = end + time_of(lane->lead, project.settings->frame_rate);
        if (until - begins < project.settings->frame_rate.frame_length())
            continue; // no room at all
        lengths[last.pin] = length_between(project, begins, until);
    }
    ReadingMended mended{with_each_pin(
        project, [&](const Lane& one, const Pin& pin) { return one.id == id && lengths.contains(pin.id); },
        [&](Pin& pin) { body_of<WordBody>(pin.body).length = lengths[pin.id]; })};
    std::size_t before = 0;
    for (const auto& [line, what] : wrong)
        before += what.size();
    for (const auto& finding : reading_findings(Schedule(mended.project, schedule), id))
        mended.left += std::find(faults.begin(), faults.end(), finding.fault) != faults.end();
    mended.mended = before - std::min(before, mended.left);
    return mended;
}

} // namespace pulsepin
