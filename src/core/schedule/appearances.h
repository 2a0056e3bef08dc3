// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "schedule/resolve.h"

#include <optional>
#include <string>
#include <vector>

namespace pulsepin {

/// An appearance as it is seen: over the frames [comes, end). Its age counts from `comes`.
struct AppearanceSpan {
    PinId pin;
    std::size_t index = 0; ///< into the lane's pins
    Frames comes;          ///< when it begins to come: as many frames before its beat as its lane says
    Frames beat;           ///< the frame of its anchor
    Frames end;
    double coming = 0; ///< frames that it takes to come,
    double going = 0;  ///< and to go, up to its end
    int row = 0;
    bool muted = false; ///< it, or its lane
    /// Of titles: their words instead of the layer's; empty: the layer's.
    std::string text = {};
    /// Of a line that lights up as it is sung: from each frame on, so many of its words.
    struct Lit {
        Frames from;
        int words = 0;
        friend bool operator==(const Lit&, const Lit&) = default;
    };
    std::vector<Lit> lit = {};
    /// Percent of its words that are lit at a frame; none where it does not light up.
    [[nodiscard]] std::optional<double> lit_at(double frame) const;
};

/// How one appearance comes and goes: as its lane says, unless it has moves of its own.
[[nodiscard]] Showing showing_of(const Showing& lane, const AppearanceBody& one);

/// The appearances of a lane by the frame at which they come. They may overlap. "Until the next" is until the
/// next of its row comes, or to the end of the piece. What would last less than a frame lasts one. What is
/// tied to a word may last as long as the word or its line, and have their text (Showing::words).
[[nodiscard]] std::vector<AppearanceSpan> appearances_of(const Project& project, const Lane& lane,
                                                         const ResolvedLane& resolved);

} // namespace pulsepin
