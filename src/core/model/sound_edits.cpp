// SPDX-License-Identifier: GPL-3.0-or-later
#include "model/sound_edits.h"

#include "model/anchored_time.h"
#include "model/edits.h"

#include <algorithm>

namespace pulsepin {

TrimmedSound trimmed(const SoundBody& body, SoundEdge edge, Seconds by, std::optional<Seconds> available) {
    constexpr Seconds shortest(0.01);
    TrimmedSound result{body, Seconds(0)};
    auto& b = result.body;
    switch (edge) {
    case SoundEdge::Start: {
        const Seconds moved = std::clamp(by, -body.in_point, body.length - shortest);
        b.in_point += moved;
        b.length -= moved;
        result.start_moved = moved;
        break;
    }
    case SoundEdge::End: {
        const Seconds most = available ? std::max(*available - body.in_point, shortest) : Seconds(1e6);
        b.length = std::clamp(body.length + by, shortest, most);
        break;
    }
    case SoundEdge::FadeIn:
        b.fade_in = std::clamp(body.fade_in + by, Seconds(0), body.length - body.fade_out);
        break;
    case SoundEdge::FadeOut:
        b.fade_out = std::clamp(body.fade_out - by, Seconds(0), body.length - body.fade_in);
        break;
    }
    // Fades that no longer fit give way.
    b.fade_in = std::min(b.fade_in, b.length);
    b.fade_out = std::min(b.fade_out, b.length - b.fade_in);
    return result;
}

Result<Project> with_sound_trimmed(const Project& project, PinId sound, SoundEdge edge, Seconds by,
                                   std::optional<Seconds> available) {
    const Pin* pin = project.pin(sound);
    const auto* body = pin ? body_if<SoundBody>(&pin->body) : nullptr;
    const auto start = body ? anchored_time(pin->anchor, project) : std::nullopt;
    if (!start)
        return fail("Only a sound can be trimmed.");
    const auto changed = trimmed(*body, edge, by, available);
    auto next = with_body(project, sound, changed.body);
    if (!next || changed.start_moved == Seconds(0))
        return next;
    const Seconds moved_to = *start + changed.start_moved;
    Anchor anchor = TimeAnchor{moved_to};
    if (std::holds_alternative<MusicalAnchor>(pin->anchor) && project.grid) {
        const Ticks tick = project.grid->nearest_tick(moved_to);
        anchor = MusicalAnchor{tick, moved_to - project.grid->time_at(tick)};
    }
    return with_anchor(*next, sound, anchor);
}

} // namespace pulsepin
