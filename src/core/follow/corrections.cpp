// SPDX-License-Identifier: GPL-3.0-or-later
#include "follow/corrections.h"

#include "model/limits.h"
#include "schedule/lasting.h"
#include "schedule/triggers.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace pulsepin {
namespace {

double ramp(double share) {
    return 0.5 - 0.5 * std::cos(std::clamp(share, 0.0, 1.0) * std::numbers::pi);
}

const KeyBody& key_of(const Lane& lane, const OverSpan& span) {
    return body_of<KeyBody>(lane.pins[span.index].body);
}

/// Calls `change` with each value that the span reaches and how much of it acts there.
template <class Change>
void for_values(CurveValues& values, const OverSpan& span, double per_second, Change change) {
    const double from = (span.start - span.fade_in).value * per_second,
                 until = (span.end + span.fade_out).value * per_second;
    const auto last = static_cast<double>(values.size());
    for (auto i = static_cast<std::size_t>(std::clamp(std::floor(from), 0.0, last));
         i < static_cast<std::size_t>(std::clamp(std::ceil(until) + 1, 0.0, last)); ++i)
        change(i, static_cast<float>(span.share_at(Seconds(static_cast<double>(i) / per_second))));
}

} // namespace

double OverSpan::share_at(Seconds time) const {
    // A rounding must not leave out the one value that lies on the place itself.
    constexpr Seconds same{1e-9};
    if (time < start - same)
        return fade_in > Seconds(0) ? ramp(1 - (start - time) / fade_in) : 0;
    if (time > end + same)
        return fade_out > Seconds(0) ? ramp(1 - (time - end) / fade_out) : 0;
    return 1;
}

std::vector<OverSpan> over_spans(const Project& project, const Lane& lane, const ResolvedLane& resolved) {
    std::vector<OverSpan> spans;
    for (const auto& pin : resolved.pins) {
        const auto* key = body_if<KeyBody>(&lane.pins[pin.index].body);
        if (!key || key->role == KeyRole::Drawn || lane.pins[pin.index].muted)
            continue;
        const Seconds length = duration_of(key->length, pin.time, project).value_or(Seconds(0));
        spans.push_back({pin.index, pin.time, pin.time + length, key->fade_in, key->fade_out});
    }
    std::stable_sort(spans.begin(), spans.end(),
                     [](const OverSpan& a, const OverSpan& b) { return a.start < b.start; });
    for (std::size_t i = 0; i < spans.size(); ++i)
        if (key_of(lane, spans[i]).length.unit == Length::Unit::UntilNext) {
            // Until the next of its role, or to the end.
            spans[i].end = Seconds(static_cast<double>(limits::longest_song));
            for (std::size_t j = i + 1; j < spans.size(); ++j)
                if (key_of(lane, spans[j]).role == key_of(lane, spans[i]).role &&
                    spans[j].start > spans[i].start) {
                    spans[i].end = spans[j].start;
                    break;
                }
        }
    return spans;
}

CurveValues with_corrections(CurveValues values, const Lane& lane, const std::vector<OverSpan>& spans,
                             double per_second) {
    bool somewhere = false;
    for (const auto& span : spans) {
        const KeyBody& key = key_of(lane, span);
        const auto height = static_cast<float>(key.value);
        somewhere |= key.role == KeyRole::Acts;
        if (key.role == KeyRole::Lift)
            for_values(values, span, per_second, [&](std::size_t i, float share) {
                // Lowered, a curve does not go through the floor.
                values[i] = std::max(values[i] + share * height, std::min(values[i], 0.0f));
            });
        else if (key.role == KeyRole::Replace)
            for_values(values, span, per_second,
                       [&](std::size_t i, float share) { values[i] += share * (height - values[i]); });
    }
    if (!somewhere)
        return values;
    CurveValues acts(values.size(), 0.0f);
    for (const auto& span : spans)
        if (key_of(lane, span).role == KeyRole::Acts)
            for_values(acts, span, per_second,
                       [&](std::size_t i, float share) { acts[i] = std::max(acts[i], share); });
    for (std::size_t i = 0; i < values.size(); ++i)
        values[i] *= acts[i];
    return values;
}

} // namespace pulsepin
