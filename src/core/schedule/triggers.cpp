// SPDX-License-Identifier: GPL-3.0-or-later
#include "schedule/triggers.h"

#include "base/whole.h"

#include "schedule/shots.h"

#include <algorithm>
#include <cmath>
#include <fmt/core.h>

namespace pulsepin {

std::optional<Seconds> duration_of(const Length& length, Seconds from, const Project& project) {
    const double amount = std::clamp(length.amount, 0.0, 1e7); // a file may say anything
    static const std::vector<FoundSection> none;
    switch (length.unit) {
    case Length::Unit::InBeats:
        if (!project.grid)
            return std::nullopt;
        return project.grid->time_at(project.grid->beats_at(from) + Beats(amount)) - from;
    case Length::Unit::InFrames:
        return project.settings->frame_rate.start_of(Frames(nearest_whole(amount)));
    case Length::Unit::InMilliseconds:
        return Seconds(amount / 1000);
    case Length::Unit::ToSectionEnd:
        for (const auto& section : project.detection ? project.detection->sections : none)
            if (section.end > from + Seconds(1e-3) && section.start <= from + Seconds(0.1))
                return section.end - from;
        return std::max(Seconds(0), piece_end(project) - from);
    case Length::Unit::ToEnd:
        return std::max(Seconds(0), piece_end(project) - from);
    case Length::Unit::None:
    case Length::Unit::UntilNext:
    case Length::Unit::WithWord: // they depend on others: schedule/texts.h
    case Length::Unit::ToLineEnd:
        break;
    }
    return std::nullopt;
}

std::string length_text(const Length& length) {
    const auto counted = [&](const char* unit) {
        return fmt::format("{:.6g} {}{}", length.amount, unit, length.amount == 1 ? "" : "s");
    };
    switch (length.unit) {
    case Length::Unit::UntilNext:
        return "until the next";
    case Length::Unit::InBeats:
        return counted("beat");
    case Length::Unit::InFrames:
        return counted("frame");
    case Length::Unit::InMilliseconds:
        return fmt::format("{:.6g} ms", length.amount);
    case Length::Unit::ToSectionEnd:
        return "until the section ends";
    case Length::Unit::ToEnd:
        return "to the end";
    case Length::Unit::WithWord:
        return "as long as its word";
    case Length::Unit::ToLineEnd:
        return "until its line ends";
    case Length::Unit::None:
        break;
    }
    return {};
}

std::vector<TriggerSpan> triggers_of(const Project& project, const Lane& lane, const ResolvedLane& resolved) {
    const auto& settings = *project.settings;
    const Seconds lead = time_of(lane.lead, settings.frame_rate);
    std::vector<TriggerSpan> spans;
    spans.reserve(resolved.pins.size());
    const Frames piece = piece_length(project);
    for (const auto& pin : resolved.pins) {
        const auto* body = std::get_if<TriggerBody>(&lane.pins[pin.index].body);
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
            const auto& body = std::get<TriggerBody>(lane.pins[before->index].body);
            before->hidden = before->start == span.start;
            before->cut_short = !before->hidden && body.length.unit != Length::Unit::UntilNext;
            before->end = span.start;
        }
        last_of_row[row] = &span;
    }
    return spans;
}

Colour mixed(Colour a, Colour b, double share) {
    std::uint32_t out = 0;
    for (const int shift : {16, 8, 0}) {
        const double from = static_cast<double>(a.rgb >> shift & 0xffu),
                     to = static_cast<double>(b.rgb >> shift & 0xffu);
        out |= static_cast<std::uint32_t>(std::lround(from + (to - from) * std::clamp(share, 0.0, 1.0)))
               << shift;
    }
    return {out};
}

Colour colour_at(const TriggerBody& body, const TriggerSpan& span, Frames frame) {
    const auto length = (span.end - span.start).value;
    const double share =
        length > 1 ? static_cast<double>((frame - span.start).value) / static_cast<double>(length - 1) : 0.0;
    return mixed(body.from, body.to, share);
}

} // namespace pulsepin
