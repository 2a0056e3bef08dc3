// SPDX-License-Identifier: GPL-3.0-or-later
#include "schedule/triggers.h"

#include "base/whole.h"

#include "schedule/lasting.h"
#include "schedule/piece_length.h"
#include "schedule/shots.h"

#include <algorithm>
#include <cmath>
#include <fmt/core.h>

namespace pulsepin {

std::vector<TriggerSpan> triggers_of(const Project& project, const Lane& lane, const ResolvedLane& resolved) {
    const auto& settings = *project.settings;
    const Seconds lead = time_of(lane.lead, settings.frame_rate);
    std::vector<TriggerSpan> spans;
    spans.reserve(resolved.pins.size());
    const Frames piece = piece_length(project);
    for (const auto& pin : resolved.pins) {
        const auto* body = body_if<TriggerBody>(&lane.pins[pin.index].body);
        if (!body)
            continue;
        TriggerSpan span{pin.id,    pin.index, pin.frame, piece,
                         body->row, false,     false,     lane.muted || lane.pins[pin.index].muted};
        if (const auto length = duration_of(body->length, pin.time, project))
            span.end =
                round_to_frame(pin.time + *length - lead, settings.frame_rate, settings.rounding).frame;
        span.end = std::max(span.end, span.start + Frames(1));
        spans.push_back(span);
    }
    // By frame, and among those of one frame the last placed last.
    std::stable_sort(spans.begin(), spans.end(), [](const TriggerSpan& a, const TriggerSpan& b) {
        return a.start != b.start ? a.start < b.start : a.pin < b.pin;
    });
    std::vector<TriggerSpan*> last_of_row;
    for (auto& span : spans) {
        if (span.muted) // it does not end what acts
            continue;
        const auto row = static_cast<std::size_t>(std::max(span.row, 0));
        if (last_of_row.size() <= row)
            last_of_row.resize(row + 1, nullptr);
        if (TriggerSpan* before = last_of_row[row]; before && before->end > span.start) {
            const auto& body = body_of<TriggerBody>(lane.pins[before->index].body);
            before->hidden = before->start == span.start;
            before->cut_short = !before->hidden && body.length.unit != Length::Unit::UntilNext;
            before->end = span.start;
        }
        last_of_row[row] = &span;
    }
    return spans;
}

Colour colour_at(const TriggerBody& body, const TriggerSpan& span, Frames frame) {
    const auto length = (span.end - span.start).value;
    const double share =
        length > 1 ? static_cast<double>((frame - span.start).value) / static_cast<double>(length - 1) : 0.0;
    return mixed(body.from, body.to, share);
}

} // namespace pulsepin
