// SPDX-License-Identifier: GPL-3.0-or-later
#include "stage/staged_band.h"

#include <algorithm>
#include <cmath>

namespace pulsepin {
namespace {

constexpr int counted = 3;   ///< beats before an entry
constexpr Seconds rest{1.5}; ///< without a text, so long at least, before what is an entry
constexpr Seconds beat_without_grid{0.5};

double beats_until(const Project& project, Seconds now, Seconds then) {
    if (project.grid)
        return (project.grid->beats_at(then) - project.grid->beats_at(now)).value;
    return (then - now).value / beat_without_grid.value;
}

/// Texts of a lane by their start: from the first that may still be seen on.
template <class See>
void for_texts_in(const std::vector<TextSpan>& texts, Seconds from, Seconds until, See see) {
    for (const auto& text : texts) {
        if (text.start > until)
            break;
        if (text.end >= from && !text.muted)
            see(text);
    }
}

/// How many beats before the next entry, of those that are counted.
int count_in(const Schedule& schedule, Seconds now) {
    const Project& project = schedule.project();
    std::optional<Seconds> entry;
    bool sounding = false;
    Seconds last_end{-1e9};
    for (const auto& lane : project.lanes) {
        if (!part_of<Inked>(*lane) || !part_of<Inked>(*lane)->in_band || lane->muted)
            continue;
        for (const auto& text : schedule.spans(lane->id).texts) {
            if (text.muted)
                continue;
            if (text.start > now) {
                if (!entry || text.start < *entry)
                    entry = text.start;
                break;
            }
            sounding = sounding || text.end > now;
            last_end = std::max(last_end, text.end);
        }
    }
    if (!entry || sounding || *entry - last_end < rest)
        return 0;
    const double beats = beats_until(project, now, *entry);
    return beats <= counted + 1e-6 ? static_cast<int>(std::ceil(beats - 1e-6)) : 0;
}

} // namespace

std::optional<StagedBand> staged_band(const Schedule& schedule, Frames frame) {
    const Project& project = schedule.project();
    const RunningBand& shape = project.stage->band;
    if (!shape.shown)
        return std::nullopt;
    const double wide = project.settings->picture_width;
    const Seconds now = project.settings->frame_rate.start_of(frame);
    StagedBand band;
    band.line = wide * shape.line / 100;
    band.height = project.settings->picture_height * shape.height / 100;
    const auto x = [&](Seconds time) { return band.line + (time - now).value * shape.speed; };
    const Seconds from = now - Seconds(band.line / shape.speed),
                  until = now + Seconds((wide - band.line) / shape.speed);
    for (const auto& lane : project.lanes) {
        const auto& spans = schedule.spans(lane->id);
        if (holds<CutBody>(lane->kind) && band.cuts.empty())
            for (const auto& shot : spans.shots) {
                const double at = x(project.settings->frame_rate.start_of(shot.start));
                if (at >= 0 && at <= wide)
                    band.cuts.push_back(at);
            }
        if (!part_of<Inked>(*lane) || !part_of<Inked>(*lane)->in_band || lane->muted)
            continue;
        band.rows = std::max(band.rows, part_of<Inked>(*lane)->row + 1);
        for_texts_in(spans.texts, from, until, [&](const TextSpan& span) {
            const auto& body = lane->pins[span.index].body;
            BandText text;
            text.left = x(span.start);
            text.right = x(span.end);
            text.ink = part_of<Inked>(*lane)->ink;
            text.row = part_of<Inked>(*lane)->row;
            text.sounds = span.start <= now && now < span.end;
            if (const auto* word = body_if<WordBody>(&body)) {
                text.text = word->text;
                text.is_word = true;
            } else if (const auto* note = body_if<NoteBody>(&body)) {
                text.text = note->text;
                text.sign = note->sign;
            }
            band.texts.push_back(std::move(text));
        });
    }
    if (shape.counts_in)
        band.counts = count_in(schedule, now);
    return band;
}

} // namespace pulsepin
