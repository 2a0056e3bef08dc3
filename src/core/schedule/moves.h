// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/showing.h"

#include <optional>
#include <span>
#include <string_view>

namespace pulsepin {

/// What a move makes of what appears.
struct Moved {
    double x = 0, y = 0; ///< in the picture's pixels
    double scale = 1, rotation = 0, opacity = 1;
    double shown = 1; ///< share of a title that is there
    double wiped = 1; ///< share over which a wipe has opened,
    double wipe_angle = 0;
    double behind = 0; ///< share of its own size that it is still behind what stands before it
    friend bool operator==(const Moved&, const Moved&) = default;
};

/// A way to come or to go.
struct MoveRow {
    std::string_view id;
    std::string_view label;
    /// `away`: 1 before it came, 0 once it is there; beyond while it overshoots.
    void (*move)(Moved&, double away, int width, int height);
};
[[nodiscard]] std::span<const MoveRow> moves();
/// Null when there is none of that id.
[[nodiscard]] const MoveRow* move_row(std::string_view id);

/// What it does in between, again and again.
struct LoopRow {
    std::string_view id;
    std::string_view label;
    /// `turn`: 0 to 1; `amount`: 1 is what is usual.
    void (*move)(Moved&, double turn, double amount, int width, int height);
};
[[nodiscard]] std::span<const LoopRow> loops();
[[nodiscard]] const LoopRow* loop_row(std::string_view id);

/// An appearance at a moment: how long it is there, and how long it still will be.
struct AppearanceMoment {
    double age = 0;                        ///< frames since it began to come
    double left = 0;                       ///< frames until it has gone
    double coming = 0, going = 0;          ///< frames that it takes
    std::optional<double> loop_turns = {}; ///< turns of what it does in between
    int width = 1280, height = 720;
};
[[nodiscard]] Moved moved_at(const Showing& showing, const AppearanceMoment& moment);

} // namespace pulsepin
