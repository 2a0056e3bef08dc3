// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/lights.h"
#include "schedule/resolve.h"

#include <algorithm>
#include <optional>
#include <vector>

namespace pulsepin {

/// One lamp lit once, by a pin: over the frames [start, end).
struct LightSpan {
    PinId pin;
    std::size_t index = 0;   ///< into the lane's pins
    std::size_t fixture = 0; ///< into Rig::fixtures
    Frames start, end;
    bool muted = false;    ///< it, or its lane
    bool conflict = false; ///< another pin of the lane lights the same lamp meanwhile
};

/// All of a lane, by their start; what was asked for at a moment is found quickly.
struct LightSpans {
    std::vector<LightSpan> all;
    std::vector<Frames> latest_end;  ///< of all up to each
    std::optional<PinId> unlit_from; ///< the first pin of which not all was lit: there was no room for more
    bool latest_first = false;       ///< Lighting::latest

    /// Calls `see` with each that lasts at a frame, the latest first.
    template <class See>
    void at(double frame, See see) const {
        auto i = static_cast<std::size_t>(
            std::partition_point(
                all.begin(), all.end(),
                [&](const LightSpan& one) { return static_cast<double>(one.start.value) <= frame; }) -
            all.begin());
        while (i > 0 && static_cast<double>(latest_end[i - 1].value) > frame)
            if (const auto& one = all[--i]; static_cast<double>(one.end.value) > frame)
                see(one);
    }
};

/// The lamps of a lane's pins in the order of their patterns. What would last less than a frame lasts one;
/// "until the next" until the next pin that lights one of the same lamps. A pattern by turns changes at most
/// some thousand times, and a lane lights its lamps at most `most_light_spans` times: what a few lines of a
/// file can ask for would fill any memory.
inline constexpr std::size_t most_light_spans = 1'000'000;
[[nodiscard]] LightSpans lights_of(const Project& project, const Lane& lane, const ResolvedLane& resolved);

/// How its strength goes over its length: its own course, or that of attack and fall; no points: it is held.
[[nodiscard]] std::vector<TriggerAct::Point> course_of(const LightBody& body);

/// Light of a lamp in shares of its full level.
struct Lit {
    double red = 0, green = 0, blue = 0;
    [[nodiscard]] bool dark() const { return red <= 0 && green <= 0 && blue <= 0; }
    friend bool operator==(const Lit&, const Lit&) = default;
};
/// Of a span at a frame that it lasts at; frames may be parts of one. Colours go over in a straight line.
[[nodiscard]] Lit lit_by(const LightBody& body, const LightSpan& span, double frame);
[[nodiscard]] Lit lit_as(Colour colour, double share);
[[nodiscard]] Colour colour_of(const Lit& lit);

} // namespace pulsepin
