// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "drawing/timeline/ink.h"
#include "model/pin.h"
#include "parts/palette.h"

#include <QPainter>
#include <vector>

namespace pulsepin {

enum class HeadState { Placed, Outlined };

/// How a head is drawn: its shape tells the kind, and small signs what is special about the pin.
struct HeadLook {
    LaneKind kind;
    HeadState state = HeadState::Placed;
    bool selected = false;
    bool exception = false; ///< corrected by hand, apart from its planting: a dot at its side
    bool locked = false;    ///< a bar below
    bool muted = false;     ///< hollow
    bool doubled = false;   ///< another one acts on the same frame: a second edge behind it
    int colour = 0;         ///< of markers
    int symbol = 0;
};

/// The look of a pin as it is.
[[nodiscard]] HeadLook look_of(const Pin& pin, const Lane& lane, bool selected, bool shares_frame);

/// A pin's head tells its kind by its shape: round is a marker, a notched tab a cut, a triangle a trigger.
/// `at` is the middle of its top for a tab, the left corner's middle for a triangle, its centre for a round
/// one. An outlined head is not placed yet.
void draw_head(QPainter& painter, const HeadLook& look, QPointF at, const Palette& palette);

/// The same by the thousand on one drawing: each look is drawn once and stamped.
class HeadStamps {
public:
    HeadStamps(QPainter& painter, const Palette& palette);
    void draw(const HeadLook& look, QPointF at);
    [[nodiscard]] Ink& ink() { return ink_; }

private:
    struct Stamp {
        LaneKind kind;
        quint64 code;
        QImage image;
    };
    const QImage& stamp_of(const HeadLook& look);
    QPainter& painter_;
    const Palette& palette_;
    Ink ink_;
    double ratio_; ///< pixels of a unit
    std::vector<Stamp> stamps_;
    std::size_t last_ = 0;
};

inline void draw_head(QPainter& painter, LaneKind kind, QPointF at, const Palette& palette, HeadState state,
                      bool selected) {
    HeadLook look;
    look.kind = kind;
    look.state = state;
    look.selected = selected;
    draw_head(painter, look, at, palette);
}

[[nodiscard]] QColor head_colour(LaneKind kind, const Palette& palette);
[[nodiscard]] QColor head_colour(const HeadLook& look, const Palette& palette);

[[nodiscard]] QColor stem_colour(const QColor& head);

/// The line from a pin up to the beat ruler, dashed: it is not tied to the grid. What is has a solid one.
void draw_loose_stem(QPainter& painter, double x, double top, double bottom, const QColor& colour);

} // namespace pulsepin
